package emberyard.server.drawing;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.PNGTranscoder;

/** Paints our own SVG into pixels; it is never given a file from outside. */
public final class SvgPicture {
  private static final float MM_PER_PIXEL = 0.5f;

  private SvgPicture() {}

  /** As large as it is in mm, 2 pixels a mm. */
  public static byte[] png(byte[] svg) {
    PNGTranscoder painter = painter();
    painter.addTranscodingHint(PNGTranscoder.KEY_PIXEL_UNIT_TO_MILLIMETER, MM_PER_PIXEL);
    return painted(painter, svg);
  }

  /** Into so many pixels, whatever its size. */
  public static byte[] png(byte[] svg, int pixelsWide, int pixelsHigh) {
    PNGTranscoder painter = painter();
    painter.addTranscodingHint(PNGTranscoder.KEY_WIDTH, (float) pixelsWide);
    painter.addTranscodingHint(PNGTranscoder.KEY_HEIGHT, (float) pixelsHigh);
    return painted(painter, svg);
  }

  private static PNGTranscoder painter() {
    PNGTranscoder painter = new PNGTranscoder();
    painter.addTranscodingHint(PNGTranscoder.KEY_ALLOW_EXTERNAL_RESOURCES, Boolean.FALSE);
    painter.addTranscodingHint(PNGTranscoder.KEY_EXECUTE_ONLOAD, Boolean.FALSE);
    return painter;
  }

  private static byte[] painted(PNGTranscoder painter, byte[] svg) {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    try {
      painter.transcode(
          new TranscoderInput(new ByteArrayInputStream(svg)), new TranscoderOutput(png));
    } catch (TranscoderException impossible) {
      throw new IllegalStateException(impossible);
    }
    return png.toByteArray();
  }
}
