package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Light runs and scenes over HTTP: laid, lit, judged, seen on the faces. */
@ExtendWith(TestYard.class)
class GlowApiTest {
  private static final String STRIP =
      """
      {"id":"%s-l","name":"Roof strip","lengthMm":300,"ledsPerMetre":60,"rail":"V5",
       "milliampsPerLed":60,"feed":"BOARD_HEADER","colourHex":"#FFFFFF","pricePerMetreMinor":1400,
       "supplierId":"","productId":"","shape":"STRIP"%s}""";

  private static String at(String build) {
    return "/api/builds/" + build;
  }

  /** A build of 1,100 × 300 × 400 mm with a strip along the upper edge of its front. */
  private static void begin(Client owner, String build, String more) {
    owner.post("/api/builds", Map.of("id", build, "name", build)).expect(200);
    JsonNode concept = view(owner, build).at("/build/concept");
    put(
            owner,
            build,
            "concepts",
            build,
            """
            {"id":"%s","letter":"A","name":"","look":{"themeWords":[],"palette":[
              {"name":"rust","hex":"#9E2B25","role":"BASE"},{"name":"cream","hex":"#EDE3C4","role":"SECOND"}],
              "size":{"widthMm":1100,"heightMm":300,"depthMm":400}},"frozen":null}"""
                .formatted(concept.path("id").asString()))
        .expect(200);
    put(owner, build, "strips", build + "-l", STRIP.formatted(build, more)).expect(200);
    put(
            owner,
            build,
            "items",
            build + "-l",
            """
            {"id":"%1$s-l","face":"FRONT","kind":"LIGHT_RUN","name":"Roof strip","xMm":0,"yMm":0,
             "layer":"ON","ofId":"%1$s-l","upright":false,"art":"","words":"",
             "along":{"itemId":"","edges":["TOP"],"insetMm":0}}"""
                .formatted(build))
        .expect(200);
  }

  /** As somebody does who sees what is there. */
  private static Client.Answer put(
      Client owner, String build, String kind, String id, String body) {
    JsonNode version = view(owner, build).path("versions").path(kind + "/" + id);
    return owner.put(
        at(build) + "/" + kind + "/" + id, body, version.isMissingNode() ? null : version.asLong());
  }

  private static String scene(String build, String use, String runs) {
    return """
        {"id":"%1$s-%2$s","name":"%3$s","use":"%2$s","roomLux":null,"runs":[%4$s],"screens":[]}"""
        .formatted(build, use, use.toLowerCase(), runs);
  }

  private static Client.Answer put(Client owner, String build, String use, String runs) {
    return put(owner, build, "scenes", build + "-" + use, scene(build, use, runs));
  }

  private static JsonNode view(Client owner, String build) {
    return owner.get(at(build)).expect(200).json();
  }

  private static List<String> keys(JsonNode view) {
    return StreamSupport.stream(view.path("findings").spliterator(), false)
        .map(each -> each.path("key").asString())
        .toList();
  }

