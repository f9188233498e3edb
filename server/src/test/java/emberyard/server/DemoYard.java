package emberyard.server;

import emberyard.core.kind.ThingKind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo's workshop in an application of its own; whoever uses it leaves it as it was. */
public final class DemoYard {
  private static ConfigurableApplicationContext application;
  private static Client owner;

  private DemoYard() {}

  /** A thing as it is stored. */
  public record Stored(ThingKind kind, String id, String build, String body) {
    public JsonNode json() {
      return JsonMapper.shared().readTree(body);
    }
  }

  /** Signed in as its owner. */
  static synchronized Client owner() {
    if (application == null) {
      start();
    }
    return owner;
  }

  static Client signedIn(String name) {
    owner();
    return signIn(name);
  }

  private static Client signIn(String name) {
    Client client =
        new Client(((WebServerApplicationContext) application).getWebServer().getPort());
    client.get("/api/session").expect(200);
    client.post("/api/session", Map.of("name", name, "password", "lantern-harbour")).expect(200);
    return client;
  }

  public static <T> T bean(Class<T> type) {
    owner();
    return application.getBean(type);
  }

  /** All things, in the order of their ids. */
  public static List<Stored> things() {
    return bean(JdbcClient.class)
        .sql("SELECT kind, id, coalesce(build_id, ''), body FROM thing ORDER BY kind, id")
        .query(
            (row, number) ->
                new Stored(
                    ThingKind.valueOf(row.getString(1)),
                    row.getString(2),
                    row.getString(3),
                    row.getString(4)))
        .list();
  }

  /** Figures are compared over minutes: it is always 9:05. */
  private static void stopTheClock(ConfigurableApplicationContext context) {
    Clock stopped = Clock.fixed(Instant.parse("2026-03-03T09:05:00Z"), ZoneOffset.UTC);
    ((GenericApplicationContext) context)
        .registerBean("stopped", Clock.class, () -> stopped, bean -> bean.setPrimary(true));
  }

  private static void start() {
    try {
      Path data = Files.createTempDirectory("ember-yard-demo");
      application =
          new SpringApplicationBuilder(EmberYardApplication.class)
              .initializers(DemoYard::stopTheClock)
              .run("--data=" + data, "--port=0", "--demo=true", "--copies=0");
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    owner = signIn("ines");
  }
}
