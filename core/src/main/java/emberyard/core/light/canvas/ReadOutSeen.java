package emberyard.core.light.canvas;

import emberyard.core.build.Canvas;
import emberyard.core.build.ReadOut;
import emberyard.core.canvas.CanvasPicture;
import emberyard.core.canvas.Legible;
import emberyard.core.canvas.Mark;
import emberyard.core.canvas.PaneOnCanvas;
import emberyard.core.colour.Colour;
import emberyard.core.geometry.Rect;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How one read-out is seen from where one stands.
 *
 * @param capitalMm of its smallest letters, null without any
 * @param leastCapitalMm that can be read from there
 * @param readFromMm from how far its smallest letters can be read, null without any
 * @param pixels that its smallest capital has, null without any, or on no screen
 * @param contrast the least of its letters to the ground; of its ink without any
 * @param whole whether all its letters lie on one screen each
 * @param readable whether it can be read: high enough, clear enough and whole; a picture without
 *     letters may be as faint as one likes
 */
public record ReadOutSeen(
    String id,
    @Nullable Double capitalMm,
    double leastCapitalMm,
    @Nullable Double readFromMm,
    @Nullable Double pixels,
    double contrast,
    boolean whole,
    boolean readable) {
  private static final double TOLERANCE_MM = 0.2;

  static ReadOutSeen of(Canvas canvas, ReadOut readOut, CanvasPicture picture) {
    Colour ground = Colour.hex(picture.groundHex());
    List<Mark> own =
        picture.marks().stream().filter(mark -> mark.of().equals(readOut.id())).toList();
    List<Mark> letters = own.stream().filter(mark -> !mark.words().isEmpty()).toList();
    Mark smallest = letters.stream().min(Comparator.comparing(Mark::capitalMm)).orElse(null);
    Double capital = smallest == null ? null : (Double) smallest.capitalMm();
    double contrast =
        (letters.isEmpty() ? own : letters)
            .stream()
                .mapToDouble(mark -> Colour.hex(mark.hex()).contrast(ground))
                .reduce(letters.isEmpty() ? Double::max : Double::min)
                .orElse(21);
    Legible legible =
        Legible.of(
            canvas.seenFromMm(),
            capital == null ? null : (Double) Math.max(0.1, Math.min(2_000, capital)),
            null,
            Colour.WHITE,
            Colour.BLACK);
    boolean whole =
        letters.isEmpty()
            ? own.isEmpty() || seen(picture, box(picture, readOut))
            : letters.stream().allMatch(mark -> pane(picture, box(mark)).isPresent());
    return new ReadOutSeen(
        readOut.id(),
        capital,
        legible.leastCapitalMm(),
        legible.readToMm(),
        smallest == null ? null : pixels(picture, smallest),
        contrast,
        whole,
        whole
            && legible.largeEnough()
            && (letters.isEmpty() || contrast >= Legible.LEAST_CONTRAST));
  }

  /** Whether letters of one lie over letters of the other. */
  static boolean over(CanvasPicture picture, String one, String other) {
    List<Rect> ones = letters(picture, one);
    return letters(picture, other).stream()
        .anyMatch(box -> ones.stream().anyMatch(each -> each.overlaps(box)));
  }

  /**
   * Whether letters lie on another's picture in a colour that can hardly be told from it.
   *
   * @param drawn whose areas lie beneath
   */
  static boolean lost(CanvasPicture picture, ReadOut drawn, String written) {
    Rect area = box(picture, drawn);
    List<Mark> beneath =
        picture.marks().stream()
            .filter(mark -> mark.of().equals(drawn.id()) && mark.words().isEmpty())
            .filter(mark -> mark.strokeMm() == 0)
            .toList();
    return picture.marks().stream()
        .filter(mark -> mark.of().equals(written) && !mark.words().isEmpty())
        .filter(mark -> box(mark).overlaps(area))
        .anyMatch(
            mark ->
                beneath.stream()
                    .anyMatch(
                        under ->
                            Colour.hex(mark.hex()).contrast(Colour.hex(under.hex()))
                                < Legible.LEAST_CONTRAST));
  }

  private static List<Rect> letters(CanvasPicture picture, String id) {
    return picture.marks().stream()
        .filter(mark -> mark.of().equals(id) && !mark.words().isEmpty())
        .map(ReadOutSeen::box)
        .toList();
  }

  private static @Nullable Double pixels(CanvasPicture picture, Mark mark) {
    return pane(picture, box(mark)).map(pane -> mark.capitalMm() / pane.pitchMm()).orElse(null);
  }

  /** Letters with what hangs under their line, y downwards. */
  private static Rect box(Mark mark) {
    return new Rect(
        mark.leftMm(),
        mark.yMm() - mark.capitalMm(),
        mark.lengthMm(),
        mark.capitalMm() + mark.underMm());
  }

  private static Rect box(CanvasPicture picture, ReadOut readOut) {
    double top = picture.heightMm() - readOut.yMm() - readOut.heightMm();
    return new Rect(readOut.xMm(), top, readOut.widthMm(), readOut.heightMm());
  }

  /** The screen on which something lies whole. */
  private static Optional<PaneOnCanvas> pane(CanvasPicture picture, Rect box) {
    return picture.panes().stream().filter(pane -> around(picture, pane).contains(box)).findFirst();
  }

  private static boolean seen(CanvasPicture picture, Rect box) {
    return picture.panes().stream().anyMatch(pane -> around(picture, pane).overlaps(box));
  }

  private static Rect around(CanvasPicture picture, PaneOnCanvas pane) {
    Rect place = pane.place();
    return new Rect(
        place.xMm() - TOLERANCE_MM,
        picture.heightMm() - place.top() - TOLERANCE_MM,
        place.widthMm() + 2 * TOLERANCE_MM,
        place.heightMm() + 2 * TOLERANCE_MM);
  }
}
