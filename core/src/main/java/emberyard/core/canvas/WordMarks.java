package emberyard.core.canvas;

import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutTable;
import emberyard.core.build.ReadOutTable.Timed;
import emberyard.core.build.ReadOutTable.Watched;
import emberyard.core.canvas.Mark.Anchor;
import emberyard.core.colour.Colour;
import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;

/** Read-outs made of letters: value, clock, words, a line of a timetable, what is well. */
final class WordMarks {
  static final String UNKNOWN = "–";
  private static final DateTimeFormatter HOURS = DateTimeFormatter.ofPattern("HH:mm");
  private static final double ROW = 1.7;
  private static final double CAPTION_ROW = 1.6;
  private static final long SOON_MINUTES = 60;

  private WordMarks() {}

  /** Its caption above, its number as large as there is room. */
  static void value(Pen pen, ReadOut readOut, LiveValues live) {
    Optional<Double> number = live.number(readOut.source());
    int strays = number.map(readOut::strays).orElse(0);
    String said = live.words(readOut.source());
    String words = said.isEmpty() ? written(number, readOut.unit()) : said;
    large(pen, readOut.words(), words, strays);
  }

  static String written(Optional<Double> number, String unit) {
    return number.map(each -> Pen.number(each, unit)).orElse(UNKNOWN);
  }

  static void clock(Pen pen, ReadOut readOut, LiveValues live) {
    large(pen, readOut.words(), HOURS.format(live.clock()), 0);
  }

  private static void large(Pen pen, String caption, String words, int strays) {
    double top = caption(pen, caption);
    double mark = strays == 0 ? 0 : 1.3 / Mark.STEP;
    double room = pen.height() - top;
    double capital =
        Math.max(0.1, Math.min(room * 0.9, pen.width() / (Mark.STEP * (words.length() + mark))));
    double baseline = top + (room + capital) / 2;
    Colour ink = strays == 0 ? pen.ink() : pen.alarm();
    double x = pen.strayMark(strays, 0, baseline, capital, ink);
    pen.letters(words, x, baseline, capital, Anchor.START, ink);
  }

  /**
   * Along the upper edge, at most two fifths of the box high.
   *
   * @return how much of the box it takes, 0 without one
   */
  static double caption(Pen pen, String words) {
    if (words.isBlank()) {
      return 0;
    }
    double capital =
        Pen.fitting(words, pen.width(), Math.min(pen.capital(), pen.height() * 0.4 / CAPTION_ROW));
    pen.letters(words, 0, capital, capital, Anchor.START, pen.ink());
    return capital * CAPTION_ROW;
  }

  /** Lines as they were broken by hand; as high as there is room where nobody has said. */
  static void words(Pen pen, ReadOut readOut) {
    List<String> lines = readOut.words().lines().toList();
    double rows = Math.max(1, lines.size());
    double high = pen.height() / (1 + Mark.UNDER + (rows - 1) * ROW);
    double wanted = readOut.capitalMm() == null ? high : Math.min(high, pen.capital());
    for (String line : lines) {
      wanted = Pen.fitting(line, pen.width(), wanted);
    }
    for (int i = 0; i < lines.size(); i++) {
      pen.letters(lines.get(i), 0, wanted * (1 + i * ROW), wanted, Anchor.START, pen.ink());
    }
  }

  /** What comes next, and when: minutes within the hour, the time after it. */
  static void tableLine(Pen pen, ReadOut readOut, LiveValues live) {
    String said = live.words(readOut.source());
    int bar = said.indexOf('|');
    if (!said.isEmpty()) {
      row(pen, bar < 0 ? said : said.substring(0, bar), bar < 0 ? "" : said.substring(bar + 1));
      return;
    }
    List<Timed> all = ReadOutTable.timed(readOut.table());
    if (all.isEmpty()) {
      row(pen, readOut.words(), UNKNOWN);
      return;
    }
    int first = 0;
    while (first < all.size() && all.get(first).at().isBefore(minute(live.clock()))) {
      first++;
    }
    Timed next = all.get((first + readOut.nth() - 1) % all.size());
    boolean today = first + readOut.nth() - 1 < all.size();
    row(pen, next.words(), today ? until(live.clock(), next.at()) : HOURS.format(next.at()));
  }

  private static LocalTime minute(LocalTime clock) {
    return clock.withSecond(0).withNano(0);
  }

  private static String until(LocalTime now, LocalTime at) {
    long minutes = Duration.between(minute(now), at).toMinutes();
    return minutes < SOON_MINUTES ? minutes + " min" : HOURS.format(at);
  }

  private static void row(Pen pen, String left, String right) {
    String both = left.strip() + "  " + right.strip();
    double capital = Pen.fitting(both, pen.width(), Math.min(pen.capital(), pen.height()));
    double baseline = (pen.height() + capital) / 2;
    pen.letters(left.strip(), 0, baseline, capital, Anchor.START, pen.ink());
    pen.letters(right.strip(), pen.width(), baseline, capital, Anchor.END, pen.ink());
  }

  /** A row each: a dot for well, a triangle for amiss, a dash for unknown; what, and how much. */
  static void statusList(Pen pen, ReadOut readOut, LiveValues live) {
    List<Watched> all = ReadOutTable.watched(readOut.table());
    double capital =
        Math.min(pen.capital(), pen.height() / (1 + (Math.max(1, all.size()) - 1) * ROW));
    for (Watched each : all) {
      String both = each.words() + "  " + shown(each, live);
      capital = Pen.fitting(both + "  ", pen.width(), capital);
    }
    for (int i = 0; i < all.size(); i++) {
      statusRow(pen, all.get(i), live, capital * (1 + i * ROW), capital);
    }
  }

  private static String shown(Watched each, LiveValues live) {
    String said = live.words(each.source());
    return said.isEmpty() ? written(live.number(each.source()), "") : said;
  }

  private static void statusRow(
      Pen pen, Watched each, LiveValues live, double baseline, double capital) {
    Optional<Double> number = live.number(each.source());
    int strays =
        number
            .map(
                value ->
                    each.to() != null && value > each.to()
                        ? 1
                        : each.from() != null && value < each.from() ? -1 : 0)
            .orElse(0);
    Colour ink = strays == 0 ? pen.ink() : pen.alarm();
    if (strays != 0) {
      pen.strayMark(strays, 0, baseline, capital, ink);
    } else if (number.isPresent()) {
      pen.disc(capital * 0.45, baseline - capital / 2, capital * 0.3, ink);
    } else {
      pen.line(
          capital * 0.15, ink, 0, baseline - capital / 2, capital * 0.9, baseline - capital / 2);
    }
    pen.letters(each.words(), capital * 1.5, baseline, capital, Anchor.START, ink);
    pen.letters(shown(each, live), pen.width(), baseline, capital, Anchor.END, ink);
  }
}
