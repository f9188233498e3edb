package emberyard.core.yard;

import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.build.Treatment;
import emberyard.core.colour.Colour;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Draws film, edge lines, badges and weathering on the faces, where their parts lie. */
final class FaceTouches {
  /** What their ids on a face begin with: they are moved on Finish, not there. */
  static final String PREFIX = "touch:";

  private static final double EDGE_MM = 2;
  private static final double WEATHERED = 0.45;

  private FaceTouches() {}

  static List<Elevation> on(
      List<Elevation> faces, List<TreatmentTarget> treated, WorkshopBook book) {
    return treated.isEmpty()
        ? faces
        : faces.stream().map(face -> with(face, treated, book)).toList();
  }

  private static Elevation with(Elevation face, List<TreatmentTarget> treated, WorkshopBook book) {
    List<ElevationItem> items = new ArrayList<>(face.items());
    for (TreatmentTarget each : treated) {
      Treatment treatment = each.treatment();
      Rect host =
          treatment.face() == face.face()
              ? face.outline()
              : face.item(treatment.panelId()).map(ElevationItem::place).orElse(null);
      if (host != null && treatment.kind() != Treatment.Kind.PART_MASK) {
        ElevationItem drawn = drawn(face, each, host, book);
        if (drawn != null) {
          items.add(drawn);
        }
      }
    }
    return face.showing(items);
  }

  private static @Nullable ElevationItem drawn(
      Elevation face, TreatmentTarget each, Rect host, WorkshopBook book) {
    Treatment treatment = each.treatment();
    boolean line = treatment.kind() == Treatment.Kind.EDGE_LINE;
    Outline shape =
        line
            ? Outline.of(Contour.rectangle(0, 0, host.widthMm(), host.heightMm(), 0))
            : each.shape();
    if (shape.empty()) {
      return null;
    }
    Rect box = shape.bounds();
    Rect place =
        new Rect(host.xMm() + box.xMm(), host.yMm() + box.yMm(), box.widthMm(), box.heightMm());
    // y points down in art: mirrored at the horizontal, which is mirrored and half turned
    Move down = new Move(-box.xMm(), box.heightMm() + box.yMm(), 180, true);
    Colour own = Colour.hex(hex(treatment, book));
    boolean faint = treatment.kind() == Treatment.Kind.WEATHERING;
    Colour under = face.colourAt(place.centreX(), place.centreY());
    String hex = (faint ? under.mixedWith(own, WEATHERED) : own).hex();
    double width = treatment.widthMm() == null ? EDGE_MM : treatment.widthMm();
    return new ElevationItem(
        PREFIX + treatment.id(),
        treatment.kind() == Treatment.Kind.BADGE ? ItemKind.BADGE : ItemKind.VINYL,
        treatment.name(),
        null,
        (FaceItem) null,
        place,
        null,
        Layer.ON,
        false,
        hex,
        0,
        null,
        SvgPath.of(shape.moved(down).contours()),
        hex,
        line ? width : 0,
        "",
        treatment.kind().words(),
        List.of(),
        List.of());
  }

  private static String hex(Treatment treatment, WorkshopBook book) {
    String id = String.valueOf(treatment.productId());
    return book.film(id)
        .map(film -> film.colourHex())
        .or(() -> book.paint(id).map(paint -> paint.colourHex()))
        .orElse("#8E1B2B");
  }
}
