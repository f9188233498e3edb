package emberyard.server.access;

import java.nio.file.Path;
import java.util.Optional;

/** A new password for somebody who forgot theirs, given by whoever sits at the machine. */
public final class PasswordReset {
  private static final int LENGTH = 16;

  private PasswordReset() {}

  /**
   * Gives a new random password and ends all sessions of that account.
   *
   * @return the password; empty when nobody of that name can sign in
   */
  public static Optional<String> of(Path database, String name) {
    AccountStore accounts = AccountStore.of(database);
    String password = Secrets.token().substring(0, LENGTH);
    Optional<Account> account = accounts.named(name);
    account.ifPresent(found -> accounts.changePassword(found, password));
    return account.map(found -> password);
  }
}
