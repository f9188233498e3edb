package emberyard.core.make;

import emberyard.core.build.Build;
import emberyard.core.build.Hold;
import emberyard.core.build.Panel;
import emberyard.core.build.ScrewInto;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.FoamTape;
import emberyard.core.work.MagnetHold;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Screws, inserts, magnets and tape that parts are held with: what to buy, and what won't hold. */
final class HoldWork {
  private static final double END_MM = 0.5;
  private static final double WOOD_MM = 10;

  private final Map<String, double[]> counts = new LinkedHashMap<>();
  private final Map<String, String> titles = new LinkedHashMap<>();
  private final Map<String, String> units = new LinkedHashMap<>();
  private final List<Finding> findings = new ArrayList<>();

  static HoldWork of(Build build, Parts parts) {
    HoldWork work = new HoldWork();
    for (Panel panel : build.panels()) {
      MadePart made = parts.made(panel.id()).orElse(null);
      if (panel.drawing().hold() != null && made != null && made.figures() != null) {
        work.part(panel, panel.drawing().hold(), made);
      } else if (unheld(build, panel)) {
        work.unheld(panel);
      }
    }
    return work;
  }

  /** Nobody said what holds it, it has no holes for screws, and it is joined to nothing. */
  private static boolean unheld(Build build, Panel panel) {
    return panel.drawing().hold() == null
        && panel.holes() == null
        && build.joints().stream()
            .flatMap(joint -> joint.ends().stream())
            .noneMatch(end -> end.panelId().equals(panel.id()));
  }

  private void unheld(Panel panel) {
    findings.add(
        finding(
                panel,
                Severity.RISK,
                "unheld",
                "Nothing holds %s".formatted(panel.name()),
                "It has no screw holes along its edges, is joined to no other part, and nobody has"
                    + " said what holds it.",
                "Holes and pockets come before the paint; what is thought of after it spoils it.")
            .with(
                Remedy.byHand("Say under Parts what holds it: screws, magnets, tape or glue"),
                Remedy.byHand("Give it holes along its edges, or a joint")));
  }

  List<Finding> findings() {
    return findings;
  }

  /** Prices are not known here: they are entered with the order. */
  List<Need> needs(String neededBy) {
    List<Need> needs = new ArrayList<>();
    counts.forEach(
        (key, count) ->
            needs.add(
                new Need(
                    "fixing:" + key,
                    titles.get(key),
                    CostCategory.MADE_PART_MATERIAL,
                    "",
                    Math.ceil(count[0] * 100 - 1e-9) / 100,
                    0,
                    units.get(key),
                    0,
                    7,
                    List.of(neededBy),
                    Why.of("all parts held this way together", "no price yet"))));
    return needs;
  }

  private void count(String key, String title, String unit, double count) {
    if (count > 0) {
      counts.computeIfAbsent(key, k -> new double[1])[0] += count;
      titles.put(key, title);
      units.put(key, unit);
    }
  }

  private void part(Panel panel, Hold hold, MadePart made) {
    int pieces = panel.quantity();
    String d = Figures.plain(hold.diameterMm());
    switch (hold.kind()) {
      case SCREWS -> {
        String size = "M%s × %s".formatted(d, Figures.plain(hold.lengthMm()));
        count("screw-" + size, size + " screws", "pieces", hold.count() * pieces);
        if (hold.into() == ScrewInto.INSERT) {
          count(
              "insert-" + d, "M%s heat-set inserts".formatted(d), "pieces", hold.count() * pieces);
        }
        screw(panel, hold, made.sheet().realThicknessMm());
      }
      case MAGNETS -> {
        String size = "Ø %s × %s mm".formatted(d, Figures.plain(hold.lengthMm()));
        // each needs its counterpart
        count("magnet-" + size, "Magnets " + size, "pieces", 2.0 * hold.count() * pieces);
        magnet(panel, hold, made.sheet().realThicknessMm());
        slides(panel, hold, made.figures().massKg());
      }
      case FOAM_TAPE -> tape(panel, hold, made, pieces);
      case GLUE -> {
        // glue comes from the shelf
      }
    }
  }

  private Finding finding(
      Panel panel, Severity severity, String rule, String title, String detail, String why) {
    return Finding.of(severity, "make", "part:" + panel.id() + "/" + rule, title, detail, why)
        .about(panel.id());
  }

