package emberyard.server.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import emberyard.core.units.InvalidValue;
import emberyard.server.store.TestStore;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AccountStoreTest {
  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");
  private static final String PASSWORD = "a-long-password";
  @TempDir Path folder;
  private final Clock clock = mock(Clock.class);
  private TestStore store;
  private AccountStore accounts;
  private SessionStore sessions;

  @BeforeEach
  void open() {
    when(clock.instant()).thenReturn(NINE);
    store = new TestStore(folder, clock);
    sessions = new SessionStore(store.sql, clock);
    accounts = new AccountStore(store.sql, clock, new Passwords(), sessions);
  }

  @AfterEach
  void close() {
    store.close();
  }

  @Test
  void aSessionEndsAfterFourteenDays() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    String token = sessions.open(ines);
    assertEquals(ines, sessions.bySession(token).orElseThrow());
    for (int day = 6; day < 14; day += 6) {
      when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(day)));
      assertTrue(sessions.bySession(token).isPresent(), "used now and then: day " + day);
    }
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(13)));
    assertTrue(sessions.bySession(token).isPresent());
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(15)));
    assertTrue(sessions.bySession(token).isEmpty());
  }

  @Test
  void aSessionNobodyUsesEndsAfterAWeek() {
    String token = sessions.open(accounts.add("ines", Role.OWNER, PASSWORD, "ines"));
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(8)));
    assertTrue(sessions.bySession(token).isEmpty());
  }

  @Test
  void whoLeavesIsOutAtOnceAndComesBackAsThemselves() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    Account lotte = accounts.add("lotte", Role.HELPER, PASSWORD, "lotte");
    String session = sessions.open(lotte);
    String token = sessions.addToken(lotte, "her script");
    accounts.end(lotte);
    assertTrue(sessions.bySession(session).isEmpty() && sessions.byToken(token).isEmpty());
    assertTrue(accounts.check("lotte", PASSWORD).isEmpty());
    assertEquals(List.of(ines), accounts.all());
    assertThrows(InvalidValue.class, () -> accounts.end(ines), "the last owner stays");
    assertEquals(lotte.id(), accounts.add("Lotte", Role.HELPER, PASSWORD, "").id());
    assertTrue(sessions.byToken(token).isEmpty(), "what was revoked stays revoked");
  }

  @Test
  void anOldWeakHashIsMadeAnewAtTheNextSignIn() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    String weak =
        org.springframework.security.crypto.argon2.Argon2PasswordEncoder
            .defaultsForSpringSecurity_v5_8()
            .encode(PASSWORD);
    store.sql.sql("UPDATE account SET password_hash = ?").param(weak).update();
    assertEquals(ines, accounts.check("ines", PASSWORD).orElseThrow());
    String kept = store.sql.sql("SELECT password_hash FROM account").query(String.class).single();
    assertTrue(kept.contains("m=19456,t=2,p=1"), kept);
    assertTrue(accounts.check("ines", PASSWORD).isPresent());
  }

  @Test
  void aNewPasswordEndsAllSessions() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    String session = sessions.open(ines);
    accounts.changePassword(ines, "three-other-words");
    assertTrue(sessions.bySession(session).isEmpty());
    assertTrue(accounts.check("ines", PASSWORD).isEmpty());
    assertTrue(accounts.check("ines", "three-other-words").isPresent());
  }

  @Test
  void passwordsAreSlowHashesAndNamesAreOne() {
    accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    String hash = store.sql.sql("SELECT password_hash FROM account").query(String.class).single();
    assertTrue(hash.startsWith("$argon2id$"), hash.substring(0, 10));
    assertTrue(accounts.check("ines", PASSWORD).isPresent());
    assertTrue(accounts.check("Ines", PASSWORD).isPresent(), "a name is a name");
    assertTrue(accounts.check("ines", PASSWORD + " ").isEmpty());
    assertTrue(accounts.check("nobody", PASSWORD).isEmpty());
    assertThrows(InvalidValue.class, () -> accounts.add("INES", Role.HELPER, PASSWORD, ""));
    assertThrows(InvalidValue.class, () -> accounts.add("bram", Role.HELPER, "too-short", ""));
  }

  @Test
  void aTokenIsStoredHashedAndRevokedOnlyByItsOwner() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    Account lotte = accounts.add("lotte", Role.HELPER, PASSWORD, "lotte");
    String token = sessions.addToken(ines, "nightly");
    String kept = store.sql.sql("SELECT token_hash FROM api_token").query(String.class).single();
    assertFalse(kept.contains(token));
    String id = sessions.tokens(ines).get(0).id();
    sessions.revokeToken(lotte, id);
    assertTrue(sessions.byToken(token).isPresent(), "not hers to revoke");
    sessions.revokeToken(ines, id);
    assertTrue(sessions.byToken(token).isEmpty());
    assertTrue(sessions.tokens(ines).get(0).revoked());
  }
}
