package emberyard.core.build;

/** How the LEDs of a light run are told what to show. */
public enum LightCircuit {
  ADDRESSABLE("each by itself"),
  THREES("three at a time"),
  PLAIN("all alike, any colour"),
  ONE_COLOUR("one colour only"),
  ULTRAVIOLET("ultraviolet");

  private final String words;

  LightCircuit(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it takes data: colour and brightness can differ along it. */
  public boolean addressed() {
    return this == ADDRESSABLE || this == THREES;
  }

  /** Whether its colour can be chosen. */
  public boolean coloured() {
    return addressed() || this == PLAIN;
  }
}
