package emberyard.core.elevation;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.Layer;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.Screen;
import emberyard.core.build.Size;
import emberyard.core.build.ThingLink;
import emberyard.core.build.Window;
import emberyard.core.geometry.Rect;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.StockColour;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Draws one face from the parts, screens, strips, components and things placed on it. */
final class FaceDrawing {
  private static final String GREY = "#8C8C8C";
  private static final String SCREEN_HEX = "#101A1C";
  private static final String SCREEN_OFF_HEX = "#2A3A3B";
  private static final double STRIP_MM = 10;
  private static final double CLEAR_PANE = 0.9;

  private final Build build;
  private final WorkshopBook book;
  private final Face face;
  private final double widthMm;
  private final double heightMm;
  private final Map<String, FaceItem> placed = new HashMap<>();
  private final List<ElevationItem> drawn = new ArrayList<>();

  FaceDrawing(Build build, WorkshopBook book, Face face, Size size) {
    this.build = build;
    this.book = book;
    this.face = face;
    this.widthMm = face.widthMm(size);
    this.heightMm = face.heightMm(size);
    for (FaceItem item : build.items()) {
      if (item.ofId() != null) {
        placed.put(item.kind() + "/" + item.ofId(), item);
      }
    }
  }

  String groundHex() {
    return build.concept().look().palette().stream()
        .filter(colour -> colour.role() == PaletteColour.Role.BASE)
        .map(PaletteColour::hex)
        .findFirst()
        .orElse(GREY);
  }

  List<ElevationItem> items() {
    build.panels().forEach(this::panel);
    for (FaceItem item : build.items()) {
      if (item.face() == face && !windowOfPanel(item)) {
        item(item);
      }
    }
    drawn.sort(Elevation.paintingOrder());
    return drawn;
  }

  private static boolean windowOfPanel(FaceItem item) {
    return item.ofId() != null && (item.kind() == ItemKind.PANEL || item.kind() == ItemKind.WINDOW);
  }

  /**
   * A panel that is seen lies where it was put, or in the middle of its face; its opening goes with
   * it.
   */
  private void panel(Panel panel) {
    if (panel.drawing().inside()) {
      return;
    }
    FaceItem at = placed.get(ItemKind.PANEL + "/" + panel.id());
    if ((at == null ? panel.face() : at.face()) != face) {
      return;
    }
    double x = at == null ? (widthMm - panel.widthMm()) / 2 : at.xMm();
    double y = at == null ? (heightMm - panel.heightMm()) / 2 : at.yMm();
    Layer layer = at == null ? Layer.IN : at.layer();
    Window window = panel.window();
    Rect hole =
        window == null
            ? null
            : new Rect(x + window.xMm(), y + window.yMm(), window.widthMm(), window.heightMm());
    SheetProduct sheet = book.sheet(panel.sheetId()).orElse(null);
    ThingLink of = new ThingLink("panels", panel.id());
    drawn.add(
        new ElevationItem(
            panel.id(),
            ItemKind.PANEL,
            panel.name(),
            of,
            at,
            new Rect(x, y, panel.widthMm(), panel.heightMm()),
            hole,
            layer,
            false,
            panelHex(panel, sheet),
            0,
            sheet == null ? null : material(sheet.material()),
            "",
            panelHex(panel, sheet),
            0,
            "",
            panelDetail(panel, sheet)));
    if (hole != null) {
      FaceItem pane = placed.get(ItemKind.WINDOW + "/" + panel.id());
      drawn.add(
          new ElevationItem(
              panel.id() + "/window",
              ItemKind.WINDOW,
              "Window of " + panel.name(),
              of,
              pane,
              hole,
              null,
              layer,
              layer == Layer.IN,
              pane == null || pane.colourHex() == null ? Elevation.INSIDE_HEX : pane.colourHex(),
              pane == null || pane.clearness() == null ? CLEAR_PANE : pane.clearness(),
              pane == null ? null : pane.material(),
              "",
              Elevation.INSIDE_HEX,
              0,
              "",
              pane == null || pane.colourHex() == null ? "open" : "tinted pane"));
    }
  }

  private String panelHex(Panel panel, @Nullable SheetProduct sheet) {
    return scheme(panel)
        .map(PaintProduct::colourHex)
        .orElse(sheet == null ? GREY : sheet.colourHex());
  }

  private java.util.Optional<PaintProduct> scheme(Panel panel) {
    return build.schemes().stream()
        .filter(scheme -> scheme.panelId().equals(panel.id()))
        .flatMap(scheme -> scheme.shown().stream())
        .findFirst()
        .flatMap(step -> book.paint(String.valueOf(step.productId())));
  }

  private String panelDetail(Panel panel, @Nullable SheetProduct sheet) {
    String made = sheet == null ? "no sheet" : sheet.name();
    return made + scheme(panel).map(paint -> ", " + paint.name()).orElse("");
  }

  private static ItemMaterial material(Material material) {
    return switch (material) {
      case ACRYLIC -> ItemMaterial.ACRYLIC;
      case PLY, MDF -> ItemMaterial.WOOD;
      case ALUMINIUM, STEEL -> ItemMaterial.METAL;
      default -> ItemMaterial.PLASTIC;
    };
  }

