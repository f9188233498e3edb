package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Somebody takes a finding upon themselves; what nobody may take stays. */
@ExtendWith(TestYard.class)
class AcceptanceApiTest {
  private static JsonNode view(Client who, String build) {
    return who.get("/api/builds/" + build).expect(200).json();
  }

  private static List<String> findings(Client who, String build, Predicate<JsonNode> which) {
    return view(who, build)
        .path("findings")
        .valueStream()
        .filter(which)
        .map(finding -> finding.path("key").asString())
        .toList();
  }

  private static Map<String, Object> holesAtTheRim(String id) {
    Map<String, Object> panel = Things.panel(id, 300);
    panel.put("holes", Map.of("insetMm", 4, "greatestPitchMm", 90, "diameterMm", 4));
    return panel;
  }

  private static Map<String, Object> accept(String id, String finding, String by, String reason) {
    return Map.of("id", id, "findingKey", finding, "by", by, "reason", reason);
  }

  private static String rim(Client owner, String build) {
    owner.begin(build);
    owner
        .put("/api/builds/%s/panels/%s".formatted(build, build), holesAtTheRim(build), null)
        .expect(200);
    return findings(owner, build, each -> each.path("title").asString().startsWith("Holes leave"))
        .get(0);
  }

  @Test
  void whoTakesItOnAndWhyStandsBesideTheFindingUntilItIsTakenBack(Client owner) {
    String key = rim(owner, "accept-1");
    owner
        .post("/api/builds/accept-1/acceptances", accept("a1", key, "Bram", "A mock-up of card"))
        .expect(200);
    JsonNode taken = view(owner, "accept-1").path("build").path("acceptances").get(0);
    assertEquals("Bram", taken.path("by").asString());
    assertEquals("A mock-up of card", taken.path("reason").asString());
    assertEquals(key, taken.path("findingKey").asString());
    assertFalse(taken.path("at").asString().isEmpty());
    assertTrue(findings(owner, "accept-1", each -> true).contains(key), "it is still true");
    owner.post("/api/undo?place=accept-1", Map.of()).expect(200);
    assertEquals(0, view(owner, "accept-1").path("build").path("acceptances").size());
  }

  @Test
  void aReasonAndANameAreWanted(Client owner) {
    String key = rim(owner, "accept-2");
    String path = "/api/builds/accept-2/acceptances";
    JsonNode nothing = owner.post(path, accept("a2", key, "Bram", " ")).expect(422).json();
    assertEquals("#/reason", nothing.path("errors").get(0).path("pointer").asString());
    owner.post(path, accept("a2", key, "", "A mock-up")).expect(422);
    owner.post("/api/builds/nowhere/acceptances", accept("a2", key, "Bram", "x")).expect(404);
    assertEquals(0, view(owner, "accept-2").path("build").path("acceptances").size());
  }

  @Test
  void theSameOneSentTwiceIsTakenOnce(Client owner) {
    String key = rim(owner, "accept-3");
    Map<String, Object> said = accept("a3", key, "Bram", "A mock-up");
    owner.post("/api/builds/accept-3/acceptances", said).expect(200);
    owner.post("/api/builds/accept-3/acceptances", said);
    assertEquals(1, view(owner, "accept-3").path("build").path("acceptances").size());
  }

  @Test
  void whatEndangersPeopleIsTakenByNobody(Client owner) {
    owner.begin("accept-4");
    ObjectNode sheet =
        (ObjectNode) owner.get("/api/workshop").json().path("book").path("sheets").get(0);
    sheet.put("id", "accept-pvc").put("material", "PVC");
    owner.put("/api/workshop/sheets/accept-pvc", sheet.toString(), null).expect(200);
    Map<String, Object> panel = Things.panel("accept-4", 300);
    panel.put("sheetId", "accept-pvc");
    owner.put("/api/builds/accept-4/panels/accept-4", panel, null).expect(200);
    List<String> refused = findings(owner, "accept-4", each -> each.path("refusal").asBoolean());
    assertEquals(1, refused.size(), "a laser and a sheet that gives off chlorine");
    JsonNode answer =
        owner
            .post(
                "/api/builds/accept-4/acceptances",
                accept("a4", refused.get(0), "Bram", "Windows are open"))
            .expect(409)
            .json();
    assertEquals(
        "This can't be accepted by anyone: choose another way.", answer.path("title").asString());
    assertEquals(0, view(owner, "accept-4").path("build").path("acceptances").size());
  }
}
