package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(TestYard.class)
class FilesTest {
  private static final Map<String, String> CSV = Map.of("Content-Type", "text/csv");

  @Test
  void aBuildGoesOutAndInAndLosesNothing(Client owner) throws Exception {
    owner.begin("trip");
    owner.put("/api/builds/trip/panels/tp", Things.panel("tp", 412), null).expect(200);
    owner
        .put("/api/builds/trip/components/tc", Things.component("tc", "Board", 5), null)
        .expect(200);
    owner.postPicture("trip", "ph-trip", Things.model(1)).expect(200);
    String file = owner.get("/api/builds/trip/export").expect(200).text();
    String before = owner.get("/api/builds/trip").json().path("build").toString();
    owner.delete("/api/builds/trip/panels/tp").expect(200);
    owner.begin("other");
    String asked = owner.post("/api/import", file).expect(409).json().path("title").asString();
    assertEquals("“Build trip” is here already: replace it, or take a copy beside it.", asked);
    owner.post("/api/import?existing=REPLACE", file).expect(200);
    assertEquals(before, owner.get("/api/builds/trip").json().path("build").toString());
    assertEquals(file, owner.get("/api/builds/trip/export").text());
    owner.post("/api/undo", Map.of()).expect(200);
    assertEquals(0, owner.get("/api/builds/trip").json().path("build").path("panels").size());
  }

  /** A print whose file hasn't come has no mesh to go along, and loses nothing of its guesses. */
  @Test
  void aPrintPlannedBeforeItsFileGoesOutAndComesInAsACopy(Client owner) {
    owner.begin("planned");
    Map<String, Object> guess =
        Map.of("widthMm", 120, "depthMm", 80, "heightMm", 40, "hours", 6.5, "grams", 210);
    Map<String, Object> housing =
        Map.of(
            "id",
            "ph",
            "name",
            "Housing",
            "face",
            "FRONT",
            "sha256",
            "",
            "fileName",
            "",
            "filamentId",
            "pla-grey",
            "quantity",
            2,
            "planned",
            guess);
    owner.put("/api/builds/planned/prints/ph", housing, null).expect(200);
    JsonNode before = owner.get("/api/builds/planned").json();
    String file = owner.get("/api/builds/planned/export").expect(200).text();
    String copy =
        owner.post("/api/import?existing=COPY", file).expect(200).json().path("id").asString();
    JsonNode after = owner.get("/api/builds/" + copy).json();
    JsonNode print = after.path("build").path("prints").path(0);
    assertEquals(
        before.path("build").path("prints").path(0).path("planned"), print.path("planned"));
    assertEquals(6.5, print.path("planned").path("hours").asDouble());
    assertEquals(
        before.path("make").path("prints").path(0).path("figures"),
        after.path("make").path("prints").path(0).path("figures"));
    owner.delete("/api/builds/" + copy).expect(200);
  }

  @Test
  void aFileOfTheFirstFormComesInWithWhatWasFrozenCompleted(Client owner) {
    Drawn.begin(owner, "old");
    owner.post("/api/builds/old/freeze", Map.of("by", "Guild", "priceMinor", 5)).expect(200);
    String file = owner.get("/api/builds/old/export").expect(200).text();
    String look = Drawn.JSON.write(Drawn.look());
    String first =
        file.replaceFirst("\"version\":\\d+,", "\"version\":1,")
            .replaceFirst("(?s),\\{\"kind\":\"snapshots\".*?\\}\\](?=,\"uses\")", "]")
            .replaceFirst("\"design\":.*?,\"curve\"", "\"look\":" + look + ",\"curve\"");
    owner.post("/api/import?existing=REPLACE", first).expect(200);
    JsonNode frozen =
        owner.get("/api/builds/old").json().path("build").path("concept").path("frozen");
    assertEquals(1, frozen.path("design").path("panels").size());
    assertEquals("[]", frozen.path("design").path("items").toString());
    assertEquals(5, frozen.path("priceMinor").asInt());
  }

