package emberyard.server.table;

/** What stands in a cell, and the marks it is written with. */
record CellText(String text, Marks marks) {
  /** An empty cell. */
  static final CellText EMPTY = exact("");

  /** As the program itself writes. */
  static CellText exact(String text) {
    return new CellText(text, new Marks.OfFile());
  }

  boolean blank() {
    return text.isBlank();
  }
}
