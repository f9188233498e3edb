package emberyard.server.supply;

import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.basket.BasketPlan;
import emberyard.core.yard.Alternate;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.YardBasket;
import emberyard.server.access.Account;
import emberyard.server.api.HeavyWork;
import emberyard.server.yard.YardReader;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Orders are sent, and move on, many lines at a time. */
@RestController
@RequestMapping("/api/builds/{buildId}/order")
class SupplyController {
  private final OrderDesk desk;
  private final ShopDesk shops;
  private final YardReader reader;
  private final HeavyWork heavy;

  SupplyController(OrderDesk desk, ShopDesk shops, YardReader reader, HeavyWork heavy) {
    this.desk = desk;
    this.shops = shops;
    this.reader = reader;
    this.heavy = heavy;
  }

  /**
   * What is ordered in one go from one shop.
   *
   * @param id made by the sender, so that a repeated request does not order twice
   * @param supplierId the shop, empty for none
   * @param items what, of this build or of others that share the parcel
   * @param way how it is bought, sent for where it is left out
   */
  record Sending(
      String id, String supplierId, List<OrderItem> items, OrderLine.@Nullable Way way) {}

  /**
   * A need that is ordered.
   *
   * @param buildId whose it is; of the build that is asked where it is left out
   * @param offerId what fills it; what the design says, or was chosen by hand, where it is left out
   * @param quantity how much, in whole packs; all that is open where it is left out
   */
  record OrderItem(
      @Nullable String buildId,
      String needKey,
      @Nullable String offerId,
      @Nullable Double quantity) {}

  /**
   * Lines that move on together.
   *
   * @param state one of ORDERED, CONFIRMED, SHIPPED, RECEIVED and CHECKED
   * @param by who checked them; the account's name when left out
   */
  record Step(List<String> orderIds, OrderLine.State state, @Nullable String by) {}

  /**
   * A line that comes in two parts.
   *
   * @param id of the part that comes later, made by the sender
   * @param quantity what comes first
   */
  record Splitting(String id, String orderId, double quantity) {}

  /**
   * Something that is sent back and ordered once more.
   *
   * @param id of the new line, made by the sender, so that a repeated request does not order twice
   * @param found what is wrong with it: WRONG, DEAD or DAMAGED; as its line has it where it is left
   *     out
   */
  record Again(String id, String orderId, OrderLine.@Nullable State found) {}

  /**
   * A line, or some of it, that another build uses.
   *
   * @param id of the line there, made by the sender, so that a repeated request moves it once
   * @param toBuildId the other build
   * @param quantity how much goes; all of it, or all that is needed there, where it is left out
   */
  record PassingOn(
      String id, String orderId, String toBuildId, String needKey, @Nullable Double quantity) {}

  /**
   * A line, or some of it, that is laid on the shelf.
   *
   * @param id of the line of what lies there, made by the sender, so that a repeated request lays
   *     it there once
   * @param quantity how much; all that can go where it is left out
   */
  record Laying(String id, String orderId, @Nullable Double quantity) {}

  /**
   * Another build that needs what was ordered.
   *
   * @param open how much of it is open there, in {@code unit}
   * @param neededOn the day its work needs it, null where nothing decides it
   */
  record UsedThere(
      String buildId,
      String buildName,
      String needKey,
      double open,
      String unit,
      @Nullable LocalDate neededOn) {}

  /**
   * What customs ask for an order.
   *
   * @param id of the new line, made by the sender, so that a repeated request asks once
   * @param orderId a line of the order
   * @param amountMinor minor units of the workshop's money
   */
  record Customs(String id, String orderId, long amountMinor) {}

  /**
   * Money that goes to a shop or comes back.
   *
   * @param id made by the sender, so that a repeated request does not pay twice
   * @param orderId the line it is for; left out for a delivery, or duty on it
   * @param supplierId the shop of a delivery
   * @param amountMinor minor units of the workshop's money, 1 at least
   * @param on the day, today where it is left out
   */
  record Money(
      String id,
      @Nullable String orderId,
      @Nullable String supplierId,
      Move.What what,
      long amountMinor,
      @Nullable LocalDate on,
      @Nullable String note) {}

  /** What was ordered: the number of the order, empty where none was sent, and its lines. */
  record Sent(String number, List<OrderLine> lines) {}

