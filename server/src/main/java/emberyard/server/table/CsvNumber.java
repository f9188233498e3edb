package emberyard.server.table;

import java.util.regex.Pattern;

/**
 * Numbers in CSV files, in and out: digits and a point, whatever marks the workshop types with. A
 * comma is refused and never read as something else; so are exponents and words.
 */
public final class CsvNumber {
  private static final Pattern PLAIN = Pattern.compile("[-+]?\\d{1,15}(\\.\\d{1,15})?");
  private static final Pattern WHOLE = Pattern.compile("[-+]?\\d{1,15}");

  private CsvNumber() {}

  /**
   * {@code "3.5"} → 3.5.
   *
   * @throws NumberFormatException for anything else, with a sentence that says what would do
   */
  public static double read(String cell) {
    return Double.parseDouble(plain(cell, PLAIN, "3.5"));
  }

  /** {@code "350"} → 350. Throws as {@link #read}. */
  public static long whole(String cell) {
    return Long.parseLong(plain(cell, WHOLE, "350"));
  }

  private static String plain(String cell, Pattern form, String example) {
    String text = cell.trim();
    if (!form.matcher(text).matches()) {
      throw new NumberFormatException(
          "“%s” can’t be read: numbers in a CSV have a point and no marks between thousands, as %s"
              .formatted(text, example));
    }
    return text;
  }
}
