package emberyard.core.finish.chain;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.Side;
import emberyard.core.finding.Caution;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Weather;
import emberyard.core.units.Figures;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.StepTimes;
import java.util.ArrayList;
import java.util.List;

/**
 * The tasks of one finish in their order: preparation, coats with their waits, cure, inspection.
 */
public final class FinishChain {
  /** Film goes on paint no sooner than cure and two days (handbook, finish). */
  public static final int FILM_REST_MINUTES = 2 * 24 * 60;

  private static final int CURE_CHECK_MINUTES = 3;

  private final SchemePlan plan;
  private final FinishHabits habits;
  private final StepTimes times;
  private final Weather weather;
  private final Repairs repairs;
  private final List<Task> tasks = new ArrayList<>();
  private final double masked;
  private final CoatWindows windows;
  private String before = "";

  /** Minutes that have passed since the last coat when the next step may begin. */
  private int waited;

  public FinishChain(
      SchemePlan plan, FinishHabits habits, StepTimes times, Weather weather, Repairs repairs) {
    this.plan = plan;
    this.habits = habits;
    this.times = times;
    this.weather = weather;
    this.repairs = repairs;
    this.masked = Preparation.maskedM(plan);
    this.windows = new CoatWindows(plan, weather);
  }

  /**
   * @param behind keys that the first step waits for
   * @param alsoReady keys of the last preparation of finishes that hang on the same rack
   */
  public List<Task> tasks(List<String> behind, List<String> alsoReady) {
    new Preparation(plan, times).steps(behind).forEach(this::then);
    for (int i = 0; i < plan.coats().size(); i++) {
      if (plan.leader() == null) {
        layer(i, i == 0 ? alsoReady : List.of());
      } else {
        before = plan.coats().get(i).key();
      }
    }
    end();
    return tasks;
  }

  /** Adds a step behind the one before. */
  private Task then(Task task) {
    Task next = before.isEmpty() ? task : task.behind(before);
    tasks.add(next);
    before = next.key();
    return next;
  }

  private void layer(int index, List<String> alsoReady) {
    CoatStep coat = plan.coats().get(index);
    if (coat.coat() && coat.scuffed()) {
      then(
          step(
                  stepOf(coat) + "/scuff",
                  "Scuff %s with %d grit, clean: its window had closed"
                      .formatted(plan.painted().name(), Grits.FINE),
                  up(5 + plan.areaM2() * times.flatMinutesPerM2()),
                  areaWhy(5, times.flatMinutesPerM2()))
              .saying(List.of(Caution.SANDING)));
    }
    CoatStep next = index + 1 < plan.coats().size() ? plan.coats().get(index + 1) : null;
    int due = due(index, next);
    Task task = coat.coat() ? sprayed(coat, due, next) : worked(coat, due);
    task = task.behind(alsoReady).behind(repairs.before(coat.key()));
    task = windows.of(index).map(task::within).orElse(task);
    then(coat.notBefore() == null ? task : task.notBefore(coat.notBefore()));
    afterwards(coat, next);
    repairs.of(coat.key()).forEach(tasks::add);
  }

  /** What comes between a coat and the next: flatting a primer or filler, sanding by habit. */
  private void afterwards(CoatStep coat, CoatStep next) {
    boolean sameLayer = next != null && next.stepId().equals(coat.stepId());
    if (SchemePlan.sandedGround(coat) && next != null && !sameLayer) {
      then(
          flatting(
              flatKey(coat), "Flat the %s on %s".formatted(coat.layer(), plan.painted().name())));
    } else if (sandedBetween(coat, next)) {
      then(
          flatting(
              stepOf(coat) + "/sand",
              "Sand %s with %d grit between coats".formatted(plan.painted().name(), Grits.FINE)));
    }
  }

  private static String flatKey(CoatStep coat) {
    return switch (coat.stepId()) {
      // as they were called when a finish had one primer
      case "primer" -> "flat";
      case "back/primer" -> "back/flat";
      default -> coat.stepId() + "/flat";
    };
  }

