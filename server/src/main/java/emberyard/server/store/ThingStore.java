package emberyard.server.store;

import emberyard.core.units.Require;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Everything people entered, in SQLite. One writer at a time; what {@link #apply} returned is on
 * disk (WAL, synchronous FULL). Typing into one thing within three seconds counts as one change.
 */
@Component
public class ThingStore {
  private static final Logger LOG = LoggerFactory.getLogger(ThingStore.class);
  private static final Duration ONE_CHANGE = Duration.ofSeconds(3);
  private static final Pattern ID = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]{0,79}");

  private final JdbcClient sql;
  private final TransactionTemplate transaction;
  private final ThingJson json;
  private final Clock clock;
  private final StoreState state;
  private final BeforeKeeping check;
  private final ReentrantLock writer = new ReentrantLock();
  private final AtomicLong revision = new AtomicLong(1);
  private final Map<String, Row> parsed = new HashMap<>();

  public ThingStore(
      JdbcClient sql,
      PlatformTransactionManager transactions,
      ThingJson json,
      Clock clock,
      StoreState state,
      BeforeKeeping check) {
    this.sql = sql;
    this.transaction = new TransactionTemplate(transactions);
    this.json = json;
    this.clock = clock;
    this.state = state;
    this.check = check;
  }

  /** Grows with every change of anything; equal revisions mean equal contents. */
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
                          read(kind, id, result.getString(6)));
                  parsed.put(kind + "/" + id, known);
                }
                return known;
              })
          .list()
          .forEach(rows::add);
      return rows;
    }
  }

  private Object read(ThingKind kind, String id, String body) {
    try {
      return json.read(body, kind.type());
    } catch (RuntimeException unreadable) {
      LOG.warn("{} {} can't be read: {}", kind.word(), id, unreadable.getMessage());
      return Unreadable.of(kind, id, ThingName.of(json.read(body, JsonNode.class)), unreadable);
    }
  }

  public <T> Optional<Kept<T>> find(ThingKind kind, String id, Class<T> type) {
    return stored(kind, id).map(now -> new Kept<>(now.version, json.read(now.body, type)));
  }

  public <T> Kept<T> get(ThingKind kind, String id, Class<T> type) {
    return find(kind, id, type).orElseThrow(() -> gone(kind, id));
  }

  /**
   * Carries out all wishes or none, as one step of undo.
   *
   * @return the new versions, in order; 0 for removed things
   * @throws StaleThing when one was changed meanwhile
   * @throws MissingThing when one to be changed is not there
   * @throws emberyard.core.units.InvalidValue when an id is none, or the check refuses
   */
  public List<Long> apply(String accountId, List<Write> writes) {
    writer.lock();
    try {
      String act = UUID.randomUUID().toString();
      List<Row> before = all();
      List<Long> versions =
          transaction.execute(
              status -> {
                List<Long> now = writes.stream().map(each -> one(accountId, act, each)).toList();
                check.check(writes, before, after(before, writes));
                return now;
              });
      revision.incrementAndGet();
      state.wrote();
      return versions;
    } finally {
      writer.unlock();
    }
  }

  private static List<Row> after(List<Row> before, List<Write> writes) {
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
    return List.copyOf(rows.values());
  }

  /**
   * Takes back the last act of this account.
   *
   * @return what was taken back, in the words of the API ("panels"), empty when there is nothing:
   *     the set-up of the workshop is never taken back
   * @throws ChangedSince when somebody else changed the thing afterwards
   */
  public Optional<Undone> undo(String accountId) {
    writer.lock();
    try {
      Optional<Undone> undone = transaction.execute(status -> undoLast(accountId));
      revision.incrementAndGet();
      return undone;
    } finally {
      writer.unlock();
    }
  }

  /**
   * @param kind word of the API
   * @param buildId null for a thing of the workshop
   */
  public record Undone(String kind, String thingId, @Nullable String buildId) {}

  /** Undo would lose somebody else's later change. */
  public static final class ChangedSince extends RuntimeException {
    private static final long serialVersionUID = 1;

    ChangedSince() {
      super("This was changed again since; undoing it would lose the later change.");
    }
  }

  private record Stored(long version, long position, @Nullable String buildId, String body) {}

  private Optional<Stored> stored(ThingKind kind, String id) {
    return sql.sql("SELECT version, position, build_id, body FROM thing WHERE kind = ? AND id = ?")
        .params(kind.name(), id)
        .query((r, n) -> new Stored(r.getLong(1), r.getLong(2), r.getString(3), r.getString(4)))
        .optional();
  }

  private long one(String accountId, String act, Write write) {
    Stored now = stored(write.kind(), write.id()).orElse(null);
    String after = write.value() == null ? null : json.write(write.value());
    if (now != null && !Objects.equals(now.buildId, write.buildId())) {
      throw gone(write.kind(), write.id());
    }
    if (now == null && (write.expected() > 0 || after == null)) {
      throw gone(write.kind(), write.id());
    }
    if (now != null && now.body.equals(after)) {
      return now.version;
    }
    if (now != null && write.expected() != Write.ANY && write.expected() != now.version) {
      throw new StaleThing(new Kept<>(now.version, json.read(now.body, write.kind().type())));
    }
    if (now == null) {
      Require.that(
          ID.matcher(write.id()).matches(),
          "id",
          "An id is one to eighty letters, digits, dots, dashes and underscores; it begins with a"
              + " letter or digit.");
    }
    long position = now == null ? nextPosition() : now.position;
    remember(accountId, act, write, position, now == null ? null : now.body, after);
    return put(write.kind(), write.id(), write.buildId(), position, after, now);
  }

  private long put(
      ThingKind kind,
      String id,
      @Nullable String buildId,
      long position,
      @Nullable String body,
      @Nullable Stored now) {
    if (body == null) {
      sql.sql("DELETE FROM thing WHERE kind = ? AND id = ?").params(kind.name(), id).update();
      return 0;
    }
    // a thing that returns after removal must not repeat a version somebody may still hold
    long version = now == null ? clock.millis() : now.version + 1;
    sql.sql(
            """
            INSERT INTO thing (kind, id, build_id, version, position, body, updated_at)
            VALUES (?, ?, ?, ?, ?, ?, ?)
            ON CONFLICT (kind, id) DO UPDATE SET
              version = excluded.version, body = excluded.body, updated_at = excluded.updated_at
            """)
        .params(kind.name(), id, buildId, version, position, body, clock.instant().toString())
        .update();
    return version;
  }

  private long nextPosition() {
    return sql.sql("SELECT coalesce(max(position), 0) + 1 FROM thing").query(Long.class).single();
  }

  private record LastChange(
      long seq, String act, Instant at, ThingKind kind, String id, String after) {}

  private void remember(
      String accountId,
      String act,
      Write write,
      long position,
      @Nullable String before,
      @Nullable String after) {
    Instant now = clock.instant();
    Optional<LastChange> last = lastChange(accountId);
    // typing carries the version it started from; what is done as one act stays a step of its own
    boolean typing =
        last.isPresent()
            && write.expected() > 0
            && before != null
            && after != null
            && last.get().kind == write.kind()
            && last.get().id.equals(write.id())
            && before.equals(last.get().after)
            && !last.get().act.equals(act)
            && Duration.between(last.get().at, now).compareTo(ONE_CHANGE) < 0;
    if (typing) {
      sql.sql("UPDATE change SET after = ?, at = ? WHERE seq = ?")
          .params(after, now.toString(), last.get().seq)
          .update();
      return;
    }
    sql.sql(
            """
            INSERT INTO change
              (act, account_id, at, kind, thing_id, build_id, position, before, after)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            act,
            accountId,
            now.toString(),
            write.kind().name(),
            write.id(),
            write.buildId(),
            position,
            before,
            after)
        .update();
  }

  private Optional<LastChange> lastChange(String accountId) {
    return sql.sql(
            """
            SELECT seq, act, at, kind, thing_id, after FROM change
            WHERE account_id = ? AND undone = 0 ORDER BY seq DESC LIMIT 1
            """)
        .param(accountId)
        .query(
            (r, n) ->
                new LastChange(
                    r.getLong(1),
                    r.getString(2),
                    Instant.parse(r.getString(3)),
                    ThingKind.valueOf(r.getString(4)),
                    r.getString(5),
                    r.getString(6)))
        .optional();
  }

  private record Change(
      long seq,
      ThingKind kind,
      String id,
      @Nullable String buildId,
      long position,
      @Nullable String before,
      @Nullable String after) {
    /** The floor: without its workshop there is nothing to come back to. */
    boolean opensTheWorkshop() {
      return kind == ThingKind.WORKSHOP && before == null;
    }
  }

  private Optional<Undone> undoLast(String accountId) {
    Optional<LastChange> last = lastChange(accountId);
    if (last.isEmpty()) {
      return Optional.empty();
    }
    List<Change> changes =
        sql.sql(
                """
                SELECT seq, kind, thing_id, build_id, position, before, after FROM change
                WHERE act = ? ORDER BY seq DESC
                """)
            .param(last.get().act)
            .query(
                (r, n) ->
                    new Change(
                        r.getLong(1),
                        ThingKind.valueOf(r.getString(2)),
                        r.getString(3),
                        r.getString(4),
                        r.getLong(5),
                        r.getString(6),
                        r.getString(7)))
            .list();
    if (changes.stream().anyMatch(Change::opensTheWorkshop)) {
      return Optional.empty();
    }
    changes.forEach(this::takeBack);
    Change first = changes.get(changes.size() - 1);
    return Optional.of(new Undone(first.kind.word(), first.id, first.buildId));
  }

  private void takeBack(Change change) {
    Stored now = stored(change.kind, change.id).orElse(null);
    if (!Objects.equals(now == null ? null : now.body, change.after)) {
      throw new ChangedSince();
    }
    put(change.kind, change.id, change.buildId, change.position, change.before, now);
    sql.sql("UPDATE change SET undone = 1 WHERE seq = ?").param(change.seq).update();
  }

  private static MissingThing gone(ThingKind kind, String id) {
    return new MissingThing("There is no “%s” among the %s.".formatted(id, kind.word()));
  }
}
