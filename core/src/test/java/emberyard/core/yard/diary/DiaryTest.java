package emberyard.core.yard.diary;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Snag;
import emberyard.core.record.Acceptance;
import emberyard.core.record.DiaryWords;
import emberyard.core.record.JobNote;
import emberyard.core.record.Photo;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The diary says what was recorded, once, and what somebody wrote in its place. */
class DiaryTest {
  private static final Instant NOW = Samples.MONDAY_NINE;
  private static final String CUT = "part:p1/cut";

  private static Instant at(String time) {
    return Instant.parse("2026-03-02T" + time + ":00Z");
  }

  private static Diary diary(Build build) {
    BuildModel model = YardModel.of(List.of(build), Samples.book(), NOW).builds().get("b1");
    return Diary.of(model, Samples.book());
  }

  private static TimeEntry time(String id, String key, String from, String to) {
    return new TimeEntry(id, key, "ines", at(from), to == null ? null : at(to));
  }

  private static Build busy() {
    return Samples.build()
        .with(
            TimeEntry.class,
            List.of(
                time("t1", CUT, "09:00", "09:25"),
                time("t2", CUT, "10:00", "10:15"),
                time("t3", "make/dry-fit", "11:00", "11:10"),
                time("t4", "make/dry-fit", "11:30", null)))
        .with(
            TaskMark.class,
            List.of(
                new TaskMark("m1", CUT, TaskMark.What.DONE, at("10:15"), "Ines Varga", ""),
                new TaskMark(
                    "m2", "no-such-step", TaskMark.What.DONE, at("10:20"), "Ines Varga", "")))
        .with(JobNote.class, List.of(new JobNote("n1", CUT, "edges clean", "Bram", at("10:16"))))
        .with(
            Snag.class,
            List.of(
                new Snag(
                    "s1",
                    "Scratch",
                    Snag.How.SEEN,
                    "p1",
                    null,
                    null,
                    null,
                    null,
                    CUT,
                    at("10:17"),
                    "Bram")));
  }

  @Test
  void aDayWritesItself() {
    Diary diary = diary(busy());
    DiaryDay day = diary.days().get(0);
    assertEquals(
        "Done: Cut Left window (Ines Varga 40 min). "
            + "Worked on: Dry fit: all parts together, no glue, no paint (Ines Varga 10 min). "
            + "Found: Scratch, seen (Bram). "
            + "Decided: the concept is frozen, finish planned for Sun 22 Mar (Ines). "
            + "Noted: “edges clean” (Bram, at “Cut Left window”).",
        day.text());
    assertEquals(50, day.minutes());
    assertEquals(1, diary.days().size());
  }

  /** Later lines are told where somebody wrote the day before them. */
  @Test
  void wordsStandInItsPlace() {
    LocalDate monday = Samples.MONDAY;
    DiaryWords words = new DiaryWords("w1", monday, "A good start.", 2, "Ines", at("10:16"));
    DiaryDay day = diary(busy().with(DiaryWords.class, List.of(words))).days().get(0);
    assertEquals("A good start.", day.text());
    assertTrue(day.itself().startsWith("Done: Cut Left window"), day.itself());
    assertEquals(day.lines().size() - 2, day.since());
    DiaryWords sunday =
        new DiaryWords("w2", monday.minusDays(1), "Thought about it.", 0, "Ines", NOW);
    Diary two = diary(busy().with(DiaryWords.class, List.of(words, sunday)));
    assertEquals("Thought about it.", two.days().get(1).text());
  }

  @Test
  void decisionsAreToldWithTheirReason() {
    Build build =
        Samples.build()
            .with(
                Acceptance.class,
                List.of(new Acceptance("a1", "no/such", "Ines", "the client knows", at("12:00"))))
            .with(
                TaskMark.class,
                List.of(
                    new TaskMark(
                        "m1",
                        CUT,
                        TaskMark.What.DONE,
                        at("13:00"),
                        "Ines",
                        "came cut",
                        "make/dry-fit"),
                    new TaskMark(
                        "m2",
                        "make/dry-fit",
                        TaskMark.What.FAILED,
                        at("14:00"),
                        "Ines",
                        "1 mm off"),
                    new TaskMark("m3", CUT, TaskMark.What.AGAIN, at("14:05"), "Ines", "too long")));
    String text = diary(build).days().get(0).text();
    assertTrue(
        text.contains(
            "Checked: Dry fit: all parts together, no glue, no paint failed (Ines): 1 mm off."),
        text);
    assertTrue(text.contains("To be done again: Cut Left window: too long (Ines)."), text);
    assertTrue(text.contains("A finding is all right: the client knows (Ines)"), text);
    assertTrue(text.contains("“Cut Left window” passed over before “Dry fit"), text);
  }

  /** Each hour is told on one line of one day: the lines of a day sum to what the day says. */
  @Test
  void everyHourIsToldOnce() {
    DiaryDay day = diary(busy()).days().get(0);
    long told =
        day.lines().stream()
            .map(DiaryLine::text)
            .flatMap(text -> Pattern.compile("(\\d+) min").matcher(text).results())
            .mapToLong(found -> Long.parseLong(found.group(1)))
            .sum();
    assertEquals(day.minutes(), told);
  }

  @Test
  void photosOfOnePlaceStandTogetherFirstToLast() {
    String sha = "a".repeat(64);
    Build build =
        busy()
            .with(
                Photo.class,
                List.of(
                    new Photo("p2", sha, "snag:s1/mend", "after", at("12:00")),
                    new Photo("p1", sha, CUT, "before", at("09:30")),
                    new Photo("p3", sha, "", "the box", at("08:00"))));
    List<PhotoPlace> places = diary(build).places();
    assertEquals("Left window", places.get(0).place());
    assertEquals(
        List.of("before", "after"), places.get(0).photos().stream().map(Photo::caption).toList());
    assertEquals("the build", places.get(1).place());
  }
}
