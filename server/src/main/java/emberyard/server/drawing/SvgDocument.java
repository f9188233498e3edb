package emberyard.server.drawing;

import java.io.ByteArrayOutputStream;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** SVG 1.1 of our own drawings, one user unit a millimetre, y downwards. */
public final class SvgDocument {
  private SvgDocument() {}

  /** What is drawn. */
  public interface Drawing {
    void on(XMLStreamWriter xml) throws XMLStreamException;
  }

  /** A drawing as large as it is; painted into other pixels it fills them. */
  public static byte[] mm(double width, double height, Drawing drawing) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(bytes, "UTF-8");
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("svg");
      xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
      xml.writeAttribute("version", "1.1");
      xml.writeAttribute("width", number(width) + "mm");
      xml.writeAttribute("height", number(height) + "mm");
      xml.writeAttribute("viewBox", "0 0 %s %s".formatted(number(width), number(height)));
      xml.writeAttribute("preserveAspectRatio", "none");
      drawing.on(xml);
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.close();
    } catch (XMLStreamException impossible) {
      throw new IllegalStateException(impossible);
    }
    return bytes.toByteArray();
  }

  /** To a thousandth of a millimetre. */
  public static String number(double value) {
    String text = String.format(Locale.ROOT, "%.3f", value);
    return text.replaceAll("\\.?0+$", "");
  }
}
