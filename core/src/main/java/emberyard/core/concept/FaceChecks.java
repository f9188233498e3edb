package emberyard.core.concept;

import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Rect;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** Judges what is drawn on a face; each finding carries its place on the drawing. */
final class FaceChecks {
  /** A pane needs this much round its opening to be held; a default. */
  static final double LEAST_BORDER_MM = 8;

  private static final double COVERED = 0.02;

  private final Elevation face;
  private final List<Finding> findings = new ArrayList<>();

  private FaceChecks(Elevation face) {
    this.face = face;
  }

  static List<Finding> of(List<Elevation> faces) {
    List<Finding> findings = new ArrayList<>();
    for (Elevation face : faces) {
      FaceChecks checks = new FaceChecks(face);
      checks.run();
      findings.addAll(checks.findings);
    }
    return findings;
  }

  private void run() {
    List<ElevationItem> items = face.items();
    for (int i = 0; i < items.size(); i++) {
      ElevationItem drawn = items.get(i);
      if (drawn.kind() == ItemKind.WINDOW && drawn.of() != null) {
        continue;
      }
      outside(drawn);
      covered(drawn);
      border(drawn);
      for (int j = i + 1; j < items.size(); j++) {
        overlap(drawn, items.get(j));
      }
    }
  }

  private void outside(ElevationItem drawn) {
    Rect place = drawn.place();
    if (face.outline().contains(place) || drawn.kind() == ItemKind.LIGHT_RUN && onEdges(drawn)) {
      return;
    }
    double over =
        Math.max(
            Math.max(-place.xMm(), -place.yMm()),
            Math.max(place.right() - face.widthMm(), place.top() - face.heightMm()));
    boolean fits = place.widthMm() <= face.widthMm() && place.heightMm() <= face.heightMm();
    double x = Math.max(0, Math.min(place.xMm(), face.widthMm() - place.widthMm()));
    double y = Math.max(0, Math.min(place.yMm(), face.heightMm() - place.heightMm()));
    List<Remedy> ways = new ArrayList<>();
    if (fits && drawn.item() != null && drawn.id().equals(drawn.item().id())) {
      if (Math.abs(x - place.xMm()) > 1e-9) {
        ways.add(move(drawn, "xMm", x));
      }
      if (Math.abs(y - place.yMm()) > 1e-9) {
        ways.add(move(drawn, "yMm", y));
      }
    }
    ways.add(Remedy.byHand(fits ? "Move it in" : "Make it smaller, or the face larger"));
    add(
        Finding.of(
                Severity.STOP,
                "concept",
                key(drawn, "outside"),
                "“%s” hangs %s over the %s"
                    .formatted(drawn.name(), Figures.mm(over), face.face().words()),
                "It lies at %s, %s and is %s × %s; the face is %s × %s."
                    .formatted(
                        Figures.mm(place.xMm()),
                        Figures.mm(place.yMm()),
                        Figures.mm(place.widthMm()),
                        Figures.mm(place.heightMm()),
                        Figures.mm(face.widthMm()),
                        Figures.mm(face.heightMm())),
                "What hangs over is in nobody’s cutting list and hits the next face.")
            .with(ways.toArray(Remedy[]::new)),
        drawn,
        place);
  }

  private static Remedy move(ElevationItem drawn, String field, double to) {
    return new Remedy(
        "Move it to %s %s".formatted(field.substring(0, 1), Figures.mm(to)),
        new Remedy.Change("items", drawn.id(), field, to));
  }

  private void overlap(ElevationItem one, ElevationItem other) {
    boolean parentAndWindow = other.of() != null && other.of().equals(one.of());
    if (one.layer() != other.layer()
        || parentAndWindow
        || one.kind().art()
        || other.kind().art()
        || byItself(one)
        || byItself(other)
        || !one.takes(other.place())
        || !other.takes(one.place())
        || inside(one, other)) {
      return;
    }
    Rect first = one.place();
    Rect second = other.place();
    double x = Math.max(first.xMm(), second.xMm());
    double y = Math.max(first.yMm(), second.yMm());
    Rect both =
        new Rect(
            x,
            y,
            Math.min(first.right(), second.right()) - x,
            Math.min(first.top(), second.top()) - y);
    add(
        Finding.of(
                Severity.RISK,
                "concept",
                key(one, "overlaps/" + other.id()),
                "“%s” and “%s” overlap by %s × %s"
                    .formatted(
                        one.name(),
                        other.name(),
                        Figures.mm(both.widthMm()),
                        Figures.mm(both.heightMm())),
                "Both lie %s the %s.".formatted(layer(one.layer()), face.face().words()),
                "Two things can’t be in one place.")
            .with(Remedy.byHand("Move one of them, or put one behind or on the face")),
        one,
        both);
  }

