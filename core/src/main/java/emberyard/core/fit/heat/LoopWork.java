package emberyard.core.fit.heat;

import emberyard.core.build.Build;
import emberyard.core.build.Loop;
import emberyard.core.finding.Caution;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Coolant, fittings and the leak test of loops. */
public final class LoopWork {
  private LoopWork() {}

  public static List<Task> tasks(Build build, WorkshopBook book, List<String> behind) {
    StepTimes times = book.workshop().times();
    List<Task> tasks = new ArrayList<>();
    for (Loop loop : build.loops()) {
      String fill = "loop:" + loop.id() + "/fill";
      String run = "loop:" + loop.id() + "/leak-run";
      tasks.add(
          Task.of(
                  fill,
                  "Lay, fill and bleed " + loop.name(),
                  Stage.ASSEMBLE,
                  times.loopFillMinutes(),
                  Why.of("a default", times.loopFillMinutes() + " min (default)"))
              .about(loop.id())
              .at(StationKind.BENCH)
              .behind(behind)
              .saying(List.of(Caution.COOLANT)));
      tasks.add(
          Task.of(
                  run,
                  "Leak test of %s: power only the pump".formatted(loop.name()),
                  Stage.ASSEMBLE,
                  10,
                  Why.of(
                      "a default; shorter is allowed while someone stays with it",
                      "10 min (default)",
                      times.leakTestHours() + " h running (default)"))
              .about(loop.id())
              .at(StationKind.BENCH)
              .thenWaits(times.leakTestHours() * 60, "the leak test")
              .behind(fill)
              .saying(List.of(Caution.COOLANT)));
      tasks.add(
          Task.of(
                  "loop:" + loop.id() + "/leak",
                  "%s is tight: towels dry".formatted(loop.name()),
                  Stage.ASSEMBLE,
                  10,
                  Why.of("a default", "10 min (default)"))
              .about(loop.id())
              .at(StationKind.BENCH)
              .behind(run)
              .asGate()
              .saying(List.of(Caution.COOLANT)));
    }
    return tasks;
  }

  public static List<Need> needs(Build build, Cooling cooling, WorkshopBook book, String neededBy) {
    List<Need> needs = new ArrayList<>();
    Map<String, Integer> fittings = new LinkedHashMap<>();
    for (Loop loop : build.loops()) {
      cooling.circuits().stream()
          .filter(circuit -> circuit.id().equals(loop.id()))
          .filter(circuit -> circuit.orderL() > 0)
          .forEach(circuit -> needs.add(coolant(loop, circuit, book, neededBy)));
      for (Loop.Run run : loop.runs()) {
        if (run.fittings() > 0) {
          fittings.merge(run.fittingId() + "|" + run.thread(), run.fittings(), Integer::sum);
        }
      }
    }
    fittings.forEach((kind, count) -> needs.add(fitting(kind, count, book, neededBy)));
    return needs;
  }

  private static Need coolant(Loop loop, Circuit circuit, WorkshopBook book, String neededBy) {
    HardwareProduct product = book.hardware(loop.coolantId()).orElse(null);
    double litres = Math.ceil(circuit.orderL() * 10 - 1e-6) / 10;
    return need(
        "coolant:" + loop.id(),
        product,
        "Coolant for " + loop.name(),
        litres,
        "l",
        book,
        neededBy,
        Why.of(
            "radiators + blocks + reservoir + tubes, 20 % more, rounded up to 0.1 l",
            "%s l in the loop".formatted(Figures.plain(circuit.coolantL()))));
  }

  private static Need fitting(String kind, int count, WorkshopBook book, String neededBy) {
    String productId = kind.substring(0, kind.indexOf('|'));
    String thread = kind.substring(kind.indexOf('|') + 1);
    return need(
        "fitting:" + kind,
        book.hardware(productId).orElse(null),
        "Fitting " + (thread.isEmpty() ? "without a thread named" : thread),
        count,
        "pieces",
        book,
        neededBy,
        Why.of("fittings of all runs", count + " pieces"));
  }

  private static Need need(
      String key,
      HardwareProduct product,
      String title,
      double quantity,
      String unit,
      WorkshopBook book,
      String neededBy,
      Why why) {
    String supplier = product == null ? "" : product.supplierId();
    return new Need(
        key,
        product == null ? title + ", no price yet" : product.name(),
        CostCategory.PERFORMANCE_HARDWARE,
        supplier,
        quantity,
        0,
        unit,
        product == null ? 0 : product.priceMinor(),
        book.leadDays(supplier),
        List.of(neededBy),
        why);
  }
}
