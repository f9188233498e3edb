package emberyard.core.make.file;

import emberyard.core.units.InvalidValue;
import java.util.List;

/** A named group of a DXF file with its numbered values. */
record DxfEntity(String kind, List<Pair> pairs) {
  record Pair(int code, String value) {}

  String text(int code, String otherwise) {
    return pairs.stream()
        .filter(p -> p.code() == code)
        .map(Pair::value)
        .findFirst()
        .orElse(otherwise);
  }

  double number(int code, double otherwise) {
    for (Pair pair : pairs) {
      if (pair.code() == code) {
        return number(pair);
      }
    }
    return otherwise;
  }

  static double number(Pair pair) {
    try {
      double value = Double.parseDouble(pair.value().trim());
      if (Double.isNaN(value) || Double.isInfinite(value)) {
        throw new NumberFormatException();
      }
      return value;
    } catch (NumberFormatException wrong) {
      String shown = pair.value().length() > 30 ? pair.value().substring(0, 30) : pair.value();
      throw new InvalidValue("file", "“%s” in the drawing is no number.".formatted(shown));
    }
  }
}