  /**
   * Grip + engagement ≤ length ≤ grip + depth − 0.5; the grip is this sheet and what lies between.
   * Engagement as in the handbook: 1 diameter in steel, 1.5 in aluminium, 2 in plastic or an
   * insert.
   */
  private void screw(Panel panel, Hold hold, double thicknessMm) {
    if (hold.into() == null || hold.depthMm() == 0 || hold.diameterMm() == 0) {
      return;
    }
    double grip = thicknessMm + hold.gripMm();
    double room = hold.depthMm() - END_MM;
    double engagement =
        hold.into() == ScrewInto.WOOD
            ? Math.min(WOOD_MM, room)
            : hold.into().diameters() * hold.diameterMm();
    boolean tooLong = hold.lengthMm() > grip + room + 1e-6;
    boolean tooShort = hold.lengthMm() < grip + engagement - 1e-6;
    if (tooLong || tooShort) {
      findings.add(
          finding(
                  panel,
                  Severity.STOP,
                  "screw-length",
                  "M%s × %s is too %s: %s to %s mm"
                      .formatted(
                          Figures.plain(hold.diameterMm()),
                          Figures.plain(hold.lengthMm()),
                          tooLong ? "long" : "short",
                          Figures.plain(grip + engagement),
                          Figures.plain(grip + room)),
                  "Grip %s, engagement %s, depth %s less 0.5 mm."
                      .formatted(
                          Figures.mm(grip), Figures.mm(engagement), Figures.mm(hold.depthMm())),
                  tooLong
                      ? "It bottoms out, or comes through the other side."
                      : "It pulls out of the few threads it has.")
              .with(Remedy.byHand("Take another length")));
    }
  }

  private void magnet(Panel panel, Hold hold, double thicknessMm) {
    if (hold.lengthMm() > thicknessMm - 1 + 1e-6) {
      findings.add(
          finding(
                  panel,
                  Severity.STOP,
                  "magnet",
                  "A magnet of %s needs a pocket in %s of sheet; %s at most"
                      .formatted(
                          Figures.mm(hold.lengthMm()),
                          Figures.mm(thicknessMm),
                          Figures.mm(Math.max(0, thicknessMm - 1))),
                  "A floor of 1 mm stays under every pocket.",
                  "It pulls through a thinner floor.")
              .with(
                  Remedy.byHand("Take thinner magnets"),
                  Remedy.byHand("Glue a magnet plate behind")));
    }
  }

  /** Every skin travels to the client once. */
  private void slides(Panel panel, Hold hold, double massKg) {
    if (hold.ledge() || hold.count() == 0) {
      return;
    }
    if (hold.pullN() == 0) {
      findings.add(
          finding(
                  panel,
                  Severity.NOTE,
                  "magnet-pull",
                  "How hard the magnets of %s pull nobody has said".formatted(panel.name()),
                  "%d of them for %s kg.".formatted(hold.count(), Figures.plain(massKg)),
                  "A skin that slides down on the road is scratched before anybody sees it.")
              .with(Remedy.byHand("Type the pull of one, from its data sheet"), ledge(panel)));
      return;
    }
    MagnetHold held =
        MagnetHold.of(hold.count(), hold.pullN(), hold.gap(), hold.covered(), massKg, true);
    if (!held.holds()) {
      findings.add(
          finding(
                  panel,
                  Severity.RISK,
                  "magnet-slides",
                  "%s slides: its magnets hold %.1f N, %.1f N wanted on the road"
                      .formatted(panel.name(), held.holdsN(), held.wantedN()),
                  "%d of %s N, gap %.0f %%, steel behind %.0f %%, a fifth of that against sliding; %s kg."
                      .formatted(
                          hold.count(),
                          Figures.plain(hold.pullN()),
                          hold.gap() * 100,
                          hold.covered() * 100,
                          Figures.plain(massKg)),
                  "A skin that slides down on the road is scratched before anybody sees it.")
              .with(
                  ledge(panel),
                  Remedy.byHand(
                      "Take %d magnets, or steel behind all of each".formatted(held.count()))));
    }
  }

  private static Remedy ledge(Panel panel) {
    return new Remedy(
        "Put a ledge under it", new Remedy.Change("panels", panel.id(), "drawing.hold.ledge", 1));
  }

  private void tape(Panel panel, Hold hold, MadePart made, int pieces) {
    FoamTape tape =
        FoamTape.of(
            made.figures().massKg(),
            hold.tapeWidthMm(),
            hold.hot(),
            hold.rough(),
            false,
            hold.overhead());
    String width = Figures.plain(hold.tapeWidthMm());
    count(
        "tape-" + width, "Foam tape %s mm".formatted(width), "m", tape.lengthMm() * pieces / 1000);
    double edge = 2 * (panel.widthMm() + panel.heightMm());
    if (!tape.stop().isEmpty()) {
      findings.add(
          finding(
                  panel,
                  Severity.STOP,
                  "tape",
                  "%s: foam tape can't be its only hold".formatted(tape.stop()),
                  "%s at %s wide for %s."
                      .formatted(
                          Figures.plain(tape.lengthMm() / 1000) + " m",
                          Figures.mm(hold.tapeWidthMm()),
                          Figures.plain(made.figures().massKg()) + " kg"),
                  "Tape lets go without warning, most of all in heat.")
              .with(Remedy.byHand("Add screws, a ledge or magnets")));
    } else if (tape.lengthMm() > edge) {
      findings.add(
          finding(
                  panel,
                  Severity.RISK,
                  "tape-room",
                  "%.0f mm of tape wanted; the edge is %.0f mm long"
                      .formatted(tape.lengthMm(), edge),
                  "%s cm² at %s wide."
                      .formatted(Figures.plain(tape.areaCm2()), Figures.mm(hold.tapeWidthMm())),
                  "It won't all find room along the edge.")
              .with(Remedy.byHand("Take wider tape or a second row")));
    }
  }
}
