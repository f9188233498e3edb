package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What nobody means is refused at its field, and never takes a screen down. */
@ExtendWith(TestYard.class)
class OddInputTest {
  private static String pointer(JsonNode problem) {
    return problem.path("errors").path(0).path("pointer").asString("");
  }

  @ParameterizedTest
  @ValueSource(strings = {"size=99999999999999999999", "size=x", "size=1.5"})
  void aNumberInTheAddressIsNamedWhereItCannotBeRead(String query) {
    Client owner = TestYard.owner();
    owner.begin("odd-q");
    JsonNode problem = owner.get("/api/builds/odd-q/history?" + query).expect(422).json();
    assertEquals("#/size", pointer(problem));
  }

  @ParameterizedTest
  @ValueSource(strings = {"1e400", "1e999999999", "-1e400", "\"wide\"", "null", "true", "{}"})
  void aNumberOfABodyIsNamedWhereItCannotBeRead(String width) {
    Client owner = TestYard.owner();
    owner.begin("odd-n");
    ObjectNode panel = JsonMapper.shared().valueToTree(Things.panel("odd-n-p", 300));
    String body = panel.toString().replace("\"widthMm\":300.0", "\"widthMm\":" + width);
    assertTrue(body.contains("\"widthMm\":" + width), body);
    JsonNode problem = owner.put("/api/builds/odd-n/panels/odd-n-p", body, null).expect(422).json();
    assertEquals("#/widthMm", pointer(problem));
    assertEquals(0, owner.get("/api/builds/odd-n").json().path("build").path("panels").size());
  }

  @Test
  void theYardStillAnswers(Client owner) {
    owner.get("/api/yard").expect(200);
  }
}
