package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.workshop.WorkshopBook;
import emberyard.server.yard.YardReader;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Enclosures and hardware of a build, and the library they come from. */
@ExtendWith(TestYard.class)
class FitApiTest {
  private static final Map<String, String> CSV = Map.of("Content-Type", "text/csv;charset=UTF-8");
  private static final String LIBRARY = "/api/workshop/hardware.csv";

  private static WorkshopBook book() {
    return TestYard.bean(YardReader.class).read().book();
  }

  private static void begin(Client owner, String build) {
    owner.post("/api/builds", Map.of("id", build, "name", build)).expect(200);
  }

  private static void take(Client who, String build, String id, String product) {
    who.post("/api/builds/" + build + "/hardware", Map.of("id", id, "productId", product))
        .expect(200);
  }

  private static void enclose(Client owner, String build, String id, String product) {
    owner
        .post("/api/builds/" + build + "/enclosure", Map.of("id", id, "productId", product))
        .expect(200);
  }

  private static JsonNode view(Client owner, String build) {
    return owner.get("/api/builds/" + build).expect(200).json();
  }

  private static JsonNode finding(JsonNode view, String key) {
    return StreamSupport.stream(view.path("findings").spliterator(), false)
        .filter(finding -> finding.path("key").asString().equals(key))
        .findFirst()
        .orElse(null);
  }

  @Test
  void aboutEightyComponentsAndTwelveEnclosuresToChooseFrom(Client owner) {
    JsonNode library = owner.get("/api/library").expect(200).json();
    assertTrue(library.path("hardware").size() >= 80);
    assertEquals(12, library.path("enclosures").size());
    assertEquals(0, owner.get("/api/workshop").json().path("book").path("hardware").size());
  }

  /** A box of one's own weighs something, though nobody has said how much. */
  @Test
  void aMassLimitIsNotAnsweredWhileTheEnclosureIsNotWeighed(Client owner) {
    begin(owner, "fit-mass");
    take(owner, "fit-mass", "fit-mass-s", "sup-basalt-450");
    owner
        .put(
            "/api/builds/fit-mass/enclosures/fit-mass-e",
            """
            {"id": "fit-mass-e", "name": "Sideboard", "origin": "FURNITURE", "productId": "",
             "widthMm": 1500, "depthMm": 450, "heightMm": 700, "bays": [], "openings": [],
             "mounts": [], "roomC": 22, "hotRoomC": 32}
            """,
            null)
        .expect(200);
    owner
        .put(
            "/api/builds/fit-mass/requirements/fit-mass-r",
            """
            {"id": "fit-mass-r", "text": "light enough", "priority": "MUST", "kind": "WEIGHT",
             "limit": {"measure": "MASS_KG", "comparison": "AT_MOST", "value": 38},
             "answer": "", "outcome": "OPEN"}
            """,
            null)
        .expect(200);
    String numbers = massLimit(owner).path("numbers").asString();
    assertTrue(numbers.startsWith("not known yet, at least "), numbers);
    assertEquals("OPEN", massLimit(owner).path("outcome").asString());
    enclose(owner, "fit-mass", "fit-mass-bought", "enc-girder-120");
    assertEquals("ANSWERED", massLimit(owner).path("outcome").asString());
  }

