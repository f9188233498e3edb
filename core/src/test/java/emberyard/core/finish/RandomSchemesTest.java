package emberyard.core.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.build.Surface;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.record.PaintFault;
import emberyard.core.work.Need;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Whatever steps, habits, grounds, racks and faults come together, the work holds together. */
class RandomSchemesTest {
  private static final List<String> PAINTS =
      List.of("green", "grey", "white", "enamel", "honey-stain", "clear");

  private static Scheme scheme(String id, SplittableRandom random) {
    List<LayerStep> steps = new ArrayList<>();
    int count = random.nextInt(8);
    for (int i = 0; i < count; i++) {
      Side side = random.nextInt(3) == 0 ? Side.BACK : Side.FRONT;
      String step = "l" + i;
      switch (random.nextInt(6)) {
        case 0 -> steps.add(LayerStep.on(step, side, LayerOp.STENCIL, List.of()));
        case 1 -> steps.add(LayerStep.on(step, side, LayerOp.PEEL, List.of()));
        case 2 -> steps.add(LayerStep.on(step, side, LayerOp.ENGRAVE, List.of()));
        default -> {
          String paint = PAINTS.get(random.nextInt(PAINTS.size()));
          LayerOp op = paint.equals("clear") ? LayerOp.CLEAR : LayerOp.PAINT;
          LayerStep coats = LayerStep.coats(step, side, op, paint, 1 + random.nextInt(4));
          steps.add(
              random.nextInt(4) == 0 ? coats.timed(new LayerStep.CoatTime(1, null, true)) : coats);
        }
      }
    }
    FinishHabits habits =
        new FinishHabits(
            one(FinishHabits.Priming.values(), random),
            one(FinishHabits.Sanding.values(), random),
            one(FinishHabits.Mounting.values(), random),
            one(FinishHabits.Peeling.values(), random));
    return FinishSamples.layers(id, steps.toArray(LayerStep[]::new))
        .withHabits(habits)
        .towards("#2E4A45", one(Surface.values(), random));
  }

  private static <T> T one(T[] values, SplittableRandom random) {
    return values[random.nextInt(values.length)];
  }

  private static List<PaintTarget> painted(SplittableRandom random) {
    List<PaintTarget> all = new ArrayList<>();
    for (String id : List.of("a", "b", "c")) {
      Scheme scheme = scheme(id, random);
      if (!all.isEmpty() && random.nextInt(3) == 0) {
        // the same coats as the first, on its rack
        scheme = scheme.withLayers(all.get(0).scheme().layers()).withHangsWith("a");
      }
      Substrate ground = one(Substrate.values(), random);
      all.add(
          random.nextInt(3) == 0
              ? FinishSamples.clear(scheme)
              : FinishSamples.painted(scheme, ground));
    }
    return all;
  }

  private static PaintFault[] faults(List<PaintTarget> painted, SplittableRandom random) {
    List<PaintFault> faults = new ArrayList<>();
    for (SchemePlan plan : FinishWork.plans(painted, FinishSamples.book())) {
      for (CoatStep coat : plan.coats()) {
        if (coat.coat() && plan.leader() == null && random.nextInt(5) == 0) {
          faults.add(
              new PaintFault(
                  "f" + faults.size(),
                  plan.scheme().id(),
                  coat.key(),
                  one(PaintFault.Kind.values(), random),
                  one(PaintFault.Repair.values(), random),
                  Instant.EPOCH,
                  "Bram",
                  ""));
        }
      }
    }
    return faults.toArray(PaintFault[]::new);
  }

  @RepeatedTest(40)
  void theWorkHoldsTogether(RepetitionInfo run) {
    SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
    List<PaintTarget> painted = painted(random);
    Work work = FinishSamples.work(painted, faults(painted, random));
    Set<String> keys = new HashSet<>();
    work.tasks().forEach(task -> assertTrue(keys.add(task.key()), task.key() + " twice"));
    for (Task task : work.tasks()) {
      for (String before : task.after()) {
        boolean own = before.startsWith("scheme:") || before.startsWith("fault:");
        assertTrue(!own || keys.contains(before), task.key() + " waits for " + before);
      }
      assertTrue(task.handsOnMinutes() >= 0 && task.waitMinutes() >= 0, task.key());
      assertFalse(task.why().inputs().isEmpty(), task.key() + " says why");
    }
    assertFalse(circles(work.tasks()), "no circles");
    for (Need need : work.needs()) {
      assertTrue(need.quantity() >= 0, need.key());
    }
  }

  /** Takes away what waits for nothing until nothing is left, or nothing can be taken. */
  private static boolean circles(List<Task> tasks) {
    List<Task> left = new ArrayList<>(tasks);
    while (!left.isEmpty()) {
      Set<String> open = new HashSet<>();
      left.forEach(task -> open.add(task.key()));
      if (!left.removeIf(task -> task.after().stream().noneMatch(open::contains))) {
        return true;
      }
    }
    return false;
  }

  @RepeatedTest(30)
  void everyCoatIsSprayedOnceOrOnItsRackAndPaidForInMillilitres(RepetitionInfo run) {
    SplittableRandom random = new SplittableRandom(1_000 + run.getCurrentRepetition());
    List<PaintTarget> painted = painted(random);
    Work work = FinishSamples.work(painted);
    double ml = 0;
    for (SchemePlan plan : FinishWork.plans(painted, FinishSamples.book())) {
      for (CoatStep coat : plan.coats()) {
        Task task = FinishSamples.task(work, coat.key());
        assertEquals(
            coat.coat() || coat.op() == LayerOp.ENGRAVE,
            task.station() == StationKind.SPRAY_CORNER || task.station() == StationKind.LASER);
        assertEquals(coat.coat() ? coat.areaM2() * 138.88 : 0, coat.ml(), 0.2);
        ml += coat.ml();
      }
    }
    double cans =
        work.needs().stream()
            .filter(need -> need.key().startsWith("paint:"))
            .mapToDouble(Need::quantity)
            .sum();
    assertTrue(cans * 360 >= ml - 1e-6, "%.0f ml from %.0f cans".formatted(ml, cans));
  }

  @RepeatedTest(30)
  void theLastFrameIsWhatTheRegionsShowAndLightOnlyAdds(RepetitionInfo run) {
    SplittableRandom random = new SplittableRandom(2_000 + run.getCurrentRepetition());
    for (PaintTarget each : painted(random)) {
      LayerModel model = SchemePlan.of(each, FinishSamples.book()).layers();
      LayerModel.Frame last = model.frames().get(model.frames().size() - 1);
      assertEquals(each.scheme().layers().size(), last.steps());
      for (int i = 0; i < model.regions().size(); i++) {
        LayerModel.RegionModel region = model.regions().get(i);
        assertEquals(region.front().unlit(), last.front().get(i));
        assertEquals(region.back().unlit(), last.back().get(i));
        assertTrue(brightness(region.front().backLit()) >= brightness(region.front().unlit()));
        assertTrue(brightness(region.front().edgeLit()) >= brightness(region.front().unlit()));
        assertTrue(brightness(region.front().dusk()) <= brightness(region.front().unlit()));
        assertTrue(region.transmittance() >= 0 && region.transmittance() <= 1);
      }
    }
  }

  private static double brightness(String hex) {
    return emberyard.core.colour.Colour.hex(hex).luminance();
  }
}
