package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The same once a build has been agreed again, changed, copied, ordered and paid in part. */
class SameFigureLaterTest extends OwnDemoTest {
  private static final String BUILD = "/api/builds/line-9-depot";

  @Test
  void oneFigureStaysTheSameWhateverWasDone() {
    Client owner = demo.owner;
    owner.post(BUILD + "/freeze", Map.of("by", "Odile", "priceMinor", 411_111)).expect(200);
    owner.post(BUILD + "/options", Map.of("ofLetter", "A", "name", "Plain")).expect(200);
    owner.delete(BUILD + "/components/line-9-depot-dial").expect(200);
    JsonNode parcel = owner.get(BUILD + "/order/basket").json().at("/parcels/0");
    Client.Answer sent = owner.post(BUILD + "/order", sending(parcel)).expect(200);
    String line = sent.json().at("/lines/0/id").asString();
    pay(line, "p1", "PAID", 1_000);
    pay(line, "p2", "REFUNDED", 333);
    FigureWalk walk = new FigureWalk(owner);
    walk.walk();
    walk.look("sent", "what was sent", sent);
    assertEquals(List.of(), walk.wrong());
    assertEquals(667, walk.figure("orders/" + line + "/spent"));
    assertEquals(411_111, walk.figure("build/line-9-depot/agreed"));
    assertTrue(walk.shared() >= 600, "figures in several answers: " + walk.shared());
  }

  private static Map<String, Object> sending(JsonNode parcel) {
    List<Map<String, Object>> items =
        parcel
            .path("items")
            .valueStream()
            .map(
                item ->
                    Map.<String, Object>of(
                        "buildId", item.path("buildId").asString(),
                        "needKey", item.path("needKey").asString(),
                        "offerId", item.path("offerId").asString(),
                        "quantity", item.path("quantity").asDouble()))
            .toList();
    return Map.of(
        "id", "later", "supplierId", parcel.path("supplierId").asString(), "items", items);
  }

  private void pay(String line, String id, String what, long minor) {
    Map<String, Object> move =
        Map.of("id", id, "orderId", line, "what", what, "amountMinor", minor, "on", "2026-03-03");
    demo.owner.post(BUILD + "/order/money", move).expect(200);
  }
}
