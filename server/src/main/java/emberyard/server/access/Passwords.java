package emberyard.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import emberyard.core.units.Require;
import emberyard.server.refusal.AtOnce;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/**
 * Passwords are kept as Argon2id of 19 MiB and two rounds. At most four are reckoned at once, so
 * that a crowd at the door can't take the memory.
 */
@Component
public class Passwords {
  private static final int SHORTEST = 10;
  private static final int LONGEST = 200;

  /** Guessing time grows with the square of the length; what comes after adds nothing. */
  private static final int JUDGED = 64;

  private static final double FEWEST_GUESSES = 1e8;
  private static final int AT_ONCE = 4;
  private static final int WAITING = 28;

  private final Argon2PasswordEncoder encoder = new Argon2PasswordEncoder(16, 32, 1, 19_456, 2);
  private final Zxcvbn guesses = new Zxcvbn();
  private final AtOnce door =
      new AtOnce(AT_ONCE, WAITING, "Many sign in just now. Try again in a moment.");

  /** Stands in where none is kept; reckoned at the first sign-in, not at each start. */
  private final Supplier<String> nobody =
      SingletonSupplier.of(() -> encoder.encode(Secrets.token()));

  /**
   * Refuses a password nobody should have: shorter than 10 or longer than 200 characters, or one
   * that is guessed in fewer than a hundred million tries (common ones, runs, repeats, and the
   * words of the workshop itself, such as its own name and the names of its people).
   *
   * @throws emberyard.core.units.InvalidValue with the reason, at {@code field}
   */
  public void check(String field, @Nullable String password, List<String> ownWords) {
    Require.that(
        password != null && password.length() >= SHORTEST,
        field,
        "A password has at least ten characters.");
    Require.that(
        password.length() <= LONGEST, field, "A password has at most two hundred characters.");
    String judged = password.substring(0, Math.min(JUDGED, password.length()));
    Require.that(
        guesses.measure(judged, split(ownWords)).getGuesses() >= FEWEST_GUESSES,
        field,
        "This is guessed too easily: a common word, a run, a repeat or a name of the workshop."
            + " Three words that don’t belong together are better.");
  }

  /** Names as they are, their words one by one, and run together. */
  private static List<String> split(List<String> names) {
    return names.stream()
        .flatMap(
            name ->
                Stream.concat(
                    Stream.of(name, name.replaceAll("\\s+", "")), Stream.of(name.split("\\s+"))))
        .filter(word -> word.length() > 2)
        .toList();
  }

  /** The form in which a password is kept. */
  String hash(String password) {
    return oneOfFour(() -> encoder.encode(password));
  }

  /** Whether the password is the one kept; takes equally long where none is kept. */
  boolean fits(String password, @Nullable String kept) {
    String decoy = oneOfFour(nobody); // made whether it is needed or not: both take equally long
    boolean fits = oneOfFour(() -> encoder.matches(password, kept == null ? decoy : kept));
    return fits && kept != null;
  }

  /** Whether a hash is weaker than new ones. */
  boolean weak(String kept) {
    return encoder.upgradeEncoding(kept);
  }

  private <T> T oneOfFour(Supplier<T> work) {
    try {
      return door.run(work::get);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }
}
