package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One figure is the same to the cent wherever it is answered, see {@link FigureWalk}. */
class SameFigureTest {
  @Test
  void oneFigureIsTheSameInAllAnswers() {
    FigureWalk walk = new FigureWalk(DemoYard.owner());
    walk.walk();
    assertEquals(List.of(), walk.wrong());
    assertTrue(walk.shared() >= 600, "figures in several answers: " + walk.shared());
  }

  /** Things come back as they were answered: what stands beside their amounts is passed over. */
  @Test
  void whatIsSentBackWithItsKeysIsStoredAsItIs() {
    Client owner = DemoYard.owner();
    JsonNode build = owner.get("/api/builds/paper-kite").json();
    JsonNode component = build.at("/build/components/0");
    String id = component.path("id").asString();
    String key = "components/" + id + "/price";
    assertEquals(key, component.at("/figureKeys/priceMinor").asString());
    String address = "/api/builds/paper-kite/components/" + id;
    long version = build.path("versions").path("components/" + id).asLong();
    JsonNode kept = owner.put(address, component.toString(), version).expect(200).json();
    assertEquals(component, kept.path("value"));
    ((ObjectNode) component).set("figureKey", component.path("figureKeys"));
    assertEquals(422, owner.put(address, component.toString(), null).status());
  }

  /** What is only tried out is no figure of any build, and no two sums are one. */
  @Test
  void aSumThatIsTriedOutHasFiguresOfItsOwn() {
    Client owner = DemoYard.owner();
    String path = "/api/calc/supply/basket";
    JsonNode document = JsonMapper.shared().readTree(owner.get("/api/openapi").text());
    String example =
        document
            .path("paths")
            .path(path)
            .at("/post/requestBody/content/application~1json/example")
            .toString();
    JsonNode first = owner.post(path, example).expect(200).json().path("figureKeys");
    JsonNode second = owner.post(path, example).expect(200).json().path("figureKeys");
    assertTrue(
        first.path("goodsMinor").asString().matches("asked/.+/basket/goods"), first.toString());
    assertNotEquals(first, second);
  }
}
