package emberyard.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** What a browser keeps of a sign-in: its session, and that this device is known. */
@Component
public class SessionCookies {
  private static final Duration SESSION = Duration.ofDays(14);
  private static final Duration DEVICE = Duration.ofDays(400);

  private final SessionStore sessions;
  private final SignInStore tries;
  private final CsrfTokenRepository pageTokens;

  SessionCookies(SessionStore sessions, SignInStore tries, CsrfTokenRepository pageTokens) {
    this.sessions = sessions;
    this.tries = tries;
    this.pageTokens = pageTokens;
  }

  /** Begins a session of this account in the browser that asks. */
  public void open(Account account, HttpServletRequest request, HttpServletResponse response) {
    String device = tries.remember(account, CredentialFilter.deviceToken(request));
    put(CredentialFilter.COOKIE, sessions.open(account), request, response, SESSION);
    put(CredentialFilter.DEVICE, device, request, response, DEVICE);
    // what an earlier page of this browser could send is worth nothing after a sign-in
    pageTokens.saveToken(pageTokens.generateToken(request), request, response);
  }

  /** The browser forgets its session; the device stays known. */
  void end(HttpServletRequest request, HttpServletResponse response) {
    put(CredentialFilter.COOKIE, "", request, response, Duration.ZERO);
  }

  private static void put(
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
