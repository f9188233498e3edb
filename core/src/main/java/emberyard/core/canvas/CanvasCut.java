package emberyard.core.canvas;

import emberyard.core.geometry.Rect;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * One picture over several screens: what lies behind their rims is cut out of it, not squeezed.
 *
 * @param widthMm of the whole picture
 * @param heightMm of the whole picture
 * @param cuts one a screen, in their order
 */
public record CanvasCut(double widthMm, double heightMm, List<PaneCut> cuts) {
  private static final int MOST = 16;

  /**
   * What one screen shows of it.
   *
   * @param leftPercent of the picture's width; so is rightPercent
   * @param topPercent of the picture's height from above; so is bottomPercent
   * @param pitchMm from pixel to pixel
   */
  public record PaneCut(
      String id,
      double leftPercent,
      double rightPercent,
      double topPercent,
      double bottomPercent,
      double pitchMm) {}

  /**
   * Cuts a picture as large as all screens together.
   *
   * <p>Example: two active areas 120 mm wide, 14 mm between them: 254 mm; the left one shows 0 to
   * 47.2 %, the right one 52.8 to 100 %.
   *
   * @param panes 1 to 16 that do not lie over each other
   */
  public static CanvasCut of(List<ScreenPane> panes) {
    Require.between("panes", panes.size(), 1, MOST, "screens");
    apart(panes);
    double left = panes.stream().mapToDouble(ScreenPane::xMm).min().orElseThrow();
    double low = panes.stream().mapToDouble(ScreenPane::yMm).min().orElseThrow();
    double right = panes.stream().mapToDouble(pane -> pane.place().right()).max().orElseThrow();
    double top = panes.stream().mapToDouble(pane -> pane.place().top()).max().orElseThrow();
    Rect whole = new Rect(left, low, right - left, top - low);
    List<PaneCut> cuts = panes.stream().map(pane -> cut(whole, pane)).toList();
    return new CanvasCut(whole.widthMm(), whole.heightMm(), cuts);
  }

  private static PaneCut cut(Rect whole, ScreenPane pane) {
    Rect place = pane.place();
    return new PaneCut(
        pane.id(),
        100 * (place.xMm() - whole.xMm()) / whole.widthMm(),
        100 * (place.right() - whole.xMm()) / whole.widthMm(),
        100 * (whole.top() - place.top()) / whole.heightMm(),
        100 * (whole.top() - place.yMm()) / whole.heightMm(),
        pane.pitchMm());
  }

  /** Two screens can't shine in one place. */
  private static void apart(List<ScreenPane> panes) {
    List<ScreenPane> before = new ArrayList<>();
    for (ScreenPane pane : panes) {
      for (ScreenPane other : before) {
        if (pane.place().overlaps(other.place())) {
          throw new InvalidValue(
              "panes",
              "“%s” and “%s” lie over each other: give what shines of each, as it stands."
                  .formatted(other.id(), pane.id()));
        }
      }
      before.add(pane);
    }
  }
}
