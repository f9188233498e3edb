package emberyard.core.fit.place;

import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Makes a layout that goes in a better one: single things are moved to other places, bays and turns
 * as long as that is better, and the first better place is taken. All else stays where it is, so a
 * small edit moves little. It ends where no single move to a {@link Candidates candidate place}
 * helps any more, or after a number of looks: the same input gives the same answer everywhere.
 *
 * <p>Running time: looks × things × boxes².
 */
public final class Preferred {
  /** Corners tested for one thing before the next one is moved. */
  private static final int LOOKS_OF_ONE = 8_000;

  private final List<Cavity> cavities;
  private final Map<String, Box> aims;
  private final Judge judge;
  private List<Placed> placed;
  private Merit merit;

  private Preferred(
      List<Cavity> cavities, List<Placed> placed, Map<String, Box> aims, Judge judge) {
    this.cavities = cavities;
    this.aims = aims;
    this.judge = judge;
    this.placed = List.copyOf(placed);
    this.merit = judge.of(this.placed);
  }

  /**
   * The same things, some of them elsewhere.
   *
   * @param placed where they lie: nothing overlaps, all in their bays
   * @param aims per id of a thing the opening it should lie before, flat in its face
   */
  public static List<Placed> of(
      List<Cavity> cavities, List<Placed> placed, Map<String, Box> aims, Judge judge) {
    Preferred preferred = new Preferred(cavities, placed, aims, judge);
    boolean better = true;
    while (better && !preferred.merit.spotless()) {
      better = preferred.improve();
    }
    return preferred.placed;
  }

  /** What it is about is moved first, then what may be in its way. */
  private boolean improve() {
    Set<String> concerned = merit.concerned();
    return IntStream.range(0, placed.size())
        .filter(i -> placed.get(i).item().pin() == null)
        .boxed()
        .sorted(Comparator.comparing(i -> !concerned.contains(placed.get(i).item().id())))
        .anyMatch(this::moved);
  }

  /** Whether another place for one thing is better; it is there then. */
  private boolean moved(int index) {
    List<Placed> others = new ArrayList<>(placed);
    Item item = others.remove(index).item();
    Judge.Alternatives alternatives = judge.among(others);
    return Candidates.any(
        item,
        cavities,
        others,
        aims.get(item.id()),
        there -> taken(index, others, alternatives, there),
        LOOKS_OF_ONE);
  }

  private boolean taken(
      int index, List<Placed> others, Judge.Alternatives alternatives, Placed there) {
    Merit better = alternatives.better(there, merit);
    if (better == null) {
      return false;
    }
    List<Placed> all = new ArrayList<>(others);
    all.add(index, there);
    placed = List.copyOf(all);
    merit = better;
    return true;
  }
}
