package emberyard.core.yard.diary;

import java.time.LocalDateTime;

/**
 * One thing that happened, as it was recorded.
 *
 * @param at on the bench clock; midnight where only the day is known
 * @param text with who it was, in words
 * @param taskKey the step it is about, empty for none
 */
public record DiaryLine(LocalDateTime at, Kind kind, String text, String taskKey) {
  /** What sort of thing, in the order in which a day tells them. */
  public enum Kind {
    /** A step that was ended. */
    DONE("Done"),
    /** A step that goes on. */
    WORKED("Worked on"),
    CHECKED("Checked"),
    AGAIN("To be done again"),
    /** A fault or a snag. */
    FOUND("Found"),
    DECIDED("Decided"),
    /** Ordered, received, opened. */
    CAME("Parcels"),
    NOTED("Noted"),
    PICTURED("Photos");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
