package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Finishes, film, faults, air and cards over HTTP. */
@ExtendWith(TestYard.class)
class FinishApiTest {
  private static Map<String, Object> step(String id, String op, String product, int coats) {
    Map<String, Object> step = new HashMap<>();
    step.put("id", id);
    step.put("side", "BACK");
    step.put("op", op);
    step.put("productId", product);
    step.put("coats", coats);
    step.put("shapes", op.equals("STENCIL") ? List.of("disc") : List.of());
    return step;
  }

  /** A cream disc in a green field behind clear sheet, cream first: nothing but cream is seen. */
  private static Map<String, Object> wrongOrder(String id, String panel) {
    Map<String, Object> disc =
        Map.of(
            "id",
            "disc",
            "name",
            "Disc",
            "figure",
            Map.of("kind", "HOLE", "diameterMm", 40),
            "xMm",
            100,
            "yMm",
            60,
            "wantedHex",
            "#EDE3C4");
    Map<String, Object> scheme = new HashMap<>();
    scheme.put("id", id);
    scheme.put("name", "Disc behind glass");
    scheme.put("panelId", panel);
    scheme.put("targetHex", "#2E4A45");
    scheme.put("seenFrom", "FRONT");
    scheme.put("shapes", List.of(disc));
    scheme.put(
        "layers",
        List.of(
            step("cream", "PAINT", "cream", 4),
            step("mask", "STENCIL", null, 1),
            step("green", "PAINT", "harbour-green", 3),
            step("peel", "PEEL", null, 1)));
    return scheme;
  }

  private static Client begun(Client owner, String build) {
    owner.begin(build);
    MakeApiTest.put(owner, build, MakeApiTest.panel(build + "-p", 200, 120, "acrylic-clear-3"));
    return owner;
  }

  private static JsonNode finding(JsonNode view, String key) {
    return StreamSupport.stream(view.path("findings").spliterator(), false)
        .filter(f -> f.path("key").asString().equals(key))
        .findFirst()
        .orElse(null);
  }

  @Test
  void aWrongOrderIsFoundAndItsRemedyMendsIt(Client owner) {
    begun(owner, "fin-1");
    Map<String, Object> scheme = wrongOrder("s1", "fin-1-p");
    owner.put("/api/builds/fin-1/schemes/s1", scheme, null).expect(200);
    JsonNode view = MakeApiTest.view(owner, "fin-1");
    JsonNode stop = finding(view, "scheme:s1/order");
    assertEquals("Pattern vanishes from the front", stop.path("title").asString());
    JsonNode remedy = stop.path("remedies").path(0);
    assertEquals("Move Chart cream after the peel", remedy.path("label").asString());
    scheme.put("layers", remedy.path("change").path("items"));
    long version = view.path("versions").path("schemes/s1").asLong();
    owner.put("/api/builds/fin-1/schemes/s1", scheme, version).expect(200);
    JsonNode mended = MakeApiTest.view(owner, "fin-1");
    assertEquals(null, finding(mended, "scheme:s1/order"));
    JsonNode model = mended.path("finish").path("schemes").path(0);
    assertTrue(model.path("layers").path("worstDeltaE00").asDouble() < 3);
    assertEquals(5, model.path("layers").path("frames").size(), "bare and after each step");
    assertTrue(
        mended.path("needs").toString().contains("paint:cream"), "cans follow from the layers");
  }

  @Test
  void schemesAndOrdersAreOffered(Client owner) {
    begun(owner, "fin-2");
    owner.put("/api/builds/fin-2/schemes/s2", wrongOrder("s2", "fin-2-p"), null).expect(200);
    JsonNode order = owner.get("/api/builds/fin-2/schemes/s2/order").expect(200).json();
    assertTrue(order.path("missing").isEmpty(), order.toString());
    assertTrue(order.path("worstDeltaE00").asDouble() <= 3);
    JsonNode offers =
        owner.get("/api/builds/fin-2/schemes/s2/proposals?target=%232E4A45").expect(200).json();
    assertTrue(offers.size() >= 3);
    assertTrue(offers.path(0).path("costMinor").asLong() > 0);
    JsonNode helper =
        TestYard.helper()
            .get("/api/builds/fin-2/schemes/s2/proposals?target=%232E4A45")
            .expect(200)
            .json();
    assertEquals(0, helper.path(0).path("costMinor").asLong(), "helpers see no money");
    owner.get("/api/builds/fin-2/schemes/s2/proposals?target=green").expect(422);
    owner.get("/api/builds/fin-2/schemes/gone/order").expect(404);
  }

