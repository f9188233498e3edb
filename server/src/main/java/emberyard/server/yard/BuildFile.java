package emberyard.server.yard;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * A build as one file.
 *
 * @param format always {@link #FORMAT}
 * @param version of the format; 1 froze only the look of a concept, 2 knew rectangular parts only,
 *     3 knew finishes of primer, colour and clear only, 4 knew no gloss of paints and no pixels of
 *     the library’s screens, 5 and 6 knew whether an order was paid, and no payments, 7 knew no
 *     offers
 * @param things the build's own things, in order
 * @param uses things of the workshop that the build refers to (sheets, paints, suppliers), so that
 *     it means the same elsewhere
 * @param pictures JPEG files in Base64 by their SHA-256
 * @param meshes STL files in Base64 by their SHA-256
 */
record BuildFile(
    String format,
    int version,
    List<Entry> things,
    List<Entry> uses,
    Map<String, String> pictures,
    Map<String, String> meshes) {
  static final String FORMAT = "ember-yard-build";
  static final int VERSION = 8;

  /**
   * @param kind word of the API ("panels")
   * @param value the thing as the API shows it
   */
  record Entry(String kind, JsonNode value) {}
}
