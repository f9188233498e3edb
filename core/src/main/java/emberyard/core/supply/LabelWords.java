package emberyard.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what people type of labels: numbers with a unit, sides, counted pieces, words. */
final class LabelWords {
  private static final Pattern NUMBER = Pattern.compile("\\d[\\d.,]*");
  private static final Pattern WITH_UNIT =
      Pattern.compile("(\\d[\\d.,]*)\\s*(tib|gib|mib|tb|gb|mb|mm|cm|m|in|inch|inches|\"|″)?");
  private static final Pattern COUNTED = Pattern.compile("(\\d+)\\s*[xX×*]\\s*(.+)");
  private static final Pattern THOUSANDS =
      Pattern.compile("[1-9]\\d{0,2}(,\\d{3})+|[1-9]\\d{0,2}(\\.\\d{3}){2,}");
  private static final double INCH_MM = 25.4;

  private LabelWords() {}

  /** Letters and digits in small letters: "M.2 NVMe" and "m2-nvme" are the same. */
  static String plain(String words) {
    return words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "");
  }

  /**
   * A number as people write it: a comma before three digits parts thousands, another one is a
   * decimal comma.
   *
   * <p>Examples: "1,920" is 1920, "2,86" 2.86, "0,125" 0.125, "3.200,5" 3200.5.
   */
  static double number(String text) {
    String digits = text.replaceAll("[.,]+$", "");
    int point = Math.max(digits.lastIndexOf(','), digits.lastIndexOf('.'));
    if (point < 0 || THOUSANDS.matcher(digits).matches()) {
      return Double.parseDouble(digits.replaceAll("[.,]", ""));
    }
    String whole = digits.substring(0, point).replaceAll("[.,]", "");
    return Double.parseDouble(whole + "." + digits.substring(point + 1));
  }

  /** All numbers in it. */
  static List<Double> numbers(String words) {
    List<Double> numbers = new ArrayList<>();
    Matcher matcher = NUMBER.matcher(words);
    while (matcher.find()) {
      numbers.add(number(matcher.group()));
    }
    return numbers;
  }

  /** Amounts in mm or GB: each with its own unit, or that of the next which has one. */
  static List<Double> amounts(String words) {
    List<Double> amounts = new ArrayList<>();
    List<Double> plain = new ArrayList<>();
    Matcher matcher = WITH_UNIT.matcher(words.toLowerCase(Locale.ROOT));
    while (matcher.find()) {
      plain.add(number(matcher.group(1)));
      if (matcher.group(2) != null) {
        double each = worth(matcher.group(2));
        plain.forEach(number -> amounts.add(number * each));
        plain.clear();
      }
    }
    amounts.addAll(plain);
    return amounts;
  }

  private static double worth(String unit) {
    return switch (unit) {
      case "tb", "tib", "m" -> 1_000;
      case "mb", "mib" -> 0.001;
      case "cm" -> 10;
      case "in", "inch", "inches", "\"", "″" -> INCH_MM;
      default -> 1;
    };
  }

  /** How many of each, whatever the order: "2 × 8-pin, 1 HDMI" is {8pin=2, hdmi=1}. */
  static TreeMap<String, Integer> pieces(String words) {
    TreeMap<String, Integer> pieces = new TreeMap<>();
    for (String part : words.split("[,;+&]|\\band\\b")) {
      Matcher counted = COUNTED.matcher(part.strip());
      boolean many = counted.matches();
      String name = plain(many ? counted.group(2) : part);
      if (!name.isEmpty()) {
        int count = many ? (int) Math.min(9_999, Long.parseLong(clip(counted.group(1)))) : 1;
        pieces.merge(name, count, Integer::sum);
      }
    }
    return pieces;
  }

  private static String clip(String digits) {
    return digits.substring(0, Math.min(9, digits.length()));
  }
}
