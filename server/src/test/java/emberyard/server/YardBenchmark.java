package emberyard.server;

import emberyard.core.brief.Interview;
import emberyard.core.build.BorderHoles;
import emberyard.core.build.Brief;
import emberyard.core.build.Concept;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Look;
import emberyard.core.build.Panel;
import emberyard.core.build.SchemeBuilder;
import emberyard.core.build.Side;
import emberyard.core.record.TaskMark;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.YardPlan;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Measures 60 builds of about 80 tasks over real HTTP and writes a report. A plain harness: warm-up
 * runs first, then the median and the 95th percentile of the rest.
 */
final class YardBenchmark {
  private static final int BUILDS = 60;
  private static final int PARTS = 9;
  private static final int WARM_UP = 30;
  private static final int RUNS = 100;

  private YardBenchmark() {}

  static void writeTo(Path file) throws Exception {
    Client owner = TestYard.owner();
    fill(TestYard.bean(ThingStore.class));
    YardReader reader = TestYard.bean(YardReader.class);
    long tasks =
        reader.read().yard().builds().values().stream().mapToLong(b -> b.tasks().size()).sum();
    double[] read = measure(() -> owner.get("/api/yard").expect(200), () -> {});
    int[] turn = {0};
    Runnable change =
        () ->
            owner.post(
                "/api/builds/bench-0/notes",
                Map.of("id", "n" + turn[0]++, "taskKey", "x", "text", "a change"));
    double[] afterWrite = measureFew(() -> owner.get("/api/yard").expect(200), change);
    double[] kept = measureFew(change, () -> {});
    YardReader.Reading now = reader.read();
    double[] derive =
        measureFew(() -> YardPlan.of(now.builds(), now.book(), now.minute()).model(), () -> {});
    Instant[] minute = {now.minute()};
    double[] planned =
        measureFew(
            () -> YardPlan.of(now.builds(), now.book(), minute[0]).model(),
            () -> minute[0] = minute[0].plusSeconds(60));
    long late =
        now.yard().builds().values().stream()
            .filter(build -> build.fuse().verdict() == Fuse.Verdict.LATE)
            .count();
    try (PrintStream out = new PrintStream(Files.newOutputStream(file))) {
      report(out, tasks, read, afterWrite, kept, derive, planned, late);
    }
  }

  private static void report(
      PrintStream out,
      long tasks,
      double[] read,
      double[] afterWrite,
      double[] kept,
      double[] derive,
      double[] planned,
      long late)
      throws Exception {
    out.println("# Benchmarks\n");
    out.println("Written by `bin/bench`; not a test. " + machine() + "\n");
    out.printf("%d builds with %,d tasks together.%n%n", BUILDS, tasks);
    out.println("| what | median | 95th percentile | wanted |\n| --- | --- | --- | --- |");
    row(out, "`GET /api/yard`, nothing changed since", read, "under 150 ms");
    row(out, "`GET /api/yard`, right after a change", afterWrite, "under 150 ms");
    row(out, "`POST` of a change, all worked out before it is kept", kept, "—");
    row(out, "deriving all builds, the plan stays as it is", derive, "under 300 ms");
    row(
        out,
        "deriving and planning anew, %d builds late: 32 more orders".formatted(late),
        planned,
        "under 300 ms");
    FitBenchmark.appendTo(out);
    MakeBenchmark.appendTo(out);
    FinishBenchmark.appendTo(out);
    HeavyBenchmark.appendTo(out);
    out.println("\n## The demo’s Night Pilotage, five builds in the yard\n");
    out.println("| what | median | 95th percentile | wanted |\n| --- | --- | --- | --- |");
    DemoBenchmark.appendTo(Files.createTempDirectory("ember-yard-bench").resolve("demo"), out);
    out.println("\nScript of the first screen: printed by every build of `web` (limit 250 KB).");
  }

  static void row(PrintStream out, String what, double[] times, String wanted) {
    out.printf(
        "| %s | %.1f ms | %.1f ms | %s |%n",
        what, times[times.length / 2], times[times.length * 95 / 100], wanted);
  }

  private static String machine() {
    return "Machine: %d processors, %s %s, Java %s."
        .formatted(
            Runtime.getRuntime().availableProcessors(),
            System.getProperty("os.name"),
            System.getProperty("os.arch"),
            System.getProperty("java.version"));
  }

  static double[] measure(Runnable work, Runnable before) {
    return measure(work, before, WARM_UP, RUNS);
  }

  /** The same for what takes seconds. */
  private static double[] measureFew(Runnable work, Runnable before) {
    return measure(work, before, 2, 15);
  }

  private static double[] measure(Runnable work, Runnable before, int warmUp, int runs) {
    double[] times = new double[runs];
    for (int i = -warmUp; i < runs; i++) {
      before.run();
      long start = System.nanoTime();
      work.run();
      if (i >= 0) {
        times[i] = (System.nanoTime() - start) / 1e6;
      }
    }
    Arrays.sort(times);
    return times;
  }

  /** What was only asked about would be planned each by itself. */
  private static TaskMark agreed(String id) {
    return new TaskMark(
        id + "-agreed", Interview.AGREE, TaskMark.What.DONE, Instant.now(), "Owner", "");
  }

  private static void fill(ThingStore store) {
    LocalDate today = LocalDate.now();
    List<Write> writes = new ArrayList<>();
    for (int n = 0; n < BUILDS; n++) {
      String id = "bench-" + n;
      Brief named = Brief.named(id, "Build " + n, today);
      Brief brief =
          new Brief(
              id,
              named.name(),
              "Client",
              "",
              "Theme",
              "",
              "",
              "Shelf",
              List.of(),
              today.plusDays(30 + 3L * n),
              false,
              null,
              named.capCounts(),
              null,
              List.of(),
              today,
              null);
      writes.add(Write.create(id, brief));
      writes.add(Write.create(id, Concept.open(id, Look.open())));
      writes.add(Write.create(id, agreed(id)));
      for (int p = 0; p < PARTS; p++) {
        String key = id + "-" + p;
        writes.add(
            Write.create(
                id,
                new Panel(
                    key,
                    "Part " + p,
                    Face.LEFT,
                    "acrylic-clear-3",
                    300,
                    200,
                    1,
                    null,
                    new BorderHoles(12, 90, 4),
                    CutMethod.LASER,
                    0,
                    null,
                    null)));
        writes.add(
            Write.create(
                id,
                SchemeBuilder.builder()
                    .id(key)
                    .name("Finish " + p)
                    .panelId(key)
                    .layers(
                        List.of(
                            LayerStep.coats(
                                "colour", Side.FRONT, LayerOp.PAINT, "harbour-green", 3)))
                    .build()));
      }
    }
    store.apply("benchmark", writes);
  }
}
