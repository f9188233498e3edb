package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Many at once, in a process of its own with little memory: run by bin/prove. */
class LoadProof {
  private static final int PEOPLE = 20;
  private static final int STRANGERS = 70;
  private static final long LASTS_MS = Long.getLong("ember.load.ms", 60_000);
  @TempDir Path data;
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

  @Test
  void twentyPeopleWorkForAMinuteWithoutAnError() throws Exception {
    OwnProcess yard = OwnProcess.start(data, "-Xmx500m");
    try {
      Client owner = yard.client();
      TestYard.setUp(owner);
      String token =
          owner.post("/api/tokens", Map.of("name", "load")).json().path("value").asString();
      for (int build = 0; build < 4; build++) {
        owner.begin("load-" + build);
      }
      long until = System.nanoTime() + LASTS_MS * 1_000_000;
      List<Callable<Integer>> people = new ArrayList<>();
      for (int person = 0; person < PEOPLE; person++) {
        int number = person;
        people.add(() -> work(yard.script(token), number, until));
      }
      int asked = allAtOnce(people).stream().mapToInt(each -> each).sum();
      List<Double> sorted = new ArrayList<>(took);
      Collections.sort(sorted);
      report(
          "20 people, %d ms: %d requests, %d wrong, median %.0f ms, p95 %.0f ms, most %.0f ms"
              .formatted(
                  LASTS_MS,
                  asked,
                  wrong.size(),
                  sorted.get(sorted.size() / 2),
                  sorted.get(sorted.size() * 95 / 100),
                  sorted.get(sorted.size() - 1)));
      assertEquals(List.of(), List.copyOf(wrong));
    } finally {
      yard.kill();
    }
  }

  /** Reads, makes and changes things of a few builds, as several people at one would. */
  private int work(Client client, int person, long until) {
    Random random = new Random(person);
    String build = "load-" + person % 4;
    String panel = "/api/builds/" + build + "/panels/p" + person;
    Long version = null;
    int asked = 0;
    while (System.nanoTime() < until) {
      long began = System.nanoTime();
      Client.Answer answer;
      if (random.nextInt(3) > 0) {
        answer = client.get(random.nextBoolean() ? "/api/yard" : "/api/builds/" + build);
      } else {
        answer = client.put(panel, Things.panel("p" + person, 300 + random.nextInt(90)), version);
        version = answer.status() == 200 ? answer.json().path("version").asLong() : version;
      }
      if (answer.status() != 200) {
        wrong.add(answer.status() + " " + answer.text());
      }
      took.add((System.nanoTime() - began) / 1e6);
      asked++;
    }
    return asked;
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

  private static void report(String line) throws IOException {
    Path file = Path.of("target", "load.txt");
    String before = Files.exists(file) ? Files.readString(file) : "";
    Files.writeString(file, before + line + "\n");
  }
}
