package emberyard.server.access;

import emberyard.core.units.Require;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, sessions and tokens. Passwords are kept as Argon2id, tokens as SHA-256. */
@Component
public class AccountStore {
  private static final Duration SESSION = Duration.ofDays(14);
  private static final int SHORTEST_PASSWORD = 10;

  private final JdbcClient sql;
  private final Clock clock;
  private final PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
  private final String nobody = encoder.encode(Secrets.token());

  public AccountStore(JdbcClient sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  /** Whether nobody has set this workshop up yet. */
  public boolean empty() {
    return sql.sql("SELECT count(*) FROM account").query(Long.class).single() == 0;
  }

  public List<Account> all() {
    return sql.sql("SELECT id, name, role, person_id FROM account ORDER BY name")
        .query(AccountStore::account)
        .list();
  }

  /** Adds an account; the password has at least ten characters. */
  public Account add(String name, Role role, String password, String personId) {
    Require.text("name", name);
    longEnough(password);
    Require.that(
        all().stream().noneMatch(account -> account.name().equalsIgnoreCase(name)),
        "name",
        "“" + name + "” can sign in already.");
    String id = UUID.randomUUID().toString();
    sql.sql(
            """
            INSERT INTO account (id, name, role, password_hash, person_id, created_at)
            VALUES (?, ?, ?, ?, ?, ?)
            """)
        .params(id, name, role.name(), encoder.encode(password), personId, now().toString())
        .update();
    return new Account(id, name, role, personId);
  }

  /** Refuses a password nobody should have: at least ten characters, at most 200. */
  public static void longEnough(@Nullable String password) {
    Require.that(
        password != null && password.length() >= SHORTEST_PASSWORD && password.length() <= 200,
        "password",
        "A password has at least ten characters.");
  }

  /** The account when name and password fit. Takes equally long when there is no such name. */
  public Optional<Account> check(String name, String password) {
    Optional<String> hash =
        sql.sql("SELECT password_hash FROM account WHERE name = ?")
            .param(name)
            .query(String.class)
            .optional();
    boolean fits = encoder.matches(password, hash.orElse(nobody));
    if (!fits || hash.isEmpty()) {
      return Optional.empty();
    }
    return sql.sql("SELECT id, name, role, person_id FROM account WHERE name = ?")
        .param(name)
        .query(AccountStore::account)
        .optional();
  }

  /** Opens a session and returns its token, which is shown once. */
  public String openSession(Account account) {
    String token = Secrets.token();
    sql.sql("DELETE FROM session WHERE expires_at < ?").param(now().toString()).update();
    sql.sql("INSERT INTO session (token_hash, account_id, expires_at) VALUES (?, ?, ?)")
        .params(Secrets.hash(token), account.id(), now().plus(SESSION).toString())
        .update();
    return token;
  }

  public void closeSession(String token) {
    sql.sql("DELETE FROM session WHERE token_hash = ?").param(Secrets.hash(token)).update();
  }

  public Optional<Account> bySession(String token) {
    return sql.sql(
            """
            SELECT a.id, a.name, a.role, a.person_id FROM session s
            JOIN account a ON a.id = s.account_id
            WHERE s.token_hash = ? AND s.expires_at > ?
            """)
        .params(Secrets.hash(token), now().toString())
        .query(AccountStore::account)
        .optional();
  }

  public Optional<Account> byToken(String token) {
    return sql.sql(
            """
            SELECT a.id, a.name, a.role, a.person_id FROM api_token t
            JOIN account a ON a.id = t.account_id
            WHERE t.token_hash = ? AND t.revoked_at IS NULL
            """)
        .param(Secrets.hash(token))
        .query(AccountStore::account)
        .optional();
  }

  /**
   * A token as it is listed: never its value.
   *
   * @param createdAt ISO instant
   */
  public record ApiToken(String id, String name, String createdAt, boolean revoked) {}

  public List<ApiToken> tokens(Account account) {
    return sql.sql(
            """
            SELECT id, name, created_at, revoked_at IS NOT NULL FROM api_token
            WHERE account_id = ? ORDER BY created_at
            """)
        .param(account.id())
        .query(
            (r, n) -> new ApiToken(r.getString(1), r.getString(2), r.getString(3), r.getBoolean(4)))
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
            UUID.randomUUID().toString(), account.id(), name, Secrets.hash(token), now().toString())
        .update();
    return token;
  }

  public void revokeToken(Account account, String id) {
    sql.sql("UPDATE api_token SET revoked_at = ? WHERE id = ? AND account_id = ?")
        .params(now().toString(), id, account.id())
        .update();
  }

  /** Until when this name is locked, the past when it is not. */
  public Instant lockedUntil(String name) {
    return sql.sql("SELECT locked_until FROM sign_in_failure WHERE name = ?")
        .param(name)
        .query(String.class)
        .optional()
        .map(Instant::parse)
        .orElse(Instant.EPOCH);
  }

  /** Notes a failed try: from the third on, each doubles the lock, from 2 s to 15 min. */
  @Transactional
  public void failed(String name) {
    int failures =
        1
            + sql.sql("SELECT failures FROM sign_in_failure WHERE name = ?")
                .param(name)
                .query(Integer.class)
                .optional()
                .orElse(0);
    long seconds = failures < 3 ? 0 : Math.min(900, 1L << Math.min(20, failures - 2));
    sql.sql(
            """
            INSERT INTO sign_in_failure (name, failures, locked_until) VALUES (?, ?, ?)
            ON CONFLICT (name) DO UPDATE SET
              failures = excluded.failures, locked_until = excluded.locked_until
            """)
        .params(name, failures, now().plusSeconds(seconds).toString())
        .update();
  }

  public void succeeded(String name) {
    sql.sql("DELETE FROM sign_in_failure WHERE name = ?").param(name).update();
  }

  private Instant now() {
    return clock.instant();
  }

  private static Account account(ResultSet row, int number) throws SQLException {
    return new Account(
        row.getString(1), row.getString(2), Role.valueOf(row.getString(3)), row.getString(4));
  }
}
