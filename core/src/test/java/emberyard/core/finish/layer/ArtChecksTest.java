package emberyard.core.finish.layer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import java.util.List;
import org.junit.jupiter.api.Test;

class ArtChecksTest {
  @Test
  void aStrokeThatTearsIsMeasured() {
    Outline thin = Outline.of(Contour.rectangle(0, 0, 40, 0.5, 0));
    ArtChecks.Thin found = ArtChecks.thinnest(thin).orElseThrow();
    assertEquals(0.5, found.widthMm(), 0.06);
    assertTrue(found.xMm() > 0 && found.xMm() < 40);
    assertTrue(ArtChecks.thinnest(Outline.of(Contour.rectangle(0, 0, 40, 1.2, 0))).isEmpty());
    assertTrue(ArtChecks.thinnest(Outline.of(Contour.circle(5, 5, 9))).isEmpty());
  }

  @Test
  void aNeckInAWideShapeIsFoundWhereItIs() {
    Outline dumbbell =
        Plane.join(
            Plane.join(
                Outline.of(Contour.rectangle(0, 0, 10, 10, 0)),
                Outline.of(Contour.rectangle(20, 0, 10, 10, 0))),
            Outline.of(Contour.rectangle(9, 4.7, 12, 0.6, 0)));
    ArtChecks.Thin found = ArtChecks.thinnest(dumbbell).orElseThrow();
    assertEquals(15, found.xMm(), 5);
    assertEquals(5, found.yMm(), 0.4);
  }

  @Test
  void bridgesTieEveryIslandToItsSurroundings() {
    Outline letter =
        new Outline(
            List.of(Contour.circle(20, 20, 36)),
            List.of(Contour.circle(20, 20, 18), Contour.rectangle(30.5, 18, 4, 4, 0)));
    ArtChecks.Bridged bridged = ArtChecks.bridged(letter);
    assertEquals(4, bridged.bridges().size(), "two for each");
    assertEquals(0, bridged.outline().holes().size(), "no island is left");
    double lost = letter.areaMm2() - bridged.outline().areaMm2();
    assertTrue(lost > 0 && lost < 0.2 * letter.areaMm2(), "little is lost: " + lost);
  }
}
