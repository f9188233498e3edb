package emberyard.server.light;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What machines said last, so that it is still there after a restart. */
@Component
class FeedStore {
  private final JdbcClient sql;

  FeedStore(JdbcClient sql) {
    this.sql = sql;
  }

  /**
   * One value as it was said last.
   *
   * @param number null where it is words
   */
  record KeptValue(String name, @Nullable Double number, String words, Instant at) {}

  @Transactional
  public void keep(String buildId, List<KeptValue> values) {
    for (KeptValue value : values) {
      sql.sql(
              """
              INSERT INTO feed_value (build_id, name, number, words, at) VALUES (?, ?, ?, ?, ?)
              ON CONFLICT (build_id, name)
              DO UPDATE SET number = excluded.number, words = excluded.words, at = excluded.at
              """)
          .params(buildId, value.name(), value.number(), value.words(), value.at().toString())
          .update();
    }
  }

  List<KeptValue> of(String buildId) {
    return sql.sql("SELECT name, number, words, at FROM feed_value WHERE build_id = ?")
        .param(buildId)
        .query(
            (row, n) -> {
              double number = row.getDouble(2);
              return new KeptValue(
                  row.getString(1),
                  row.wasNull() ? null : (Double) number,
                  row.getString(3),
                  Instant.parse(row.getString(4)));
            })
        .list();
  }
}
