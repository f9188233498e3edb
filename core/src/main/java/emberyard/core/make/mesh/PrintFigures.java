package emberyard.core.make.mesh;

import emberyard.core.build.MeshFacts;
import emberyard.core.build.PlannedPrint;
import emberyard.core.build.PrintPart;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import emberyard.core.workshop.Machine;
import java.util.Locale;

/**
 * What a print takes, each ±30 %.
 *
 * @param grams of filament for one
 * @param minutes on the printer for one
 * @param cuts pieces it has to be cut into to fit the bed, 1 where it fits
 * @param overhangShare of its area that needs support, for the side that lies down
 * @param shrinkPercent by which the plastic shrinks
 * @param insertHoleMm hole for the heat-set inserts, 0 without
 */
public record PrintFigures(
    double grams,
    double minutes,
    int cuts,
    double overhangShare,
    double shrinkPercent,
    double insertHoleMm,
    Why gramsWhy,
    Why minutesWhy) {
  /** Handbook: plan one reprint in five. */
  public static final double REPRINTS = 0.2;

  private static final double DEPOSIT_MM3_PER_SECOND = 8;

  /**
   * What somebody guessed of a print without a file comes before what is reckoned.
   *
   * <p>Material = volume × (shell share + infill of the rest) × density; shell share = area × wall
   * / volume, at most 1. Time = material volume ÷ deposition rate.
   *
   * <p>Example: a closed cube of 20 mm, wall 1.2, 20 % infill, PLA: shell 36 %, 48.8 % of 8,000
   * mm³, 4.84 g.
   */
  public static PrintFigures of(PrintPart part, String plastic, Machine printer) {
    MeshFacts mesh = part.mesh();
    double shell =
        mesh.volumeMm3() == 0 ? 1 : Math.min(1, mesh.areaMm2() * part.wallMm() / mesh.volumeMm3());
    double share = shell + (1 - shell) * part.infillPercent() / 100;
    double material = mesh.volumeMm3() * share;
    double density = densityGramsPerCm3(plastic);
    double rate =
        printer == null || printer.depositMm3PerSecond() == 0
            ? DEPOSIT_MM3_PER_SECOND
            : printer.depositMm3PerSecond();
    PlannedPrint guess = part.planned();
    boolean gramsSaid = guess != null && guess.grams() != null;
    boolean hoursSaid = guess != null && guess.hours() != null;
    return new PrintFigures(
        gramsSaid ? guess.grams() : material / 1000 * density,
        hoursSaid ? guess.hours() * 60 : material / rate / 60,
        cuts(mesh, part.down(), printer),
        mesh.overhangShares().get(part.down()),
        shrinkPercent(plastic),
        part.inserts() == 0 ? 0 : insertHoleMm(part.insertMm()),
        gramsSaid
            ? Why.of("as somebody guessed, until its file comes")
            : Why.of(
                "volume × (shell share + infill of the rest) × density, ±30 %",
                "volume %.1f cm³".formatted(mesh.volumeMm3() / 1000),
                "shell %.0f %% at %s mm walls".formatted(shell * 100, Figures.plain(part.wallMm())),
                "infill %s %%".formatted(Figures.plain(part.infillPercent())),
                "%s %s g/cm³ (default)".formatted(plastic, Figures.plain(density))),
        hoursSaid
            ? Why.of("as somebody guessed, until its file comes")
            : Why.of(
                "material ÷ deposition rate, ±30 %",
                "material %.1f cm³".formatted(material / 1000),
                "%s mm³/s (try on scrap)".formatted(Figures.plain(rate))));
  }

  private static int cuts(MeshFacts mesh, int down, Machine printer) {
    if (printer == null) {
      return 1;
    }
    int up = down < 2 ? 2 : down < 4 ? 0 : 1;
    double high = mesh.sizeMm().get(up);
    double one = mesh.sizeMm().get((up + 1) % 3);
    double other = mesh.sizeMm().get((up + 2) % 3);
    double depth = printer.bedDepthMm() == 0 ? Double.MAX_VALUE : printer.bedDepthMm();
    int straight = times(one, printer.bedWidthMm()) * times(other, printer.bedHeightMm());
    int turned = times(other, printer.bedWidthMm()) * times(one, printer.bedHeightMm());
    return Math.min(straight, turned) * times(high, depth);
  }

  private static int times(double size, double bed) {
    return (int) Math.max(1, Math.ceil(size / bed - 1e-9));
  }

  /** Usual densities of filaments, g/cm³. */
  static double densityGramsPerCm3(String plastic) {
    return switch (plastic.toUpperCase(Locale.ROOT)) {
      case "PETG" -> 1.27;
      case "ABS" -> 1.04;
      default -> 1.24;
    };
  }

  /** Shrink: PLA 0.2, PETG 0.3, ABS 0.7 % (handbook). */
  static double shrinkPercent(String plastic) {
    return switch (plastic.toUpperCase(Locale.ROOT)) {
      case "PETG" -> 0.3;
      case "ABS" -> 0.7;
      default -> 0.2;
    };
  }

  /** Holes for heat-set inserts: M2 3.2, M2.5 3.6, M3 4.0, M4 5.6 (handbook). */
  public static double insertHoleMm(double threadMm) {
    return threadMm < 2.25 ? 3.2 : threadMm < 2.75 ? 3.6 : threadMm < 3.5 ? 4.0 : 5.6;
  }
}