  @Test
  void badLayersAreRefusedWithAPlaceAndNothingIsSaved(Client owner) {
    begun(owner, "fin-3");
    Map<String, Object> scheme = wrongOrder("s3", "fin-3-p");
    List<Map<String, Object>> layers = new ArrayList<>();
    layers.add(step("cream", "PAINT", "", 4));
    scheme.put("layers", layers);
    JsonNode refused = owner.put("/api/builds/fin-3/schemes/s3", scheme, null).expect(422).json();
    assertTrue(refused.toString().contains("Choose what is painted."), refused.toString());
    layers.set(0, step("cream", "PAINT", "cream", 21));
    owner.put("/api/builds/fin-3/schemes/s3", scheme, null).expect(422);
    assertEquals(0, MakeApiTest.view(owner, "fin-3").path("build").path("schemes").size());
  }

  @Test
  void filmIsNestedAndGivenToABladeOnly(Client owner) {
    begun(owner, "fin-4");
    Map<String, Object> decal =
        Map.of(
            "id", "t4",
            "name", "Title",
            "kind", "DECAL",
            "panelId", "fin-4-p",
            "productId", "film-red",
            "figure", Map.of("kind", "TEXT", "text", "SOUND", "heightMm", 14),
            "xMm", 100,
            "yMm", 60,
            "quantity", 3);
    owner.put("/api/builds/fin-4/treatments/t4", decal, null).expect(200);
    JsonNode view = MakeApiTest.view(owner, "fin-4");
    JsonNode roll = view.path("finish").path("rolls").path(0);
    assertEquals(3, roll.path("pieces").size());
    assertTrue(view.path("needs").toString().contains("film:film-red"));
    String svg = owner.get("/api/builds/fin-4/film/film-red.svg").expect(200).text();
    assertTrue(svg.contains("id=\"blade\"") && !svg.contains("laser"));
    assertTrue(
        owner.get("/api/builds/fin-4/film/film-red.dxf").expect(200).text().contains("BLADE"));
    owner.get("/api/builds/fin-4/film/film-blue.svg").expect(404);
  }

  @Test
  void aFaultPutsItsRepairIntoThePlan(Client owner) {
    begun(owner, "fin-5");
    owner.put("/api/builds/fin-5/schemes/s5", wrongOrder("s5", "fin-5-p"), null).expect(200);
    Map<String, Object> fault =
        Map.of(
            "id", "f5",
            "schemeId", "s5",
            "taskKey", "scheme:s5/green/2",
            "kind", "WRONG_COLOUR",
            "at", "2026-03-02T10:00:00Z",
            "by", "Ines",
            "note", "");
    owner.put("/api/builds/fin-5/faults/f5", fault, null).expect(200);
    JsonNode view = MakeApiTest.view(owner, "fin-5");
    assertEquals(
        "Key Plate fin-5-p again, 800 grit",
        MakeApiTest.task(view, "fault:f5/sand").path("task").path("title").asString());
    owner.delete("/api/builds/fin-5/faults/f5").expect(200);
    assertFalse(MakeApiTest.view(owner, "fin-5").path("tasks").toString().contains("fault:f5"));
  }

