package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Support;
import emberyard.core.build.Supports;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.stability.Balance.Load;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** What a support may carry against what it carries at worst; and what nothing rests on. */
final class SupportFindings {
  private static final double GRAVITY = 9.81;

  private SupportFindings() {}

  static List<Finding> of(Build build, Enclosure enclosure, Stability stability) {
    List<Finding> findings = new ArrayList<>();
    Balance balance = stability.balance();
    if (balance == null || balance.loads().isEmpty()) {
      return findings;
    }
    if (enclosure.supports().kind() == Supports.Kind.WALL) {
      findings.add(hangs(enclosure, balance));
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

  /** What falls off a wall falls on somebody: a risk until every hook says what it may carry. */
  private static Finding hangs(Enclosure enclosure, Balance balance) {
    List<String> unsaid =
        balance.loads().stream().filter(l -> l.mostKg() == null).map(Load::name).toList();
    double down = balance.massKg() * GRAVITY;
    double out =
        down * Math.max(0, enclosure.depthMm() - balance.centre().yMm()) / enclosure.heightMm();
    return Finding.of(
            unsaid.isEmpty() ? Severity.NOTE : Severity.RISK,
            "fit",
            "fit/hangs",
            unsaid.isEmpty()
                ? "It hangs on the wall with %s kg".formatted(Figures.plain(balance.massKg()))
                : "%s kg hang on the wall: what “%s” may carry nobody has said"
                    .formatted(Figures.plain(balance.massKg()), String.join("”, “", unsaid)),
            "It pulls down with %.0f N, and out of the wall with %.0f N where it is held at its upper edge."
                .formatted(down, out),
            "What comes off a wall falls on somebody. Plugs and screws go by what the wall is of: the"
                + " maker’s load table, and who knows the wall, come first.")
        .about(enclosure.id())
        .with(
            unsaid.isEmpty()
                ? Remedy.byHand(
                    "Try the hooks with a quarter more for ten minutes before it hangs there")
                : Remedy.byHand(
                    "Type under Stands what each hook and its plug may carry in that wall"));
  }

  private static Finding judged(Enclosure enclosure, Support support, Load load, Balance balance) {
    boolean over = load.over();
    boolean hung = enclosure.supports().kind() == Supports.Kind.WALL;
    String most = Figures.plain(support.mostKg()) + " kg";
    String worst = Figures.plain(load.worstKg()) + " kg";
    return Finding.of(
            over ? Severity.STOP : Severity.RISK,
            "fit",
            "support:%s/%s".formatted(support.id(), over ? "over" : "near"),
            over
                ? "Too much on “%s”: %s, at most %s".formatted(support.name(), worst, most)
                : "Nearly too much on “%s”: %s, at most %s".formatted(support.name(), worst, most),
            "%s kg of the build’s %s kg %s%s."
                .formatted(
                    Figures.plain(load.massKg()),
                    Figures.plain(balance.massKg()),
                    hung ? "where all hooks hold" : "on a flat floor",
                    load.worstKg() > load.massKg() + 0.005
                        ? (hung
                                ? ", %s where only two do"
                                : ", %s on one that isn’t flat, when three points carry all")
                            .formatted(worst)
                        : ""),
            over
                ? "It bends, breaks or comes off under it."
                : "A cable more, or a floor or hook that gives, and it is over.")
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
    if (enclosure.supports().kind() == Supports.Kind.WALL) {
      return new Remedy[] {Remedy.byHand("Use stronger hooks, or more of them")};
    }
    List<Remedy> ways = new ArrayList<>();
    LighterSupport.of(enclosure, stability).ifPresent(ways::add);
    ways.addAll(ShiftedWeight.of(build, enclosure, stability));
    if (ways.isEmpty()) {
      ways.add(Remedy.byHand("Use a stronger one, or lighter parts"));
    }
    return ways.toArray(Remedy[]::new);
  }
}
