package emberyard.core.fit.place;

import java.util.ArrayList;
import java.util.List;

/** Things and spaces that can't be looked at apart: a thing of one may meet a thing of another. */
record Group(List<Cavity> cavities, List<Item> items) {
  Group {
    cavities = List.copyOf(cavities);
    items = List.copyOf(items);
  }

  /** Separates what can't meet. A thing that nothing takes is a group of its own. */
  static List<Group> of(List<Cavity> cavities, List<Item> items) {
    List<Group> groups = new ArrayList<>();
    List<Cavity> cavitiesLeft = new ArrayList<>(cavities);
    List<Item> itemsLeft = new ArrayList<>(items);
    while (!itemsLeft.isEmpty()) {
      List<Item> things = new ArrayList<>(List.of(itemsLeft.remove(0)));
      List<Cavity> spaces = new ArrayList<>();
      boolean grown = true;
      while (grown) {
        grown = cavitiesLeft.removeIf(c -> joins(c, things, spaces) && spaces.add(c));
        grown |= itemsLeft.removeIf(i -> goes(i, spaces) && things.add(i));
      }
      groups.add(
          new Group(
              cavities.stream().filter(spaces::contains).toList(),
              items.stream().filter(things::contains).toList()));
    }
    return groups;
  }

  /** Pinned things may lie anywhere: they and their surroundings belong together. */
  private static boolean joins(Cavity cavity, List<Item> things, List<Cavity> spaces) {
    return things.stream().anyMatch(item -> item.pin() != null || cavity.takes(item.seats()))
        || spaces.stream().anyMatch(other -> other.box().overlaps(cavity.box()));
  }

  private static boolean goes(Item item, List<Cavity> spaces) {
    return !spaces.isEmpty()
        && (item.pin() != null || spaces.stream().anyMatch(c -> c.takes(item.seats())));
  }

  /** Whether no simple reason speaks against it: volume, or a thing too large for every space. */
  boolean mayFit() {
    return volumeSuffices() && eachFitsSomewhere();
  }

  private boolean volumeSuffices() {
    double wanted = items.stream().filter(i -> i.pin() == null).mapToDouble(Item::volumeMm3).sum();
    return wanted <= cavities.stream().mapToDouble(c -> c.box().volumeMm3()).sum() + 1e-3;
  }

  /** Whether every thing would go into some empty space by itself. */
  private boolean eachFitsSomewhere() {
    return items.stream().allMatch(item -> item.pin() != null || fitsSomewhere(item));
  }

  private boolean fitsSomewhere(Item item) {
    return cavities.stream()
        .filter(cavity -> cavity.takes(item.seats()))
        .anyMatch(
            cavity ->
                item.postures().stream().anyMatch(posture -> cavity.wouldHold(posture.hull())));
  }
}
