package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** An empty folder: its first run, and the example build of an empty yard. */
class ExampleTest {
  @Test
  void comesIntoAnEmptyYardAndGoesWithOnePress(@TempDir Path data) {
    try (ConfigurableApplicationContext application =
        new SpringApplicationBuilder(EmberYardApplication.class)
            .run("--data=" + data, "--port=0")) {
      Client owner =
          new Client(((WebServerApplicationContext) application).getWebServer().getPort());
      namesEverythingWrong(owner);
      TestYard.setUp(owner);
      Map<String, String> nothing = Map.of();
      assertTrue(owner.post("/api/undo", nothing).expect(200).json().path("undone").isNull());
      owner.get("/api/yard").expect(200); // undone with its workshop, the yard was lost for good
      assertEquals(
          "example",
          owner.post("/api/builds/example", nothing).expect(200).json().path("id").asString());
      JsonNode view = owner.get("/api/builds/example").expect(200).json();
      assertTrue(view.path("build").path("panels").size() > 3);
      assertTrue(view.path("tasks").size() > 30);
      assertTrue(view.path("needs").size() > 10);
      assertEquals(0, view.path("build").path("times").size(), "nobody has worked on it");
      owner.post("/api/builds/example", nothing).expect(409);
      owner.delete("/api/builds/example").expect(200);
      assertEquals(0, owner.get("/api/yard").json().path("builds").size());
      owner.post("/api/builds/example", nothing).expect(200);
      assertEquals(1, owner.get("/api/yard").json().path("builds").size());
    }
  }

  /** The first run says all that is missing at once. */
  private static void namesEverythingWrong(Client owner) {
    owner.get("/api/session").expect(200);
    JsonNode errors =
        owner
            .post(
                "/api/setup",
                Map.of("workshopName", " ", "currency", "EUR", "zone", "UTC", "password", "short"))
            .expect(422)
            .json()
            .path("errors");
    assertEquals(
        List.of("#/workshopName", "#/ownerName", "#/password"),
        errors.valueStream().map(each -> each.path("pointer").asString()).toList());
  }
}
