package emberyard.server.concept;

import static emberyard.server.drawing.SvgDocument.number;

import emberyard.core.build.Face;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.elevation.Dusk;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.elevation.ShownCanvas;
import emberyard.core.geometry.Rect;
import emberyard.core.glow.SceneLight;
import emberyard.server.drawing.MarkSvg;
import emberyard.server.drawing.SvgDocument;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/** Writes faces as SVG 1.1, one user unit a millimetre, y downwards. */
final class FaceSvg {
  private static final double GAP_MM = 24;

  private final XMLStreamWriter xml;
  private final @Nullable SceneLight light;
  private int clips;

  private FaceSvg(XMLStreamWriter xml, @Nullable SceneLight light) {
    this.xml = xml;
    this.light = light;
  }

  /**
   * One face, as large as it is.
   *
   * @param light in which it is seen, null for day with the lights off
   */
  static byte[] face(Elevation face, @Nullable SceneLight light) {
    return document(face.widthMm(), face.heightMm(), light, svg -> svg.paint(face));
  }

  /** Unfolded: left, front, right, back in a row, top above and bottom below the front. */
  static byte[] sheet(List<Elevation> faces, @Nullable SceneLight light) {
    Map<Face, Elevation> by = new EnumMap<>(Face.class);
    faces.forEach(face -> by.put(face.face(), face));
    Elevation front = by.get(Face.FRONT);
    double depth = by.get(Face.LEFT).widthMm();
    double width = 2 * depth + 2 * front.widthMm() + 3 * GAP_MM;
    double height = front.heightMm() + 2 * depth + 2 * GAP_MM;
    return document(
        width,
        height,
        light,
        svg -> {
          double x = depth + GAP_MM;
          double y = depth + GAP_MM;
          svg.at(0, y, by.get(Face.LEFT));
          svg.at(x, 0, by.get(Face.TOP));
          svg.at(x, y, front);
          svg.at(x, y + front.heightMm() + GAP_MM, by.get(Face.BOTTOM));
          svg.at(x + front.widthMm() + GAP_MM, y, by.get(Face.RIGHT));
          svg.at(x + front.widthMm() + depth + 2 * GAP_MM, y, by.get(Face.BACK));
        });
  }

  private interface Drawing {
    void on(FaceSvg svg) throws XMLStreamException;
  }

  private static byte[] document(
      double width, double height, @Nullable SceneLight light, Drawing drawing) {
    return SvgDocument.mm(width, height, xml -> drawing.on(new FaceSvg(xml, light)));
  }

  private void at(double x, double y, Elevation face) throws XMLStreamException {
    xml.writeStartElement("g");
    xml.writeAttribute("transform", "translate(%s %s)".formatted(number(x), number(y)));
    if (!face.shown()) {
      xml.writeAttribute("opacity", "0.35");
    }
    paint(face);
    xml.writeEndElement();
  }

  private void paint(Elevation face) throws XMLStreamException {
    Map<String, Dusk.Mesh> meshes = light == null ? Map.of() : Dusk.of(face, light);
    surface(face, face.outline(), null, face.groundHex(), meshes.get(""));
    for (ElevationItem drawn : face.items()) {
      if (drawn.layer() == Layer.IN && !drawn.openTo()) {
        item(face, drawn, meshes);
      }
    }
    for (ElevationItem opening : face.items()) {
      if (opening.openTo()) {
        opening(face, opening, meshes);
      }
    }
    for (ElevationItem drawn : face.items()) {
      if (drawn.layer() == Layer.ON && drawn.kind() != ItemKind.WINDOW) {
        item(face, drawn, meshes);
      }
    }
  }

  /** The inside, what lies behind cut to the opening, and the pane's tint over it. */
  private void opening(Elevation face, ElevationItem opening, Map<String, Dusk.Mesh> meshes)
      throws XMLStreamException {
    surface(face, opening.place(), null, face.insideHex(), meshes.get(opening.id()));
    String clip = "clip-" + face.face().words() + clips++;
    xml.writeStartElement("clipPath");
    xml.writeAttribute("id", clip);
    rect(face, opening.place(), "#000000", null);
    xml.writeEndElement();
    xml.writeStartElement("g");
    xml.writeAttribute("clip-path", "url(#" + clip + ")");
    for (ElevationItem behind : face.items()) {
      if (behind.layer() == Layer.BEHIND && behind.place().overlaps(opening.place())) {
        item(face, behind, meshes);
      }
    }
    xml.writeEndElement();
    Dusk.Mesh pane = meshes.get(opening.id() + Dusk.PANE);
    String tint = pane == null ? opening.colourHex() : pane.hexes().get(0);
    rect(face, opening.place(), tint, 1 - opening.clearness());
  }

  private void item(Elevation face, ElevationItem drawn, Map<String, Dusk.Mesh> meshes)
      throws XMLStreamException {
    Dusk.Mesh mesh = meshes.get(drawn.id());
    String hex = mesh == null ? drawn.colourHex() : mesh.hexes().get(mesh.hexes().size() / 2);
    if (!drawn.shaped()) {
      surface(face, drawn.place(), drawn.hole(), drawn.colourHex(), mesh);
    }
    if (drawn.kind() == ItemKind.SCREEN) {
      Dusk.Mesh picture = meshes.get(drawn.id() + Dusk.PICTURE);
      hex = picture == null ? drawn.artHex() : picture.hexes().get(0);
    }
    art(face, drawn, hex);
    shown(face, drawn, meshes);
  }

