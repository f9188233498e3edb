package emberyard.server;

import emberyard.core.build.Build;
import emberyard.core.build.Screen;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortCases;
import emberyard.core.light.port.PortProblem;
import emberyard.core.light.port.PortSolver;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildWiring;
import emberyard.server.yard.YardReader;
import java.io.PrintStream;

/** How long it takes to find what feeds what, and what would have a dark screen lit. */
final class LightBenchmark {
  private static final String DEPOT = "line-9-depot";

  private LightBenchmark() {}

  static void appendTo(Timing timing, PrintStream out) throws Exception {
    out.println("\n## Wiring\n");
    timing.head();
    solved(timing, "16 screens and 12 devices that want more than there is", PortCases.large());
    try (BenchYard yard = BenchYard.demo()) {
      var reading = yard.bean(YardReader.class).read();
      changes(timing, reading.build(DEPOT).build(), reading.book());
      edited(timing, yard);
    }
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
