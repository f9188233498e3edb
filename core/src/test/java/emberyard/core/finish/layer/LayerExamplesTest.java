package emberyard.core.finish.layer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Coating;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The handbook's three ways to red lines in a black field on clear sheet. */
class LayerExamplesTest {
  static final SheetOptic CLEAR = new SheetOptic(Colour.hex("#FFFFFF"), 0.92, 3);
  static final SheetOptic BLACK_SHEET = new SheetOptic(Colour.hex("#161616"), 0, 3);
  private static final String RED = "#B3202A";
  private static final String BLACK = "#151515";
  private static final Set<String> LINES = Set.of("lines");
  private static final Set<String> FIELD = Set.of();

  private static LayerStep coats(String id, Side side, int n) {
    return LayerStep.coats(id + side, side, LayerOp.PAINT, id, n);
  }

  private static LayerStep op(LayerOp op, Side side, String... shapes) {
    return LayerStep.on(op + "-" + side, side, op, List.of(shapes));
  }

  static LayerStack stack(
      SheetOptic sheet, Side from, Map<String, String> wanted, LayerStep... steps) {
    Map<String, LayerStack.Wanted> shapes = new LinkedHashMap<>();
    wanted.forEach(
        (name, hex) -> {
          if (!name.isEmpty()) {
            shapes.put(name, new LayerStack.Wanted(name, hex));
          }
        });
    return new LayerStack(
        sheet,
        List.of(steps),
        shapes,
        wanted.get(""),
        from,
        Map.of(
            "red", Coating.paint("red", Colour.hex(RED), 0.85),
            "black", Coating.paint("black", Colour.hex(BLACK), 0.97),
            "cream", Coating.paint("cream", Colour.hex("#EDE3C4"), 0.72),
            "green", Coating.paint("green", Colour.hex("#2E4A45"), 0.88)),
        LayerStack.INSIDE,
        LightOn.USUAL);
  }

  private static void shows(String hex, LayerStack stack, Set<String> region, Side from) {
    double off = stack.shown(region, from).deltaE00(Colour.hex(hex));
    assertTrue(off < 2.5, region + " from " + from + ": " + stack.shown(region, from) + " " + off);
  }

  private static final Map<String, String> WANTED = Map.of("lines", RED, "", BLACK);

  @Test
  void oneFaceSeenFromBehind() {
    LayerStack stack =
        stack(
            CLEAR,
            Side.BACK,
            WANTED,
            coats("red", Side.BACK, 3),
            op(LayerOp.STENCIL, Side.BACK, "lines"),
            coats("black", Side.BACK, 3),
            op(LayerOp.PEEL, Side.BACK, "lines"));
    shows(RED, stack, LINES, Side.BACK);
    shows(BLACK, stack, FIELD, Side.BACK);
    shows(RED, stack, LINES, Side.FRONT);
    shows(RED, stack, FIELD, Side.FRONT);
  }

  @Test
  void oneFaceSeenThroughTheSheet() {
    LayerStack stack =
        stack(
            CLEAR,
            Side.FRONT,
            WANTED,
            op(LayerOp.STENCIL, Side.BACK, "lines"),
            coats("black", Side.BACK, 3),
            op(LayerOp.PEEL, Side.BACK, "lines"),
            coats("red", Side.BACK, 3));
    shows(RED, stack, LINES, Side.FRONT);
    shows(BLACK, stack, FIELD, Side.FRONT);
    assertTrue(stack.worst(List.of(Region.named(LINES), Region.named(FIELD))) < 2.5);
  }

  @Test
  void twoFaces() {
    LayerStack stack =
        stack(
            CLEAR,
            Side.FRONT,
            WANTED,
            coats("red", Side.BACK, 3),
            op(LayerOp.STENCIL, Side.FRONT, "lines"),
            coats("black", Side.FRONT, 3),
            op(LayerOp.PEEL, Side.FRONT, "lines"));
    shows(RED, stack, LINES, Side.FRONT);
    shows(BLACK, stack, FIELD, Side.FRONT);
    shows(RED, stack, LINES, Side.BACK);
    shows(RED, stack, FIELD, Side.BACK);
  }

