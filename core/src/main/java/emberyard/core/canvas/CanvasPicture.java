package emberyard.core.canvas;

import emberyard.core.build.Canvas;
import emberyard.core.build.DesignLists;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.ArrayList;
import java.util.List;

/**
 * A canvas as it is drawn: the same marks in the browser, in files and on the screens' own pages.
 *
 * @param widthMm of all screens together; so is heightMm
 * @param groundHex behind everything
 * @param inkHex of what has no colour of its own
 * @param panes the screens, at their places
 * @param marks in painting order, mm, y downwards from the upper left corner
 */
public record CanvasPicture(
    double widthMm,
    double heightMm,
    String groundHex,
    String inkHex,
    List<PaneOnCanvas> panes,
    List<Mark> marks) {
  /** Of a canvas on no screen yet; a default. */
  private static final double EMPTY_WIDE_MM = 200;

  private static final double EMPTY_HIGH_MM = 120;

  public CanvasPicture {
    panes = List.copyOf(panes);
    marks = List.copyOf(marks);
  }

  public static CanvasPicture of(DesignLists design, Canvas canvas, LiveValues live) {
    List<PaneOnCanvas> panes = PaneOnCanvas.of(design, canvas);
    double width =
        panes.stream().mapToDouble(pane -> pane.place().right()).max().orElse(EMPTY_WIDE_MM);
    double height =
        panes.stream().mapToDouble(pane -> pane.place().top()).max().orElse(EMPTY_HIGH_MM);
    List<PaletteColour> palette = design.look().palette();
    CanvasInk colours = CanvasInk.of(canvas, palette);
    double least = leastCapitalMm(canvas);
    List<Mark> marks = new ArrayList<>();
    for (ReadOut readOut : canvas.readOuts()) {
      double top = height - readOut.yMm() - readOut.heightMm();
      Pen pen = new Pen(readOut, colours, least);
      draw(pen, readOut, live);
      pen.marks().forEach(mark -> marks.add(mark.moved(readOut.xMm(), top)));
    }
    if (!live.since().isEmpty()) {
      panes.forEach(pane -> marks.add(stopped(pane.place(), height, colours, least, live)));
    }
    return new CanvasPicture(
        width, height, colours.ground().hex(), colours.ink().hex(), panes, marks);
  }

  /** Least capital that can be read from where one stands, mm. */
  public static double leastCapitalMm(Canvas canvas) {
    return Legible.of(canvas.seenFromMm(), null, null, Colour.WHITE, Colour.BLACK).leastCapitalMm();
  }

  private static void draw(Pen pen, ReadOut readOut, LiveValues live) {
    switch (readOut.kind()) {
      case VALUE -> WordMarks.value(pen, readOut, live);
      case CURVE -> CurveMarks.curve(pen, readOut, live);
      case DIAL -> ScaleMarks.dial(pen, readOut, live);
      case BAR -> ScaleMarks.bar(pen, readOut, live);
      case CLOCK -> WordMarks.clock(pen, readOut, live);
      case WORDS -> WordMarks.words(pen, readOut);
      case PICTURE -> pen.placed(readOut.art(), 0, 0, 0, pen.ink());
      case TABLE_LINE -> WordMarks.tableLine(pen, readOut, live);
      case STATUS_LIST -> WordMarks.statusList(pen, readOut, live);
      case DAY_CURVE -> CurveMarks.day(pen, readOut, live);
    }
  }

  /** In the lower right corner of each screen: what is seen is not of now. */
  private static Mark stopped(
      Rect place, double height, CanvasInk colours, double least, LiveValues live) {
    String words = "last values " + live.since();
    double capital =
        Pen.fitting(words, place.widthMm() * 0.9, Math.min(least, place.heightMm() * 0.08));
    return new Mark(
        "",
        "",
        words,
        place.right() - capital * 0.5,
        height - place.yMm() - capital * 0.5,
        capital,
        Mark.lengthMm(words.length(), capital),
        Anchor.END,
        colours.ink().hex(),
        0);
  }

  /** The ground that one screen shows, as the first of its marks. */
  public Mark ground(PaneOnCanvas pane) {
    Rect at = pane.place();
    String path =
        "M%s %sh%sv%sh%sz"
            .formatted(
                Pen.n(at.xMm()),
                Pen.n(heightMm - at.top()),
                Pen.n(at.widthMm()),
                Pen.n(at.heightMm()),
                Pen.n(-at.widthMm()));
    return new Mark("", path, "", 0, 0, 0, 0, Anchor.START, groundHex, 0);
  }

  /** Whether anything of a canvas comes from the feed. */
  public static boolean fed(Canvas canvas) {
    return canvas.readOuts().stream()
        .anyMatch(each -> !each.source().isEmpty() || each.kind() == ReadOutKind.STATUS_LIST);
  }
}
