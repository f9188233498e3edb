package emberyard.server;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.KeepOut;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.build.Turn;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Layout;
import emberyard.core.fit.place.Placing;
import emberyard.core.fit.place.Solid;
import emberyard.core.fit.space.Space;
import emberyard.core.geometry.Box;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** How long it takes to place 25 components in 12 bays. */
final class FitBenchmark {
  private static final int BAYS = 12;
  private static final int COMPONENTS = 25;

  private FitBenchmark() {}

  static void appendTo(Timing timing, PrintStream out) {
    out.println("\n## Placing 25 components in 12 bays\n");
    timing.head();
    row(timing, "roomy, any turn, any bay", problem(104, 1));
    row(timing, "nearly full, any turn, any bay", problem(82, 1));
    row(timing, "too full: some stay out", problem(60, 2));
    preferred(timing);
  }

  /** The same with room that each wants free before it, in the best places that are found. */
  private static void preferred(Timing timing) {
    Random random = new Random(1);
    List<Bay> bays = new ArrayList<>();
    for (int i = 0; i < BAYS; i++) {
      Box box = new Box(200 * i, 0, 0, 104, 120, 100);
      bays.add(Bay.of("bay" + i, "Bay " + i, box, Face.TOP, Seat.FREE));
    }
    Size size = new Size(200 * BAYS, 100, 120);
    Enclosure enclosure =
        Enclosure.plain("e", "Cabinet", Enclosure.Origin.SCRATCH, size, bays, List.of());
    List<Component> components = new ArrayList<>();
    for (int i = 0; i < COMPONENTS; i++) {
      Face side = Face.values()[random.nextInt(6)];
      Body body =
          Body.box(
                  side(random),
                  side(random),
                  side(random),
                  List.of(Seat.FREE),
                  List.of(Turn.values()))
              .withKeepOuts(List.of(new KeepOut(side, 12, false, "air")));
      components.add(
          Component.one("c" + i, "c" + i, ComponentKind.OTHER)
              .source(Source.OWNED)
              .body(body)
              .build());
    }
    Space space = Space.of(enclosure, components, List.of());
    double[] times = Timing.measure(() -> Space.of(enclosure, components, List.of()), () -> {});
    String found = "with room each wants free, any turn, any bay; %d in, as good as is found";
    timing.row(found.formatted(space.placed().size()), times, "under 1,000 ms");
  }

  private record Problem(List<Cavity> cavities, List<Item> items) {}

  private static void row(Timing timing, String what, Problem problem) {
    Layout layout = Placing.solve(problem.cavities(), problem.items());
    double[] times =
        Timing.measure(() -> Placing.solve(problem.cavities(), problem.items()), () -> {});
    String found =
        "%s; %d in, %s"
            .formatted(what, layout.placed().size(), layout.proven() ? "proven" : "not proven");
    timing.row(found, times, "under 1,000 ms");
  }

  private static Problem problem(double widthMm, long seed) {
    Random random = new Random(seed);
    List<Cavity> cavities = new ArrayList<>();
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < BAYS; i++) {
      Box box = new Box(200 * i, 0, 0, widthMm, 120, 100);
      cavities.add(new Cavity("bay" + i, "bay" + i, box, List.of(Seat.FREE), Face.TOP));
    }
    for (int i = 0; i < COMPONENTS; i++) {
      String id = "c" + i;
      Box box = new Box(0, 0, 0, side(random), side(random), side(random));
      Solid body = new Solid(id, "body", true, true, box);
      items.add(new Item(id, id, List.of(Seat.FREE), List.of(Turn.values()), List.of(body), null));
    }
    return new Problem(cavities, items);
  }

  private static double side(Random random) {
    return 35 + random.nextInt(60);
  }
}
