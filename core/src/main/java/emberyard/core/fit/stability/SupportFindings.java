package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Support;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** What a support may carry against what it carries at worst; and what nothing rests on. */
final class SupportFindings {
  private SupportFindings() {}

  static List<Finding> of(Build build, Enclosure enclosure, Stability stability) {
    List<Finding> findings = new ArrayList<>();
    Balance balance = stability.balance();
    if (balance == null || balance.loads().isEmpty()) {
      return findings;
    }
    for (int i = 0; i < enclosure.supports().on().size(); i++) {
      Support support = enclosure.supports().on().get(i);
      Load load = balance.loads().get(i);
      if (load.lifts()) {
        findings.add(lifts(enclosure, support));
      }
      if (!load.kept()) {
        findings.add(
            judged(enclosure, support, load, balance).with(ways(build, enclosure, stability)));
      }
    }
    return findings;
  }

  private static Finding judged(Enclosure enclosure, Support support, Load load, Balance balance) {
    boolean over = load.over();
    String most = Figures.plain(support.mostKg()) + " kg";
    String worst = Figures.plain(load.worstKg()) + " kg";
    return Finding.of(
            over ? Severity.STOP : Severity.RISK,
            "fit",
            "support:%s/%s".formatted(support.id(), over ? "over" : "near"),
            over
                ? "Too much on “%s”: %s, at most %s".formatted(support.name(), worst, most)
                : "Nearly too much on “%s”: %s, at most %s".formatted(support.name(), worst, most),
            "%s kg of the build’s %s kg on a flat floor%s."
                .formatted(
                    Figures.plain(load.massKg()),
                    Figures.plain(balance.massKg()),
                    load.worstKg() > load.massKg() + 0.005
                        ? ", %s on one that isn’t flat, when three points carry all"
                            .formatted(worst)
                        : ""),
            over
                ? "It bends, breaks or comes off under it."
                : "A cable more, or a floor that slopes, and it is over.")
        .about(enclosure.id());
  }

  private static Finding lifts(Enclosure enclosure, Support support) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "support:%s/lifts".formatted(support.id()),
            "Nothing rests on “%s”".formatted(support.name()),
            "The others carry all of it, the weight lies too far off.",
            "It hangs in the air, and the build rocks over to it.")
        .about(enclosure.id())
        .with(Remedy.byHand("Set it nearer to the weight, or leave it out"));
  }

  private static Remedy[] ways(Build build, Enclosure enclosure, Stability stability) {
    List<Remedy> ways = new ArrayList<>();
    LighterSupport.of(enclosure, stability).ifPresent(ways::add);
    ways.addAll(ShiftedWeight.of(build, enclosure, stability));
    if (ways.isEmpty()) {
      ways.add(Remedy.byHand("Use a stronger one, or lighter parts"));
    }
    return ways.toArray(Remedy[]::new);
  }
}
