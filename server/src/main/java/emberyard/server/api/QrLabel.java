package emberyard.server.api;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A QR label as SVG: what it says is an address. */
public final class QrLabel {
  private QrLabel() {}

  public static String svg(String address, double sizeMm) {
    try {
      BitMatrix dots =
          new QRCodeWriter()
              .encode(address, BarcodeFormat.QR_CODE, 1, 1, Map.of(EncodeHintType.MARGIN, 2));
      StringBuilder path = new StringBuilder();
      for (int y = 0; y < dots.getHeight(); y++) {
        for (int x = 0; x < dots.getWidth(); x++) {
          if (dots.get(x, y)) {
            path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
          }
        }
      }
      return "<svg xmlns='http://www.w3.org/2000/svg' width='%smm' height='%smm' viewBox='0 0 %d %d'><path d='%s' fill='#000'/></svg>"
          .formatted(sizeMm, sizeMm, dots.getWidth(), dots.getHeight(), path);
    } catch (WriterException tooLong) {
      throw new IllegalStateException(tooLong);
    }
  }
}
