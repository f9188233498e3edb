package emberyard.core.fit.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds a place and a turn for each of a few things in a few spaces so that no hard boxes overlap.
 *
 * <p>Problem: orthogonal packing of unions of boxes into given boxes, a decision problem that is
 * NP-hard; one build holds at most about 25 things in a dozen bays, mostly bound to one or two of
 * them. Method: things that can't meet are separated; each group is searched depth first with the
 * most constrained and largest first, at the corners that the placed ones leave ({@link Search}).
 * Where that finds nothing, every coordinate that a layout pushed left, to the front and down could
 * have is tried: sums of lengths from a wall ("normal patterns", Herz 1972, Christofides and
 * Whitlock 1977). Every layout can be pushed so, so the second search is exact. Both stop after a
 * number of tries, never after a time: the same input gives the same answer everywhere.
 *
 * <p>Running time: exponential in the things of one group; ten thousandths of a second for a usual
 * build.
 */
public final class Placing {
  /** Tests of a position against all that is placed, before a search gives up. */
  private static final int MOST_TRIES = 150_000;

  /** The same for a first look, which nearly always finds what there is. */
  private static final int FIRST_SIGHT = 15_000;

  /** Things of a group for which a first look is enough before the exact search. */
  private static final int FEW = 4;

  private Placing() {}

  /**
   * Places all things if that is possible; else as many as fit, the largest first.
   *
   * <p>Example: three cubes of 10 in a bay of 30 × 10 × 10: all placed at x 0, 10, 20; a fourth is
   * unplaced, and that is proven.
   */
  public static Layout solve(List<Cavity> cavities, List<Item> items) {
    List<Cavity> spaces = cavities.stream().sorted(BY_SIZE).toList();
    List<Item> things = items.stream().sorted(Item.LARGEST_FIRST).toList();
    if (spaces.isEmpty()) {
      return new Layout(List.of(), things, true);
    }
    List<Placed> placed = new ArrayList<>();
    List<Item> unplaced = new ArrayList<>();
    boolean proven = true;
    for (Group group : Group.of(spaces, things)) {
      Layout part = solve(group);
      placed.addAll(part.placed());
      unplaced.addAll(part.unplaced());
      proven &= part.proven();
    }
    placed.sort(Comparator.comparing(p -> p.item().id()));
    unplaced.sort(Item.LARGEST_FIRST);
    return new Layout(placed, unplaced, proven);
  }

  private static final Comparator<Cavity> BY_SIZE =
      Comparator.<Cavity>comparingDouble(cavity -> cavity.box().volumeMm3())
          .thenComparing(Cavity::id);

  /**
   * Whether a layout of all is found at first sight. A yes is as good as {@link #solve}'s; a no may
   * be wrong. For trying many changes.
   */
  public static boolean findsAll(List<Cavity> cavities, List<Item> items) {
    List<Cavity> spaces = cavities.stream().sorted(BY_SIZE).toList();
    List<Item> things = items.stream().sorted(Item.LARGEST_FIRST).toList();
    return things.isEmpty()
        || (!spaces.isEmpty()
            && Group.of(spaces, things).stream()
                .allMatch(group -> group.mayFit() && new Search(group, null, FIRST_SIGHT).find()));
  }

  private static Layout solve(Group group) {
    if (group.mayFit()) {
      Search atOnce = new Search(group, null, FIRST_SIGHT);
      if (atOnce.find()) {
        return new Layout(atOnce.found(), List.of(), true);
      }
    }
    boolean proven = true;
    List<Item> fitting = new ArrayList<>();
    List<Item> left = new ArrayList<>();
    Layout best = new Layout(List.of(), List.of(), true);
    for (Item item : group.items()) {
      if (cantShare(group.cavities(), item, fitting)) {
        left.add(item);
        continue;
      }
      fitting.add(item);
      Layout with = whole(new Group(group.cavities(), fitting));
      if (with.fits()) {
        best = with;
      } else {
        fitting.remove(item);
        left.add(item);
        proven &= with.proven();
      }
    }
    return new Layout(best.placed(), left, proven);
  }

  /** A thing that can't lie beside a single other can't lie beside all of them. */
  private static boolean cantShare(List<Cavity> cavities, Item item, List<Item> others) {
    if (item.pin() != null) {
      return false;
    }
    for (Item other : others) {
      Layout two = whole(new Group(cavities, List.of(other, item)));
      if (!two.fits() && two.proven()) {
        return true;
      }
    }
    return false;
  }

  /** All things of the group or none. */
  private static Layout whole(Group group) {
    if (!group.mayFit()) {
      return new Layout(List.of(), group.items(), true);
    }
    int tries = group.items().size() > FEW ? MOST_TRIES / 2 : FIRST_SIGHT;
    Search corners = new Search(group, null, tries);
    if (corners.find()) {
      return new Layout(corners.found(), List.of(), true);
    }
    Patterns patterns = Patterns.of(group);
    Search exact = new Search(group, patterns, MOST_TRIES);
    boolean found = exact.find();
    return new Layout(
        found ? exact.found() : List.of(),
        found ? List.of() : group.items(),
        found || (patterns.complete() && !exact.stopped()));
  }
}
