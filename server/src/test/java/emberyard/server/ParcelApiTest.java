package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Parcels of the demo over HTTP: the one of today is on the bench, opened by its labels; lines come
 * in parts; letters follow what is cancelled and sent back.
 */
class ParcelApiTest extends OwnDemoTest {
  private static final String LINE_9 = "/api/builds/line-9-depot";
  private static final String BOARD = "line-9-depot-order-5";
  private static final String FITTINGS = "line-9-depot-order-6";

  private JsonNode view() {
    return demo.owner.get(LINE_9).expect(200).json();
  }

  private JsonNode ordered(String id) {
    return view()
        .path("ordered")
        .path("lines")
        .valueStream()
        .filter(each -> each.path("line").path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private void change(String id, Map<String, Object> fields) {
    JsonNode whole = view();
    Map<String, Object> line = new TreeMap<>();
    ordered(id).path("line").properties().forEach(each -> line.put(each.getKey(), each.getValue()));
    line.putAll(fields);
    long version = whole.path("versions").path("orders/" + id).asLong();
    demo.owner.put(LINE_9 + "/orders/" + id, line, version).expect(200);
  }

  private List<JsonNode> parcelsOnTheBench() {
    return Stream.of("ines", "bram", "lotte")
        .map(who -> demo.owner.get("/api/bench?person=" + who).expect(200).json())
        .flatMap(day -> day.path("cards").valueStream())
        .filter(card -> !card.path("orderIds").isEmpty())
        .toList();
  }

  private JsonNode mark(String taskKey, String id, int status) {
    Map<String, Object> said = Map.of("id", id, "taskKey", taskKey, "what", "DONE", "minutes", 12);
    return demo.owner.post(LINE_9 + "/marks", said).expect(status).json();
  }

  @Test
  void theParcelOfTodayIsOpenedByItsLabel() {
    JsonNode card =
        parcelsOnTheBench().stream()
            .filter(each -> each.path("orderIds").get(0).asString().equals(BOARD))
            .findFirst()
            .orElseThrow();
    String key = card.path("task").path("task").path("key").asString();
    String refused = mark(key, "too-early", 409).path("title").asString();
    assertEquals("“Board Curlew A1”: type what its label says first.", refused);
    change(BOARD, Map.of("label", List.of(Map.of("field", "type", "words", "Curlew B2"))));
    assertTrue(ordered(BOARD).path("check").path("differs").asBoolean());
    mark(key, "wrong-one", 409);
    change(
        BOARD,
        Map.of(
            "label",
            List.of(
                Map.of("field", "type", "words", "curlew a1"),
                Map.of("field", "serial", "words", "C-0042")),
            "warrantyUntil",
            "2029-03-03"));
    mark(key, "as-ordered", 200);
    JsonNode line = ordered(BOARD).path("line");
    assertEquals("CHECKED", line.path("state").asString());
    assertEquals("ines", line.path("checkedBy").asString());
    assertEquals("2026-03-03", line.path("checkedOn").asString());
    assertEquals("2029-03-03", line.path("warrantyUntil").asString());
    assertTrue(
        parcelsOnTheBench().stream()
            .noneMatch(each -> each.path("orderIds").toString().contains(BOARD)));
  }

  @Test
  void whatLiesUnopenedIsSaidWithTheDaysThatAreLeft() {
    assertFalse(view().path("findings").toString().contains(BOARD + "/unopened"));
    demo.goesOn(Duration.ofDays(2));
    JsonNode finding =
        view()
            .path("findings")
            .valueStream()
            .filter(each -> each.path("key").asString().equals("order:" + BOARD + "/unopened"))
            .findFirst()
            .orElseThrow();
    assertTrue(
        finding.path("detail").asString().endsWith("12 days, one less each day it lies."),
        finding.path("detail").asString());
    assertTrue(
        parcelsOnTheBench().stream()
            .anyMatch(each -> each.path("orderIds").toString().contains(BOARD)),
        "and its card waits on the bench");
  }

  @Test
  void aLineComesInPartsOnceHoweverOftenItIsAsked() {
    long before = view().path("budget").path("committedMinor").asLong();
    Map<String, Object> split = Map.of("id", "rest-1", "orderId", FITTINGS, "quantity", 4);
    demo.owner.post(LINE_9 + "/order/split", split).expect(200);
    demo.owner.post(LINE_9 + "/order/split", split).expect(200);
    assertEquals(4, ordered(FITTINGS).path("line").path("quantity").asDouble());
    assertEquals(2, ordered("rest-1").path("line").path("quantity").asDouble());
    assertEquals(FITTINGS, ordered("rest-1").path("line").path("partOf").asString());
    assertEquals(before, view().path("budget").path("committedMinor").asLong());
    for (double odd : new double[] {0, 4, 9}) {
      String refused =
          demo.owner
              .post(
                  LINE_9 + "/order/split",
                  Map.of("id", "odd", "orderId", FITTINGS, "quantity", odd))
              .expect(422)
              .text();
      assertTrue(refused.contains("more than nothing and less than all"), refused);
    }
    demo.owner.post("/api/undo?place=line-9-depot", Map.of()).expect(200);
    assertEquals(6, ordered(FITTINGS).path("line").path("quantity").asDouble());
    String here =
        demo.owner
            .post(LINE_9 + "/order/split", Map.of("id", "late", "orderId", BOARD, "quantity", 0.5))
            .expect(422)
            .text();
    assertTrue(here.contains("no longer split"), here);
  }

  @Test
  void theOldDriveGoesBackAndAnotherIsOrderedInOneStep() {
    long moves = view().path("build").path("moves").size();
    Map<String, Object> again = Map.of("id", "again-1", "orderId", "line-9-depot-order-4");
    JsonNode sent = demo.owner.post(LINE_9 + "/order/again", again).expect(200).json();
    JsonNode line = sent.path("lines").get(0);
    assertEquals("2026-002", sent.path("number").asString());
    assertEquals("ORDERED", line.path("state").asString());
    assertEquals(790, line.path("deliveryMinor").asLong(), "a delivery of its own");
    assertEquals(0, line.path("label").size());
    assertEquals(moves, view().path("build").path("moves").size(), "no money is made up");
    demo.owner.post("/api/undo?place=line-9-depot", Map.of()).expect(200);
    assertEquals("WRONG", ordered("line-9-depot-order-4").path("line").path("state").asString());
    assertEquals("CANCELLED", ordered("again-1").path("line").path("state").asString());
  }

  @Test
  void lettersFollowWhatIsCancelledAndSentBack() {
    demo.owner
        .post(LINE_9 + "/order/again", Map.of("id", "again-1", "orderId", "line-9-depot-order-4"))
        .expect(200);
    List<String> subjects = subjects();
    assertEquals(
        List.of("Order 2026-002, Tollgate Works", "To send back: order 2026-001, Tollgate Works"),
        subjects);
    change("again-1", Map.of("state", "CANCELLED"));
    // the next order has the letters written
    demo.owner
        .post(
            LINE_9 + "/order",
            Map.of(
                "id",
                "next",
                "supplierId",
                "rookery",
                "items",
                List.of(Map.of("needKey", "component:line-9-depot-pump"))))
        .expect(200);
    assertTrue(subjects().contains("Cancelled: order 2026-002, Tollgate Works"), "" + subjects());
    demo.owner.get("/api/outbox").expect(200);
    DemoYard.signedIn("lotte").get("/api/outbox").expect(403);
  }

  private List<String> subjects() {
    return demo.owner
        .get("/api/outbox")
        .expect(200)
        .json()
        .valueStream()
        .map(mail -> mail.path("subject").asString())
        .sorted()
        .toList();
  }
}
