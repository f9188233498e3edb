package emberyard.server;

import emberyard.core.kind.ThingKind;
import emberyard.server.store.ThingStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Starts the real application once per run, on a random port, set up with an owner and a helper.
 */
public final class TestYard implements ParameterResolver {
  static final String PASSWORD = "a-long-password";
  private static ConfigurableApplicationContext application;
  private static int port;
  private static Client owner;

  /** What tests speak HTTP through. */
  static synchronized Client owner() {
    if (application == null) {
      start();
    }
    return owner;
  }

  static Client stranger() {
    owner();
    return new Client(port);
  }

  static Client helper() {
    return signedIn("lotte", PASSWORD);
  }

  static Client signedIn(String name, String password) {
    Client client = stranger();
    client.get("/api/session");
    client.post("/api/session", Map.of("name", name, "password", password)).expect(200);
    return client;
  }

  static Path dataFolder() {
    owner();
    return Path.of(application.getEnvironment().getRequiredProperty("ember.data"));
  }

  /** A part of the running application. */
  static <T> T bean(Class<T> type) {
    owner();
    return application.getBean(type);
  }

  private static void start() {
    try {
      Path data = Files.createTempDirectory("ember-yard-test");
      application =
          new SpringApplicationBuilder(EmberYardApplication.class)
              .run("--data=" + data, "--port=0");
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    port = ((WebServerApplicationContext) application).getWebServer().getPort();
    owner = new Client(port);
    setUp(owner);
    owner
        .post(
            "/api/accounts",
            Map.of("name", "lotte", "role", "HELPER", "password", PASSWORD, "personId", "owner"))
        .expect(200);
  }

  /** Puts a body into the store that the API would refuse. */
  static void pastTheDoor(ThingKind kind, String id, String body) {
    Poison.put(bean(JdbcClient.class), bean(ThingStore.class), kind, id, body);
  }

  static final String FIRST_ANSWERS =
      """
      {"workshopName": "Tollgate Works", "currency": "EUR", "zone": "UTC",
       "hours": [{"day": "MONDAY", "from": "09:00", "to": "17:00"},
                 {"day": "TUESDAY", "from": "09:00", "to": "17:00"},
                 {"day": "WEDNESDAY", "from": "09:00", "to": "17:00"},
                 {"day": "THURSDAY", "from": "09:00", "to": "17:00"},
                 {"day": "FRIDAY", "from": "09:00", "to": "17:00"}],
       "ownerName": "ines", "password": "a-long-password"}
      """;

  static void setUp(Client client) {
    client.get("/api/session").expect(200);
    client.post("/api/setup", FIRST_ANSWERS).expect(200);
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == Client.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return owner();
  }
}
