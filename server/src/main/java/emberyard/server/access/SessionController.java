package emberyard.server.access;

import emberyard.core.units.Require;
import emberyard.server.refusal.Refused;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and one's own password. */
@RestController
@RequestMapping("/api")
public class SessionController {
  private final AccountStore accounts;
  private final SessionStore sessions;
  private final Doorkeeper doorkeeper;
  private final SetupSecret secret;
  private final SessionCookies cookies;

  SessionController(
      AccountStore accounts,
      SessionStore sessions,
      Doorkeeper doorkeeper,
      SetupSecret secret,
      SessionCookies cookies) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.doorkeeper = doorkeeper;
    this.secret = secret;
    this.cookies = cookies;
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
    cookies.open(account, request, response);
    return new Session(account, false, false);
  }

  @DeleteMapping("/session")
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    CredentialFilter.sessionToken(request).ifPresent(sessions::close);
    cookies.end(request, response);
  }

  /** Ends all of one's own sessions, this one among them. */
  @DeleteMapping("/session/all")
  void signOutEverywhere(
      @AuthenticationPrincipal Account account,
      HttpServletRequest request,
      HttpServletResponse response) {
    sessions.closeAll(account.id());
    cookies.end(request, response);
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
    cookies.open(account, request, response);
  }
}
