package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A paid sheet that a build doesn't need goes to the shelf over HTTP, and comes back by undo. */
class ShelvingApiTest extends OwnDemoTest {
  private static final String BUILD = "night-pilotage";
  private static final String SHELVE = "/api/builds/" + BUILD + "/order/shelve";

  private JsonNode unneeded() {
    return line("acrylic-black-3");
  }

  private JsonNode line(String sheet) {
    return of("sheet:" + sheet);
  }

  private JsonNode of(String needKey) {
    return build(BUILD)
        .at("/ordered/lines")
        .valueStream()
        .filter(each -> each.at("/line/needKey").asString().equals(needKey))
        .findFirst()
        .orElseThrow();
  }

  private long onHand() {
    return demo.owner
        .get("/api/workshop")
        .json()
        .at("/book/sheets")
        .valueStream()
        .filter(each -> each.path("id").asString().equals("acrylic-black-3"))
        .findFirst()
        .orElseThrow()
        .path("onHandSheets")
        .asLong();
  }

  private long spent() {
    return build(BUILD).at("/budget/spentMinor").asLong();
  }

  @Test
  void itsMoneyComesOffOnceAndUndoPutsBothBack() {
    JsonNode before = unneeded();
    assertEquals("NOT_NEEDED", before.at("/differs/kind").asString());
    assertEquals(1, before.path("forShelf").asDouble());
    long price = before.path("spentMinor").asLong();
    long there = onHand();
    long spent = spent();
    assertTrue(price > 0);
    Map<String, Object> lay = Map.of("id", "laid", "orderId", before.at("/line/id").asString());
    demo.owner.post(SHELVE, lay).expect(200);
    demo.owner.post(SHELVE, lay).expect(200);
    assertEquals("SHELVED", unneeded().at("/line/state").asString());
    assertEquals(0, unneeded().path("spentMinor").asLong() + unneeded().path("openMinor").asLong());
    assertTrue(unneeded().path("differs").isNull());
    assertEquals(there + 1, onHand());
    assertEquals(spent - price, spent());
    demo.owner.post("/api/undo?place=" + BUILD, Map.of()).expect(200);
    assertEquals(there, onHand());
    assertEquals(spent, spent());
  }

  /** Twenty pieces, ordered when nobody said a unit, are not twenty packs. */
  @Test
  void piecesAreNotHeldAgainstPacks() {
    JsonNode inserts = of("fixing:insert-3");
    assertEquals(20, inserts.at("/line/quantity").asDouble());
    assertEquals("pieces", inserts.path("unit").asString());
    assertTrue(inserts.path("differs").isNull());
    assertEquals(0, inserts.path("forShelf").asDouble());
  }

  @Test
  void whatIsNeededOrUnknownStays() {
    String needed = line("acrylic-clear-3").at("/line/id").asString();
    demo.owner.post(SHELVE, Map.of("id", "x", "orderId", needed)).expect(409);
    demo.owner.post(SHELVE, Map.of("id", "x", "orderId", "nothing")).expect(404);
    String id = unneeded().at("/line/id").asString();
    demo.owner.post(SHELVE, Map.of("id", "x", "orderId", id, "quantity", 2)).expect(422);
    demo.owner.post(SHELVE, Map.of("id", "x", "orderId", id, "quantity", 0.5)).expect(422);
  }
}
