package emberyard.server.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import emberyard.server.refusal.Refused;
import emberyard.server.store.TestStore;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DoorkeeperTest {
  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");
  private static final String PASSWORD = "a-long-password";
  private static final String HOME = "10.0.0.2";
  private static final String ABROAD = "203.0.113.9";
  @TempDir Path folder;
  private final Clock clock = mock(Clock.class);
  private TestStore store;
  private SignInStore tries;
  private Doorkeeper door;
  private Account ines;

  @BeforeEach
  void open() {
    when(clock.instant()).thenReturn(NINE);
    store = new TestStore(folder, clock);
    tries = new SignInStore(store.sql, clock);
    AccountStore accounts =
        new AccountStore(store.sql, clock, new Passwords(), new SessionStore(store.sql, clock));
    ines = accounts.add("ines", Role.OWNER, PASSWORD, "");
    door = new Doorkeeper(accounts, tries, clock);
  }

  @AfterEach
  void close() {
    store.close();
  }

  private int knock(String name, String password, String address, Optional<String> device) {
    try {
      assertEquals(ines, door.signIn(name, password, address, device));
      return 200;
    } catch (Refused refused) {
      return refused.status().value();
    }
  }

  private int wrong(String address) {
    return knock("ines", "not-this-one", address, Optional.empty());
  }

  @Test
  void theLockDoublesFromTheThirdFailureAndEndsAtAQuarterOfAnHour() {
    long[] seconds = new long[16];
    for (int failures = 1; failures < seconds.length; failures++) {
      tries.failed("who");
      seconds[failures] = Duration.between(NINE, tries.lockedUntil("who", 3)).toSeconds();
    }
    assertEquals(0, seconds[2]);
    assertEquals(2, seconds[3]);
    assertEquals(8, seconds[5]);
    assertEquals(512, seconds[11]);
    assertEquals(900, seconds[12]);
    assertEquals(900, seconds[15]);
    when(clock.instant()).thenReturn(NINE.plus(Duration.ofMinutes(15 * 13)));
    tries.failed("who");
    assertEquals(2, Duration.between(clock.instant(), tries.lockedUntil("who", 3)).toSeconds());
    tries.succeeded("who");
    assertEquals(Instant.EPOCH, tries.lockedUntil("who", 3));
  }

  @Test
  void aBurstOfWrongPasswordsIsCountedLikeSlowTries() throws Exception {
    ExecutorService many = Executors.newFixedThreadPool(24);
    List<Future<Integer>> answers = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      answers.add(many.submit(() -> wrong(ABROAD)));
    }
    int tried = 0;
    for (Future<Integer> answer : answers) {
      tried += answer.get() == 401 ? 1 : 0;
    }
    many.shutdown();
    assertEquals(3, tried, "the third locks");
  }

  @Test
  void aStrangerLocksOutNobodyWhoWasHereBefore() {
    String device = tries.remember(ines, Optional.empty());
    for (int i = 0; i < 60; i++) {
      when(clock.instant()).thenReturn(NINE.plusSeconds(i));
      wrong("203.0.113." + i);
    }
    assertEquals(429, knock("ines", PASSWORD, HOME, Optional.empty()), "a new browser waits");
    assertEquals(200, knock("ines", PASSWORD, HOME, Optional.of(device)));
    assertEquals(200, knock("Ines", PASSWORD, HOME, Optional.of(device)));
    assertEquals(device, tries.remember(ines, Optional.of(device)));
    for (int i = 0; i < 3; i++) {
      assertEquals(401, knock("ines", "not-this-one", HOME, Optional.of(device)));
    }
    assertEquals(429, knock("ines", PASSWORD, HOME, Optional.of(device)), "its own counter");
  }

  @Test
  void aDeviceIsKnownForItsOwnNameOnly() {
    String device = tries.remember(ines, Optional.empty());
    assertTrue(tries.knows(device, "INES"));
    for (int i = 0; i < 3; i++) {
      assertEquals(401, knock("lotte", "not-this-one", ABROAD, Optional.of(device)));
    }
    assertEquals(429, knock("lotte", "not-this-one", ABROAD, Optional.of(device)));
    assertEquals(200, knock("ines", PASSWORD, ABROAD, Optional.of(device)));
  }

  @Test
  void machinesOfOneNetworkAreCountedTogether() {
    assertEquals(
        Doorkeeper.household("2001:db8:1:2::7"), Doorkeeper.household("2001:db8:1:2:aaaa:b:c:d"));
    assertNotEquals(
        Doorkeeper.household("2001:db8:1:2::7"), Doorkeeper.household("2001:db8:1:3::7"));
    assertEquals("10.0.0.2", Doorkeeper.household("10.0.0.2"));
    assertEquals("10.0.0.2", Doorkeeper.household("::ffff:10.0.0.2"));
  }
}
