package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bay;
import emberyard.core.build.Body;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Fitted.Pin;
import emberyard.core.build.HoleField;
import emberyard.core.build.Opening;
import emberyard.core.build.PostMaterial;
import emberyard.core.build.Seat;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.build.Worksheet;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.fit.power.Power;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.space.PlaceQuestion;
import emberyard.core.geometry.Box;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Answers that once said "fits", "enough" or nothing where it does not, is not, or burns. */
class UnsafeSideTest extends Proof {
  private static final Bay BAY =
      Bay.of("bay", "Bay", new Box(0, 0, 0, 100, 100, 100), Face.TOP, Seat.FREE);

  private static PlaceQuestion.Thing pinned(String id, String bay, Turn turn, double x) {
    Body body = new Body(40, 40, 30, List.of(), List.of(), List.of(Turn.UPRIGHT), "", List.of());
    return new PlaceQuestion.Thing(id, id, body, new Pin(bay, turn, x, 0, 0));
  }

  private static Map<String, List<String>> faults(PlaceQuestion.Thing... things) {
    PlaceQuestion.Answer answer = new PlaceQuestion(List.of(BAY), List.of(things)).solve();
    assertEquals(answer.pinFaults().isEmpty(), answer.fits());
    return answer.pinFaults();
  }

  @Test
  void pinsAreTestedNotBelieved() {
    assertEquals(Map.of(), faults(pinned("a", "bay", Turn.UPRIGHT, 60)));
    assertEquals(
        Map.of("a", List.of("sticks out of “Bay”")), faults(pinned("a", "bay", Turn.UPRIGHT, 90)));
    Map<String, List<String>> both =
        faults(pinned("a", "bay", Turn.UPRIGHT, 0), pinned("b", "bay", Turn.UPRIGHT, 10));
    assertEquals(Map.of("a", List.of("overlaps b"), "b", List.of("overlaps a")), both);
    assertTrue(
        faults(pinned("a", "attic", Turn.UPRIGHT, 0))
            .get("a")
            .get(0)
            .contains("not there, “attic”"));
    assertTrue(
        faults(pinned("a", "bay", Turn.ON_SIDE, 0))
            .get("a")
            .contains("is turned as it must not lie"));
  }

  @Test
  void beyondTheLargestSupplyItSaysSo() {
    Power power =
        Power.of(
            List.of(
                part("g", ComponentKind.GRAPHICS, 3_000, 0),
                part("h", ComponentKind.GRAPHICS, 3_000, 0)),
            0);
    assertEquals(7_500, power.wantedWatts(), 1e-9);
    assertNull(power.standardWatts());
    assertTrue(power.sizeWords().contains("no usual size"));
    PowerBudget budget = PowerBudget.of(List.of(), List.of(), List.of(), 60);
    assertTrue(
        budget.power().why().inputs().stream().anyMatch(line -> line.contains("lights 60 W")),
        budget.power().why().inputs().toString());
  }

  @Test
  void whatADrawOfNothingMeansIsAsked() {
    components.add(part("gpu", ComponentKind.GRAPHICS, 0, 0));
    assertEquals(Severity.RISK, found("fit/watts-not-known").orElseThrow().severity());
    components.set(0, part("gpu", ComponentKind.GRAPHICS, 200, 0));
    assertTrue(found("fit/watts-not-known").isEmpty());
    assertTrue(found("component:gpu/heat-not-known").isPresent());
    components.set(0, components.get(0).withThermal(Thermal.chip(90)));
    assertTrue(found("component:gpu/heat-not-known").isEmpty());
  }

  @Test
  void aClosedBoxWithHeatIsNeverSilent() {
    Opening grille = new Opening("g", "Grille", Face.FRONT, 10, 10, 120, 120, null, false);
    components.add(part("p", ComponentKind.PROCESSOR, 150, 0).withThermal(Thermal.chip(95)));
    enclosure = box(300, List.of(BAY), List.of());
    Finding closed = found("fit/closed-case").orElseThrow();
    assertEquals(Severity.STOP, closed.severity());
    assertTrue(closed.title().startsWith("150 W stay in"), closed.title());
    enclosure = box(300, List.of(BAY), List.of(grille.closed()));
    closed = found("fit/closed-case").orElseThrow();
    assertEquals("Open “Grille” again", closed.remedies().get(0).label());
    enclosure = box(300, List.of(BAY), List.of(grille));
    assertTrue(found("fit/closed-case").isEmpty());
  }

  @Test
  void aCoolerSaysWhereItsAirComesFrom() {
    Opening grille =
        new Opening(
            "g",
            "Grille",
            Face.FRONT,
            10,
            10,
            120,
            120,
            new HoleField(HoleField.Pattern.SQUARE, 5, 6, 0),
            false);
    enclosure = box(300, List.of(BAY), List.of(grille));
    components.add(part("p", ComponentKind.PROCESSOR, 100, 0).withThermal(Thermal.chip(95)));
    Thermal tower = new Thermal(null, 0.30, 0, 0, 0, 1_200, 0, 0, 60, 120, null);
    components.add(part("c", ComponentKind.COOLER, 0, 0).withThermal(tower));
    assertEquals("inside the case", fit().model().cooling().circuits().get(0).airFrom());
    assertTrue(chipC() > 22 + 0.30 * 100 + 3, "what the case warms its air by: " + chipC());
    components.set(
        1, components.get(1).withFitted(new Fitted(null, "p", "g", Fitted.Air.INTAKE, null)));
    assertEquals("through “Grille”", fit().model().cooling().circuits().get(0).airFrom());
    assertEquals(22 + 0.30 * 100, chipC(), 1e-9);
  }

  private double chipC() {
    return fit().model().cooling().circuits().get(0).normal().chips().get(0).temperatureC();
  }

  @Test
  void anEnclosureNobodyWeighedIsSaid() {
    components.add(part("p", ComponentKind.PROCESSOR, 100, 0));
    Finding found = found("fit/unweighed").orElseThrow();
    assertEquals("The mass of Case is not known", found.title());
    components.add(part("case", ComponentKind.ENCLOSURE, 0, 0));
    assertTrue(found("fit/unweighed").isEmpty());
  }

  @Test
  void postsWithoutALoadAreNotCalledSafe() {
    Worksheet.Standoffs bare =
        new Worksheet.Standoffs(4, 3.3, 60, 0.0, 0.0, PostMaterial.MILD_STEEL, true);
    sheets.add(new Worksheet("posts", "Posts", null, null, bare));
    Finding found = found("worksheet:posts").orElseThrow();
    assertEquals(Severity.NOTE, found.severity());
    assertTrue(found.title().contains("not known"), found.title());
    assertFalse(fit().model().worksheets().get(0).standoffs().holds());
  }
}
