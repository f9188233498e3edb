package emberyard.server;

import emberyard.core.yard.Fuse;
import emberyard.core.yard.YardPlan;
import emberyard.server.yard.YardReader;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import tools.jackson.databind.node.ObjectNode;

/** Measures a yard of sixty builds over real HTTP and writes a report. */
final class YardBenchmark {
  /** A build of the demo of which little is ordered and nothing made. */
  private static final String OPEN = "line-9-depot";

  private YardBenchmark() {}

  static void writeTo(Path file) throws Exception {
    try (PrintStream out = new PrintStream(Files.newOutputStream(file))) {
      out.println("# Benchmarks\n");
      out.println("Written by `bin/bench`; not a test. " + machine() + "\n");
      Timing timing = new Timing(out);
      if (wanted("yard")) {
        full(timing, out);
      }
      if (wanted("parts")) {
        FitBenchmark.appendTo(timing, out);
        MakeBenchmark.appendTo(timing, out);
        FinishBenchmark.appendTo(timing, out);
        HeavyBenchmark.appendTo(out);
      }
      if (wanted("light")) {
        LightBenchmark.appendTo(timing, out);
      }
      out.println("\n## The demo’s Night Pilotage, five builds in the yard\n");
      timing.head();
      if (wanted("demo")) {
        DemoBenchmark.appendTo(timing);
      }
      out.println("\nScript of the first screen: printed by every build of `web` (limit 250 KB).");
    }
  }

  /** Whether a part is measured: all are, unless one is named. */
  private static boolean wanted(String part) {
    return part.equals(System.getProperty("ember.bench.only", part));
  }

  private static void full(Timing timing, PrintStream out) throws Exception {
    try (BenchYard yard = BenchYard.full()) {
      YardReader reader = yard.bean(YardReader.class);
      YardReader.Reading reading = reader.read();
      out.printf(
          "%d builds with %,d tasks together, %d of the builds late.%n%n",
          reading.builds().size(), tasks(reading), late(reading));
      timing.head();
      timing.yardstickRow();
      Runnable read = () -> yard.owner.get("/api/yard").expect(200);
      timing.row(
          "`GET /api/yard`, nothing changed since", Timing.measure(read, () -> {}), "15 / 25 ms");
      bench(yard, timing);
      edits(yard, timing, read);
      YardReader.Reading now = reader.read();
      timing.row(
          "deriving and planning everything from nothing",
          Timing.measureFew(
              () -> YardPlan.of(now.builds(), now.book(), now.minute()).model(), () -> {}),
          "");
      Instant[] minute = {now.minute()};
      YardPlan[] plan = {now.plan()};
      timing.row(
          "the same a minute later",
          Timing.measureFew(
              () -> {
                minute[0] = minute[0].plusSeconds(60);
                plan[0] = plan[0].changed(now.builds(), now.book(), minute[0]);
                plan[0].model();
              },
              () -> {}),
          "");
    }
  }

  /** Somebody's day among all builds, and what is asked about it. */
  private static void bench(BenchYard yard, Timing timing) {
    timing.row(
        "`GET /api/bench`, the owner’s day among all builds",
        Timing.measure(() -> yard.owner.get("/api/bench").expect(200), () -> {}),
        "150 ms");
    timing.row(
        "“I’m away”: what slides, asked",
        Timing.measureFew(
            () ->
                yard.owner
                    .post("/api/bench/hours/asked", Map.of("what", "AWAY", "personId", "ines"))
                    .expect(200),
            () -> {}),
        "");
    timing.row(
        "the day’s end, with the plan as it was this morning",
        Timing.measureFew(() -> yard.owner.get("/api/bench/end").expect(200), () -> {}),
        "");
  }

  /** Each from the request that changes something to the yard as it is then. */
  private static void edits(BenchYard yard, Timing timing, Runnable read) {
    int[] turn = {0};
    BenchYard.Edited bought = yard.thing(OPEN, "components", 3);
    Runnable lead =
        () -> {
          bought.value.put("leadDays", 10 + turn[0]++ % 20);
          bought.keep();
          read.run();
        };
    timing.row(
        "a lead time that moves the plan, the first ten after the start",
        Timing.measureFirst(lead),
        "");
    Runnable note =
        () ->
            yard.owner.post(
                "/api/builds/%s/notes".formatted(BenchYard.PILOTAGE),
                Map.of("id", "n" + turn[0]++, "taskKey", "x", "text", "a change"));
    timing.row("a note, and the yard after it", both(note, read), "60 / 100 ms");
    BenchYard.Edited brief = yard.thing(BenchYard.PILOTAGE, "briefs", 0);
    kept(timing, "a name", brief, read, () -> brief.value.put("name", "Pilotage " + turn[0]++));
    BenchYard.Edited concept = yard.thing(BenchYard.PILOTAGE, "concepts", 0);
    ObjectNode colour = (ObjectNode) concept.value.path("look").path("palette").get(0);
    kept(
        timing,
        "a colour of the palette",
        concept,
        read,
        () -> colour.put("hex", "#10%02x30".formatted(turn[0]++ % 256)));
    BenchYard.Edited paid = yard.thing(BenchYard.PILOTAGE, "components", 0);
    kept(timing, "a price", paid, read, () -> paid.value.put("priceMinor", 10_000 + turn[0]++));
    BenchYard.Edited part = yard.thing(OPEN, "panels", 0);
    kept(
        timing,
        "a part’s width, its minutes as before",
        part,
        read,
        () -> part.value.put("widthMm", 180 + turn[0]++ % 40));
    timing.row(
        "a lead time that moves the plan", Timing.measureSome(lead, () -> {}), "150 / 220 ms");
  }

  /** A change that leaves the plan as it is. */
  private static void kept(
      Timing timing, String what, BenchYard.Edited thing, Runnable read, Runnable edit) {
    Runnable change =
        () -> {
          edit.run();
          thing.keep();
        };
    timing.row(what, both(change, read), "60 / 100 ms");
  }

  private static double[] both(Runnable change, Runnable read) {
    return Timing.measureSome(
        () -> {
          change.run();
          read.run();
        },
        () -> {});
  }

  private static long tasks(YardReader.Reading reading) {
    return reading.yard().builds().values().stream().mapToLong(b -> b.tasks().size()).sum();
  }

  private static long late(YardReader.Reading reading) {
    return reading.yard().builds().values().stream()
        .filter(build -> build.fuse().verdict() == Fuse.Verdict.LATE)
        .count();
  }

  private static String machine() {
    return "Machine: %d processors, %s %s, Java %s."
        .formatted(
            Runtime.getRuntime().availableProcessors(),
            System.getProperty("os.name"),
            System.getProperty("os.arch"),
            System.getProperty("java.version"));
  }
}
