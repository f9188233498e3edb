package emberyard.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import emberyard.core.elevation.Elevation;
import emberyard.core.thing.Thing;
import emberyard.core.yard.Samples;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** There is one outer size: a wish until an enclosure is chosen, then the enclosure's. */
class OuterSizeTest {
  private static final Size WISH = new Size(320, 420, 250);

  private static Enclosure enclosure() {
    return new Enclosure(
        "e",
        "Case",
        Enclosure.Origin.BOUGHT,
        "",
        300,
        240,
        400,
        List.of(),
        List.of(),
        List.of(),
        null,
        null,
        null,
        null,
        22,
        32);
  }

  private static Panel panel(Face face, double wide, double high) {
    return new Panel(
        "p-" + face,
        "Part",
        face,
        "clear-3",
        wide,
        high,
        1,
        null,
        null,
        CutMethod.LASER,
        0,
        null,
        null);
  }

  private static Design design(Size wish, Thing... things) {
    return Design.of(new Look(List.of(), List.of(), wish), List.of(things));
  }

  @Test
  void theWishHoldsUntilAnEnclosureIsChosen() {
    assertNull(design(null).outerSize());
    assertEquals(WISH, design(WISH, panel(Face.LEFT, 600, 600)).outerSize());
    assertEquals(new Size(300, 400, 240), design(WISH, enclosure()).outerSize());
    assertEquals(new Size(300, 400, 240), design(null, enclosure()).outerSize());
  }

  /** Width, height and depth with one part of 350 × 450 mm on a case of 300 × 400 × 240. */
  @ParameterizedTest
  @CsvSource({
    "FRONT, 350, 450, 240",
    "BACK, 350, 450, 240",
    "LEFT, 300, 450, 350",
    "RIGHT, 300, 450, 350",
    "TOP, 350, 400, 450",
    "BOTTOM, 350, 400, 450",
  })
  void aPartLargerThanItsFaceSticksOut(Face face, double width, double height, double depth) {
    assertEquals(
        new Size(width, height, depth),
        design(WISH, enclosure(), panel(face, 350, 450)).outerSize());
    assertEquals(
        new Size(300, 400, 240), design(WISH, enclosure(), panel(face, 200, 200)).outerSize());
  }

  @Test
  void theFacesFollow() {
    Build b = Samples.build();
    List<Thing> things = new ArrayList<>(List.of(b.brief()));
    things.add(Concept.open(b.id(), new Look(List.of(), List.of(), WISH)));
    assertEquals(420, face(Build.of(things), Face.LEFT).heightMm());
    things.add(enclosure());
    assertEquals(400, face(Build.of(things), Face.LEFT).heightMm());
    assertEquals(240, face(Build.of(things), Face.LEFT).widthMm());
    things.add(panel(Face.RIGHT, 240, 430));
    assertEquals(430, face(Build.of(things), Face.LEFT).heightMm());
  }

  private static Elevation face(Build build, Face face) {
    return Elevation.of(build, Samples.book()).stream()
        .filter(each -> each.face() == face)
        .findFirst()
        .orElseThrow();
  }
}