  /** What a screen shows of its canvas: by day, with the lights off, only faintly. */
  private void shown(Elevation face, ElevationItem drawn, Map<String, Dusk.Mesh> meshes)
      throws XMLStreamException {
    for (ShownCanvas canvas : drawn.shown()) {
      Dusk.Mesh lit = meshes.get(drawn.id() + Dusk.SHOWS + canvas.canvasId());
      boolean day = meshes.isEmpty() && canvas.equals(drawn.shown().get(0));
      if (lit != null || day) {
        shown(face, canvas, lit == null ? canvas.offHexes() : lit.hexes());
      }
    }
  }

  private void shown(Elevation face, ShownCanvas canvas, List<String> hexes)
      throws XMLStreamException {
    Rect place = canvas.place();
    xml.writeStartElement("svg");
    xml.writeAttribute("x", number(place.xMm()));
    xml.writeAttribute("y", number(face.heightMm() - place.top()));
    xml.writeAttribute("width", number(place.widthMm()));
    xml.writeAttribute("height", number(place.heightMm()));
    xml.writeAttribute(
        "viewBox",
        "%s %s %s %s"
            .formatted(
                number(canvas.viewXMm()),
                number(canvas.viewYMm()),
                number(place.widthMm()),
                number(place.heightMm())));
    MarkSvg.write(xml, canvas.marks(), hexes);
    xml.writeEndElement();
  }

  private void art(Elevation face, ElevationItem drawn, String hex) throws XMLStreamException {
    double x = drawn.place().xMm();
    double y = face.heightMm() - drawn.place().top();
    if (!drawn.art().isEmpty()) {
      xml.writeEmptyElement("path");
      xml.writeAttribute("transform", "translate(%s %s)".formatted(number(x), number(y)));
      xml.writeAttribute("d", drawn.art());
      xml.writeAttribute("fill", drawn.strokeMm() > 0 ? "none" : hex);
      if (drawn.strokeMm() > 0) {
        xml.writeAttribute("stroke", hex);
        xml.writeAttribute("stroke-width", number(drawn.strokeMm()));
      }
    }
    if (!drawn.words().isEmpty()) {
      xml.writeStartElement("text");
      xml.writeAttribute("x", number(x));
      xml.writeAttribute("y", number(face.heightMm() - drawn.place().yMm()));
      xml.writeAttribute("font-family", "sans-serif");
      xml.writeAttribute("font-size", number(textMm(drawn)));
      xml.writeAttribute("fill", hex);
      xml.writeCharacters(drawn.words());
      xml.writeEndElement();
    }
  }

  /** As high as its box, and no wider: a letter takes about 0.6 of its height. */
  private static double textMm(ElevationItem drawn) {
    double byWidth = drawn.place().widthMm() / (0.62 * Math.max(1, drawn.words().length()));
    return drawn.art().isEmpty()
        ? Math.min(drawn.place().heightMm(), byWidth)
        : Math.min(8, byWidth);
  }

  private void surface(
      Elevation face, Rect place, @Nullable Rect hole, String hex, Dusk.@Nullable Mesh mesh)
      throws XMLStreamException {
    if (mesh == null || mesh.hexes().size() == 1) {
      String colour = mesh == null ? hex : mesh.hexes().get(0);
      if (hole == null) {
        rect(face, place, colour, null);
      } else {
        frame(face, place, hole, colour);
      }
      return;
    }
    double width = place.widthMm() / mesh.columns();
    double height = place.heightMm() / mesh.rows();
    for (int i = 0; i < mesh.hexes().size(); i++) {
      double x = place.xMm() + (i % mesh.columns()) * width;
      double y = place.top() - (i / mesh.columns() + 1) * height;
      // a hair wider than the cell, so that no seam shows
      rect(face, new Rect(x, y, width + 0.1, height + 0.1), mesh.hexes().get(i), null);
    }
  }

  private void rect(Elevation face, Rect place, String hex, @Nullable Double opacity)
      throws XMLStreamException {
    xml.writeEmptyElement("rect");
    xml.writeAttribute("x", number(place.xMm()));
    xml.writeAttribute("y", number(face.heightMm() - place.top()));
    xml.writeAttribute("width", number(place.widthMm()));
    xml.writeAttribute("height", number(place.heightMm()));
    xml.writeAttribute("fill", hex);
    if (opacity != null) {
      xml.writeAttribute("fill-opacity", number(opacity));
    }
  }

  private void frame(Elevation face, Rect place, Rect hole, String hex) throws XMLStreamException {
    xml.writeEmptyElement("path");
    xml.writeAttribute("d", outline(face, place) + outline(face, hole));
    xml.writeAttribute("fill-rule", "evenodd");
    xml.writeAttribute("fill", hex);
  }

  private static String outline(Elevation face, Rect rect) {
    return "M%s %sh%sv%sh%sz"
        .formatted(
            number(rect.xMm()),
            number(face.heightMm() - rect.top()),
            number(rect.widthMm()),
            number(rect.heightMm()),
            number(-rect.widthMm()));
  }
}
