package emberyard.core.elevation;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.FacePlaces;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.LaidRun;
import emberyard.core.build.Layer;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.RunShape;
import emberyard.core.build.Size;
import emberyard.core.build.ThingLink;
import emberyard.core.build.Window;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.Stretch;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.StockColour;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Draws one face from the parts, screens, strips, components and things placed on it. */
final class FaceDrawing {
  private static final String GREY = "#8C8C8C";
  private static final String SCREEN_HEX = "#101A1C";
  private static final String SCREEN_OFF_HEX = "#2A3A3B";
  private static final double STRIP_MM = LaidRun.WIDE_MM;
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
            panelDetail(panel, sheet),
            List.of(),
            List.of()));
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
              pane == null || pane.colourHex() == null ? "open" : "tinted pane",
              List.of(),
              List.of()));
    }
  }

  private String panelHex(Panel panel, @Nullable SheetProduct sheet) {
    return scheme(panel)
        .map(PaintProduct::colourHex)
        .orElse(sheet == null ? GREY : sheet.colourHex());
  }

  private Optional<PaintProduct> scheme(Panel panel) {
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
    LaidRun laid = laid(item);
    Rect place = laid == null ? FacePlaces.placed(build, item) : boxOf(item, laid);
    if (place == null) {
      return;
    }
    ThingLink of = link(item);
    List<ShownCanvas> shown = shown(item, place);
    String lines = laid == null ? "" : lines(item, laid, place);
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
            lines.isEmpty() ? art(item, place, shown) : lines,
            item.kind() == ItemKind.SCREEN ? SCREEN_OFF_HEX : hex(item),
            lines.isEmpty() ? (item.strokeMm() == null ? 0 : item.strokeMm()) : LaidRun.WIDE_MM,
            shown.isEmpty() ? item.words() : "",
            detail(item),
            shown,
            lit(item, laid, place)));
  }

  private @Nullable LaidRun laid(FaceItem item) {
    return item.kind() != ItemKind.LIGHT_RUN || item.ofId() == null
        ? null
        : strip(item)
            .flatMap(strip -> LaidRun.of(build, strip))
            .filter(laid -> laid.item().equals(item))
            .orElse(null);
  }

  private Optional<LightStrip> strip(FaceItem item) {
    return build.strips().stream().filter(strip -> strip.id().equals(item.ofId())).findFirst();
  }

  /** Its own box, or one around the edges that it is laid along. */
  private @Nullable Rect boxOf(FaceItem item, LaidRun laid) {
    if (item.along() != null) {
      return laid.bounds();
    }
    Rect own = rect(item, item.widthMm(), item.heightMm());
    return own != null ? own : strip(item).map(strip -> LaidRun.straight(item, strip)).orElse(null);
  }

  /** Where its light comes from: a light that is no run lies as its box does. */
  private List<Stretch> lit(FaceItem item, @Nullable LaidRun laid, Rect place) {
    if (laid != null) {
      return laid.stretches();
    }
    return item.kind() == ItemKind.LIGHT_RUN
        ? LaidRun.inBox(place, loop(item, place) != null)
        : List.of();
  }

  /**
   * A run that is no plain bar or box is drawn as lines, y downwards from its upper left corner.
   */
  private String lines(FaceItem item, LaidRun laid, Rect place) {
    boolean ring = strip(item).map(strip -> strip.shape() == RunShape.RING).orElse(false);
    if (item.along() == null && !ring) {
      return "";
    }
    return LaidRun.path(laid.stretches(), place);
  }

  /** What a light run leaves free in its middle when it lies round a box; null for all others. */
  private @Nullable Rect loop(FaceItem item, Rect place) {
    boolean round =
        item.kind() == ItemKind.LIGHT_RUN
            && item.along() == null
            && strip(item).map(strip -> strip.shape() == RunShape.STRIP).orElse(true)
            && Math.min(place.widthMm(), place.heightMm()) > 2 * STRIP_MM;
    return round ? place.inset(STRIP_MM) : null;
  }

  /** A screen shows its canvases; before there are any, what was written on it by hand. */
  private List<ShownCanvas> shown(FaceItem item, Rect place) {
    return item.kind() == ItemKind.SCREEN && item.ofId() != null
        ? ShownCanvas.of(build, item.ofId(), place, Colour.hex(SCREEN_HEX))
        : List.of();
  }

  /** Its own lines; a vent field without any gets its holes. */
  private static String art(FaceItem item, Rect place, List<ShownCanvas> shown) {
    if (!shown.isEmpty()) {
      return "";
    }
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
      return strip(item).map(LightStrip::colourHex).orElse(GREY);
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
    return strip(item)
        .map(strip -> "%.0f mm of %s".formatted(strip.lengthMm(), strip.shape().words()))
        .orElse("");
  }
}
