package emberyard.core.finish.chain;

import emberyard.core.build.Side;
import emberyard.core.build.Surface;
import emberyard.core.finding.Caution;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.units.Figures;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.StepTimes;
import java.util.ArrayList;
import java.util.List;

/** What is done before the first coat: strip, wash, grain, stain test, mask, key. */
public final class Preparation {
  private static final int STAIN_TEST_MINUTES = 15;
  private static final int GRAIN_DRIES_MINUTES = 60;

  private final SchemePlan plan;
  private final StepTimes times;
  private final List<Task> tasks = new ArrayList<>();

  Preparation(SchemePlan plan, StepTimes times) {
    this.plan = plan;
    this.times = times;
  }

  /**
   * In order; the first waits for these keys.
   *
   * @param behind keys of what has to be finished before
   */
  List<Task> steps(List<String> behind) {
    prepare(behind);
    return tasks;
  }

  /** Key of the last preparation. */
  public static String readyKey(SchemePlan plan) {
    return SchemePlan.key(plan.scheme(), seenThrough(plan) ? "wash" : "key");
  }

  private void prepare(List<String> behind) {
    String name = plan.painted().name();
    double area = plan.areaM2();
    if (plan.scheme().surface() == Surface.STRIP) {
      add(
          step(
                  "strip",
                  "Strip the old finish off " + name,
                  15 + up(area * times.stripMinutesPerM2()),
                  areaWhy(15, times.stripMinutesPerM2()))
              .saying(List.of(Caution.SANDING)));
    }
    add(
        step(
            "wash",
            "Wash and degrease " + name,
            times.washMinutes(),
            Why.of("a default", times.washMinutes() + " min (default)")));
    ofTheSubstrate(name);
    double masked = maskedM(plan);
    if (masked > 0) {
      add(
          step(
              "mask",
              "Mask %s: %.1f m of tape".formatted(name, masked),
              up(5 + masked * times.maskMinutesPerMetre()),
              Why.of(
                  "5 min + length × time a metre",
                  "%.2f m, all rims".formatted(masked),
                  Figures.plain(times.maskMinutesPerMetre()) + " min/m (default)")));
    }
    if (!seenThrough(plan)) {
      add(
          step(
                  "key",
                  "Key %s with %d grit, tack off"
                      .formatted(name, plan.painted().substrate().grit()),
                  up(5 + area * times.keyMinutesPerM2()),
                  areaWhy(5, times.keyMinutesPerM2()))
              .saying(List.of(Caution.SANDING)));
    }
    tasks.set(0, tasks.get(0).behind(behind));
  }

  /** Wood and prints want more than a key. */
  private void ofTheSubstrate(String name) {
    double area = plan.areaM2();
    Substrate ground = plan.painted().substrate();
    if (ground == Substrate.PRINT) {
      add(
          step(
                  "sand",
                  "Sand %s, 240 then 400 grit".formatted(name),
                  up(10 + 2 * area * times.keyMinutesPerM2()),
                  areaWhy(10, 2 * times.keyMinutesPerM2()))
              .saying(List.of(Caution.SANDING)));
    }
    if (ground.grain() && plan.coats().stream().anyMatch(Preparation::waterborne)) {
      add(
          step(
                  "grain",
                  "Damp %s to raise the grain, let it dry, sand".formatted(name),
                  up(5 + area * times.flatMinutesPerM2()),
                  areaWhy(5, times.flatMinutesPerM2()))
              .thenWaits(GRAIN_DRIES_MINUTES, "the wood dries")
              .saying(List.of(Caution.SANDING)));
    }
    if (plan.coats().stream().anyMatch(coat -> kind(coat) == PaintKind.STAIN)) {
      add(
          step(
                  "stain-test",
                  "Test the stain of %s on an offcut of the same wood".formatted(name),
                  STAIN_TEST_MINUTES,
                  Why.of("a default", STAIN_TEST_MINUTES + " min (default)"))
              .saying(List.of(Caution.STAIN))
              .asGate());
    }
  }

  private static boolean waterborne(CoatStep coat) {
    return coat.paint() != null && coat.paint().base() == PaintBase.WATERBORNE;
  }

  /** The back of a clear sheet is not keyed: scratches would be seen through it. */
  private static boolean seenThrough(SchemePlan plan) {
    return plan.painted().optic().clear()
        && plan.paints(plan.scheme().seenFrom().across())
        && !plan.paints(plan.scheme().seenFrom());
  }

  /** Where only one side of a clear sheet is painted, or one face of a case, the rest is masked. */
  public static double maskedM(SchemePlan plan) {
    boolean oneSide = !(plan.paints(Side.FRONT) && plan.paints(Side.BACK));
    boolean masks = plan.scheme().face() != null || (plan.painted().optic().clear() && oneSide);
    return masks ? plan.painted().rimM() : 0;
  }

  private void add(Task task) {
    tasks.add(task);
  }

  private static PaintKind kind(CoatStep coat) {
    return coat.paint() == null ? null : coat.paint().kind();
  }

  private Why areaWhy(int begin, double perM2) {
    return FinishChain.areaWhy(plan, begin, perM2);
  }

  private Task step(String step, String title, int minutes, Why why) {
    return FinishChain.step(plan, step, title, minutes, why);
  }

  private static int up(double minutes) {
    return (int) Math.ceil(minutes - 1e-9);
  }
}
