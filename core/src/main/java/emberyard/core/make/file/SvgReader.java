package emberyard.core.make.file;

import emberyard.core.units.InvalidValue;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.TransformListParser;
import org.jspecify.annotations.Nullable;

/**
 * Lines of an SVG drawing in mm, y upwards from the drawing's lower edge: paths, shapes,
 * transforms, nested groups, units. Nothing outside the file is read; a file with a document type,
 * entities or scripts is refused.
 */
public final class SvgReader {
  /** Longest drawing, characters. */
  public static final int LONGEST = 20_000_000;

  private static final double PIXEL_MM = 25.4 / 96;
  private static final int DEEPEST = 100;
  private static final Set<String> HIDDEN =
      Set.of(
          "defs",
          "clipPath",
          "mask",
          "symbol",
          "pattern",
          "marker",
          "metadata",
          "title",
          "desc",
          "style");

  private final Pen pen = new Pen();
  private final Set<String> notes = new LinkedHashSet<>();
  private final Deque<Level> levels = new ArrayDeque<>();
  private boolean root = true;

  private record Level(Affine place, String layer, boolean hidden) {}

  private SvgReader() {}

  /**
   * @throws InvalidValue (field {@code file}) with a sentence where it can't be used
   */
  public static DrawnLines read(String svg) {
    if (svg.length() > LONGEST) {
      throw new InvalidValue("file", "The drawing is larger than 20 MB.");
    }
    try {
      return new SvgReader().run(svg);
    } catch (XMLStreamException | ParseException damaged) {
      throw new InvalidValue("file", "The file is no readable SVG drawing.");
    }
  }

