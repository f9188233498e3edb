package emberyard.server.store;

import emberyard.core.kind.ThingKind;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads what was changed, by whom and when: the same rows that undo lives on, kept for good. */
@Component
public class HistoryStore {
  private static final String COLUMNS =
      """
      SELECT seq, at, coalesce(account.name, account_id), kind, thing_id, build_id, before, after,
        undone
      FROM change LEFT JOIN account ON account.id = change.account_id
      """;
  private static final RowMapper<Past> PAST =
      (row, number) ->
          new Past(
              row.getLong(1),
              Instant.parse(row.getString(2)),
              row.getString(3),
              ThingKind.valueOf(row.getString(4)),
              row.getString(5),
              row.getString(6),
              row.getString(7),
              row.getString(8),
              row.getBoolean(9));

  private final JdbcClient sql;

  HistoryStore(JdbcClient sql) {
    this.sql = sql;
  }

  /**
   * One change of one thing.
   *
   * @param by name of the account
   * @param before its JSON before, null when it was added
   * @param after its JSON after, null when it was removed
   * @param undone whether undo took it back
   */
  public record Past(
      long seq,
      Instant at,
      String by,
      ThingKind kind,
      String thingId,
      @Nullable String buildId,
      @Nullable String before,
      @Nullable String after,
      boolean undone) {}

  /** Changes of a build before {@code beforeSeq}, newest first. */
  public List<Past> of(String buildId, long beforeSeq, int size) {
    return sql.sql(COLUMNS + " WHERE build_id = ? AND seq < ? ORDER BY seq DESC LIMIT ?")
        .params(buildId, beforeSeq, size)
        .query(PAST)
        .list();
  }

  /** One change of a build. */
  public Optional<Past> find(String buildId, long seq) {
    return sql.sql(COLUMNS + " WHERE build_id = ? AND seq = ?")
        .params(buildId, seq)
        .query(PAST)
        .optional();
  }

  /** The JSON a thing had before it was last changed or removed. */
  public Optional<String> last(ThingKind kind, String thingId) {
    return sql.sql(
            """
            SELECT before FROM change WHERE kind = ? AND thing_id = ? AND before IS NOT NULL
            ORDER BY seq DESC LIMIT 1
            """)
        .params(kind.name(), thingId)
        .query(String.class)
        .optional();
  }
}
