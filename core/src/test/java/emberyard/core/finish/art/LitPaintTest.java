package emberyard.core.finish.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.FinishSamples;
import emberyard.core.finish.FinishWork;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.LayerModel;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.glow.PartLight;
import emberyard.core.glow.SceneLight;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Paint with a light of the build behind it: how it looks in each scene, and where it blotches. */
class LitPaintTest {
  private static final Outline PLATE = Outline.of(Contour.rectangle(0, 0, 400, 300, 0));
  private static final Colour AMBER = Colour.hex("#F0A13A");
  private static final SheetOptic OPAL = new SheetOptic(Colour.hex("#F4F4F0"), 0.4, 3);

  private static PartLight light(String id, double lux, Colour behind, Colour edge) {
    return new PartLight(id, id, SceneLight.room(lux), behind, edge);
  }

  private static PaintTarget target(Scheme scheme, SheetOptic sheet, PartLight... lights) {
    return new PaintTarget(
        scheme,
        "Light guide",
        0.12,
        1_400,
        3,
        1,
        Substrate.ACRYLIC,
        sheet,
        PLATE,
        scheme.shapes().isEmpty()
            ? Map.of()
            : Map.of("s", Outline.of(Contour.circle(200, 150, 60))),
        Map.of(),
        "",
        List.of(lights));
  }

  private static List<Finding> said(PaintTarget painted) {
    return FinishWork.plans(List.of(painted), FinishSamples.book()).get(0).findings();
  }

  private static List<String> uneven(PaintTarget painted) {
    return said(painted).stream()
        .filter(each -> each.key().contains("/uneven/"))
        .map(each -> each.severity() + " " + each.remedies().get(0).label())
        .toList();
  }

  private static Scheme thin() {
    return FinishSamples.layers("a", LayerStep.coats("c", Side.FRONT, LayerOp.PAINT, "green", 1));
  }

  /** Review A12: computed and kept quiet, and more coats were asked for instead. */
  @Test
  void aThinlyPaintedLightGuideBlotchesAndIsNotToHide() {
    PaintTarget dark = target(thin(), OPAL);
    assertEquals(List.of(), uneven(dark), "nothing shines behind it");
    assertTrue(said(dark).stream().anyMatch(each -> each.key().contains("/hiding/")));
    PaintTarget lit = target(thin(), OPAL, light("show", 50, AMBER, Colour.BLACK));
    assertEquals(List.of(Severity.RISK + " Opal sheet or film instead of thin paint"), uneven(lit));
    assertFalse(said(lit).stream().anyMatch(each -> each.key().contains("/hiding/")));
    List<Remedy> ways =
        said(lit).stream()
            .filter(each -> each.key().contains("/uneven/"))
            .findFirst()
            .orElseThrow()
            .remedies();
    assertFalse(ways.stream().anyMatch(way -> way.label().contains("until it is dark")));
  }

  @Test
  void aDarkFieldRoundAGlowWantsMorePaint() {
    ArtShape moon = ArtShape.of("s", "Moon", CutFigure.hole(60), 200, 150, null);
    Scheme scheme =
        FinishSamples.layers(
                "a",
                LayerStep.on("mask", Side.BACK, LayerOp.STENCIL, List.of("s")),
                LayerStep.coats("c", Side.BACK, LayerOp.PAINT, "green", 1),
                LayerStep.on("off", Side.BACK, LayerOp.PEEL, List.of("s")))
            .drawn(List.of(moon), Side.FRONT, null);
    PaintTarget lit = target(scheme, OPAL, light("show", 50, AMBER, Colour.BLACK));
    assertEquals(List.of(Severity.RISK + " More coats, until it is dark"), uneven(lit));
    assertEquals(
        List.of(Severity.NOTE + " More coats, until it is dark"),
        uneven(target(scheme, OPAL)),
        "nobody lights it yet");
  }

  @Test
  void whatStopsAllLightIsNeverUneven() {
    PaintTarget opaque =
        target(
            thin(), new SheetOptic(Colour.hex("#202020"), 0, 3), light("show", 50, AMBER, AMBER));
    assertEquals(List.of(), uneven(opaque));
  }

  @Test
  void eachSceneShowsItsOwnLight() {
    Scheme engraved =
        FinishSamples.layers("a", LayerStep.on("e", Side.FRONT, LayerOp.ENGRAVE, List.of("s")))
            .drawn(
                List.of(ArtShape.of("s", "Moon", CutFigure.hole(60), 200, 150, null)),
                Side.FRONT,
                null);
    SheetOptic clear = new SheetOptic(Colour.WHITE, 0.92, 3);
    LayerModel model =
        SchemePlan.of(
                target(
                    engraved,
                    clear,
                    light("day", 500, Colour.BLACK, Colour.BLACK),
                    light("edge", 5, Colour.BLACK, AMBER),
                    light("behind", 5, AMBER, Colour.BLACK)),
                FinishSamples.book())
            .layers();
    assertEquals(
        List.of("day", "edge", "behind"), model.looks().stream().map(l -> l.name()).toList());
    int moon = model.regions().get(0).name().equals("Moon") ? 0 : 1;
    int field = 1 - moon;
    for (int i = 0; i < 2; i++) {
      Colour day = Colour.hex(model.regions().get(i).front().unlit());
      Colour room = Colour.hex(model.looks().get(0).front().get(i));
      assertEquals(0, day.deltaE00(room), 0.5, "a lit room with the lights off is day");
    }
    double lines = Colour.hex(model.looks().get(1).front().get(moon)).luminance();
    double rest = Colour.hex(model.looks().get(1).front().get(field)).luminance();
    assertTrue(lines > 10 * rest, "engraved lines glow from the rim, the rest stays dark");
    assertNotEquals(
        model.looks().get(1).front().get(field),
        model.looks().get(2).front().get(field),
        "light from behind comes through all of it");
  }
}
