package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What could take a thing's place was solved with the build: taking it brings no trouble. */
class AlternatesApiTest extends OwnDemoTest {
  private static final String LINE_9 = "/api/builds/line-9-depot";

  private List<JsonNode> alternates(String needKey) {
    return demo.owner
        .get(LINE_9 + "/order/alternates?needKey=" + needKey)
        .expect(200)
        .json()
        .valueStream()
        .toList();
  }

  /** Severity by key of all that is no note. */
  private Map<String, String> trouble() {
    Map<String, String> trouble = new TreeMap<>();
    build("line-9-depot")
        .path("findings")
        .valueStream()
        .filter(each -> !each.path("severity").asString().equals("NOTE"))
        .filter(each -> !each.path("key").asString().equals("concept/changed"))
        .forEach(
            each -> trouble.put(each.path("key").asString(), each.path("severity").asString()));
    return trouble;
  }

  private void take(JsonNode alternate) {
    String swap = "/components/%s/swap".formatted(alternate.path("componentId").asString());
    Map<String, String> product = Map.of("productId", alternate.path("productId").asString());
    demo.owner.post(LINE_9 + swap, product).expect(200);
  }

  @Test
  void everyOneThatIsOfferedCanBeTaken() {
    Map<String, String> before = trouble();
    int offered = 0;
    List<String> open =
        build("line-9-depot")
            .path("needs")
            .valueStream()
            .filter(line -> line.path("open").asDouble() > 0)
            .map(line -> line.path("need").path("key").asString())
            .filter(key -> key.startsWith("component:"))
            .toList();
    assertTrue(open.size() > 4, open.toString());
    for (String key : open) {
      for (JsonNode alternate : alternates(key)) {
        offered++;
        long quote = build("line-9-depot").path("budget").path("quoteMinor").asLong();
        take(alternate);
        JsonNode after = build("line-9-depot");
        Map<String, String> now = trouble();
        now.forEach(
            (what, severity) ->
                assertTrue(
                    severity.equals(before.get(what)) || "STOP".equals(before.get(what)),
                    alternate.path("name").asString() + ": " + what));
        assertEquals(
            alternate.path("unitPriceMinor").asLong(),
            component(after, alternate.path("componentId").asString()).path("priceMinor").asLong());
        demo.owner.post("/api/undo?place=line-9-depot", Map.of()).expect(200);
        assertEquals(quote, build("line-9-depot").path("budget").path("quoteMinor").asLong());
      }
    }
    assertTrue(offered > 5, "the library has something: " + offered);
  }

  private static JsonNode component(JsonNode view, String id) {
    return view.path("build")
        .path("components")
        .valueStream()
        .filter(each -> each.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void onlyComponentsHaveOthersInTheirPlace() {
    assertEquals(List.of(), alternates("paint:cream"));
    assertEquals(List.of(), alternates("component:nobody"));
    assertEquals(List.of(), alternates("x%20y"));
    demo.owner.get(LINE_9 + "/order/alternates").expect(400);
  }
}
