package emberyard.core.fit.space;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Loop;
import emberyard.core.build.Seat;
import emberyard.core.build.Size;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.build.WiringBuilder;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.Proof;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Tubes reach from bay to bay, or it is said by how much they don't. */
class TubeTest extends Proof {
  /** Bays of 100 × 100 × 60 mm at 0, 300 and 900 mm, each full of what lies in it. */
  @BeforeEach
  void threeBays() {
    enclosure =
        Enclosure.plain(
            "e",
            "Seat",
            Enclosure.Origin.SCRATCH,
            new Size(1_200, 200, 200),
            List.of(
                Bay.of("a", "Front", new Box(0, 0, 0, 100, 100, 60), Face.TOP, Seat.BOARD),
                Bay.of("b", "Middle", new Box(300, 0, 0, 100, 100, 60), Face.TOP, Seat.DRIVE),
                Bay.of("c", "Rear", new Box(900, 0, 0, 100, 100, 60), Face.TOP, Seat.RADIATOR)),
            List.of());
  }

  private static Component full(String id, ComponentKind kind, Seat seat) {
    return part(id, kind, 0, 0)
        .withBody(Body.box(100, 100, 60, List.of(seat), List.of(Turn.UPRIGHT)));
  }

  private void loop(double... lengthsMm) {
    components.add(full("block", ComponentKind.BLOCK, Seat.BOARD));
    components.add(full("pump", ComponentKind.PUMP, Seat.DRIVE));
    components.add(full("radiator", ComponentKind.RADIATOR, Seat.RADIATOR));
    List<Loop.Run> runs = new ArrayList<>();
    for (double length : lengthsMm) {
      runs.add(new Loop.Run("run " + runs.size(), length, 10, 2, "", ""));
    }
    loops.add(new Loop("l", "Loop", List.of("block", "pump", "radiator"), runs, 0, ""));
  }

  private List<Finding> said() {
    return work().findings().stream().filter(each -> each.key().endsWith("/tubes")).toList();
  }

  /** 200 mm to the pump, 500 to the radiator, 800 back: 1,500 mm. */
  @Test
  void aLoopAsksForTubeOnceRound() {
    loop(200, 500, 799);
    Finding said = said().get(0);
    assertEquals(Severity.RISK, said.severity());
    assertEquals(
        "The tubes of Loop don’t reach: 1499.0 mm typed, 1500.0 mm or more wanted", said.title());
    loops.clear();
    components.clear();
    loop(200, 500, 800);
    assertEquals(List.of(), said());
  }

  /** Long enough together, but no single one gets over to the radiator. */
  @Test
  void someTubeReachesTheFarthest() {
    loop(499, 499, 499, 499);
    assertEquals("No tube of Loop reaches 500.0 mm", said().get(0).title());
  }

  @Test
  void whatNobodyTypedIsAskedFor() {
    loop();
    assertEquals(Severity.NOTE, said().get(0).severity());
    assertTrue(said().get(0).title().contains("1500.0 mm of tube"), said().get(0).title());
  }

  private void filled(double tubesMm) {
    components.add(full("board", ComponentKind.BOARD, Seat.BOARD));
    components.add(part("chip", ComponentKind.PROCESSOR, 65, 0));
    components.add(
        full("cooler", ComponentKind.COOLER, Seat.RADIATOR)
            .withThermal(new Thermal(null, 0.24, 1, 120, 30, 1_400, 0.1, 0.3, 95, 120, null))
            .withWiring(WiringBuilder.builder().leadMm(tubesMm).refuses(List.of()).build()));
  }

  /** From the board’s bay to the rear 800 mm; usual tubes have 400. */
  @Test
  void aCoolerThatComesFilledReachesItsChip() {
    filled(0);
    assertEquals(Severity.RISK, said().get(0).severity());
    assertEquals("The tubes of cooler don’t reach chip", said().get(0).title());
    components.clear();
    filled(799);
    assertEquals(Severity.STOP, said().get(0).severity());
    components.clear();
    filled(800);
    assertEquals(List.of(), said());
  }

  /** Against all orders written out one by one; the order of the list means nothing. */
  @Test
  void noOrderIsShorterThanTheShortest() {
    Random random = new Random(9);
    for (int round = 0; round < 100; round++) {
      List<Box> boxes = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        boxes.add(
            new Box(random.nextInt(900), random.nextInt(300), random.nextInt(300), 60, 60, 60));
      }
      double told = ShortestRing.mm(boxes);
      double least = Double.MAX_VALUE;
      for (int shuffle = 0; shuffle < 200; shuffle++) {
        Collections.shuffle(boxes, random);
        double ring = 0;
        for (int i = 0; i < boxes.size(); i++) {
          ring += boxes.get(i).wayMm(boxes.get((i + 1) % boxes.size()));
        }
        least = Math.min(least, ring);
      }
      assertEquals(least, told, 1e-9);
      assertEquals(told, ShortestRing.mm(boxes), 1e-9);
    }
  }
}
