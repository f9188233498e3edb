package emberyard.core.yard.day;

import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.plan.PlannedStep;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What other hours of one person on one day do to the plan, said before it is agreed.
 *
 * @param hoursBefore of that day as they are, with the breaks
 * @param hoursAfter as they would be
 * @param day what is stored where it is agreed
 * @param steps work of that person on that day that is done later, or by somebody else
 * @param builds those whose end or verdict changes, in the order of the yard
 * @param findings what plan and coats say then and didn't before, a window that closes say; worst
 *     first
 */
public record DaySlides(
    List<OpenHours> hoursBefore,
    List<OpenHours> hoursAfter,
    OwnDay day,
    List<SlidStep> steps,
    List<SlidBuild> builds,
    List<FoundThen> findings) {
  /** Who judges what hangs on the hours. */
  private static final Set<String> JUDGES = Set.of("plan", "finish");

  /**
   * One step that is done at another time.
   *
   * @param was its begin as planned
   * @param is its begin then
   * @param personId who does it then
   */
  public record SlidStep(
      String buildId,
      String buildName,
      String taskKey,
      String title,
      LocalDateTime was,
      LocalDateTime is,
      @Nullable String personId) {}

  /**
   * A build that ends on another day.
   *
   * @param finishBefore null where nothing is left to plan
   * @param spareBefore working days before its reveal, below 0 for late; null without a date
   */
  public record SlidBuild(
      String buildId,
      String buildName,
      @Nullable LocalDate finishBefore,
      @Nullable LocalDate finishAfter,
      @Nullable Double spareBefore,
      @Nullable Double spareAfter,
      Fuse.Verdict verdictBefore,
      Fuse.Verdict verdictAfter) {}

  /** A finding that is new. */
  public record FoundThen(String buildId, String buildName, Finding finding) {}

  /**
   * Compares the yard as it is with the same yard with that day.
   *
   * @param book as it is
   */
  public static DaySlides between(
      YardModel before, YardModel after, WorkshopBook book, WorkshopBook then, OwnDay day) {
    return new DaySlides(
        book.workedOn(day.personId(), day.date()),
        then.workedOn(day.personId(), day.date()),
        day,
        steps(before, after, day),
        builds(before, after),
        findings(before, after));
  }

  private static List<SlidStep> steps(YardModel before, YardModel after, OwnDay day) {
    List<SlidStep> slid = new ArrayList<>();
    for (BuildModel was : before.builds().values()) {
      Map<String, PlannedStep> then = planned(after.builds().get(was.build().id()));
      for (TaskModel model : was.tasks()) {
        PlannedStep is = then.get(model.task().key());
        if (is != null && onThatDay(model, day) && later(model.planned(), is)) {
          slid.add(
              new SlidStep(
                  was.build().id(),
                  was.build().brief().name(),
                  model.task().key(),
                  model.task().title(),
                  model.planned().start(),
                  is.start(),
                  is.worker()));
        }
      }
    }
    slid.sort(Comparator.comparing(SlidStep::was));
    return List.copyOf(slid);
  }

  private static Map<String, PlannedStep> planned(@Nullable BuildModel build) {
    Map<String, PlannedStep> planned = new HashMap<>();
    if (build != null) {
      build.tasks().stream()
          .filter(model -> model.planned() != null)
          .forEach(model -> planned.put(model.task().key(), model.planned()));
    }
    return planned;
  }

  private static boolean onThatDay(TaskModel model, OwnDay day) {
    return model.planned() != null
        && day.personId().equals(model.planned().worker())
        && model.planned().pieces().stream()
            .anyMatch(piece -> piece.from().toLocalDate().equals(day.date()));
  }

  /** Whether its hands-on work ends later, or somebody else does it. */
  private static boolean later(PlannedStep was, PlannedStep is) {
    return handsEnd(is).isAfter(handsEnd(was)) || !Objects.equals(was.worker(), is.worker());
  }

  private static LocalDateTime handsEnd(PlannedStep step) {
    return step.pieces().isEmpty()
        ? step.start()
        : step.pieces().get(step.pieces().size() - 1).to();
  }

  private static List<SlidBuild> builds(YardModel before, YardModel after) {
    List<SlidBuild> slid = new ArrayList<>();
    for (BuildModel was : before.builds().values()) {
      BuildModel is = after.builds().get(was.build().id());
      Fuse one = was.fuse();
      Fuse other = is.fuse();
      if (!Objects.equals(one.finish(), other.finish()) || one.verdict() != other.verdict()) {
        slid.add(
            new SlidBuild(
                was.build().id(),
                was.build().brief().name(),
                one.finish(),
                other.finish(),
                one.spareDays(),
                other.spareDays(),
                one.verdict(),
                other.verdict()));
      }
    }
    return List.copyOf(slid);
  }

  private static List<FoundThen> findings(YardModel before, YardModel after) {
    List<FoundThen> found = new ArrayList<>();
    for (BuildModel is : after.builds().values()) {
      Set<String> known =
          before.builds().get(is.build().id()).findings().stream()
              .map(Finding::key)
              .collect(Collectors.toSet());
      is.findings().stream()
          .filter(finding -> JUDGES.contains(finding.capability()))
          .filter(finding -> finding.severity() != Severity.NOTE)
          .filter(finding -> !known.contains(finding.key()))
          .map(finding -> new FoundThen(is.build().id(), is.build().brief().name(), finding))
          .forEach(found::add);
    }
    found.sort((one, other) -> Finding.WORST_FIRST.compare(one.finding(), other.finding()));
    return List.copyOf(found);
  }
}
