package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** Behind something that does TLS, and the first set-up from another machine. */
class ProxyTest {
  @TempDir Path data;

  private Client started(ConfigurableApplicationContext application) {
    return new Client(((WebServerApplicationContext) application).getWebServer().getPort());
  }

  private ConfigurableApplicationContext start(String... more) {
    String[] arguments = new String[more.length + 3];
    System.arraycopy(more, 0, arguments, 3, more.length);
    arguments[0] = "--data=" + data;
    arguments[1] = "--port=0";
    arguments[2] = "--copies=0";
    return new SpringApplicationBuilder(EmberYardApplication.class).run(arguments);
  }

  private static List<String> cookies(Client.Answer answer) {
    return answer.response().headers().allValues("Set-Cookie");
  }

  /** How a page that is long enough to be packed comes. */
  private String encoding(Client client) {
    TestYard.setUp(client);
    Map<String, String> packed = Map.of("Accept-Encoding", "gzip");
    return client.send("GET", "/api/openapi", null, packed).expect(200).header("Content-Encoding");
  }

  @Test
  void nothingIsPackedForThisMachine() {
    try (var application = start()) {
      assertEquals("", encoding(started(application)));
    }
  }

  @Test
  void answersThatGoFarArePacked() {
    try (var application = start("--proxy=127.0.0.1")) {
      assertEquals("gzip", encoding(started(application)));
    }
  }

  @Test
  void forwardedHeadersAreBelievedOnlyFromTheNamedProxy() {
    try (var application = start("--proxy=127.0.0.1")) {
      Client far = started(application);
      far.headers.put("X-Forwarded-For", "203.0.113.9");
      far.headers.put("X-Forwarded-Proto", "https");
      var session = far.get("/api/session").expect(200);
      assertTrue(session.json().path("needsSecret").asBoolean());
      assertTrue(session.header("Strict-Transport-Security").contains("max-age"));
      assertTrue(cookies(session).stream().allMatch(each -> each.contains("Secure")));
      // the cookie is Secure and this wire is not: carried by hand, as the proxy would
      far.headers.put("Cookie", "XSRF-TOKEN=" + far.cookie("XSRF-TOKEN").orElseThrow());
      String sentence =
          far.post("/api/setup", TestYard.FIRST_ANSWERS)
              .expect(403)
              .json()
              .path("title")
              .asString();
      assertTrue(sentence.contains("secret that was printed"), sentence);
      Client near = started(application);
      assertFalse(near.get("/api/session").json().path("needsSecret").asBoolean());
      TestYard.setUp(near);
    }
  }

  private static String with(String secret) {
    return TestYard.FIRST_ANSWERS.replace("{\"work", "{\"secret\": \"" + secret + "\", \"work");
  }

  @Test
  void withoutAProxyTheyAreNotBelievedAndStillAskForTheSecret() {
    try (var application = start()) {
      Client far = started(application);
      far.headers.put("X-Forwarded-Proto", "https");
      var session = far.get("/api/session").expect(200);
      assertEquals("", session.header("Strict-Transport-Security"));
      assertTrue(cookies(session).stream().noneMatch(each -> each.contains("Secure")));
      far.post("/api/setup", TestYard.FIRST_ANSWERS).expect(403);
      far.post("/api/setup", with("not it")).expect(403);
      String secret = application.getBean(emberyard.server.access.SetupSecret.class).words();
      far.post("/api/setup", with(secret)).expect(200);
    }
  }
}
