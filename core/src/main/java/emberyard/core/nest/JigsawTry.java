package emberyard.core.nest;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.apache.commons.rng.UniformRandomProvider;

/** Layouts made by {@link Fitting}, each with a taste drawn at random. */
final class JigsawTry {
  /** Beyond this many shapes in their turns the other way gets further in the same time. */
  private static final int MOST_SHAPES = 240;

  private final NestJob job;
  private final List<Ground> grounds;
  private final List<List<Shape>> shapes;
  private final NoFitStore store;
  private final ToDoubleFunction<Layout> cost;
  private final double largest;
  private RandomTaste bestTaste;
  private double bestCost = Double.MAX_VALUE;

  private JigsawTry(
      NestJob job,
      List<Ground> grounds,
      List<List<Shape>> shapes,
      NoFitStore store,
      ToDoubleFunction<Layout> cost) {
    this.job = job;
    this.grounds = grounds;
    this.shapes = shapes;
    this.store = store;
    this.cost = cost;
    this.largest = shapes.stream().mapToDouble(s -> s.get(0).areaMm2).max().orElse(1);
  }

  /** Null where it would be too slow, or pieces are pinned or go first. */
  static JigsawTry of(
      NestJob job,
      List<Ground> grounds,
      List<List<Shape>> shapes,
      NoFitStore store,
      ToDoubleFunction<Layout> cost) {
    long turned = shapes.stream().distinct().mapToLong(List::size).sum();
    boolean plain = job.pieces().stream().allMatch(p -> p.pin() == null && !p.first());
    return plain && job.pieces().size() > 2 && turned <= MOST_SHAPES
        ? new JigsawTry(job, grounds, shapes, store, cost)
        : null;
  }

  private static final class RandomTaste implements Fitting.Taste {
    final Map<Shape, Integer> left = new LinkedHashMap<>();
    final Map<Shape, Double> liking = new LinkedHashMap<>();
    double forLarge;
    double forLeft;
    double forLow;
    double largest;

    @Override
    public boolean left(Shape shape) {
      return left.getOrDefault(shape, 0) > 0;
    }

    @Override
    public double worth(Shape shape, double touchShare, double x, double y) {
      return liking.get(shape)
          * (touchShare + forLarge * shape.areaMm2 / largest - forLeft * x - forLow * y);
    }
  }

  Layout next(UniformRandomProvider random) {
    RandomTaste taste = taste(random);
    Map<List<Shape>, List<Integer>> waiting = new LinkedHashMap<>();
    for (int i = 0; i < shapes.size(); i++) {
      waiting.computeIfAbsent(shapes.get(i), s -> new ArrayList<>()).add(i);
    }
    Map<Shape, List<Shape>> turnsOf = new LinkedHashMap<>();
    waiting.keySet().forEach(turns -> turns.forEach(shape -> turnsOf.put(shape, turns)));
    int n = shapes.size();
    Layout layout = Layout.empty(new int[n], grounds.size());
    int position = 0;
    for (int sheet = 0; sheet < grounds.size() && position < n; sheet++) {
      Fitting fitting = new Fitting(grounds.get(sheet), store);
      turnsOf.keySet().stream()
          .filter(taste::left)
          .sorted(
              java.util.Comparator.comparingInt((Shape s) -> s.index)
                  .thenComparing(s -> s.turnDegrees))
          .forEach(fitting::offer);
      for (Spot spot = fitting.best(taste); spot != null; spot = fitting.best(taste)) {
        List<Shape> turns = turnsOf.get(spot.shape());
        List<Integer> pieces = waiting.get(turns);
        layout.order()[position] = pieces.remove(pieces.size() - 1);
        layout.sheetOf()[position] = sheet;
        layout.spotOf()[position] = spot;
        layout.spots().get(sheet).add(spot);
        position++;
        turns.forEach(shape -> taste.left.put(shape, pieces.size()));
        fitting.lay(spot, taste);
      }
    }
    for (List<Integer> rest : waiting.values()) {
      for (int piece : rest) {
        layout.order()[position] = piece;
        layout.sheetOf()[position++] = -1;
      }
    }
    double worth = cost.applyAsDouble(layout);
    if (worth <= bestCost) {
      bestCost = worth;
      bestTaste = taste;
    }
    return new Layout(layout.order(), layout.spots(), layout.sheetOf(), layout.spotOf(), worth);
  }

  /** Every fourth taste is new, the others are the best one a little changed. */
  private RandomTaste taste(UniformRandomProvider random) {
    if (bestTaste == null || random.nextInt(4) == 0) {
      return fresh(random);
    }
    RandomTaste taste = fresh(random);
    taste.forLarge = bestTaste.forLarge * (0.9 + 0.2 * random.nextDouble());
    taste.forLeft = bestTaste.forLeft;
    taste.forLow = bestTaste.forLow;
    taste.liking.putAll(bestTaste.liking);
    int changes = 1 + random.nextInt(3);
    for (int i = 0; i < changes; i++) {
      double liking = 0.6 + 0.5 * random.nextDouble();
      shapes.get(random.nextInt(shapes.size())).forEach(shape -> taste.liking.put(shape, liking));
    }
    return taste;
  }

  private RandomTaste fresh(UniformRandomProvider random) {
    RandomTaste taste = new RandomTaste();
    taste.largest = largest;
    taste.forLarge = 0.6 * random.nextDouble();
    double extent = Math.max(grounds.get(0).width, grounds.get(0).height);
    taste.forLeft = random.nextDouble() < 0.5 ? 0 : 0.5 * random.nextDouble() / Math.max(1, extent);
    taste.forLow = random.nextDouble() < 0.5 ? 0 : 0.5 * random.nextDouble() / Math.max(1, extent);
    double spread = 0.3 * random.nextDouble();
    for (List<Shape> turns : shapes) {
      double liking = 1 - spread * random.nextDouble();
      for (Shape shape : turns) {
        taste.left.merge(shape, 1, Integer::sum);
        taste.liking.put(shape, liking);
      }
    }
    return taste;
  }
}
