package emberyard.core.yard.diary;

import emberyard.core.record.DiaryWords;
import emberyard.core.record.Photo;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The diary of a build: it writes itself from what was recorded, and never twice from the same.
 *
 * @param days latest first; only those on which something happened or was written
 * @param places where photos were taken, with the first and the last of each
 */
public record Diary(List<DiaryDay> days, List<PhotoPlace> places) {
  public Diary {
    days = List.copyOf(days);
    places = List.copyOf(places);
  }

  /** The diary of a build so far. */
  public static Diary of(BuildModel model, WorkshopBook book) {
    ZoneId zone = ZoneId.of(book.workshop().zone());
    Function<Instant, LocalDate> day = at -> LocalDate.ofInstant(at, zone);
    Map<LocalDate, List<DiaryLine>> lines =
        DiaryLines.of(model, book).stream()
            .sorted(Comparator.comparing(DiaryLine::at))
            .collect(
                Collectors.groupingBy(
                    line -> line.at().toLocalDate(), TreeMap::new, Collectors.toList()));
    Map<LocalDate, List<Photo>> photos =
        model.build().photos().stream()
            .collect(Collectors.groupingBy(photo -> day.apply(photo.takenAt())));
    Map<LocalDate, Long> minutes =
        model.build().times().stream()
            .filter(time -> time.endedAt() != null)
            .collect(
                Collectors.groupingBy(
                    time -> day.apply(time.startedAt()),
                    Collectors.summingLong(DiaryLines::minutes)));
    Map<LocalDate, DiaryWords> words =
        model.build().diaryWords().stream()
            .collect(
                Collectors.toMap(
                    DiaryWords::date,
                    Function.identity(),
                    BinaryOperator.maxBy(Comparator.comparing(DiaryWords::at))));
    TreeSet<LocalDate> dates = new TreeSet<>(Comparator.reverseOrder());
    dates.addAll(lines.keySet());
    dates.addAll(words.keySet());
    List<DiaryDay> days =
        dates.stream()
            .map(
                date ->
                    DiaryDay.of(
                        date,
                        lines.getOrDefault(date, List.of()),
                        words.get(date),
                        minutes.getOrDefault(date, 0L),
                        photos.getOrDefault(date, List.of())))
            .toList();
    return new Diary(days, PhotoPlace.of(model));
  }
}
