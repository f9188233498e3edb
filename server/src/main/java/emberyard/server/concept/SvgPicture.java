package emberyard.server.concept;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.PNGTranscoder;

/** Paints our own SVG into pixels; it is never given a file from outside. */
final class SvgPicture {
  private static final float MM_PER_PIXEL = 0.5f;

  private SvgPicture() {}

  static byte[] png(byte[] svg) {
    PNGTranscoder painter = new PNGTranscoder();
    painter.addTranscodingHint(PNGTranscoder.KEY_PIXEL_UNIT_TO_MILLIMETER, MM_PER_PIXEL);
    painter.addTranscodingHint(PNGTranscoder.KEY_ALLOW_EXTERNAL_RESOURCES, Boolean.FALSE);
    painter.addTranscodingHint(PNGTranscoder.KEY_EXECUTE_ONLOAD, Boolean.FALSE);
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
