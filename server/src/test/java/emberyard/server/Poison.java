package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;

import emberyard.core.kind.ThingKind;
import emberyard.server.store.ThingStore;
import java.time.Instant;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Bodies in the store that the API would refuse, as an older or newer program, or a damaged disk,
 * may have left them.
 */
final class Poison {
  private Poison() {}

  /** Changes a thing behind the program's back; history says that ines did it. */
  static void put(JdbcClient sql, ThingStore store, ThingKind kind, String id, String body) {
    sql.sql(
            """
            INSERT INTO change
              (act, account_id, place, at, kind, thing_id, build_id, position, before, after)
            SELECT 'poison' || version, (SELECT id FROM account WHERE name = 'ines'),
              coalesce(build_id, ''), ?, kind, id, build_id, position, body, ? FROM thing WHERE kind = ? AND id = ?
            """)
        .params(Instant.now().toString(), body, kind.name(), id)
        .update();
    int rows =
        sql.sql("UPDATE thing SET body = ?, version = version + 1 WHERE kind = ? AND id = ?")
            .params(body, kind.name(), id)
            .update();
    assertEquals(1, rows, "poisoned");
    store.readAnew();
  }
}