  private void item(FaceItem item) {
    Rect place = place(item);
    if (place == null) {
      return;
    }
    ThingLink of = link(item);
    drawn.add(
        new ElevationItem(
            item.id(),
            item.kind(),
            item.name(),
            of,
            item,
            place,
            loop(item, place),
            item.layer(),
            item.kind().opening() && item.layer() == Layer.IN,
            hex(item),
            clearness(item),
            item.material(),
            art(item, place),
            item.kind() == ItemKind.SCREEN ? SCREEN_OFF_HEX : hex(item),
            item.strokeMm() == null ? 0 : item.strokeMm(),
            item.words(),
            detail(item)));
  }

  /** Size from the thing it stands for, from itself otherwise; null when the thing is gone. */
  private @Nullable Rect place(FaceItem item) {
    if (item.ofId() == null) {
      return rect(item, item.widthMm(), item.heightMm());
    }
    for (Screen screen : build.screens()) {
      if (item.kind() == ItemKind.SCREEN && screen.id().equals(item.ofId())) {
        return rect(item, screen.standsWideMm(), screen.standsHighMm());
      }
    }
    for (LightStrip strip : build.strips()) {
      if (item.kind() == ItemKind.LIGHT_RUN && strip.id().equals(item.ofId())) {
        return run(item, strip);
      }
    }
    for (Component component : build.components()) {
      if (component.id().equals(item.ofId()) && item.widthMm() != null) {
        return rect(item, item.widthMm(), item.heightMm());
      }
    }
    return null;
  }

  /** A strip lies straight, or round the edge of the box it is given. */
  private static @Nullable Rect run(FaceItem item, LightStrip strip) {
    if (item.widthMm() != null && item.heightMm() != null) {
      return rect(item, item.widthMm(), item.heightMm());
    }
    return item.upright()
        ? rect(item, STRIP_MM, strip.lengthMm())
        : rect(item, strip.lengthMm(), STRIP_MM);
  }

  /** What a light run leaves free in its middle when it lies round a box; null for all others. */
  private static @Nullable Rect loop(FaceItem item, Rect place) {
    boolean round =
        item.kind() == ItemKind.LIGHT_RUN
            && Math.min(place.widthMm(), place.heightMm()) > 2 * STRIP_MM;
    return round ? place.inset(STRIP_MM) : null;
  }

  /** Its own lines; a vent field without any gets its holes. */
  private static String art(FaceItem item, Rect place) {
    boolean field = item.kind() == ItemKind.VENT && item.art().isEmpty();
    return field ? VentField.path(place.widthMm(), place.heightMm()) : item.art();
  }

  private static @Nullable Rect rect(
      FaceItem item, @Nullable Double width, @Nullable Double height) {
    return width == null || height == null ? null : new Rect(item.xMm(), item.yMm(), width, height);
  }

  private static @Nullable ThingLink link(FaceItem item) {
    if (item.ofId() == null) {
      return null;
    }
    return switch (item.kind()) {
      case SCREEN -> new ThingLink("screens", item.ofId());
      case LIGHT_RUN -> new ThingLink("strips", item.ofId());
      default -> new ThingLink("components", item.ofId());
    };
  }

  private String hex(FaceItem item) {
    StockColour stock = stock(item);
    if (stock != null) {
      return stock.hex();
    }
    if (item.kind() == ItemKind.SCREEN) {
      return SCREEN_HEX;
    }
    if (item.colourHex() != null) {
      return item.colourHex();
    }
    if (item.kind() == ItemKind.LIGHT_RUN && item.ofId() != null) {
      return build.strips().stream()
          .filter(strip -> strip.id().equals(item.ofId()))
          .map(LightStrip::colourHex)
          .findFirst()
          .orElse(GREY);
    }
    return switch (item.kind()) {
      case VENT, WINDOW, CUT_OUT -> Elevation.INSIDE_HEX;
      default -> groundHex();
    };
  }

  private @Nullable StockColour stock(FaceItem item) {
    return item.stockId() == null
        ? null
        : book.stockColours().stream()
            .filter(colour -> colour.id().equals(item.stockId()))
            .findFirst()
            .orElse(null);
  }

  private static double clearness(FaceItem item) {
    if (item.clearness() != null) {
      return item.clearness();
    }
    return item.kind().opening() ? CLEAR_PANE : 0;
  }

  private String detail(FaceItem item) {
    StockColour stock = stock(item);
    String made = item.material() == null ? item.kind().words() : item.material().words();
    if (item.kind() == ItemKind.LIGHT_RUN && item.ofId() != null) {
      made = run(item);
    }
    return made + (stock == null ? "" : ", " + stock.name());
  }

  private String run(FaceItem item) {
    double length =
        build.strips().stream()
            .filter(strip -> strip.id().equals(item.ofId()))
            .mapToDouble(LightStrip::lengthMm)
            .findFirst()
            .orElse(0);
    return item.widthMm() == null || item.heightMm() == null
        ? "%.0f mm of strip".formatted(length)
        : "%.0f mm of strip round a box of %.0f mm"
            .formatted(length, 2 * (item.widthMm() + item.heightMm()));
  }
}
