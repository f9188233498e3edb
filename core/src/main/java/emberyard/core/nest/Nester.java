package emberyard.core.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Lays pieces on sheets.
 *
 * <p>Problem: two-dimensional irregular cutting stock with holes, pieces turned by given angles.
 * Each layout is built greedily, piece by piece in an order, by {@link Finder}; the order is
 * improved by swapping and moving pieces and accepting what is no worse than some tries ago (late
 * acceptance hill climbing, Burke and Bykov 2017). A try costs O(n² e²) at worst for n pieces with
 * e edges in their no-fit polygons; only what lies behind the first changed piece is laid again.
 * The same job and number of tries always give the same layout.
 */
public final class Nester {
  private static final int MEMORY = 40;
  private static final int SETTLED = 400;
  private static final double UNPLACED = 1_000;
  private static final int MOST_PARTS = 60;

  /** Convex parts of all turned shapes together: each is held against each other one. */
  static final int QUICK_PARTS = 600;

  private final NestJob job;
  private final List<Ground> grounds = new ArrayList<>();
  private final List<List<Shape>> shapes = new ArrayList<>();
  private final NoFitStore store;
  private final UniformRandomProvider random;
  private final double[] memory = new double[MEMORY];
  private final int mostParts;
  private int begun;
  private Layout current;
  private Layout best;
  private int tries;
  private int betterAt;
  private JigsawTry jigsaw;
  private boolean jigsawLeads;

  private Nester(NestJob job, int mostParts, NoFitStore store) {
    this.job = job;
    this.mostParts = mostParts;
    this.store = store;
    this.random = RandomSource.XO_RO_SHI_RO_128_PP.create(job.seed());
    job.sheets().forEach(s -> grounds.add(Ground.of(s, job.spacingMm(), job.marginMm())));
    current = Layout.empty(firstOrder(), grounds.size());
    best = current;
  }

  /**
   * A search that may take its time: each piece is laid by its own step at first, so that it can be
   * stopped.
   */
  public Nester(NestJob job) {
    this(job, MOST_PARTS, new NoFitStore());
    prepare();
  }

  /**
   * A search somebody waits for: many or jagged pieces are taken coarser, always outwards, so that
   * what it looks at stays within bounds.
   */
  public static Nester quick(NestJob job) {
    Nester nester = new Nester(job, Math.max(1, QUICK_PARTS / turns(job)), new NoFitStore());
    nester.prepare();
    return nester;
  }

  /** Another quick search for the same pieces on other sheets. */
  public Nester onto(List<NestJob.Blank> sheets) {
    Nester nester =
        new Nester(
            new NestJob(sheets, job.pieces(), job.spacingMm(), job.marginMm(), job.seed()),
            mostParts,
            store);
    nester.shapes.addAll(shapes);
    return nester;
  }

