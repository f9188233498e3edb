package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.ItemKind;
import emberyard.core.build.LaidRun;
import emberyard.core.build.Layer;
import emberyard.core.build.Size;
import emberyard.core.build.ThingLink;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.fit.space.LitPiece;
import emberyard.core.geometry.Box;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import emberyard.core.glow.Glow;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Draws the lights of placed components behind the faces near which they sit. */
final class LitFaces {
  /** What their ids on a face begin with: they are placed under Fit, not there. */
  static final String PREFIX = "lit:";

  /** Further behind a face than this, nothing glows on it, mm; a default. */
  private static final double NEAR_MM = 80;

  /** A ring lies so far out in the square of its fan. */
  private static final double RING_SHARE = 0.42;

  private static final Set<ComponentKind> FANS =
      Set.of(ComponentKind.FAN, ComponentKind.COOLER, ComponentKind.RADIATOR);

  private LitFaces() {}

  static List<Elevation> on(List<Elevation> faces, Build build, List<LitPiece> lit) {
    Enclosure enclosure = build.enclosures().stream().findFirst().orElse(null);
    return lit.isEmpty() || enclosure == null
        ? faces
        : faces.stream().map(face -> with(face, build, enclosure.size(), lit)).toList();
  }

  private static Elevation with(Elevation face, Build build, Size size, List<LitPiece> lit) {
    List<ElevationItem> items = new ArrayList<>();
    List<Glow> glows = Glow.of(build);
    int number = 0;
    for (LitPiece piece : lit) {
      Component component = build.component(piece.componentId()).orElse(null);
      Glow glow =
          glows.stream()
              .filter(each -> each.id().equals(piece.componentId()))
              .findFirst()
              .orElse(null);
      if (component != null && glow != null && seen(face.face(), size, component, piece.box())) {
        items.add(drawn(face.face(), size, component, glow, piece.box(), number));
      }
      number++;
    }
    items.addAll(face.items());
    return face.showing(items);
  }

  /** What is flat is seen along its thickness, all else from the side it was wanted to face. */
  private static boolean seen(Face face, Size size, Component component, Box box) {
    if (face.behindMm(size, box) > NEAR_MM) {
      return false;
    }
    Face wanted = component.fitted().wantedFacing();
    if (FANS.contains(component.kind())) {
      double deep = face.deepMm(box);
      return deep <= Math.min(box.widthMm(), Math.min(box.depthMm(), box.heightMm())) + 1e-6;
    }
    return wanted == null || wanted == face;
  }

  private static ElevationItem drawn(
      Face face, Size size, Component component, Glow glow, Box box, int number) {
    Rect place = face.seen(size, box);
    List<Stretch> stretches = FANS.contains(component.kind()) ? rings(place) : List.of(line(place));
    return new ElevationItem(
        PREFIX + component.id() + "/" + number,
        ItemKind.LIGHT_RUN,
        component.name(),
        new ThingLink("components", component.id()),
        null,
        place,
        null,
        Layer.BEHIND,
        false,
        glow.colour().hex(),
        0,
        null,
        LaidRun.path(stretches, place),
        glow.colour().hex(),
        LaidRun.WIDE_MM / 2,
        "",
        "lights of " + component.name(),
        List.of(),
        stretches);
  }

  /** A ring in each square of it: a radiator has several fans beside each other. */
  private static List<Stretch> rings(Rect place) {
    double side = Math.min(place.widthMm(), place.heightMm());
    boolean across = place.widthMm() >= place.heightMm();
    int fans = (int) Math.max(1, Math.round(Math.max(place.widthMm(), place.heightMm()) / side));
    List<Stretch> all = new ArrayList<>();
    double step = Math.max(place.widthMm(), place.heightMm()) / fans;
    for (int i = 0; i < fans; i++) {
      double x = across ? place.xMm() + (i + 0.5) * step : place.centreX();
      double y = across ? place.centreY() : place.yMm() + (i + 0.5) * step;
      double radius = side * RING_SHARE;
      all.addAll(LaidRun.circle(new Rect(x - radius, y - radius, 2 * radius, 2 * radius)));
    }
    return all;
  }

  /** Along the upper edge, or the longer one of what stands. */
  private static Stretch line(Rect place) {
    return place.widthMm() >= place.heightMm()
        ? new Stretch(place.xMm(), place.top(), place.right(), place.top())
        : new Stretch(place.right(), place.yMm(), place.right(), place.top());
  }
}
