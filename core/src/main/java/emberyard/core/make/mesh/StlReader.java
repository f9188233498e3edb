package emberyard.core.make.mesh;

import emberyard.core.units.InvalidValue;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.StringTokenizer;

/** Reads STL, ASCII or binary; units are taken for mm. */
public final class StlReader {
  /** Most triangles of a part that is printed here. */
  public static final int MOST_TRIANGLES = 250_000;

  private static final int HEADER = 84;
  private static final int RECORD = 50;
  private static final float FARTHEST_MM = 10_000;

  private StlReader() {}

  /**
   * @throws InvalidValue (field {@code file}) with a sentence where it can't be used
   */
  public static Mesh read(byte[] file) {
    Mesh mesh = ascii(file) ? readAscii(file) : readBinary(file);
    if (mesh.triangles() == 0) {
      throw new InvalidValue("file", "The mesh has no triangle.");
    }
    for (float value : mesh.corners()) {
      if (!(Math.abs(value) <= FARTHEST_MM)) {
        throw new InvalidValue(
            "file", "A corner of the mesh lies more than 10 m away: the file is damaged.");
      }
    }
    return mesh;
  }

  /** A binary file may begin with "solid" too: then its length gives it away. */
  private static boolean ascii(byte[] file) {
    String start = new String(file, 0, Math.min(5, file.length), StandardCharsets.US_ASCII);
    if (!start.equals("solid")) {
      return false;
    }
    String head = new String(file, 0, Math.min(400, file.length), StandardCharsets.US_ASCII);
    return head.contains("facet") || file.length < HEADER;
  }

  private static Mesh readBinary(byte[] file) {
    if (file.length < HEADER) {
      throw new InvalidValue("file", "The file is no STL mesh.");
    }
    ByteBuffer bytes = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
    long count = Integer.toUnsignedLong(bytes.getInt(80));
    if (file.length != HEADER + RECORD * count) {
      throw new InvalidValue(
          "file",
          "The mesh says it has %,d triangles and the file has room for %,d: it is damaged or no STL."
              .formatted(count, (file.length - HEADER) / RECORD));
    }
    check(count);
    float[] corners = new float[(int) count * 9];
    for (int t = 0; t < count; t++) {
      for (int k = 0; k < 9; k++) {
        corners[9 * t + k] = bytes.getFloat(HEADER + RECORD * t + 12 + 4 * k);
      }
    }
    return new Mesh(corners);
  }

  private static void check(long triangles) {
    if (triangles > MOST_TRIANGLES) {
      throw new InvalidValue(
          "file", "The mesh has more than 250,000 triangles: make it coarser first.");
    }
  }

  private static Mesh readAscii(byte[] file) {
    StringTokenizer words =
        new StringTokenizer(new String(file, StandardCharsets.US_ASCII), " \t\r\n");
    float[] corners = new float[9 * 1_024];
    int count = 0;
    boolean ended = false;
    while (words.hasMoreTokens()) {
      String word = words.nextToken();
      if (word.equals("vertex")) {
        if (count + 3 > corners.length) {
          check((count + 3) / 9);
          corners = Arrays.copyOf(corners, 2 * corners.length);
        }
        for (int k = 0; k < 3; k++) {
          corners[count++] = number(words);
        }
      }
      ended |= word.equals("endsolid");
    }
    if (!ended || count % 9 != 0) {
      throw new InvalidValue("file", "The mesh is cut off: it has no end. Send it again.");
    }
    check(count / 9);
    return new Mesh(Arrays.copyOf(corners, count));
  }

  private static float number(StringTokenizer words) {
    try {
      return Float.parseFloat(words.nextToken());
    } catch (RuntimeException wrong) {
      throw new InvalidValue("file", "A corner of the mesh is no number.");
    }
  }
}
