package emberyard.e2e;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Made-up photos, as PNG. */
final class Pictures {
  private Pictures() {}

  /** Upright bands of equal width side by side, each of one colour (0xRRGGBB). */
  static byte[] bands(int widthPx, int heightPx, int... colours) {
    BufferedImage image = new BufferedImage(widthPx, heightPx, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    for (int i = 0; i < colours.length; i++) {
      int from = i * widthPx / colours.length;
      pen.setColor(new Color(colours[i]));
      pen.fillRect(from, 0, widthPx - from, heightPx);
    }
    pen.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
    return bytes.toByteArray();
  }
}
