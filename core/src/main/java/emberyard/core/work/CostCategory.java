package emberyard.core.work;

/** The lines of a budget. */
public enum CostCategory {
  PERFORMANCE_HARDWARE("performance hardware"),
  LOOK_HARDWARE("look hardware"),
  MADE_PART_MATERIAL("made-part material"),
  FINISH_MATERIAL("finish material"),
  OUTSIDE_WORK("outside work"),
  LABOUR("labour"),
  SHIPPING("shipping and duty"),
  CONTINGENCY("contingency");

  private final String words;

  CostCategory(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
