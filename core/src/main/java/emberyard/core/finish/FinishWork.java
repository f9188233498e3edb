package emberyard.core.finish;

import emberyard.core.build.Build;
import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.art.LayerFindings;
import emberyard.core.finish.chain.AirFindings;
import emberyard.core.finish.chain.Batches;
import emberyard.core.finish.chain.FinishChain;
import emberyard.core.finish.chain.GroundFindings;
import emberyard.core.finish.chain.HabitChoices;
import emberyard.core.finish.chain.Preparation;
import emberyard.core.finish.chain.Repairs;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Weather;
import emberyard.core.record.TaskMark;
import emberyard.core.record.Use;
import emberyard.core.thing.Thing;
import emberyard.core.units.Remembered;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.TestCard;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What the finishes of a build ask for: steps and their waits, cans and film, findings. */
public final class FinishWork {
  private final Build build;
  private final List<SchemePlan> plans;
  private final WorkshopBook book;
  private final StepTimes times;
  private final Weather weather;
  private final String behind;
  private final List<Task> tasks = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();

  /** What a finish follows from: most builds of a yard are as they were when another changed. */
  private record Key(
      PaintTarget painted,
      RoomClimate room,
      StepTimes times,
      List<AirDay> airs,
      List<Thing> products,
      List<TestCard> cards) {
    static Key of(PaintTarget painted, WorkshopBook book) {
      List<Thing> products = new ArrayList<>();
      List<TestCard> cards = new ArrayList<>();
      for (LayerStep step : painted.scheme().layers()) {
        String id = String.valueOf(step.productId());
        book.paint(id).ifPresent(products::add);
        book.film(id).ifPresent(products::add);
        book.card(id).ifPresent(cards::add);
      }
      // what a remedy would add
      for (PaintKind kind : List.of(PaintKind.PRIMER, PaintKind.CONDITIONER)) {
        book.paints().stream().filter(p -> p.kind() == kind).findFirst().ifPresent(products::add);
      }
      return new Key(
          painted, book.workshop().room(), book.workshop().times(), book.airs(), products, cards);
    }
  }

  private static final Remembered<Key, SchemePlan> KNOWN = new Remembered<>(800);

  private static SchemePlan alone(PaintTarget painted, WorkshopBook book) {
    SchemePlan plan = SchemePlan.of(painted, book);
    List<Finding> found = new ArrayList<>(LayerFindings.of(plan));
    found.addAll(GroundFindings.of(plan, book));
    return plan.judged(HabitChoices.of(plan, book), found);
  }

  private FinishWork(Build build, List<SchemePlan> plans, WorkshopBook book, String behind) {
    this.build = build;
    this.plans = plans;
    this.book = book;
    this.times = book.workshop().times();
    this.weather = Weather.of(book);
    this.behind = behind;
  }

  /** Lays the finishes of a build out, with those that share a rack. */
  public static List<SchemePlan> plans(List<PaintTarget> painted, WorkshopBook book) {
    List<SchemePlan> alone =
        painted.stream()
            .map(each -> KNOWN.get(Key.of(each, book), a -> alone(each, book)))
            .toList();
    return Batches.of(alone, book.workshop().times());
  }

  /**
   * @param behind key of the gate that painting waits for
   */
  public static Work derive(
      Build build,
      List<SchemePlan> plans,
      List<TreatmentTarget> treated,
      WorkshopBook book,
      String behind) {
    Work own = new FinishWork(build, plans, book, behind).run();
    return own.plus(TreatmentWork.derive(treated, plans, book, behind))
        .plus(OutsideWork.derive(build, behind));
  }

  private Work run() {
    FinishNeeds needs = new FinishNeeds(book, doneKeys(), openTaken());
    Map<String, List<String>> ready = readyOfFollowers();
    for (SchemePlan plan : plans) {
      Repairs repairs = Repairs.of(plan, build.faults(), times, weather);
      FinishChain chain = new FinishChain(plan, habits(plan), times, weather, repairs);
      if (!plan.coats().isEmpty()) {
        tasks.addAll(chain.tasks(behind(plan), ready.getOrDefault(plan.scheme().id(), List.of())));
      }
      needs.take(plan, plan.coats().isEmpty() ? 0 : Preparation.maskedM(plan), repairs);
      findings.addAll(plan.findings());
    }
    missing();
    findings.addAll(AirFindings.of(plans, book));
    findings.addAll(Batches.findings(plans, times));
    List<Need> all = needs.needs();
    return new Work(tasks, all, findings);
  }

  private Map<String, Double> openTaken() {
    return build.uses().stream()
        .collect(Collectors.groupingBy(Use::needKey, Collectors.summingDouble(Use::openMl)));
  }

  private Set<String> doneKeys() {
    return build.marks().stream()
        .filter(mark -> mark.what() == TaskMark.What.DONE)
        .map(TaskMark::taskKey)
        .collect(Collectors.toSet());
  }

  private static FinishHabits habits(SchemePlan plan) {
    return plan.scheme().habits();
  }

  private List<String> behind(SchemePlan plan) {
    List<String> keys = new ArrayList<>();
    if (!plan.painted().behind().isEmpty()) {
      keys.add(plan.painted().behind());
    }
    keys.add(behind);
    return keys;
  }

  /** A rack is sprayed when all that hang on it are ready. */
  private Map<String, List<String>> readyOfFollowers() {
    Map<String, List<String>> ready = new HashMap<>();
    for (SchemePlan plan : plans) {
      if (plan.leader() != null) {
        ready
            .computeIfAbsent(plan.leader(), id -> new ArrayList<>())
            .add(Preparation.readyKey(plan));
      }
    }
    return ready;
  }

  private void missing() {
    for (Scheme scheme : build.schemes()) {
      SchemePlan plan =
          plans.stream()
              .filter(each -> each.scheme().id().equals(scheme.id()))
              .findFirst()
              .orElse(null);
      if (plan == null) {
        findings.add(withoutPart(scheme.id(), scheme.name()));
      } else if (plan.coats().isEmpty()) {
        findings.add(withoutPaint(scheme));
      }
    }
  }

  private static Finding withoutPart(String id, String name) {
    return Finding.of(
            Severity.RISK,
            "finish",
            "scheme:" + id + "/part",
            "“%s” has no part to go on".formatted(name),
            "Its part is gone or can't be cut as drawn.",
            "No coats, cans or days are planned for it.")
        .about(id)
        .with(Remedy.byHand("Choose another part"));
  }

  private static Finding withoutPaint(Scheme scheme) {
    return Finding.of(
            Severity.NOTE,
            "finish",
            "scheme:" + scheme.id() + "/paint",
            "“%s” has no coats yet".formatted(scheme.name()),
            "Neither primer, colour nor clear is chosen.",
            "Nothing is planned or bought for it.")
        .about(scheme.id())
        .with(Remedy.byHand("Choose a colour"));
  }
}