  private static JsonNode front(Client owner, String build, String query) {
    JsonNode concept = owner.get(at(build) + "/concept" + query).expect(200).json();
    return StreamSupport.stream(concept.path("faces").spliterator(), false)
        .filter(each -> each.at("/elevation/face").asString().equals("FRONT"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aRunIsAsLongAsItLiesAndItsVoltsFollow(Client owner) {
    begin(owner, "gl", "");
    JsonNode run = view(owner, "gl").at("/glow/runs/0");
    assertEquals(1_100, run.path("lengthMm").asDouble());
    assertEquals(66, run.path("leds").asInt());
    assertTrue(run.path("follows").asBoolean());
    assertEquals("along the top of the front", run.path("laid").asString());
    assertEquals(66 * 0.061, run.at("/curves/0/amps").asDouble(), 1e-9);
    assertTrue(keys(view(owner, "gl")).contains("strip:gl-l/header"));
    JsonNode need =
        StreamSupport.stream(view(owner, "gl").path("needs").spliterator(), false)
            .map(line -> line.path("need"))
            .filter(each -> each.path("key").asString().equals("strip:gl-l"))
            .findFirst()
            .orElseThrow();
    assertEquals(1.1, need.path("quantity").asDouble(), 1e-9, "what is laid is what is bought");
  }

  @Test
  void scenesDecideWhatIsDrawnAndWhatIsSaid(Client owner) {
    begin(owner, "gs", "");
    put(owner, "gs", "SHOW", "{\"runId\":\"gs-l\",\"brightnessPercent\":100}").expect(200);
    put(
            owner,
            "gs",
            "NIGHT",
            "{\"runId\":\"gs-l\",\"colourHex\":\"#2040FF\",\"brightnessPercent\":20}")
        .expect(200);
    JsonNode view = view(owner, "gs");
    assertEquals(2, view.at("/glow/scenes").size());
    assertTrue(keys(view).contains("strip:gs-l/header"), "in “show”");
    String show = front(owner, "gs", "?scene=gs-SHOW").toString();
    String night = front(owner, "gs", "?scene=gs-NIGHT").toString();
    String dusk = front(owner, "gs", "").toString();
    assertNotEquals(show, night);
    assertNotEquals(show, dusk);
    assertEquals(dusk, front(owner, "gs", "?scene=gone").toString(), "a scene that is gone");
    String svg = owner.get(at("gs") + "/faces/front.svg?scene=gs-NIGHT").expect(200).text();
    assertNotEquals(owner.get(at("gs") + "/faces/front.svg?dusk=true").text(), svg);
    // as the remedy says: darker, and nothing is left to say of the header
    put(owner, "gs", "SHOW", "{\"runId\":\"gs-l\",\"brightnessPercent\":70}").expect(200);
    assertTrue(!keys(view(owner, "gs")).contains("strip:gs-l/header"));
    owner.post("/api/undo?place=gs", "").expect(200);
    assertTrue(keys(view(owner, "gs")).contains("strip:gs-l/header"));
  }

  @Test
  void flashingIsRefusedWithASentence(Client owner) {
    begin(owner, "gf", "");
    JsonNode refused =
        put(
                owner,
                "gf",
                "SHOW",
                "{\"runId\":\"gf-l\",\"movement\":\"BREATHE\",\"periodSeconds\":0.2}")
            .expect(422)
            .json();
    assertTrue(refused.toString().contains("flashing"), refused.toString());
    assertEquals("#/runs/0/periodSeconds", refused.at("/errors/0/pointer").asString());
    assertEquals(0, view(owner, "gf").at("/build/scenes").size());
  }

  @Test
  void whatIsTypedMayBeWrongButNeverHalfKept(Client owner) {
    begin(owner, "gw", "");
    for (String wrong :
        List.of(
            ",\"fed\":{\"feeds\":0}",
            ",\"fed\":{\"leadMm2\":0}",
            ",\"ohmPerMetre\":-1",
            ",\"data\":{\"mostLeds\":0}",
            ",\"diffuserMm\":1001",
            ",\"count\":0")) {
      put(owner, "gw", "strips", "gw-l", STRIP.formatted("gw", wrong)).expect(422);
    }
    assertEquals(66, view(owner, "gw").at("/glow/runs/0/leds").asInt());
    put(owner, "gw", "strips", "gw-l", STRIP.formatted("gw", ",\"fed\":{\"feeds\":3}")).expect(200);
    assertEquals(3, view(owner, "gw").at("/glow/runs/0/feedsMm").size());
  }

  @Test
  void theCalculatorsSayWhatTheHandbookSays(Client owner) {
    JsonNode run =
        owner
            .post(
                "/api/calc/light/run",
                "{\"lengthMm\":900,\"ledsPerMetre\":60,\"milliampsPerLed\":60,\"ohmPerMetre\":0.25,\"leadMm\":0,\"colour\":\"#F0A13A\"}")
            .expect(200)
            .json();
    assertEquals(54, run.path("leds").asInt());
    assertEquals(222, run.at("/sent/red").asInt());
    assertEquals(26.4, run.path("milliamps").asDouble(), 0.05);
    JsonNode white =
        owner.post("/api/calc/light/run", "{\"lengthMm\":900,\"leadMm\":0}").expect(200).json();
    assertEquals(4.75 - 0.371, white.path("worstVolts").asDouble(), 0.001);
    assertEquals(5, white.path("fuseAmps").asDouble());
    assertTrue(!white.path("onHeader").asBoolean());
    JsonNode dots =
        owner.post("/api/calc/light/dots", "{\"pitchMm\":16,\"distanceMm\":8}").expect(200).json();
    assertEquals(35.0, dots.path("unevenPercent").asDouble(), 0.05);
    JsonNode scene =
        owner
            .post(
                "/api/calc/light/scene",
                "{\"roomLux\":300,\"palette\":[\"#3F3F3F\"],\"candelas\":250}")
            .expect(200)
            .json();
    assertEquals(15, scene.path("mostPercent").asDouble());
    owner.post("/api/calc/light/scene", "{\"roomLux\":300,\"palette\":[]}").expect(422);
    owner.post("/api/calc/light/scene", "{\"roomLux\":300,\"palette\":[\"red\"]}").expect(422);
  }

  @Test
  void picturesAreCutAndLettersAreReadAsTheHandbookSays(Client owner) {
    String left =
        "{\"id\":\"left\",\"xMm\":0,\"yMm\":0,\"widthMm\":120,\"heightMm\":60,\"pixelsWide\":480,\"pixelsHigh\":240}";
    String right = left.replace("left", "right").replace("\"xMm\":0", "\"xMm\":134");
    JsonNode cut =
        owner
            .post("/api/calc/light/canvas", "{\"panes\":[%s,%s]}".formatted(left, right))
            .expect(200)
            .json();
    assertEquals(254, cut.path("widthMm").asDouble());
    assertEquals(47.2, cut.at("/cuts/0/rightPercent").asDouble(), 0.05);
    assertEquals(52.8, cut.at("/cuts/1/leftPercent").asDouble(), 0.05);
    owner.post("/api/calc/light/canvas", "{\"panes\":[%s,%s]}".formatted(left, left)).expect(422);
    String asked = "{\"distanceMm\":1200,\"ink\":\"#FFFFFF\",\"ground\":\"#000000\"}";
    JsonNode legible = owner.post("/api/calc/light/legible", asked).expect(200).json();
    assertEquals(7.0, legible.path("leastCapitalMm").asDouble(), 0.05);
    owner.post("/api/calc/light/legible", asked.replace("1200", "0")).expect(422);
  }

  @Test
  void theControllerPlaysASceneTheSameForTheSameSeed(Client owner) {
    begin(owner, "gp", "");
    put(owner, "gp", "SHOW", "{\"runId\":\"gp-l\",\"movement\":\"DRIFT\",\"periodSeconds\":9}")
        .expect(200);
    String at = at("gp") + "/light/scenes/gp-SHOW/frames";
    JsonNode play = owner.get(at + "?count=5&perSecond=2&seed=4").expect(200).json();
    assertEquals(5, play.path("frames").size());
    assertEquals(2.0, play.at("/frames/4/seconds").asDouble());
    assertEquals(66, play.at("/frames/0/lights/0/hexes").size());
    assertTrue(play.at("/frames/0/amps").asDouble() <= 66 * 0.061);
    JsonNode step = owner.get(at + "?seconds=2&count=1&seed=4").expect(200).json();
    assertEquals(play.at("/frames/4/lights"), step.at("/frames/0/lights"), "a step is a frame");
    JsonNode other = owner.get(at + "?seconds=2&count=1&seed=5").expect(200).json();
    assertNotEquals(step.at("/frames/0/lights"), other.at("/frames/0/lights"));
    owner.get(at + "?count=201").expect(422);
    owner.get(at("gp") + "/light/scenes/gone/frames").expect(404);
    List<String> rows =
        owner.get(at + ".csv?seconds=1&perSecond=2&seed=4").expect(200).text().lines().toList();
    assertEquals(1 + 3 * 66, rows.size());
    assertEquals("seconds,light,led,r,g,b", rows.get(0));
    assertTrue(rows.get(1).startsWith("0.0,Roof strip,1,"), rows.get(1));
    assertTrue(owner.get(at + ".csv?seconds=600&perSecond=60").expect(422).text().contains("rows"));
  }

  @Test
  void aSceneLeavesAsAFileAndComesInAgain(Client owner) {
    begin(owner, "go", "");
    put(
            owner,
            "go",
            "NIGHT",
            "{\"runId\":\"go-l\",\"colourHex\":\"#2040FF\",\"brightnessPercent\":20}")
        .expect(200);
    String scenes = at("go") + "/light/scenes";
    String file = owner.get(scenes + "/go-NIGHT.json").expect(200).text();
    assertTrue(file.contains("\"format\":\"ember-yard scene\""), file);
    JsonNode taken = owner.post(scenes + "?id=again", file).expect(200).json();
    assertEquals(0, taken.path("unknown").size());
    JsonNode built = view(owner, "go").at("/build/scenes");
    assertEquals(2, built.size());
    assertEquals("#2040FF", built.at("/1/runs/0/colourHex").asString());
    begin(owner, "gq", "");
    String stranger = file.replace("Roof strip", "Stern light");
    JsonNode named = owner.post(at("gq") + "/light/scenes?id=s", stranger).expect(200).json();
    assertEquals("Stern light", named.at("/unknown/0").asString());
    owner.post(scenes + "?id=x", file.replace("ember-yard scene", "else")).expect(422);
    owner.post(scenes + "?id=x", "{\"format\":\"ember-yard scene\"").expect(400);
    assertEquals(2, view(owner, "go").at("/build/scenes").size());
  }
}
