package emberyard.server.api;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;

/** Turns our own XHTML into a PDF, in the font family “Sheet” that ships with the program. */
public final class PdfPage {
  private static final String FONTS = "/net/sf/jasperreports/fonts/dejavu/DejaVuSansCondensed";

  private PdfPage() {}

  public static byte[] of(String xhtml) {
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.withHtmlContent(xhtml, null);
    builder.useSVGDrawer(new BatikSVGDrawer());
    builder.useFont(font(".ttf"), "Sheet", 400, PdfRendererBuilder.FontStyle.NORMAL, true);
    builder.useFont(font("-Bold.ttf"), "Sheet", 700, PdfRendererBuilder.FontStyle.NORMAL, true);
    builder.toStream(pdf);
    try {
      builder.run();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return pdf.toByteArray();
  }

  private static FSSupplier<InputStream> font(String file) {
    return () -> PdfPage.class.getResourceAsStream(FONTS + file);
  }
}
