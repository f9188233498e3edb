package emberyard.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Failed tries to sign in, and the browsers that somebody signed in with before. */
@Component
public class SignInStore {
  private static final Duration FORGIVEN_EVERY = Duration.ofMinutes(15);
  private static final long LONGEST_LOCK_SECONDS = 900;

  private final JdbcClient sql;
  private final Clock clock;

  SignInStore(JdbcClient sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  private record Count(int failures, Instant lastAt) {
    /** Failures that still count: one is forgiven each quarter of an hour. */
    int at(Instant now) {
      long forgiven = Math.max(0, Duration.between(lastAt, now).dividedBy(FORGIVEN_EVERY));
      return (int) Math.max(0, failures - forgiven);
    }
  }

  private Count count(String who) {
    return sql.sql("SELECT failures, last_at FROM sign_in_failure WHERE who = ?")
        .param(who)
        .query((row, number) -> new Count(row.getInt(1), Instant.parse(row.getString(2))))
        .optional()
        .orElse(new Count(0, Instant.EPOCH));
  }

  /**
   * Until when no try is taken: from the {@code allowed}-th failure on, each doubles the time, from
   * 2 s to a quarter of an hour. Example: 3 allowed, 5 failures: 2, 4, 8 s: 8 s from the fifth.
   */
  public Instant lockedUntil(String who, int allowed) {
    Count count = count(who);
    int over = count.at(clock.instant()) - allowed + 1;
    long seconds = over < 1 ? 0 : Math.min(LONGEST_LOCK_SECONDS, 1L << Math.min(20, over));
    return count.lastAt.plusSeconds(seconds);
  }

  /** Notes a failed try. */
  public void failed(String who) {
    Instant now = clock.instant();
    sql.sql(
            """
            INSERT INTO sign_in_failure (who, failures, last_at) VALUES (?, ?, ?)
            ON CONFLICT (who) DO UPDATE SET failures = excluded.failures, last_at = excluded.last_at
            """)
        .params(who, count(who).at(now) + 1, now.toString())
        .update();
    String longForgiven = now.minus(Duration.ofDays(2)).toString();
    sql.sql("DELETE FROM sign_in_failure WHERE last_at < ?").param(longForgiven).update();
  }

  /** Forgets the failures of one who got in. */
  public void succeeded(String who) {
    sql.sql("DELETE FROM sign_in_failure WHERE who = ?").param(who).update();
  }

  /** Whether this browser signed in under that name before. */
  public boolean knows(String deviceToken, String name) {
    return sql.sql(
                """
                SELECT count(*) FROM device d JOIN account a ON a.id = d.account_id
                WHERE d.token_hash = ? AND a.name = ?
                """)
            .params(Secrets.hash(deviceToken), name)
            .query(Integer.class)
            .single()
        > 0;
  }

  /** Remembers a browser; returns what it shows next time. */
  public String remember(Account account, Optional<String> deviceToken) {
    Optional<String> known = deviceToken.filter(token -> knows(token, account.name()));
    String token = known.orElseGet(Secrets::token);
    sql.sql(
            """
            INSERT INTO device (token_hash, account_id, seen_at) VALUES (?, ?, ?)
            ON CONFLICT (token_hash) DO UPDATE SET seen_at = excluded.seen_at
            """)
        .params(Secrets.hash(token), account.id(), clock.instant().toString())
        .update();
    return token;
  }
}
