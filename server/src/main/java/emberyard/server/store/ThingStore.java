package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.refusal.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
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

  /** Null until somebody asks, and after anything went wrong: the disk is the truth. */
  private volatile @Nullable Contents contents;

  private long revision = System.currentTimeMillis();

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

  /** See {@link Contents#revision}. */
  public long revision() {
    return contents().revision();
  }

  /** All things in their order. */
  public List<Row> all() {
    return contents().rows();
  }

  /** All that is stored as of the last change. */
  public Contents contents() {
    Contents now = contents;
    return now != null ? now : readAnew();
  }

  /** Reads the disk again, on which something else has written. */
  public Contents readAnew() {
    writer.lock();
    try {
      revision++;
      Contents now = Contents.of(revision, rows.all(json), products);
      contents = now;
      return now;
    } finally {
      writer.unlock();
    }
  }

  /** What was looked at before it was kept, with what is on the disk now in its place. */
  private void keep(Contents candidate, List<Write> writes) {
    Map<String, Row> onDisk = new LinkedHashMap<>();
    for (Write write : writes) {
      onDisk.put(Row.key(write.kind(), write.id()), rows.row(json, write.kind(), write.id()));
    }
    Contents now = candidate.after(onDisk, products);
    revision = now.revision();
    contents = now;
    state.wrote();
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
    List<Long> versions =
        written(
            now -> {
              List<Row> before = now.rows();
              MostThings.check(now, writes);
              OnlyAdded.check(now, writes);
              ActStore.Act theAct = ActStore.Act.of(accountId, act, place(before, writes));
              List<Write> all = new ArrayList<>(writes);
              all.addAll(products.following(before, now.known(), writes));
              Products.Finder known = products.after(now.known().products(), writes);
              List<Write> resolved = new ArrayList<>();
              List<Long> numbers = new ArrayList<>();
              for (Write write : all) {
                Write each = products.named(resolved(products.named(write, known)), known);
                resolved.add(each);
                numbers.add(one(theAct, each));
              }
              return new Written<>(numbers, resolved);
            });
    return versions.subList(0, writes.size());
  }

  /** What somebody is told, and what was written for it. */
  private record Written<T>(T answer, List<Write> writes) {}

  /** Writes in one transaction, or not at all; then it is what everybody reads. */
  private <T> T written(Function<Contents, Written<T>> act) {
    writer.lock();
    try {
      Contents now = contents();
      Contents[] after = new Contents[1];
      Written<T> written =
          transaction.execute(
              status -> {
                Written<T> done = act.apply(now);
                after[0] = now.with(done.writes, products);
                check.check(done.writes, now.rows(), after[0].rows());
                return done;
              });
      keep(after[0], written.writes);
      return written.answer;
    } catch (InvalidValue | StaleThing | MissingThing | ChangedSince | Refused refused) {
      throw refused; // before anything was kept
    } catch (RuntimeException | Error unforeseen) {
      contents = null;
      throw unforeseen;
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
    List<ActStore.ChangedThing> changed =
        written(
            now -> {
              List<ActStore.ChangedThing> things = act.get();
              return new Written<>(things, things.stream().map(this::asWrite).toList());
            });
    return changed.isEmpty() ? Optional.empty() : Optional.of(undone(changed));
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
