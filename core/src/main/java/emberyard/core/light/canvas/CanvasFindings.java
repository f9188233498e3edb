package emberyard.core.light.canvas;

import emberyard.core.build.Build;
import emberyard.core.build.Canvas;
import emberyard.core.build.Component;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.Screen;
import emberyard.core.canvas.CanvasColours;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.Legible;
import emberyard.core.canvas.LiveValues;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.colour.Colour;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Judgements on what screens show: whether there is a picture at all, and whether it is read. */
public final class CanvasFindings {
  private final Build build;
  private final List<Finding> findings = new ArrayList<>();

  private CanvasFindings(Build build) {
    this.build = build;
  }

  public static List<Finding> of(Build build) {
    CanvasFindings all = new CanvasFindings(build);
    all.pictures();
    for (Canvas canvas : build.canvases()) {
      CanvasPicture picture = picture(build, canvas);
      all.panes(canvas, picture);
      for (ReadOut readOut : canvas.readOuts()) {
        all.readOut(canvas, readOut, ReadOutSeen.of(canvas, readOut, picture), picture);
      }
      all.over(canvas, picture);
      all.wear(canvas, picture);
    }
    return all.findings;
  }

  private static CanvasPicture picture(Build build, Canvas canvas) {
    return CanvasPicture.of(build, canvas, LiveValues.sample(canvas));
  }

  private void add(
      Severity severity,
      String key,
      String about,
      String title,
      String detail,
      String why,
      Remedy... ways) {
    findings.add(Finding.of(severity, "light", key, title, detail, why).about(about).with(ways));
  }

  /** What shows nothing of ours shows its maker's mark, or a desktop. */
  private void pictures() {
    for (Screen screen : build.screens()) {
      picture(screen.id(), screen.name());
    }
    for (Component component : build.components()) {
      if (component.display() != null) {
        picture(component.id(), component.name());
      }
    }
  }

  private void picture(String id, String name) {
    if (build.canvases().stream().noneMatch(canvas -> canvas.on(id))) {
      add(
          Severity.NOTE,
          "screen:" + id + "/picture",
          id,
          name + " has no picture yet",
          "No canvas is laid out for it.",
          "At the reveal it shows its maker’s mark, or an empty desktop.",
          Remedy.byHand("Lay out what it shows, under Pictures"));
    }
  }

  private void panes(Canvas canvas, CanvasPicture picture) {
    List<PaneOnCanvas> panes = picture.panes();
    for (int i = 0; i < panes.size(); i++) {
      for (int k = 0; k < i; k++) {
        if (panes.get(i).place().overlaps(panes.get(k).place())) {
          overlap(canvas, panes.get(k), panes.get(i));
        }
      }
    }
    if (panes.size() < 2) {
      return;
    }
    for (PaneOnCanvas pane : panes) {
      if (!pane.measured() || !pane.placed()) {
        unknown(canvas, pane);
      }
    }
  }

  private void overlap(Canvas canvas, PaneOnCanvas one, PaneOnCanvas other) {
    add(
        Severity.STOP,
        "canvas:" + canvas.id() + "/over/" + one.id() + "/" + other.id(),
        canvas.id(),
        "%s and %s lie over each other in “%s”".formatted(one.name(), other.name(), canvas.name()),
        "%s × %s and %s × %s share part of their place."
            .formatted(
                Figures.mm(one.place().widthMm()),
                Figures.mm(one.place().heightMm()),
                Figures.mm(other.place().widthMm()),
                Figures.mm(other.place().heightMm())),
        "Two screens can’t shine in one place: what they show would not fit together.",
        Remedy.byHand("Give where what shines of each stands"));
  }

  private void unknown(Canvas canvas, PaneOnCanvas pane) {
    String what =
        pane.measured()
            ? "where it stands beside the others is not known"
            : "what shines of it is not measured";
    add(
        Severity.NOTE,
        "canvas:" + canvas.id() + "/where/" + pane.id(),
        canvas.id(),
        "%s in “%s”: %s".formatted(pane.name(), canvas.name(), what),
        "Taken as %s × %s%s."
            .formatted(
                Figures.mm(pane.place().widthMm()),
                Figures.mm(pane.place().heightMm()),
                pane.placed() ? "" : ", right of the others"),
        "The picture jumps where it goes from one screen to the next.",
        Remedy.byHand("Measure what shines, and lay the screens on one face"));
  }