  private static PaintKind kind(CoatStep coat) {
    return coat.paint() == null ? null : coat.paint().kind();
  }

  private boolean sandedBetween(CoatStep coat, CoatStep next) {
    return habits.sanding() == FinishHabits.Sanding.BETWEEN_COATS
        && next != null
        && next.coat()
        && coat.coat()
        && next.side().equals(coat.side())
        && !SchemePlan.sandedGround(coat)
        && kind(coat) != PaintKind.METALLIC
        && kind(coat) != PaintKind.CANDY
        && kind(coat) != PaintKind.STAIN;
  }

  /** Minutes from the last coat on until the next step may begin. */
  private int due(int index, CoatStep next) {
    CoatStep last =
        plan.coats().get(index).coat()
            ? plan.coats().get(index)
            : plan.coatBefore(index).orElse(null);
    if (last == null) {
      return 0;
    }
    if (next == null || !next.side().equals(last.side())) {
      return last.handleMinutes();
    }
    return switch (next.op()) {
      case PAINT, CLEAR ->
          sandedBetween(plan.coats().get(index), next)
              ? last.handleMinutes()
              : last.recoatFromMinutes();
      case FILM -> last.cureMinutes() + FILM_REST_MINUTES;
      case PEEL ->
          habits.peeling() == FinishHabits.Peeling.SOFT
              ? last.flashMinutes()
              : last.handleMinutes();
      default -> last.handleMinutes();
    };
  }

  private Task sprayed(CoatStep coat, int due, CoatStep next) {
    waited = due;
    boolean toHandle = due == coat.handleMinutes();
    Task task =
        Task.of(
                coat.key(),
                title(coat),
                Stage.FINISH,
                coat.handsOnMinutes(),
                new Why(
                    "set-up + area ÷ spray rate", SchemePlan.handsOnInputs(coat.areaM2(), times)))
            .about(plan.scheme().id())
            .at(StationKind.SPRAY_CORNER)
            .thenWaits(due, toHandle ? "dry to handle" : waiting(next))
            .holding()
            .inOneGo()
            .in(weather.paces(coat.paint().base()))
            .saying(List.of(caution(coat)));
    return task;
  }

  private static String waiting(CoatStep next) {
    if (next != null && next.op() == LayerOp.PEEL) {
      return "flash, then peel soft";
    }
    return next != null && next.op() == LayerOp.FILM ? "cure and two days" : "flash and recoat";
  }

  private Task worked(CoatStep step, int due) {
    int left = Math.max(0, due - waited);
    waited = Math.max(waited, due);
    Task task =
        step(
            stepOf(step),
            title(step),
            step.handsOnMinutes(),
            Why.of(
                "a beginning + contour × time a metre, or area ÷ burning speed",
                "%.3f m²".formatted(step.areaM2()),
                Figures.plain(times.weedMinutesPerMetre()) + " min/m weeding (default)"));
    if (step.op() == LayerOp.ENGRAVE) {
      task = task.at(StationKind.LASER).saying(List.of(Caution.LASER));
    }
    return left == 0 ? task : task.thenWaits(left, "the coat before dries");
  }

