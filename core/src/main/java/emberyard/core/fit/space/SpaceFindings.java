package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Comparison;
import emberyard.core.build.Component;
import emberyard.core.build.Measure;
import emberyard.core.build.Requirement;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.place.Axis;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Pins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import emberyard.core.units.Figures;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Judgements on what goes in, what does not, and how tightly. */
public final class SpaceFindings {
  /** Less play than this is a risk: sheet bends, heads stick out; a default. */
  static final double TIGHT_MM = 1;

  private final Build build;
  private final Space space;
  private final List<Finding> findings = new ArrayList<>();

  private SpaceFindings(Build build, Space space) {
    this.build = build;
    this.space = space;
  }

  public static List<Finding> of(Build build, Space space, WorkshopBook book, double wantedWatts) {
    SpaceFindings finder = new SpaceFindings(build, space);
    finder.findings.addAll(BayFindings.of(space.enclosure()));
    MisfitFindings misfits = new MisfitFindings(build, space, book, wantedWatts);
    space.unplacedLikes().values().forEach(likes -> finder.findings.add(misfits.of(likes)));
    space.pieces().spotless().forEach(finder::spotless);
    finder.tight();
    finder.soft();
    finder.pinned();
    finder.trapped();
    finder.unmeasured();
    finder.againstTheBrief();
    return finder.findings;
  }

  private void spotless(Component component) {
    findings.add(
        Finding.of(
                Severity.STOP,
                "fit",
                "component:" + component.id() + "/spot",
                "%s has no free spot on the board".formatted(component.name()),
                "It sits %s; the board has no such spot left."
                    .formatted(component.body().sits().get(0).words()),
                "What has no socket can't be put in.")
            .about(component.id())
            .with(
                Remedy.byHand("Take fewer or larger ones"),
                Remedy.byHand("Choose a board with more spots")));
  }

  /** Whether there is hardly any play; what a hand put somewhere it keeps. */
  static boolean tight(Placed placed, Margins margins) {
    return placed.item().pin() == null && margins.tightestMm() < TIGHT_MM - Box.TOUCH_MM;
  }

  private void tight() {
    for (Placed placed : space.placed()) {
      Margins margins = Margins.of(placed, space.all());
      if (tight(placed, margins)) {
        findings.add(
            Finding.of(
                    Severity.RISK,
                    "fit",
                    "component:" + placed.item().id() + "/tight",
                    "%s has %s play in %s"
                        .formatted(
                            placed.item().name(),
                            Figures.mm(margins.tightestMm()),
                            margins.tightest().words()),
                    "In “%s”, against %s; %s or more is easy (default)."
                        .formatted(
                            placed.cavity().name(), named(margins.between()), Figures.mm(TIGHT_MM)),
                    "Sheet bends, screw heads and burrs stick out: what fits on paper jams.")
                .about(space.component(placed.item().id()).id())
                .with(
                    Remedy.byHand("Measure the bay and the component with a caliper"),
                    Remedy.byHand("Try it with a cardboard dummy of that size")));
      }
    }
  }

  private String named(String between) {
    return between.replace("the wall and the wall", "the walls");
  }

  private void soft() {
    for (SoftTouch touch : SoftTouch.of(space.placed(), space.cavities(), space.enclosure())) {
      boolean wall = touch.otherId().equals(SoftTouch.WALL);
      soft(touch.keepOut(), wall ? "a closed wall" : space.name(touch.otherId()), touch.otherId());
    }
  }

  private void soft(Solid keepOut, String what, String whatId) {
    Component component = space.component(keepOut.ofId());
    String purpose = keepOut.what().isEmpty() ? "itself" : keepOut.what();
    double wanted =
        component.body().keepOuts().stream()
            .filter(free -> !free.hard() && free.what().equals(keepOut.what()))
            .mapToDouble(free -> free.depthMm())
            .max()
            .orElse(0);
    findings.add(
        Finding.of(
                Severity.RISK,
                "fit",
                "component:" + keepOut.ofId() + "/free-" + keepOut.what() + "-" + whatId,
                "%s lies in the %s of %s".formatted(what, keepOut.what(), component.name()),
                "%s wanted free for %s."
                    .formatted(
                        Figures.mm(wanted), keepOut.what().isEmpty() ? "it" : keepOut.what()),
                "It goes in, but it gets hot, or nobody reaches it any more.")
            .about(component.id())
            .with(Remedy.byHand("Move one of them, or accept it with a reason")));
  }

