package emberyard.core.fit.held;

import emberyard.core.build.Component;
import emberyard.core.build.FixingWay;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.work.FoamTape;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Judgements on what keeps placed things where they are. Source: the handbook, “Held”. */
public final class HeldFindings {
  /** A card heavier than this hangs too hard on its slot; a default. */
  static final double CARD_KG = 1;

  private final List<Finding> findings = new ArrayList<>();
  private final Set<String> said = new HashSet<>();

  private HeldFindings() {}

  /** Pieces of one component are held alike: the first of which something is to be said says it. */
  public static List<Finding> of(List<Holding> holdings) {
    HeldFindings all = new HeldFindings();
    for (Holding each : holdings) {
      if (each.holds().isEmpty()) {
        all.unheld(each);
      } else {
        all.points(each);
        all.taped(each);
        all.oneEdge(each);
        all.rests(each);
      }
    }
    return List.copyOf(all.findings);
  }

  private void add(
      Holding of,
      Severity severity,
      String rule,
      String title,
      String detail,
      String why,
      Remedy... ways) {
    String key = "component:" + of.component().id() + "/" + rule;
    if (said.add(key)) {
      findings.add(
          Finding.of(severity, "fit", key, title, detail, why)
              .about(of.component().id())
              .with(ways));
    }
  }

  private static Remedy set(Component component, String words, String field, FixingWay way) {
    return new Remedy(
        words, new Change("components", component.id(), "fitted.fixing." + field, 0, way.name()));
  }

  private void unheld(Holding of) {
    Component component = of.component();
    boolean screws = of.unscrewed() && (of.bayHolds() || of.saysScrews());
    List<Remedy> ways = new ArrayList<>();
    if (screws) {
      ways.add(everyPoint(component));
    } else if (!of.unscrewed()) {
      if (!of.points().isEmpty()) {
        ways.add(set(component, "Screw it into a part", "held", FixingWay.SCREWS));
      }
      ways.add(set(component, "Make a bracket for it", "held", FixingWay.BRACKET));
    }
    ways.add(set(component, "Strap it down", "held", FixingWay.STRAP));
    add(
        of,
        Severity.RISK,
        "held",
        "Nothing holds %s".formatted(component.name()),
        screws
            ? "All its %d points are left open.".formatted(of.points().size())
            : "It lies in “%s”, which has no screw points for it.".formatted(of.bay()),
        "It slides on the way to the client, pulls on its plugs, and lies against what is live.",
        ways.toArray(Remedy[]::new));
  }

  private void points(Holding of) {
    if (of.screwed() && !of.open().isEmpty()) {
      add(
          of,
          Severity.RISK,
          "held-open",
          "%s gets %d of its %d screws: none at the %s"
              .formatted(
                  of.component().name(),
                  of.screws(),
                  of.points().size(),
                  String.join(", the ", of.open())),
          "Held by %s.".formatted(of.held().words()),
          "What is held on fewer points sags, rattles, or cracks at the ones that are left.",
          everyPoint(of.component()));
    }
  }

  private static Remedy everyPoint(Component component) {
    return new Remedy(
        "Put a screw into every point",
        new Change("components", component.id(), "fitted.fixing.open", 0, null));
  }

  /** A ledge carries; on the road a thing hops off it. */
  private void rests(Holding of) {
    if (of.only(FixingWay.LEDGE)) {
      add(
          of,
          Severity.NOTE,
          "held-rests",
          "%s only rests on its ledge".formatted(of.component().name()),
          "Nothing keeps it down while the machine is carried.",
          "On the road it hops off, and hangs on its plugs.",
          set(of.component(), "Strap it down besides", "besides", FixingWay.STRAP),
          set(of.component(), "Wedge it besides", "besides", FixingWay.WEDGE));
    }
  }

  private void taped(Holding of) {
    if (!of.taped()) {
      return;
    }
    FoamTape tape = tape(of);
    if (of.massKg() == 0) {
      add(
          of,
          Severity.RISK,
          "held-unweighed",
          "%s hangs on tape, and nobody has weighed it".formatted(of.component().name()),
          "Foam tape is cut by mass.",
          "Too little tape lets go in the first warm week.",
          Remedy.byHand("Weigh it, and type its mass under Hardware"));
    } else if (tape.areaCm2() > of.backCm2()) {
      add(
          of,
          Severity.STOP,
          "held-tape-area",
          "%s wants more tape than the side it is held with has room for"
              .formatted(of.component().name()),
          "%.0f cm² for %s kg%s; there are %.0f cm²."
              .formatted(
                  tape.areaCm2(),
                  Figures.plain(of.massKg()),
                  of.warm() ? ", warm" : "",
                  of.backCm2()),
          "Too little tape lets go in the first warm week.",
          noTape(of));
    }
    String stop = of.warm() && tape.stop().isEmpty() ? "It gets warm" : tape.stop();
    if (of.only(FixingWay.TAPE) && !stop.isEmpty()) {
      add(
          of,
          Severity.STOP,
          "held-tape",
          "%s hangs on tape alone".formatted(of.component().name()),
          "%s: what is over 1 kg, warm or overhead needs a second hold.".formatted(stop),
          "Tape lets go without warning, most of all in heat: cards are lost that way.",
          set(of.component(), "Put a ledge under it besides", "besides", FixingWay.LEDGE),
          set(of.component(), "Wedge it besides", "besides", FixingWay.WEDGE));
    }
  }

  /** A strap where the tape is; where both are tape, both have to go. */
  private static Remedy noTape(Holding of) {
    boolean first = of.said().held() == FixingWay.TAPE;
    return first && of.said().besides() == FixingWay.TAPE
        ? Remedy.byHand("Hold it with screws or a strap")
        : set(of.component(), "Strap it down instead", first ? "held" : "besides", FixingWay.STRAP);
  }

  static FoamTape tape(Holding of) {
    return FoamTape.of(of.massKg(), HeldWork.TAPE_MM, of.warm(), false, false, of.overhead());
  }

  private void oneEdge(Holding of) {
    if (FixingPoints.card(of.component()) && of.only(FixingWay.POINTS) && of.massKg() > CARD_KG) {
      add(
          of,
          Severity.RISK,
          "held-edge",
          "%s, %s kg, is held at one edge"
              .formatted(of.component().name(), Figures.plain(of.massKg())),
          "Over %s kg it wants a support at its free end (default)."
              .formatted(Figures.plain(CARD_KG)),
          "It sags, and the slot takes the knocks of the road.",
          set(of.component(), "Put a ledge under its free end", "besides", FixingWay.LEDGE),
          set(of.component(), "Wedge its free end", "besides", FixingWay.WEDGE),
          set(of.component(), "Hang it up with a strap", "besides", FixingWay.STRAP));
    }
  }
}