  @Test
  void airComesTypedFromAFileAndFromTheSensor(Client owner) {
    Map<String, Object> day =
        Map.of("id", "2031-05-01", "date", "2031-05-01", "temperatureC", 15, "humidityPercent", 82);
    owner.put("/api/workshop/airs/2031-05-01", day, null).expect(200);
    Map<String, String> csv = Map.of("Content-Type", "text/csv");
    String hours =
        "date,temperatureC,humidityPercent\r\n2031-05-02T08:00,10,80\r\n2031-05-02T14:00,20,60\r\n";
    assertEquals(
        1,
        owner
            .send("POST", "/api/workshop/airs.csv", hours, csv)
            .expect(200)
            .json()
            .path("kept")
            .asInt());
    String out = owner.get("/api/workshop/airs.csv").expect(200).text();
    assertTrue(out.contains("2031-05-01,15,82") && out.contains("2031-05-02,15,70"), out);
    String bad = "date,temperatureC,humidityPercent\r\n2031-05-03,12,60\r\n2031-05-04,x,60\r\n";
    String sentence = owner.send("POST", "/api/workshop/airs.csv", bad, csv).expect(422).text();
    assertTrue(sentence.contains("Line 3"), sentence);
    assertFalse(owner.get("/api/workshop/airs.csv").text().contains("2031-05-03"), "all or none");
    JsonNode now = owner.get("/api/workshop/air-sensor").expect(200).json();
    JsonNode taken = owner.post("/api/workshop/air-sensor", Map.of()).expect(200).json();
    assertEquals("SENSOR", taken.path("source").asString());
    assertEquals(now.path("temperatureC").asDouble(), taken.path("temperatureC").asDouble(), 0.11);
    TestYard.helper().post("/api/workshop/air-sensor", Map.of()).expect(403);
    for (String id : List.of("2031-05-01", "2031-05-02", taken.path("id").asString())) {
      owner.delete("/api/workshop/airs/" + id).expect(200);
    }
  }

  @Test
  void aTestCardCorrectsTheHidingOfItsPaint(Client owner) {
    begun(owner, "fin-6");
    MakeApiTest.put(owner, "fin-6", MakeApiTest.panel("fin-6-q", 200, 120, "acrylic-black-3"));
    Map<String, Object> scheme = wrongOrder("s6", "fin-6-q");
    scheme.put("shapes", List.of());
    Map<String, Object> coats = step("lemon", "PAINT", "lemon", 6);
    coats.put("side", "FRONT");
    scheme.put("layers", List.of(coats));
    owner.put("/api/builds/fin-6/schemes/s6", scheme, null).expect(200);
    String key = "scheme:s6/hiding/lemon";
    String before = String.valueOf(finding(MakeApiTest.view(owner, "fin-6"), key));
    Map<String, Object> card =
        Map.of(
            "id", "card-lemon",
            "paintId", "lemon",
            "sprayedOn", "2026-03-01",
            "coatsOverBlack", 14,
            "by", "Bram");
    owner.put("/api/workshop/test-cards/card-lemon", card, null).expect(200);
    JsonNode after = finding(MakeApiTest.view(owner, "fin-6"), key);
    assertTrue(after != null && !after.toString().equals(before), "the card says more coats");
    owner.delete("/api/workshop/test-cards/card-lemon").expect(200);
  }

  @Test
  void aFileFromBeforeLayersIsReadAndKeepsTheKeysOfItsCoats(Client owner) {
    begun(owner, "fin-7");
    Map<String, Object> scheme = wrongOrder("s7", "fin-7-p");
    scheme.put("shapes", List.of());
    scheme.put("layers", List.of());
    owner.put("/api/builds/fin-7/schemes/s7", scheme, null).expect(200);
    JsonNode file = owner.get("/api/builds/fin-7/export").expect(200).json();
    for (JsonNode thing : file.path("things")) {
      if (thing.path("kind").asString().equals("schemes")) {
        ObjectNode old = (ObjectNode) thing.path("value");
        List.of(
                "face",
                "targetHex",
                "surface",
                "habits",
                "seenFrom",
                "layers",
                "shapes",
                "hangsWith")
            .forEach(old::remove);
        old.put("bothSides", true);
        old.putNull("clear");
        old.putObject("primer").put("paintId", "primer-grey").put("count", 1);
        old.putObject("colour").put("paintId", "harbour-green").put("count", 2);
      }
    }
    ((ObjectNode) file).put("version", 3);
    owner.post("/api/import?existing=REPLACE", file.toString()).expect(200);
    JsonNode view = MakeApiTest.view(owner, "fin-7");
    MakeApiTest.task(view, "scheme:s7/back/primer/1");
    MakeApiTest.task(view, "scheme:s7/colour/2");
  }
}