  /** A run that is laid along the face's own edges is half a strip wider. */
  private boolean onEdges(ElevationItem drawn) {
    return byItself(drawn) || drawn.item() != null && drawn.item().along() != null;
  }

  /** Lights of placed hardware lie where Fit put it. */
  private static boolean byItself(ElevationItem drawn) {
    return drawn.item() == null && drawn.kind() == ItemKind.LIGHT_RUN;
  }

  /** An opening, vent or screen wholly within a panel is a hole in it; art lies on anything. */
  private static boolean inside(ElevationItem one, ElevationItem other) {
    if (one.kind() == ItemKind.PANEL && other.kind() != ItemKind.PANEL) {
      return one.place().contains(other.place())
          || (one.hole() != null && one.hole().contains(other.place()));
    }
    if (other.kind() == ItemKind.PANEL && one.kind() != ItemKind.PANEL) {
      return inside(other, one);
    }
    boolean first = one.hole() != null && one.hole().contains(other.place());
    boolean second = other.hole() != null && other.hole().contains(one.place());
    return first || second || one.kind() == ItemKind.WINDOW && one.of() != null;
  }

  private static String layer(Layer layer) {
    return switch (layer) {
      case BEHIND -> "behind";
      case IN -> "in";
      case ON -> "on";
    };
  }

  private void covered(ElevationItem drawn) {
    if (drawn.kind() != ItemKind.SCREEN && drawn.kind() != ItemKind.VENT) {
      return;
    }
    double hidden = 1 - face.visibleShare(drawn);
    if (hidden <= COVERED) {
      return;
    }
    add(
        Finding.of(
                drawn.kind() == ItemKind.VENT ? Severity.RISK : Severity.STOP,
                "concept",
                key(drawn, "covered"),
                "%.0f %% of “%s” is covered".formatted(hidden * 100, drawn.name()),
                "%s of its area lies under %s."
                    .formatted("%.0f mm²".formatted(hidden * drawn.place().areaMm2()), over(drawn)),
                drawn.kind() == ItemKind.VENT
                    ? "Air that is planned for can’t get through."
                    : "What can’t be seen need not be bought.")
            .with(
                Remedy.byHand("Cut an opening over it"),
                Remedy.byHand("Move it to where the face is open")),
        drawn,
        drawn.place());
  }

  private String over(ElevationItem drawn) {
    List<String> names = new ArrayList<>();
    for (ElevationItem other : face.items()) {
      boolean higher = other.layer().compareTo(drawn.layer()) > 0;
      if (higher && other.opaque() && other.place().overlaps(drawn.place())) {
        names.add("“" + other.name() + "”");
      }
    }
    return names.isEmpty() ? "the face itself" : String.join(" and ", names);
  }

  /** A panel's own window is judged with the panel; this is an opening in the face itself. */
  private void border(ElevationItem drawn) {
    if (drawn.kind() != ItemKind.WINDOW || !face.outline().contains(drawn.place())) {
      return;
    }
    Rect place = drawn.place();
    double least =
        Math.min(
            Math.min(place.xMm(), face.widthMm() - place.right()),
            Math.min(place.yMm(), face.heightMm() - place.top()));
    if (least >= LEAST_BORDER_MM) {
      return;
    }
    add(
        Finding.of(
                Severity.STOP,
                "concept",
                key(drawn, "border"),
                "Window border is %s; %s needed"
                    .formatted(Figures.mm(least), Figures.mm(LEAST_BORDER_MM)),
                "Narrowest side between “%s” and the edge of the %s; %s is a default."
                    .formatted(drawn.name(), face.face().words(), Figures.mm(LEAST_BORDER_MM)),
                "The pane needs something to lie on.")
            .with(Remedy.byHand("Make the window smaller or move it in")),
        drawn,
        place);
  }

  private void add(Finding finding, ElevationItem drawn, Rect ring) {
    double radius = Math.max(12, Math.hypot(ring.widthMm(), ring.heightMm()) / 2);
    findings.add(finding.about(drawn.id()).at(ring.centreX(), ring.centreY(), radius));
  }

  private String key(ElevationItem drawn, String rule) {
    return "face:" + drawn.id() + "/" + rule;
  }
}
