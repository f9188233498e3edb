package emberyard.server.access;

import emberyard.core.units.Require;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Who can sign in. */
@Component
public class AccountStore {
  private static final int LONGEST_NAME = 80;

  private final JdbcClient sql;
  private final Clock clock;
  private final Passwords passwords;
  private final SessionStore sessions;

  public AccountStore(JdbcClient sql, Clock clock, Passwords passwords, SessionStore sessions) {
    this.sql = sql;
    this.clock = clock;
    this.passwords = passwords;
    this.sessions = sessions;
  }

  /** The accounts of a database that is not served from here. */
  static AccountStore of(Path database) {
    String address = "jdbc:sqlite:" + database + "?foreign_keys=on&busy_timeout=10000";
    JdbcClient sql = JdbcClient.create(new DriverManagerDataSource(address));
    Clock clock = Clock.systemUTC();
    return new AccountStore(sql, clock, new Passwords(), new SessionStore(sql, clock));
  }

  /** Whether nobody has set this workshop up yet. */
  public boolean empty() {
    return sql.sql("SELECT count(*) FROM account").query(Long.class).single() == 0;
  }

  public List<Account> all() {
    return sql.sql(
            "SELECT id, name, role, person_id FROM account WHERE ended_at IS NULL ORDER BY name")
        .query(AccountStore::account)
        .list();
  }

  public Optional<Account> find(String id) {
    return all().stream().filter(account -> account.id().equals(id)).findFirst();
  }

  /**
   * Lets somebody in from now on. Whoever left and comes back under the same name goes on with
   * their history.
   */
  @Transactional
  public Account add(String name, Role role, String password, String personId) {
    checkName("name", name);
    checkPassword("password", password, List.of(name));
    Require.that(
        all().stream().noneMatch(account -> account.name().equalsIgnoreCase(name)),
        "name",
        "“" + name + "” can sign in already.");
    sql.sql(
            """
            INSERT INTO account (id, name, role, password_hash, person_id, created_at)
            VALUES (?, ?, ?, ?, ?, ?)
            ON CONFLICT (name) DO UPDATE SET
              role = excluded.role, password_hash = excluded.password_hash,
              person_id = excluded.person_id, ended_at = NULL
            """)
        .params(
            UUID.randomUUID().toString(),
            name,
            role.name(),
            passwords.hash(password),
            personId,
            clock.instant().toString())
        .update();
    return named(name).orElseThrow();
  }

  /** One line of 1 to 80 characters. */
  public static void checkName(String field, @Nullable String name) {
    Require.text(field, name);
    Require.that(
        name.length() <= LONGEST_NAME && name.lines().count() == 1 && name.strip().equals(name),
        field,
        "A name is one line of at most eighty characters.");
  }

  /** Refuses what is guessed easily, the names of the workshop and its people among it. */
  public void checkPassword(String field, @Nullable String password, List<String> moreWords) {
    List<String> words = new ArrayList<>(moreWords);
    all().forEach(account -> words.add(account.name()));
    sql.sql("SELECT json_extract(body, '$.name') FROM thing WHERE kind IN ('WORKSHOP', 'PERSON')")
        .query(String.class)
        .list()
        .forEach(words::add);
    passwords.check(field, password, words);
  }

  /** The account when name and password fit. Takes equally long when there is no such name. */
  public Optional<Account> check(String name, String password) {
    Optional<String> hash =
        sql.sql("SELECT password_hash FROM account WHERE name = ? AND ended_at IS NULL")
            .param(name)
            .query(String.class)
            .optional();
    if (!passwords.fits(password, hash.orElse(null))) {
      return Optional.empty();
    }
    Optional<Account> account = named(name);
    if (passwords.weak(hash.orElseThrow())) {
      account.ifPresent(found -> keep(found.id(), password));
    }
    return account;
  }

  /** A new password; all sessions of the account end. */
  public void changePassword(Account account, String password) {
    checkPassword("password", password, List.of(account.name()));
    keep(account.id(), password);
    sessions.closeAll(account.id());
  }

  private void keep(String id, String password) {
    sql.sql("UPDATE account SET password_hash = ? WHERE id = ?")
        .params(passwords.hash(password), id)
        .update();
  }

  /** Ends an account with its sessions and tokens; what it did stays in history under its name. */
  @Transactional
  public void end(Account account) {
    boolean lastOwner =
        account.owner()
            && all().stream().noneMatch(other -> other.owner() && !other.id().equals(account.id()));
    Require.that(!lastOwner, "id", "A workshop can’t be without an owner.");
    sql.sql("UPDATE account SET ended_at = ?, password_hash = '' WHERE id = ?")
        .params(clock.instant().toString(), account.id())
        .update();
    sessions.closeAll(account.id());
    sessions.revokeAll(account.id());
  }

  /** The account of that name, however it is written. */
  public Optional<Account> named(String name) {
    return sql.sql(
            "SELECT id, name, role, person_id FROM account WHERE name = ? AND ended_at IS NULL")
        .param(name)
        .query(AccountStore::account)
        .optional();
  }

  static Account account(ResultSet row, int number) throws SQLException {
    return new Account(
        row.getString(1), row.getString(2), Role.valueOf(row.getString(3)), row.getString(4));
  }
}
