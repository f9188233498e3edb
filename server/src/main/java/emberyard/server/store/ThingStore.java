package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Everything people entered, in SQLite. One writer at a time; what {@link #apply} returned is on
 * disk (WAL, synchronous FULL).
 */
@Component
public class ThingStore {
  private static final Pattern ID = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]{0,79}");

  private final JdbcClient sql;
  private final TransactionTemplate transaction;
  private final ThingJson json;
  private final RowStore rows;
  private final ActStore acts;
  private final StoreState state;
  private final Products products;
  private final BeforeKeeping check;
  private final ReentrantLock writer = new ReentrantLock();
  private final AtomicLong revision = new AtomicLong(System.currentTimeMillis());
  private final Map<String, Row> parsed = new HashMap<>();

  public ThingStore(
      JdbcClient sql,
      PlatformTransactionManager transactions,
      ThingJson json,
      RowStore rows,
      ActStore acts,
      StoreState state,
      Products products,
      BeforeKeeping check) {
    this.sql = sql;
    this.transaction = new TransactionTemplate(transactions);
    this.json = json;
    this.rows = rows;
    this.acts = acts;
    this.state = state;
    this.products = products;
    this.check = check;
  }

  /**
   * Grows with every change of anything, and with every start of the program; equal revisions mean
   * equal contents.
   */
  public long revision() {
    return revision.get();
  }

  /**
   * All things in their order; one that can't be read is there as {@link Unreadable}. Bodies that
   * did not change since the last call are not read again.
   */
  public List<Row> all() {
    synchronized (parsed) {
      List<Row> rows = new ArrayList<>();
      sql.sql(
              """
              SELECT kind, id, build_id, version, position, body FROM thing
              ORDER BY position, id
              """)
          .query(
              (result, number) -> {
                ThingKind kind = ThingKind.valueOf(result.getString(1));
                String id = result.getString(2);
                long version = result.getLong(4);
                Row known = parsed.get(kind + "/" + id);
                if (known == null || known.version() != version) {
                  known =
                      new Row(
                          kind,
                          id,
                          result.getString(3),
                          version,
                          result.getLong(5),
                          Unreadable.orRead(json, kind, id, result.getString(6)));
                  parsed.put(kind + "/" + id, known);
                }
                return known;
              })
          .list()
          .forEach(rows::add);
      return products.followed(rows);
    }
  }

  /** The thing of this kind and id, as it is stored now. */
  public <T extends Thing> Optional<Versioned<T>> find(Class<T> type, String id) {
    return rows.find(ThingKind.of(type), id)
        .map(row -> new Versioned<>(row.version(), now(row, type)));
  }

  /** A row as its products have it now. */
  private <T extends Thing> T now(RowStore.Stored row, Class<T> type) {
    T kept = json.read(row.body(), type);
    return type.cast(products.followed(kept, row.buildId(), this::readable));
  }

  private Optional<Thing> readable(ThingKind kind, String id) {
    return rows.find(kind, id).map(row -> Unreadable.orRead(json, kind, id, row.body()));
  }

  /**
   * @throws MissingThing when it is not there
   */
  public <T extends Thing> Versioned<T> get(Class<T> type, String id) {
    return find(type, id).orElseThrow(() -> gone(ThingKind.of(type), id));
  }

  /**
   * Carries out all wishes or none, as one step of undo.
   *
   * @return the new versions, in order; 0 for removed things
   * @throws StaleThing when somebody changed the same value meanwhile; other values are laid
   *     together
   * @throws MissingThing when one to be changed is not there
   * @throws emberyard.core.units.InvalidValue when an id is none, there are too many already, or
   *     the check refuses
   */
  public List<Long> apply(String accountId, List<Write> writes) {
    return apply(accountId, null, writes);
  }

  /**
   * The same, as part of an act.
   *
   * @param act made by the sender: writes of the same act are one step of undo; null for one of
   *     their own
   */
  public List<Long> apply(String accountId, @Nullable String act, List<Write> writes) {
    writer.lock();
    try {
      List<Row> before = all();
      MostThings.check(before, writes);
      ActStore.Act theAct = ActStore.Act.of(accountId, act, place(before, writes));
      List<Write> all = new ArrayList<>(writes);
      all.addAll(products.following(before, writes));
      Products.Finder known = products.after(products.among(before), writes);
      List<Long> versions =
          transaction.execute(
              status -> {
                List<Write> resolved = new ArrayList<>();
                List<Long> now = new ArrayList<>();
                for (Write write : all) {
                  Write each = products.named(resolved(products.named(write, known)), known);
                  resolved.add(each);
                  now.add(one(theAct, each));
                }
                check.check(resolved, before, after(before, resolved));
                return now;
              });
      revision.incrementAndGet();
      state.wrote();
      return versions.subList(0, writes.size());
    } finally {
      writer.unlock();
    }
  }

  /** Where an act was done; builds come and go in the workshop. */
  private static String place(List<Row> before, List<Write> writes) {
    for (Write write : writes) {
      boolean comesOrGoes =
          write.kind() == ThingKind.BRIEF
              && (write.value() == null
                  || before.stream()
                      .noneMatch(
                          row -> row.kind() == ThingKind.BRIEF && row.id().equals(write.id())));
      if (comesOrGoes) {
        return "";
      }
    }
    return writes.stream().map(Write::buildId).filter(Objects::nonNull).findFirst().orElse("");
  }

  private List<Row> after(List<Row> before, List<Write> writes) {
    Map<String, Row> rows = new LinkedHashMap<>();
    before.forEach(row -> rows.put(row.kind() + "/" + row.id(), row));
    for (Write write : writes) {
      String key = write.kind() + "/" + write.id();
      Row was = rows.get(key);
      if (write.value() == null) {
        rows.remove(key);
      } else {
        long position = was == null ? Long.MAX_VALUE : was.position();
        rows.put(
            key, new Row(write.kind(), write.id(), write.buildId(), 0, position, write.value()));
      }
    }
    return products.followed(List.copyOf(rows.values()));
  }

  /**
   * Takes back the last act of this account in a place.
   *
   * @param place a build's id, or empty for the workshop
   * @return what was taken back; empty when there is nothing: the set-up of the workshop is never
   *     taken back
   * @throws ChangedSince when somebody changed the same value afterwards
   */
  public Optional<Undone> undo(String accountId, String place) {
    return turn(() -> acts.undo(accountId, place));
  }

  /** Does again what was taken back last in a place, unless something was done there since. */
  public Optional<Undone> redo(String accountId, String place) {
    return turn(() -> acts.redo(accountId, place));
  }

  private Optional<Undone> turn(Supplier<List<ActStore.ChangedThing>> act) {
    writer.lock();
    try {
      List<Row> before = all();
      List<ActStore.ChangedThing> changed =
          transaction.execute(
              status -> {
                List<ActStore.ChangedThing> things = act.get();
                List<Write> writes = things.stream().map(this::asWrite).toList();
                check.check(writes, before, after(before, writes));
                return things;
              });
      revision.incrementAndGet();
      state.wrote();
      return changed.isEmpty() ? Optional.empty() : Optional.of(undone(changed));
    } finally {
      writer.unlock();
    }
  }

  private Write asWrite(ActStore.ChangedThing thing) {
    Thing value = thing.body() == null ? null : json.read(thing.body(), thing.kind().type());
    return new Write(thing.kind(), thing.id(), thing.buildId(), value, Write.ANY);
  }

  private Undone undone(List<ActStore.ChangedThing> changed) {
    ActStore.ChangedThing one = changed.get(changed.size() - 1);
    String name =
        changed.stream()
            .map(ActStore.ChangedThing::body)
            .filter(Objects::nonNull)
            .map(body -> ThingName.of(json.read(body, JsonNode.class)))
            .filter(words -> !words.isBlank())
            .findFirst()
            .orElse("");
    return new Undone(one.kind().word(), one.id(), one.buildId(), name, changed.size());
  }

  /**
   * @param kind word of the API
   * @param buildId null for a thing of the workshop
   * @param name what it is called, empty where it has no name or is gone
   * @param changes how many things the act changed
   */
  public record Undone(
      String kind, String thingId, @Nullable String buildId, String name, int changes) {}

  /** Undo would lose somebody else's later change. */
  public static final class ChangedSince extends RuntimeException {
    private static final long serialVersionUID = 1;

    ChangedSince() {
      super("This was changed again since; undoing it would lose the later change.");
    }
  }

  /** A wish as it can be carried out: laid together with what others changed meanwhile. */
  private Write resolved(Write write) {
    RowStore.Stored now = rows.find(write.kind(), write.id()).orElse(null);
    if (now != null && !Objects.equals(now.buildId(), write.buildId())) {
      throw gone(write.kind(), write.id());
    }
    if (now == null && (write.expected() > 0 || write.value() == null)) {
      throw gone(write.kind(), write.id());
    }
    boolean same =
        now == null
            || write.expected() == Write.ANY
            || write.expected() == now.version()
            || write.value() != null && now.body().equals(json.write(write.value()));
    return same ? write : together(write, now);
  }

  private Write together(Write write, RowStore.Stored now) {
    Class<? extends Thing> type = write.kind().type();
    Versioned<?> newer = new Versioned<>(now.version(), now(now, type));
    Optional<JsonNode> base =
        rows.past(write.kind(), write.id(), write.expected())
            .map(body -> Products.alone(json.tree(json.read(body, type))));
    if (base.isEmpty() || write.value() == null) {
      throw new StaleThing(newer);
    }
    JsonNode mine = Products.alone(json.tree(write.value()));
    JsonNode theirs = Products.alone(json.tree(newer.value()));
    FieldMerge.Merged own = FieldMerge.of(base.get(), mine, theirs, true);
    if (!own.conflicts().isEmpty()) {
      JsonNode others = FieldMerge.of(base.get(), mine, theirs, false).value();
      throw new StaleThing(newer, own.conflicts(), own.value(), others);
    }
    Thing value = json.read(own.value(), type);
    return new Write(write.kind(), write.id(), write.buildId(), value, write.expected());
  }

  private long one(ActStore.Act act, Write write) {
    RowStore.Stored now = rows.find(write.kind(), write.id()).orElse(null);
    String after = write.value() == null ? null : json.write(write.value());
    if (now != null && now.body().equals(after)) {
      return now.version();
    }
    if (now == null) {
      Require.that(
          ID.matcher(write.id()).matches(),
          "id",
          "An id is one to eighty letters, digits, dots, dashes and underscores; it begins with a"
              + " letter or digit.");
    }
    long position = now == null ? rows.nextPosition() : now.position();
    acts.remember(act, write, position, now == null ? null : now.body(), after);
    return rows.put(write.kind(), write.id(), write.buildId(), position, after, now);
  }

  private static MissingThing gone(ThingKind kind, String id) {
    return new MissingThing("There is no “%s” among the %s.".formatted(id, kind.word()));
  }
}
