package emberyard.core.canvas;

import emberyard.core.build.PaletteColour;
import emberyard.core.colour.Colour;
import java.util.List;

/** Which colours are seen on a canvas. */
public final class CanvasColours {
  private CanvasColours() {}

  /** The palette's colour that is seen best on a ground, else white or black. */
  public static Colour clearest(List<PaletteColour> palette, String groundHex) {
    return CanvasInk.clearest(palette, Colour.hex(groundHex));
  }
}
