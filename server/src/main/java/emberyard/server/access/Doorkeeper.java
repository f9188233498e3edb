package emberyard.server.access;

import emberyard.server.refusal.Refused;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Lets people in by name and password. Tries under one name from one address are taken one after
 * the other, so that a burst is counted like slow tries. A stranger's wrong tries lock out
 * strangers, not a browser that signed in under that name before.
 */
@Component
public class Doorkeeper {
  private static final int WRONG_TRIES = 3;
  private static final int WRONG_TRIES_OF_MANY = 30;
  private static final int STRIPES = 64;
  private static final int WAITING = 8;
  private static final int NETWORK_BYTES = 8;

  private final AccountStore accounts;
  private final SignInStore tries;
  private final Clock clock;
  private final List<ReentrantLock> stripes =
      Stream.generate(ReentrantLock::new).limit(STRIPES).toList();

  Doorkeeper(AccountStore accounts, SignInStore tries, Clock clock) {
    this.accounts = accounts;
    this.tries = tries;
    this.clock = clock;
  }

  /**
   * What may be locked.
   *
   * @param allowed failed tries before each more doubles a wait
   */
  private record Gate(String who, int allowed) {}

  /**
   * The account behind name and password.
   *
   * @param device what the browser showed of an earlier sign-in
   * @throws Refused 401 where they don't fit, 429 after too many tries, 503 in a crowd
   */
  public Account signIn(String name, String password, String address, Optional<String> device) {
    List<Gate> gates = gates(name.toLowerCase(Locale.ROOT), address, device);
    String first = gates.get(0).who();
    ReentrantLock turn = stripes.get(Math.floorMod(first.hashCode(), STRIPES));
    if (turn.getQueueLength() >= WAITING) {
      throw tooMany(1);
    }
    turn.lock();
    try {
      refuseLocked(gates);
      Optional<Account> account = accounts.check(name, password);
      if (account.isEmpty()) {
        gates.forEach(gate -> tries.failed(gate.who()));
        throw new Refused(HttpStatus.UNAUTHORIZED, "Name and password don't fit.");
      }
      tries.succeeded(first);
      return account.get();
    } finally {
      turn.unlock();
    }
  }

  /** One household: of an IPv6 address only the network, from which each machine takes many. */
  static String household(String address) {
    if (!address.contains(":")) {
      return address;
    }
    try {
      byte[] bytes = InetAddress.getByName(address).getAddress();
      return bytes.length == 4
          ? InetAddress.getByAddress(bytes).getHostAddress()
          : HexFormat.of().formatHex(bytes, 0, NETWORK_BYTES);
    } catch (UnknownHostException noAddress) {
      return address;
    }
  }

  private List<Gate> gates(String name, String from, Optional<String> device) {
    String address = household(from);
    Optional<String> known = device.filter(token -> tries.knows(token, name));
    return known
        .map(token -> List.of(new Gate("device " + Secrets.hash(token), WRONG_TRIES)))
        .orElse(
            List.of(
                new Gate("at " + address + " as " + name, WRONG_TRIES),
                new Gate("as " + name, WRONG_TRIES_OF_MANY),
                new Gate("at " + address, WRONG_TRIES_OF_MANY)));
  }

  private void refuseLocked(List<Gate> gates) {
    Instant now = clock.instant();
    for (Gate gate : gates) {
      Instant until = tries.lockedUntil(gate.who(), gate.allowed());
      if (until.isAfter(now)) {
        throw tooMany(Duration.between(now, until).toSeconds() + 1);
      }
    }
  }

  private static Refused tooMany(long seconds) {
    return new Refused(
        HttpStatus.TOO_MANY_REQUESTS,
        "Too many failed tries. Wait %d seconds, then try again.".formatted(seconds));
  }
}