  private void readOut(Canvas canvas, ReadOut readOut, ReadOutSeen seen, CanvasPicture picture) {
    if (picture.panes().isEmpty() || seen.readable()) {
      return;
    }
    String name = named(readOut);
    if (!seen.whole()) {
      rim(canvas, readOut, name);
    }
    Double capital = seen.capitalMm();
    if (capital != null && capital < seen.leastCapitalMm() - 1e-9) {
      small(canvas, readOut, name, seen, capital);
    }
    if (capital != null && seen.contrast() < Legible.LEAST_CONTRAST) {
      pale(canvas, readOut, name, seen, picture);
    }
  }

  private static String named(ReadOut readOut) {
    String words = readOut.words().lines().findFirst().orElse("");
    return words.isBlank() ? readOut.kind().words() : words;
  }

  private void rim(Canvas canvas, ReadOut readOut, String name) {
    add(
        Severity.RISK,
        key(canvas, readOut, "rim"),
        canvas.id(),
        "“%s” is cut by the edge of a screen in “%s”".formatted(name, canvas.name()),
        "It lies %s from the left and %s from below, %s × %s."
            .formatted(
                Figures.mm(readOut.xMm()),
                Figures.mm(readOut.yMm()),
                Figures.mm(readOut.widthMm()),
                Figures.mm(readOut.heightMm())),
        "What lies behind a rim or beside the screens nobody sees.",
        Remedy.byHand("Move it onto one screen, or make it smaller"));
  }

  private static String key(Canvas canvas, ReadOut readOut, String rule) {
    return "canvas:" + canvas.id() + "/" + rule + "/" + readOut.id();
  }

  private void small(
      Canvas canvas, ReadOut readOut, String name, ReadOutSeen seen, double capital) {
    List<Remedy> ways = new ArrayList<>();
    double least = Math.ceil(seen.leastCapitalMm() * 10) / 10;
    if (readOut.capitalMm() != null && readOut.capitalMm() < seen.leastCapitalMm()) {
      offer(
          ways,
          canvas,
          readOut,
          "Capitals of %s mm".formatted(Figures.plain(least)),
          each -> each.withCapitalMm(least));
    }
    double larger = Math.ceil(seen.leastCapitalMm() / capital * 1.02 * 100) / 100;
    CanvasPicture picture = picture(build, canvas);
    for (double[] by : new double[][] {{1, larger}, {larger, 1}, {larger, larger}}) {
      ReadOut grown = onItsScreen(grown(readOut, by[0], by[1], least), picture);
      String box =
          "A box of %s × %s".formatted(Figures.mm(grown.widthMm()), Figures.mm(grown.heightMm()));
      if (ways.isEmpty()) {
        offer(ways, canvas, readOut, box, each -> grown);
      }
    }
    ways.add(Remedy.byHand("Fewer letters, or less beside them"));
    add(
        Severity.RISK,
        key(canvas, readOut, "small"),
        canvas.id(),
        "“%s” can’t be read from %s m in “%s”"
            .formatted(name, metres(canvas.seenFromMm()), canvas.name()),
        "Capitals of %.1f mm%s; %.1f mm at %s m: distance × tan 20′. As it is: from %s m."
            .formatted(
                capital,
                seen.pixels() == null ? "" : " (%.0f pixels)".formatted(seen.pixels()),
                seen.leastCapitalMm(),
                metres(canvas.seenFromMm()),
                metres(capital / seen.leastCapitalMm() * canvas.seenFromMm())),
        "Who stands before the machine sees that something is written there.",
        ways.toArray(Remedy[]::new));
  }

  private static String metres(double mm) {
    return Figures.plain(Math.round(mm / 10) / 100.0);
  }

  private static ReadOut grown(ReadOut each, double across, double up, double least) {
    Double capital = each.capitalMm();
    return each.with()
        .widthMm(Math.round(each.widthMm() * across * 10) / 10.0)
        .heightMm(Math.round(each.heightMm() * up * 10) / 10.0)
        .capitalMm(capital == null ? null : (Double) Math.max(capital, least))
        .build();
  }

