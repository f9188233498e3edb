package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.Lights;
import emberyard.core.build.Look;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.fit.Proof;
import emberyard.core.fit.space.LitPiece;
import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lights of placed hardware on the faces near which it sits, without being typed again. */
class LitFacesTest {
  private static final Enclosure CASE = Proof.box(300, List.of(), List.of());
  private Fitted fitted = Fitted.ANYHOW;

  private Build build(ComponentKind kind) {
    Component lit =
        Component.one("c", "Lit thing", kind)
            .lights(new Lights(8, null, null))
            .fitted(fitted)
            .build();
    Build plain = Samples.build();
    return plain
        .with(plain.design().looking(new Look(List.of(), List.of(), CASE.size()), List.of()))
        .with(Enclosure.class, List.of(CASE))
        .with(Component.class, List.of(lit));
  }

  private List<ElevationItem> on(Face face, ComponentKind kind, Box... boxes) {
    Build build = build(kind);
    List<LitPiece> pieces = List.of(boxes).stream().map(box -> new LitPiece("c", box)).toList();
    return LitFaces.on(Elevation.of(build, Samples.book()), build, pieces).stream()
        .filter(each -> each.face() == face)
        .flatMap(each -> each.items().stream())
        .filter(each -> each.id().startsWith(LitFaces.PREFIX))
        .toList();
  }

  @Test
  void aFanGlowsAsARingOnTheFaceItLooksThrough() {
    Box fan = new Box(40, 5, 60, 120, 25, 120);
    List<ElevationItem> front = on(Face.FRONT, ComponentKind.FAN, fan);
    assertEquals(1, front.size());
    ElevationItem ring = front.get(0);
    assertEquals(ItemKind.LIGHT_RUN, ring.kind());
    assertEquals(Layer.BEHIND, ring.layer());
    assertEquals(new Rect(40, 60, 120, 120), ring.place());
    assertEquals("c", ring.of().id());
    for (Stretch each : ring.lit()) {
      assertEquals(0.42 * 120, Math.hypot(each.fromXMm() - 100, each.fromYMm() - 120), 1e-6);
    }
    assertEquals(List.of(), on(Face.LEFT, ComponentKind.FAN, fan), "not along its thickness");
    assertEquals(List.of(), on(Face.BACK, ComponentKind.FAN, fan), "too far behind that");
  }

  @Test
  void threeFansAreThreeRings() {
    List<ElevationItem> front =
        on(
            Face.FRONT,
            ComponentKind.FAN,
            new Box(0, 5, 0, 90, 25, 90),
            new Box(0, 5, 95, 90, 25, 90),
            new Box(0, 5, 190, 90, 25, 90));
    assertEquals(3, front.stream().map(ElevationItem::id).distinct().count());
  }

  @Test
  void aRadiatorHasARingForEachOfItsFans() {
    ElevationItem three =
        on(Face.FRONT, ComponentKind.RADIATOR, new Box(10, 0, 10, 90, 27, 270)).get(0);
    assertEquals(3 * 32, three.lit().size());
    assertEquals(3, three.art().chars().filter(letter -> letter == 'M').count());
  }

  @Test
  void otherThingsGlowWhereTheyAreWanted() {
    Box memory = new Box(30, 20, 100, 8, 133, 51);
    assertEquals(1, on(Face.LEFT, ComponentKind.MEMORY, memory).size());
    fitted = new Fitted(null, "", "", null, Face.FRONT);
    assertEquals(List.of(), on(Face.LEFT, ComponentKind.MEMORY, memory));
    ElevationItem bar = on(Face.FRONT, ComponentKind.MEMORY, memory).get(0);
    assertEquals(1, bar.lit().size());
    assertTrue(bar.id().startsWith(LitFaces.PREFIX));
  }
}
