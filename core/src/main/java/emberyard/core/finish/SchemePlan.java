package emberyard.core.finish;

import emberyard.core.build.Panel;
import emberyard.core.build.Scheme;
import emberyard.core.units.Figures;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.RoomClimate;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The coats of one scheme in order.
 *
 * @param areaM2 painted area of all pieces, one side, edges added
 * @param coats in the order they go on; the hidden side first
 */
public record SchemePlan(Scheme scheme, Panel panel, double areaM2, List<CoatStep> coats) {
  public SchemePlan {
    coats = List.copyOf(coats);
  }

  /** Lays out the coats for the workshop's room. Layers without a known paint are left out. */
  public static SchemePlan of(
      Scheme scheme, Panel panel, double faceAreaMm2, double thicknessMm, WorkshopBook book) {
    double edges = 2 * (panel.widthMm() + panel.heightMm()) * thicknessMm;
    double area = (faceAreaMm2 + edges) * panel.quantity() / 1e6;
    List<CoatStep> coats = new ArrayList<>();
    if (scheme.bothSides()) {
      addSide(coats, scheme, "back", area, book);
    }
    addSide(coats, scheme, "front", area, book);
    return new SchemePlan(scheme, panel, area, coats);
  }

  /** Key of the step that a gate of curing hangs on. */
  public String curedKey() {
    return key(scheme, "cured");
  }

  static String key(Scheme scheme, String step) {
    return "scheme:" + scheme.id() + "/" + step;
  }

  private static void addSide(
      List<CoatStep> coats, Scheme scheme, String side, double area, WorkshopBook book) {
    addLayer(coats, scheme, scheme.primer(), "primer", side, area, book);
    addLayer(coats, scheme, scheme.colour(), "colour", side, area, book);
    addLayer(coats, scheme, scheme.clear(), "clear", side, area, book);
  }

  private static void addLayer(
      List<CoatStep> coats,
      Scheme scheme,
      Scheme.@Nullable Coats layer,
      String name,
      String side,
      double area,
      WorkshopBook book) {
    PaintProduct paint = layer == null ? null : book.paint(layer.paintId()).orElse(null);
    if (paint == null) {
      return;
    }
    RoomClimate room = book.workshop().room();
    Drying drying = Drying.in(room, paint.base());
    for (int number = 1; number <= layer.count(); number++) {
      String prefix = side.equals("back") ? "back/" : "";
      coats.add(
          new CoatStep(
              key(scheme, prefix + name + "/" + number),
              paint,
              name,
              number,
              side,
              handsOn(area, book.workshop().times()),
              drying.minutes(paint.flashMinutes()),
              drying.minutes(paint.recoatFromMinutes()),
              drying.minutes(paint.recoatUntilMinutes()),
              drying.minutes(paint.handleHours() * 60),
              drying.minutes(paint.cureHours() * 60),
              area * PaintQuantity.mlPerM2(paint)));
    }
  }

  static int handsOn(double areaM2, StepTimes times) {
    return (int) Math.ceil(times.coatSetUpMinutes() + areaM2 / times.sprayM2PerMinute());
  }

  /** The sentence behind a coat's hands-on time. */
  static List<String> handsOnInputs(double areaM2, StepTimes times) {
    return List.of(
        "set-up %d min (default)".formatted(times.coatSetUpMinutes()),
        "area %s m², edges added".formatted(Figures.plain(areaM2)),
        "rate %s m²/min (default)".formatted(Figures.plain(times.sprayM2PerMinute())));
  }
}
