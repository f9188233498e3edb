package emberyard.server;

import static emberyard.server.OrderApiTest.begin;
import static emberyard.server.OrderApiTest.need;
import static emberyard.server.OrderApiTest.sending;
import static emberyard.server.OrderApiTest.view;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Orders that go another way over HTTP: used in another build, taxed at a border, only asked for.
 */
@ExtendWith(TestYard.class)
class OrderSideWaysApiTest {
  private static JsonNode line(Client who, String build, String id) {
    return view(who, build)
        .path("ordered")
        .path("lines")
        .valueStream()
        .filter(each -> each.path("line").path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatOneBuildNeedsNoMoreAnotherUsesAndPays(Client owner) {
    begin(owner, "po-a");
    begin(owner, "po-b");
    owner.post("/api/builds/po-a/order", sending("po", "po-a", "CASH")).expect(200);
    owner.delete("/api/builds/po-a/components/c-po-a");
    assertEquals("NOT_NEEDED", line(owner, "po-a", "po-0").path("differs").path("kind").asString());
    JsonNode wanted = owner.get("/api/builds/po-a/order/po-0/elsewhere").expect(200).json();
    List<String> there = wanted.valueStream().map(each -> each.path("buildId").asString()).toList();
    assertTrue(there.contains("po-b"), wanted.toString());
    Map<String, Object> move =
        Map.of(
            "id", "po-new", "orderId", "po-0", "toBuildId", "po-b", "needKey", "component:c-po-b");
    owner.post("/api/builds/po-a/order/pass-on", move).expect(200);
    owner.post("/api/builds/po-a/order/pass-on", move).expect(200);
    JsonNode left = line(owner, "po-a", "po-0");
    assertEquals("PASSED_ON", left.path("line").path("state").asString());
    assertEquals(0, left.path("spentMinor").asLong() + left.path("openMinor").asLong());
    assertTrue(left.path("differs").isNull());
    assertEquals(17_900, line(owner, "po-b", "po-new").path("spentMinor").asLong());
    assertEquals(0, need(owner, "po-b", "component:c-po-b").path("open").asDouble());
    owner.post("/api/builds/po-a/order/pass-on", with(move, "id", "po-more")).expect(409);
    owner.post("/api/undo?place=po-a", Map.of()).expect(200);
    assertEquals(17_900, line(owner, "po-a", "po-0").path("spentMinor").asLong());
    assertEquals(1, need(owner, "po-b", "component:c-po-b").path("open").asDouble());
  }

  @Test
  void nothingGoesWhereItIsNotNeeded(Client owner) {
    begin(owner, "pn-a");
    begin(owner, "pn-b");
    owner.post("/api/builds/pn-a/order", sending("pn", "pn-a", "COUNTER")).expect(200);
    Map<String, Object> move =
        Map.of("id", "pn-new", "orderId", "pn-0", "toBuildId", "pn-b", "needKey", "sheet:any");
    owner.post("/api/builds/pn-a/order/pass-on", move).expect(409);
    owner.post("/api/builds/pn-a/order/pass-on", with(move, "toBuildId", "nowhere")).expect(404);
    owner
        .post(
            "/api/builds/pn-a/order/pass-on",
            with(with(move, "needKey", "component:c-pn-b"), "quantity", 2))
        .expect(422);
    assertEquals("RECEIVED", line(owner, "pn-a", "pn-0").path("line").path("state").asString());
    assertEquals(1, need(owner, "pn-b", "component:c-pn-b").path("open").asDouble());
  }

  private static Map<String, Object> with(Map<String, Object> map, String key, Object value) {
    Map<String, Object> all = new TreeMap<>(map);
    all.put(key, value);
    return all;
  }

  @Test
  void whatCrossesABorderBringsALineOfDuty(Client owner) {
    owner.begin("du");
    Map<String, Object> abroad = new TreeMap<>();
    abroad.putAll(Map.of("id", "far", "name", "Far shore", "leadDays", 9, "shippingMinor", 1_500));
    abroad.put("dutyPercent", 21.0);
    owner.put("/api/workshop/suppliers/far", abroad, null).expect(200);
    Map<String, Object> board = new TreeMap<>(Things.component("c-du", "Board", 10_000));
    board.put("supplierId", "far");
    owner.put("/api/builds/du/components/c-du", board, null).expect(200);
    JsonNode parcel =
        owner
            .get("/api/builds/du/order/basket")
            .expect(200)
            .json()
            .path("parcels")
            .valueStream()
            .filter(each -> each.path("supplierId").asString().equals("far"))
            .findFirst()
            .orElseThrow();
    assertEquals(2_100, parcel.path("dutyMinor").asLong());
    Map<String, Object> sending = with(sending("du", "du", "SENT_FOR"), "supplierId", "far");
    owner.post("/api/builds/du/order", with(sending, "way", "DUTY")).expect(422);
    JsonNode sent = owner.post("/api/builds/du/order", sending).expect(200).json();
    assertEquals(2, sent.path("lines").size());
    owner.post("/api/builds/du/order", sending).expect(200);
    JsonNode duty = line(owner, "du", "du-1");
    assertEquals("DUTY", duty.path("line").path("way").asString());
    assertEquals(2_100, duty.path("openMinor").asLong());
    Map<String, Object> more = Map.of("id", "du-more", "orderId", "du-0", "amountMinor", 350);
    owner.post("/api/builds/du/order/duty", more).expect(200);
    owner.post("/api/builds/du/order/duty", more).expect(200);
    assertEquals(350, line(owner, "du", "du-more").path("openMinor").asLong());
    assertEquals(3, view(owner, "du").path("ordered").path("lines").size());
    String number = sent.path("number").asString();
    String paper = owner.get("/api/builds/du/order/%s.csv".formatted(number)).expect(200).text();
    assertTrue(!paper.contains("Duty"), "the shop is not asked for duty");
    owner
        .post("/api/builds/du/order/duty", with(with(more, "id", "x"), "amountMinor", -1))
        .expect(422);
  }

  @Test
  void aShopIsAskedWhatAThingCosts(Client owner) {
    begin(owner, "ask");
    Map<String, Object> offer = new TreeMap<>();
    offer.putAll(Map.of("id", "ask-offer", "needKey", "component:c-ask", "supplierId", "rookery"));
    String today = view(owner, "ask").path("now").asString().substring(0, 10);
    offer.put("askedOn", today);
    offer.put("seen", List.of());
    offer.put("held", false);
    owner.put("/api/builds/ask/offers/ask-offer", offer, null).expect(200);
    assertEquals("ASKED", need(owner, "ask", "component:c-ask").path("state").asString());
    // letters are written with the next order, or within a minute
    owner.post("/api/builds/ask/order", sheet("ask-sheet", "ask")).expect(200);
    List<String> letters =
        owner
            .get("/api/outbox")
            .expect(200)
            .json()
            .valueStream()
            .map(each -> each.path("subject").asString())
            .filter(subject -> subject.startsWith("What does it cost: Board"))
            .toList();
    assertEquals(1, letters.size());
  }

  /** Orders the first other thing that a build needs, from where it comes. */
  private static Map<String, Object> sheet(String id, String build) {
    JsonNode need =
        view(TestYard.owner(), build)
            .path("needs")
            .valueStream()
            .map(each -> each.path("need"))
            .filter(each -> !each.path("key").asString().startsWith("component:"))
            .filter(each -> !each.path("supplierId").asString().isEmpty())
            .findFirst()
            .orElseThrow();
    return Map.of(
        "id",
        id,
        "supplierId",
        need.path("supplierId").asString(),
        "items",
        List.of(Map.of("needKey", need.path("key").asString())));
  }
}
