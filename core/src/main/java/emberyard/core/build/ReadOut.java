package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * One thing that a canvas shows.
 *
 * @param xMm from the canvas's left edge to its own, −5,000 to 5,000 mm
 * @param yMm from the canvas's lower edge to its own, −5,000 to 5,000 mm
 * @param widthMm 1 to 5,000 mm
 * @param heightMm 1 to 5,000 mm
 * @param source name of the value in the feed, like {@code coolant.celsius}; empty for none
 * @param words what it says, or is called
 * @param unit written behind its number
 * @param lowest of its scale, null for what its kind suggests; so is highest
 * @param highest of its scale
 * @param goodFrom least that is well, null for no least
 * @param goodTo most that is well, null for no most
 * @param capitalMm height of its capitals, 0.5 to 500 mm; null for what can be read from where one
 *     stands, as far as its box is high enough
 * @param inkHex null for what is seen best on the canvas's ground
 * @param minutes that a curve looks back, 1 to 1,440; null for {@link #MINUTES}
 * @param table times and what belongs to them, a line each; see {@link ReadOutTable}
 * @param nth of a timetable that is shown: 1 for the next; 1 to 20, 1 where it is left out
 * @param eased whether the curve of a day turns softly at its points, as the tide does
 * @param art lines of a picture as an SVG path in mm from its upper left corner, filled
 */
@RecordBuilder
public record ReadOut(
    String id,
    ReadOutKind kind,
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    String source,
    String words,
    String unit,
    @Nullable Double lowest,
    @Nullable Double highest,
    @Nullable Double goodFrom,
    @Nullable Double goodTo,
    @Nullable Double capitalMm,
    @Nullable String inkHex,
    @Nullable Double minutes,
    String table,
    Integer nth,
    Boolean eased,
    String art)
    implements ReadOutBuilder.With {
  /** How far a curve looks back where nobody has said, minutes; a default. */
  public static final double MINUTES = 20;

  private static final int LONGEST = 4_000;
  private static final Pattern SOURCE = Pattern.compile("[A-Za-z0-9_.-]{0,60}");
  private static final Pattern ART = Pattern.compile("[MmLlHhVvCcSsQqTtAaZz0-9eE+., \\n-]*");

  public ReadOut {
    Require.text("id", id);
    Require.given("kind", kind);
    Require.between("xMm", xMm, -5_000, 5_000, "mm");
    Require.between("yMm", yMm, -5_000, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
    source = Require.textOrEmpty("source", source).strip();
    Require.that(
        SOURCE.matcher(source).matches(),
        "source",
        "A value is named with letters, digits, dots and dashes, like coolant.celsius.");
    words = Require.textOrEmpty("words", words);
    unit = Require.textOrEmpty("unit", unit);
    scale("lowest", lowest);
    scale("highest", highest);
    scale("goodFrom", goodFrom);
    scale("goodTo", goodTo);
    rises("highest", lowest, highest, "The scale’s highest is above its lowest.");
    rises("goodTo", goodFrom, goodTo, "The most that is well is above the least.");
    if (capitalMm != null) {
      Require.between("capitalMm", capitalMm, 0.5, 500, "mm");
    }
    if (inkHex != null) {
      Colour.hex("inkHex", inkHex);
    }
    if (minutes != null) {
      Require.between("minutes", minutes, 1, 1_440, "min");
    }
    table = Require.textOrEmpty("table", table);
    Require.that(table.length() <= LONGEST, "table", "A table has 4,000 characters at most.");
    nth = nth == null ? 1 : nth;
    Require.between("nth", nth, 1, 20, "");
    eased = eased != null && eased;
    art = Require.textOrEmpty("art", art);
    Require.that(art.length() <= LONGEST, "art", "A picture has 4,000 characters at most.");
    Require.that(
        ART.matcher(art).matches(), "art", "Art is an SVG path: letters M L C A Z and numbers.");
    ReadOutTable.check(kind, table);
  }

  private static void scale(String field, @Nullable Double value) {
    if (value != null) {
      Require.between(field, value, -1e9, 1e9, "");
    }
  }

  private static void rises(
      String field, @Nullable Double low, @Nullable Double high, String sentence) {
    Require.that(low == null || high == null || high > low, field, sentence);
  }

  /** A read-out of which no more is known than what it is and where it lies. */
  public static ReadOutBuilder one(
      String id, ReadOutKind kind, double xMm, double yMm, double widthMm, double heightMm) {
    return ReadOutBuilder.builder()
        .id(id)
        .kind(kind)
        .xMm(xMm)
        .yMm(yMm)
        .widthMm(widthMm)
        .heightMm(heightMm);
  }

  /** How far its curve looks back, minutes. */
  public double lookBackMinutes() {
    return minutes == null ? MINUTES : minutes;
  }

  /** Whether a number is too high for what is well, 1, too low, −1, or well, 0. */
  public int strays(double value) {
    return goodTo != null && value > goodTo ? 1 : goodFrom != null && value < goodFrom ? -1 : 0;
  }

  /** Whether anybody has said what is well. */
  public boolean judged() {
    return goodFrom != null || goodTo != null;
  }
}
