package emberyard.core.fit.space;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Turn;
import emberyard.core.build.WiringBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A card that no slot holds asks for a riser that gets there, and a riser never feeds itself. */
class RiserTest extends Proof {
  private static final Port SLOT = new Port(PortKind.SLOT, 1, null, null);

  /** A board of 200 × 200 mm lies in a tray; 180 mm to its right is a bay for a card. */
  @BeforeEach
  void machine() {
    bays(380, Seat.FREE);
    components.add(
        plugged(
            part("board", ComponentKind.BOARD, 0, 0)
                .withBody(Body.box(200, 200, 20, List.of(Seat.BOARD), List.of(Turn.UPRIGHT))),
            List.of(),
            List.of(SLOT)));
  }

  private void bays(double cardFromMm, Seat seat) {
    enclosure =
        Enclosure.plain(
            "e",
            "Case",
            Enclosure.Origin.SCRATCH,
            new Size(800, 300, 300),
            List.of(
                Bay.of("tray", "Tray", new Box(0, 0, 0, 200, 200, 60), Face.TOP, Seat.BOARD),
                Bay.of("card", "Card", new Box(cardFromMm, 0, 0, 120, 200, 150), Face.TOP, seat),
                Bay.of("free", "Loose", new Box(600, 0, 0, 150, 200, 60), Face.TOP, Seat.FREE)),
            List.of());
  }

  private static Component plugged(Component of, List<Port> asks, List<Port> offers) {
    return of.withElectric(new Electric(null, null, asks, offers, List.of(), false, null));
  }

  private void card(Turn turn) {
    components.add(
        plugged(
            part("card", ComponentKind.GRAPHICS, 0, 0)
                .withBody(
                    Body.box(40, 200, 120, List.of(Seat.CARD), List.of(turn))
                        .withTurnReason("needs a riser")),
            List.of(SLOT),
            List.of()));
  }

  private void riser(double longMm, Integer folds) {
    components.add(
        plugged(
            part("riser", ComponentKind.RISER, 0, 0)
                .withBody(Body.box(30, 120, 20, List.of(Seat.FREE), List.of(Turn.UPRIGHT)))
                .withWiring(
                    WiringBuilder.builder().leadMm(longMm).folds(folds).refuses(List.of()).build()),
            List.of(SLOT),
            List.of(SLOT)));
  }

  @Test
  void aCardBesideItsSlotAsksForNone() {
    bays(200, Seat.FREE);
    card(Turn.UPRIGHT);
    assertTrue(work().findings().stream().noneMatch(f -> f.key().contains("/riser")));
  }

  /** Slots lie in a bay made for cards, wherever the drawing puts it. */
  @Test
  void norDoesOneInABayMadeForCards() {
    bays(380, Seat.CARD);
    card(Turn.UPRIGHT);
    assertTrue(work().findings().stream().noneMatch(f -> f.key().contains("/riser")));
  }

  /** Centred in its bay it stands 220 mm off: 220 + 2 folds of 20 mm. */
  @Test
  void oneThatStandsAwayAsksForOneOfThatLength() {
    card(Turn.UPRIGHT);
    Finding asked = found("component:card/riser").orElseThrow();
    assertEquals(Severity.STOP, asked.severity());
    assertEquals("card asks for a riser of 260.0 mm or more, folded twice", asked.title());
    riser(260, 2);
    assertTrue(found("component:card/riser").isEmpty());
    assertTrue(found("component:card/riser-length").isEmpty());
  }

  /** On its side it is 120 wide, at the wall of its bay: 180 + 1 fold; 0 + 1 beside the tray. */
  @Test
  void oneThatLiesDownAsksForOneAlsoAtTheSlots() {
    bays(380, Seat.CARD);
    card(Turn.ON_SIDE);
    assertEquals(
        "card asks for a riser of 200.0 mm or more, folded once",
        found("component:card/riser").orElseThrow().title());
    bays(200, Seat.CARD);
    assertEquals(
        "card asks for a riser of 20.0 mm or more, folded once",
        found("component:card/riser").orElseThrow().title());
    components.set(1, components.get(1).withBody(components.get(1).body().withTurnReason("")));
    assertTrue(found("component:card/riser").isEmpty(), "nobody says that it needs one to lie");
  }

  @Test
  void itsLengthAndFoldsAreJudged() {
    card(Turn.UPRIGHT);
    riser(200, 2);
    Finding shortOne = found("component:card/riser-length").orElseThrow();
    assertEquals(Severity.STOP, shortOne.severity());
    assertEquals("riser is too short for card", shortOne.title());
    components.remove(2);
    riser(300, 1);
    Finding stiff = found("component:card/riser-length").orElseThrow();
    assertEquals(Severity.RISK, stiff.severity());
    assertEquals("riser can’t be folded as often as card asks for", stiff.title());
    components.remove(2);
    riser(0, null);
    assertEquals(Severity.NOTE, found("component:card/riser-length").orElseThrow().severity());
  }

  /** Two cards and one riser: the longer way gets it, the other is asked about. */
  @Test
  void eachCardAsksForItsOwn() {
    card(Turn.UPRIGHT);
    riser(260, 2);
    components.add(components.get(1).withId("second").withName("second"));
    List<Finding> asked =
        work().findings().stream().filter(f -> f.key().endsWith("/riser")).toList();
    assertEquals(1, asked.size());
  }

  /** A riser on a board without slots fed itself, and nothing was missing. */
  @Test
  void aRiserFeedsNoSlotToItself() {
    components.set(0, plugged(components.get(0), List.of(), List.of()));
    riser(300, 2);
    assertEquals("1 × expansion slot missing", found("fit/fed/SLOT").orElseThrow().title());
    components.set(0, plugged(components.get(0), List.of(), List.of(SLOT)));
    card(Turn.UPRIGHT);
    assertTrue(found("fit/fed/SLOT").isEmpty(), "the board feeds the riser, the riser the card");
  }
}
