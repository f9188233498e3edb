package emberyard.core.build;

/** What a requirement is about, and so how it can be answered. */
public enum RequirementKind {
  CAPACITY("capacity"),
  SIZE("size"),
  WEIGHT("weight"),
  HEAT("heat"),
  NOISE("noise"),
  COLOUR("colour"),
  MONEY("money"),
  DATE("date"),
  LOOK("look"),
  FUNCTION("function"),
  BAN("ban");

  private final String words;

  RequirementKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
