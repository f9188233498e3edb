package emberyard.core.build;

import emberyard.core.colour.Colour;
import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * The arithmetic of a requirement: measure, comparison, limit.
 *
 * @param value in the measure's unit, 0 to 10⁹; for a day it is ignored
 * @param day the limit of {@link Measure#REVEAL_DAY}, null for all others
 * @param targetHex the colour aimed at, for {@link Measure#COLOUR_DELTA_E00} only
 * @param face the one face it is about, null for all that show
 * @param support name of the one it is about, for {@link Measure#SUPPORT_KG}; empty for whichever
 *     carries most
 * @param reading what an instrument showed, for measures that are read; null before
 */
@FigureKey("build/{buildId}/requirements/{id}")
public record Limit(
    Measure measure,
    Comparison comparison,
    @FigureKey("build/{buildId}/requirements/{id}/limit") double value,
    @Nullable LocalDate day,
    @Nullable String targetHex,
    @Nullable Face face,
    String support,
    @Nullable Double reading) {
  public Limit {
    Require.given("measure", measure);
    Require.given("comparison", comparison);
    Require.between("value", value, 0, 1e9, measure.unit());
    Require.that(
        (measure == Measure.REVEAL_DAY) == (day != null),
        "day",
        "Give the day it has to be ready by.");
    if (measure == Measure.COLOUR_DELTA_E00) {
      Colour.hex("targetHex", targetHex);
    }
    support = Require.textOrEmpty("support", support);
    if (reading != null) {
      Require.between("reading", reading, -50, 1e6, measure.unit());
    }
  }

  /** A plain limit. */
  public static Limit of(Measure measure, Comparison comparison, double value) {
    return new Limit(measure, comparison, value, null, null, null, "", null);
  }

  /** Ready on or before this day. */
  public static Limit by(LocalDate day) {
    return new Limit(Measure.REVEAL_DAY, Comparison.AT_MOST, 0, day, null, null, "", null);
  }

  /** The number to compare with: days since 1970 for a day. */
  public double number() {
    return day == null ? value : day.toEpochDay();
  }
}
