package emberyard.server.colour;

import emberyard.core.colour.Colour;
import emberyard.core.units.InvalidValue;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads the colours of an uploaded picture without keeping it. The header is judged before anything
 * is unpacked; large pictures are read coarsely; metadata is never looked at.
 */
final class PictureReader {
  /** Longer than this on a side no picture is opened. */
  static final int LONGEST_SIDE = 12_000;

  static final long MOST_PIXELS = 60_000_000;
  private static final Set<String> FORMATS = Set.of("jpeg", "png");
  private static final int SMALL = 96;

  private PictureReader() {}

  /**
   * @return the picture's pixels, scaled down to at most 96 a side
   * @throws InvalidValue for anything but a whole JPEG or PNG of reasonable size
   */
  static List<Colour> pixels(byte[] bytes) {
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        throw noPicture();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(stream, true, true);
        return colours(small(reader));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException damaged) {
      throw damaged instanceof InvalidValue refused
          ? refused
          : new InvalidValue("picture", "The picture is damaged and can't be opened.");
    }
  }

  private static BufferedImage small(ImageReader reader) throws IOException {
    if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
      throw noPicture();
    }
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    if (width > LONGEST_SIDE || height > LONGEST_SIDE || (long) width * height > MOST_PIXELS) {
      throw new InvalidValue(
          "picture",
          "The picture is %,d × %,d pixels; at most 12,000 a side and 60 million are opened."
              .formatted(width, height));
    }
    ImageReadParam coarse = reader.getDefaultReadParam();
    int step = Math.max(1, Math.max(width, height) / (SMALL * 4));
    coarse.setSourceSubsampling(step, step, 0, 0);
    return scaled(reader.read(0, coarse));
  }

  private static BufferedImage scaled(BufferedImage image) {
    double scale = Math.min(1, (double) SMALL / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
    BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D pen = small.createGraphics();
    // blending neighbours would invent colours along every edge
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_NEAREST_NEIGHBOR);
    pen.drawImage(image, 0, 0, width, height, null);
    pen.dispose();
    return small;
  }

  /** Pixels that are mostly transparent are no colour. */
  private static List<Colour> colours(BufferedImage image) {
    List<Colour> colours = new ArrayList<>();
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int argb = image.getRGB(x, y);
        if (argb >>> 24 >= 128) {
          colours.add(Colour.hex(String.format("#%06X", argb & 0xFFFFFF)));
        }
      }
    }
    if (colours.isEmpty()) {
      throw new InvalidValue("picture", "The picture is all transparent: it has no colours.");
    }
    return colours;
  }

  private static InvalidValue noPicture() {
    return new InvalidValue("picture", "This is no picture: take a JPEG or a PNG.");
  }
}
