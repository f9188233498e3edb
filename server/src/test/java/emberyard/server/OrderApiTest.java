package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Orders are sent, followed and paid over HTTP; nothing is ordered or paid twice. */
@ExtendWith(TestYard.class)
class OrderApiTest {
  static JsonNode view(Client who, String build) {
    return who.get("/api/builds/" + build).expect(200).json();
  }

  /** A build that needs a board of 179.00 and a window. */
  static void begin(Client owner, String build) {
    owner.begin(build);
    String path = "/api/builds/%s/".formatted(build);
    String board = "c-" + build;
    owner
        .put(path + "components/" + board, Things.component(board, "Board", 17_900), null)
        .expect(200);
    owner.put(path + "panels/p-" + build, Things.panel("p-" + build, 300), null).expect(200);
  }

  static Map<String, Object> sending(String id, String build, String way) {
    return Map.of(
        "id",
        id,
        "supplierId",
        "rookery",
        "items",
        List.of(Map.of("needKey", "component:c-" + build)),
        "way",
        way);
  }

  static JsonNode need(Client who, String build, String key) {
    return view(who, build)
        .path("needs")
        .valueStream()
        .filter(each -> each.path("need").path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Object> move(String id, String order, String what, long amount) {
    return new TreeMap<>(
        Map.of(
            "id", id, "orderId", order, "what", what, "amountMinor", amount, "on", "2026-03-05"));
  }

  private static long spent(Client who, String build) {
    return view(who, build).path("budget").path("spentMinor").asLong();
  }

  @Test
  void oneRequestOrdersAParcelAndARepeatedOneNothingMore(Client owner) {
    begin(owner, "send");
    JsonNode sent =
        owner
            .post("/api/builds/send/order", sending("s-send", "send", "SENT_FOR"))
            .expect(200)
            .json();
    assertTrue(sent.path("number").asString().matches("\\d{4}-\\d{3}"), sent.toString());
    JsonNode again =
        owner
            .post("/api/builds/send/order", sending("s-send", "send", "SENT_FOR"))
            .expect(200)
            .json();
    assertEquals(sent, again);
    assertEquals(1, view(owner, "send").path("build").path("orders").size());
    JsonNode board = need(owner, "send", "component:c-send");
    assertEquals("ORDERED", board.path("state").asString());
    assertEquals(0, board.path("open").asDouble());
    String twice =
        owner
            .post("/api/builds/send/order", sending("s-other", "send", "SENT_FOR"))
            .expect(409)
            .text();
    assertTrue(twice.contains("“Board” is ordered already."), twice);
    owner.post("/api/undo?place=send", Map.of()).expect(200);
    JsonNode undone = view(owner, "send").path("build").path("orders");
    assertEquals("CANCELLED", undone.get(0).path("state").asString(), "it can't be unsent");
  }

  @Test
  void whatIsBoughtOverTheCounterIsHereAndPaid(Client owner) {
    begin(owner, "counter");
    long before = spent(owner, "counter");
    owner.post("/api/builds/counter/order", sending("s-counter", "counter", "COUNTER")).expect(200);
    assertEquals(
        "RECEIVED", need(owner, "counter", "component:c-counter").path("state").asString());
    assertEquals(before + 17_900, spent(owner, "counter"));
  }

  @Test
  void linesMoveOnTogetherAndBackOrderedMovesThePlan(Client owner) {
    begin(owner, "step");
    owner.post("/api/builds/step/order", sending("s-step", "step", "SENT_FOR")).expect(200);
    JsonNode line = view(owner, "step").path("build").path("orders").get(0);
    String id = line.path("id").asString();
    String finish = view(owner, "step").path("fuse").path("finish").asString();
    Map<String, Object> late = Things.order(id, "");
    line.properties().forEach(field -> late.put(field.getKey(), field.getValue()));
    late.put("state", "BACK_ORDERED");
    late.put("expectedOn", LocalDate.now().plusDays(200).toString());
    owner.put("/api/builds/step/orders/" + id, late, version(owner, "step", id)).expect(200);
    assertNotEquals(finish, view(owner, "step").path("fuse").path("finish").asString());
    owner
        .post("/api/builds/step/order/step", Map.of("orderIds", List.of(id), "state", "CHECKED"))
        .expect(200);
    JsonNode checked = view(owner, "step").path("build").path("orders").get(0);
    assertEquals("CHECKED", checked.path("state").asString());
    assertEquals(checked.path("receivedOn"), checked.path("checkedOn"));
    owner
        .post("/api/builds/step/order/step", Map.of("orderIds", List.of(id), "state", "SENT_BACK"))
        .expect(422);
    owner
        .post(
            "/api/builds/step/order/step", Map.of("orderIds", List.of("gone"), "state", "SHIPPED"))
        .expect(404);
  }

  private static Long version(Client who, String build, String id) {
    return view(who, build).path("versions").path("orders/" + id).asLong();
  }

  @Test
  void whatIsPaidStaysAndIsTakenBackByAnother(Client owner) {
    begin(owner, "ledger");
    owner.post("/api/builds/ledger/order", sending("s-ledger", "ledger", "SENT_FOR")).expect(200);
    String order = view(owner, "ledger").path("build").path("orders").get(0).path("id").asString();
    String pay = "/api/builds/ledger/order/money";
    Map<String, Object> paid = move("ledger-1", order, "PAID", 17_900);
    owner.post(pay, paid).expect(200);
    owner.post(pay, paid).expect(200);
    assertEquals(17_900, spent(owner, "ledger"));
    paid.put("amountMinor", 1);
    owner.post(pay, paid).expect(422);
    String path = "/api/builds/ledger/moves/ledger-1";
    owner.put(path, paid, null).expect(405);
    owner.delete(path).expect(409);
    String tooMuch =
        owner.post(pay, move("ledger-2", order, "REFUNDED", 17_901)).expect(422).text();
    assertTrue(tooMuch.contains("No more comes back than was paid: €179.00."), tooMuch);
    owner.post(pay, move("ledger-3", "gone", "PAID", 1)).expect(404);
    assertEquals(17_900, spent(owner, "ledger"));
    owner.post("/api/undo?place=ledger", Map.of()).expect(200);
    assertEquals(0, spent(owner, "ledger"));
    assertEquals(2, view(owner, "ledger").path("build").path("moves").size(), "both stay");
    owner.post("/api/redo?place=ledger", Map.of()).expect(200);
    assertEquals(17_900, spent(owner, "ledger"));
    owner.post("/api/undo?place=ledger", Map.of()).expect(200);
    assertEquals(0, spent(owner, "ledger"));
    assertEquals(4, view(owner, "ledger").path("build").path("moves").size());
  }

  /** Whatever is paid, comes back, is undone, done again and sent twice: the sum is to the cent. */
  @Test
  void theLedgerIsRightUnderUndoAndRetries(Client owner) {
    begin(owner, "cents");
    owner.post("/api/builds/cents/order", sending("s-cents", "cents", "SENT_FOR")).expect(200);
    String order = view(owner, "cents").path("build").path("orders").get(0).path("id").asString();
    Random random = new Random(18);
    List<Long> done = new ArrayList<>();
    List<Long> undone = new ArrayList<>();
    int rows = 0;
    for (int round = 0; round < 40; round++) {
      int act = random.nextInt(4);
      if (act == 2 && !done.isEmpty()) {
        owner.post("/api/undo?place=cents", Map.of()).expect(200);
        undone.add(done.remove(done.size() - 1));
        rows++;
      } else if (act == 3 && !undone.isEmpty()) {
        owner.post("/api/redo?place=cents", Map.of()).expect(200);
        done.add(undone.remove(undone.size() - 1));
        rows++;
      } else {
        long there = done.stream().mapToLong(Long::longValue).sum();
        boolean out = act % 2 == 0 || there < 1;
        long amount = 1 + random.nextInt(out ? 99_999 : (int) there);
        String id = "cents-" + round;
        Map<String, Object> move = move(id, order, out ? "PAID" : "REFUNDED", amount);
        for (int tries = 0; tries <= random.nextInt(2); tries++) {
          owner.post("/api/builds/cents/order/money", move).expect(200);
        }
        done.add(out ? amount : -amount);
        undone.clear();
        rows++;
      }
      long sum = done.stream().mapToLong(Long::longValue).sum();
      assertEquals(sum, spent(owner, "cents"), "round " + round);
      assertEquals(rows, view(owner, "cents").path("build").path("moves").size());
    }
  }

  /** Two windows send the same parcel at once: it is ordered once, and no number is given twice. */
  @Test
  void whatTwoWindowsSendAtOnceIsOrderedOnce(Client owner) throws Exception {
    begin(owner, "both");
    ExecutorService windows = Executors.newFixedThreadPool(4);
    try {
      List<Callable<Integer>> sends =
          IntStream.range(0, 4)
              .mapToObj(
                  n ->
                      (Callable<Integer>)
                          () ->
                              owner
                                  .post(
                                      "/api/builds/both/order",
                                      sending("s-both-" + n, "both", "SENT_FOR"))
                                  .status())
              .toList();
      List<Integer> answers = new ArrayList<>();
      for (Future<Integer> answer : windows.invokeAll(sends)) {
        answers.add(answer.get());
      }
      assertEquals(1, answers.stream().filter(status -> status == 200).count(), answers.toString());
    } finally {
      windows.shutdownNow();
    }
    JsonNode orders = view(owner, "both").path("build").path("orders");
    assertEquals(1, orders.size());
    begin(owner, "next");
    owner.post("/api/builds/next/order", sending("s-next", "next", "SENT_FOR")).expect(200);
    JsonNode next = view(owner, "next").path("build").path("orders");
    HashSet<String> numbers = new HashSet<>();
    numbers.add(orders.get(0).path("number").asString());
    numbers.add(next.get(0).path("number").asString());
    assertEquals(2, numbers.size());
  }

  @Test
  void helpersSendWhatTheySeeNoPriceOfAndPayNothing(Client owner) {
    Client helper = TestYard.helper();
    begin(owner, "hand");
    helper.post("/api/builds/hand/order", sending("s-hand", "hand", "SENT_FOR")).expect(200);
    JsonNode order = view(owner, "hand").path("build").path("orders").get(0);
    assertEquals(17_900, order.path("unitPriceMinor").asLong());
    String id = order.path("id").asString();
    helper.post("/api/builds/hand/order/money", move("h1", id, "PAID", 1)).expect(403);
    owner.post("/api/builds/hand/order/money", move("h1", id, "PAID", 500)).expect(200);
    JsonNode seen = view(helper, "hand");
    assertEquals(0, seen.path("build").path("moves").get(0).path("amountMinor").asLong());
    assertEquals(0, seen.path("ordered").path("lines").get(0).path("spentMinor").asLong());
  }

  @Test
  void nothingIsOrderedOfWhatIsNotWantedThere(Client owner) {
    begin(owner, "odd");
    Map<String, Object> elsewhere = new TreeMap<>(sending("s-odd", "odd", "SENT_FOR"));
    elsewhere.put("supplierId", "quayside");
    owner.post("/api/builds/odd/order", elsewhere).expect(409);
    elsewhere.put("items", List.of(Map.of("needKey", "component:gone")));
    owner.post("/api/builds/odd/order", elsewhere).expect(404);
    elsewhere.put("items", List.of());
    owner.post("/api/builds/odd/order", elsewhere).expect(422);
    elsewhere.remove("items");
    owner.post("/api/builds/odd/order", elsewhere).expect(422);
    assertEquals(0, view(owner, "odd").path("build").path("orders").size());
  }

  @Test
  void whatIsStillToOrderLeavesAsATable(Client owner) {
    begin(owner, "list");
    Map<String, Object> named = Things.component("c2-list", "=SUM(1)", 995);
    owner.put("/api/builds/list/components/c2-list", named, null).expect(200);
    String before = owner.get("/api/builds/list/order/to-order.csv").expect(200).text();
    assertTrue(before.contains(",Board,1,"), before);
    assertTrue(before.contains(",179.00,179.00,EUR,"), before);
    assertTrue(before.contains("'=SUM(1)"), before);
    owner.post("/api/builds/list/order", sending("s-list", "list", "SENT_FOR")).expect(200);
    String after = owner.get("/api/builds/list/order/to-order.csv").expect(200).text();
    assertTrue(!after.contains("Board") && after.contains("9.95"), after);
    TestYard.helper().get("/api/builds/list/order/to-order.csv").expect(403);
  }

  /** Nobody ticks a thing whose label was not read, or says something else. */
  @Test
  void aLabelIsReadBeforeItIsChecked(Client owner) {
    begin(owner, "label");
    Map<String, Object> drive = Things.component("c-label", "Drive", 28_900);
    drive.put("kind", "DRIVE");
    drive.put("storageGb", 4_000);
    String path = "/api/builds/label/";
    long version = view(owner, "label").path("versions").path("components/c-label").asLong();
    owner.put(path + "components/c-label", drive, version).expect(200);
    owner.post(path + "order", sending("s-label", "label", "COUNTER")).expect(200);
    drive.put("storageGb", 1_000);
    version = view(owner, "label").path("versions").path("components/c-label").asLong();
    owner.put(path + "components/c-label", drive, version).expect(200);
    JsonNode line = view(owner, "label").path("build").path("orders").get(0);
    assertEquals("4 TB", line.path("facts").get(0).path("words").asString(), "as it was ordered");
    String id = line.path("id").asString();
    Map<String, Object> step = Map.of("orderIds", List.of(id), "state", "CHECKED");
    String unread = owner.post(path + "order/step", step).expect(422).text();
    assertTrue(unread.contains("Drive: type what its label says."), unread);
    Map<String, Object> opened = Map.of("id", "m-label", "taskKey", parcel(line), "what", "DONE");
    String notOnTheBench = owner.post(path + "marks", opened).expect(409).text();
    assertTrue(notOnTheBench.contains("“Drive”: type what its label says"), notOnTheBench);
    label(owner, line, "1 TB");
    String wrong = owner.post(path + "order/step", step).expect(422).text();
    assertTrue(wrong.contains("Drive: Capacity: 1 TB, ordered 4 TB."), wrong);
    label(owner, line, "4,000 GB");
    owner.post(path + "order/step", step).expect(200);
    assertEquals("CHECKED", need(owner, "label", "component:c-label").path("state").asString());
  }

  private static String parcel(JsonNode line) {
    return "parcel:%s/%s"
        .formatted(line.path("supplierId").asString(), line.path("receivedOn").asString());
  }

  private static void label(Client owner, JsonNode line, String capacity) {
    Map<String, Object> read = new TreeMap<>();
    line.properties().forEach(field -> read.put(field.getKey(), field.getValue()));
    read.put("label", List.of(Map.of("field", "capacity", "words", capacity)));
    String id = line.path("id").asString();
    owner.put("/api/builds/label/orders/" + id, read, version(owner, "label", id)).expect(200);
  }

  @Test
  void theCalculatorsAnswerWithoutABuild(Client owner) {
    JsonNode wait =
        owner
            .post(
                "/api/calc/supply/wait",
                Map.of("prices", List.of(460, 430, 480, 445, 500), "looksLeft", 2))
            .expect(200)
            .json();
    assertEquals(452.2, wait.path("buyAtOrBelow").asDouble(), 1e-9);
    assertEquals(false, wait.path("buy").asBoolean());
    JsonNode last =
        owner
            .post("/api/calc/supply/wait", Map.of("prices", List.of(460), "looksLeft", 0))
            .expect(200)
            .json();
    assertTrue(last.path("buyAtOrBelow").isNull() && last.path("buy").asBoolean());
    owner.post("/api/calc/supply/wait", Map.of("prices", List.of(), "looksLeft", 0)).expect(422);
    JsonNode check =
        owner
            .post(
                "/api/calc/supply/check",
                Map.of(
                    "kind",
                    "CASE",
                    "ordered",
                    Map.of("window", "left"),
                    "label",
                    Map.of("window", "right")))
            .expect(200)
            .json();
    assertTrue(check.path("differs").asBoolean());
    owner
        .post(
            "/api/calc/supply/check",
            Map.of("kind", "CASE", "ordered", Map.of("window", "x".repeat(201)), "label", Map.of()))
        .expect(422);
  }
}
