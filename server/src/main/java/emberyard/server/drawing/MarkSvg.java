package emberyard.server.drawing;

import static emberyard.server.drawing.SvgDocument.number;

import emberyard.core.canvas.Mark;
import emberyard.core.canvas.Mark.Anchor;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes the marks of a canvas as SVG 1.1, in mm. */
public final class MarkSvg {
  private MarkSvg() {}

  /**
   * Writes marks in their order.
   *
   * @param hexes the colour of each
   */
  public static void write(XMLStreamWriter xml, List<Mark> marks, List<String> hexes)
      throws XMLStreamException {
    for (int i = 0; i < marks.size(); i++) {
      Mark mark = marks.get(i);
      if (mark.words().isEmpty()) {
        path(xml, mark, hexes.get(i));
      } else {
        letters(xml, mark, hexes.get(i));
      }
    }
  }

  private static void path(XMLStreamWriter xml, Mark mark, String hex) throws XMLStreamException {
    if (mark.path().isBlank()) {
      return;
    }
    xml.writeEmptyElement("path");
    xml.writeAttribute("d", mark.path());
    if (mark.xMm() != 0 || mark.yMm() != 0) {
      xml.writeAttribute(
          "transform", "translate(%s %s)".formatted(number(mark.xMm()), number(mark.yMm())));
    }
    xml.writeAttribute("fill", mark.strokeMm() > 0 ? "none" : hex);
    if (mark.strokeMm() > 0) {
      xml.writeAttribute("stroke", hex);
      xml.writeAttribute("stroke-width", number(mark.strokeMm()));
      xml.writeAttribute("stroke-linejoin", "round");
    }
  }

  private static void letters(XMLStreamWriter xml, Mark mark, String hex)
      throws XMLStreamException {
    xml.writeStartElement("text");
    xml.writeAttribute("x", number(mark.xMm()));
    xml.writeAttribute("y", number(mark.yMm()));
    xml.writeAttribute("font-family", "monospace");
    xml.writeAttribute("font-size", number(mark.capitalMm() * Mark.SIZE));
    xml.writeAttribute("textLength", number(mark.lengthMm()));
    xml.writeAttribute("lengthAdjust", "spacingAndGlyphs");
    xml.writeAttribute("text-anchor", anchor(mark.anchor()));
    xml.writeAttribute("fill", hex);
    xml.writeCharacters(mark.words());
    xml.writeEndElement();
  }

  private static String anchor(Anchor anchor) {
    return anchor.name().toLowerCase(Locale.ROOT);
  }
}
