package emberyard.server.table;

/**
 * Cells that a spreadsheet would run as a formula get an apostrophe in front; reading takes it off
 * again, so a round trip loses nothing.
 */
public final class SafeCell {
  private static final String FORMULA_STARTS = "=+-@\t\r'";

  private SafeCell() {}

  public static String safe(String text) {
    return !text.isEmpty() && FORMULA_STARTS.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }

  public static String plain(String text) {
    return text.startsWith("'") ? text.substring(1) : text;
  }
}
