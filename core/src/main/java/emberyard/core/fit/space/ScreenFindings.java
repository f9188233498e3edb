package emberyard.core.fit.space;

import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Face;
import emberyard.core.build.ScreenPlace;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.place.Solid;
import emberyard.core.geometry.Box;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Judgements on where screens stand: what they meet, what they bar, what they take. */
public final class ScreenFindings {
  /** A screw's head and the hand with the driver reach so far beside its hole; a default. */
  static final double HEAD_MM = 6;

  private final Enclosure enclosure;
  private final List<ScreenPlace> screens;
  private final List<Finding> findings = new ArrayList<>();

  private ScreenFindings(Enclosure enclosure, List<ScreenPlace> screens) {
    this.enclosure = enclosure;
    this.screens = screens;
  }

  /**
   * @param space what is placed beside them, null while the enclosure has no bays
   */
  public static List<Finding> of(
      Enclosure enclosure, List<ScreenPlace> screens, @Nullable Space space) {
    ScreenFindings all = new ScreenFindings(enclosure, screens);
    for (ScreenPlace place : screens) {
      all.meets(place, space);
      all.beyond(place);
      all.screws(place);
      if (space != null) {
        all.bars(place, space);
      }
    }
    all.unmeasured();
    return all.findings;
  }

  private void add(
      ScreenPlace place, Severity severity, String rule, String title, String detail, String why) {
    findings.add(
        Finding.of(
                severity, "fit", "screen:" + place.screen().id() + "/" + rule, title, detail, why)
            .about(place.screen().id())
            .with(Remedy.byHand("Move it on its face, or take a flatter one")));
  }

  /** Things that a hand pinned there say so themselves. */
  private void meets(ScreenPlace place, @Nullable Space space) {
    List<String> met = new ArrayList<>();
    if (space != null) {
      space.placed().stream()
          .filter(each -> each.item().pin() == null)
          .flatMap(each -> each.hard().stream())
          .filter(solid -> solid.box().overlaps(place.box()))
          .map(Solid::ofId)
          .map(space::name)
          .forEach(met::add);
    }
    screens.subList(0, screens.indexOf(place)).stream()
        .filter(other -> other.box().overlaps(place.box()))
        .map(other -> other.screen().name())
        .forEach(met::add);
    if (!met.isEmpty()) {
      String names = met.stream().distinct().collect(Collectors.joining(", "));
      add(
          place,
          Severity.STOP,
          "meets",
          "%s stands where %s has to be".formatted(place.screen().name(), names),
          "It is %s deep behind its face; no way was found to put the rest beside it."
              .formatted(Figures.mm(deep(place))),
          "Two things can't be in one place.");
    }
  }

  private static double deep(ScreenPlace place) {
    return place.screen().depthMm() == null ? 0 : place.screen().depthMm();
  }

  private void beyond(ScreenPlace place) {
    Enclosure in = enclosure;
    Face face = place.item().face();
    double room = depthBehind(face, in);
    if (!place.outside() && deep(place) > room) {
      add(
          place,
          Severity.STOP,
          "deeper",
          "%s is deeper than %s".formatted(place.screen().name(), in.name()),
          "%s against %s from the %s to the face across."
              .formatted(Figures.mm(deep(place)), Figures.mm(room), face.words()),
          "It comes out on the other side.");
    }
  }

  private static double depthBehind(Face face, Enclosure in) {
    return switch (face) {
      case FRONT, BACK -> in.depthMm();
      case LEFT, RIGHT -> in.widthMm();
      case TOP, BOTTOM -> in.heightMm();
    };
  }

  private void screws(ScreenPlace place) {
    Box reach = place.box();
    for (int axis = 0; axis < 3; axis++) {
      reach = reach.between(axis, reach.from(axis) - HEAD_MM, reach.to(axis) + HEAD_MM);
    }
    List<String> taken = new ArrayList<>();
    for (Enclosure.Mount mount : enclosure.mounts()) {
      if (reach.contains(new Box(mount.xMm(), mount.yMm(), mount.zMm(), 0, 0, 0))) {
        taken.add("“%s”".formatted(mount.name()));
      }
    }
    if (!taken.isEmpty()) {
      add(
          place,
          Severity.RISK,
          "screws",
          "%s takes the screw place%s %s"
              .formatted(
                  place.screen().name(), taken.size() == 1 ? "" : "s", String.join(", ", taken)),
          "Nearer than %s to its body (default).".formatted(Figures.mm(HEAD_MM)),
          "What was to be screwed there hangs on fewer screws.");
    }
  }

  /** Said where something must go in first: the screen is then in its way out again. */
  private void bars(ScreenPlace place, Space space) {
    String names =
        space
            .behind(place)
            .map(each -> space.component(each.item().id()))
            .map(Component::name)
            .distinct()
            .collect(Collectors.joining(", "));
    if (!names.isEmpty()) {
      add(
          place,
          Severity.NOTE,
          "bars",
          "%s is fitted after %s".formatted(place.screen().name(), names),
          "It stands in the straight way in.",
          "To change %s later, the screen comes off again.".formatted(names));
    }
  }

  private void unmeasured() {
    List<String> names =
        screens.stream()
            .filter(each -> each.screen().depthMm() == null)
            .map(each -> each.screen().name())
            .toList();
    if (!names.isEmpty()) {
      findings.add(
          Finding.of(
                  Severity.NOTE,
                  "fit",
                  "fit/screens-flat",
                  names.size() == 1
                      ? "How deep %s is nobody knows".formatted(names.get(0))
                      : "How deep %d screens are nobody knows".formatted(names.size()),
                  String.join(", ", names) + ".",
                  "What lies behind may meet it: that is not proved.")
              .with(Remedy.byHand("Measure it without its plugs, and type it under Screens")));
    }
  }
}
