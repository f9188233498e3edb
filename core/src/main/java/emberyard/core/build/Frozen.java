package emberyard.core.build;

import emberyard.core.units.FigureKey;
import emberyard.core.units.Require;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/**
 * The record of a concept that was chosen.
 *
 * @param by who chose
 * @param priceMinor what was quoted, tax included, minor units
 * @param finishOn the planned finish on that day
 * @param design what was chosen
 * @param curve how much work the plan meant to have done by which day, days ascending: the
 *     yardstick of the ember
 */
@FigureKey(value = "build/{buildId}/agreements/{at}", apart = true)
public record Frozen(
    String by,
    Instant at,
    @FigureKey("build/{buildId}/{agreement|agreed}") long priceMinor,
    LocalDate finishOn,
    Design design,
    List<CurvePoint> curve) {
  public Frozen {
    Require.text("by", by);
    Require.given("at", at);
    Require.between("priceMinor", priceMinor, 0, 1_000_000_000_000L, "minor units");
    Require.given("finishOn", finishOn);
    Require.given("design", design);
    curve = Require.list(curve);
  }

  /** By the end of {@code date} this many hands-on minutes were meant to be done. */
  public record CurvePoint(LocalDate date, long minutes) {
    public CurvePoint {
      Require.given("date", date);
      Require.between("minutes", minutes, 0, 100_000_000, "min");
    }
  }

  /** Hands-on minutes of the whole plan on that day. */
  public long minutes() {
    return curve.stream().mapToLong(CurvePoint::minutes).max().orElse(0);
  }
}
