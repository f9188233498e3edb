package emberyard.core.build;

/** What can be drawn on a face. */
public enum ItemKind {
  PANEL("panel", Layer.IN),
  WINDOW("window", Layer.IN),
  CUT_OUT("cut-out", Layer.IN),
  VENT("vent field", Layer.IN),
  SCREEN("screen", Layer.BEHIND),
  LIGHT_RUN("light run", Layer.BEHIND),
  VINYL("vinyl art", Layer.ON),
  ENGRAVING("engraving", Layer.ON),
  BADGE("badge", Layer.ON),
  HANDLE("handle", Layer.ON),
  FOOT("foot", Layer.ON),
  BOUGHT("bought item", Layer.ON);

  private final String words;
  private final Layer usualLayer;

  ItemKind(String words, Layer usualLayer) {
    this.words = words;
    this.usualLayer = usualLayer;
  }

  public String words() {
    return words;
  }

  /** Where such a thing usually lies. */
  public Layer usualLayer() {
    return usualLayer;
  }

  /** Opens the face: what lies behind is seen through it. */
  public boolean opening() {
    return this == WINDOW || this == CUT_OUT;
  }

  /** Drawn lines that cover only part of their box. */
  public boolean art() {
    return this == VINYL || this == ENGRAVING;
  }
}
