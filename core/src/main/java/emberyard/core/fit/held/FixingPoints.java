package emberyard.core.fit.held;

import emberyard.core.build.Body;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Seat;
import emberyard.core.build.Thermal;
import java.util.ArrayList;
import java.util.List;

/** Where a bought thing takes screws, by name; the maker's own data sheet comes first. */
final class FixingPoints {
  /** Boards up to this size have posts at their corners only: mini-ITX. */
  private static final double CORNERS_ONLY_MM = 175;

  /** From one expansion slot to the next. */
  private static final double SLOT_MM = 20.32;

  private static final List<String> CORNERS =
      List.of("front left", "front right", "back left", "back right");

  private FixingPoints() {}

  /**
   * Points of one, as it stands upright; none where nothing is known: pumps, hubs, controllers.
   *
   * <p>Example: a board of 170 × 170 mm has 4, one of 244 × 244 mm 9, a fan 4, a radiator of three
   * sections 12, a card 50 mm wide 3 slots.
   */
  static List<String> of(Component component) {
    Body body = component.body();
    if (body == null) {
      return List.of();
    }
    return switch (component.kind()) {
      case BOARD -> Math.max(body.widthMm(), body.depthMm()) <= CORNERS_ONLY_MM ? CORNERS : grid();
      case SUPPLY -> List.of("lower left", "lower right", "upper left", "upper right");
      case DRIVE, FAN -> CORNERS;
      case RADIATOR -> sections(component);
      case COOLER -> body.sits().contains(Seat.RADIATOR) ? sections(component) : List.of();
      case GRAPHICS -> slots(body.widthMm());
      default -> List.of();
    };
  }

  /** Whether it is held at its slot, at one edge. */
  static boolean card(Component component) {
    return component.kind() == ComponentKind.GRAPHICS;
  }

  private static List<String> grid() {
    List<String> points = new ArrayList<>();
    for (String row : List.of("front", "middle", "back")) {
      for (String column : List.of("left", "middle", "right")) {
        points.add(row.equals(column) ? row : row + " " + column);
      }
    }
    return points;
  }

  private static List<String> sections(Component component) {
    Thermal thermal = component.thermal();
    int sections = thermal == null ? 1 : Math.max(1, thermal.sections());
    List<String> points = new ArrayList<>();
    for (int section = 1; section <= sections; section++) {
      for (String corner : CORNERS) {
        points.add(sections == 1 ? corner : "section %d %s".formatted(section, corner));
      }
    }
    return points;
  }

  private static List<String> slots(double widthMm) {
    List<String> points = new ArrayList<>();
    int slots = Math.max(1, (int) Math.ceil(widthMm / SLOT_MM - 1e-9));
    for (int slot = 1; slot <= slots; slot++) {
      points.add("slot " + slot);
    }
    return points;
  }
}
