package emberyard.core.fit;

import emberyard.core.build.Why;
import emberyard.core.build.Worksheet.Standoffs;
import emberyard.core.units.Figures;

/**
 * Stress in posts under a load: an estimate, not a certificate.
 *
 * @param axialMpa F/A of one post
 * @param bucklingN load at which one post buckles, both ends fixed
 * @param bendingMpa 16 F h/(π d³) of one post, both ends fixed
 * @param safety the smallest of yield ÷ stress and buckling load ÷ load; 1,000 where nothing loads
 * @param wantedSafety 3 where a person leans on it, else 1.5
 */
public record StandoffLoad(
    double axialMpa,
    double bucklingN,
    double bendingMpa,
    double yieldMpa,
    double safety,
    double wantedSafety,
    boolean holds,
    Why why) {
  /** Wanted where a person may lean on it. */
  public static final double PERSON_SAFETY = 3;

  private static final double SAFETY = 1.5;
  private static final double MOST_SAFETY = 1_000;

  /**
   * σ = F/A; F_cr = π²EI/(0.5 h)²; sideways σ = 16 F h/(π d³), each post taking its share. Stress
   * from above and from the side add up. Source: strength of materials, Euler.
   *
   * <p>Example: 200 N sideways on four M4 (core 3.3 mm) at 60 mm: 50 N each, 425 MPa, above mild
   * steel's 250.
   */
  public static StandoffLoad of(Standoffs posts) {
    double d = posts.coreMm();
    double h = posts.heightMm();
    double axialEach = posts.axialN() / posts.count();
    double lateralEach = posts.lateralN() / posts.count();
    double axial = axialEach / (Math.PI * d * d / 4);
    double inertia = Math.PI * Math.pow(d, 4) / 64;
    double buckling =
        Math.PI * Math.PI * posts.material().stiffnessMpa() * inertia / Math.pow(0.5 * h, 2);
    double bending = 16 * lateralEach * h / (Math.PI * Math.pow(d, 3));
    double yield = posts.material().yieldMpa();
    double stress = axial + bending;
    double safety =
        Math.min(
            MOST_SAFETY,
            Math.min(
                stress == 0 ? MOST_SAFETY : yield / stress,
                axialEach == 0 ? MOST_SAFETY : buckling / axialEach));
    double wanted = posts.person() ? PERSON_SAFETY : SAFETY;
    return new StandoffLoad(
        axial,
        buckling,
        bending,
        yield,
        safety,
        wanted,
        safety >= wanted - 1e-9,
        Why.of(
            "F/A; π²EI/(0.5 h)²; 16 F h/(π d³)",
            "%d posts of core %s mm, %s mm high"
                .formatted(posts.count(), Figures.plain(d), Figures.plain(h)),
            "each %s N from above, %s N sideways"
                .formatted(Figures.plain(axialEach), Figures.plain(lateralEach)),
            "%s yields at %s MPa (textbook)"
                .formatted(posts.material().words(), Figures.plain(yield)),
            "an estimate, not a certificate"));
  }
}