  private DrawnLines run(String svg) throws XMLStreamException {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
    XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(svg));
    levels.push(new Level(Affine.NONE, "", false));
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
        throw new InvalidValue(
            "file", "The drawing defines entities of its own. Save it as plain SVG and try again.");
      }
      if (event == XMLStreamConstants.START_ELEMENT) {
        open(xml);
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        levels.pop();
      }
    }
    if (root) {
      throw new InvalidValue("file", "The file is no SVG drawing.");
    }
    List<DrawnLines.Line> lines = pen.lines();
    if (lines.isEmpty()) {
      throw new InvalidValue("file", "There is no line in the drawing.");
    }
    return new DrawnLines(lines, new ArrayList<>(notes));
  }

  private void open(XMLStreamReader xml) {
    String name = xml.getLocalName();
    if (name.equals("script") || name.equals("foreignObject")) {
      throw new InvalidValue(
          "file", "The drawing carries a script: only plain drawings are taken.");
    }
    if (root && !name.equals("svg")) {
      throw new InvalidValue("file", "The file is no SVG drawing.");
    }
    if (levels.size() > DEEPEST) {
      throw new InvalidValue("file", "The drawing nests more than 100 groups.");
    }
    Level outer = levels.peek();
    Affine place = outer.place();
    if (root) {
      place = page(xml);
      root = false;
    } else if (name.equals("svg")) {
      place = place.then(Affine.shift(number(xml, "x"), number(xml, "y")));
    }
    String transform = xml.getAttributeValue(null, "transform");
    if (transform != null) {
      place = place.then(transform(transform));
    }
    boolean hidden = outer.hidden() || HIDDEN.contains(name) || invisible(xml);
    levels.push(new Level(place, layer(xml, name, outer.layer()), hidden));
    if (!hidden) {
      pen.at(place, levels.peek().layer());
      draw(xml, name);
    }
  }

  private static String layer(XMLStreamReader xml, String name, String outer) {
    String id = xml.getAttributeValue(null, "id");
    return name.equals("g") && id != null ? id : outer;
  }

  private static boolean invisible(XMLStreamReader xml) {
    String style = xml.getAttributeValue(null, "style");
    return "none".equals(xml.getAttributeValue(null, "display"))
        || "hidden".equals(xml.getAttributeValue(null, "visibility"))
        || (style != null && style.replace(" ", "").contains("display:none"));
  }

  private void draw(XMLStreamReader xml, String name) {
    switch (name) {
      case "path" -> path(xml.getAttributeValue(null, "d"));
      case "rect" -> rect(xml);
      case "circle" -> ellipse(xml, number(xml, "r"), number(xml, "r"));
      case "ellipse" -> ellipse(xml, number(xml, "rx"), number(xml, "ry"));
      case "line" -> {
        pen.moveTo(number(xml, "x1"), number(xml, "y1"));
        pen.lineTo(number(xml, "x2"), number(xml, "y2"));
      }
      case "polyline" -> points(xml.getAttributeValue(null, "points"), false);
      case "polygon" -> points(xml.getAttributeValue(null, "points"), true);
      case "text" -> notes.add("Text was left out: turn it into outlines first.");
      case "image" -> notes.add("A picture was left out: only lines are taken.");
      case "use" -> notes.add("A copied symbol was left out: turn copies into paths first.");
      default -> {
        // groups and what has no line of its own
      }
    }
  }

  private void path(@Nullable String data) {
    if (data != null && !data.isBlank()) {
      try {
        PathReader.draw(data, pen);
      } catch (InvalidValue unreadable) {
        throw new InvalidValue("file", unreadable.getMessage());
      }
    }
  }

  private void rect(XMLStreamReader xml) {
    double x = number(xml, "x");
    double y = number(xml, "y");
    double w = number(xml, "width");
    double h = number(xml, "height");
    if (w <= 0 || h <= 0) {
      return;
    }
    boolean hasX = xml.getAttributeValue(null, "rx") != null;
    boolean hasY = xml.getAttributeValue(null, "ry") != null;
    double rx = Math.min(w / 2, hasX ? number(xml, "rx") : number(xml, "ry"));
    double ry = Math.min(h / 2, hasY ? number(xml, "ry") : number(xml, "rx"));
    pen.moveTo(x + rx, y);
    pen.lineTo(x + w - rx, y);
    pen.ellipseTo(rx, ry, 0, false, true, x + w, y + ry);
    pen.lineTo(x + w, y + h - ry);
    pen.ellipseTo(rx, ry, 0, false, true, x + w - rx, y + h);
    pen.lineTo(x + rx, y + h);
    pen.ellipseTo(rx, ry, 0, false, true, x, y + h - ry);
    pen.lineTo(x, y + ry);
    pen.ellipseTo(rx, ry, 0, false, true, x + rx, y);
    pen.close();
  }

  private void ellipse(XMLStreamReader xml, double rx, double ry) {
    if (rx <= 0 || ry <= 0) {
      return;
    }
    double cx = number(xml, "cx");
    double cy = number(xml, "cy");
    pen.moveTo(cx - rx, cy);
    pen.ellipseTo(rx, ry, 0, false, true, cx + rx, cy);
    pen.ellipseTo(rx, ry, 0, false, true, cx - rx, cy);
    pen.close();
  }

  private void points(@Nullable String list, boolean closed) {
    if (list == null || list.isBlank()) {
      return;
    }
    String[] numbers = list.trim().split("[\\s,]+");
    for (int i = 0; i + 1 < numbers.length; i += 2) {
      double x = plain(numbers[i]);
      double y = plain(numbers[i + 1]);
      if (i == 0) {
        pen.moveTo(x, y);
      } else {
        pen.lineTo(x, y);
      }
    }
    if (closed) {
      pen.close();
    }
  }

  /** From the page to mm with y upwards. */
  private Affine page(XMLStreamReader xml) {
    String box = xml.getAttributeValue(null, "viewBox");
    String width = xml.getAttributeValue(null, "width");
    String height = xml.getAttributeValue(null, "height");
    double[] view = box == null ? null : view(box);
    boolean sized =
        width != null && !width.endsWith("%") && height != null && !height.endsWith("%");
    double w = sized ? millimetres(width) : view == null ? 0 : view[2] * PIXEL_MM;
    double h = sized ? millimetres(height) : view == null ? 0 : view[3] * PIXEL_MM;
    if (!sized) {
      notes.add("The drawing states no size: 96 units are taken for an inch.");
    }
    if (view == null) {
      return new Affine(PIXEL_MM, 0, 0, -PIXEL_MM, 0, h);
    }
    double scale = Math.min(w / view[2], h / view[3]);
    return new Affine(scale, 0, 0, -scale, -view[0] * scale, h + view[1] * scale);
  }

  private static double[] view(String box) {
    String[] parts = box.trim().split("[\\s,]+");
    if (parts.length != 4 || plain(parts[2]) <= 0 || plain(parts[3]) <= 0) {
      throw new InvalidValue("file", "The drawing's viewBox can't be read.");
    }
    return new double[] {plain(parts[0]), plain(parts[1]), plain(parts[2]), plain(parts[3])};
  }

  private static Affine transform(String text) {
    AWTTransformProducer producer = new AWTTransformProducer();
    TransformListParser parser = new TransformListParser();
    parser.setTransformListHandler(producer);
    parser.parse(text);
    double[] six = new double[6];
    producer.getAffineTransform().getMatrix(six);
    return new Affine(six[0], six[1], six[2], six[3], six[4], six[5]);
  }

  /** A length of the drawing in user units. */
  private static double number(XMLStreamReader xml, String attribute) {
    String text = xml.getAttributeValue(null, attribute);
    return text == null || text.isBlank() ? 0 : millimetres(text) / PIXEL_MM;
  }

  /** A length with its unit, user units taken for pixels. */
  private static double millimetres(String text) {
    String word = text.trim().toLowerCase(Locale.ROOT);
    double factor = PIXEL_MM;
    int unit = word.length();
    while (unit > 0 && Character.isLetter(word.charAt(unit - 1))) {
      unit--;
    }
    factor =
        switch (word.substring(unit)) {
          case "mm" -> 1;
          case "cm" -> 10;
          case "in" -> 25.4;
          case "pt" -> 25.4 / 72;
          case "pc" -> 25.4 / 6;
          default -> PIXEL_MM;
        };
    return plain(word.substring(0, unit)) * factor;
  }

  private static double plain(String text) {
    try {
      double value = Double.parseDouble(text.trim());
      if (Double.isNaN(value) || Double.isInfinite(value)) {
        throw new NumberFormatException(text);
      }
      return value;
    } catch (NumberFormatException wrong) {
      String shown = text.length() > 30 ? text.substring(0, 30) : text;
      throw new InvalidValue("file", "“%s” in the drawing is no number.".formatted(shown));
    }
  }
}
