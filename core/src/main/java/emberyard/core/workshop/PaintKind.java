package emberyard.core.workshop;

/** Where in the order of coats a paint belongs. */
public enum PaintKind {
  PRIMER,
  COLOUR,
  METALLIC,
  CANDY,
  CLEAR,
  STAIN,
  /** Closes wood or print before colour. */
  SEALER,
  /** Fills grain and print layers, is sanded. */
  FILLER,
  /** Evens how blotch-prone wood takes stain. */
  CONDITIONER;

  /** Whether it goes under the colour. */
  public boolean ground() {
    return this == PRIMER || this == SEALER || this == FILLER || this == CONDITIONER;
  }

  /** Whether light passes it and comes back coloured: Beer–Lambert instead of hiding. */
  public boolean glazes() {
    return this == CANDY || this == CLEAR || this == STAIN || this == CONDITIONER;
  }
}
