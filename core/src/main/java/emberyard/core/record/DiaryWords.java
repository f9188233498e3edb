package emberyard.core.record;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.time.Instant;
import java.time.LocalDate;

/**
 * A day of a build's diary in somebody's own words, in place of those that write themselves.
 *
 * @param id of a build's own; where a day has two, the later counts
 * @param text at most 5,000 letters
 * @param lines how many lines the day had when it was written, so that later ones are told
 * @param by who wrote it last
 */
public record DiaryWords(
    String id, LocalDate date, String text, Integer lines, String by, Instant at) implements Thing {
  private static final int MOST_LETTERS = 5_000;

  public DiaryWords {
    Require.text("id", id);
    Require.given("date", date);
    Require.text("text", text);
    Require.that(text.length() <= MOST_LETTERS, "text", "A day of the diary holds 5,000 letters.");
    lines = lines == null ? 0 : lines;
    Require.between("lines", lines, 0, 10_000, "lines");
    Require.text("by", by);
    Require.given("at", at);
  }
}