  /** Moved as little as keeps it on the screen that it begins on. */
  private static ReadOut onItsScreen(ReadOut each, CanvasPicture picture) {
    return picture.panes().stream()
        .map(PaneOnCanvas::place)
        .filter(place -> place.contains(each.xMm(), each.yMm()))
        .findFirst()
        .map(
            place ->
                each.with()
                    .xMm(
                        Math.max(place.xMm(), Math.min(each.xMm(), place.right() - each.widthMm())))
                    .yMm(Math.max(place.yMm(), Math.min(each.yMm(), place.top() - each.heightMm())))
                    .build())
        .orElse(each);
  }

  /** What is offered was drawn first: it can be read then. */
  private void offer(
      List<Remedy> ways,
      Canvas canvas,
      ReadOut readOut,
      String label,
      UnaryOperator<ReadOut> change) {
    ReadOut changed = change.apply(readOut);
    List<ReadOut> all =
        canvas.readOuts().stream()
            .map(each -> each.id().equals(readOut.id()) ? changed : each)
            .toList();
    Canvas then = canvas.withReadOuts(all);
    if (ReadOutSeen.of(then, changed, picture(build, then)).readable()) {
      ways.add(new Remedy(label, Change.items("canvases", canvas.id(), "readOuts", all)));
    }
  }

  private void pale(
      Canvas canvas, ReadOut readOut, String name, ReadOutSeen seen, CanvasPicture picture) {
    List<Remedy> ways = new ArrayList<>();
    Colour best = CanvasColours.clearest(build.look().palette(), picture.groundHex());
    offer(ways, canvas, readOut, "In " + best.hex(), each -> each.withInkHex(best.hex()));
    ways.add(Remedy.byHand("Another ground"));
    add(
        Severity.RISK,
        key(canvas, readOut, "pale"),
        canvas.id(),
        "“%s” is hard to see on its ground in “%s”".formatted(name, canvas.name()),
        "Contrast %.1f; 4.5 is the least.".formatted(seen.contrast()),
        "It is read up close only, and not at all beside a lamp.",
        ways.toArray(Remedy[]::new));
  }

  /** Letters of two read-outs in one place, or on a picture of their own colour: not to be read. */
  private void over(Canvas canvas, CanvasPicture picture) {
    List<ReadOut> all = canvas.readOuts();
    for (ReadOut written : all) {
      for (ReadOut other : all) {
        if (other.kind() == ReadOutKind.PICTURE && ReadOutSeen.lost(picture, other, written.id())) {
          lost(canvas, written, other);
        }
        if (all.indexOf(other) < all.indexOf(written)
            && ReadOutSeen.over(picture, other.id(), written.id())) {
          writtenOver(canvas, written, other);
        }
      }
    }
  }

  private void lost(Canvas canvas, ReadOut written, ReadOut drawn) {
    add(
        Severity.RISK,
        key(canvas, written, "lost") + "/" + drawn.id(),
        canvas.id(),
        "“%s” is lost on the picture behind it in “%s”".formatted(named(written), canvas.name()),
        "Contrast under 4.5 between the two.",
        "Letters on lines of their own colour are no letters.",
        Remedy.byHand("Another colour for one of them, or move it aside"));
  }

  private void writtenOver(Canvas canvas, ReadOut written, ReadOut other) {
    add(
        Severity.RISK,
        key(canvas, written, "over") + "/" + other.id(),
        canvas.id(),
        "“%s” is written over “%s” in “%s”".formatted(named(written), named(other), canvas.name()),
        "Their letters share part of their place.",
        "Neither of them can be read there.",
        Remedy.byHand("Move one of them aside"));
  }

  /** Pixels that make their own light wear out where they always shine. */
  private void wear(Canvas canvas, CanvasPicture picture) {
    List<String> names =
        picture.panes().stream().filter(PaneOnCanvas::selfLit).map(PaneOnCanvas::name).toList();
    List<String> still =
        canvas.readOuts().stream()
            .filter(each -> each.kind().still())
            .map(CanvasFindings::named)
            .toList();
    if (names.isEmpty() || still.isEmpty()) {
      return;
    }
    add(
        Severity.NOTE,
        "canvas:" + canvas.id() + "/wear",
        canvas.id(),
        "What stands still in “%s” burns into %s"
            .formatted(canvas.name(), String.join(", ", names)),
        String.join(", ", still) + ": always in one place, on pixels that make their own light.",
        "After months it is seen under everything else.",
        Remedy.byHand("Move it from scene to scene, or dim it"));
  }
}