  private void pinned() {
    for (Placed placed : space.placed()) {
      List<String> wrong = Pins.faults(placed, space.all(), space.cavities());
      if (!wrong.isEmpty()) {
        Component component = space.component(placed.item().id());
        findings.add(
            Finding.of(
                    Severity.STOP,
                    "fit",
                    "component:" + placed.item().id() + "/pinned",
                    "%s, put by hand, %s".formatted(component.name(), String.join(" and ", wrong)),
                    "At x %s, y %s, z %s."
                        .formatted(
                            Figures.mm(placed.xMm()),
                            Figures.mm(placed.yMm()),
                            Figures.mm(placed.zMm())),
                    "Two things can't be in one place.")
                .about(component.id())
                .with(
                    new Remedy(
                        "Let it be placed again",
                        new Remedy.Change("components", component.id(), "fitted.pin", 0, null))));
      }
    }
  }

  private void trapped() {
    List<String> trapped = space.goingIn().trapped();
    if (!trapped.isEmpty()) {
      List<String> names = trapped.stream().map(space::name).distinct().toList();
      findings.add(
          Finding.of(
                  Severity.STOP,
                  "fit",
                  "fit/trapped",
                  "%s bar each other’s way in".formatted(String.join(" and ", names)),
                  "Straight out of the side their bays open to, each lies behind another.",
                  "They are in on paper, but nobody can put them there.")
              .with(
                  Remedy.byHand("Open a bay to another side"),
                  Remedy.byHand("Put one of them elsewhere by hand")));
    }
  }

  private void unmeasured() {
    List<Component> unmeasured = space.pieces().unmeasured();
    if (!unmeasured.isEmpty()) {
      findings.add(
          Finding.of(
                  Severity.NOTE,
                  "fit",
                  "fit/unmeasured",
                  "%d component%s without a size"
                      .formatted(unmeasured.size(), unmeasured.size() == 1 ? "" : "s"),
                  String.join(", ", unmeasured.stream().map(Component::name).toList()) + ".",
                  "What has no size is not proved: it may not go in.")
              .with(Remedy.byHand("Measure it: width, depth and height are enough")));
    }
  }

  /** A size the brief allows, against what has to go inside. */
  private void againstTheBrief() {
    for (Requirement requirement : build.requirements()) {
      if (requirement.limit() == null || requirement.limit().comparison() != Comparison.AT_MOST) {
        continue;
      }
      int axis = axis(requirement.limit().measure());
      for (Item item : axis < 0 ? List.<Item>of() : space.pieces().items()) {
        double allowed = requirement.limit().value();
        double needs =
            item.postures().stream()
                .min(Comparator.comparingDouble(p -> p.hull().length(axis)))
                .orElseThrow()
                .hull()
                .length(axis);
        if (needs > allowed) {
          findings.add(
              Finding.of(
                      Severity.STOP,
                      "fit",
                      "component:" + item.id() + "/brief-" + requirement.id(),
                      "%s needs %s %s; the brief allows %s"
                          .formatted(
                              item.name(),
                              Figures.mm(needs),
                              Axis.values()[axis].words(),
                              Figures.mm(allowed)),
                      "“%s”.".formatted(requirement.text()),
                      "No enclosure that keeps the brief can hold it.")
                  .about(space.component(item.id()).id())
                  .with(Remedy.byHand("Choose a shorter one, or ask the client")));
        }
      }
    }
  }

  private static int axis(Measure measure) {
    return switch (measure) {
      case WIDTH_MM -> 0;
      case DEPTH_MM -> 1;
      case HEIGHT_MM -> 2;
      default -> -1;
    };
  }
}
