package emberyard.core.make.file;

import emberyard.core.units.InvalidValue;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/** Splits a DXF text into its named groups: lines come in twos, a code and its value. */
final class DxfPairs {
  private static final int MOST_ENTITIES = 200_000;

  private DxfPairs() {}

  static List<DxfEntity> of(String dxf) {
    List<DxfEntity> entities = new ArrayList<>();
    List<DxfEntity.Pair> pairs = new ArrayList<>();
    String kind = "";
    boolean ended = false;
    Iterator<String> lines = dxf.lines().iterator();
    while (lines.hasNext() && !ended) {
      int code = code(lines.next());
      if (!lines.hasNext()) {
        break;
      }
      String value = lines.next().trim();
      if (code == 0 || code == 9) {
        entities.add(new DxfEntity(kind, pairs));
        pairs = new ArrayList<>();
        kind = value;
        ended = code == 0 && value.equals("EOF");
      } else if (code != 999) {
        pairs.add(new DxfEntity.Pair(code, value));
      }
      if (entities.size() > MOST_ENTITIES) {
        throw new InvalidValue("file", "The drawing has more than 200,000 entries.");
      }
    }
    if (!ended) {
      throw new InvalidValue("file", "The drawing is cut off: it has no end mark. Send it again.");
    }
    return entities;
  }

  private static int code(String line) {
    try {
      return Integer.parseInt(line.trim());
    } catch (NumberFormatException wrong) {
      throw new InvalidValue("file", "The file is no readable DXF drawing.");
    }
  }
}
