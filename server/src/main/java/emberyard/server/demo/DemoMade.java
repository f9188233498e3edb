package emberyard.server.demo;

import emberyard.core.build.Bent;
import emberyard.core.build.BorderHoles;
import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.Hold;
import emberyard.core.build.HoleField;
import emberyard.core.build.Joint;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.RecipeStep.Op;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.VentCut;
import emberyard.core.build.Window;
import emberyard.core.geometry.Lettering;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.file.Imported;
import emberyard.core.make.file.SvgReader;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Made parts of the demo that are more than rectangles. */
final class DemoMade {
  private DemoMade() {}

  /** The tide curve over a day, engraved over the window, with its hours. */
  static PartDrawing tideWindow() {
    List<RecipeStep> steps = new ArrayList<>();
    steps.add(named("tide", "Tide curve", Op.ENGRAVE, CutFigure.path(ribbon()), 46, 342));
    for (int hour = 0; hour <= 24; hour += 6) {
      steps.add(
          named(
              "hour-" + hour,
              "Hour " + hour,
              Op.ENGRAVE,
              CutFigure.text(String.valueOf(hour), 5, Lettering.Face.SERIF),
              46 + hour * 13.2,
              318));
    }
    return with(steps, 4)
        .held(
            new Hold(
                Hold.Kind.SCREWS,
                20,
                3.0,
                10.0,
                0.0,
                9.5,
                ScrewInto.INSERT,
                null,
                null,
                null,
                null));
  }

  /** A band along a tide that is high twice a day. */
  private static String ribbon() {
    StringBuilder path = new StringBuilder();
    int steps = 96;
    for (int i = 0; i <= 2 * steps; i++) {
      int at = i <= steps ? i : 2 * steps - i;
      double half = i <= steps ? 0.8 : -0.8;
      double y =
          11 * Math.sin(4 * Math.PI * at / steps - 0.6) + 2 * Math.sin(Math.PI * at / steps) + half;
      path.append(i == 0 ? 'M' : 'L').append(String.format(Locale.ROOT, "%.2f %.2f", at * 3.3, y));
    }
    return path.append('Z').toString();
  }

  /** The guild's crest, brought in from a drawing and engraved low on the front. */
  static PartDrawing crestedFront() {
    Imported crest = Imported.of(SvgReader.read(text("/demo/crest.svg")), 0.1);
    String path = SvgPath.of(crest.outline().contours());
    return with(
        List.of(named("crest", "Crest of the guild", Op.ENGRAVE, CutFigure.path(path), 100, 46)),
        3);
  }

  static PartDrawing trim() {
    return new PartDrawing(
        3.0,
        false,
        List.of(),
        null,
        new Hold(Hold.Kind.FOAM_TAPE, 0, 0.0, 0.0, 0.0, 0.0, null, 12.0, false, true, false),
        true,
        false,
        false,
        false);
  }

  /** Perforated as the air proof asked for it. */
  static Panel intake(String build) {
    return new Panel(
        build + "-intake",
        "Intake, perforated",
        Face.RIGHT,
        "acrylic-black-3",
        144,
        144,
        1,
        null,
        new BorderHoles(8, 70, 3.2),
        CutMethod.LASER,
        0,
        new VentCut(
            new Window(18, 18, 108, 108), new HoleField(HoleField.Pattern.STAGGERED, 5, 8.2, 0)),
        with(List.of(), 4).within());
  }

  static Panel bracketPlate(String build) {
    return flat(
        build + "-plate",
        "Screen bracket, plate",
        "acrylic-black-3",
        130,
        48,
        with(
            List.of(
                hole("a", 12, 36, 4.2),
                hole("b", 118, 36, 4.2),
                named("slot", "Cable slot", Op.CUT, CutFigure.slot(34, 9), 65, 36)),
            4));
  }

  static Panel bracketRib(String build) {
    return flat(
        build + "-rib",
        "Screen bracket, rib",
        "acrylic-black-3",
        110,
        30,
        with(
            List.of(named("light", "Lightening hole", Op.CUT, CutFigure.slot(60, 12), 55, 14)), 2));
  }

  /** Rib and plate: two tabs pressed into two slots, fitted to the sheet by caliper. */
  static Joint bracketJoint(String build) {
    return new Joint(
        build + "-bracket",
        "Bracket, rib into plate",
        Joint.Kind.TAB_AND_SLOT,
        List.of(),
        null,
        90.0,
        2,
        true,
        List.of(
            new Joint.JointEnd(build + "-plate", 20.0, 12.0, 0.0, true),
            new Joint.JointEnd(build + "-rib", 10.0, 30.0, 0.0, false)));
  }

  static Panel cableCover(String build) {
    return flat(
        build + "-cover",
        "Cable cover, bent",
        "acrylic-smoke-3",
        150,
        90,
        with(List.of(hole("l", 14, 45, 4.2), hole("r", 14, 70, 4.2)), 3)
            .bent(new Bent(40, List.of(new Bent.Bend(90, 6, 60), new Bent.Bend(90, 6, 40)))));
  }

  /** Leaves to both sides of a stem, cut out of birch. */
  static PartDrawing fern() {
    CutFigure leaf = CutFigure.path("M0 0A60 60 0 0 1 56 26A60 60 0 0 1 0 0Z");
    RecipeStep.CopyArray rows = new RecipeStep.CopyArray(1, 10, 0.0, 30.0, 0, 0.0);
    return with(
            List.of(
                new RecipeStep(
                    "right", "Leaves, right", Op.CUT, leaf, 127.0, 52.0, 0.0, false, rows, null),
                new RecipeStep(
                    "left", "Leaves, left", Op.CUT, leaf, 113.0, 62.0, 0.0, true, rows, null)),
            6)
        .alongGrain();
  }

  /** A route map's back plate: longer and higher than the laser's bed. */
  static Panel mapPlate(String build) {
    List<RecipeStep> stops = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      stops.add(hole("stop-" + i, 45 + i * 61.25, 200 + 90 * Math.sin(i * 0.9), 16));
    }
    return onFace(
        Face.BOTTOM,
        flat(build + "-map", "Line map, back plate", "ply-birch-6", 580, 360, with(stops, 8)));
  }

  private static Panel flat(
      String id, String name, String sheet, double width, double height, PartDrawing drawing) {
    return new Panel(
        id,
        name,
        Face.BACK,
        sheet,
        width,
        height,
        1,
        null,
        null,
        CutMethod.LASER,
        0,
        null,
        drawing.within());
  }

  private static Panel onFace(Face face, Panel p) {
    return new Panel(
        p.id(),
        p.name(),
        face,
        p.sheetId(),
        p.widthMm(),
        p.heightMm(),
        1,
        null,
        null,
        p.cutMethod(),
        0,
        null,
        p.drawing());
  }

  private static PartDrawing with(List<RecipeStep> steps, double cornerMm) {
    return new PartDrawing(cornerMm, false, steps, null, null, false, false, false, false);
  }

  private static RecipeStep hole(String id, double x, double y, double diameter) {
    return named(id, "", Op.CUT, CutFigure.hole(diameter), x, y);
  }

  private static RecipeStep named(
      String id, String name, Op op, CutFigure figure, double x, double y) {
    return new RecipeStep(id, name, op, figure, x, y, 0.0, false, null, null);
  }

  private static String text(String name) {
    try (InputStream file = DemoMade.class.getResourceAsStream(name)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new IllegalStateException(name, missing);
    }
  }
}
