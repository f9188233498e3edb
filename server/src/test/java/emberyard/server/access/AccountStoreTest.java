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

  @BeforeEach
  void open() {
    when(clock.instant()).thenReturn(NINE);
    store = new TestStore(folder, clock);
    accounts = new AccountStore(store.sql, clock);
  }

  @AfterEach
  void close() {
    store.close();
  }

  @Test
  void theLockDoublesFromTheThirdFailureAndEndsAtAQuarterOfAnHour() {
    long[] seconds = new long[16];
    for (int tries = 1; tries < seconds.length; tries++) {
      accounts.failed("ines");
      seconds[tries] = Duration.between(NINE, accounts.lockedUntil("INES")).toSeconds();
    }
    assertEquals(0, seconds[2]);
    assertEquals(2, seconds[3]);
    assertEquals(4, seconds[4]);
    assertEquals(512, seconds[11]);
    assertEquals(900, seconds[12]);
    assertEquals(900, seconds[15]);
    accounts.succeeded("ines");
    assertEquals(Instant.EPOCH, accounts.lockedUntil("ines"));
  }

  @Test
  void aSessionEndsAfterFourteenDays() {
    Account ines = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    String token = accounts.openSession(ines);
    assertEquals(ines, accounts.bySession(token).orElseThrow());
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(13)));
    assertTrue(accounts.bySession(token).isPresent());
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(15)));
    assertTrue(accounts.bySession(token).isEmpty());
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
    String token = accounts.addToken(ines, "nightly");
    String kept = store.sql.sql("SELECT token_hash FROM api_token").query(String.class).single();
    assertFalse(kept.contains(token));
    String id = accounts.tokens(ines).get(0).id();
    accounts.revokeToken(lotte, id);
    assertTrue(accounts.byToken(token).isPresent(), "not hers to revoke");
    accounts.revokeToken(ines, id);
    assertTrue(accounts.byToken(token).isEmpty());
    assertTrue(accounts.tokens(ines).get(0).revoked());
  }
}
