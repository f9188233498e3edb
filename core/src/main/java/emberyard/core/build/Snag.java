package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that is not as it should be, and has to be put right. The step that mends it is
 * derived; photos are kept with that step.
 *
 * @param text what is wrong, at most 200 letters
 * @param how how bad it is
 * @param panelId the part it is on, empty for a face or nowhere
 * @param face the face it is on, null for a part or nowhere
 * @param xMm from the left edge of part or face, −5,000 to 10,000 mm; null where no one place is
 *     meant
 * @param yMm from its lower edge, likewise
 * @param minutes to mend it, 1 to 5,000 min; 20 where nobody said
 * @param taskKey the step it was found at, empty for none
 * @param by who found it
 */
public record Snag(
    String id,
    String text,
    How how,
    String panelId,
    @Nullable Face face,
    @Nullable Double xMm,
    @Nullable Double yMm,
    Integer minutes,
    String taskKey,
    Instant at,
    String by)
    implements Thing {
  /** How keys of steps that mend begin. */
  public static final String MEND = "snag:";

  private static final int USUAL_MINUTES = 20;
  private static final int MOST_LETTERS = 200;

  public Snag {
    Require.text("id", id);
    Require.text("text", text);
    Require.that(
        text.length() <= MOST_LETTERS, "text", "Say it in 200 letters; the rest goes into a note.");
    how = how == null ? How.SEEN : how;
    panelId = Require.textOrEmpty("panelId", panelId);
    Require.that(
        face == null || panelId.isEmpty(), "panelId", "It is on a part or on a face, not on both.");
    Require.that((xMm == null) == (yMm == null), "yMm", "Say both across and up, or neither.");
    Require.that(
        xMm == null || face != null || !panelId.isEmpty(),
        "panelId",
        "Say which part or face it is on.");
    if (xMm != null) {
      Require.between("xMm", xMm, -5_000, 10_000, "mm");
      Require.between("yMm", yMm, -5_000, 10_000, "mm");
    }
    minutes = minutes == null ? USUAL_MINUTES : minutes;
    Require.between("minutes", minutes, 1, 5_000, "min");
    taskKey = Require.textOrEmpty("taskKey", taskKey);
    Require.given("at", at);
    Require.text("by", by);
  }

  /** How bad it is. */
  public enum How {
    /** It may stay where time runs out. */
    SMALL("small"),
    /** The client would see it. */
    SEEN("seen"),
    /** It must be right before the build is closed. */
    BAD("bad");

    private final String words;

    How(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** Key of the step that mends it. */
  public String mendKey() {
    return MEND + id + "/mend";
  }
}
