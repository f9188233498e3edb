package emberyard.server.access;

import emberyard.core.units.Require;
import emberyard.server.api.Refused;
import emberyard.server.workshop.FirstRun;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and the first set-up of a workshop. */
@RestController
@RequestMapping("/api")
public class SessionController {
  private final AccountStore accounts;
  private final FirstRun firstRun;
  private final Clock clock;

  SessionController(AccountStore accounts, FirstRun firstRun, Clock clock) {
    this.accounts = accounts;
    this.firstRun = firstRun;
    this.clock = clock;
  }

  /**
   * Who is here.
   *
   * @param account null while nobody is signed in
   * @param needsSetup whether the data folder is empty
   */
  public record Session(@Nullable Account account, boolean needsSetup) {}

  /** Name and password. */
  public record SignIn(String name, String password) {}

  @GetMapping("/session")
  Session session(
      @AuthenticationPrincipal Account account, @Parameter(hidden = true) CsrfToken token) {
    token.getToken();
    return new Session(account, accounts.empty());
  }

  @PostMapping("/session")
  Session signIn(
      @RequestBody SignIn words, HttpServletRequest request, HttpServletResponse response) {
    Require.text("name", words.name());
    Require.text("password", words.password());
    Instant lockedUntil = accounts.lockedUntil(words.name());
    if (lockedUntil.isAfter(clock.instant())) {
      long seconds = Duration.between(clock.instant(), lockedUntil).toSeconds() + 1;
      throw new Refused(
          HttpStatus.TOO_MANY_REQUESTS,
          "Too many failed tries. Wait %d seconds, then try again.".formatted(seconds));
    }
    Optional<Account> account = accounts.check(words.name(), words.password());
    if (account.isEmpty()) {
      accounts.failed(words.name());
      throw new Refused(HttpStatus.UNAUTHORIZED, "Name and password don't fit.");
    }
    accounts.succeeded(words.name());
    open(account.get(), request, response);
    return new Session(account.get(), false);
  }

  @DeleteMapping("/session")
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    CredentialFilter.sessionToken(request).ifPresent(accounts::closeSession);
    response.addHeader(HttpHeaders.SET_COOKIE, cookie("", request, Duration.ZERO));
  }

  @PostMapping("/setup")
  Session setUp(
      @RequestBody FirstRun.Answers answers,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account owner = firstRun.setUp(answers);
    open(owner, request, response);
    return new Session(owner, false);
  }

  private void open(Account account, HttpServletRequest request, HttpServletResponse response) {
    String token = accounts.openSession(account);
    response.addHeader(HttpHeaders.SET_COOKIE, cookie(token, request, Duration.ofDays(14)));
  }

  private static String cookie(String value, HttpServletRequest request, Duration age) {
    return ResponseCookie.from(CredentialFilter.COOKIE, value)
        .httpOnly(true)
        .sameSite("Strict")
        .secure(request.isSecure())
        .path("/")
        .maxAge(age)
        .build()
        .toString();
  }
}
