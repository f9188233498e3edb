package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Frozen;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.work.Stage;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Draws the fuse: where the stops lie, where the ember is, whether the reveal holds. */
final class FuseMaker {
  private FuseMaker() {}

  static Fuse make(
      Build build,
      boolean agreed,
      List<TaskModel> tasks,
      @Nullable LocalDateTime finish,
      WeeklyHours hours,
      WorkshopBook book,
      LocalDateTime clock) {
    LocalDate reveal = build.brief().revealOn();
    boolean revealed = build.brief().revealedOn() != null;
    double dayMinutes = dayMinutes(hours, book);
    Double spare = revealed ? null : spareDays(finish, reveal, hours, dayMinutes);
    double share = revealed ? 1 : doneShare(tasks);
    return new Fuse(
        build.brief().begunOn(),
        revealed ? build.brief().revealedOn() : reveal,
        ember(build, share, finish, clock),
        revealed || finish == null ? null : finish.toLocalDate(),
        verdict(build, agreed, spare, book.workshop().tightDays()),
        spare,
        Math.round(dayMinutes),
        stops(tasks, revealed),
        revealed ? 9 : emberStop(tasks),
        share);
  }

  private static Fuse.Verdict verdict(
      Build build, boolean agreed, @Nullable Double spare, int tightDays) {
    if (build.brief().revealedOn() != null) {
      return Fuse.Verdict.REVEALED;
    }
    if (!agreed) {
      return Fuse.Verdict.ENQUIRY;
    }
    if (build.brief().revealOn() == null) {
      return Fuse.Verdict.UNDATED;
    }
    if (spare == null) {
      return Fuse.Verdict.ON_TIME;
    }
    if (spare < 0) {
      return Fuse.Verdict.LATE;
    }
    return spare < tightDays ? Fuse.Verdict.TIGHT : Fuse.Verdict.ON_TIME;
  }

  /** Working days between planned finish and the end of the reveal day, to a tenth. */
  private static @Nullable Double spareDays(
      @Nullable LocalDateTime finish,
      @Nullable LocalDate reveal,
      WeeklyHours hours,
      double dayMinutes) {
    if (finish == null || reveal == null) {
      return null;
    }
    long minutes = hours.between(finish, reveal.plusDays(1).atStartOfDay());
    return Math.floor(minutes * 10.0 / dayMinutes) / 10;
  }

  private static double dayMinutes(WeeklyHours hours, WorkshopBook book) {
    long weekly =
        hours.between(
            LocalDate.of(2024, 1, 1).atStartOfDay(), LocalDate.of(2024, 1, 8).atStartOfDay());
    long days = book.workshop().hours().stream().map(open -> open.day()).distinct().count();
    return (double) weekly / days;
  }

  private static double doneShare(List<TaskModel> tasks) {
    long all = 0;
    long done = 0;
    for (TaskModel model : tasks) {
      if (model.state() != TaskState.NO_LONGER_NEEDED) {
        all += model.task().handsOnMinutes();
        done +=
            model.task().handsOnMinutes()
                - Math.min(model.remainingMinutes(), model.task().handsOnMinutes());
      }
    }
    return all == 0 ? 0 : (double) done / all;
  }

  /**
   * Earned schedule (Lipke 2003): the day by which the plan that was frozen meant this share of the
   * work to be done. Without a frozen plan, work is taken to spread evenly from the first day to
   * the planned finish.
   */
  private static LocalDate ember(
      Build build, double share, @Nullable LocalDateTime finish, LocalDateTime clock) {
    if (build.brief().revealedOn() != null) {
      return build.brief().revealedOn();
    }
    Frozen frozen = build.concept().frozen();
    if (frozen != null && !frozen.curve().isEmpty()) {
      long total = frozen.curve().get(frozen.curve().size() - 1).minutes();
      LocalDate before = build.brief().begunOn();
      long already = 0;
      for (Frozen.CurvePoint point : frozen.curve()) {
        if (point.minutes() >= share * total) {
          double part =
              point.minutes() == already
                  ? 1
                  : (share * total - already) / (point.minutes() - already);
          return before.plusDays(Math.round(part * ChronoUnit.DAYS.between(before, point.date())));
        }
        before = point.date();
        already = point.minutes();
      }
      return before;
    }
    LocalDate from = build.brief().begunOn();
    LocalDate to = finish == null ? clock.toLocalDate() : finish.toLocalDate();
    return from.plusDays(Math.round(share * ChronoUnit.DAYS.between(from, to)));
  }

  private static List<Fuse.Stop> stops(List<TaskModel> tasks, boolean revealed) {
    List<Fuse.Stop> stops = new ArrayList<>();
    for (Stage stage : Stage.values()) {
      LocalDate on = null;
      boolean burnt = true;
      int count = 0;
      for (TaskModel model : tasks) {
        if (model.task().stage() != stage || model.state() == TaskState.NO_LONGER_NEEDED) {
          continue;
        }
        count++;
        burnt &= model.handsDone();
        LocalDateTime finish = model.finish();
        if (finish != null && (on == null || finish.toLocalDate().isAfter(on))) {
          on = finish.toLocalDate();
        }
      }
      stops.add(new Fuse.Stop(stage, on, revealed || (burnt && count > 0), count));
    }
    return stops;
  }

  /**
   * Between the stop before the first stage with open work and that stage's own stop. A parcel that
   * is still under way does not hold the ember once parts are being made.
   */
  private static double emberStop(List<TaskModel> tasks) {
    boolean making =
        tasks.stream().anyMatch(t -> t.task().stage().compareTo(Stage.ORDER) > 0 && t.handsDone());
    for (Stage stage : Stage.values()) {
      if (stage == Stage.ORDER && making) {
        continue;
      }
      long all = 0;
      long open = 0;
      for (TaskModel model : tasks) {
        if (model.task().stage() == stage && model.state() != TaskState.NO_LONGER_NEEDED) {
          all += Math.max(1, model.task().handsOnMinutes());
          open += model.handsDone() ? 0 : Math.max(1, model.remainingMinutes());
        }
      }
      if (open > 0) {
        double done = 1 - Math.min(1, (double) open / all);
        return Math.max(0, stage.ordinal() - 1 + done);
      }
    }
    return Stage.values().length - 1;
  }
}