  @Test
  void theStencilsOwnColourMattersOnlyWhereItIsLeft() {
    LayerStack left =
        stack(
            CLEAR,
            Side.FRONT,
            WANTED,
            coats("red", Side.FRONT, 3),
            op(LayerOp.STENCIL, Side.FRONT, "lines"),
            coats("black", Side.FRONT, 3));
    shows(BLACK, left, LINES, Side.FRONT);
    assertEquals(1, LayerChecks.stencilsLeft(left.steps()).size());
    List<LayerStep> peeled = new ArrayList<>(left.steps());
    peeled.add(op(LayerOp.PEEL, Side.FRONT));
    shows(RED, left.with(peeled), LINES, Side.FRONT);
    assertTrue(LayerChecks.stencilsLeft(peeled).isEmpty());
  }

  @Test
  void paintAfterThePeelIsToldFromPaintBefore() {
    LayerStep stencil = op(LayerOp.STENCIL, Side.FRONT, "lines");
    LayerStep peel = op(LayerOp.PEEL, Side.FRONT, "lines");
    LayerStep red = coats("red", Side.FRONT, 3);
    LayerStep black = coats("black", Side.FRONT, 3);
    assertTrue(LayerChecks.paintedOver(List.of(red, stencil, peel, black), stencil));
    assertFalse(LayerChecks.paintedOver(List.of(red, stencil, black, peel), stencil));
  }

  @Test
  void engravingTakesPaintAwayAndGlowsInEdgeLight() {
    LayerStack stack =
        stack(
            CLEAR,
            Side.FRONT,
            WANTED,
            coats("black", Side.BACK, 3),
            op(LayerOp.ENGRAVE, Side.BACK, "lines"));
    LayerModel model = LayerModel.of(stack, List.of(Region.named(FIELD), Region.named(LINES)));
    LayerModel.RegionModel lines = model.regions().get(1);
    double day = Colour.hex(lines.front().dusk()).luminance();
    double lit = Colour.hex(lines.front().edgeLitDusk()).luminance();
    assertTrue(lit > day + 0.3, "the engraved line glows");
    assertEquals(
        model.regions().get(0).front().dusk(), model.regions().get(0).front().edgeLitDusk());
    assertTrue(model.regions().get(1).transmittance() > 0.5, "light comes through it");
    assertEquals(3, model.frames().size());
  }

  @Test
  void filmUnderALaserIsFound() {
    LayerStep film =
        new LayerStep(
            "f",
            Side.FRONT,
            LayerOp.FILM,
            "black",
            1,
            List.of("lines"),
            false,
            List.of(),
            List.of(),
            List.of());
    LayerStack stack =
        stack(
            CLEAR,
            Side.FRONT,
            WANTED,
            op(LayerOp.STENCIL, Side.FRONT, "lines"),
            op(LayerOp.ENGRAVE, Side.FRONT, "lines"));
    List<Region> regions = List.of(Region.named(FIELD), Region.named(LINES));
    assertEquals(1, LayerChecks.engravedThroughFilm(stack, regions).size());
    assertTrue(LayerChecks.engravedThroughFilm(stack.with(List.of(film)), regions).isEmpty());
  }

  @Test
  void thinCoatsAreUnevenWithLightBehind() {
    LayerStack thin = stack(CLEAR, Side.FRONT, WANTED, coats("cream", Side.BACK, 1));
    LayerStack dark = stack(CLEAR, Side.FRONT, WANTED, coats("black", Side.BACK, 4));
    assertTrue(uneven(thin) > 15, "cream, one coat");
    assertEquals(0, uneven(dark), "nothing passes");
  }

  private static double uneven(LayerStack stack) {
    return LayerModel.of(stack, List.of(Region.named(FIELD))).regions().get(0).unevennessPercent();
  }
}
