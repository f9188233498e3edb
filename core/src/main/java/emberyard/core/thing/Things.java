package emberyard.core.thing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Things by kind, each kind in its order. A value: equal when each kind has equal things in the
 * same order.
 *
 * <p>Example: {@code Things.of(List.of(panel, screen)).of(Panel.class)} is {@code [panel]}.
 */
public final class Things {
  public static final Things NONE = new Things(Map.of());

  /** No kind without things; each list holds only things of its kind. */
  private final Map<Class<? extends Thing>, List<Thing>> lists;

  private Things(Map<Class<? extends Thing>, List<Thing>> lists) {
    this.lists = lists;
  }

  /** Sorts things by their kind; things of one kind keep their order. */
  public static Things of(Collection<? extends Thing> things) {
    Map<Class<? extends Thing>, List<Thing>> lists = new LinkedHashMap<>();
    things.forEach(
        thing -> lists.computeIfAbsent(thing.getClass(), kind -> new ArrayList<>()).add(thing));
    lists.replaceAll((kind, those) -> List.copyOf(those));
    return new Things(lists);
  }

  /** All of one kind, none where there are none. */
  @SuppressWarnings("unchecked")
  public <T extends Thing> List<T> of(Class<T> kind) {
    return (List<T>) lists.getOrDefault(kind, List.of());
  }

  /** The one of a kind with this id. */
  public <T extends Thing> Optional<T> find(Class<T> kind, String id) {
    return of(kind).stream().filter(thing -> thing.id().equals(id)).findFirst();
  }

  /** The same with these as all things of their kind. */
  public <T extends Thing> Things with(Class<T> kind, List<T> those) {
    Map<Class<? extends Thing>, List<Thing>> changed = new LinkedHashMap<>(lists);
    if (those.isEmpty()) {
      changed.remove(kind);
    } else {
      changed.put(kind, List.copyOf(those));
    }
    return new Things(changed);
  }

  /** Those of some kinds only. */
  public Things only(Predicate<Class<? extends Thing>> kinds) {
    Map<Class<? extends Thing>, List<Thing>> some = new LinkedHashMap<>(lists);
    some.keySet().removeIf(kinds.negate());
    return new Things(some);
  }

  /** Both; where both have things of a kind, the others stand behind. */
  public Things and(Things others) {
    return of(Stream.concat(all(), others.all()).toList());
  }

  /** All of every kind. */
  public Stream<Thing> all() {
    return lists.values().stream().flatMap(List::stream);
  }

  /** The kinds there are things of. */
  public Collection<Class<? extends Thing>> kinds() {
    return Collections.unmodifiableSet(lists.keySet());
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Things things && lists.equals(things.lists);
  }

  @Override
  public int hashCode() {
    return lists.hashCode();
  }

  @Override
  public String toString() {
    return lists.toString();
  }
}
