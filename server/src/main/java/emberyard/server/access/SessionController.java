package emberyard.server.access;

import emberyard.core.units.Require;
import emberyard.server.api.Refused;
import emberyard.server.workshop.FirstRun;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, one's own password, and the first set-up of a workshop. */
@RestController
@RequestMapping("/api")
public class SessionController {
  private static final Duration SESSION = Duration.ofDays(14);
  private static final Duration DEVICE = Duration.ofDays(400);

  private final AccountStore accounts;
  private final SessionStore sessions;
  private final SignInStore tries;
  private final Doorkeeper doorkeeper;
  private final FirstRun firstRun;
  private final SetupSecret secret;
  private final CsrfTokenRepository pageTokens;

  SessionController(
      AccountStore accounts,
      SessionStore sessions,
      SignInStore tries,
      Doorkeeper doorkeeper,
      FirstRun firstRun,
      SetupSecret secret,
      CsrfTokenRepository pageTokens) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.tries = tries;
    this.doorkeeper = doorkeeper;
    this.firstRun = firstRun;
    this.secret = secret;
    this.pageTokens = pageTokens;
  }

  /**
   * Who is here.
   *
   * @param account null while nobody is signed in
   * @param needsSetup whether the data folder is empty
   * @param needsSecret whether a set-up from here has to bring the secret printed at start
   */
  public record Session(@Nullable Account account, boolean needsSetup, boolean needsSecret) {}

  /** Name and password. */
  public record SignIn(String name, String password) {}

  /** One's own password, now and from now on. */
  public record NewPassword(String now, String password) {}

  @GetMapping("/session")
  Session session(
      @AuthenticationPrincipal Account account,
      @Parameter(hidden = true) CsrfToken token,
      HttpServletRequest request) {
    token.getToken();
    boolean empty = accounts.empty();
    return new Session(account, empty, empty && secret.neededBy(request));
  }

  @PostMapping("/session")
  Session signIn(
      @RequestBody SignIn words, HttpServletRequest request, HttpServletResponse response) {
    Require.text("name", words.name());
    Require.text("password", words.password());
    Account account =
        doorkeeper.signIn(
            words.name(),
            words.password(),
            request.getRemoteAddr(),
            CredentialFilter.deviceToken(request));
    open(account, request, response);
    return new Session(account, false, false);
  }

  @DeleteMapping("/session")
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    CredentialFilter.sessionToken(request).ifPresent(sessions::close);
    cookie(CredentialFilter.COOKIE, "", request, response, Duration.ZERO);
  }

  /** Ends all of one's own sessions, this one among them. */
  @DeleteMapping("/session/all")
  void signOutEverywhere(
      @AuthenticationPrincipal Account account,
      HttpServletRequest request,
      HttpServletResponse response) {
    sessions.closeAll(account.id());
    cookie(CredentialFilter.COOKIE, "", request, response, Duration.ZERO);
  }

  /** Changes one's own password; all other sessions end. */
  @PostMapping("/session/password")
  void changePassword(
      @AuthenticationPrincipal Account account,
      @RequestBody NewPassword words,
      HttpServletRequest request,
      HttpServletResponse response) {
    Require.text("now", words.now());
    try {
      doorkeeper.signIn(
          account.name(),
          words.now(),
          request.getRemoteAddr(),
          CredentialFilter.deviceToken(request));
    } catch (Refused wrong) {
      Require.that(
          wrong.status() != HttpStatus.UNAUTHORIZED, "now", "This is not your password now.");
      throw wrong;
    }
    accounts.changePassword(account, words.password());
    open(account, request, response);
  }

  @PostMapping("/setup")
  Session setUp(
      @RequestBody FirstRun.Answers answers,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (accounts.empty()) {
      secret.check(request, answers.secret());
    }
    Account owner = firstRun.setUp(answers);
    open(owner, request, response);
    return new Session(owner, false, false);
  }

  private void open(Account account, HttpServletRequest request, HttpServletResponse response) {
    String device = tries.remember(account, CredentialFilter.deviceToken(request));
    cookie(CredentialFilter.COOKIE, sessions.open(account), request, response, SESSION);
    cookie(CredentialFilter.DEVICE, device, request, response, DEVICE);
    // what an earlier page of this browser could send is worth nothing after a sign-in
    pageTokens.saveToken(pageTokens.generateToken(request), request, response);
  }

  private static void cookie(
      String name,
      String value,
      HttpServletRequest request,
      HttpServletResponse response,
      Duration age) {
    String cookie =
        ResponseCookie.from(name, value)
            .httpOnly(true)
            .sameSite("Strict")
            .secure(request.isSecure())
            .path("/")
            .maxAge(age)
            .build()
            .toString();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie);
  }
}