  /** The cheapest basket of what this build and all agreed ones still need. */
  @GetMapping("/basket")
  BasketPlan basket(@PathVariable String buildId) {
    YardReader.Reading reading = reader.read();
    String id = reading.build(buildId).build().id();
    return YardBasket.of(reading.yard(), id, reading.book(), reading.today());
  }

  /** What could take the place of something that is still to be bought, solved with the build. */
  @GetMapping("/alternates")
  List<Alternate> alternates(@PathVariable String buildId, @RequestParam String needKey) {
    YardReader.Reading reading = reader.read();
    BuildModel model = reading.build(buildId);
    return heavy.run(() -> Alternate.of(model, needKey, reading.plan(), reading.book()));
  }

  /** Orders all that is open of some needs; one step of undo. */
  @PostMapping
  Sent send(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Sending wanted) {
    Sent sent = desk.send(who, buildId, wanted);
    shops.askSoon();
    return sent;
  }

  /** Moves lines on; those that are as far already stay. One step of undo. */
  @PostMapping("/step")
  void step(
      @AuthenticationPrincipal Account who, @PathVariable String buildId, @RequestBody Step step) {
    desk.step(who, buildId, step);
  }

  /** Splits a line that comes in two parts; one step of undo. */
  @PostMapping("/split")
  void split(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Splitting wanted) {
    desk.split(who, buildId, wanted);
  }

  /** Sends back what can't be used, and orders another; one step of undo. */
  @PostMapping("/again")
  Sent again(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Again wanted) {
    Sent sent = desk.again(who, buildId, wanted);
    shops.askSoon();
    return sent;
  }

  /** Other builds that need what a line brings, the one that needs it first before the others. */
  @GetMapping("/{orderId}/elsewhere")
  List<UsedThere> elsewhere(@PathVariable String buildId, @PathVariable String orderId) {
    return PassedOn.wantedBy(reader.read(), buildId, orderId);
  }

  /** Uses it there; what was paid for it goes along. One step of undo. */
  @PostMapping("/pass-on")
  void passOn(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody PassingOn wanted) {
    desk.passOn(who, buildId, wanted);
  }

  /** Lays it on the shelf; what was paid for it comes off the build. One step of undo. */
  @PostMapping("/shelve")
  void shelve(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Laying wanted) {
    desk.shelve(who, buildId, wanted);
  }

  /** Enters what customs ask for an order, as a line of its own. One step of undo. */
  @PostMapping("/duty")
  void duty(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Customs wanted) {
    desk.duty(who, buildId, wanted);
  }

  /** What shops and couriers said last of this build's orders. */
  @GetMapping("/news")
  ShopNews news(@PathVariable String buildId) {
    return shops.news(reader.read().build(buildId).build());
  }

  /** Asks them now. */
  @PostMapping("/news")
  ShopNews ask(@PathVariable String buildId) {
    shops.ask();
    return shops.news(reader.read().build(buildId).build());
  }

  /** Enters money that moved; one step of undo, which takes it back by another move. */
  @PostMapping("/money")
  Move money(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Money money) {
    return desk.money(who, buildId, money);
  }

  /** Everything that is still to order. */
  @GetMapping(value = "/to-order.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> toOrder(@PathVariable String buildId) {
    YardReader.Reading reading = reader.read();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(buildId + "-to-order.csv").build().toString())
        .body(ShoppingList.csv(reading.build(buildId), reading.book()));
  }

  /** An order as it goes to the shop, on paper. */
  @GetMapping(value = "/{number}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> paper(@PathVariable String buildId, @PathVariable String number) {
    byte[] pdf = OrderPaper.of(reader.read(), number).pdf();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named("inline", number + ".pdf"))
        .body(pdf);
  }

  /** The same as a table. */
  @GetMapping(value = "/{number}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> table(@PathVariable String buildId, @PathVariable String number) {
    String csv = OrderPaper.of(reader.read(), number).csv();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, named("attachment", number + ".csv"))
        .body(csv);
  }

  /** The same as the text of a mail. */
  @GetMapping(value = "/{number}.txt", produces = "text/plain;charset=UTF-8")
  String mail(@PathVariable String buildId, @PathVariable String number) {
    return OrderPaper.of(reader.read(), number).mail();
  }

  private static String named(String how, String file) {
    return ContentDisposition.builder(how).filename("order-" + file).build().toString();
  }
}
