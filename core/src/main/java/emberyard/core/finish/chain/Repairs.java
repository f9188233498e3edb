package emberyard.core.finish.chain;

import emberyard.core.finding.Caution;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Weather;
import emberyard.core.record.PaintFault;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.StepTimes;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What faults on a finish ask for. Flatting waits until the coat can be sanded; recolouring keys it
 * and lays the layer again; stripping does the side again from the sheet on.
 */
public final class Repairs {
  public static final Repairs NONE = new Repairs(List.of(), List.of());

  private static final int LOCAL_FLAT_MINUTES = 15;

  private final List<PaintFault> faults;
  private final List<String> order;
  private final Map<String, List<Task>> byCoat = new HashMap<>();
  private final Map<String, String> lastOf = new HashMap<>();
  private final Map<String, Double> ml = new TreeMap<>();
  private final Map<String, List<String>> usedBy = new TreeMap<>();

  private Repairs(List<PaintFault> faults, List<CoatStep> coats) {
    this.faults = faults;
    this.order = coats.stream().map(CoatStep::key).toList();
  }

  public static Repairs of(
      SchemePlan plan, List<PaintFault> all, StepTimes times, Weather weather) {
    List<PaintFault> mine =
        all.stream().filter(fault -> fault.schemeId().equals(plan.scheme().id())).toList();
    Repairs repairs = new Repairs(mine, plan.coats());
    for (PaintFault fault : mine) {
      plan.coats().stream()
          .filter(coat -> coat.coat() && coat.key().equals(fault.taskKey()))
          .findFirst()
          .ifPresent(coat -> repairs.mend(plan, fault, coat, times, weather));
    }
    return repairs;
  }

  private void mend(
      SchemePlan plan, PaintFault fault, CoatStep coat, StepTimes times, Weather weather) {
    List<Task> steps = new ArrayList<>();
    String name = plan.painted().name();
    Task dry =
        Task.of(
                key(fault, "dry"),
                "%s hardens before the %s is mended".formatted(name, fault.kind().words()),
                Stage.FINISH,
                0,
                Why.of("dry to handle, × drying factor", coat.handleMinutes() + " min"))
            .about(plan.scheme().id())
            .thenWaits(coat.handleMinutes(), "hard enough to sand")
            .in(weather.paces(coat.paint().base()));
    steps.add(dry.behind(lastOf.getOrDefault(coat.key(), coat.key())));
    steps.add(sanded(plan, fault, times).behind(dry.key()));
    for (CoatStep again : again(plan, fault, coat)) {
      String number = String.valueOf(steps.size() - 1);
      steps.add(
          recoat(plan, fault, again, number, weather).behind(steps.get(steps.size() - 1).key()));
      ml.merge(again.paint().id(), again.ml(), Double::sum);
      usedBy
          .computeIfAbsent(again.paint().id(), id -> new ArrayList<>())
          .add(key(fault, "coat/" + number));
    }
    byCoat.computeIfAbsent(coat.key(), k -> new ArrayList<>()).addAll(steps);
    lastOf.put(coat.key(), steps.get(steps.size() - 1).key());
  }

  private static Task sanded(SchemePlan plan, PaintFault fault, StepTimes times) {
    String name = plan.painted().name();
    double area = plan.areaM2();
    int minutes =
        switch (fault.repair()) {
          case FLAT -> LOCAL_FLAT_MINUTES;
          case RECOLOUR -> (int) Math.ceil(5 + area * times.keyMinutesPerM2());
          case STRIP -> (int) Math.ceil(15 + area * times.stripMinutesPerM2());
        };
    String title =
        switch (fault.repair()) {
          case FLAT -> "Flat the %s on %s, 600 then 800 grit".formatted(fault.kind().words(), name);
          case RECOLOUR -> "Key %s again, 800 grit".formatted(name);
          case STRIP -> "Strip %s and key it again".formatted(name);
        };
    return Task.of(
            key(fault, "sand"),
            title,
            Stage.FINISH,
            minutes,
            Why.of(
                fault.repair() == PaintFault.Repair.FLAT
                    ? "a default for one place"
                    : "a beginning + area × time a m²",
                "%.3f m²".formatted(area)))
        .about(plan.scheme().id())
        .at(StationKind.BENCH)
        .saying(List.of(Caution.SANDING));
  }

  /** The coats that are laid again. */
  private static List<CoatStep> again(SchemePlan plan, PaintFault fault, CoatStep coat) {
    return switch (fault.repair()) {
      case FLAT -> List.of(coat);
      case RECOLOUR ->
          plan.coats().stream()
              .filter(c -> c.stepId().equals(coat.stepId()) && c.number() <= coat.number())
              .toList();
      case STRIP -> {
        List<CoatStep> until = new ArrayList<>();
        for (CoatStep each : plan.coats()) {
          if (each.coat() && each.side().equals(coat.side())) {
            until.add(each);
          }
          if (each.key().equals(coat.key())) {
            break;
          }
        }
        yield until;
      }
    };
  }

  private static Task recoat(
      SchemePlan plan, PaintFault fault, CoatStep coat, String number, Weather weather) {
    return Task.of(
            key(fault, "coat/" + number),
            "%s: %s again, %s".formatted(plan.painted().name(), coat.layer(), coat.paint().name()),
            Stage.FINISH,
            coat.handsOnMinutes(),
            Why.of("as the coat that is mended", coat.handsOnMinutes() + " min"))
        .about(plan.scheme().id())
        .at(StationKind.SPRAY_CORNER)
        .thenWaits(coat.handleMinutes(), "dry to handle")
        .holding()
        .inOneGo()
        .in(weather.paces(coat.paint().base()))
        .saying(List.of(FinishChain.caution(coat)));
  }

  private static String key(PaintFault fault, String step) {
    return "fault:" + fault.id() + "/" + step;
  }

  public List<Task> of(String coatKey) {
    return byCoat.getOrDefault(coatKey, List.of());
  }

  /** What has to be mended before a step that lies on faulty coats before it. */
  List<String> before(String coatKey) {
    return lastOf.entrySet().stream()
        .filter(entry -> earlier(entry.getKey(), coatKey))
        .map(Map.Entry::getValue)
        .toList();
  }

  private boolean earlier(String one, String other) {
    return order.indexOf(one) >= 0 && order.indexOf(one) < order.indexOf(other);
  }

  List<String> lastKeys(List<CoatStep> coats) {
    return coats.stream()
        .map(coat -> lastOf.get(coat.key()))
        .filter(java.util.Objects::nonNull)
        .toList();
  }

  /** Wet paint by product, ml. */
  public Map<String, Double> ml() {
    return ml;
  }

  public List<String> usedBy(String paintId) {
    return usedBy.getOrDefault(paintId, List.of());
  }

  List<PaintFault> faults() {
    return faults;
  }
}
