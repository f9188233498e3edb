package emberyard.core.build;

/** Which voltage feeds a thing. */
public enum Rail {
  V5(5),
  V12(12);

  private final double volts;

  Rail(double volts) {
    this.volts = volts;
  }

  public double volts() {
    return volts;
  }
}
