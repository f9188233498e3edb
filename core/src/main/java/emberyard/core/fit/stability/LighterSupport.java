package emberyard.core.fit.stability;

import emberyard.core.build.Enclosure;
import emberyard.core.build.Support;
import emberyard.core.build.Supports;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.fit.stability.Balance.Stand;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which support to set elsewhere, and how far, so that none carries more than it may. */
final class LighterSupport {
  private LighterSupport() {}

  /** The shortest way of one of them, on whole millimetres; empty where none helps. */
  static Optional<Remedy> of(Enclosure enclosure, Stability stability) {
    return enclosure.supports().on().stream()
        .flatMap(support -> moved(support, enclosure, stability).stream())
        .min(Comparator.comparingDouble(each -> each.shift().mm()))
        .map(each -> each.remedy(enclosure));
  }

  private static Optional<Moved> moved(Support support, Enclosure enclosure, Stability stability) {
    return Way.shortest(
            way ->
                way.room(
                    Math.min(support.xMm(), support.endXMm()),
                    Math.max(support.xMm(), support.endXMm()),
                    Math.min(support.yMm(), support.endYMm()),
                    Math.max(support.yMm(), support.endYMm()),
                    enclosure),
            (way, mm) -> kept(moved(enclosure, support, new Way.Shift(way, mm)), stability))
        .map(shift -> new Moved(support, shift));
  }

  private record Moved(Support support, Way.Shift shift) {
    Remedy remedy(Enclosure enclosure) {
      return new Remedy(
          "Set “%s” %.0f mm further %s".formatted(support.name(), shift.mm(), shift.way().words()),
          Change.items(
              "enclosures",
              enclosure.id(),
              "supports.on",
              LighterSupport.moved(enclosure, support, shift).on()));
    }
  }

  private static Supports moved(Enclosure enclosure, Support support, Way.Shift shift) {
    return enclosure
        .supports()
        .with(support.moved(shift.way().right() * shift.mm(), shift.way().back() * shift.mm()));
  }

  /** Whether it holds and doesn't tip more easily than it should. */
  private static boolean kept(Supports supports, Stability stability) {
    List<Stand> stands = supports.on().stream().map(Stand::of).toList();
    if (!Stand.enough(stands)) {
      return false;
    }
    Balance then = Balance.on(stability.weights(), stands);
    double now = stability.balance().leastTipDegrees();
    return then.kept() && then.leastTipDegrees() >= Math.min(now, Balance.LEAST_TIP_DEGREES);
  }
}
