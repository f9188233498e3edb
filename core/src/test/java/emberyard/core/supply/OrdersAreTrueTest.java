package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Ledger;
import emberyard.core.build.Screen;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.money.Budget;
import emberyard.core.money.BudgetLine;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import emberyard.core.yard.YardModel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What was ordered stays as it was ordered, and its money with it, whatever the design becomes. */
class OrdersAreTrueTest {
  private static final OrderLine SCREEN =
      Samples.order("screen:d1", State.ORDERED, Samples.MONDAY.plusDays(5));

  private static Build with(OrderLine... orders) {
    return Samples.build().with(OrderLine.class, List.of(orders));
  }

  private static Move paid(OrderLine line, Move.What what, long amountMinor) {
    return new Move(
        "m-" + what + "-" + amountMinor,
        line.id(),
        line.category(),
        line.supplierId(),
        what,
        amountMinor,
        Samples.MONDAY,
        "",
        "");
  }

  private static Build moved(Build build, Move... moves) {
    return build.with(Move.class, List.of(moves));
  }

  private static BudgetLine look(Build build) {
    Budget budget = Samples.model(build).budget();
    return budget.lines().get(CostCategory.LOOK_HARDWARE.ordinal());
  }

  private static OrderedLine only(BuildModel model) {
    assertEquals(1, model.ordered().lines().size());
    return model.ordered().lines().get(0);
  }

  private static Optional<Finding> differs(BuildModel model) {
    return model.findings().stream().filter(f -> f.key().endsWith("/differs")).findFirst();
  }

  @Test
  void anotherThingInItsPlaceLeavesTheOrderAsItWas() {
    Build build = with(SCREEN);
    Build other =
        build.with(
            Screen.class,
            List.of(
                Screen.one("d1", "Tide board mini", 58, 192)
                    .pixelsWide(480)
                    .pixelsHigh(1920)
                    .watts(6)
                    .priceMinor(4_900)
                    .supplierId("quay")
                    .build()));
    BuildModel model = Samples.model(other);
    OrderedLine line = only(model);
    assertEquals("Tide board", line.line().title());
    assertEquals(9_600, line.totalMinor());
    assertEquals(Difference.Kind.OTHER, line.differs().kind());
    assertEquals(
        "Ordered is Tide board, needed is now Tide board mini",
        differs(model).orElseThrow().title());
    assertTrue(differs(Samples.model(build)).isEmpty());
  }

  @Test
  void whatIsNotNeededAnyMoreStaysInSightAndInTheMoney() {
    Build gone = with(SCREEN).with(Screen.class, List.of());
    BuildModel model = Samples.model(gone);
    assertEquals(Difference.Kind.NOT_NEEDED, only(model).differs().kind());
    assertEquals(9_600, look(gone).committedMinor());
    Finding finding = differs(model).orElseThrow();
    assertEquals("Tide board is ordered, and nothing needs it now", finding.title());
    assertEquals(
        List.of("CANCELLED", "KEPT"),
        finding.remedies().stream()
            .filter(way -> way.change() != null)
            .map(way -> way.change().text())
            .toList());
    Build cancelled =
        gone.with(OrderLine.class, List.of(SCREEN.with(l -> l.state(State.CANCELLED))));
    assertEquals(0, look(cancelled).committedMinor());
    assertTrue(differs(Samples.model(cancelled)).isEmpty());
  }

  @Test
  void oneTooManyIsSaidAndCanBeOrderedLess() {
    OrderLine two = SCREEN.with(line -> line.quantity(2));
    BuildModel model = Samples.model(with(two));
    assertEquals(1, only(model).differs().tooMuch());
    Finding finding = differs(model).orElseThrow();
    assertEquals("1 too many: Tide board", finding.title());
    assertEquals(1, finding.remedies().get(0).change().value());
  }

  /** Every way out that is one press leaves nothing that differs. */
  @Test
  void waysOutLeadOut() {
    Build gone = with(SCREEN).with(Screen.class, List.of());
    for (Remedy way : differs(Samples.model(gone)).orElseThrow().remedies()) {
      if (way.change() == null) {
        continue;
      }
      State state = State.valueOf(way.change().text());
      Build after = gone.with(OrderLine.class, List.of(SCREEN.with(l -> l.state(state))));
      assertTrue(differs(Samples.model(after)).isEmpty(), way.label());
    }
  }

  @Test
  void aNeedIsFilledByAsManyLinesAsItTakes() {
    OrderLine more = SCREEN.with(line -> line.id("o2").quantity(0.25));
    Build part = with(SCREEN.with(line -> line.quantity(0.5)), more);
    NeedLine line =
        Samples.model(part).needs().stream()
            .filter(each -> each.need().key().equals("screen:d1"))
            .findFirst()
            .orElseThrow();
    assertEquals(0.25, line.open());
    assertEquals(NeedLine.State.WANTED, line.state());
    assertEquals(2, line.orders().size());
    // half of 96.00, a quarter of it, and a quarter still to be ordered
    assertEquals(9_600 + 1_120, look(part).forecastMinor());
  }

