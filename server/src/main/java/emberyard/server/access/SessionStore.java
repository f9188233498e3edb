package emberyard.server.access;

import emberyard.core.units.Require;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Sessions of browsers and tokens of scripts; only their SHA-256 is kept. */
@Component
public class SessionStore {
  private static final Duration LONGEST = Duration.ofDays(14);
  private static final Duration IDLE = Duration.ofDays(7);

  private static final Logger LOG = LoggerFactory.getLogger(SessionStore.class);

  private final JdbcClient sql;
  private final Clock clock;

  public SessionStore(JdbcClient sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  /** Opens a session for fourteen days, seven without use; returns its token, shown once. */
  public String open(Account account) {
    String token = Secrets.token();
    Instant now = clock.instant();
    sql.sql("DELETE FROM session WHERE expires_at < ?").param(now.toString()).update();
    sql.sql("INSERT INTO session (token_hash, account_id, expires_at, seen_at) VALUES (?, ?, ?, ?)")
        .params(Secrets.hash(token), account.id(), now.plus(LONGEST).toString(), hour(now))
        .update();
    return token;
  }

  public void close(String token) {
    sql.sql("DELETE FROM session WHERE token_hash = ?").param(Secrets.hash(token)).update();
  }

  /** Ends all sessions of an account, and forgets its browsers. */
  public void closeAll(String accountId) {
    sql.sql("DELETE FROM session WHERE account_id = ?").param(accountId).update();
    sql.sql("DELETE FROM device WHERE account_id = ?").param(accountId).update();
  }

  private record LastSeen(Account account, String at) {}

  public Optional<Account> bySession(String token) {
    Instant now = clock.instant();
    String hash = Secrets.hash(token);
    Optional<LastSeen> session =
        sql.sql(
                """
                SELECT a.id, a.name, a.role, a.person_id, s.seen_at FROM session s
                JOIN account a ON a.id = s.account_id
                WHERE s.token_hash = ? AND s.expires_at > ?
                  AND (s.seen_at = '' OR s.seen_at > ?) AND a.ended_at IS NULL
                """)
            .params(hash, now.toString(), now.minus(IDLE).toString())
            .query((row, n) -> new LastSeen(AccountStore.account(row, n), row.getString(5)))
            .optional();
    session.filter(seen -> !seen.at().equals(hour(now))).ifPresent(seen -> noteSeen(hash, now));
    return session.map(LastSeen::account);
  }

  /** Once an hour; whoever only reads needn't wait for a writer, nor for room on the disk. */
  private void noteSeen(String hash, Instant now) {
    try {
      sql.sql("UPDATE session SET seen_at = ? WHERE token_hash = ?")
          .params(hour(now), hash)
          .update();
    } catch (DataAccessException notNow) {
      LOG.debug("Noted with a later request", notNow);
    }
  }

  public Optional<Account> byToken(String token) {
    return sql.sql(
            """
            SELECT a.id, a.name, a.role, a.person_id FROM api_token t
            JOIN account a ON a.id = t.account_id
            WHERE t.token_hash = ? AND t.revoked_at IS NULL AND a.ended_at IS NULL
            """)
        .param(Secrets.hash(token))
        .query(AccountStore::account)
        .optional();
  }

  /**
   * A token as it is listed: never its value.
   *
   * @param of name of the account
   * @param createdAt ISO instant
   */
  public record ApiToken(String id, String name, String of, String createdAt, boolean revoked) {}

  /** The tokens of this account; an owner sees everybody's. */
  public List<ApiToken> tokens(Account account) {
    return sql.sql(
            """
            SELECT t.id, t.name, a.name, t.created_at, t.revoked_at IS NOT NULL
            FROM api_token t JOIN account a ON a.id = t.account_id
            WHERE t.account_id = ? OR ? ORDER BY t.created_at
            """)
        .params(account.id(), account.owner())
        .query(
            (r, n) ->
                new ApiToken(
                    r.getString(1),
                    r.getString(2),
                    r.getString(3),
                    r.getString(4),
                    r.getBoolean(5)))
        .list();
  }

  /** Makes a token and returns its value, which is shown once. */
  public String addToken(Account account, String name) {
    Require.text("name", name);
    String token = "ember_" + Secrets.token();
    sql.sql(
            """
            INSERT INTO api_token (id, account_id, name, token_hash, created_at)
            VALUES (?, ?, ?, ?, ?)
            """)
        .params(
            UUID.randomUUID().toString(),
            account.id(),
            name,
            Secrets.hash(token),
            clock.instant().toString())
        .update();
    return token;
  }

  /** Revokes one's own token; an owner anybody's. */
  public void revokeToken(Account account, String id) {
    sql.sql("UPDATE api_token SET revoked_at = ? WHERE id = ? AND (account_id = ? OR ?)")
        .params(clock.instant().toString(), id, account.id(), account.owner())
        .update();
  }

  void revokeAll(String accountId) {
    sql.sql("UPDATE api_token SET revoked_at = ? WHERE account_id = ? AND revoked_at IS NULL")
        .params(clock.instant().toString(), accountId)
        .update();
  }

  /** To the hour, so that reading a screen is no write each time. */
  private static String hour(Instant now) {
    return now.truncatedTo(ChronoUnit.HOURS).toString();
  }
}
