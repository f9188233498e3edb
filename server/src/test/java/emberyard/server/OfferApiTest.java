package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Offers, the basket, and parcels that several builds share, over HTTP. */
@ExtendWith(TestYard.class)
class OfferApiTest {
  private static final String LOFT = "lumen-loft";

  /** A build that needs a board of 179.00 from Rookery. */
  private static String begin(Client owner, String build) {
    owner.begin(build);
    String board = "c-" + build;
    owner
        .put(
            "/api/builds/%s/components/%s".formatted(build, board),
            Things.component(board, "Board", 17_900),
            null)
        .expect(200);
    return "component:" + board;
  }

  private static Map<String, Object> offer(String id, String needKey, long priceMinor) {
    return new HashMap<>(
        Map.of(
            "id",
            id,
            "needKey",
            needKey,
            "supplierId",
            LOFT,
            "seen",
            List.of(Map.of("on", "2026-03-02", "unitPriceMinor", priceMinor)),
            "held",
            false));
  }

  private static void put(Client owner, String build, Map<String, Object> offer) {
    owner
        .put("/api/builds/%s/offers/%s".formatted(build, offer.get("id")), offer, null)
        .expect(200);
  }

  private static JsonNode basket(Client who, String build) {
    return who.get("/api/builds/" + build + "/order/basket").expect(200).json();
  }