  private static JsonNode massLimit(Client owner) {
    return view(owner, "fit-mass")
        .path("coverage")
        .valueStream()
        .filter(state -> state.path("requirement").path("id").asString().equals("fit-mass-r"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aMisfitIsMendedByItsOwnRemedyAndMoneyFollows(Client owner) {
    begin(owner, "fit-swap");
    enclose(owner, "fit-swap", "fit-swap-e", "enc-girder-120");
    take(owner, "fit-swap", "fit-swap-s", "sup-basalt-450");
    JsonNode before = view(owner, "fit-swap");
    JsonNode misfit = finding(before, "component:fit-swap-s/place");
    assertTrue(misfit.path("title").asString().contains("11.5 mm height missing"));
    JsonNode change = misfit.path("remedies").get(0).path("change");
    assertEquals("productId", change.path("field").asString());
    owner
        .post(
            "/api/builds/fit-swap/components/fit-swap-s/swap",
            Map.of("productId", change.path("text").asString()))
        .expect(200);
    JsonNode after = view(owner, "fit-swap");
    assertEquals(null, finding(after, "component:fit-swap-s/place"));
    assertEquals(1, after.path("fit").path("space").path("things").size());
    long more = misfit.path("remedies").get(0).path("priceMinor").asLong();
    assertEquals(need(before) + more, need(after));
    owner.post("/api/undo?place=fit-swap", "").expect(200);
    assertTrue(finding(view(owner, "fit-swap"), "component:fit-swap-s/place") != null);
  }

  private static long need(JsonNode view) {
    return StreamSupport.stream(view.path("needs").spliterator(), false)
        .map(line -> line.path("need"))
        .filter(need -> need.path("key").asString().equals("component:fit-swap-s"))
        .findFirst()
        .orElseThrow()
        .path("unitPriceMinor")
        .asLong();
  }

  @Test
  void aRepeatedTakingAddsOnceAndAnotherEnclosureTakesItsPlace(Client owner) {
    begin(owner, "fit-take");
    take(owner, "fit-take", "fit-take-b", "board-dunlin-i1");
    take(owner, "fit-take", "fit-take-b", "board-dunlin-i1");
    enclose(owner, "fit-take", "fit-take-1", "enc-wicket-9");
    enclose(owner, "fit-take", "fit-take-2", "enc-radio-44");
    JsonNode build = view(owner, "fit-take").path("build");
    assertEquals(2, build.path("components").size(), "a board and one enclosure");
    assertEquals(1, build.path("enclosures").size());
    assertEquals("GUTTED", build.path("enclosures").get(0).path("origin").asString());
    owner
        .post("/api/builds/fit-take/hardware", Map.of("id", "x", "productId", "nothing"))
        .expect(422);
    owner
        .post("/api/builds/fit-take/components/gone/swap", Map.of("productId", "board-dunlin-i1"))
        .expect(404);
  }

  @Test
  void aScreenOfTheLibraryLiesAmongTheScreens(Client owner) {
    begin(owner, "fit-screen");
    take(owner, "fit-screen", "fit-screen-s", "screen-sill-8");
    JsonNode screen = view(owner, "fit-screen").path("build").path("screens").get(0);
    assertEquals(1_920, screen.path("pixelsWide").asInt());
    assertEquals("HDMI", screen.path("input").asString());
  }

  @Test
  void whatIsMeasuredHereBecomesOneOfTheLibraryAndFollowsIt(Client owner) {
    begin(owner, "fit-join");
    Map<String, Object> strip =
        Map.of(
            "id", "fit-join-l",
            "name", "Beam",
            "lengthMm", 700,
            "ledsPerMetre", 60,
            "rail", "V12",
            "milliampsPerLed", 20,
            "feed", "SUPPLY_LEAD",
            "colourHex", "#F0A13A",
            "pricePerMetreMinor", 0,
            "supplierId", "");
    owner.put("/api/builds/fit-join/strips/fit-join-l", strip, null).expect(200);
    String join = "/api/builds/fit-join/strips/fit-join-l/join";
    owner.post(join, Map.of("productId", "board-dunlin-i1")).expect(422);
    owner.post(join, Map.of("productId", "strip-wisp-60")).expect(200);
    owner.post(join.replace("strips", "panels"), Map.of("productId", "x")).expect(422);
    owner
        .send(
            "POST",
            "/api/workshop/light-products.csv",
            "id,milliampsPerLed\nstrip-wisp-60,48\n",
            Map.of("Content-Type", "text/csv"))
        .expect(200);
    JsonNode beam = view(owner, "fit-join").path("build").path("strips").get(0);
    assertEquals(700, beam.path("lengthMm").asDouble());
    assertEquals("Beam", beam.path("name").asString());
    assertEquals(48, beam.path("milliampsPerLed").asDouble());
    assertEquals(1_400, beam.path("pricePerMetreMinor").asLong());
    assertEquals(0, beam.path("ownFields").size());
    JsonNode volts = view(owner, "fit-join").path("fit").path("power").path("volt5Watts");
    assertEquals(42 * 0.049 * 5, volts.asDouble(), 1e-9);
  }

  @Test
  void anOpeningBecomesAPartWithItsHoles(Client owner) {
    begin(owner, "fit-part");
    enclose(owner, "fit-part", "fit-part-e", "enc-skerry-24");
    String path = "/api/builds/fit-part/openings/side-field/panel";
    owner.post(path, Map.of("id", "fit-part-p", "sheetId", "no-sheet")).expect(422);
    owner.post(path, Map.of("id", "fit-part-p", "sheetId", "acrylic-black-3")).expect(200);
    JsonNode part = view(owner, "fit-part").path("parts").get(0);
    assertEquals(144, part.path("panel").path("widthMm").asDouble());
    int holes = part.path("figures").path("vents").size();
    assertTrue(holes > 400 && holes < 500, "holes: " + holes);
    double open = holes * Math.PI * 4;
    assertEquals(144 * 144 - open, part.path("figures").path("areaMm2").asDouble(), 1e-6);
  }

  @Test
  void aChangedBayBecomesWorkWithACaution(Client owner) {
    begin(owner, "fit-cut");
    enclose(owner, "fit-cut", "fit-cut-e", "enc-skerry-24");
    JsonNode view = view(owner, "fit-cut");
    JsonNode enclosure = view.path("build").path("enclosures").get(0);
    long version = view.path("versions").path("enclosures/fit-cut-e").asLong();
    ((tools.jackson.databind.node.ObjectNode) enclosure.path("bays").get(2).path("change"))
        .put("higherMm", 12);
    owner
        .put("/api/builds/fit-cut/enclosures/fit-cut-e", enclosure.toString(), version)
        .expect(200);
    JsonNode task =
        StreamSupport.stream(view(owner, "fit-cut").path("tasks").spliterator(), false)
            .map(t -> t.path("task"))
            .filter(t -> t.path("key").asString().equals("enclosure:fit-cut-e/bay-supply"))
            .findFirst()
            .orElseThrow();
    assertEquals(90, task.path("handsOnMinutes").asInt());
    assertEquals("METAL_CUTTING", task.path("cautions").get(0).asString());
  }

  @Test
  void theLibraryGoesOutAndComesInUnchanged(Client owner) {
    String out = owner.get(LIBRARY).expect(200).text();
    WorkshopBook before = book();
    owner.send("POST", LIBRARY, out, CSV).expect(200);
    assertTrue(before.hardware().equals(book().hardware()), "some component changed");
    assertEquals(out, owner.get(LIBRARY).text());
  }

  @ParameterizedTest
  @CsvSource({
    "CPU_8*0,Count can't be 0",
    "TURBO*1,TURBO",
    "CPU_8*x,x",
    "CPU_8*1@99,Amps can't be 99",
  })
  void aBadLineOfTheLibraryIsRefusedWhole(String ports, String named) {
    Client owner = TestYard.owner();
    String[] lines = owner.get(LIBRARY).expect(200).text().split("\r\n");
    String id = lines[1].substring(0, lines[1].indexOf(','));
    String good = lines[1].replaceFirst(id, "never-kept");
    String bad = lines[1].replaceFirst("CPU_8\\*1", ports.replace("*", "\\*"));
    WorkshopBook before = book();
    String title =
        owner
            .send("POST", LIBRARY, lines[0] + "\r\n" + good + "\r\n" + bad + "\r\n", CSV)
            .expect(422)
            .json()
            .path("title")
            .asString();
    assertTrue(title.startsWith("Line 3: ") && title.contains(named), title);
    assertEquals(before, book());
    owner.send("POST", LIBRARY, "a,b\r\n", CSV).expect(422);
  }

  @Test
  void helpersTakeHardwareAndSeeNoPrices(Client owner) {
    begin(owner, "fit-helper");
    Client helper = TestYard.helper();
    take(helper, "fit-helper", "fit-helper-b", "board-dunlin-i1");
    JsonNode component =
        helper.get("/api/builds/fit-helper").json().path("build").path("components").get(0);
    assertEquals(0, component.path("priceMinor").asLong());
    assertEquals(15_900, book().hardware("board-dunlin-i1").orElseThrow().priceMinor());
    assertEquals(
        15_900,
        view(owner, "fit-helper")
            .path("build")
            .path("components")
            .get(0)
            .path("priceMinor")
            .asLong());
    helper.get(LIBRARY).expect(403);
    assertEquals(
        0, helper.get("/api/library").json().path("hardware").get(0).path("priceMinor").asLong());
  }
}
