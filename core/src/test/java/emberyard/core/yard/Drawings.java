package emberyard.core.yard;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Design;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Panel;
import emberyard.core.build.Requirement;
import emberyard.core.build.Screen;
import emberyard.core.build.Size;
import emberyard.core.build.Window;
import emberyard.core.elevation.Elevation;
import java.util.List;

/** Builds of 200 × 100 × 300 mm (width, height, depth) with things on their faces. */
public final class Drawings {
  public static final Size SIZE = new Size(200, 100, 300);
  public static final String GREEN = "#2E4A45";
  public static final String CREAM = "#EDE3C4";
  public static final String BRASS = "#B08B3E";

  private Drawings() {}

  public static PaletteColour colour(String name, String hex, Role role) {
    return new PaletteColour(name, hex, role);
  }

  public static List<PaletteColour> palette() {
    return List.of(
        colour("green", GREEN, Role.BASE),
        colour("cream", CREAM, Role.SECOND),
        colour("brass", BRASS, Role.ACCENT));
  }

  /** A design with these things on the faces, and parts, screens and strips behind them. */
  public static Design design(
      List<FaceItem> items, List<Panel> panels, List<Screen> screens, List<LightStrip> strips) {
    Look look = new Look(List.of(), palette(), SIZE);
    return Design.of(look)
        .with(FaceItem.class, items)
        .with(Panel.class, panels)
        .with(Screen.class, screens)
        .with(LightStrip.class, strips);
  }

  public static Build build(Design design, List<Requirement> requirements) {
    Brief brief = Samples.brief(null);
    return Build.begun(brief, Concept.open("b1", design.look()))
        .with(design)
        .with(Requirement.class, requirements);
  }

  public static Build items(FaceItem... items) {
    return build(design(List.of(items), List.of(), List.of(), List.of()), List.of());
  }

  public static FaceItem item(
      String id, ItemKind kind, double x, double y, double width, double height) {
    return FaceItem.plain(id, Face.FRONT, kind, id, x, y, width, height);
  }

  public static Panel panel(Face face, double width, double height, Window window) {
    Panel of = Samples.panel();
    return new Panel(
        of.id(),
        of.name(),
        face,
        of.sheetId(),
        width,
        height,
        1,
        window,
        null,
        of.cutMethod(),
        0,
        null,
        null);
  }

  public static Elevation face(Build build, Face face) {
    return Elevation.of(build, Samples.book()).stream()
        .filter(each -> each.face() == face)
        .findFirst()
        .orElseThrow();
  }

  public static Elevation front(FaceItem... items) {
    return face(items(items), Face.FRONT);
  }
}
