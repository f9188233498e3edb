package emberyard.core.build;

import org.jspecify.annotations.Nullable;

/**
 * How a screen is held in its place.
 *
 * @param held what keeps it there, null while nobody has said
 * @param besides a second hold that would keep it alone, null for none
 * @param on what it is held on, the chassis where it is left out
 * @param turned how its body stands; upright where it is left out
 */
public record ScreenMount(
    @Nullable MountWay held, @Nullable MountWay besides, On on, Standing turned) {
  /** Nobody has said anything. */
  public static final ScreenMount UNSAID = new ScreenMount(null, null, null, null);

  public ScreenMount {
    on = on == null ? On.CHASSIS : on;
    turned = turned == null ? Standing.UPRIGHT : turned;
  }

  /** Whether foam tape is all that holds it. */
  public boolean tapeAlone() {
    return held == MountWay.TAPE && (besides == null || besides == MountWay.TAPE);
  }

  /** Whether foam tape is among what holds it. */
  public boolean taped() {
    return held == MountWay.TAPE || besides == MountWay.TAPE;
  }

  /** Whether screws are among what holds it. */
  public boolean screwed() {
    return held == MountWay.SCREWS || besides == MountWay.SCREWS;
  }

  /** What a screen is held on. */
  public enum On {
    CHASSIS("the chassis"),
    PART("a part that stays"),
    OPENS("a pane or door that opens");

    private final String words;

    On(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** How a body stands against the picture that its maker meant, clockwise from the front. */
  public enum Standing {
    UPRIGHT("upright", 0),
    RIGHT("turned by 90° to the right", 90),
    UPSIDE_DOWN("upside down", 180),
    LEFT("turned by 90° to the left", 270);

    private final String words;
    private final int degrees;

    Standing(String words, int degrees) {
      this.words = words;
      this.degrees = degrees;
    }

    public String words() {
      return words;
    }

    /** Clockwise, 0 to 270°. */
    public int degrees() {
      return degrees;
    }

    /** Whether what was its width stands upwards. */
    public boolean onItsSide() {
      return this == RIGHT || this == LEFT;
    }
  }
}
