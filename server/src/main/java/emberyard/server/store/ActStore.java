package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * What was done, act by act, and taking it back. An act belongs to the place where it was done: a
 * build, or the workshop; making and removing builds are acts of the workshop. Keys typed into one
 * field without leaving it are one act.
 */
@Component
class ActStore {
  private static final Duration ONE_CHANGE = Duration.ofSeconds(3);

  /** Acts of a place that can be taken back: none from before its build came or was replaced. */
  private static final String IN_PLACE =
      """
      account_id = ? AND place = ? AND seq > coalesce((
          SELECT max(f.seq) FROM change f WHERE f.kind = 'BRIEF' AND f.build_id = change.place
            AND f.undone = 0 AND (f.before IS NULL OR f.after IS NULL)), 0)
      """;

  private final JdbcClient sql;
  private final RowStore rows;
  private final ThingJson json;
  private final Clock clock;

  ActStore(JdbcClient sql, RowStore rows, ThingJson json, Clock clock) {
    this.sql = sql;
    this.rows = rows;
    this.json = json;
    this.clock = clock;
  }

  /**
   * Who does what in one go.
   *
   * @param id the same for all that is one act
   * @param named whether the sender said which act it belongs to
   * @param place a build's id, or empty for the workshop
   */
  record Act(String accountId, String id, boolean named, String place) {
    static Act of(String accountId, @Nullable String given, String place) {
      boolean named = given != null && given.matches("[A-Za-z0-9-]{8,60}");
      return new Act(
          accountId, named ? accountId + " " + given : UUID.randomUUID().toString(), named, place);
    }
  }

  private record Change(
      long seq,
      String act,
      Instant at,
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

    /** Whether it added something that is only ever added. */
    boolean adds() {
      return kind.onlyAdded() && before == null && after != null;
    }
  }

  private JdbcClient.MappedQuerySpec<Change> changes(String where, Object... params) {
    return sql.sql(
            """
            SELECT seq, act, at, kind, thing_id, build_id, position, before, after FROM change
            WHERE %s
            """
                .formatted(where))
        .params(params)
        .query(
            (r, n) ->
                new Change(
                    r.getLong(1),
                    r.getString(2),
                    Instant.parse(r.getString(3)),
                    ThingKind.valueOf(r.getString(4)),
                    r.getString(5),
                    r.getString(6),
                    r.getLong(7),
                    r.getString(8),
                    r.getString(9)));
  }

