package emberyard.core.build;

/** What one step of a finish does to one side of a part. */
public enum LayerOp {
  /** Coats of a primer, colour, metallic, candy or stain. */
  PAINT("paint"),
  /** Coats of a clear. */
  CLEAR("clear"),
  /** A mask laid on, to be peeled later. */
  STENCIL("stencil"),
  /** Takes a stencil off, with all that was painted on it. */
  PEEL("peel"),
  /** Film that stays. */
  FILM("film"),
  /** Takes away what lies there and frosts the sheet. */
  ENGRAVE("engrave");

  private final String words;

  LayerOp(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it is sprayed or brushed on in coats. */
  public boolean coats() {
    return this == PAINT || this == CLEAR;
  }
}
