package emberyard.core.fit.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

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

  /** The same over all searches of one group: forty different things in one bay end here. */
  private static final int MOST_OF_ALL = 3_000_000;

  /** The same for a first look, which nearly always finds what there is. */
  private static final int FIRST_SIGHT = 15_000;

  /** Things of a group for which a first look is enough before the exact search. */
  private static final int FEW = 4;

  private Placing() {}

  /**
   * Places all things if that is possible; else as many as fit, those that a hand put somewhere
   * before all others, then the largest first.
   *
   * <p>Example: three cubes of 10 in a bay of 30 × 10 × 10: all placed at x 0, 10, 20; a fourth is
   * unplaced, and that is proven.
   */
  public static Layout solve(List<Cavity> cavities, List<Item> items) {
    List<Cavity> spaces = cavities.stream().sorted(BY_SIZE).toList();
    List<Item> things = items.stream().sorted(Item.PINNED_FIRST).toList();
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
    Tries tries = new Tries(MOST_OF_ALL);
    if (group.mayFit()) {
      Search atOnce = tries.search(group, null, FIRST_SIGHT);
      if (atOnce.find()) {
        return new Layout(atOnce.found(), List.of(), true);
      }
      tries.spend(atOnce);
    }
    boolean proven = true;
    List<Item> fitting = new ArrayList<>();
    List<Item> left = new ArrayList<>();
    Set<Item> leftLikes = new HashSet<>();
    Layout best = new Layout(List.of(), List.of(), true);
    for (Item item : group.items()) {
      // what found no place beside some finds none beside these and more
      if (leftLikes.contains(item.like()) || cantShare(group.cavities(), item, fitting, tries)) {
        left.add(item);
        continue;
      }
      fitting.add(item);
      Layout with = whole(new Group(group.cavities(), fitting), tries);
      if (with.fits()) {
        best = with;
      } else {
        fitting.remove(item);
        left.add(item);
        if (item.pin() == null) {
          leftLikes.add(item.like());
        }
        proven &= with.proven();
      }
    }
    return new Layout(best.placed(), left, proven);
  }

  /** A thing that can't lie beside a single other can't lie beside all of them. */
  private static boolean cantShare(
      List<Cavity> cavities, Item item, List<Item> others, Tries tries) {
    if (item.pin() != null) {
      return false;
    }
    Set<Item> seen = new HashSet<>();
    for (Item other : others) {
      if (other.pin() == null && !seen.add(other.like())) {
        continue;
      }
      Layout two = whole(new Group(cavities, List.of(other, item)), tries);
      if (!two.fits() && two.proven()) {
        return true;
      }
    }
    return false;
  }

  /** What is left of the tries for one group, over all searches in it. */
  private static final class Tries {
    private int left;

    Tries(int left) {
      this.left = left;
    }

    Search search(Group group, @Nullable Patterns patterns, int most) {
      return new Search(group, patterns, Math.min(most, left));
    }

    void spend(Search search) {
      left = Math.max(1, left - search.tries());
    }
  }

  /** All things of the group or none. */
  private static Layout whole(Group group, Tries left) {
    if (!group.mayFit()) {
      return new Layout(List.of(), group.items(), true);
    }
    int tries = group.items().size() > FEW ? MOST_TRIES / 2 : FIRST_SIGHT;
    Search corners = left.search(group, null, tries);
    boolean atCorners = corners.find();
    left.spend(corners);
    if (atCorners) {
      return new Layout(corners.found(), List.of(), true);
    }
    Patterns patterns = Patterns.of(group);
    Search exact = left.search(group, patterns, MOST_TRIES);
    boolean found = exact.find();
    left.spend(exact);
    return new Layout(
        found ? exact.found() : List.of(),
        found ? List.of() : group.items(),
        found || (patterns.complete() && !exact.stopped()));
  }
}
