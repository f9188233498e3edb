package emberyard.core.light.mount;

import emberyard.core.build.Build;
import emberyard.core.build.ItemKind;
import emberyard.core.build.MountWay;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenMount;
import emberyard.core.build.ScreenPlace;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.geometry.Rect;
import emberyard.core.units.Figures;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** How screens get in their place, and what has to be done before a part closes over them. */
public final class MountWork {
  private static final int GATE_MINUTES = 10;

  private MountWork() {}

  /** How a screen is held, as the end of a sentence: ": 4 screws, 75 × 35 mm"; empty for unsaid. */
  public static String words(Screen screen) {
    ScreenMount mount = screen.mounted();
    if (mount.held() == null) {
      return "";
    }
    List<String> ways =
        Stream.of(mount.held(), mount.besides())
            .filter(way -> way != null)
            .distinct()
            .map(way -> way(screen, way))
            .toList();
    String stands =
        mount.turned() == ScreenMount.Standing.UPRIGHT ? "" : ", " + mount.turned().words();
    return ": %s on %s%s".formatted(String.join(" and ", ways), mount.on().words(), stands);
  }

  private static String way(Screen screen, MountWay way) {
    Double wide = screen.fed().patternWideMm();
    Double high = screen.fed().patternHighMm();
    return switch (way) {
      case SCREWS ->
          wide == null || high == null
              ? way.words()
              : "4 screws, %s × %s mm apart".formatted(Figures.plain(wide), Figures.plain(high));
      case TAPE ->
          screen.massKg() == 0 ? way.words() : way.words() + ", " + MountTape.of(screen).words();
      default -> way.words();
    };
  }

  /**
   * A gate for each screen that a part closes over: whatever is behind it is out of reach then.
   *
   * @param faces as they are drawn
   */
  public static List<Task> beforeClosing(Build build, List<Elevation> faces) {
    List<Task> gates = new ArrayList<>();
    for (ScreenPlace place : ScreenPlace.of(build)) {
      List<String> over =
          faces.stream()
              .filter(face -> face.face() == place.item().face())
              .flatMap(face -> face.items().stream())
              .filter(item -> closesOver(item, place))
              .map(ElevationItem::name)
              .toList();
      if (!over.isEmpty()) {
        gates.add(gate(place.screen(), String.join(" and ", over)));
      }
    }
    return gates;
  }

  /** A part before it, unless the screen goes through its opening as it is. */
  private static boolean closesOver(ElevationItem item, ScreenPlace place) {
    Rect hole = item.hole();
    return item.kind() == ItemKind.PANEL
        && item.layer().compareTo(place.item().layer()) > 0
        && item.place().overlaps(place.at())
        && (hole == null || !hole.contains(place.at()));
  }

  private static Task gate(Screen screen, String part) {
    return Task.of(
            "screen:" + screen.id() + "/closes-in",
            "Before %s closes over %s: plugged in, seen lit, its lead lies free, photographed"
                .formatted(part, screen.name()),
            Stage.LIGHT,
            GATE_MINUTES,
            Why.of("a default", GATE_MINUTES + " min (default)"))
        .about(screen.id())
        .at(StationKind.BENCH)
        .behind(fitKey(screen))
        .asGate();
  }

  /** Key of the task that fits a screen. */
  public static String fitKey(Screen screen) {
    return "screen:" + screen.id() + "/fit";
  }
}
