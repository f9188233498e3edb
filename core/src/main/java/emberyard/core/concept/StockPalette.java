package emberyard.core.concept;

import emberyard.core.colour.Colour;
import emberyard.core.colour.Difference;
import emberyard.core.colour.Lab;
import emberyard.core.workshop.StockColour;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The workshop's stock list read as colours, to find what comes nearest to a wanted one. */
public final class StockPalette {
  private static final double FINEST_MIX = 0.125;

  private final List<Entry> entries;

  private record Entry(StockColour stock, Colour colour, Lab lab) {}

  private StockPalette(List<Entry> entries) {
    this.entries = entries;
  }

  public static StockPalette of(WorkshopBook book) {
    List<Entry> entries = new ArrayList<>();
    for (StockColour stock : book.stockColours()) {
      Colour colour = Colour.hex(stock.hex());
      entries.add(new Entry(stock, colour, colour.lab()));
    }
    return new StockPalette(entries);
  }

  /**
   * One product near to a wanted colour.
   *
   * @param deltaE00 CIEDE2000 to the wanted colour
   * @param words how that reads, and which way
   */
  public record Match(StockColour stock, double deltaE00, String words) {}

  /**
   * Two paints mixed in linear light.
   *
   * @param share of the second, 0.125 to 0.875
   */
  public record Mix(StockColour first, StockColour second, double share, double deltaE00) {
    /** "5 parts A and 3 parts B". */
    public String words() {
      int second8 = (int) Math.round(share * 8);
      return "%d parts %s, %d parts %s"
          .formatted(8 - second8, first.name(), second8, second.name());
    }
  }

  /** The nearest products, nearest first, at most {@code most} of each kind. */
  public List<Match> nearest(String hex, int most) {
    Lab wanted = Colour.hex(hex).lab();
    List<Match> matches = new ArrayList<>();
    for (String kind : List.of("paints", "films", "filaments", "sheets")) {
      entries.stream()
          .filter(entry -> entry.stock.kind().equals(kind))
          .sorted(Comparator.comparingDouble(entry -> Difference.deltaE00(wanted, entry.lab)))
          .limit(most)
          .forEach(entry -> matches.add(match(wanted, entry)));
    }
    matches.sort(Comparator.comparingDouble(Match::deltaE00));
    return matches;
  }

  /** The one nearest product of any kind, null with an empty stock list. */
  public @Nullable Match best(String hex) {
    Lab wanted = Colour.hex(hex).lab();
    return entries.stream()
        .min(Comparator.comparingDouble(entry -> Difference.deltaE00(wanted, entry.lab)))
        .map(entry -> match(wanted, entry))
        .orElse(null);
  }

  /** The best mix of two paints in eighths, null with fewer than two paints. */
  public @Nullable Mix bestMix(String hex) {
    Lab wanted = Colour.hex(hex).lab();
    List<Entry> paints =
        entries.stream().filter(entry -> entry.stock.kind().equals("paints")).toList();
    Mix best = null;
    for (int i = 0; i < paints.size(); i++) {
      for (int j = i + 1; j < paints.size(); j++) {
        for (double share = FINEST_MIX; share < 1; share += FINEST_MIX) {
          Lab mixed = paints.get(i).colour.mixedWith(paints.get(j).colour, share).lab();
          double delta = Difference.deltaE00(wanted, mixed);
          if (best == null || delta < best.deltaE00()) {
            best = new Mix(paints.get(i).stock, paints.get(j).stock, share, delta);
          }
        }
      }
    }
    return best;
  }

  private static Match match(Lab wanted, Entry entry) {
    Difference difference = Difference.between(wanted, entry.lab);
    return new Match(entry.stock, difference.deltaE00(), difference.words());
  }
}
