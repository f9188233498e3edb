package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Things as rows: what one is now, and what it was at each of its last versions. */
@Component
class RowStore {
  /** Versions kept of each thing, so that an edit of an older one can be laid together. */
  private static final int VERSIONS_KEPT = 100;

  private final JdbcClient sql;
  private final Clock clock;

  RowStore(JdbcClient sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  /** A row with its JSON. */
  record Stored(long version, long position, @Nullable String buildId, String body) {}

  /** All rows in their order. */
  List<Row> all(ThingJson json) {
    return sql.sql(
            "SELECT kind, id, build_id, version, position, body FROM thing ORDER BY position, id")
        .query(
            (r, n) ->
                row(
                    json,
                    ThingKind.valueOf(r.getString(1)),
                    r.getString(2),
                    new Stored(r.getLong(4), r.getLong(5), r.getString(3), r.getString(6))))
        .list();
  }

  /** One row, null where it is not there. */
  @Nullable Row row(ThingJson json, ThingKind kind, String id) {
    return find(kind, id).map(stored -> row(json, kind, id, stored)).orElse(null);
  }

  private static Row row(ThingJson json, ThingKind kind, String id, Stored stored) {
    Thing value = Unreadable.orRead(json, kind, id, stored.body);
    return new Row(kind, id, stored.buildId, stored.version, stored.position, value);
  }

  Optional<Stored> find(ThingKind kind, String id) {
    return sql.sql("SELECT version, position, build_id, body FROM thing WHERE kind = ? AND id = ?")
        .params(kind.name(), id)
        .query((r, n) -> new Stored(r.getLong(1), r.getLong(2), r.getString(3), r.getString(4)))
        .optional();
  }

  /** What a thing was at this version, while that is kept. */
  Optional<String> past(ThingKind kind, String id, long version) {
    return sql.sql("SELECT body FROM past_body WHERE kind = ? AND id = ? AND version = ?")
        .params(kind.name(), id, version)
        .query(String.class)
        .optional();
  }

  /**
   * Writes a thing; no body takes it away.
   *
   * @return its new version, 0 when it is gone
   */
  long put(
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
    sql.sql("INSERT OR REPLACE INTO past_body (kind, id, version, body) VALUES (?, ?, ?, ?)")
        .params(kind.name(), id, version, body)
        .update();
    sql.sql("DELETE FROM past_body WHERE kind = ? AND id = ? AND version <= ?")
        .params(kind.name(), id, version - VERSIONS_KEPT)
        .update();
    return version;
  }

  long nextPosition() {
    return sql.sql("SELECT coalesce(max(position), 0) + 1 FROM thing").query(Long.class).single();
  }
}
