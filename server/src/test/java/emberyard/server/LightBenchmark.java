package emberyard.server;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.Screen;
import emberyard.core.light.canvas.CanvasFindings;
import emberyard.core.light.canvas.CanvasModel;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortCases;
import emberyard.core.light.port.PortProblem;
import emberyard.core.light.port.PortSolver;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildWiring;
import emberyard.server.yard.YardReader;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;

/** How long it takes to find what feeds what, and what would have a dark screen lit. */
final class LightBenchmark {
  private static final String DEPOT = "line-9-depot";
  private static final int MOST = 60;

  private LightBenchmark() {}

  static void appendTo(Timing timing, PrintStream out) throws Exception {
    out.println("\n## Wiring\n");
    timing.head();
    solved(timing, "16 screens and 12 devices that want more than there is", PortCases.large());
    try (BenchYard yard = BenchYard.demo()) {
      var reading = yard.bean(YardReader.class).read();
      changes(timing, reading.build(DEPOT).build(), reading.book());
      edited(timing, yard);
      drawn(timing, reading.build(DEPOT).build());
      moved(timing, yard);
    }
  }

  /** As many as a canvas may have, of all ten kinds in turn. */
  private static void drawn(Timing timing, Build build) {
    Canvas plain = build.canvases().get(0);
    List<ReadOut> many = new ArrayList<>();
    for (int i = 0; i < MOST; i++) {
      ReadOutKind kind = ReadOutKind.values()[i % ReadOutKind.values().length];
      many.add(
          ReadOut.one("r" + i, kind, 30 * (i % 10), 10 * (i / 10), 28, 9)
              .source("coolant.celsius")
              .words("Coolant")
              .build());
    }
    Build full = build.with(Canvas.class, List.of(plain.withReadOuts(many)));
    timing.row(
        "a picture of 60 read-outs on two screens, drawn and judged",
        Timing.measure(
            () -> {
              CanvasModel.of(full, full.canvases().get(0));
              CanvasFindings.of(full);
            },
            () -> {}),
        "under 100 ms");
  }

  private static void moved(Timing timing, BenchYard yard) throws Exception {
    BenchYard.Edited canvas = yard.thing(DEPOT, "canvases", 0);
    int[] turn = {0};
    timing.row(
        "a picture of that build, looked at from elsewhere and kept",
        Timing.measure(
            () -> {
              canvas.value.put("distanceMm", 1_000 + turn[0]++);
              canvas.keep();
            },
            () -> {}),
        "100 ms");
  }

  private static void solved(Timing timing, String what, PortProblem problem) {
    PortAnswer answer = PortSolver.solve(problem);
    timing.row(
        "%s; %d steps, %s"
            .formatted(what, answer.steps(), answer.proven() ? "proven" : "not proven"),
        Timing.measure(() -> PortSolver.solve(problem), () -> {}),
        "under 1,000 ms");
  }

  /** Another lead each time, so that nothing is remembered. */
  private static void changes(Timing timing, Build build, WorkshopBook book) {
    int[] turn = {0};
    timing.row(
        "three screens of which one stays dark: solved, with %d changes, each solved too"
            .formatted(BuildWiring.of(build, book).model().changes().size()),
        Timing.measure(
            () -> {
              Screen first = build.screens().get(0).withLeadMm(300.0 + turn[0]++);
              Build other =
                  build.with(
                      Screen.class,
                      build.screens().stream()
                          .map(each -> each.id().equals(first.id()) ? first : each)
                          .toList());
              BuildWiring.of(other, book).model();
            },
            () -> {}),
        "under 1,000 ms");
  }

  private static void edited(Timing timing, BenchYard yard) throws Exception {
    BenchYard.Edited screen = yard.thing(DEPOT, "screens", 0);
    int[] turn = {0};
    timing.row(
        "a lead of that build, kept",
        Timing.measure(
            () -> {
              screen.value.put("leadMm", 300 + turn[0]++);
              screen.keep();
            },
            () -> {}),
        "100 ms");
  }
}