  private static JsonNode item(Client who, String build, String needKey) {
    return basket(who, build)
        .path("parcels")
        .valueStream()
        .flatMap(parcel -> parcel.path("items").valueStream())
        .filter(item -> item.path("needKey").asString().equals(needKey))
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Object> sending(String id, String shop, Object... items) {
    return new HashMap<>(Map.of("id", id, "supplierId", shop, "items", List.of(items)));
  }

  private static JsonNode build(Client who, String build) {
    return who.get("/api/builds/" + build).expect(200).json();
  }

  private static long shipping(Client who, String build, String field) {
    return build(who, build)
        .path("budget")
        .path("lines")
        .valueStream()
        .filter(line -> line.path("category").asString().equals("SHIPPING"))
        .findFirst()
        .orElseThrow()
        .path(field)
        .asLong();
  }

  @Test
  void aCheaperOfferGoesIntoTheParcelAndIsOrderedAsItWasOffered(Client owner) {
    String key = begin(owner, "offer");
    put(owner, "offer", offer("of1", key, 15_000));
    JsonNode board = item(owner, "offer", key);
    assertEquals("of1", board.path("offerId").asString());
    assertEquals(15_000, board.path("priceMinor").asLong());
    JsonNode listed = board.path("others").get(0);
    assertEquals("listed", listed.path("offerId").asString());
    assertTrue(listed.path("moreMinor").asLong() > 0, listed.toString());
    Map<String, Object> item = Map.of("needKey", key, "offerId", "of1");
    owner.post("/api/builds/offer/order", sending("s1", "rookery", item)).expect(409);
    owner.post("/api/builds/offer/order", sending("s1", LOFT, item, item)).expect(422);
    Map<String, Object> gone = Map.of("needKey", key, "offerId", "gone");
    owner.post("/api/builds/offer/order", sending("s1", LOFT, gone)).expect(404);
    Map<String, Object> less = Map.of("needKey", key, "offerId", "of1", "quantity", -1);
    owner.post("/api/builds/offer/order", sending("s1", LOFT, less)).expect(422);
    JsonNode sent =
        owner.post("/api/builds/offer/order", sending("s1", LOFT, item)).expect(200).json();
    JsonNode line = sent.path("lines").get(0);
    assertEquals(15_000, line.path("unitPriceMinor").asLong());
    assertEquals(LOFT, line.path("supplierId").asString());
    // other builds that are agreed may still have parcels
    assertTrue(!basket(owner, "offer").toString().contains(key), "ordered, and still to buy");
  }

  @Test
  void whatIsChosenByHandIsWhatTheDesignNeedsFromThenOn(Client owner) {
    String key = begin(owner, "held");
    Map<String, Object> dear = offer("of2", key, 19_900);
    dear.put("held", true);
    dear.put("leadDays", 11);
    put(owner, "held", dear);
    JsonNode need =
        build(owner, "held")
            .path("needs")
            .valueStream()
            .map(each -> each.path("need"))
            .filter(each -> each.path("key").asString().equals(key))
            .findFirst()
            .orElseThrow();
    assertEquals(19_900, need.path("unitPriceMinor").asLong());
    assertEquals(11, need.path("leadDays").asInt());
    assertEquals(LOFT, need.path("supplierId").asString());
    assertTrue(item(owner, "held", key).path("held").asBoolean());
  }

  @Test
  void whatIsTooManyInTheLastPackIsNoDifference(Client owner) {
    String key = begin(owner, "packs");
    Map<String, Object> four = offer("of3", key, 4_000);
    four.put("packQuantity", 4);
    put(owner, "packs", four);
    assertEquals(4, item(owner, "packs", key).path("quantity").asDouble());
    Map<String, Object> item = Map.of("needKey", key, "offerId", "of3");
    owner.post("/api/builds/packs/order", sending("s3", LOFT, item)).expect(200);
    JsonNode line = build(owner, "packs").path("ordered").path("lines").get(0);
    assertEquals(4, line.path("line").path("quantity").asDouble());
    assertTrue(line.path("differs").isNull(), line.toString());
  }

  /** What the basket asks for of what the design sells by the metre is what is needed, no more. */
  @Test
  void noMoreIsOrderedThanIsNeeded(Client owner) {
    String key = begin(owner, "exact");
    Map<String, Object> more = Map.of("needKey", key, "offerId", "listed", "quantity", 1.0000004);
    owner.post("/api/builds/exact/order", sending("s8", "rookery", more)).expect(200);
    JsonNode line = build(owner, "exact").path("ordered").path("lines").get(0);
    assertEquals(1, line.path("line").path("quantity").asDouble());
    assertTrue(line.path("differs").isNull(), line.toString());
  }

  @Test
  void buildsShareAParcelAndItsFeeByWhatTheirThingsAreWorth(Client owner) {
    String one = begin(owner, "share-a");
    String other = begin(owner, "share-b");
    long fee =
        owner
            .get("/api/workshop")
            .json()
            .path("book")
            .path("suppliers")
            .valueStream()
            .filter(shop -> shop.path("id").asString().equals("rookery"))
            .findFirst()
            .orElseThrow()
            .path("shippingMinor")
            .asLong();
    Map<String, Object> both =
        sending(
            "s4",
            "rookery",
            Map.of("needKey", one),
            Map.of("needKey", other, "buildId", "share-b"));
    JsonNode sent = owner.post("/api/builds/share-a/order", both).expect(200).json();
    assertEquals(sent, owner.post("/api/builds/share-a/order", both).expect(200).json());
    assertEquals(1, build(owner, "share-a").path("build").path("orders").size());
    assertEquals(1, build(owner, "share-b").path("build").path("orders").size());
    long borne =
        sent.path("lines")
            .valueStream()
            .mapToLong(line -> line.path("deliveryMinor").asLong())
            .sum();
    assertEquals(fee, borne);
    assertEquals(
        fee,
        shipping(owner, "share-a", "committedMinor")
            + shipping(owner, "share-b", "committedMinor"));
    // one press, one step back: in both
    owner.post("/api/undo?place=share-a", Map.of()).expect(200);
    for (String each : List.of("share-a", "share-b")) {
      JsonNode orders = build(owner, each).path("build").path("orders");
      assertEquals("CANCELLED", orders.get(0).path("state").asString());
    }
  }

  @Test
  void helpersSeeNoPriceOfAnOffer(Client owner) {
    String key = begin(owner, "veil");
    put(owner, "veil", offer("of5", key, 15_000));
    Client helper = TestYard.helper();
    JsonNode seen = build(helper, "veil").path("build").path("offers").get(0);
    assertEquals(0, seen.path("seen").get(0).path("unitPriceMinor").asLong());
    String whole = basket(helper, "veil").toString();
    assertTrue(!whole.contains("15000") && !whole.contains("17900"), whole);
  }

  @Test
  void theCalculatorNamesWhatIsNoQuestion(Client owner) {
    JsonNode example =
        new FuzzDocument(owner.get("/api/openapi").text()).exampleOf("/api/calc/supply/basket");
    JsonNode answer = owner.post("/api/calc/supply/basket", example.toString()).expect(200).json();
    // 12.00 + 3.00 + a delivery of 4.90: the other shop's tape saves 50 cents and costs 3.90
    assertEquals(1_500, answer.path("goodsMinor").asLong());
    assertEquals(490, answer.path("deliveryMinor").asLong());
    assertTrue(answer.path("proven").asBoolean());
    String elsewhere = example.toString().replace("\"shopId\":\"loft\"", "\"shopId\":\"gone\"");
    owner.post("/api/calc/supply/basket", elsewhere).expect(422);
  }

  @Test
  void anOrderLeavesAsPaperTableAndMail(Client owner) throws IOException {
    String key = begin(owner, "paper");
    String odd = "component:odd-paper";
    Map<String, Object> named = Things.component("odd-paper", "=1+1 <b> & Söhne", 995);
    owner.put("/api/builds/paper/components/odd-paper", named, null).expect(200);
    JsonNode sent =
        owner
            .post(
                "/api/builds/paper/order",
                sending("s6", "rookery", Map.of("needKey", key), Map.of("needKey", odd)))
            .expect(200)
            .json();
    String number = sent.path("number").asString();
    String at = "/api/builds/paper/order/" + number;
    String mail = owner.get(at + ".txt").expect(200).text();
    assertTrue(mail.startsWith("Subject: Order " + number + ", "), mail);
    assertTrue(mail.contains("- 1 piece: Board, at €179.00"), mail);
    assertTrue(mail.contains("Goods €188.95, delivery €"), mail);
    assertTrue(mail.contains("Please put the number " + number), mail);
    String csv = owner.get(at + ".csv").expect(200).text();
    assertTrue(csv.contains(number + ",Board,,1,piece,179.00,EUR,"), csv);
    assertTrue(csv.contains("'=1+1"), csv);
    try (PDDocument pdf = Loader.loadPDF(owner.bytes(at + ".pdf"))) {
      String text = new PDFTextStripper().getText(pdf);
      assertTrue(text.contains("Order " + number), text);
      assertTrue(text.contains("=1+1 <b> & Söhne"), text);
      assertEquals(1, pdf.getNumberOfPages());
    }
    TestYard.helper().get(at + ".txt").expect(403);
    owner.get("/api/builds/paper/order/1999-001.txt").expect(404);
    owner.post("/api/undo?place=paper", Map.of()).expect(200);
    owner.get(at + ".pdf").expect(404);
  }

  @Test
  void aShopHasARecordOfWhatItSaidAndWhatCame(Client owner) {
    String key = begin(owner, "record");
    JsonNode before = record(owner);
    JsonNode sent =
        owner
            .post("/api/builds/record/order", sending("s7", "rookery", Map.of("needKey", key)))
            .expect(200)
            .json();
    String id = sent.path("lines").get(0).path("id").asString();
    Map<String, Object> here = Map.of("orderIds", List.of(id), "state", "RECEIVED");
    owner.post("/api/builds/record/order/step", here).expect(200);
    JsonNode after = record(owner);
    assertEquals(before.path("deliveries").asInt() + 1, after.path("deliveries").asInt());
    assertEquals(before.path("received").asInt() + 1, after.path("received").asInt());
    assertEquals(before.path("amiss").asInt(), after.path("amiss").asInt());
    assertTrue(after.path("chance").asDouble() < before.path("chance").asDouble());
  }

  private static JsonNode record(Client owner) {
    return owner
        .get("/api/suppliers/records")
        .expect(200)
        .json()
        .valueStream()
        .filter(each -> each.path("supplierId").asString().equals("rookery"))
        .findFirst()
        .orElseThrow();
  }

  /** Prices go out as a table and come in, a row a price; those of one offer are added to it. */
  @Test
  void pricesThatWereSeenComeAsATable(Client owner) {
    String need = begin(owner, "table");
    put(owner, "table", offer("o-table", need, 44_500));
    String out = owner.get("/api/builds/table/offers.csv").expect(200).text();
    assertTrue(out.startsWith("offer,needKey,supplierId,on,unitPriceMinor"), out);
    assertTrue(out.contains("o-table," + need + ",lumen-loft,2026-03-02,44500"), out);
    String in =
        out
            + "o-table,%s,lumen-loft,2026-03-05,43900\r\n".formatted(need)
            + "o-table,%s,lumen-loft,2026-03-08,44100\r\n".formatted(need)
            + ",%s,rookery,2026-03-08,45100\r\n".formatted(need)
            + ",%s,rookery,2026-03-12,44000\r\n".formatted(need);
    Map<String, String> csv = Map.of("Content-Type", "text/csv");
    String path = "/api/builds/table/offers.csv";
    JsonNode kept = owner.send("POST", path, in, csv).expect(200).json();
    assertEquals(2, kept.path("kept").asInt(), "two offers: " + kept);
    JsonNode offers = build(owner, "table").path("build").path("offers");
    assertEquals(3, offers.get(0).path("seen").size());
    assertEquals(2, offers.get(1).path("seen").size());
    assertEquals("rookery", offers.get(1).path("supplierId").asString());
    owner.send("POST", path, in, csv).expect(200);
    assertEquals(offers, build(owner, "table").path("build").path("offers"), "twice is once");
    String wrong = in + "o-table,%s,lumen-loft,2026-03-09,cheap\r\n".formatted(need);
    String refused = owner.send("POST", path, wrong, csv).expect(422).text();
    assertTrue(refused.contains("Line 7"), refused);
    assertEquals(offers, build(owner, "table").path("build").path("offers"), "all or none");
  }
}
