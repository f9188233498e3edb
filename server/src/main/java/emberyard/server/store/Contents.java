package emberyard.server.store;

import emberyard.core.build.Brief;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Product;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * All that is stored at one moment. What does not change from one moment to the next is the same
 * object in both, so that whoever worked something out from it can tell that it still holds.
 */
public final class Contents {
  private static final Comparator<Row> IN_ORDER =
      Comparator.comparingLong(Row::position).thenComparing(Row::id);

  private final long revision;

  /** As it is kept, by key. */
  private final Map<String, Row> kept;

  /** As the products of the library have it now, by key, in the same order. */
  private final Map<String, Row> followed;

  private final List<Row> rows;

  /** What others follow of it. */
  private final Products.Followed known;

  private Contents(
      long revision, Map<String, Row> kept, Map<String, Row> followed, Products.Followed known) {
    this.revision = revision;
    this.kept = kept;
    this.followed = followed;
    this.known = known;
    this.rows = List.copyOf(followed.values());
  }

  /**
   * @param rows in their order
   */
  static Contents of(long revision, List<Row> rows, Products products) {
    Map<String, Row> kept = new LinkedHashMap<>();
    Map<String, Row> followed = new LinkedHashMap<>();
    rows.forEach(row -> kept.put(row.key(), row));
    Products.Followed known = products.among(rows);
    Products.followed(rows, known).forEach(row -> followed.put(row.key(), row));
    return new Contents(revision, kept, followed, known);
  }

  /**
   * Grows with every change of anything, and with every start of the program; equal revisions mean
   * equal contents.
   */
  public long revision() {
    return revision;
  }

  /** All things in their order; one that can't be read is there as {@link Unreadable}. */
  public List<Row> rows() {
    return rows;
  }

  /** What others follow of it: products, and builds that follow nothing any more. */
  Products.Followed known() {
    return known;
  }

  boolean has(Write write) {
    return kept.containsKey(Row.key(write.kind(), write.id()));
  }

  /** The row of this kind and id, null where there is none. */
  @Nullable Row row(ThingKind kind, String id) {
    return kept.get(Row.key(kind, id));
  }

  /** As it would be with these changed; what is new comes last. */
  Contents with(List<Write> writes, Products products) {
    long last = kept.values().stream().mapToLong(Row::position).max().orElse(0);
    Map<String, Row> outcome = new LinkedHashMap<>();
    for (Write write : writes) {
      String key = Row.key(write.kind(), write.id());
      Row was = outcome.containsKey(key) ? outcome.get(key) : kept.get(key);
      if (write.value() == null) {
        outcome.put(key, null);
      } else {
        long position = was == null ? ++last : was.position();
        outcome.put(
            key, new Row(write.kind(), write.id(), write.buildId(), 0, position, write.value()));
      }
    }
    return changed(revision, outcome, products);
  }

  /**
   * As it came to be. A value that is equal to what it was before it was kept is the same object.
   *
   * @param onDisk rows as they are there now, by key, null for one that is gone
   */
  Contents after(Map<String, Row> onDisk, Products products) {
    return changed(revision + 1, onDisk, products);
  }

  private Contents changed(long number, Map<String, Row> outcome, Products products) {
    Map<String, Row> now = new LinkedHashMap<>(kept);
    boolean sorted = true;
    boolean asBefore = true;
    long last = rows.isEmpty() ? Long.MIN_VALUE : rows.get(rows.size() - 1).position();
    for (Map.Entry<String, Row> each : outcome.entrySet()) {
      Row is = each.getValue();
      Row was = is == null ? now.remove(each.getKey()) : now.put(each.getKey(), is);
      asBefore &= !reaches(was, is);
      boolean comesLast = is != null && was == null && is.position() > last;
      sorted &= is == null || comesLast || was != null && was.position() == is.position();
      last = comesLast ? is.position() : last;
    }
    now = sorted ? now : inOrder(now);
    List<Row> all = asBefore ? List.of() : List.copyOf(now.values());
    Products.Followed follows = asBefore ? known : products.among(all);
    List<Row> changed = outcome.values().stream().filter(Objects::nonNull).toList();
    Map<String, Row> anew = new HashMap<>();
    Products.followed(asBefore ? changed : all, follows).forEach(row -> anew.put(row.key(), row));
    Map<String, Row> follow = new LinkedHashMap<>(2 * now.size());
    for (String key : now.keySet()) {
      Row its = anew.get(key);
      follow.put(key, its == null ? followed.get(key) : same(followed.get(key), its));
    }
    return new Contents(number, now, follow, follows);
  }

  private static Map<String, Row> inOrder(Map<String, Row> rows) {
    Map<String, Row> sorted = new LinkedHashMap<>();
    rows.entrySet().stream()
        .sorted(Map.Entry.comparingByValue(IN_ORDER))
        .forEach(each -> sorted.put(each.getKey(), each.getValue()));
    return sorted;
  }

  /** What is equal stays the same object. */
  private static Row same(@Nullable Row was, Row is) {
    if (was == null || !was.value().equals(is.value())) {
      return is;
    }
    boolean all = was.version() == is.version() && was.position() == is.position();
    return all && Objects.equals(was.buildId(), is.buildId()) ? was : is.with(was.value());
  }

  /** Whether others follow from what changed: products, and whether a build is handed over. */
  private static boolean reaches(@Nullable Row was, @Nullable Row is) {
    return product(was) || product(is) || handedOver(was) != handedOver(is);
  }

  private static boolean product(@Nullable Row row) {
    return row != null && (row.value() instanceof Product || row.value() instanceof Unreadable);
  }

  private static boolean handedOver(@Nullable Row row) {
    return row != null && row.value() instanceof Brief brief && brief.revealedOn() != null;
  }
}
