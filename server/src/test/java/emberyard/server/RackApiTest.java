package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The rack over HTTP: it goes down by what is done, comes back by undo, and small things cost. */
class RackApiTest extends OwnDemoTest {
  private static final String NIGHT = "/api/builds/night-pilotage";

  private JsonNode thing(String id) {
    return demo.owner
        .get("/api/rack")
        .expect(200)
        .json()
        .path("things")
        .valueStream()
        .filter(each -> each.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private JsonNode need(String build, String key) {
    return demo.owner
        .get("/api/builds/" + build)
        .expect(200)
        .json()
        .path("needs")
        .valueStream()
        .map(line -> line.path("need"))
        .filter(need -> need.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  /** Changes some fields of a thing of the workshop. */
  private void change(String kind, String id, Map<String, Object> fields) {
    JsonNode workshop = demo.owner.get("/api/workshop").expect(200).json();
    Map<String, Object> thing = new TreeMap<>();
    workshop
        .path("book")
        .path(kind)
        .valueStream()
        .filter(each -> each.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow()
        .properties()
        .forEach(field -> thing.put(field.getKey(), field.getValue()));
    thing.putAll(fields);
    long version = workshop.path("versions").path(kind + "/" + id).asLong();
    demo.owner.put("/api/workshop/%s/%s".formatted(kind, id), thing, version).expect(200);
  }

  @Test
  void aCanGoesOffTheRackWithItsFirstCoatAndUndoPutsItBack() {
    notItsOwn();
    change("paints", "cream", Map.of("onHandPacks", 2));
    assertEquals(
        1, need("night-pilotage", "paint:cream").path("onHand").asDouble(), "set aside for it");
    assertEquals(0, thing("cream").path("missing").asDouble());
    long planned = material();
    done("wash");
    done("mask");
    assertEquals(800, thing("cream").path("have").asDouble(), "no paint was used yet");
    done("cream/1");
    assertEquals(400, thing("cream").path("have").asDouble());
    assertEquals(1, uses());
    assertEquals(planned, material(), "its build pays for it once");
    assertEquals(0, need("night-pilotage", "paint:cream").path("onHand").asDouble() - 1);
    done("cream/2");
    assertEquals(400, thing("cream").path("have").asDouble(), "one can holds both coats");
    for (int steps = 0; uses() > 0 && steps < 6; steps++) {
      demo.owner.post("/api/undo?place=night-pilotage", Map.of()).expect(200);
    }
    assertEquals(800, thing("cream").path("have").asDouble(), "the coat was not sprayed");
    assertEquals(0, uses());
  }

  @Test
  void whatLiesThereCostsWhatWasPaidForIt() {
    notItsOwn();
    change("paints", "cream", Map.of("onHandPacks", 2));
    // its own can, kept for another, is the last that was paid
    long own = thing("cream").path("paidMinor").asLong();
    assertTrue(own > 0);
    String today = demo.owner.get("/api/rack").json().path("today").asString();
    long before = material();
    Map<String, Object> said =
        Map.of("id", "paid-cream", "needKey", "paint:cream", "paidMinor", own - 200, "on", today);
    demo.owner.put("/api/workshop/last-paid/paid-cream", said, null).expect(200);
    assertEquals(own - 200, thing("cream").path("paidMinor").asLong());
    assertEquals(today, thing("cream").path("paidOn").asString());
    assertEquals(before - 200, material());
    done("wash");
    done("mask");
    done("cream/1");
    assertEquals(before - 200, material(), "what was used was worth what it was then");
    Client lotte = DemoYard.signedIn("lotte");
    assertTrue(lotte.get("/api/rack").expect(200).text().contains("\"paidMinor\":null"));
  }

  /** The cream that the build bought is kept for another: it takes the workshop's. */
  private void notItsOwn() {
    JsonNode view = demo.owner.get(NIGHT).expect(200).json();
    JsonNode line =
        view.path("build")
            .path("orders")
            .valueStream()
            .filter(each -> each.path("needKey").asString().equals("paint:cream"))
            .findFirst()
            .orElseThrow();
    Map<String, Object> kept = new TreeMap<>();
    line.properties().forEach(field -> kept.put(field.getKey(), field.getValue()));
    kept.put("state", "KEPT");
    String path = "orders/" + line.path("id").asString();
    long version = view.path("versions").path(path).asLong();
    demo.owner.put(NIGHT + "/" + path, kept, version).expect(200);
  }

  /** What paint, film and the like are planned to cost. */
  private long material() {
    return demo.owner
        .get(NIGHT)
        .expect(200)
        .json()
        .path("budget")
        .path("lines")
        .valueStream()
        .filter(line -> line.path("category").asString().equals("FINISH_MATERIAL"))
        .findFirst()
        .orElseThrow()
        .path("plannedMinor")
        .asLong();
  }

  private int uses() {
    return demo.owner.get(NIGHT).expect(200).json().path("build").path("uses").size();
  }

  private void done(String step) {
    String key = "scheme:night-pilotage-left-paint/" + step;
    passOver(key);
    Map<String, Object> said =
        Map.of("id", "m-" + step.replace('/', '-'), "taskKey", key, "what", "DONE", "minutes", 10);
    demo.owner.post(NIGHT + "/marks", said).expect(200);
  }

  /** Whatever else stands open before it was not done for this test. */
  private void passOver(String key) {
    List<Map<String, String>> steps =
        demo.owner
            .get(NIGHT)
            .expect(200)
            .json()
            .path("tasks")
            .valueStream()
            .filter(task -> task.path("task").path("key").asString().equals(key))
            .flatMap(task -> task.path("openBefore").valueStream())
            .map(open -> Map.of("taskKey", open.path("taskKey").asString(), "reason", "a test"))
            .toList();
    if (!steps.isEmpty()) {
      Map<String, Object> said =
          Map.of("id", "over-" + key.length() + key.hashCode(), "taskKey", key, "steps", steps);
      demo.owner.post(NIGHT + "/passed-over", said).expect(200);
    }
  }

  @Test
  void whoWantsHowMuchIsWhatTheirPlansSay() {
    JsonNode primer = thing("primer-grey");
    List<String> builds =
        primer.path("users").valueStream().map(user -> user.path("buildId").asString()).toList();
    assertEquals(List.of("line-9-depot", "night-pilotage"), builds.stream().sorted().toList());
    double wanted =
        primer.path("users").valueStream().mapToDouble(u -> u.path("quantity").asDouble()).sum();
    assertEquals(wanted, primer.path("wanted").asDouble(), 1e-9);
    double open =
        primer
            .path("users")
            .valueStream()
            .mapToDouble(u -> u.path("quantity").asDouble() - u.path("coming").asDouble())
            .sum();
    assertEquals(
        Math.max(0, open - primer.path("have").asDouble()),
        primer.path("missing").asDouble(),
        1e-9);
  }

  @Test
  void aDrawerGivesASmallThingItsPrice() {
    JsonNode film = need("night-pilotage", "film:mask");
    assertEquals(0, film.path("unitPriceMinor").asLong());
    long planned = planned();
    Map<String, Object> drawer =
        Map.of(
            "id",
            "d-film",
            "needKey",
            "film:mask",
            "name",
            "Mask film",
            "unit",
            "m²",
            "onHand",
            0,
            "packQuantity",
            2,
            "packPriceMinor",
            1_180,
            "supplierId",
            "quayside",
            "lowBelow",
            0.5);
    demo.owner.put("/api/workshop/sundries/d-film", drawer, null).expect(200);
    JsonNode priced = need("night-pilotage", "film:mask");
    assertEquals("packs of 2 m²", priced.path("unit").asString());
    assertEquals("quayside", priced.path("supplierId").asString());
    assertEquals(0.01, priced.path("quantity").asDouble(), 1e-9);
    assertTrue(planned() > planned, "it costs something now");
    assertTrue(thing("d-film").path("low").asBoolean());
    JsonNode finding = demo.owner.get(NIGHT).expect(200).json().path("findings");
    assertTrue(
        finding
            .valueStream()
            .noneMatch(each -> each.path("title").asString().contains("too many: Mask film")),
        "what was ordered by the area is the same amount in packs");
    change("sundries", "d-film", Map.of("onHand", 2));
    assertEquals(false, thing("d-film").path("low").asBoolean());
  }

  private long planned() {
    return demo.owner.get(NIGHT).expect(200).json().path("budget").path("plannedMinor").asLong();
  }

  @Test
  void helpersSeeWhatIsThereAndNoPrices() {
    Client lotte = DemoYard.signedIn("lotte");
    JsonNode rack = lotte.get("/api/rack").expect(200).json();
    assertTrue(rack.path("things").size() > 10);
    JsonNode sundries = lotte.get("/api/workshop").json().path("book").path("sundries");
    sundries
        .valueStream()
        .forEach(each -> assertEquals(0, each.path("packPriceMinor").asLong(), each.toString()));
  }
}
