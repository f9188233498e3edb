package emberyard.core.make.file;

import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import java.util.List;
import java.util.Map;

/** Writes contours as SVG in mm, one group an operation, exact arcs kept. */
public final class SvgDrawing {
  private SvgDrawing() {}

  /**
   * @param page what the drawing shows, mm, y upwards
   * @param groups contours by operation ("cut", "engrave", "line", "pocket"), written in order
   */
  public static String of(Rect page, Map<String, List<Contour>> groups) {
    StringBuilder svg = new StringBuilder();
    String w = SvgPath.number(page.widthMm());
    String h = SvgPath.number(page.heightMm());
    svg.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
    svg.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"").append(w);
    svg.append("mm\" height=\"").append(h).append("mm\" viewBox=\"0 0 ").append(w).append(' ');
    svg.append(h).append("\">\n");
    groups.forEach(
        (name, contours) -> {
          if (!contours.isEmpty()) {
            svg.append("<g id=\"").append(name).append("\" fill=\"none\" stroke=\"black\"");
            svg.append(" stroke-width=\"0.1\">\n");
            for (Contour contour : contours) {
              svg.append("<path d=\"").append(SvgPath.of(List.of(flipped(contour, page))));
              svg.append("\"/>\n");
            }
            svg.append("</g>\n");
          }
        });
    return svg.append("</svg>\n").toString();
  }

  /** The file's y points down: mirrored at the horizontal, which is mirrored and half turned. */
  private static Contour flipped(Contour contour, Rect page) {
    return contour.moved(new Move(-page.xMm(), page.heightMm() + page.yMm(), 180, true));
  }
}
