package emberyard.server;

import static emberyard.server.ScreenBuilds.at;
import static emberyard.server.ScreenBuilds.begin;
import static emberyard.server.ScreenBuilds.canvas;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Screens' own pages and the feed, over HTTP. */
@ExtendWith(TestYard.class)
class ScreensApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String OPENS_ITSELF = "/api/(health|session|setup).*";

  private static String link(Client owner, String build, String pane) {
    Map<String, Object> wanted =
        pane.isEmpty()
            ? Map.of("kind", "FEED", "canvasId", "", "paneId", "", "name", "Feed")
            : Map.of("kind", "SCREEN", "canvasId", build + "-c", "paneId", pane, "name", "Page");
    JsonNode made = owner.post(at(build) + "/light/links", wanted).expect(200).json();
    assertEquals(
        pane.isEmpty() ? "" : "/screens/" + made.path("token").asString(),
        made.path("path").asString());
    return made.path("token").asString();
  }

  private static Client bearing(String token) {
    Client client = TestYard.stranger();
    client.headers.put("Authorization", "Bearer " + token);
    return client;
  }

  /** The stream of some pages. */
  private static BufferedReader follow(String... tokens) {
    Client client = TestYard.stranger();
    client.headers.put("X-Screen-Tokens", String.join(",", tokens));
    return new BufferedReader(
        new InputStreamReader(client.follow("/api/screens/live").body(), StandardCharsets.UTF_8));
  }

  private static JsonNode next(BufferedReader lines, int page) throws IOException {
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      if (line.startsWith("data:")) {
        JsonNode news = JSON.readTree(line.substring("data:".length()));
        if (news.path("about").asString().equals("page/" + page)) {
          return news.path("value");
        }
      }
    }
    throw new IOException("the stream ended");
  }

  /** The next picture with these words among its marks. */
  private static JsonNode nextWith(BufferedReader lines, int page, String words)
      throws IOException {
    for (int i = 0; i < 200; i++) {
      JsonNode picture = next(lines, page);
      if (words(picture).contains(words)) {
        return picture;
      }
    }
    throw new IOException("never said " + words);
  }

  /** The read-outs that marks belong to. */
  private static Set<String> of(JsonNode picture) {
    return StreamSupport.stream(picture.path("marks").spliterator(), false)
        .map(mark -> mark.path("of").asString())
        .collect(Collectors.toSet());
  }

  private static List<String> words(JsonNode picture) {
    return StreamSupport.stream(picture.path("marks").spliterator(), false)
        .map(mark -> mark.path("words").asString())
        .filter(words -> !words.isEmpty())
        .toList();
  }

  private static Client.Answer post(Client feed, String body) {
    return feed.send("POST", "/api/feed", body, Map.of("Content-Type", "application/json"));
  }

  @Test
  void aPageShowsItsScreenAndTheValuesThatComeAndClosesWhenWithdrawn(Client owner)
      throws IOException {
    begin(owner, "sc");
    String left = link(owner, "sc", "sc-a");
    String right = link(owner, "sc", "sc-b");
    Client feed = bearing(link(owner, "sc", ""));
    try (BufferedReader lines = follow(left, right)) {
      JsonNode first = next(lines, 0);
      assertTrue(first.path("open").asBoolean());
      assertEquals(120, first.path("widthMm").asDouble());
      assertEquals(List.of("Coolant", "–", "–"), words(first), "nobody has spoken yet");
      JsonNode other = next(lines, 1);
      assertEquals(134, other.path("viewXMm").asDouble());
      assertTrue(words(other).contains("DEPOT"));
      assertFalse(words(other).contains("Coolant"), "what lies on the other screen stays there");
      assertEquals(Set.of("v", "d"), of(first), "its lines too");
      assertEquals(Set.of("w", "b", "d"), of(other));
      assertEquals(
          1,
          post(feed, "{\"at\":\"2026-03-03T09:42:00Z\",\"values\":{\"coolant.celsius\":31.46}}")
              .expect(200)
              .json()
              .path("taken")
              .asInt());
      nextWith(lines, 0, "31.5 °C");
      post(feed, "{\"values\":{\"coolant.celsius\":\"pump off\"}}").expect(200);
      nextWith(lines, 0, "pump off");
      JsonNode links = owner.get(at("sc") + "/light/links").expect(200).json();
      assertEquals(3, links.size());
      assertTrue(links.get(0).path("seenSecondsAgo").asLong() < 60);
      String id = links.get(0).at("/link/id").asString();
      owner.delete(at("sc") + "/light/links/" + id).expect(200);
      for (JsonNode picture = next(lines, 0); ; picture = next(lines, 0)) {
        if (!picture.path("open").asBoolean()) {
          assertEquals(0, picture.path("marks").size(), "nothing of it is left");
          break;
        }
      }
    }
  }

  @Test
  void onlyTheHashOfATokenIsKept(Client owner) throws IOException {
    begin(owner, "sk");
    String token = link(owner, "sk", "sk-a");
    assertFalse(owner.get(at("sk") + "/light/links").text().contains(token));
    assertFalse(owner.get(at("sk")).text().contains(token));
    try (Stream<Path> files = Files.walk(TestYard.dataFolder())) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        String held = Files.readString(file, StandardCharsets.ISO_8859_1);
        assertFalse(held.contains(token), file.toString());
      }
    }
    assertEquals(
        "no-referrer",
        TestYard.stranger().get("/screens/" + token).expect(200).header("Referrer-Policy"));
    assertEquals("no-store", TestYard.stranger().get("/screens/x").header("Cache-Control"));
  }

  /** Neither token opens anything but its own, whatever is tried. */
  @Test
  void aTokenOpensNothingElse(Client owner) {
    begin(owner, "st");
    String page = link(owner, "st", "st-a");
    String feed = link(owner, "st", "");
    JsonNode paths = owner.get("/api/openapi").expect(200).json().path("paths");
    int tried = 0;
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (path.getKey().matches(OPENS_ITSELF) || path.getKey().equals("/api/screens/live")) {
        continue;
      }
      String address = path.getKey().replace("{buildId}", "st").replaceAll("\\{\\w+}", "st-c");
      for (String method : path.getValue().propertyNames()) {
        for (String token : List.of(page, feed)) {
          if (address.equals("/api/feed") && token.equals(feed)) {
            continue;
          }
          int status =
              bearing(token)
                  .send(
                      method.toUpperCase(),
                      address,
                      method.equals("get") ? null : "{}",
                      Map.of("Content-Type", "application/json"))
                  .status();
          assertTrue(Set.of(401, 403, 404).contains(status), method + " " + address + " " + status);
          tried++;
        }
      }
    }
    assertTrue(tried > 300, tried + " tried");
    assertEquals(200, owner.get(at("st")).status(), "and nothing was done");
  }

  @Test
  void aPageThatOpensNothingShowsNothing(Client owner) throws IOException {
    begin(owner, "sn");
    String feed = link(owner, "sn", "");
    for (String token : List.of("", "none", feed, "none,other")) {
      Client client = TestYard.stranger();
      client.headers.put("X-Screen-Tokens", token);
      assertEquals(404, client.get("/api/screens/live").status(), "refused at once: " + token);
    }
    String page = link(owner, "sn", "sn-a");
    owner.delete(at("sn") + "/screens/sn-a");
    long version = owner.get(at("sn")).json().path("versions").path("canvases/sn-c").asLong();
    owner.put(at("sn") + "/canvases/sn-c", canvas("sn-c", ""), version).expect(200);
    try (BufferedReader lines = follow("none", page)) {
      JsonNode unknown = next(lines, 0);
      assertFalse(unknown.path("open").asBoolean());
      assertEquals("", unknown.path("name").asString());
      assertFalse(next(lines, 1).path("open").asBoolean(), "its screen is on the picture no more");
    }
  }

  @Test
  void aFeedTakesNumbersAndWordsAndNothingElse(Client owner) {
    begin(owner, "sf");
    Client feed = bearing(link(owner, "sf", ""));
    assertEquals(403, post(TestYard.stranger(), "{\"values\":{\"a\":1}}").status());
    assertEquals(401, post(bearing("none"), "{\"values\":{\"a\":1}}").status());
    assertEquals(401, post(bearing(link(owner, "sf", "sf-a")), "{}").status(), "a page's token");
    assertEquals(401, post(owner, "{\"values\":{\"a\":1}}").status(), "nor who is signed in");
    for (String odd :
        List.of(
            "{}",
            "{\"values\":{}}",
            "{\"values\":{\"a\":true}}",
            "{\"values\":{\"a\":null}}",
            "{\"values\":{\"a\":[1]}}",
            "{\"values\":{\"a\":{\"b\":1}}}",
            "{\"values\":{\"a b\":1}}",
            "{\"values\":{\"a\":1e999}}",
            "{\"values\":{\"a\":\"%s\"}}".formatted("x".repeat(101)),
            "{\"values\":{\"a\":\"\\u0007\"}}",
            "{\"at\":\"tomorrow\",\"values\":{\"a\":1}}",
            "{\"values\":{\"a\":\"%s\"}}".formatted("x".repeat(20_000)))) {
      Client.Answer answer = post(feed, odd);
      assertEquals(422, answer.status(), odd.substring(0, Math.min(60, odd.length())));
      assertFalse(answer.json().path("title").asString().isBlank());
    }
    assertEquals(400, post(feed, "coolant 31").status());
    JsonNode state = owner.get(at("sf") + "/light/feed").expect(200).json();
    assertEquals(0, state.path("names").size(), "nothing of it was taken");
  }

  @Test
  void whoPostsTooOftenIsAskedToWait(Client owner) {
    begin(owner, "sr");
    Client feed = bearing(link(owner, "sr", ""));
    List<Integer> answers = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      answers.add(post(feed, "{\"values\":{\"a\":%d}}".formatted(i)).status());
    }
    assertTrue(answers.subList(0, 30).stream().allMatch(status -> status == 200));
    assertTrue(answers.contains(429), "ten a second are enough");
    assertTrue(Set.of(200, 429).containsAll(answers));
    Client other = bearing(link(owner, "sr", ""));
    post(other, "{\"values\":{\"a\":1}}").expect(200);
  }

  @Test
  void theSimulatedMachineSpeaksThroughTheSameFeed(Client owner) throws IOException {
    begin(owner, "sm");
    String page = link(owner, "sm", "sm-a");
    owner
        .put(
            at("sm") + "/light/machine", Map.of("load", "LOAD", "roomCelsius", 24, "seed", 1), null)
        .expect(200);
    JsonNode state = owner.get(at("sm") + "/light/feed").expect(200).json();
    assertTrue(state.path("running").asBoolean());
    assertEquals("LOAD", state.at("/machine/machine/load").asString());
    assertEquals(10, state.path("names").size());
    try (BufferedReader lines = follow(page)) {
      JsonNode picture = next(lines, 0);
      assertTrue(
          words(picture).stream().anyMatch(each -> each.startsWith("24.")), picture.toString());
    }
    JsonNode now = owner.get(at("sm") + "/light/canvases/sm-c/now").expect(200).json();
    assertEquals(254, now.path("widthMm").asDouble());
    state = owner.delete(at("sm") + "/light/machine").expect(200).json();
    assertTrue(state.path("machine").path("machine").isNull());
    assertEquals(10, state.path("names").size(), "its last values stay");
    owner
        .put(
            at("sm") + "/light/machine", Map.of("load", "LOAD", "roomCelsius", 99, "seed", 1), null)
        .expect(422);
  }

  @Test
  void twentyPagesOpenAndTheApplicationStillAnswers(Client owner) throws IOException {
    begin(owner, "sw");
    String page = link(owner, "sw", "sw-a");
    List<BufferedReader> open = new ArrayList<>();
    try {
      for (int i = 0; i < 20; i++) {
        open.add(follow(page));
      }
      for (BufferedReader lines : open) {
        assertTrue(next(lines, 0).path("open").asBoolean());
      }
      owner.get("/api/yard").expect(200);
      owner.get(at("sw")).expect(200);
    } finally {
      for (BufferedReader lines : open) {
        lines.close();
      }
    }
    String all = String.join(",", java.util.Collections.nCopies(41, page));
    Client client = TestYard.stranger();
    client.headers.put("X-Screen-Tokens", all);
    assertEquals(422, client.get("/api/screens/live").status());
  }

  @Test
  void aHelperMayOpenAPageAndAStrangerMayNot(Client owner) {
    begin(owner, "sh");
    link(TestYard.helper(), "sh", "sh-a");
    assertEquals(401, TestYard.stranger().get(at("sh") + "/light/links").status());
    owner
        .post(
            at("sh") + "/light/links",
            Map.of("kind", "SCREEN", "canvasId", "sh-c", "paneId", "none", "name", "Page"))
        .expect(422);
  }
}
