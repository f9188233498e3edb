package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Many at once, in a process of its own with little memory: run by bin/prove. */
class LoadProof {
  private static final int PEOPLE = 20;
  private static final int STRANGERS = 70;

  /** What the page asks for at the stop where parts are made. */
  private static final String SHOWN = "head,build,findings,parts,make,makeTasks";

  private static final long LASTS_MS = Long.getLong("ember.load.ms", 60_000);
  @TempDir Path data;

  /** When the program has run for a while. */
  private volatile long settled;

  private final Queue<Double> early = new ConcurrentLinkedQueue<>();
  private final Queue<Double> took = new ConcurrentLinkedQueue<>();
  private final Queue<String> wrong = new ConcurrentLinkedQueue<>();

  /** Each try takes 19 MB: without a limit 70 of them end the process. */
  @Test
  void aCrowdAtTheDoorTakesNoMemoryAndTheYardAnswersMeanwhile() throws Exception {
    OwnProcess yard = OwnProcess.start(data, "-Xmx500m");
    try {
      Client owner = yard.client();
      TestYard.setUp(owner);
      List<Callable<Integer>> tries = new ArrayList<>();
      for (int i = 0; i < STRANGERS; i++) {
        Map<String, String> words = Map.of("name", "stranger-" + i, "password", "not-this-one");
        tries.add(
            () -> {
              Client client = yard.client();
              client.get("/api/session");
              return client.post("/api/session", words).status();
            });
      }
      tries.add(() -> owner.get("/api/yard").status());
      Map<Integer, Integer> counts = new TreeMap<>();
      for (int status : allAtOnce(tries)) {
        counts.merge(status, 1, Integer::sum);
      }
      report("sign-ins " + counts);
      assertEquals(1, counts.get(200), "the owner's page");
      assertTrue(List.of(200, 401, 429, 503).containsAll(counts.keySet()), counts.toString());
      owner.get("/api/yard").expect(200);
    } finally {
      yard.kill();
    }
  }

  /** Ten read the yard and its builds, ten type: each does something every quarter of a second. */
  @Test
  void twentyPeopleWorkForAMinuteWithoutAnError() throws Exception {
    OwnProcess yard =
        OwnProcess.start(data, "-XX:+UseSerialGC", "-Xmn64m", "-Xmx500m", "-Ddemo=true");
    try {
      Client owner = yard.client();
      owner.get("/api/session");
      owner.post("/api/session", Map.of("name", "ines", "password", "lantern-harbour")).expect(200);
      String token =
          owner.post("/api/tokens", Map.of("name", "load")).json().path("value").asString();
      List<Written> written = written(owner);
      settled = System.nanoTime() + LASTS_MS / 2 * 1_000_000;
      long until = settled + LASTS_MS * 1_000_000;
      List<Callable<Integer>> people = new ArrayList<>();
      for (int person = 0; person < PEOPLE; person++) {
        Client client = yard.script(token);
        Random random = new Random(person);
        Written its = written.get(person / 2 % written.size());
        Callable<Integer> asks =
            person % 2 == 0 ? () -> reads(client, its.build, random) : () -> types(client, its);
        people.add(() -> work(asks, random, until));
      }
      int asked = allAtOnce(people).stream().mapToInt(each -> each).sum();
      report("20 people: %d requests, %d wrong".formatted(asked, wrong.size()));
      report(figures("  the half minute after the start", early));
      report(figures("  the minute after that", took));
      assertEquals(List.of(), List.copyOf(wrong));
      for (Written each : written) {
        JsonNode kept = owner.get("/api/builds/" + each.build).json().path("build");
        assertEquals(
            List.of(each.thing.path(each.field).asInt()),
            kept.path(each.kind)
                .valueStream()
                .filter(thing -> thing.path("id").equals(each.thing.path("id")))
                .map(thing -> thing.path(each.field).asInt())
                .toList(),
            "what was answered is kept");
      }
    } finally {
      yard.kill();
    }
  }

