package emberyard.core.build;

import emberyard.core.units.InvalidValue;
import java.util.stream.Stream;

/** What arithmetic can hold a requirement against. */
public enum Measure {
  STORAGE_GB("storageGb", "storage", "GB", RequirementKind.CAPACITY),
  MEMORY_GB("memoryGb", "memory", "GB", RequirementKind.CAPACITY),
  SCREENS("screens", "screens", "pieces", RequirementKind.CAPACITY),
  WIDTH_MM("widthMm", "width", "mm", RequirementKind.SIZE),
  HEIGHT_MM("heightMm", "height", "mm", RequirementKind.SIZE),
  DEPTH_MM("depthMm", "depth", "mm", RequirementKind.SIZE),
  MASS_KG("massKg", "mass", "kg", RequirementKind.WEIGHT),
  SUPPORT_KG("supportKg", "load on a support", "kg", RequirementKind.WEIGHT),
  HOT_SPOT_C("hotSpotC", "hot spot", "°C", RequirementKind.HEAT),
  NOISE_DBA("noiseDba", "noise", "dBA", RequirementKind.NOISE),
  COLOUR_DELTA_E00("colourDeltaE00", "colour difference", "ΔE00", RequirementKind.COLOUR),
  TOTAL_MINOR("totalMinor", "total", "minor units", RequirementKind.MONEY),
  REVEAL_DAY("revealDay", "ready", "day", RequirementKind.DATE);

  private final String key;
  private final String words;
  private final String unit;
  private final RequirementKind kind;

  Measure(String key, String words, String unit, RequirementKind kind) {
    this.key = key;
    this.words = words;
    this.unit = unit;
    this.kind = kind;
  }

  /** Its name with its unit, as the calculators call it. */
  public String key() {
    return key;
  }

  public String words() {
    return words;
  }

  public String unit() {
    return unit;
  }

  public RequirementKind kind() {
    return kind;
  }

  /** Whether a person reads it off an instrument: arithmetic can't know it. */
  public boolean read() {
    return this == HOT_SPOT_C || this == NOISE_DBA;
  }

  /**
   * The measure with this key ("heightMm") or constant name ("HEIGHT_MM").
   *
   * @throws InvalidValue when there is none
   */
  public static Measure named(String name) {
    return Stream.of(values())
        .filter(
            measure -> measure.key.equalsIgnoreCase(name) || measure.name().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidValue(
                    "measure",
                    "“%s” can't be measured here: storageGb, memoryGb, screens, widthMm, heightMm, depthMm, massKg, supportKg, hotSpotC, noiseDba, colourDeltaE00, totalMinor or revealDay."
                        .formatted(name)));
  }
}
