package emberyard.server.access;

import emberyard.server.refusal.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Who may set an empty workshop up: whoever sits at the machine itself, or knows the secret that
 * was printed where the program was started. Otherwise the first stranger on the network owns it.
 */
@Component
public class SetupSecret {
  private static final int LENGTH = 12;
  private static final Set<String> HOSTS = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
  private static final List<String> FORWARDED =
      List.of("Forwarded", "X-Forwarded-For", "X-Forwarded-Proto", "X-Forwarded-Host", "Via");

  private final AccountStore accounts;
  private final String secret = Secrets.token().substring(0, LENGTH);

  SetupSecret(AccountStore accounts) {
    this.accounts = accounts;
  }

  @EventListener(ApplicationReadyEvent.class)
  void print() {
    if (accounts.empty()) {
      System.out.println(
          "This folder is empty. From another machine the first set-up asks for: " + secret);
    }
  }

  /** What was printed. */
  public String words() {
    return secret;
  }

  /** Whether this request has to bring the secret. */
  public boolean neededBy(HttpServletRequest request) {
    boolean forwarded = FORWARDED.stream().anyMatch(name -> request.getHeader(name) != null);
    return forwarded || !loopback(request) || !HOSTS.contains(request.getServerName());
  }

  /** Refuses a set-up from elsewhere without the secret. */
  public void check(HttpServletRequest request, @Nullable String given) {
    if (neededBy(request) && !same(given == null ? "" : given.strip())) {
      throw new Refused(
          HttpStatus.FORBIDDEN,
          "The first set-up from another machine asks for the secret that was printed at start.");
    }
  }

  private boolean same(String given) {
    return MessageDigest.isEqual(
        given.getBytes(StandardCharsets.UTF_8), secret.getBytes(StandardCharsets.UTF_8));
  }

  private static boolean loopback(HttpServletRequest request) {
    try {
      return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
    } catch (UnknownHostException impossible) {
      return false;
    }
  }
}