  @Test
  void aWrongOneSentBackCostsUntilItsMoneyIsHere() {
    OrderLine sentBack = SCREEN.with(line -> line.state(State.SENT_BACK));
    OrderLine again = SCREEN.with(line -> line.id("again"));
    Build out = moved(with(sentBack, again), paid(SCREEN, Move.What.PAID, 9_600));
    assertEquals(9_600 + 9_600, look(out).committedMinor());
    assertEquals(9_600, look(out).spentMinor());
    Build back =
        moved(
            with(sentBack, again),
            paid(SCREEN, Move.What.PAID, 9_600),
            paid(SCREEN, Move.What.REFUNDED, 9_600));
    assertEquals(9_600, look(back).committedMinor());
    assertEquals(0, look(back).spentMinor());
    Build never = with(sentBack, again);
    assertEquals(9_600, look(never).committedMinor());
  }

  @Test
  void whatWasReallyPaidIsWhatIsSpent() {
    OrderLine haggled = SCREEN.with(line -> line.unitPriceMinor(8_000));
    Build build = moved(with(haggled), paid(haggled, Move.What.PAID, 8_000));
    assertEquals(8_000, look(build).spentMinor());
    assertEquals(8_000, look(build).committedMinor());
    Build more = moved(with(haggled), paid(haggled, Move.What.PAID, 8_450));
    assertEquals(8_450, look(more).committedMinor());
    OrderLine abroad = SCREEN.with(l -> l.currency("USD").rate(0.85).unitPriceMinor(1_299));
    assertEquals(2_760, abroad.with(line -> line.quantity(2.5)).totalMinor());
  }

  @Test
  void aDeliveryIsPaidLikeTheRest() {
    BudgetLine before = shipping(with(SCREEN));
    assertEquals(900, before.committedMinor());
    Move fee =
        new Move(
            "d", "", CostCategory.SHIPPING, "quay", Move.What.PAID, 650, Samples.MONDAY, "", "");
    BudgetLine after = shipping(moved(with(SCREEN), fee));
    assertEquals(650, after.spentMinor());
    assertEquals(650, after.committedMinor());
    assertEquals(new Ordered.Delivery("quay", 1, 650, 0), deliveries(moved(with(SCREEN), fee)));
    OrderLine other = SCREEN.with(line -> line.id("o2").number("2026-002"));
    assertEquals(
        new Ordered.Delivery("quay", 2, 650, 900), deliveries(moved(with(SCREEN, other), fee)));
  }

  /** An order that is shared with another build bears what was agreed when it was sent. */
  @Test
  void aSharedDeliveryCostsWhatIsBorneHere() {
    OrderLine shared = SCREEN.with(line -> line.number("2026-003").deliveryMinor(120L));
    OrderLine own = SCREEN.with(line -> line.id("o2").number("2026-004"));
    assertEquals(120, shipping(with(shared)).committedMinor());
    assertEquals(120 + 900, shipping(with(shared, own)).committedMinor());
    OrderLine second = SCREEN.with(line -> line.id("o3").number("2026-003").deliveryMinor(80L));
    assertEquals(200, shipping(with(shared, second)).committedMinor());
    // what is left of an order still comes
    OrderLine gone = second.with(line -> line.state(State.CANCELLED));
    assertEquals(200, shipping(with(shared, gone)).committedMinor());
    Move paid =
        new Move(
            "d", "", CostCategory.SHIPPING, "quay", Move.What.PAID, 120, Samples.MONDAY, "", "");
    assertEquals(120 + 900, shipping(moved(with(shared, own), paid)).committedMinor());
    assertEquals(120, shipping(moved(with(shared), paid)).committedMinor());
  }

  private static Ordered.Delivery deliveries(Build build) {
    return Samples.model(build).ordered().deliveries().get(0);
  }

  private static BudgetLine shipping(Build build) {
    return Samples.model(build).budget().lines().get(CostCategory.SHIPPING.ordinal());
  }

  /** Who bought their own sheet leaves the shelf's to others, and it costs them what it costs. */
  @Test
  void theShelfIsForThoseWhoHaveNotBought() {
    WorkshopBook oneSheet = Samples.book().with(SheetProduct.class, List.of(Samples.sheet(1)));
    Build mine = Samples.build();
    OrderLine bought =
        Samples.order("sheet:clear-3", State.CHECKED, Samples.MONDAY)
            .with(line -> line.category(CostCategory.MADE_PART_MATERIAL).unitPriceMinor(2_400));
    Build theirs = with(bought);
    assertEquals(1, sheet(mine, oneSheet).need().onHand());
    assertEquals(0, sheet(theirs, oneSheet).need().onHand());
    BudgetLine fromShelf = material(mine, oneSheet);
    assertEquals(2_400, fromShelf.plannedMinor());
    assertEquals(2_400, fromShelf.spentMinor());
    assertEquals(2_400, fromShelf.forecastMinor());
    assertEquals(2_400, material(theirs, oneSheet).plannedMinor());
  }

