package emberyard.core.canvas;

import emberyard.core.build.Canvas;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.ReadOut;
import emberyard.core.colour.Colour;
import java.util.Comparator;
import java.util.List;

/**
 * The colours of a canvas: of the palette, where nobody has said otherwise.
 *
 * @param ground behind everything
 * @param ink the palette's glow where it is seen well enough on that ground, else the colour that
 *     is seen best, else white or black
 * @param alarm the palette's accent where it is seen on that ground and is another than the ink,
 *     else the ink: what is amiss has a mark besides
 */
record CanvasInk(Colour ground, Colour ink, Colour alarm) {
  private static final Colour DARK = Colour.hex("#0E1416");
  private static final double DARK_LUMINANCE = 0.08;
  private static final double SEEN = 3;
  private static final double ANOTHER_DELTA_E = 15;
  private static final double FAINT_SHARE = 0.68;

  static CanvasInk of(Canvas canvas, List<PaletteColour> palette) {
    Colour ground = canvas.groundHex() == null ? dark(palette) : Colour.hex(canvas.groundHex());
    Colour ink = best(palette, ground);
    Colour alarm =
        palette.stream()
            .filter(each -> each.role() == Role.ACCENT)
            .map(each -> Colour.hex(each.hex()))
            .filter(each -> each.contrast(ground) >= SEEN && each.deltaE00(ink) >= ANOTHER_DELTA_E)
            .findFirst()
            .orElse(ink);
    return new CanvasInk(ground, ink, alarm);
  }

  private static Colour dark(List<PaletteColour> palette) {
    return palette.stream()
        .map(each -> Colour.hex(each.hex()))
        .min(Comparator.comparing(Colour::luminance))
        .filter(each -> each.luminance() <= DARK_LUMINANCE)
        .orElse(DARK);
  }

  private static Colour best(List<PaletteColour> palette, Colour ground) {
    return palette.stream()
        .filter(each -> each.role() == Role.GLOW)
        .map(each -> Colour.hex(each.hex()))
        .filter(each -> each.contrast(ground) >= Legible.LEAST_CONTRAST)
        .findFirst()
        .orElseGet(() -> clearest(palette, ground));
  }

  /** The palette's colour that is seen best on a ground, else white or black. */
  static Colour clearest(List<PaletteColour> palette, Colour ground) {
    Comparator<Colour> clearer = Comparator.comparing(each -> each.contrast(ground));
    return palette.stream()
        .map(each -> Colour.hex(each.hex()))
        .max(clearer)
        .filter(each -> each.contrast(ground) >= Legible.LEAST_CONTRAST)
        .orElseGet(() -> List.of(Colour.WHITE, Colour.BLACK).stream().max(clearer).orElseThrow());
  }

  /** Of one read-out. */
  Colour of(ReadOut readOut) {
    return readOut.inkHex() == null ? ink : Colour.hex(readOut.inkHex());
  }

  /** For tracks and ticks that only lead the eye. */
  Colour faint(Colour of) {
    return of.mixedWith(ground, FAINT_SHARE);
  }
}