  private void end() {
    CoatStep last = null;
    int cure = 0;
    for (CoatStep coat : plan.coats()) {
      last = coat.coat() ? coat : last;
      cure = Math.max(cure, coat.cureMinutes());
    }
    String name = plan.painted().name();
    if (last == null) {
      then(inspected(name));
      return;
    }
    List<String> mended = repairs.lastKeys(plan.coats());
    if (habits.mounting() == FinishHabits.Mounting.HANDLE) {
      Task handle =
          Task.of(
                  SchemePlan.key(plan.scheme(), "handle"),
                  name + " can be handled",
                  Stage.FINISH,
                  0,
                  Why.of("dry to handle, by habit", Figures.minutes(last.handleMinutes())))
              .about(plan.scheme().id());
      then(handle.behind(mended));
    }
    then(cure(name, last, cure).behind(mended));
    if (last.paint().kind() == PaintKind.CLEAR
        && last.paint().gloss() == PaintProduct.Shine.GLOSS) {
      then(
          step(
                  "polish",
                  "Polish %s, 1500 to 2000 grit, then compound".formatted(name),
                  up(10 + 3 * plan.areaM2() * times.flatMinutesPerM2()),
                  areaWhy(10, 3 * times.flatMinutesPerM2()))
              .saying(List.of(Caution.SANDING)));
    }
    if (masked > 0) {
      then(
          step(
              "unmask",
              "Take the masking off " + name,
              up(2 + masked * times.maskMinutesPerMetre() / 4),
              Why.of(
                  "2 min + length × a quarter of the masking time", "%.2f m".formatted(masked))));
    }
    then(inspected(name));
  }

  private Task cure(String name, CoatStep last, int cure) {
    return Task.of(
            SchemePlan.key(plan.scheme(), "cure"),
            name + " cures",
            Stage.FINISH,
            0,
            Why.of(
                "longest cure − dry to handle, × drying factor of the room",
                "cure %s".formatted(Figures.minutes(cure)),
                "handle %s".formatted(Figures.minutes(last.handleMinutes()))))
        .about(plan.scheme().id())
        .thenWaits(Math.max(0, cure - last.handleMinutes()), "cure: do not mount")
        .in(weather.paces(last.paint().base()));
  }

  private Task inspected(String name) {
    return step(
            "cured",
            "Paint on %s is cured".formatted(name),
            CURE_CHECK_MINUTES,
            Why.of("a default", CURE_CHECK_MINUTES + " min (default)"))
        .asGate();
  }

  private Task flatting(String step, String title) {
    return step(
            step,
            title,
            up(5 + plan.areaM2() * times.flatMinutesPerM2()),
            areaWhy(5, times.flatMinutesPerM2()))
        .saying(List.of(Caution.SANDING));
  }

  private Why areaWhy(int begin, double perM2) {
    return areaWhy(plan, begin, perM2);
  }

  static Why areaWhy(SchemePlan plan, int begin, double perM2) {
    return Why.of(
        begin + " min + area × time a m²",
        Figures.plain(plan.areaM2()) + " m²",
        Figures.plain(perM2) + " min/m² (default)");
  }

  private Task step(String step, String title, int minutes, Why why) {
    return step(plan, step, title, minutes, why);
  }

  /** A step at the bench. */
  static Task step(SchemePlan plan, String step, String title, int minutes, Why why) {
    return Task.of(SchemePlan.key(plan.scheme(), step), title, Stage.FINISH, minutes, why)
        .about(plan.scheme().id())
        .at(StationKind.BENCH);
  }

  private String stepOf(CoatStep coat) {
    return coat.key().substring(coat.key().indexOf('/') + 1);
  }

  private String title(CoatStep coat) {
    boolean both = plan.paints(Side.FRONT) && plan.paints(Side.BACK);
    String side = both || plan.scheme().layeredArt() ? ", " + coat.side() : "";
    return coat.coat()
        ? "%s%s: %s coat %d, %s"
            .formatted(
                plan.painted().name(), side, coat.layer(), coat.number(), coat.paint().name())
        : "%s%s: %s".formatted(plan.painted().name(), side, coat.layer());
  }

  static Caution caution(CoatStep coat) {
    if (kind(coat) == PaintKind.STAIN) {
      return Caution.STAIN;
    }
    return switch (coat.paint().base()) {
      case SOLVENT, ENAMEL -> Caution.SOLVENT_SPRAY;
      case WATERBORNE -> Caution.WATERBORNE_SPRAY;
      case TWO_PACK -> Caution.TWO_PACK;
    };
  }

  private static int up(double minutes) {
    return (int) Math.ceil(minutes - 1e-9);
  }
}