  /** A number that one person types. */
  private static final class Written {
    private final String build;
    private final String kind;
    private final String field;
    private final ObjectNode thing;
    private long version;

    /** What the page holds already. */
    private List<String> held = List.of();

    private Written(String build, String kind, String field, JsonNode view, JsonNode thing) {
      this.build = build;
      this.kind = kind;
      this.field = field;
      this.thing = (ObjectNode) thing;
      String key = kind + "/" + thing.path("id").asString();
      this.version = view.path("versions").path(key).asLong();
    }
  }

  /**
   * Ten numbers of the demo's builds: widths, which change parts, and days, which move the plan.
   */
  private static List<Written> written(Client owner) {
    List<Written> widths = new ArrayList<>();
    List<Written> days = new ArrayList<>();
    for (JsonNode each : owner.get("/api/yard").json().path("builds")) {
      String build = each.path("id").asString();
      JsonNode view = owner.get("/api/builds/" + build).json();
      for (JsonNode thing : view.path("build").path("panels")) {
        widths.add(new Written(build, "panels", "widthMm", view, thing));
      }
      for (JsonNode thing : view.path("build").path("components")) {
        days.add(new Written(build, "components", "leadDays", view, thing));
      }
    }
    List<Written> written = new ArrayList<>(widths.subList(0, PEOPLE / 4));
    written.addAll(days.subList(0, PEOPLE / 2 - written.size()));
    return written;
  }

  private int work(Callable<Integer> asks, Random random, long until) throws Exception {
    int asked = 0;
    while (System.nanoTime() < until) {
      Thread.sleep(random.nextInt(500));
      asked += asks.call();
    }
    return asked;
  }

  /** Looks at the yard, or opens a build at a stop. */
  private int reads(Client client, String build, Random random) {
    String stop = "/api/builds/" + build + "/sections?want=" + SHOWN;
    timed(() -> client.get(random.nextBoolean() ? "/api/yard" : stop));
    return 1;
  }

  /** A key, and the figures that follow from it, as the browser asks for them. */
  private int types(Client client, Written its) {
    its.thing.put(its.field, its.thing.path(its.field).asInt() % 900 + 1);
    String build = "/api/builds/" + its.build;
    String path = build + "/" + its.kind + "/" + its.thing.path("id").asString();
    Client.Answer kept = timed(() -> client.put(path, its.thing.toString(), its.version));
    its.version = kept.json().path("version").asLong();
    String held = String.join(",", its.held);
    JsonNode tags =
        timed(() -> client.get(build + "/sections?want=" + SHOWN + "&held=" + held))
            .json()
            .path("tags");
    its.held =
        tags.propertyStream().map(tag -> tag.getKey() + ":" + tag.getValue().asString()).toList();
    return 2;
  }

  private Client.Answer timed(Supplier<Client.Answer> asks) {
    long began = System.nanoTime();
    Client.Answer answer = asks.get();
    (began < settled ? early : took).add((System.nanoTime() - began) / 1e6);
    if (answer.status() != 200) {
      wrong.add(answer.status() + " " + answer.text());
    }
    return answer;
  }

  private static List<Integer> allAtOnce(List<Callable<Integer>> works) throws Exception {
    ExecutorService many = Executors.newFixedThreadPool(works.size());
    List<Integer> answers = new ArrayList<>();
    for (Future<Integer> each : many.invokeAll(works)) {
      answers.add(each.get());
    }
    many.shutdown();
    return answers;
  }

  private static String figures(String when, Queue<Double> took) {
    List<Double> sorted = took.stream().sorted().toList();
    return "%s: median %.0f ms, p95 %.0f ms, most %.0f ms"
        .formatted(
            when,
            sorted.get(sorted.size() / 2),
            sorted.get(sorted.size() * 95 / 100),
            sorted.get(sorted.size() - 1));
  }

  private static void report(String line) throws IOException {
    Path file = Path.of("target", "load.txt");
    String before = Files.exists(file) ? Files.readString(file) : "";
    Files.writeString(file, before + line + "\n");
  }
}
