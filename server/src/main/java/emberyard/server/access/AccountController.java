package emberyard.server.access;

import emberyard.core.units.Require;
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

  AccountController(AccountStore accounts) {
    this.accounts = accounts;
  }

  /** Somebody new. */
  public record NewAccount(String name, Role role, String password, String personId) {}

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
    return accounts.add(
        wanted.name(),
        wanted.role(),
        wanted.password(),
        Require.textOrEmpty("personId", wanted.personId()));
  }

  @GetMapping("/tokens")
  List<AccountStore.ApiToken> tokens(@AuthenticationPrincipal Account account) {
    return accounts.tokens(account);
  }

  @PostMapping("/tokens")
  TokenValue addToken(@AuthenticationPrincipal Account account, @RequestBody NewToken wanted) {
    return new TokenValue(accounts.addToken(account, wanted.name()));
  }

  @DeleteMapping("/tokens/{id}")
  void revoke(@AuthenticationPrincipal Account account, @PathVariable String id) {
    accounts.revokeToken(account, id);
  }
}