  private static int turns(NestJob job) {
    Map<String, Integer> turns = new HashMap<>();
    job.pieces().forEach(p -> turns.put(p.shape() + "/" + p.rotation(), Turns.of(p).size()));
    return turns.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Equal shapes are prepared once for each turn. */
  private void prepare() {
    double least = Double.MAX_VALUE;
    for (NestJob.Piece piece : job.pieces()) {
      var box = piece.outline().bounds();
      least = Math.min(least, Math.min(box.widthMm(), box.heightMm()));
    }
    Map<String, List<Shape>> known = new HashMap<>();
    for (NestJob.Piece piece : job.pieces()) {
      double leastHole = least;
      String name = piece.shape() + "/" + piece.rotation();
      List<Shape> turned = known.get(name);
      if (turned == null) {
        turned = new ArrayList<>();
        for (double degrees : Turns.of(piece)) {
          turned.add(
              Shape.of(
                  known.size(), piece.outline(), degrees, job.spacingMm(), leastHole, mostParts));
        }
        known.put(name, turned);
      }
      shapes.add(turned);
    }
  }

  /** Priority first, then the largest: what is hard to place goes early. */
  private int[] firstOrder() {
    return java.util.stream.IntStream.range(0, job.pieces().size())
        .boxed()
        .sorted(
            java.util.Comparator.<Integer, Integer>comparing(this::rank)
                .thenComparing(i -> -job.pieces().get(i).outline().areaMm2()))
        .mapToInt(Integer::intValue)
        .toArray();
  }

  private int rank(int piece) {
    NestJob.Piece p = job.pieces().get(piece);
    return p.pin() != null ? 0 : p.first() ? 1 : 2;
  }

  /** One more try, or one more piece while the first layout is being laid. */
  public void step() {
    if (tries == 0) {
      layFirst();
      return;
    }
    if (jigsaw != null && tries % (jigsawLeads ? 12 : 3) != 2) {
      Layout laid = jigsaw.next(random);
      jigsawLeads |= tries > 60 && laid.cost() < current.cost();
      if (laid.cost() < best.cost()) {
        best = laid;
        betterAt = tries;
      }
      tries++;
      return;
    }
    int n = current.order().length;
    if (n < 2) {
      tries++;
      return;
    }
    int[] order = current.order().clone();
    int one = random.nextInt(n);
    int other = random.nextInt(n);
    int from = Math.min(one, other);
    if (rank(order[one]) == rank(order[other])) {
      if (random.nextInt(3) > 0) {
        int kept = order[one];
        order[one] = order[other];
        order[other] = kept;
      } else {
        move(order, one, other);
      }
      from = Math.min(one, other);
    }
    Layout next = build(order, current, from);
    int slot = tries % MEMORY;
    if (next.cost() <= current.cost() || next.cost() <= memory[slot]) {
      current = next;
    }
    memory[slot] = Math.min(memory[slot], current.cost());
    if (next.cost() < best.cost()) {
      best = next;
      betterAt = tries;
    }
    tries++;
  }

  private void layFirst() {
    place(current, begun++);
    if (begun < current.order().length) {
      return;
    }
    current =
        new Layout(
            current.order(), current.spots(), current.sheetOf(), current.spotOf(), cost(current));
    best = current;
    java.util.Arrays.fill(memory, current.cost());
    tries = 1;
    jigsaw = JigsawTry.of(job, grounds, shapes, store, this::cost);
  }

  /** Goes on until so many layouts have been looked at. */
  public Nester look(int layouts) {
    while (tries < layouts) {
      step();
    }
    return this;
  }

  private void move(int[] order, int from, int to) {
    for (int at = Math.min(from, to); at <= Math.max(from, to); at++) {
      if (rank(order[at]) != rank(order[from])) {
        return;
      }
    }
    int piece = order[from];
    if (from < to) {
      System.arraycopy(order, from + 1, order, from, to - from);
    } else {
      System.arraycopy(order, to, order, to + 1, from - to);
    }
    order[to] = piece;
  }

  /** Convex parts of all turned shapes together. */
  int parts() {
    return shapes.stream()
        .flatMap(List::stream)
        .distinct()
        .mapToInt(shape -> shape.parts.size())
        .sum();
  }

  public int tries() {
    return tries;
  }

  private Layout build(int[] order, Layout like, int from) {
    Layout layout = Layout.empty(order, grounds.size());
    for (int i = 0; i < order.length; i++) {
      if (like != null && i < from) {
        layout.sheetOf()[i] = like.sheetOf()[i];
        layout.spotOf()[i] = like.spotOf()[i];
        if (like.sheetOf()[i] >= 0) {
          layout.spots().get(like.sheetOf()[i]).add(like.spotOf()[i]);
        }
      } else {
        place(layout, i);
      }
    }
    return new Layout(order, layout.spots(), layout.sheetOf(), layout.spotOf(), cost(layout));
  }

  private void place(Layout layout, int position) {
    int piece = layout.order()[position];
    NestJob.PieceSpot pin = job.pieces().get(piece).pin();
    layout.sheetOf()[position] = -1;
    if (pin != null) {
      Shape shape = shapes.get(piece).get(0);
      Ground ground = grounds.get(pin.sheet());
      put(
          layout,
          position,
          pin.sheet(),
          new Spot(
              shape,
              pin.xMm() - shape.insetX - ground.originX,
              pin.yMm() - shape.insetY - ground.originY));
      return;
    }
    for (int sheet = 0; sheet < grounds.size(); sheet++) {
      Spot spot = find(piece, grounds.get(sheet), layout.spots().get(sheet));
      if (spot != null) {
        put(layout, position, sheet, spot);
        return;
      }
    }
  }

  private static void put(Layout layout, int position, int sheet, Spot spot) {
    layout.sheetOf()[position] = sheet;
    layout.spotOf()[position] = spot;
    layout.spots().get(sheet).add(spot);
  }

  private Spot find(int piece, Ground ground, List<Spot> there) {
    Spot found = null;
    double key = Double.MAX_VALUE;
    boolean lengthwise = ground.width >= ground.height;
    for (Shape shape : shapes.get(piece)) {
      Finder finder = new Finder(store, ground, there, shape, lengthwise);
      Spot spot = finder.best(key);
      if (spot != null) {
        found = spot;
        key = finder.key();
      }
    }
    return found;
  }

  /** Unplaced area weighs most, then whole sheets begun, then how far the sheets are used. */
  private double cost(Layout layout) {
    double cost = 0;
    for (int i = 0; i < layout.order().length; i++) {
      if (layout.sheetOf()[i] < 0) {
        cost += UNPLACED * shapes.get(layout.order()[i]).get(0).areaMm2;
      }
    }
    for (int sheet = 0; sheet < grounds.size(); sheet++) {
      List<Spot> spots = layout.spots().get(sheet);
      if (!spots.isEmpty()) {
        Ground ground = grounds.get(sheet);
        cost += (ground.offcut ? 0 : ground.areaMm2) + ground.reach(spots) * ground.across();
      }
    }
    return cost;
  }

  /** Whether everything lies and a long run of tries has found nothing better. */
  public boolean settled() {
    return tries - betterAt > SETTLED
        && java.util.Arrays.stream(best.sheetOf()).allMatch(sheet -> sheet >= 0);
  }

  /** Area placed ÷ area of the sheets that are used. */
  public double sheetShare() {
    return new LayoutAnswer(job, grounds, best).sheetShare();
  }

  /** The best layout so far. */
  public NestResult result() {
    return new LayoutAnswer(job, grounds, best).result(tries);
  }
}
