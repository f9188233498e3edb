package emberyard.core.fit.worksheet;

import emberyard.core.build.ScrewInto;
import emberyard.core.build.Worksheet.Screw;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The screw to take.
 *
 * @param leastMm grip + engagement
 * @param mostMm grip + depth − 0.5
 * @param lengthMm the longest standard length between them, null where there is none; in wood that
 *     is thinner than 10 mm the longest that bites a diameter deep
 * @param bitesMm how deep that one goes in, null where there is none
 */
public record ScrewLength(
    double leastMm, double mostMm, @Nullable Integer lengthMm, @Nullable Double bitesMm, Why why) {
  /** Lengths that shops keep. */
  public static final List<Integer> STANDARD_MM =
      List.of(4, 5, 6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 60);

  private static final double END_MM = 0.5;

  /** Less of it in wood pulls out. */
  static final double WOOD_MM = 10;

  /**
   * Grip + engagement ≤ length ≤ grip + depth − 0.5. Engagement: 1 diameter in steel, 1.5 in
   * aluminium, 2 in plastic or an insert, 10 mm or all there is in wood. Source: common workshop
   * practice.
   *
   * <p>Example: M3 through 4 mm into an insert 9 mm deep: 10 to 12.5 mm → 12 mm. 4 mm through 6 mm
   * into 8 mm of wood: 13.5 mm would be all there is → 12 mm, which bites 6 mm.
   */
  public static ScrewLength of(Screw screw) {
    double room = screw.depthMm() - END_MM;
    double engagement =
        screw.into() == ScrewInto.WOOD
            ? Math.min(WOOD_MM, room)
            : screw.into().diameters() * screw.diameterMm();
    double least = screw.gripMm() + engagement;
    double most = screw.gripMm() + room;
    boolean thin = screw.into() == ScrewInto.WOOD && room < WOOD_MM;
    double shortest = thin ? screw.gripMm() + screw.diameterMm() : least;
    Integer longest = null;
    for (int length : STANDARD_MM) {
      if (length >= shortest - 1e-9 && length <= most + 1e-9) {
        longest = length;
      }
    }
    return new ScrewLength(
        least,
        most,
        longest,
        longest == null ? null : longest - screw.gripMm(),
        Why.of(
            "grip + engagement ≤ length ≤ grip + depth − 0.5 mm",
            "grip %s mm".formatted(Figures.plain(screw.gripMm())),
            "engagement %s mm in %s".formatted(Figures.plain(engagement), screw.into().words()),
            "depth %s mm".formatted(Figures.plain(screw.depthMm()))));
  }
}
