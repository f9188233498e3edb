package emberyard.core.build;

/** What a thing on a face is made of. */
public enum ItemMaterial {
  ACRYLIC("acrylic"),
  GLASS("glass"),
  WOOD("wood"),
  METAL("metal"),
  PLASTIC("plastic"),
  FILM("film"),
  OTHER("other material");

  private final String words;

  ItemMaterial(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
