package emberyard.core.finish.layer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Coating;
import emberyard.core.finish.optic.KubelkaMunk;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Replay and regions against painting point by point. */
class ReplayPropertiesTest {
  private static final Outline SHEET = Outline.of(Contour.rectangle(0, 0, 200, 120, 0));
  private static final Map<String, String> PAINTS =
      Map.of("red", "#B3202A", "black", "#151515", "cream", "#EDE3C4", "green", "#2E4A45");
  private static final Map<String, Double> HIDING =
      Map.of("red", 0.6, "black", 0.97, "cream", 0.5, "green", 0.8);

  @RepeatedTest(50)
  void replayEqualsPaintingPointByPoint(RepetitionInfo run) {
    for (int n = 0; n < 10; n++) {
      SplittableRandom random = new SplittableRandom(run.getCurrentRepetition() * 100L + n);
      Map<String, Outline> shapes = shapes(random);
      List<LayerStep> steps = steps(random, new ArrayList<>(shapes.keySet()));
      LayerStack stack = stack(shapes.keySet(), steps);
      List<Region> regions = RegionMap.of(SHEET, shapes);
      for (int p = 0; p < 12; p++) {
        double x = 1 + 198 * random.nextDouble();
        double y = 1 + 118 * random.nextDouble();
        check(stack, shapes, regions, x, y);
      }
    }
  }

  private static void check(
      LayerStack stack, Map<String, Outline> shapes, List<Region> regions, double x, double y) {
    Map<String, Boolean> inside = new HashMap<>();
    Set<String> over = new TreeSet<>();
    for (Map.Entry<String, Outline> shape : shapes.entrySet()) {
      boolean in = contains(shape.getValue(), x, y);
      inside.put(shape.getKey(), in);
      if (in) {
        over.add(shape.getKey());
      }
    }
    Region found =
        regions.stream().filter(r -> contains(r.outline(), x, y)).findFirst().orElse(null);
    if (found == null) {
      return;
    }
    if (!found.shapes().equals(over)) {
      assertTrue(nearAnEdge(shapes, x, y), found.shapes() + " instead of " + over);
      return;
    }
    SlowPainter slow = new SlowPainter(paints());
    slow.paint(stack.steps(), inside);
    for (Side side : Side.values()) {
      Colour expected = slow.seen(side, 1, SlowPainter.linear("#1E2224"));
      Colour seen = stack.shown(over, side);
      assertEquals(0, expected.deltaE00(seen), 0.35, side + " " + over + " " + stack.steps());
    }
  }

  private static boolean contains(Outline outline, double x, double y) {
    return Plane.geometry(outline)
        .contains(new GeometryFactory().createPoint(new Coordinate(x, y)));
  }

  private static boolean nearAnEdge(Map<String, Outline> shapes, double x, double y) {
    var point = new GeometryFactory().createPoint(new Coordinate(x, y));
    return shapes.values().stream()
        .anyMatch(s -> Plane.geometry(s).getBoundary().distance(point) < 0.01);
  }

  @Test
  void everyPointBelongsToExactlyOneRegion() {
    for (int seed = 0; seed < 60; seed++) {
      Map<String, Outline> shapes = shapes(new SplittableRandom(seed));
      List<Region> regions = RegionMap.of(SHEET, shapes);
      double sum = regions.stream().mapToDouble(r -> r.outline().areaMm2()).sum();
      assertEquals(200 * 120, sum, 0.5, "seed " + seed);
      assertEquals(
          regions.size(), regions.stream().map(Region::shapes).distinct().count(), "one each");
    }
  }

  private static Map<String, SlowPainter.Paint> paints() {
    Map<String, SlowPainter.Paint> paints = new HashMap<>();
    PAINTS.forEach(
        (id, hex) -> {
          Colour full = KubelkaMunk.full(Colour.hex(hex));
          paints.put(
              id,
              new SlowPainter.Paint(
                  new double[] {full.red(), full.green(), full.blue()},
                  KubelkaMunk.strength(Colour.hex(hex), HIDING.get(id))));
        });
    return paints;
  }

  private static LayerStack stack(Set<String> shapes, List<LayerStep> steps) {
    Map<String, LayerStack.Wanted> wanted = new LinkedHashMap<>();
    shapes.forEach(id -> wanted.put(id, new LayerStack.Wanted(id, null)));
    Map<String, Coating> products = new HashMap<>();
    PAINTS.forEach(
        (id, hex) -> products.put(id, Coating.paint(id, Colour.hex(hex), HIDING.get(id))));
    return new LayerStack(
        LayerExamplesTest.CLEAR,
        steps,
        wanted,
        null,
        Side.FRONT,
        products,
        LayerStack.INSIDE,
        LightOn.USUAL);
  }

  static Map<String, Outline> shapes(SplittableRandom random) {
    Map<String, Outline> shapes = new LinkedHashMap<>();
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      double x = 20 + 150 * random.nextDouble();
      double y = 15 + 80 * random.nextDouble();
      Contour contour =
          random.nextBoolean()
              ? Contour.circle(x, y, 10 + 50 * random.nextDouble())
              : Contour.rectangle(x - 15, y - 10, 10 + 60 * random.nextDouble(), 25, 3);
      shapes.put("s" + i, Outline.of(contour));
    }
    return shapes;
  }

  static List<LayerStep> steps(SplittableRandom random, List<String> shapes) {
    List<LayerStep> steps = new ArrayList<>();
    int count = 2 + random.nextInt(9);
    List<String> names = List.of("red", "black", "cream", "green");
    for (int i = 0; i < count; i++) {
      Side side = random.nextBoolean() ? Side.FRONT : Side.BACK;
      List<String> some = some(random, shapes);
      String id = "step" + i;
      int kind = random.nextInt(10);
      if (kind < 5) {
        List<String> on = random.nextInt(4) == 0 ? some : List.of();
        steps.add(
            LayerStep.coats(
                    id, side, LayerOp.PAINT, names.get(random.nextInt(4)), 1 + random.nextInt(3))
                .on(on, !on.isEmpty() && random.nextBoolean(), List.of()));
      } else if (kind < 7) {
        List<String> less = random.nextInt(3) == 0 ? some(random, shapes) : List.of();
        steps.add(
            LayerStep.on(id, side, LayerOp.STENCIL, some)
                .on(some, !some.isEmpty() && random.nextBoolean(), less));
      } else if (kind < 9) {
        steps.add(LayerStep.on(id, side, LayerOp.PEEL, random.nextBoolean() ? List.of() : some));
      } else {
        steps.add(LayerStep.on(id, side, LayerOp.ENGRAVE, some));
      }
    }
    return steps;
  }

  private static List<String> some(SplittableRandom random, List<String> shapes) {
    List<String> some = new ArrayList<>();
    for (String shape : shapes) {
      if (random.nextInt(3) == 0) {
        some.add(shape);
      }
    }
    return some;
  }
}
