package emberyard.core.fit.worksheet;

import emberyard.core.build.Worksheet.Standoffs;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Stress in posts under a load: an estimate, not a certificate.
 *
 * @param carrying how many posts the load is shared by: three of four, floors and plates are not
 *     flat
 * @param axialMpa F/A of one post
 * @param bucklingN load at which one post gives way sideways, never more than its yield load
 * @param bendingMpa at the rim of one post
 * @param shearMpa across one post
 * @param safety the smallest of yield ÷ stress, 0.58 yield ÷ shear and buckling load ÷ load; 1,000
 *     at most
 * @param wantedSafety 3 where a person leans on it, else 1.5
 * @param holds whether it is known to hold: never without a load
 * @param remedies sizes that would hold, smallest first; empty where it holds or nothing usual does
 */
public record StandoffLoad(
    int carrying,
    double axialMpa,
    double bucklingN,
    double bendingMpa,
    double shearMpa,
    double yieldMpa,
    double safety,
    double wantedSafety,
    Verdict verdict,
    boolean holds,
    List<String> remedies,
    Why why) {
  /** Wanted where a person may lean on it. */
  public static final double PERSON_SAFETY = 3;

  /** Core diameters of coarse metric threads, mm (ISO 724). */
  static final Map<Integer, Double> CORE_MM =
      new TreeMap<>(Map.of(3, 2.387, 4, 3.141, 5, 4.019, 6, 4.773, 8, 6.466, 10, 8.160, 12, 9.853));

  private static final List<Integer> SLEEVES_MM = List.of(6, 8, 10, 12, 16, 20, 25);
  private static final double SAFETY = 1.5;
  private static final double MOST_SAFETY = 1_000;

  /** Shear yield of ductile metals over their yield in tension (von Mises). */
  private static final double SHEAR_YIELD = 0.58;

  private static final double THICKEST_BOLT_OVER_CORE = 1.3;

  /** What can be said. */
  public enum Verdict {
    HOLDS,
    TOO_SLENDER,
    /** No load was given. */
    NOT_KNOWN
  }

  /** Stresses and safety of one cross-section. */
  private record Strain(
      double axialMpa, double bucklingN, double bendingMpa, double shearMpa, double safety) {}

  /**
   * σ = F/A; F_cr = π²EI/(K h)², capped at σ_yield A; sideways M = F h/2 where both ends are
   * clamped, F h where one turns; K = 1 and 2, or 0.5 and 0.7 where something named holds the upper
   * plate sideways; stress from above and from the side add up; shear 4 F/(3 A) against 0.58
   * σ_yield. Source: strength of materials, Euler, von Mises.
   *
   * <p>Example: 1,766 N from above and 200 N sideways on four M4 (core 3.141 mm) of 50 mm, clamped,
   * all four carrying: 57.0 + 410.9 MPa, shear 8.6: 0.53-fold on mild steel's 250. M8: 4.1-fold.
   */
  public static StandoffLoad of(Standoffs posts) {
    Strain strain = strain(posts, PostSection.solid(posts.coreMm()));
    double wanted = posts.person() ? PERSON_SAFETY : SAFETY;
    boolean loaded = posts.axialN() > 0 || posts.lateralN() > 0;
    Verdict verdict =
        !loaded
            ? Verdict.NOT_KNOWN
            : strain.safety() >= wanted - 1e-9 ? Verdict.HOLDS : Verdict.TOO_SLENDER;
    return new StandoffLoad(
        posts.carrying(),
        strain.axialMpa(),
        strain.bucklingN(),
        strain.bendingMpa(),
        strain.shearMpa(),
        posts.material().yieldMpa(),
        strain.safety(),
        wanted,
        verdict,
        verdict == Verdict.HOLDS,
        verdict == Verdict.TOO_SLENDER ? remedies(posts, wanted) : List.of(),
        why(posts));
  }

  private static Strain strain(Standoffs posts, PostSection section) {
    double yield = posts.material().yieldMpa();
    double axialEach = posts.axialN() / posts.carrying();
    double lateralEach = posts.lateralN() / posts.carrying();
    double effective = lengthFactor(posts) * posts.heightMm();
    double euler =
        Math.PI
            * Math.PI
            * posts.material().stiffnessMpa()
            * section.inertiaMm4()
            / (effective * effective);
    double buckling = Math.min(euler, yield * section.areaMm2());
    double axial = axialEach / section.areaMm2();
    double arm = posts.clamped() ? posts.heightMm() / 2 : posts.heightMm();
    double bending = section.bendingMpa(lateralEach * arm);
    double shear = section.shearMpa(lateralEach);
    double safety =
        Math.min(
            ratio(yield, axial + bending),
            Math.min(ratio(SHEAR_YIELD * yield, shear), ratio(buckling, axialEach)));
    return new Strain(axial, buckling, bending, shear, safety);
  }

  /** Euler's K: free to sway unless something named holds the upper plate. */
  private static double lengthFactor(Standoffs posts) {
    boolean held = !posts.heldBy().isBlank();
    if (posts.clamped()) {
      return held ? 0.5 : 1;
    }
    return held ? 0.7 : 2;
  }

  private static double ratio(double bears, double load) {
    return load <= 0 ? MOST_SAFETY : Math.min(MOST_SAFETY, bears / load);
  }

  private static List<String> remedies(Standoffs posts, double wanted) {
    List<String> found = new ArrayList<>();
    bolt(posts, wanted).ifPresent(found::add);
    sleeve(posts, wanted).ifPresent(found::add);
    return List.copyOf(found);
  }

  private static Optional<String> bolt(Standoffs posts, double wanted) {
    return CORE_MM.entrySet().stream()
        .filter(size -> size.getValue() > posts.coreMm())
        .filter(size -> strain(posts, PostSection.solid(size.getValue())).safety() >= wanted - 1e-9)
        .findFirst()
        .map(
            size ->
                "Take M%d: %s-fold safe"
                    .formatted(
                        size.getKey(),
                        Figures.plain(strain(posts, PostSection.solid(size.getValue())).safety())));
  }

  private static Optional<String> sleeve(Standoffs posts, double wanted) {
    double bore = posts.coreMm() * THICKEST_BOLT_OVER_CORE;
    return SLEEVES_MM.stream()
        .filter(outer -> outer > bore + 1)
        .filter(outer -> strain(posts, new PostSection(outer, bore)).safety() >= wanted - 1e-9)
        .findFirst()
        .map(
            outer ->
                "Sleeves of %d mm outside round them, tightened between the plates: %s-fold safe"
                    .formatted(
                        outer,
                        Figures.plain(strain(posts, new PostSection(outer, bore)).safety())));
  }

  private static Why why(Standoffs posts) {
    return Why.of(
        "F/A; π²EI/(K h)², at most σ A; %s/(π d³); 4 F/(3 A)"
            .formatted(posts.clamped() ? "16 F h" : "32 F h"),
        "%d posts of core %s mm, %s mm high, %s"
            .formatted(
                posts.count(),
                Figures.plain(posts.coreMm()),
                Figures.plain(posts.heightMm()),
                posts.clamped() ? "both ends clamped" : "one end can turn"),
        "K %s: %s"
            .formatted(
                Figures.plain(lengthFactor(posts)),
                posts.heldBy().isBlank()
                    ? "the upper plate can sway"
                    : "held sideways by " + posts.heldBy()),
        "%d carry: each %s N from above, %s N sideways"
            .formatted(
                posts.carrying(),
                Figures.plain(posts.axialN() / posts.carrying()),
                Figures.plain(posts.lateralN() / posts.carrying())),
        "%s yields at %s MPa (textbook)"
            .formatted(posts.material().words(), Figures.plain(posts.material().yieldMpa())),
        "an estimate, not a certificate");
  }
}
