package emberyard.server.access;

import emberyard.core.units.Require;
import emberyard.core.workshop.Person;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who can sign in, and the tokens of scripts. */
@RestController
@RequestMapping("/api")
public class AccountController {
  private final AccountStore accounts;
  private final SessionStore sessions;
  private final ThingStore store;

  AccountController(AccountStore accounts, SessionStore sessions, ThingStore store) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.store = store;
  }

  /** Somebody new; {@code personId} of the plan, or empty. */
  public record NewAccount(String name, Role role, String password, String personId) {}

  /** A password that is given to somebody else. */
  public record GivenPassword(String password) {}

  /** A name for a token, "nightly backup". */
  public record NewToken(String name) {}

  /** The value of a new token: shown once, kept only as a hash. */
  public record TokenValue(String value) {}

  @GetMapping("/accounts")
  List<Account> accounts() {
    return accounts.all();
  }

  @PostMapping("/accounts")
  Account add(@RequestBody NewAccount wanted) {
    Require.given("role", wanted.role());
    String person = Require.textOrEmpty("personId", wanted.personId());
    Require.that(
        person.isEmpty() || store.find(Person.class, person).isPresent(),
        "personId",
        "There is no such person in the plan.");
    return accounts.add(wanted.name(), wanted.role(), wanted.password(), person);
  }

  /** Gives somebody who forgot theirs a new password; their sessions end. */
  @PostMapping("/accounts/{id}/password")
  void givePassword(@PathVariable String id, @RequestBody GivenPassword wanted) {
    accounts.changePassword(found(id), wanted.password());
  }

  /** Ends an account with its sessions and tokens. */
  @DeleteMapping("/accounts/{id}")
  void end(@PathVariable String id) {
    accounts.end(found(id));
  }

  private Account found(String id) {
    return accounts
        .find(id)
        .orElseThrow(() -> new MissingThing("Nobody with that id can sign in."));
  }

  /** One's own tokens; an owner sees everybody's. */
  @GetMapping("/tokens")
  List<SessionStore.ApiToken> tokens(@AuthenticationPrincipal Account account) {
    return sessions.tokens(account);
  }

  @PostMapping("/tokens")
  TokenValue addToken(@AuthenticationPrincipal Account account, @RequestBody NewToken wanted) {
    return new TokenValue(sessions.addToken(account, wanted.name()));
  }

  @DeleteMapping("/tokens/{id}")
  void revoke(@AuthenticationPrincipal Account account, @PathVariable String id) {
    sessions.revokeToken(account, id);
  }
}
