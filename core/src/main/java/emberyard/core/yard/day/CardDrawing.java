package emberyard.core.yard.day;

import emberyard.core.build.Face;
import emberyard.core.build.Scheme;
import emberyard.core.build.Snag;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.PartModel;
import emberyard.core.work.Task;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.day.CardDrawing.Shape.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a step is about, drawn small: the part itself, or the face with the place marked.
 *
 * @param xMm left end of what is drawn, y upwards
 * @param mirrored whether it is seen from behind: left and right are changed
 * @param panelId the part that is seen, empty for a face
 * @param face the face that is seen, null for a part
 * @param words what one sees, as a caption
 * @param shapes in painting order, SVG path data in mm
 */
public record CardDrawing(
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    boolean mirrored,
    String panelId,
    @Nullable Face face,
    String words,
    List<Shape> shapes) {
  /** A place on it is a circle of this share of its longer side. */
  private static final double SPOT_SHARE = 0.04;

  public CardDrawing {
    shapes = List.copyOf(shapes);
  }

  /**
   * One shape of it.
   *
   * @param path SVG path data, mm, y upwards; holes by the even-odd rule
   * @param colourHex of its surface, empty where the drawing gives none
   */
  public record Shape(Shown shown, String path, String colourHex) {
    /** What it stands for. */
    public enum Shown {
      /** The face, or the part as it is before. */
      GROUND,
      /** Other things on the face. */
      OTHER,
      /** What the step is about. */
      MARKED,
      /** What it leaves behind: a coat. */
      COAT,
      /** Engraved or drawn lines. */
      LINES
    }
  }

  /** What the part or face is called that a step is about; nothing where it is about neither. */
  public static Optional<String> placeOf(BuildModel build, Task task) {
    return of(build, task)
        .map(
            drawing ->
                drawing.face() != null
                    ? drawing.face().words() + " face"
                    : build.parts().stream()
                        .filter(part -> part.panel().id().equals(drawing.panelId()))
                        .findFirst()
                        .map(part -> part.panel().name())
                        .orElse(drawing.words()));
  }

  /** The drawing for a step; nothing for one that is about no thing that can be seen. */
  static Optional<CardDrawing> of(BuildModel build, Task task) {
    String thing = task.thingId();
    if (thing == null) {
      return Optional.empty();
    }
    return snag(build, task)
        .or(() -> painted(build, task))
        .or(() -> part(build, thing).map(part -> part(part, part.panel().name())))
        .or(() -> treated(build, thing))
        .or(() -> onFace(build, thing));
  }

  private static Optional<MadePart> part(BuildModel build, String panelId) {
    return build.parts().stream()
        .filter(part -> part.panel().id().equals(panelId) && part.model() != null)
        .findFirst();
  }

  private static CardDrawing part(MadePart part, String words) {
    List<Shape> shapes =
        List.of(
            new Shape(Shown.GROUND, part.model().cut(), part.sheet().colourHex()),
            new Shape(Shown.LINES, part.model().engraved() + part.model().lines(), ""));
    return boxed(part, false, words, shapes);
  }

  private static CardDrawing boxed(
      MadePart part, boolean mirrored, String words, List<Shape> shapes) {
    PartModel model = part.model();
    return new CardDrawing(
        model.xMm(),
        model.yMm(),
        model.widthMm(),
        model.heightMm(),
        mirrored,
        part.panel().id(),
        null,
        words,
        shapes);
  }

  /** Where something can be found wrong: the faces with what lies on them, then the parts. */
  public static List<CardDrawing> places(BuildModel build) {
    List<CardDrawing> places = new ArrayList<>();
    build.faces().stream()
        .map(face -> drawn(face, seen(face, null), face.face().words() + " face"))
        .forEach(places::add);
    build.parts().stream()
        .filter(part -> part.model() != null)
        .map(part -> part(part, part.panel().name()))
        .forEach(places::add);
    return places;
  }

  /** Where a snag is; without a point, what it is on. */
  private static Optional<CardDrawing> snag(BuildModel build, Task task) {
    return build.build().snags().stream()
        .filter(snag -> snag.mendKey().equals(task.key()))
        .findFirst()
        .flatMap(snag -> snag(build, snag));
  }

  static Optional<CardDrawing> snag(BuildModel build, Snag snag) {
    return places(build).stream()
        .filter(place -> place.face() == snag.face() && place.panelId().equals(snag.panelId()))
        .findFirst()
        .map(place -> snag.xMm() == null ? place : place.spotted(snag.xMm(), snag.yMm()));
  }

  private CardDrawing spotted(double atXMm, double atYMm) {
    double radius = SPOT_SHARE * Math.max(widthMm, heightMm);
    String circle =
        "M%s %sa%3$s %3$s 0 1 0 %4$s 0a%3$s %3$s 0 1 0 -%4$s 0Z"
            .formatted(
                SvgPath.number(atXMm - radius),
                SvgPath.number(atYMm),
                SvgPath.number(radius),
                SvgPath.number(2 * radius));
    List<Shape> all = new ArrayList<>(shapes);
    all.add(new Shape(Shown.MARKED, circle, ""));
    return new CardDrawing(xMm, yMm, widthMm, heightMm, mirrored, panelId, face, words, all);
  }

  /** A part with the coat on it, from the side on which it is sprayed. */
  private static Optional<CardDrawing> painted(BuildModel build, Task task) {
    return build.schemes().stream()
        .filter(plan -> plan.scheme().id().equals(task.thingId()))
        .findFirst()
        .flatMap(plan -> painted(build, task, plan));
  }

  private static Optional<CardDrawing> painted(BuildModel build, Task task, SchemePlan plan) {
    Scheme scheme = plan.scheme();
    CoatStep coat =
        plan.coats().stream()
            .filter(each -> each.key().equals(task.key()))
            .findFirst()
            .orElse(null);
    String side = coat == null ? "" : ", " + coat.side();
    boolean behind = coat != null && coat.side().equals("back");
    if (scheme.face() != null) {
      return face(build, scheme.face()).map(face -> whole(face, coat));
    }
    return part(build, scheme.panelId())
        .map(
            part -> {
              List<Shape> shapes =
                  new ArrayList<>(
                      List.of(
                          new Shape(Shown.GROUND, part.model().cut(), part.sheet().colourHex())));
              if (coat != null && coat.paint() != null) {
                shapes.add(new Shape(Shown.COAT, part.model().cut(), coat.paint().colourHex()));
              }
              shapes.add(
                  new Shape(Shown.LINES, part.model().engraved() + part.model().lines(), ""));
              return boxed(part, behind, part.panel().name() + side, shapes);
            });
  }

  private static Optional<Elevation> face(BuildModel build, Face face) {
    return build.faces().stream().filter(each -> each.face() == face).findFirst();
  }

  private static CardDrawing whole(Elevation face, @Nullable CoatStep coat) {
    String colour = coat == null || coat.paint() == null ? "" : coat.paint().colourHex();
    Shape ground =
        new Shape(colour.isEmpty() ? Shown.GROUND : Shown.COAT, path(face.outline()), colour);
    return drawn(face, List.of(ground), face.face().words() + " face");
  }

  /** A place on a part. */
  private static Optional<CardDrawing> treated(BuildModel build, String id) {
    return build.treated().stream()
        .filter(each -> each.treatment().id().equals(id))
        .findFirst()
        .flatMap(each -> treated(build, each));
  }

  private static Optional<CardDrawing> treated(BuildModel build, TreatmentTarget each) {
    Shape mark = new Shape(Shown.MARKED, SvgPath.of(each.shape().contours()), "");
    Face face = each.treatment().face();
    if (face != null) {
      return face(build, face)
          .map(
              seen ->
                  drawn(
                      seen,
                      List.of(new Shape(Shown.GROUND, path(seen.outline()), ""), mark),
                      each.treatment().name()));
    }
    return part(build, each.treatment().panelId())
        .map(
            part -> {
              List<Shape> shapes = new ArrayList<>(part(part, "").shapes());
              shapes.add(mark);
              return boxed(
                  part,
                  each.treatment().inside(),
                  "%s on %s".formatted(each.treatment().name(), part.panel().name()),
                  shapes);
            });
  }

  /** The face on which a thing lies, with its place marked. */
  private static Optional<CardDrawing> onFace(BuildModel build, String thing) {
    for (Elevation face : build.faces()) {
      for (ElevationItem item : face.items()) {
        boolean it = item.of() != null && item.of().id().equals(thing) || item.id().equals(thing);
        if (it && !item.openTo()) {
          return Optional.of(marked(face, item));
        }
      }
    }
    return Optional.empty();
  }

  private static CardDrawing marked(Elevation face, ElevationItem marked) {
    List<Shape> shapes = seen(face, marked);
    shapes.add(new Shape(Shown.MARKED, path(marked.place()), ""));
    return drawn(face, shapes, "%s, %s face".formatted(marked.name(), face.face().words()));
  }

  /** A face and what lies on it, but for one thing. */
  private static List<Shape> seen(Elevation face, @Nullable ElevationItem but) {
    List<Shape> shapes = new ArrayList<>();
    shapes.add(new Shape(Shown.GROUND, path(face.outline()), ""));
    for (ElevationItem item : face.items()) {
      if (item != but && item.art().isEmpty() && item.words().isEmpty()) {
        shapes.add(new Shape(Shown.OTHER, path(item.place()), ""));
      }
    }
    return shapes;
  }

  private static CardDrawing drawn(Elevation face, List<Shape> shapes, String words) {
    return new CardDrawing(
        0, 0, face.widthMm(), face.heightMm(), false, "", face.face(), words, shapes);
  }

  private static String path(Rect box) {
    return "M%s %sH%sV%sH%sZ"
        .formatted(
            SvgPath.number(box.xMm()),
            SvgPath.number(box.yMm()),
            SvgPath.number(box.right()),
            SvgPath.number(box.yMm() + box.heightMm()),
            SvgPath.number(box.xMm()));
  }
}
