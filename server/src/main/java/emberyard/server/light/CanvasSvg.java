package emberyard.server.light;

import static emberyard.server.drawing.SvgDocument.number;

import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.Mark;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.geometry.Rect;
import emberyard.server.drawing.MarkSvg;
import emberyard.server.drawing.SvgDocument;
import java.util.List;

/** Writes a canvas, or what one screen shows of it, as SVG in mm. */
final class CanvasSvg {
  private CanvasSvg() {}

  /** All of it; what lies behind rims is there too. */
  static byte[] whole(CanvasPicture picture) {
    return document(picture, new Rect(0, 0, picture.widthMm(), picture.heightMm()), 0);
  }

  /**
   * What one screen shows.
   *
   * @param turnDegrees clockwise, 0, 90, 180 or 270
   */
  static byte[] pane(CanvasPicture picture, PaneOnCanvas pane, int turnDegrees) {
    Rect place = pane.place();
    Rect view =
        new Rect(place.xMm(), picture.heightMm() - place.top(), place.widthMm(), place.heightMm());
    return document(picture, view, turnDegrees);
  }

  private static byte[] document(CanvasPicture picture, Rect view, int turnDegrees) {
    boolean side = turnDegrees == 90 || turnDegrees == 270;
    double wide = side ? view.heightMm() : view.widthMm();
    double high = side ? view.widthMm() : view.heightMm();
    return SvgDocument.mm(
        wide,
        high,
        xml -> {
          xml.writeEmptyElement("rect");
          xml.writeAttribute("width", number(wide));
          xml.writeAttribute("height", number(high));
          xml.writeAttribute("fill", picture.groundHex());
          xml.writeStartElement("g");
          xml.writeAttribute(
              "transform",
              "%s translate(%s %s)"
                  .formatted(turn(view, turnDegrees), number(-view.xMm()), number(-view.yMm()))
                  .strip());
          List<Mark> marks = picture.marks();
          MarkSvg.write(xml, marks, marks.stream().map(Mark::hex).toList());
          xml.writeEndElement();
        });
  }

  /** Turns a view about its corner so that it lies in the first quarter again. */
  private static String turn(Rect view, int degrees) {
    return switch (degrees) {
      case 90 -> "translate(%s 0) rotate(90)".formatted(number(view.heightMm()));
      case 180 ->
          "translate(%s %s) rotate(180)".formatted(number(view.widthMm()), number(view.heightMm()));
      case 270 -> "translate(0 %s) rotate(270)".formatted(number(view.widthMm()));
      default -> "";
    };
  }
}
