package emberyard.server.files;

import emberyard.core.units.InvalidValue;
import emberyard.server.refusal.AtOnce;
import emberyard.server.store.KeptFiles;
import emberyard.server.store.MissingThing;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Pictures in the data folder, named by their SHA-256, drawn anew so that no metadata stays. */
@Component
public class PictureFiles {
  private static final int WIDEST = 2_000;
  private static final long MOST_PIXELS = 60_000_000;

  private final KeptFiles files;

  /** A picture of 60 million pixels takes 180 MB while it is drawn. */
  private final AtOnce drawing =
      new AtOnce(2, 10, "Several pictures are being read just now. Try again in a moment.");

  PictureFiles(@Value("${ember.data}") String data) {
    files = new KeptFiles(Path.of(data, "pictures"));
  }

  /**
   * Keeps a picture.
   *
   * @return its SHA-256
   * @throws InvalidValue when it is no JPEG or PNG, or has over 60 million pixels; its header is
   *     read before anything is unpacked
   */
  public String keep(byte[] bytes) throws IOException {
    checkHeader(bytes);
    return drawing.run(() -> files.keep(drawn(bytes)));
  }

  private static byte[] drawn(byte[] bytes) {
    ByteArrayOutputStream drawn = new ByteArrayOutputStream();
    try {
      BufferedImage image =
          Thumbnails.of(new ByteArrayInputStream(bytes)).scale(1).asBufferedImage();
      int width = Math.min(WIDEST, image.getWidth());
      Thumbnails.of(image)
          .size(width, WIDEST)
          .imageType(BufferedImage.TYPE_INT_RGB)
          .outputFormat("jpg")
          .outputQuality(0.88)
          .toOutputStream(drawn);
    } catch (IOException | IllegalArgumentException | IllegalStateException damaged) {
      throw new InvalidValue("file", "The picture is damaged and can't be opened.");
    }
    return drawn.toByteArray();
  }

  /**
   * Keeps a picture that was drawn here before, as a build file brings it.
   *
   * @throws InvalidValue when it is not the picture with this SHA-256, or no picture
   */
  public void keepAs(String sha256, byte[] bytes) throws IOException {
    if (!KeptFiles.sha256(bytes).equals(sha256)) {
      throw new InvalidValue("pictures", "A picture in the file is damaged.");
    }
    checkHeader(bytes);
    files.keep(bytes);
  }

  /** The file of a picture. */
  public Path find(String sha256) {
    return files.find(sha256).orElseThrow(() -> new MissingThing("This picture is not here."));
  }

  private static void checkHeader(byte[] bytes) throws IOException {
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        throw noPicture();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(stream);
        String format = reader.getFormatName().toLowerCase(Locale.ROOT);
        if (!format.equals("jpeg") && !format.equals("png")) {
          throw noPicture();
        }
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
          throw new InvalidValue("file", "The picture has over 60 million pixels.");
        }
      } catch (IOException damaged) {
        throw noPicture();
      } finally {
        reader.dispose();
      }
    }
  }

  private static InvalidValue noPicture() {
    return new InvalidValue("file", "This is no picture: take a JPEG or a PNG.");
  }
}