  @Test
  void foreignAndCutOffFilesAreRefusedAndChangeNothing(Client owner) {
    owner.begin("foreign");
    owner.put("/api/builds/foreign/panels/fp", Things.panel("fp", 412), null).expect(200);
    String file = owner.get("/api/builds/foreign/export").text();
    String before = owner.get("/api/builds/foreign").json().path("build").toString();
    for (String bad :
        new String[] {
          file.substring(0, file.length() / 2),
          "{\"format\": \"other\", \"version\": 1, \"things\": []}",
          "[]",
          "not json",
          "[".repeat(100_000),
          file.replaceFirst("\"version\":\\d+,", "\"version\":99,"),
          file.replace("\"widthMm\":412.0", "\"widthMm\":-1"),
          file.replace("\"panels\"", "\"people\"")
        }) {
      int status = owner.post("/api/import", bad).status();
      assertTrue(status == 422 || status == 404, status + " for " + bad.substring(0, 2));
    }
    assertEquals(before, owner.get("/api/builds/foreign").json().path("build").toString());
    owner
        .send(
            "POST",
            "/api/import",
            " ".repeat(40_000_001),
            Map.of("Content-Type", "application/json"))
        .expect(413);
  }

  /** A file of before payments were kept: what was marked as paid is one now. */
  @Test
  void aFileThatKnewWhetherAnOrderWasPaidBringsThePayment(Client owner) {
    owner.begin("paid");
    owner.put("/api/builds/paid/orders/paid-o1", Things.order("paid-o1", ""), null).expect(200);
    ObjectNode file = (ObjectNode) owner.get("/api/builds/paid/export").expect(200).json();
    file.put("version", 6);
    file.path("things")
        .valueStream()
        .filter(entry -> entry.path("kind").asString().equals("orders"))
        .forEach(entry -> ((ObjectNode) entry.path("value")).put("paidOn", "2026-03-04"));
    owner
        .send(
            "POST",
            "/api/import?existing=REPLACE",
            file.toString(),
            Map.of("Content-Type", "application/json"))
        .expect(200);
    JsonNode moves = owner.get("/api/builds/paid").json().path("build").path("moves");
    assertEquals(1, moves.size());
    assertEquals(17_900, moves.get(0).path("amountMinor").asLong());
    assertEquals("2026-03-04", moves.get(0).path("on").asString());
    JsonNode again = owner.get("/api/builds/paid/export").expect(200).json();
    owner
        .send(
            "POST",
            "/api/import?existing=REPLACE",
            again.toString(),
            Map.of("Content-Type", "application/json"))
        .expect(200);
    assertEquals(moves, owner.get("/api/builds/paid").json().path("build").path("moves"));
  }

  @Test
  void ordersGoOutAndInAsCsvWithFormulasNeutralised(Client owner) {
    owner.begin("csv");
    String nasty = "=HYPERLINK(\"x\"), said \"ten\"\nand more";
    owner.put("/api/builds/csv/orders/o1", Things.order("o1", nasty), null).expect(200);
    owner.put("/api/builds/csv/orders/o2", Things.order("o2", "'quoted"), null).expect(200);
    String csv = owner.get("/api/builds/csv/orders.csv").expect(200).text();
    assertTrue(csv.contains("\"'=HYPERLINK"), csv);
    JsonNode before = owner.get("/api/builds/csv").json().path("build").path("orders");
    owner.delete("/api/builds/csv/orders/o1").expect(200);
    owner.delete("/api/builds/csv/orders/o2").expect(200);
    owner.send("POST", "/api/builds/csv/orders.csv", csv, CSV).expect(200);
    assertEquals(before, owner.get("/api/builds/csv").json().path("build").path("orders"));
    String bad = csv.replace("2026-03-09", "soon");
    assertTrue(
        owner
            .send("POST", "/api/builds/csv/orders.csv", bad, CSV)
            .expect(422)
            .text()
            .contains("Line 2"));
    owner.send("POST", "/api/builds/csv/orders.csv", "a,b\n1,2", CSV).expect(422);
  }

  @Test
  void picturesAreCheckedAndDrawnAnew(Client owner) throws Exception {
    owner.begin("photo");
    owner.postPicture("photo", "ph-photo", Things.model(2)).expect(200);
    JsonNode kept = owner.get("/api/builds/photo").json().path("build").path("photos").get(0);
    var answer = owner.get("/api/pictures/" + kept.path("sha256").asString()).expect(200);
    assertEquals("image/jpeg", answer.header("Content-Type"));
    byte[] script = "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8);
    owner.postPicture("photo", "ph-no", script).expect(422);
    owner.get("/api/pictures/..%2F..%2Fember-yard.sqlite").expect(400);
    owner.get("/api/pictures/" + "0".repeat(64)).expect(404);
  }
}
