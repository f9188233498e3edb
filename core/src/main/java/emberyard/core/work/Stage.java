package emberyard.core.work;

/** The stops of a build from brief to reveal, in working order. */
public enum Stage {
  BRIEF("brief"),
  CONCEPT("concept"),
  FIT("fit"),
  ORDER("supply"),
  MAKE("make"),
  FINISH("finish"),
  LIGHT("light"),
  ASSEMBLE("bench"),
  PROVE("prove"),
  REVEAL("reveal");

  private final String capability;

  Stage(String capability) {
    this.capability = capability;
  }

  /** The capability whose screen this stop opens. */
  public String capability() {
    return capability;
  }
}
