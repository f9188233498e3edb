package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * A flat part made here, drawn from its rectangle.
 *
 * @param face where it sits
 * @param sheetId the sheet it is cut from
 * @param widthMm 5 to 5,000 mm
 * @param heightMm 5 to 5,000 mm
 * @param quantity 1 to 500
 * @param window opening, null for none
 * @param holes border holes, null for none
 * @param outsidePriceMinor price of one when cut outside, minor units
 * @param vent hole field cut into it, null for none
 * @param drawing its recipe and the like; a plain rectangle where it is left out
 */
@RecordBuilder
public record Panel(
    String id,
    String name,
    Face face,
    String sheetId,
    double widthMm,
    double heightMm,
    int quantity,
    @Nullable Window window,
    @Nullable BorderHoles holes,
    CutMethod cutMethod,
    long outsidePriceMinor,
    @Nullable VentCut vent,
    PartDrawing drawing)
    implements DesignThing, PanelBuilder.With {
  public Panel {
    drawing = drawing == null ? PartDrawing.PLAIN : drawing;
    Require.text("id", id);
    Require.text("name", name);
    Require.given("face", face);
    Require.text("sheetId", sheetId);
    Require.between("widthMm", widthMm, 5, 5_000, "mm");
    Require.between("heightMm", heightMm, 5, 5_000, "mm");
    Require.between("quantity", quantity, 1, 500, "pieces");
    Require.given("cutMethod", cutMethod);
    Require.between("outsidePriceMinor", outsidePriceMinor, 0, 100_000_000, "minor units");
  }

  /** A part that belongs to no build, for asking about it alone. */
  public static Panel loose(
      double widthMm, double heightMm, CutMethod cutMethod, PartDrawing drawing) {
    return PanelBuilder.builder()
        .id("part")
        .name("part")
        .face(Face.FRONT)
        .sheetId("loose")
        .widthMm(widthMm)
        .heightMm(heightMm)
        .quantity(1)
        .cutMethod(cutMethod)
        .drawing(drawing)
        .build();
  }

  /** The same part drawn like this. */
  public Panel drawn(PartDrawing other) {
    return withDrawing(other);
  }
}
