package emberyard.server;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.LayerStack;
import emberyard.core.finish.layer.LightOn;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.layer.Region;
import emberyard.core.finish.layer.RegionMap;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.finish.optic.Coating;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/** How fast a finish of many steps and shapes is replayed, and an order of colours is found. */
final class FinishBenchmark {
  private static final Outline SHEET = Outline.of(Contour.rectangle(0, 0, 400, 300, 0));
  private static final List<String> PAINTS =
      List.of("#B3202A", "#151515", "#EDE3C4", "#2E4A45", "#56646F", "#E8A33D");

  private FinishBenchmark() {}

  static void appendTo(Timing timing, PrintStream out) {
    out.println("\n## Finish\n");
    timing.head();
    Map<String, Outline> shapes = shapes(1);
    List<Region> regions = RegionMap.of(SHEET, shapes);
    int[] run = {0};
    timing.row(
        "replaying 40 steps over 200 shapes (%d regions), both sides, after each step, another order each time"
            .formatted(regions.size()),
        Timing.measure(
            () -> LayerModel.of(stack(shapes, steps(run[0]++, shapes), null), regions), () -> {}),
        "under 50 ms");
    timing.row(
        "dividing the sheet by 200 other shapes each time, exactly",
        Timing.measure(() -> RegionMap.of(SHEET, shapes(2 + run[0]++)), () -> {}),
        "—");
    List<Region> named = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      named.add(new Region(i == 0 ? java.util.Set.of() : java.util.Set.of("s" + i), Outline.NONE));
    }
    timing.row(
        "finding an order for 4 colours on 2 faces, 6 paints",
        Timing.measure(
            () -> OrderSearch.of(stack(few(), List.of(), "#151515"), named, 3), () -> {}),
        "under 1,000 ms");
  }

  private static Map<String, Outline> few() {
    Map<String, Outline> few = new LinkedHashMap<>();
    for (int i = 1; i < 4; i++) {
      few.put("s" + i, Outline.NONE);
    }
    return few;
  }

  /** 200 discs in a grid, neighbours overlapping here and there. */
  private static Map<String, Outline> shapes(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Map<String, Outline> shapes = new LinkedHashMap<>();
    for (int i = 0; i < 200; i++) {
      double x = 15 + i % 20 * 19;
      double y = 18 + i / 20 * 28;
      shapes.put("s" + i, Outline.of(Contour.circle(x, y, 12 + 10 * random.nextDouble())));
    }
    return shapes;
  }

  private static LayerStack stack(
      Map<String, Outline> shapes, List<LayerStep> steps, String field) {
    Map<String, LayerStack.Wanted> wanted = new LinkedHashMap<>();
    shapes
        .keySet()
        .forEach(
            id ->
                wanted.put(
                    id,
                    new LayerStack.Wanted(
                        id, field == null ? null : PAINTS.get(1 + wanted.size()))));
    Map<String, Coating> products = new LinkedHashMap<>();
    for (String hex : PAINTS) {
      products.put(hex, Coating.paint(hex, Colour.hex(hex), 0.8));
    }
    return new LayerStack(
        new SheetOptic(Colour.WHITE, 0.92, 3),
        steps,
        wanted,
        field,
        Side.FRONT,
        products,
        LayerStack.INSIDE,
        LightOn.USUAL);
  }

  private static List<LayerStep> steps(int seed, Map<String, Outline> shapes) {
    SplittableRandom random = new SplittableRandom(seed);
    List<String> ids = new ArrayList<>(shapes.keySet());
    List<LayerStep> steps = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      Side side = random.nextBoolean() ? Side.FRONT : Side.BACK;
      int from = random.nextInt(150);
      List<String> some = ids.subList(from, from + 50);
      steps.add(
          switch (i % 4) {
            case 1 -> LayerStep.on("s" + i, side, LayerOp.STENCIL, some);
            case 3 -> LayerStep.on("s" + i, side, LayerOp.PEEL, List.of());
            default ->
                LayerStep.coats("s" + i, side, LayerOp.PAINT, PAINTS.get(random.nextInt(6)), 2);
          });
    }
    return steps;
  }
}
