package emberyard.core.workshop;

/** Where in the order of coats a paint belongs. */
public enum PaintKind {
  PRIMER,
  COLOUR,
  METALLIC,
  CANDY,
  CLEAR,
  STAIN
}
