package emberyard.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets pages load the application's own files and nothing else; one style nonce a response. */
public final class PageGuard extends OncePerRequestFilter {
  /** Request attribute that holds the nonce of this response. */
  public static final String NONCE = "emberStyleNonce";

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String nonce = Secrets.token();
    request.setAttribute(NONCE, nonce);
    response.setHeader(
        "Content-Security-Policy",
        "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-"
            + nonce
            + "'; img-src 'self' blob:; font-src 'self'; connect-src 'self'; base-uri 'none';"
            + " form-action 'self'; frame-ancestors 'none'");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Permissions-Policy", "geolocation=(), microphone=()");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    chain.doFilter(request, response);
  }
}
