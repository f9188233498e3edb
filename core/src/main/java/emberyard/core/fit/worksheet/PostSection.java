package emberyard.core.fit.worksheet;

/**
 * Cross-section of a post: the core of a bolt, or a sleeve round it.
 *
 * @param outerMm outer diameter
 * @param boreMm of a sleeve; 0 for a solid core
 */
record PostSection(double outerMm, double boreMm) {
  static PostSection solid(double coreMm) {
    return new PostSection(coreMm, 0);
  }

  /** π (D² − b²)/4, mm². Example: core 3.141: 7.75. */
  double areaMm2() {
    return Math.PI / 4 * (outerMm * outerMm - boreMm * boreMm);
  }

  /** π (D⁴ − b⁴)/64, mm⁴. */
  double inertiaMm4() {
    return Math.PI / 64 * (Math.pow(outerMm, 4) - Math.pow(boreMm, 4));
  }

  /** Stress at the rim under a bending moment in N mm: M D/(2 I), MPa. */
  double bendingMpa(double momentNmm) {
    return momentNmm * outerMm / 2 / inertiaMm4();
  }

  /** Largest shear stress: 4 F/(3 A) in a solid round, 2 F/A in a thin sleeve, MPa. */
  double shearMpa(double forceN) {
    return (boreMm == 0 ? 4.0 / 3 : 2) * forceN / areaMm2();
  }
}
