package emberyard.core.yard;

import emberyard.core.build.ArtShape;
import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.PrintPart;
import emberyard.core.build.Scheme;
import emberyard.core.build.Size;
import emberyard.core.build.Surface;
import emberyard.core.build.Treatment;
import emberyard.core.colour.Colour;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.glow.PartLight;
import emberyard.core.make.drafting.ArtOutline;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the finishes and treatments of a build go on, measured: parts from their drawings, prints
 * from their mesh, faces from the outer size.
 *
 * @param painted finishes whose part is there
 * @param treated treatments whose part is there
 */
record PaintedParts(List<PaintTarget> painted, List<TreatmentTarget> treated) {
  /** A print's outside is all but its inside walls; its wall stands for a sheet. */
  private static final double PRINT_WALL_MM = 1.2;

  private static final String CASE_HEX = "#8B8F92";

  static PaintedParts of(Build build, Parts parts, WorkshopBook book) {
    List<PaintTarget> painted = new ArrayList<>();
    for (Scheme scheme : build.schemes()) {
      PaintTarget each = painted(scheme, build, parts, book);
      if (each != null) {
        painted.add(each);
      }
    }
    List<TreatmentTarget> treated = new ArrayList<>();
    for (Treatment treatment : build.treatments()) {
      treated.add(treated(treatment, build, parts));
    }
    return new PaintedParts(painted, treated);
  }

  private static @Nullable PaintTarget painted(
      Scheme scheme, Build build, Parts parts, WorkshopBook book) {
    if (scheme.face() != null) {
      return face(scheme, scheme.face(), build);
    }
    MadePart made = parts.made(scheme.panelId()).orElse(null);
    if (made != null) {
      return part(
          scheme,
          made,
          parts.drawn(scheme.panelId()).orElse(null),
          PartLight.of(build, made.panel()));
    }
    return build.prints().stream()
        .filter(print -> print.id().equals(scheme.panelId()))
        .findFirst()
        .map(print -> print(scheme, print, book))
        .orElse(null);
  }

  private static @Nullable PaintTarget part(
      Scheme scheme, MadePart made, @Nullable DrawnPart drawn, List<PartLight> lights) {
    if (made.figures() == null || drawn == null) {
      return null;
    }
    Map<String, Outline> shapes = new LinkedHashMap<>();
    Map<String, String> problems = new HashMap<>();
    draw(scheme, made, shapes, problems);
    double rim = 2 * (made.panel().widthMm() + made.panel().heightMm());
    return new PaintTarget(
        scheme,
        made.panel().name(),
        made.figures().areaMm2() / 1e6,
        rim,
        made.sheet().realThicknessMm(),
        made.panel().quantity(),
        scheme.surface() == Surface.PAINTED
            ? Substrate.OLD_PAINT
            : Substrate.of(made.sheet().material()),
        SheetOptic.of(made.sheet()),
        drawn.outline(),
        shapes,
        problems,
        "part:" + made.panel().id() + "/cut",
        lights);
  }

  private static void draw(
      Scheme scheme, MadePart made, Map<String, Outline> shapes, Map<String, String> problems) {
    for (ArtShape shape : scheme.shapes()) {
      try {
        shapes.put(shape.id(), ArtOutline.of(shape, made.panel().drawing().steps()));
      } catch (InvalidValue wrong) {
        problems.put(shape.id(), "“%s”: %s".formatted(shape.name(), wrong.getMessage()));
      }
    }
  }

  private static PaintTarget print(Scheme scheme, PrintPart print, WorkshopBook book) {
    String hex = book.filament(print.filamentId()).map(f -> f.colourHex()).orElse(CASE_HEX);
    return new PaintTarget(
        scheme,
        print.name(),
        print.mesh().areaMm2() / 1e6,
        0,
        PRINT_WALL_MM,
        print.quantity(),
        scheme.surface() == Surface.PAINTED ? Substrate.OLD_PAINT : Substrate.PRINT,
        new SheetOptic(Colour.hex(hex), 0, PRINT_WALL_MM),
        Outline.NONE,
        Map.of(),
        Map.of(),
        "print:" + print.id() + "/clean");
  }

  private static @Nullable PaintTarget face(Scheme scheme, Face face, Build build) {
    Size size = build.outerSize();
    if (size == null) {
      return null;
    }
    double width = face.widthMm(size);
    double height = face.heightMm(size);
    Map<String, Outline> shapes = new LinkedHashMap<>();
    Map<String, String> problems = new HashMap<>();
    for (ArtShape shape : scheme.shapes()) {
      try {
        shapes.put(shape.id(), ArtOutline.of(shape, List.of()));
      } catch (InvalidValue wrong) {
        problems.put(shape.id(), "“%s”: %s".formatted(shape.name(), wrong.getMessage()));
      }
    }
    return new PaintTarget(
        scheme,
        "the %s face".formatted(face.words()),
        width * height / 1e6,
        2 * (width + height),
        0,
        1,
        scheme.surface() == Surface.PAINTED ? Substrate.OLD_PAINT : Substrate.STEEL,
        new SheetOptic(Colour.hex(CASE_HEX), 0, 1),
        Outline.of(Contour.rectangle(0, 0, width, height, 0)),
        shapes,
        problems,
        "");
  }

  private static TreatmentTarget treated(Treatment treatment, Build build, Parts parts) {
    Outline shape = Outline.NONE;
    try {
      shape =
          treatment.figure() == null
              ? Outline.NONE
              : ArtOutline.of(treatment.figure(), treatment.xMm(), treatment.yMm(), 0, null);
    } catch (InvalidValue undrawn) {
      // its own screen says what is wrong with the figure; the plan counts the laying only
      shape = Outline.NONE;
    }
    Size size = build.outerSize();
    if (treatment.face() != null && size != null) {
      double rim = 2 * (treatment.face().widthMm(size) + treatment.face().heightMm(size));
      return new TreatmentTarget(
          treatment, shape, "the %s face".formatted(treatment.face().words()), rim, "");
    }
    MadePart made = parts.made(treatment.panelId()).orElse(null);
    double rim = made == null ? 0 : 2 * (made.panel().widthMm() + made.panel().heightMm());
    return new TreatmentTarget(
        treatment,
        shape,
        made == null ? "a part that is gone" : made.panel().name(),
        rim,
        made == null ? "" : "part:" + made.panel().id() + "/cut");
  }
}