  /** What was handed over takes nothing from those that are still being built. */
  @Test
  void aRevealedBuildLeavesTheShelfToTheOthers() {
    WorkshopBook oneSheet = Samples.book().with(SheetProduct.class, List.of(Samples.sheet(1)));
    List<Need> wants = in(Samples.build(), oneSheet).needs().stream().map(NeedLine::need).toList();
    for (boolean revealed : new boolean[] {true, false}) {
      Build first = Samples.build();
      Brief brief = first.brief().with(each -> each.revealedOn(revealed ? Samples.MONDAY : null));
      StockShelf shelf = new StockShelf(oneSheet);
      shelf.handOut(new Build(brief, first.concept(), first.things()), wants);
      double left =
          shelf.handOut(first, wants).stream()
              .filter(need -> need.key().equals("sheet:clear-3"))
              .findFirst()
              .orElseThrow()
              .onHand();
      assertEquals(revealed ? 1 : 0, left);
    }
  }

  private static BuildModel in(Build build, WorkshopBook book) {
    return YardModel.of(List.of(build), book, Samples.MONDAY_NINE).builds().get("b1");
  }

  private static NeedLine sheet(Build build, WorkshopBook book) {
    return in(build, book).needs().stream()
        .filter(line -> line.need().key().equals("sheet:clear-3"))
        .findFirst()
        .orElseThrow();
  }

  private static BudgetLine material(Build build, WorkshopBook book) {
    return in(build, book).budget().lines().get(CostCategory.MADE_PART_MATERIAL.ordinal());
  }

  /** What the client brings counts for the cap as agreed, and is never sold to him. */
  @Test
  void theClientsOwnIsNeverSoldToHim() {
    Component card =
        Component.one("g1", "Gannet", ComponentKind.GRAPHICS)
            .source(Source.CLIENT)
            .priceMinor(38_000)
            .build();
    List<Component> all = new ArrayList<>(Samples.build().components());
    all.add(card);
    Budget without = Samples.model(Samples.build()).budget();
    Budget with = Samples.model(Samples.build().with(Component.class, all)).budget();
    assertEquals(hardware(without), hardware(with), "planned, committed, spent, forecast");
    assertEquals(38_000, with.broughtMinor());
    assertEquals(
        38_000 + counted(with), with.countedForecastMinor(), "the cap counts it as agreed");
  }

  private static long counted(Budget budget) {
    return budget.lines().stream()
        .filter(BudgetLine::counts)
        .mapToLong(BudgetLine::forecastMinor)
        .sum();
  }

  private static List<Long> hardware(Budget budget) {
    BudgetLine line = budget.lines().get(CostCategory.PERFORMANCE_HARDWARE.ordinal());
    return List.of(
        line.plannedMinor(), line.committedMinor(), line.spentMinor(), line.forecastMinor());
  }

  @Test
  void whatTheClientPaysTheShopIsNobodysCost() {
    OrderLine his = SCREEN.with(line -> line.way(OrderLine.Way.CLIENT_PAYS));
    BudgetLine line = look(with(his));
    assertEquals(1_120, line.plannedMinor());
    assertEquals(0, line.committedMinor());
    assertEquals(9_600, Samples.model(with(his)).budget().broughtMinor());
  }

  @Test
  void aLineKeptOrReplacedStillHoldsItsMoney() {
    for (State state : List.of(State.KEPT, State.REPLACED, State.WRONG, State.RETURN_ASKED)) {
      assertEquals(
          9_600,
          new Ledger(with(SCREEN.with(l -> l.state(state))))
              .committedMinor(SCREEN.with(l -> l.state(state))),
          state.name());
    }
    assertNull(Samples.model(with(SCREEN)).ordered().lines().get(0).differs());
  }

  /** Somebody takes the order back after another has paid: the money is out all the same. */
  @Test
  void whatWasPaidStaysSpentWithoutItsLine() {
    Build gone = moved(with(), paid(SCREEN, Move.What.PAID, 5_000));
    assertEquals(5_000, look(gone).spentMinor());
    assertEquals(5_000 + 9_600 + 1_120, look(gone).forecastMinor());
    OrderLine elsewhere = SCREEN.with(line -> line.category(CostCategory.FINISH_MATERIAL));
    Build moved = moved(with(elsewhere), paid(SCREEN, Move.What.PAID, 5_000));
    Budget budget = Samples.model(moved).budget();
    assertEquals(5_000, budget.spentMinor(), "counted once, whatever its line is called now");
  }

  @Test
  void currenciesAreWrittenAsPeopleDo() {
    assertEquals("USD", SCREEN.with(line -> line.currency(" usd")).currency());
    assertThrows(InvalidValue.class, () -> SCREEN.with(line -> line.currency("dollars")));
    assertThrows(InvalidValue.class, () -> SCREEN.with(line -> line.rate(1.1)));
  }
}
