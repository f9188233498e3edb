package emberyard.server.workshop;

import emberyard.server.access.Account;
import emberyard.server.access.AccountStore;
import emberyard.server.access.SessionController.Session;
import emberyard.server.access.SessionCookies;
import emberyard.server.access.SetupSecret;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The first set-up of a workshop; who did it is signed in as its owner. */
@RestController
class SetupController {
  private final AccountStore accounts;
  private final FirstRun firstRun;
  private final SetupSecret secret;
  private final SessionCookies cookies;

  SetupController(
      AccountStore accounts, FirstRun firstRun, SetupSecret secret, SessionCookies cookies) {
    this.accounts = accounts;
    this.firstRun = firstRun;
    this.secret = secret;
    this.cookies = cookies;
  }

  @PostMapping("/api/setup")
  Session setUp(
      @RequestBody FirstRun.Answers answers,
      HttpServletRequest request,
      HttpServletResponse response) {
    if (accounts.empty()) {
      secret.check(request, answers.secret());
    }
    Account owner = firstRun.setUp(answers);
    cookies.open(owner, request, response);
    return new Session(owner, false, false);
  }
}