  /** Keeps what was changed. */
  void remember(
      Act act, Write write, long position, @Nullable String before, @Nullable String after) {
    String now = clock.instant().toString();
    Optional<Change> last =
        changes("account_id = ? AND undone = 0 ORDER BY seq DESC LIMIT 1", act.accountId)
            .optional();
    if (last.isPresent() && goesOn(act, last.get(), write, before, after)) {
      sql.sql("UPDATE change SET after = ?, at = ? WHERE seq = ?")
          .params(after, now, last.get().seq)
          .update();
      return;
    }
    // what was taken back before this can't be done again any more
    sql.sql("UPDATE change SET undone = 2 WHERE account_id = ? AND place = ? AND undone = 1")
        .params(act.accountId, act.place)
        .update();
    sql.sql(
            """
            INSERT INTO change
              (act, account_id, place, at, kind, thing_id, build_id, position, before, after)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            act.id,
            act.accountId,
            act.place,
            now,
            write.kind().name(),
            write.id(),
            write.buildId(),
            position,
            before,
            after)
        .update();
  }

  /** Whether this is more of the last change: typing carries the version it started from. */
  private boolean goesOn(
      Act act, Change last, Write write, @Nullable String before, @Nullable String after) {
    boolean sameThing =
        before != null
            && after != null
            && last.kind == write.kind()
            && last.id.equals(write.id())
            && before.equals(last.after);
    if (!sameThing || act.named) {
      return sameThing && act.id.equals(last.act);
    }
    return write.expected() > 0
        && Duration.between(last.at, clock.instant()).compareTo(ONE_CHANGE) < 0;
  }

  /** The changes of the last act that can be taken back here, the last first; none at the floor. */
  List<ChangedThing> undo(String accountId, String place) {
    List<Change> last =
        lastAct(
            changes("undone = 0 AND " + IN_PLACE + " ORDER BY seq DESC LIMIT 1", accountId, place),
            0);
    if (last.stream().anyMatch(Change::opensTheWorkshop)) {
      return List.of();
    }
    boolean whole = wholeBuilds(last);
    return last.stream()
        .map(
            change ->
                change.adds() && !whole
                    ? added(change, 1)
                    : turned(change, change.after, takenBack(change, whole), 1))
        .toList();
  }

  /** The changes of the act that was taken back last here, unless something was done since. */
  List<ChangedThing> redo(String accountId, String place) {
    long done =
        changes("undone = 0 AND " + IN_PLACE + " ORDER BY seq DESC LIMIT 1", accountId, place)
            .optional()
            .map(Change::seq)
            .orElse(0L);
    List<Change> last =
        lastAct(
            changes(
                "undone = 1 AND seq > ? AND account_id = ? AND "
                    + IN_PLACE
                    + " ORDER BY seq LIMIT 1",
                done,
                accountId,
                accountId,
                place),
            1);
    boolean whole = wholeBuilds(last);
    return last.stream()
        .map(
            change ->
                change.adds() && !whole
                    ? added(change, 0)
                    : turned(change, takenBack(change, whole), change.after, 0))
        .toList();
  }

  /** What a thing is before a change was made: an order that was sent is cancelled, not unsent. */
  private @Nullable String takenBack(Change change, boolean whole) {
    boolean sent = change.kind == ThingKind.ORDER && change.before == null && !whole;
    return sent
        ? SentOrders.cancelled(tree(change.after)).map(json::write).orElse(null)
        : change.before;
  }

  /** Whether a build came or went in an act: then all that is in it does. */
  private static boolean wholeBuilds(List<Change> act) {
    return act.stream()
        .anyMatch(
            change ->
                change.kind == ThingKind.BRIEF && (change.before == null || change.after == null));
  }

  /** What is only ever added is taken back, or done again, by another one. */
  private ChangedThing added(Change change, int undone) {
    String id = change.id;
    for (int n = 1; rows.find(change.kind, id).isPresent(); n++) {
      id = change.id + (undone == 1 ? "-back-" : "-again-") + n;
    }
    String body = json.write(OnlyAdded.turned(tree(change.after), id, undone == 1));
    rows.put(change.kind, id, change.buildId, rows.nextPosition(), body, null);
    sql.sql("UPDATE change SET undone = ? WHERE seq = ?").params(undone, change.seq).update();
    return new ChangedThing(change.kind, id, change.buildId, body);
  }

  /** All of the act of this change that stands the same way: what is undone is not undone twice. */
  private List<Change> lastAct(JdbcClient.MappedQuerySpec<Change> one, int undone) {
    String order = undone == 0 ? "DESC" : "ASC";
    return one.optional()
        .map(
            found ->
                changes("act = ? AND undone = ? ORDER BY seq " + order, found.act, undone).list())
        .orElse(List.of());
  }

  /**
   * A thing that undo or redo changed.
   *
   * @param body its JSON now, null when it is gone
   */
  record ChangedThing(ThingKind kind, String id, @Nullable String buildId, @Nullable String body) {}

  /** Changes a thing from one state to another; what others changed since is kept. */
  private ChangedThing turned(
      Change change, @Nullable String from, @Nullable String to, int undone) {
    RowStore.Stored now = rows.find(change.kind, change.id).orElse(null);
    String body =
        Objects.equals(now == null ? null : now.body(), from) ? to : merged(now, from, to);
    rows.put(change.kind, change.id, change.buildId, change.position, body, now);
    sql.sql("UPDATE change SET undone = ? WHERE seq = ?").params(undone, change.seq).update();
    return new ChangedThing(change.kind, change.id, change.buildId, body);
  }

  private String merged(RowStore.@Nullable Stored now, @Nullable String from, @Nullable String to) {
    if (now == null || from == null || to == null) {
      throw new ThingStore.ChangedSince();
    }
    FieldMerge.Merged merged = FieldMerge.of(tree(from), tree(to), tree(now.body()), true);
    if (!merged.conflicts().isEmpty()) {
      throw new ThingStore.ChangedSince();
    }
    return json.write(merged.value());
  }

  private JsonNode tree(String body) {
    return json.read(body, JsonNode.class);
  }
}
