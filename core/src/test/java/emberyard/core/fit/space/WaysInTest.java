package emberyard.core.fit.space;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.build.Spot;
import emberyard.core.build.Turn;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import emberyard.core.workshop.HardwareProduct;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Ways in that help, cost what they cost, and destroy nothing that is wanted. */
class WaysInTest extends Proof {
  /** A seat 400 × 300 × 200 mm: a space under the cushion, and a tray behind it. */
  @BeforeEach
  void seat() {
    seat(
        Bay.of("front", "Under the cushion", new Box(0, 0, 0, 150, 180, 60), Face.TOP, Seat.BOARD),
        Bay.of(
            "rear",
            "Rear tray",
            new Box(0, 190, 0, 400, 100, 60),
            Face.TOP,
            Seat.SUPPLY,
            Seat.CARD));
  }

  private void seat(Bay... bays) {
    enclosure =
        Enclosure.plain(
            "e",
            "Seat",
            Enclosure.Origin.FURNITURE,
            new Size(400, 200, 300),
            List.of(bays),
            List.of());
  }

  private static Component card(String id, Turn... turns) {
    return part(id, ComponentKind.GRAPHICS, 0, 0)
        .withBody(Body.box(40, 95, 120, List.of(Seat.CARD), List.of(turns)));
  }

  private static Component board(double deepMm) {
    return part("b", ComponentKind.BOARD, 0, 0)
        .withBody(
            Body.box(140, deepMm, 20, List.of(Seat.BOARD), List.of(Turn.UPRIGHT))
                .withSpots(List.of(new Spot(Seat.ON_PROCESSOR, 70, 60, 20))));
  }

  private List<String> ways(String key) {
    return found(key).orElseThrow().remedies().stream().map(Remedy::label).toList();
  }

  /** The board's cooler had no spot, and so no way at all was found into the box. */
  @Test
  void aSecondMisfitTakesNoWayFromTheFirst() {
    components.add(card("card", Turn.UPRIGHT));
    List<String> alone = ways("component:card/place");
    assertTrue(alone.contains("Let it lie on its side"), alone.toString());
    components.add(board(200));
    components.add(boxed("cooler", ComponentKind.COOLER, 60, 60, 30, Seat.ON_PROCESSOR));
    assertTrue(found("component:b/place").isPresent());
    assertEquals(alone, ways("component:card/place"));
  }

  /** The tray looked unused because what belongs into it didn't go in yet. */
  @Test
  void theOnlyBayOfWhatDoesNotFitYetStays() {
    components.add(card("card", Turn.UPRIGHT));
    components.add(board(185));
    assertTrue(
        ways("component:b/place").stream()
            .noneMatch(way -> way.startsWith("Cut “Rear tray” away")));
  }

  @Test
  void aCutIntoTheBayBesideItIsSaid() {
    components.add(board(200));
    List<String> ways = ways("component:b/place");
    assertTrue(
        ways.contains("Cut “Under the cushion” 20.0 mm deeper, into “Rear tray”"), ways.toString());
    Bay front = enclosure.bays().get(0);
    enclosure = enclosure.with(front.with(front.change().larger(1, 20)));
    Finding through = found("enclosure:e/bay-front/through-rear").orElseThrow();
    assertEquals(Severity.RISK, through.severity());
    assertEquals("“Under the cushion” and “Rear tray” share 10.0 mm", through.title());
  }

  @Test
  void baysMeasuredThroughEachOtherAreNoted() {
    seat(
        Bay.of("a", "A", new Box(0, 0, 0, 200, 100, 60), Face.TOP, Seat.FREE),
        Bay.of("b", "B", new Box(170, 0, 0, 200, 100, 60), Face.TOP, Seat.FREE));
    assertEquals(Severity.NOTE, found("enclosure:e/bay-a/through-b").orElseThrow().severity());
    seat(
        Bay.of("a", "A", new Box(0, 0, 0, 200, 100, 60), Face.TOP, Seat.FREE),
        Bay.of("b", "B", new Box(200, 0, 0, 200, 100, 60), Face.TOP, Seat.FREE));
    assertTrue(found("enclosure:e/bay-a/through-b").isEmpty());
  }

  /** A card of the same size is no cure where the client's own may lie down. */
  @Test
  void theSameSizeIsNoCureAndWhatIsNotBoughtSavesNothing() {
    components.add(
        card("card", Turn.UPRIGHT).with().source(Source.CLIENT).priceMinor(38_000).build());
    library.add(listed("same", 95, 120, Turn.ON_SIDE));
    library.add(listed("small", 90, 55, Turn.UPRIGHT));
    List<Remedy> ways = found("component:card/place").orElseThrow().remedies();
    assertEquals("Let it lie on its side", ways.get(0).label(), "it costs nothing");
    Remedy buy = ways.get(1);
    assertEquals("Buy small instead, 40 × 90 × 55 mm", buy.label());
    assertEquals(32_900, buy.priceMinor());
    assertNull(buy.change(), "the client is asked first");
    assertTrue(ways.stream().noneMatch(way -> way.label().contains("same")));
    components.set(0, card("card", Turn.UPRIGHT));
    Remedy take = found("component:card/place").orElseThrow().remedies().get(0);
    assertEquals(22_900, take.priceMinor(), "329 less the 100 that are not spent");
    assertNotNull(take.change());
    assertFalse(take.label().startsWith("Buy"));
  }

  private static HardwareProduct listed(String id, double deepMm, double highMm, Turn turn) {
    return new HardwareProduct(
        id,
        id,
        ComponentKind.GRAPHICS,
        32_900,
        "quay",
        1,
        0,
        0,
        0,
        0,
        0,
        0,
        null,
        null,
        "",
        Body.box(40, deepMm, highMm, List.of(Seat.CARD), List.of(turn)),
        null,
        null,
        null);
  }

  /**
   * A supply pinned in the middle of the tray leaves 125 mm on either side: a card 200 wide waits.
   */
  @Test
  void whatAHandPutInTheWayMayLieElsewhere() {
    Component supply =
        part("s", ComponentKind.SUPPLY, 0, 450)
            .withBody(Body.box(150, 90, 50, List.of(Seat.SUPPLY), List.of(Turn.UPRIGHT)));
    Component wide =
        part("g", ComponentKind.GRAPHICS, 0, 0)
            .withBody(Body.box(200, 95, 50, List.of(Seat.CARD), List.of(Turn.UPRIGHT)));
    components.add(
        supply.withFitted(supply.fitted().at(new Fitted.Pin("rear", Turn.UPRIGHT, 125, 190, 0))));
    components.add(wide);
    String way = "Let s be placed where there is room";
    assertTrue(ways("component:g/place").contains(way), ways("component:g/place").toString());
    components.set(0, supply);
    assertTrue(found("component:g/place").isEmpty());
  }
}
