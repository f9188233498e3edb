package emberyard.server;

import emberyard.core.plan.OrderPolicy;
import emberyard.core.plan.Step;
import emberyard.core.yard.YardPlan;
import emberyard.server.yard.YardReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.StringJoiner;
import tools.jackson.databind.JsonNode;

/** Measures on the demo's main build what follows while something is dragged. */
final class DemoBenchmark {
  private static final String BUILD = "/api/builds/night-pilotage";

  private DemoBenchmark() {}

  static void appendTo(Timing timing) throws Exception {
    try (BenchYard yard = BenchYard.demo()) {
      Client ines = yard.owner;
      String[] sketches = sketches(ines);
      int[] turn = {0};
      Runnable preview =
          () ->
              ines.post(BUILD + "/concept/preview", sketches[turn[0]++ % sketches.length])
                  .expect(200);
      timing.row(
          "`POST …/concept/preview`: faces, dusk, shares, findings, price",
          Timing.measure(preview, () -> {}),
          "100 ms");
      timing.row(
          "`GET …/options`: three options worked out",
          Timing.measure(() -> ines.get(BUILD + "/options"), () -> {}),
          "");
      laidAgain(timing, yard.bean(YardReader.class).read().plan());
      width(timing, yard, "a part’s width, with what the Make stop shows");
      yard.fiveTimes();
      width(timing, yard, "the same, Night Pilotage five times as large");
      String large = System.getProperty("ember.bench.large");
      if (large != null) {
        Files.writeString(Path.of(large), yard.file(BenchYard.PILOTAGE).toString());
      }
    }
  }

  /** As the browser sends and asks, holding what it got before. */
  private static void width(Timing timing, BenchYard yard, String what) throws Exception {
    BenchYard.Edited part = yard.thing(BenchYard.PILOTAGE, "panels", 0);
    String address =
        Window.address(
            BenchYard.PILOTAGE, List.of("head", "build", "findings", "make", "parts", "makeTasks"));
    StringJoiner[] held = {new StringJoiner(",")};
    int[] turn = {0};
    timing.row(
        what,
        Timing.measure(
            () -> {
              part.value.put("widthMm", 400 + turn[0]++ % 12);
              part.keep();
              JsonNode answer = yard.owner.get(address + "&held=" + held[0]).expect(200).json();
              StringJoiner now = new StringJoiner(",");
              answer
                  .path("tags")
                  .properties()
                  .forEach(tag -> now.add(tag.getKey() + ":" + tag.getValue().asString()));
              held[0] = now;
            },
            () -> {}),
        "");
  }

  /** Each time other durations, as many draws would have them. */
  private static void laidAgain(Timing timing, YardPlan plan) {
    OrderPolicy policy = plan.policy();
    int[] waits = plan.problem().steps().stream().mapToInt(Step::waitMinutes).toArray();
    int[] planned = plan.problem().steps().stream().mapToInt(Step::handsOnMinutes).toArray();
    SplittableRandom random = new SplittableRandom(17);
    timing.row(
        "laying the yard’s %d open steps again with other durations".formatted(planned.length),
        Timing.measure(
            () -> {
              int[] drawn = planned.clone();
              for (int i = 0; i < drawn.length; i++) {
                drawn[i] = drawn[i] * random.nextInt(50, 200) / 100;
              }
              policy.finish(drawn, waits);
            },
            () -> {}),
        "2 ms");
  }

  /** The lamp of the left face at forty places. */
  private static String[] sketches(Client ines) {
    String[] sketches = new String[40];
    for (JsonNode item : ines.get(BUILD).json().path("build").path("items")) {
      if (item.path("name").asString().equals("Masthead lamp")) {
        for (int i = 0; i < sketches.length; i++) {
          String moved =
              item.toString()
                  .replaceFirst("\"xMm\":[0-9.]+", "\"xMm\":" + (200 + 6 * i))
                  .replaceFirst("\"yMm\":[0-9.]+", "\"yMm\":" + (20 + 8 * i));
          sketches[i] = "{\"items\": [" + moved + "]}";
        }
      }
    }
    return sketches;
  }
}
