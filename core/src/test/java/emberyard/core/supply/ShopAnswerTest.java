package emberyard.core.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Ledger;
import emberyard.core.finding.Finding;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.supply.ShopAnswer.Part;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What shops say moves lines on, splits them and asks for money; never more than they were. */
class ShopAnswerTest {
  private static final LocalDate TODAY = Samples.MONDAY;
  private static final OrderLine SCREENS =
      Samples.order("screen:d1", State.ORDERED, TODAY.plusDays(5))
          .with(line -> line.quantity(4).unitPriceMinor(1_000).deliveryMinor(490L));

  private static Part part(double quantity, State state, int inDays, String code) {
    return new Part(quantity, state, TODAY.plusDays(inDays), code);
  }

  private static Build with(OrderLine... lines) {
    return Samples.build().with(OrderLine.class, List.of(lines)).with(Move.class, List.of());
  }

  /** The build with what was said kept in it. */
  private static Build kept(Build build, List<Thing> news) {
    List<OrderLine> lines = new ArrayList<>(build.orders());
    List<Move> moves = new ArrayList<>(build.moves());
    for (Thing each : news) {
      if (each instanceof OrderLine line) {
        if (lines.stream().noneMatch(other -> other.id().equals(line.id()))) {
          lines.add(line);
        }
        lines.replaceAll(other -> other.id().equals(line.id()) ? line : other);
      } else {
        moves.add((Move) each);
      }
    }
    return build.with(OrderLine.class, lines).with(Move.class, moves);
  }

  private static ShopAnswer says(Part... parts) {
    return new ShopAnswer(SCREENS.id(), SCREENS.unitPriceMinor(), List.of(parts));
  }

  private static Build paid(Build build, long minor) {
    OrderLine line = build.orders().get(0);
    Move paid =
        new Move("m1", line.id(), line.category(), "quay", Move.What.PAID, minor, TODAY, "", "");
    return build.with(Move.class, List.of(paid));
  }

  @Test
  void aShopConfirmsSendsAndSaysWhereItIs() {
    Build build = with(SCREENS);
    build = kept(build, says(part(4, State.CONFIRMED, 6, "")).news(build, TODAY));
    assertEquals(State.CONFIRMED, build.orders().get(0).state());
    assertEquals(TODAY.plusDays(6), build.orders().get(0).expectedOn());
    build = kept(build, says(part(4, State.SHIPPED, 7, "q-1")).news(build, TODAY));
    assertEquals("q-1", build.orders().get(0).trackingCode());
    assertEquals(List.of(), says(part(4, State.SHIPPED, 7, "q-1")).news(build, TODAY));
  }

  @Test
  void whatIsInTheHandIsNotTheShopsToSay() {
    OrderLine here = SCREENS.onTo(State.RECEIVED, TODAY, "ines");
    Part late = part(4, State.BACK_ORDERED, 30, "");
    assertEquals(List.of(), says(late).news(with(here), TODAY));
    OrderLine cancelled = SCREENS.withState(State.CANCELLED);
    assertEquals(List.of(), says(late).news(with(cancelled), TODAY));
    OrderLine sent = SCREENS.withState(State.SHIPPED);
    Build build = with(sent);
    build = kept(build, says(part(4, State.CONFIRMED, 5, "")).news(build, TODAY));
    assertEquals(State.SHIPPED, build.orders().get(0).state());
  }

  @Test
  void threeComeNowAndOneLaterAndWhatWasPaidGoesAlong() {
    Build build = paid(with(SCREENS), 4_000);
    ShopAnswer parts = says(part(3, State.CONFIRMED, 5, ""), part(1, State.BACK_ORDERED, 9, ""));
    Build split = kept(build, parts.news(build, TODAY));
    assertEquals(2, split.orders().size());
    OrderLine first = split.orders().get(0);
    OrderLine rest = split.orders().get(1);
    assertEquals(3, first.quantity());
    assertEquals(1, rest.quantity());
    assertEquals(first.id(), rest.partOf());
    assertEquals(State.BACK_ORDERED, rest.state());
    assertEquals(TODAY.plusDays(9), rest.expectedOn());
    assertEquals(490L, first.deliveryMinor() + rest.deliveryMinor());
    Ledger ledger = new Ledger(split);
    assertEquals(3_000, ledger.spentMinor(first));
    assertEquals(1_000, ledger.spentMinor(rest));
    assertEquals(List.of(), parts.news(split, TODAY));
    ShopAnswer on = says(part(3, State.SHIPPED, 5, "q-1"), part(1, State.SHIPPED, 9, "q-2"));
    Build sent = kept(split, on.news(split, TODAY));
    assertEquals(
        List.of("q-1", "q-2"), sent.orders().stream().map(OrderLine::trackingCode).toList());
  }

