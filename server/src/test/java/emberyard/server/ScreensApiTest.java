package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
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
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Canvases, screens' own pages and the feed, over HTTP. */
@ExtendWith(TestYard.class)
class ScreensApiTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String OPENS_ITSELF = "/api/(health|session|setup).*";
  private static final String READ_OUTS =
      """
      {"id":"v","kind":"VALUE","xMm":4,"yMm":20,"widthMm":100,"heightMm":36,
       "source":"coolant.celsius","words":"Coolant","unit":"°C"},
      {"id":"w","kind":"WORDS","xMm":150,"yMm":20,"widthMm":90,"heightMm":20,"words":"DEPOT"},
      {"id":"b","kind":"BAR","xMm":196,"yMm":2,"widthMm":50,"heightMm":14,
       "source":"memory.percent"},
      {"id":"d","kind":"DIAL","xMm":60,"yMm":2,"widthMm":130,"heightMm":56,
       "source":"processor.percent"}""";

  private static String at(String build) {
    return "/api/builds/" + build;
  }

  private static void put(Client owner, String build, String kind, String id, String body) {
    owner.put(at(build) + "/" + kind + "/" + id, body, null).expect(200);
  }

  private static String screen(String id, String mount, String feed) {
    return """
        {"id":"%s","name":"Screen %s","widthMm":120,"heightMm":60,"pixelsWide":240,"pixelsHigh":120,
         "input":"HDMI","watts":4,"rail":"V5","priceMinor":0,"supplierId":"","productId":"",
         "sameAs":"","confirmedWith":"","massKg":0,
         "feed":{"activeWidthMm":120,"activeHeightMm":60%s}%s}"""
        .formatted(id, id, feed, mount);
  }

  private static String canvas(String id, String panes) {
    return """
        {"id":"%s","name":"Departures","panes":[%s],"readOuts":[%s]}"""
        .formatted(id, panes, READ_OUTS);
  }

  /** A build with two screens of 120 × 60 mm, 14 mm apart, and a picture over both. */
  private static void begin(Client owner, String build) {
    owner.post("/api/builds", Map.of("id", build, "name", build)).expect(200);
    put(owner, build, "screens", build + "-a", screen(build + "-a", "", ""));
    put(owner, build, "screens", build + "-b", screen(build + "-b", "", ""));
    put(
        owner,
        build,
        "canvases",
        build + "-c",
        canvas(
            build + "-c",
            """
            {"id":"%1$s-a","name":"","xMm":0,"yMm":0},{"id":"%1$s-b","name":"","xMm":134,"yMm":0}"""
                .formatted(build)));
  }

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

  private static BufferedImage png(Client owner, String path) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(owner.bytes(path)));
  }

  private static int[] pixels(BufferedImage image, int x, int width) {
    return image.getRGB(x, 0, width, image.getHeight(), null, 0, width);
  }

  /** What the screens show, laid at their places, is the picture with the rims cut out. */
  @Test
  void cropsPutTogetherAgainGiveThePicture(Client owner) throws IOException {
    begin(owner, "sp");
    put(
        owner,
        "sp",
        "canvases",
        "sp-whole",
        canvas(
            "sp-whole",
            """
            {"id":"sp-w","name":"All","xMm":0,"yMm":0,"widthMm":254,"heightMm":60,
             "pixelsWide":508,"pixelsHigh":120}"""));
    String base = at("sp") + "/light/canvases/";
    BufferedImage left = png(owner, base + "sp-c/sp-a.png");
    BufferedImage right = png(owner, base + "sp-c/sp-b.png");
    BufferedImage whole = png(owner, base + "sp-whole/sp-w.png");
    assertEquals(240, left.getWidth());
    assertEquals(120, left.getHeight());
    assertEquals(508, whole.getWidth());
    assertArrayEquals(pixels(whole, 0, 240), pixels(left, 0, 240));
    assertArrayEquals(pixels(whole, 268, 240), pixels(right, 0, 240));
    assertTrue(Set.copyOf(boxed(pixels(left, 0, 240))).size() > 20, "and it is no empty one");
    assertTrue(
        new String(owner.bytes(base + "sp-c.svg"), StandardCharsets.UTF_8).contains("DEPOT"));
  }

  private static List<Integer> boxed(int[] pixels) {
    return java.util.Arrays.stream(pixels).boxed().toList();
  }

  /** A body on its side that software can't turn gets its picture lying down. */
  @Test
  void aPictureLiesAsItsPixelsDo(Client owner) throws IOException {
    owner.post("/api/builds", Map.of("id", "so", "name", "so")).expect(200);
    put(
        owner,
        "so",
        "screens",
        "so-a",
        screen(
            "so-a",
            ",\"mount\":{\"held\":null,\"besides\":null,\"on\":\"CHASSIS\",\"turned\":\"RIGHT\"}",
            ",\"pictureTurns\":\"NOT_AT_ALL\""));
    put(owner, "so", "canvases", "so-c", canvas("so-c", "{\"id\":\"so-a\",\"name\":\"\"}"));
    String path = at("so") + "/light/canvases/so-c/so-a.png";
    BufferedImage lying = png(owner, path);
    BufferedImage upright = png(owner, path + "?upright=true");
    assertEquals(240, lying.getWidth());
    assertEquals(120, lying.getHeight());
    assertEquals(120, upright.getWidth());
    assertEquals(240, upright.getHeight());
    long apart = 0;
    for (int x = 0; x < 120; x++) {
      for (int y = 0; y < 240; y++) {
        // turned by 270° clockwise: what was on the right is above
        apart += apart(upright.getRGB(x, y), lying.getRGB(y, 119 - x));
      }
    }
    assertTrue(apart / (120.0 * 240) < 6, "a mean of " + apart / (120.0 * 240) + " of 765");
  }

  private static int apart(int one, int other) {
    int sum = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      sum += Math.abs(((one >> shift) & 255) - ((other >> shift) & 255));
    }
    return sum;
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

  @Test
  void eachScreenShowsItsPartOfThePicture(Client owner) {
    begin(owner, "sg");
    JsonNode canvas = owner.get(at("sg")).expect(200).json().at("/glow/canvases/0");
    assertEquals(47.2, canvas.at("/cuts/0/rightPercent").asDouble(), 0.05);
    assertEquals(52.8, canvas.at("/cuts/1/leftPercent").asDouble(), 0.05);
    assertEquals(4, canvas.path("readOuts").size());
    assertFalse(canvas.at("/readOuts/3/whole").asBoolean(), "the dial's number lies behind rims");
  }

  @Test
  void whatAScreenShowsGoesOutWithTheFaces(Client owner) throws IOException {
    begin(owner, "se");
    JsonNode view = owner.get(at("se")).expect(200).json();
    owner
        .put(
            at("se") + "/concepts/se",
            """
            {"id":"%s","letter":"A","name":"","look":{"themeWords":[],"palette":[],
              "size":{"widthMm":400,"heightMm":200,"depthMm":300}},"frozen":null}"""
                .formatted(view.at("/build/concept/id").asString()),
            view.at("/versions").path("concepts/se").asLong())
        .expect(200);
    put(
        owner,
        "se",
        "items",
        "se-a",
        """
        {"id":"se-a","face":"FRONT","kind":"SCREEN","name":"A","xMm":20,"yMm":30,"layer":"ON",
         "ofId":"se-a","upright":false,"art":"","words":"typed by hand"}""");
    String svg = new String(owner.bytes(at("se") + "/faces/front.svg"), StandardCharsets.UTF_8);
    assertTrue(svg.contains(">Coolant</text>"), svg);
    assertFalse(svg.contains("typed by hand"), "what is laid out takes its place");
    assertTrue(svg.contains("viewBox=\"0 0 120 60\""), "cut to what shines");
    String dusk =
        new String(owner.bytes(at("se") + "/faces/front.svg?dusk=true"), StandardCharsets.UTF_8);
    assertTrue(dusk.contains("fill=\"#FFFFFF\">Coolant"), dusk);
    assertFalse(svg.contains("fill=\"#FFFFFF\">Coolant"), "by day it is off, and faint");
    BufferedImage face = png(owner, at("se") + "/faces/front.png?dusk=true");
    assertEquals(800, face.getWidth());
    assertTrue(Set.copyOf(boxed(pixels(face, 40, 240))).size() > 20, "its letters are painted");
  }
}
