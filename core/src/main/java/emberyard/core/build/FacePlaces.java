package emberyard.core.build;

import emberyard.core.geometry.Rect;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Where things lie on a face: there is one truth of every size. */
public final class FacePlaces {
  private FacePlaces() {}

  /**
   * What is meant by the id of a thing on a face.
   *
   * @param id of a thing that was placed, of a part that lies in the middle of its face by default,
   *     or empty for the face itself
   */
  public static Optional<Rect> named(DesignLists design, Face face, String id) {
    Size size = design.outerSize();
    if (size == null) {
      return Optional.empty();
    }
    if (id.isEmpty()) {
      return Optional.of(new Rect(0, 0, face.widthMm(size), face.heightMm(size)));
    }
    Optional<FaceItem> item =
        design.items().stream()
            .filter(each -> each.id().equals(id) && each.face() == face)
            .filter(each -> each.kind() != ItemKind.LIGHT_RUN)
            .findFirst();
    return item.isPresent()
        ? item.map(each -> placed(design, each))
        : design.panel(id).filter(panel -> face == panel.face()).map(panel -> middle(panel, size));
  }

  /** Size from the thing it stands for, from itself otherwise; null when the thing is gone. */
  public static @Nullable Rect placed(DesignLists design, FaceItem item) {
    if (item.ofId() == null) {
      return rect(item, item.widthMm(), item.heightMm());
    }
    return switch (item.kind()) {
      case SCREEN ->
          design
              .things()
              .find(Screen.class, item.ofId())
              .map(screen -> rect(item, screen.standsWideMm(), screen.standsHighMm()))
              .orElseGet(() -> component(design, item));
      case PANEL ->
          design
              .panel(item.ofId())
              .map(panel -> rect(item, panel.widthMm(), panel.heightMm()))
              .orElse(null);
      case WINDOW -> window(design, item);
      default -> component(design, item);
    };
  }

  private static @Nullable Rect component(DesignLists design, FaceItem item) {
    return design
        .component(String.valueOf(item.ofId()))
        .map(there -> rect(item, item.widthMm(), item.heightMm()))
        .orElse(null);
  }

  /** The opening of a part, which goes where the part goes. */
  private static @Nullable Rect window(DesignLists design, FaceItem item) {
    Size size = design.outerSize();
    Panel panel = design.panel(String.valueOf(item.ofId())).orElse(null);
    if (panel == null || panel.window() == null || size == null) {
      return null;
    }
    Window window = panel.window();
    Rect host =
        design.items().stream()
            .filter(each -> each.kind() == ItemKind.PANEL && panel.id().equals(each.ofId()))
            .findFirst()
            .map(each -> rect(each, panel.widthMm(), panel.heightMm()))
            .orElseGet(() -> middle(panel, size));
    return new Rect(
        host.xMm() + window.xMm(), host.yMm() + window.yMm(), window.widthMm(), window.heightMm());
  }

  /** Where a part lies that nobody moved: in the middle of its face. */
  public static Rect middle(Panel panel, Size size) {
    return new Rect(
        (panel.face().widthMm(size) - panel.widthMm()) / 2,
        (panel.face().heightMm(size) - panel.heightMm()) / 2,
        panel.widthMm(),
        panel.heightMm());
  }

  private static @Nullable Rect rect(
      FaceItem item, @Nullable Double width, @Nullable Double height) {
    return width == null || height == null ? null : new Rect(item.xMm(), item.yMm(), width, height);
  }
}