  @Test
  void partsThatDontAddUpSplitNothing() {
    Build build = with(SCREENS);
    ShopAnswer odd = says(part(3, State.CONFIRMED, 5, ""), part(3, State.CONFIRMED, 9, ""));
    assertEquals(1, kept(build, odd.news(build, TODAY)).orders().size());
  }

  @Test
  void anotherPriceIsAFindingUntilSomebodyAnswers() {
    ShopAnswer dearer = new ShopAnswer(SCREENS.id(), 1_080L, List.of());
    Build build = with(SCREENS.withQuantity(1).withUnitPriceMinor(9_600));
    build = kept(build, dearer.news(build, TODAY));
    assertEquals(9_600, build.orders().get(0).unitPriceMinor());
    Finding asked = price(build);
    assertTrue(OrderBook.tellsPrices(asked));
    assertEquals("Agree to €10.80", asked.remedies().get(0).label());
    assertEquals(1_080, asked.remedies().get(0).change().value());
    Build agreed = with(build.orders().get(0).withUnitPriceMinor(1_080));
    assertFalse(agreed.orders().get(0).priceOpen());
    OrderLine foreign = build.orders().get(0).with(line -> line.currency("XYZ").rate(0.5));
    assertEquals("Agree to 10.80 XYZ", price(with(foreign)).remedies().get(0).label());
  }

  private static Finding price(Build build) {
    return Samples.model(build).findings().stream()
        .filter(OrderBook::tellsPrices)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aPartIsMoreThanNothingAndLessThanAll() {
    Build build = with(SCREENS);
    for (double odd : new double[] {0, 4, 5, -1, Double.NaN}) {
      assertThrows(
          InvalidValue.class, () -> Split.of(build, SCREENS, odd, "rest", TODAY), "" + odd);
    }
    assertThrows(InvalidValue.class, () -> part(1, State.CHECKED, 1, ""));
  }

  /** However often and wherever it is split: the same amount, the same money, to the cent. */
  @Test
  void nothingIsLostByAnyNumberOfSplits() {
    for (int seed = 0; seed < 300; seed++) {
      Random random = new Random(seed);
      OrderLine line =
          SCREENS.with(
              each ->
                  each.quantity(1 + random.nextInt(50))
                      .unitPriceMinor(random.nextInt(5_000))
                      .deliveryMinor(random.nextBoolean() ? null : (long) random.nextInt(900)));
      Build build = with(line);
      if (line.totalMinor() > 0 && random.nextBoolean()) {
        build = paid(build, 1 + random.nextInt((int) line.totalMinor()));
      }
      Ledger before = new Ledger(build);
      long spent = before.spentMinor(line);
      long fee = before.deliveriesMinor(line.supplierId(), 490);
      for (int n = 0; n < 1 + random.nextInt(4); n++) {
        OrderLine each = build.orders().get(random.nextInt(build.orders().size()));
        double quantity = each.quantity() * (0.1 + 0.8 * random.nextDouble());
        Split split = Split.of(build, each, quantity, "part-" + n, TODAY);
        List<Thing> news = new ArrayList<>(List.of(split.first(), split.rest()));
        news.addAll(split.moves());
        build = kept(build, news);
      }
      Ledger after = new Ledger(build);
      String why = "seed " + seed;
      double all = build.orders().stream().mapToDouble(OrderLine::quantity).sum();
      assertEquals(line.quantity(), all, 1e-5, why);
      assertEquals(spent, build.orders().stream().mapToLong(after::spentMinor).sum(), why);
      assertEquals(fee, after.deliveriesMinor(line.supplierId(), 490), why);
    }
  }
}
