package emberyard.core.yard.diary;

import emberyard.core.record.DiaryWords;
import emberyard.core.record.Photo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A day of a build: what was recorded, told in words, or in those that somebody put in their place.
 *
 * @param text as it is told
 * @param itself as it writes itself
 * @param words what somebody wrote instead, null for nothing
 * @param since how many lines came after that was written, 0 without it
 * @param minutes that were worked
 * @param lines in the order in which they happened
 * @param photos taken on that day
 */
public record DiaryDay(
    LocalDate date,
    String text,
    String itself,
    @Nullable DiaryWords words,
    int since,
    long minutes,
    List<DiaryLine> lines,
    List<Photo> photos) {
  public DiaryDay {
    lines = List.copyOf(lines);
    photos = List.copyOf(photos);
  }

  static DiaryDay of(
      LocalDate date,
      List<DiaryLine> lines,
      @Nullable DiaryWords words,
      long minutes,
      List<Photo> photos) {
    String itself = told(lines);
    return new DiaryDay(
        date,
        words == null ? itself : words.text(),
        itself,
        words,
        words == null ? 0 : Math.max(0, lines.size() - words.lines()),
        minutes,
        lines,
        photos);
  }

  /** A sentence for each sort of thing: “Done: …; …. Found: …. Noted: ….” */
  private static String told(List<DiaryLine> lines) {
    Map<DiaryLine.Kind, List<String>> kinds = new EnumMap<>(DiaryLine.Kind.class);
    lines.forEach(
        line -> kinds.computeIfAbsent(line.kind(), kind -> new ArrayList<>()).add(line.text()));
    return kinds.entrySet().stream()
        .map(kind -> kind.getKey().words() + ": " + ended(String.join("; ", kind.getValue())))
        .collect(Collectors.joining(" "));
  }

  private static String ended(String sentence) {
    return sentence.endsWith(".") ? sentence : sentence + ".";
  }
}
