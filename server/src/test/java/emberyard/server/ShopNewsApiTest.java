package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import emberyard.server.store.BeforeKeeping;
import emberyard.server.store.ThingStore;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * The demo with stand-ins for its shops, whose clock is moved: what they say moves lines, days and
 * money.
 */
class ShopNewsApiTest {
  private static final String LINE_9 = "/api/builds/line-9-depot";
  private static final String SUPPLY = "component:line-9-depot-supply";

  @TempDir Path folder;
  private OwnDemo demo;
  private int standIns;

  @BeforeEach
  void open() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      standIns = socket.getLocalPort();
    }
    demo = new OwnDemo(folder, UnaryOperator.<BeforeKeeping>identity(), "" + standIns);
  }

  @AfterEach
  void close() {
    demo.close();
  }

  /** What happens always, of what may happen: dearer, later, parts, wrong, delayed. */
  private void always(String... happens) throws IOException, InterruptedException {
    StringBuilder body = new StringBuilder();
    for (String each : List.of("dearer", "later", "parts", "wrong", "delayed")) {
      String chance = List.of(happens).contains(each) ? "1" : "0";
      body.append(body.isEmpty() ? "{" : ",").append("\"%s\":%s".formatted(each, chance));
    }
    HttpRequest asked =
        HttpRequest.newBuilder(
                URI.create("http://127.0.0.1:%d/stand-in/chances".formatted(standIns)))
            .PUT(HttpRequest.BodyPublishers.ofString(body + "}"))
            .build();
    assertEquals(
        200,
        HttpClient.newHttpClient().send(asked, HttpResponse.BodyHandlers.ofString()).statusCode());
  }

  private JsonNode view() {
    return demo.owner.get(LINE_9).expect(200).json();
  }

  /** The first thing that is to be ordered from a shop, or several of one from any. */
  private JsonNode toOrder(String shop, boolean several) {
    return view()
        .path("needs")
        .valueStream()
        .filter(each -> each.path("open").asDouble() > 0)
        .filter(
            each ->
                several
                    ? each.path("open").asDouble() >= 2
                        && each.path("open").asDouble() % 1 == 0
                        && !each.path("need").path("supplierId").asString().isEmpty()
                    : each.path("need").path("supplierId").asString().equals(shop))
        .findFirst()
        .orElseThrow()
        .path("need");
  }

  private JsonNode send(String id, JsonNode need) {
    Map<String, Object> sending =
        Map.of(
            "id",
            id,
            "supplierId",
            need.path("supplierId").asString(),
            "items",
            List.of(Map.of("needKey", need.path("key").asString())));
    return demo.owner.post(LINE_9 + "/order", sending).expect(200).json();
  }

  private JsonNode ask() {
    return demo.owner.post(LINE_9 + "/order/news", Map.of()).expect(200).json();
  }

  private List<JsonNode> lines(String id) {
    return view()
        .path("ordered")
        .path("lines")
        .valueStream()
        .filter(
            each ->
                each.path("line").path("id").asString().equals(id)
                    || each.path("line").path("partOf").asString().equals(id))
        .toList();
  }

  private JsonNode line(String id) {
    return lines(id).get(0).path("line");
  }

  private void step(String id, String state) {
    demo.owner
        .post(LINE_9 + "/order/step", Map.of("orderIds", List.of(id), "state", state))
        .expect(200);
  }

  @Test
  void aLaterDayMovesThePlanAtOnceAndHalfComesLater() throws Exception {
    always("later", "parts");
    JsonNode need = toOrder("kiln-lane", true);
    send("many", need);
    ask();
    assertEquals("ORDERED", line("many-0").path("state").asString());
    String promised = line("many-0").path("expectedOn").asString();
    demo.goesOn(Duration.ofHours(5));
    ask();
    List<JsonNode> parts = lines("many-0");
    assertEquals(2, parts.size());
    assertEquals("BACK_ORDERED", parts.get(0).path("line").path("state").asString());
    String first = parts.get(0).path("line").path("expectedOn").asString();
    assertTrue(first.compareTo(promised) > 0, first + " is no later than " + promised);
    assertTrue(first.compareTo(parts.get(1).path("line").path("expectedOn").asString()) < 0);
    JsonNode all = view();
    ask();
    assertEquals(all.path("ordered"), view().path("ordered"), "the same news changes nothing");
  }

  @Test
  void anotherPriceIsAskedAndAgreedTo() throws Exception {
    always("dearer");
    JsonNode need = toOrder("rookery", false);
    send("dear", need);
    ask();
    demo.goesOn(Duration.ofHours(5));
    ask();
    JsonNode asked = line("dear-0");
    assertTrue(asked.path("askedMinor").asLong() > asked.path("unitPriceMinor").asLong());
    assertEquals("ORDERED", asked.path("state").asString());
    assertTrue(view().path("findings").toString().contains("order:dear-0/asked-price"));
    JsonNode lotte = DemoYard.signedIn("lotte").get("/api/builds/night-pilotage").json();
    assertFalse(lotte.path("findings").toString().contains("the shop asks"));
    long version = view().path("versions").path("orders/dear-0").asLong();
    Map<String, Object> agreed = new java.util.TreeMap<>();
    asked.properties().forEach(field -> agreed.put(field.getKey(), field.getValue()));
    agreed.put("unitPriceMinor", asked.path("askedMinor"));
    demo.owner.put(LINE_9 + "/orders/dear-0", agreed, version).expect(200);
    ask();
    assertEquals("CONFIRMED", line("dear-0").path("state").asString());
    assertFalse(view().path("findings").toString().contains("order:dear-0/asked-price"));
  }

  /** From the order to the money: another drive comes, goes back, and is paid back. */
  @Test
  void somethingElseComesGoesBackAndItsMoneyComes() throws Exception {
    always("wrong");
    String drive = "line-9-depot-order-4";
    demo.owner.post(LINE_9 + "/order/again", Map.of("id", "again-1", "orderId", drive)).expect(200);
    assertEquals("RETURN_ASKED", line(drive).path("state").asString());
    assertEquals("ORDERED", line("again-1").path("state").asString());
    assertEquals(
        line("again-1"),
        demo.owner
            .post(LINE_9 + "/order/again", Map.of("id", "again-1", "orderId", drive))
            .expect(200)
            .json()
            .path("lines")
            .get(0),
        "asked twice, ordered once");
    JsonNode agreed = ask();
    assertTrue(agreed.path("returns").get(0).path("agreed").asBoolean());
    demo.goesOn(Duration.ofDays(30));
    JsonNode news = ask();
    assertEquals("SHIPPED", line("again-1").path("state").asString());
    assertTrue(
        news.path("parcels").valueStream().noneMatch(each -> each.path("deliveredAt").isNull()));
    JsonNode label =
        news.path("labels")
            .valueStream()
            .filter(each -> each.path("line").asString().equals("again-1"))
            .findFirst()
            .orElseThrow();
    assertEquals("1 TB", label.path("label").get(0).path("words").asString());
    step("again-1", "RECEIVED");
    String refused =
        demo.owner
            .post(LINE_9 + "/order/again", Map.of("id", "again-2", "orderId", "again-1"))
            .expect(409)
            .text();
    assertTrue(refused.contains("can’t be used"), refused);
    demo.owner
        .post(
            LINE_9 + "/order/again",
            Map.of("id", "again-2", "orderId", "again-1", "found", "WRONG"))
        .expect(200);
    assertEquals("ORDERED", line("again-2").path("state").asString());
  }

  @Test
  void aShopThatSaysNothingLosesNothing() throws Exception {
    JsonNode need = toOrder("rookery", false);
    demo.close();
    demo = new OwnDemo(folder, UnaryOperator.<BeforeKeeping>identity(), "");
    send("silent", need);
    JsonNode nobody = ask();
    assertFalse(nobody.path("connected").asBoolean());
    assertEquals("ORDERED", line("silent-0").path("state").asString());
    demo.close();
    demo = new OwnDemo(folder, UnaryOperator.<BeforeKeeping>identity(), "" + standIns);
    always();
    ask();
    demo.goesOn(Duration.ofHours(6));
    ask();
    assertEquals("CONFIRMED", line("silent-0").path("state").asString());
  }

  @Test
  void todaysPricesAreSeenOnceADay() {
    JsonNode before = view().path("build").path("offers");
    demo.goesOn(Duration.ofDays(4));
    ask();
    JsonNode after = view().path("build").path("offers");
    for (int i = 0; i < before.size(); i++) {
      int seen = before.get(i).path("seen").size();
      if (before.get(i).path("supplierId").asString().isEmpty()) {
        assertEquals(before.get(i), after.get(i), "nobody asks who is private");
        continue;
      }
      assertEquals(seen + 1, after.get(i).path("seen").size(), after.get(i).toString());
      assertEquals("2026-03-07", after.get(i).path("seen").get(seen).path("on").asString());
    }
    assertTrue(before.size() > 0);
    ask();
    assertEquals(after, view().path("build").path("offers"));
  }

  @Test
  void lettersLieInTheOutboxForTheOwner() {
    JsonNode need = toOrder("rookery", false);
    String number = send("letter", need).path("number").asString();
    JsonNode mails = demo.owner.get("/api/outbox").expect(200).json();
    assertEquals(1, mails.size(), mails.toString());
    JsonNode mail = mails.get(0);
    assertEquals("Order %s, Tollgate Works".formatted(number), mail.path("subject").asString());
    assertTrue(mail.path("text").asString().contains(need.path("title").asString()));
    assertEquals("\"Rookery Hardware\":;", mail.path("to").asString());
    String file =
        demo.owner
            .get("/api/outbox/%s.eml".formatted(mail.path("name").asString()))
            .expect(200)
            .text();
    assertTrue(file.startsWith("Date: ") && file.contains("\r\n\r\nHello Rookery"), file);
    demo.owner.get("/api/outbox/..%2Fember-yard.eml").expect(400);
    demo.owner.get("/api/outbox/order-nothing.eml").expect(404);
  }

  @Test
  void whatIsTakenBackIsCancelledAndKeepsItsNumber() {
    JsonNode need = toOrder("rookery", false);
    String number = send("undone", need).path("number").asString();
    demo.owner.post("/api/undo?place=line-9-depot", Map.of()).expect(200);
    assertEquals("CANCELLED", line("undone-0").path("state").asString());
    String next = send("another", need).path("number").asString();
    assertTrue(next.compareTo(number) > 0, number + " is given again");
    JsonNode other = toOrder("rookery", false);
    send("once-more", other);
    demo.owner.post("/api/undo?place=line-9-depot", Map.of()).expect(200);
    demo.owner.post("/api/redo?place=line-9-depot", Map.of()).expect(200);
    assertEquals("ORDERED", line("once-more-0").path("state").asString());
  }

  /** A line that can't be read would be missing from its order, which shops take for cancelled. */
  @Test
  void noShopIsToldAnythingWhileALineCannotBeRead() throws Exception {
    always();
    JsonNode need = toOrder("rookery", false);
    String number = send("unread", need).path("number").asString();
    Poison.put(
        demo.bean(JdbcClient.class),
        demo.bean(ThingStore.class),
        ThingKind.ORDER,
        "line-9-depot-order-1",
        "{\"id\": \"line-9-depot-order-1\"}");
    demo.goesOn(Duration.ofHours(6));
    JsonNode news =
        demo.owner.post("/api/builds/night-pilotage/order/news", Map.of()).expect(200).json();
    assertTrue(news.path("trouble").asString().contains("can't be read"), news.toString());
    // its number is given to no other, though its build can't be shown
    demo.owner
        .put(
            "/api/builds/night-pilotage/components/spare",
            Things.component("spare", "Spare board", 4_900),
            null)
        .expect(200);
    Map<String, Object> other =
        Map.of(
            "id",
            "other",
            "supplierId",
            "rookery",
            "items",
            List.of(Map.of("needKey", "component:spare")));
    JsonNode sent = demo.owner.post("/api/builds/night-pilotage/order", other).expect(200).json();
    assertTrue(sent.path("number").asString().compareTo(number) > 0, sent.toString());
  }
}
