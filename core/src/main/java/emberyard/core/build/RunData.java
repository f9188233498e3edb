package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * What tells a light run its colours.
 *
 * @param level of the data; that of a board's header where it is left out
 * @param mostLeds the controller drives on a channel, 1 to 10,000; null while nobody has said
 * @param leadMm of the data, 0 to 30,000 mm; 200 where it is left out
 * @param shifter whether a level shifter lies between
 * @param resistor whether a resistor of 330 to 470 Ω and a ground lie beside it
 * @param only what the controller can do; chosen colours where it is left out
 */
public record RunData(
    Level level,
    @Nullable Integer mostLeds,
    Double leadMm,
    Boolean shifter,
    Boolean resistor,
    Control only) {
  /** Nobody has said anything. */
  public static final RunData USUAL = new RunData(null, null, null, null, null, null);

  public RunData {
    level = level == null ? Level.V5 : level;
    if (mostLeds != null) {
      Require.between("mostLeds", mostLeds, 1, 10_000, "LEDs");
    }
    leadMm = leadMm == null ? 200 : leadMm;
    Require.between("leadMm", leadMm, 0, 30_000, "mm");
    shifter = shifter != null && shifter;
    resistor = resistor != null && resistor;
    only = only == null ? Control.COLOURS : only;
  }

  /** Its volts. */
  public enum Level {
    V5("5 V, as a header of a board"),
    V3("3.3 V, as a small controller");

    private final String words;

    Level(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What a controller can do. */
  public enum Control {
    COLOURS("any colour, any brightness"),
    MODES("changes modes only"),
    FIXED("on and off only");

    private final String words;

    Control(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }

    /** Whether it can be made darker. */
    public boolean dims() {
      return this == COLOURS;
    }
  }

  /** The same with a level shifter between. */
  public RunData shifted() {
    return new RunData(level, mostLeds, leadMm, true, resistor, only);
  }

  /** The same with a resistor and a ground beside it. */
  public RunData damped() {
    return new RunData(level, mostLeds, leadMm, shifter, true, only);
  }
}
