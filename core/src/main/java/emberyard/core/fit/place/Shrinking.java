package emberyard.core.fit.place;

import emberyard.core.build.Turn;
import emberyard.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Makes a thing that found no place smaller along one axis until it goes in, while the others are
 * placed anew round it. Looks for a number of places, never for a time: where they are spent the
 * answer is the least that was found, which is enough but may not be the smallest.
 */
final class Shrinking {
  private static final double STEP_MM = 0.5;

  /** Positions tested for one length, and for all lengths, turns and bays together. */
  private static final int TRIES_OF_ONE = 3_000;

  private static final int EXACT_TRIES_OF_ONE = 12_000;
  private static final int MOST_TRIES = 160_000;

  /** Things that are few enough to try all places they could lie at. */
  private static final int FEW = 6;

  /** So many ways are told; what takes more than the last of them isn't looked for. */
  private static final int TOLD = 3;

  private final Item item;
  private final List<Cavity> cavities;
  private final List<Item> others;
  private int left = MOST_TRIES;

  /**
   * @param cavities with those that others were put into by hand
   */
  Shrinking(Item item, List<Cavity> cavities, List<Placed> placed) {
    this.item = item;
    this.cavities =
        Stream.concat(cavities.stream(), placed.stream().map(Placed::cavity)).distinct().toList();
    this.others = placed.stream().map(Placed::item).toList();
  }

  /**
   * Each way as given, or with the others elsewhere where that takes less.
   *
   * @param asTheyLie with the others where they are, least first
   */
  List<Shortfall> of(List<Shortfall> asTheyLie) {
    List<Shortfall> all = new ArrayList<>(asTheyLie);
    if (others.stream().anyMatch(other -> other.pin() == null)) {
      for (int i = 0; i < all.size() && left > 0; i++) {
        all.set(i, least(all.get(i), worthMm(all)));
      }
    }
    return all;
  }

  private static double worthMm(List<Shortfall> all) {
    return all.stream()
        .mapToDouble(Shortfall::needMm)
        .sorted()
        .limit(TOLD)
        .max()
        .orElse(Double.MAX_VALUE);
  }

  /** Halves what is not known between too little and enough; nothing where it isn't worth it. */
  private Shortfall least(Shortfall asTheyLie, double worthMm) {
    Shortfall best = asTheyLie;
    double tooLittle = lacking(asTheyLie);
    double enough = Math.min(asTheyLie.needMm(), worthMm);
    while (enough - tooLittle > STEP_MM + Box.TOUCH_MM && left > 0) {
      boolean worth = best.needMm() <= worthMm;
      double tried = worth ? halfway(tooLittle, enough) : enough - STEP_MM;
      Shortfall found = with(asTheyLie, tried);
      if (found != null) {
        best = found;
        enough = Math.min(tried, found.needMm());
      } else if (worth) {
        tooLittle = tried;
      } else {
        return asTheyLie;
      }
    }
    return best;
  }

  /** What it lacks in the empty bay: less is never enough. */
  private static double lacking(Shortfall of) {
    int axis = of.axis().ordinal();
    return Math.max(0, of.posture().hull().length(axis) - of.cavity().box().length(axis));
  }

  /** Whole steps above what is too little. */
  private static double halfway(double tooLittle, double enough) {
    double steps = Math.floor((enough - tooLittle) / 2 / STEP_MM);
    return tooLittle + Math.max(1, steps) * STEP_MM;
  }

  /** The shortfall beside others that found places round a thing so much smaller; null for none. */
  private Shortfall with(Shortfall of, double smallerMm) {
    Item smaller = smaller(of, smallerMm);
    List<Item> things = new ArrayList<>(others);
    things.add(smaller);
    things.sort(Item.LARGEST_FIRST);
    Group group =
        Group.of(cavities, things).stream()
            .filter(each -> each.items().contains(smaller))
            .findFirst()
            .orElseThrow();
    List<Placed> found = group.mayFit() ? placed(group, smaller, of.cavity()) : List.of();
    if (found.isEmpty()) {
      return null;
    }
    List<Placed> round = found.stream().filter(each -> !each.item().equals(smaller)).toList();
    return Shortfall.along(of.axis(), of.cavity(), of.posture(), round)
        .map(Shortfall::moved)
        .orElse(null);
  }

  /** At the corners that things leave; where they are few, anywhere they could lie. */
  private List<Placed> placed(Group group, Item smaller, Cavity cavity) {
    List<Placed> found = placed(group, null, TRIES_OF_ONE, smaller, cavity);
    return found.isEmpty() && group.items().size() <= FEW
        ? placed(group, Patterns.of(group), EXACT_TRIES_OF_ONE, smaller, cavity)
        : found;
  }

  private List<Placed> placed(
      Group group, @Nullable Patterns patterns, int tries, Item smaller, Cavity cavity) {
    Search search = new Search(group, patterns, Math.min(tries, left)).only(smaller, cavity);
    boolean found = search.find();
    left -= search.tries();
    return found ? search.found() : List.of();
  }

  /** Its hull as it lies there, shorter along the axis. */
  private Item smaller(Shortfall of, double byMm) {
    Box hull = of.posture().hull();
    int axis = of.axis().ordinal();
    Box shorter = hull.between(axis, 0, Math.max(Box.TOUCH_MM, hull.length(axis) - byMm));
    Solid body = new Solid(item.id(), "body", true, true, shorter);
    return new Item(
        item.id(), item.name(), item.seats(), List.of(Turn.UPRIGHT), List.of(body), null);
  }
}
