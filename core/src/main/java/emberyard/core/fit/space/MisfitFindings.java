package emberyard.core.fit.space;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.place.Axis;
import emberyard.core.fit.place.Cavity;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Posture;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.units.Figures;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/** Judgements on what does not go in: what lacks, what is in the way, what would let it in. */
final class MisfitFindings {
  private final Build build;
  private final Space space;
  private final WorkshopBook book;
  private final double wantedWatts;

  MisfitFindings(Build build, Space space, WorkshopBook book, double wantedWatts) {
    this.build = build;
    this.space = space;
    this.book = book;
    this.wantedWatts = wantedWatts;
  }

  /**
   * What is wrong with pieces of one component that found no place, with every way in that was
   * tried and works for the first of them.
   */
  Finding of(List<Item> likes) {
    Item item = likes.get(0);
    Component component = space.component(item.id());
    List<Shortfall> lacks = space.lacks(item);
    List<Component> fitting = seated(component);
    List<Remedy> ways = new WaysIn(space, fitting, component, book, wantedWatts).all(lacks, item);
    boolean nowhere = space.cavities().stream().noneMatch(cavity -> cavity.takes(item.seats()));
    return Finding.of(
            Severity.STOP,
            "fit",
            "component:" + item.id() + "/place",
            title(component, item, lacks, nowhere) + more(likes.size() - 1),
            detail(item, lacks, nowhere),
            "Found out with the box open, it costs a return, a week, or a hole in the case.")
        .about(component.id())
        .with(ways.toArray(Remedy[]::new));
  }

  private static String more(int others) {
    return others == 0 ? "" : others == 1 ? ", nor does another" : ", nor do " + others + " more";
  }

  /**
   * Those that went in and the one that did not; without what sits on something else that did not,
   * so that a second misfit takes no way from the first.
   */
  private List<Component> seated(Component component) {
    List<Component> in =
        build.components().stream().filter(c -> c == component || goesIn(c)).toList();
    List<Component> spotless = Pieces.of(in).spotless();
    return in.stream().filter(each -> each == component || !spotless.contains(each)).toList();
  }

  private boolean goesIn(Component component) {
    return space.layout().unplaced().stream()
        .noneMatch(item -> space.component(item.id()).id().equals(component.id()));
  }

  private String title(Component component, Item item, List<Shortfall> lacks, boolean nowhere) {
    if (nowhere) {
      return "%s has no bay to sit in".formatted(component.name());
    }
    if (lacks.isEmpty()) {
      return "%s doesn’t go in: too large in more than one way".formatted(component.name());
    }
    Shortfall least = lacks.get(0);
    List<String> inTheWay =
        least.inTheWay().stream().map(space::name).filter(n -> !n.equals(item.name())).toList();
    if (least.needMm() < 0.05) {
      return "%s doesn’t go in with the others where they are".formatted(component.name());
    }
    return "%s doesn’t go in: %s %s missing%s"
        .formatted(
            component.name(),
            Figures.mm(least.needMm()),
            least.axis().words(),
            inTheWay.isEmpty() ? "" : ", " + String.join(" and ", inTheWay) + " in the way");
  }

  private String detail(Item item, List<Shortfall> lacks, boolean nowhere) {
    if (nowhere) {
      return "It sits in: %s. No bay of %s takes that."
          .formatted(
              String.join(", ", item.seats().stream().map(seat -> seat.words()).toList()),
              space.enclosure().name());
    }
    List<String> sentences = new ArrayList<>();
    lacks.stream()
        .limit(3)
        .forEach(
            lack ->
                sentences.add(
                    "%s more %s in “%s”, or one at most %s there (%s%s)."
                        .formatted(
                            Figures.mm(lack.needMm()),
                            lack.axis().words(),
                            lack.cavity().name(),
                            Figures.mm(lack.largestMm()),
                            lack.posture().turn().words(),
                            lack.othersMoved() ? "; others lie elsewhere then" : "")));
    if (lacks.isEmpty()) {
      tooLarge(item, sentences);
    }
    if (!space.layout().proven()) {
      sentences.add("The search stopped at its limit: a place may exist that it did not see.");
    }
    return String.join(" ", sentences);
  }

  private void tooLarge(Item item, List<String> sentences) {
    for (Cavity cavity : space.cavities()) {
      if (cavity.takes(item.seats())) {
        Posture posture = item.postures().get(0);
        double[] lacking = Shortfall.lacking(cavity, posture);
        List<String> each = new ArrayList<>();
        for (Axis axis : Axis.values()) {
          if (lacking[axis.ordinal()] > 0) {
            each.add("%s more %s".formatted(Figures.mm(lacking[axis.ordinal()]), axis.words()));
          }
        }
        sentences.add("“%s”: %s.".formatted(cavity.name(), String.join(" and ", each)));
      }
    }
  }
}
