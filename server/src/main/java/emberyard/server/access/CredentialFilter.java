package emberyard.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/** Recognises people by their session cookie and scripts by their bearer token. */
final class CredentialFilter extends OncePerRequestFilter {
  static final String COOKIE = "ember_session";
  static final String DEVICE = "ember_device";
  private static final String BEARER = "Bearer ";

  private final SessionStore sessions;

  CredentialFilter(SessionStore sessions) {
    this.sessions = sessions;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    account(request).ifPresent(CredentialFilter::recognise);
    chain.doFilter(request, response);
  }

  /** Whether a request identifies itself by a header that no other site can make a browser send. */
  static boolean byToken(HttpServletRequest request) {
    String header = request.getHeader("Authorization");
    return header != null && header.startsWith(BEARER);
  }

  static Optional<String> sessionToken(HttpServletRequest request) {
    return cookie(request, COOKIE);
  }

  /** What this browser was given at an earlier sign-in. */
  static Optional<String> deviceToken(HttpServletRequest request) {
    return cookie(request, DEVICE);
  }

  private static Optional<String> cookie(HttpServletRequest request, String name) {
    return Optional.ofNullable(WebUtils.getCookie(request, name)).map(Cookie::getValue);
  }

  private Optional<Account> account(HttpServletRequest request) {
    if (byToken(request)) {
      return sessions.byToken(request.getHeader("Authorization").substring(BEARER.length()));
    }
    return sessionToken(request).flatMap(sessions::bySession);
  }

  private static void recognise(Account account) {
    SecurityContextHolder.getContext()
        .setAuthentication(
            UsernamePasswordAuthenticationToken.authenticated(
                account,
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + account.role().name()))));
  }
}
