package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything that the OpenAPI document lists is asked for, of all builds of the demo: each amount
 * says which figure it is, and one figure is the same to the cent in all answers.
 */
class SameFigureTest {
  private static final List<String> BUILDS =
      List.of("night-pilotage", "moss-archive", "line-9-depot", "paper-kite");
  private static final Map<String, String> ASKED =
      Map.of(
          "/sections", "?want=" + String.join(",", Window.SECTIONS),
          "/order/alternates", "?needKey=component:{buildId}-graphics",
          "/nest-runs/sizes", "?sheetId=ply-birch-4",
          "/snapshots/difference", "?from={buildId}-chosen&to=now",
          "/schemes/{id}/proposals", "?target=%232F4858");

  /** An amount and where it was answered first. */
  private record Said(long minor, Set<String> where) {}

  private final Map<String, Said> figures = new TreeMap<>();
  private final List<String> wrong = new ArrayList<>();

  @Test
  void oneFigureIsTheSameInAllAnswers() {
    Client owner = DemoYard.owner();
    JsonNode paths = JsonMapper.shared().readTree(owner.get("/api/openapi").text()).path("paths");
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (path.getValue().has("get") && !path.getKey().equals("/api/live")) {
        for (String address : addresses(path.getKey())) {
          look(path.getKey(), address, owner.get(address));
        }
      }
    }
    assertEquals(List.of(), wrong);
    long shared = figures.values().stream().filter(said -> said.where().size() > 1).count();
    assertTrue(shared >= 600, "figures in several answers: " + shared);
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

  /** Those that need nothing but a build, and the finishes of each. */
  private static List<String> addresses(String path) {
    String asked =
        ASKED.entrySet().stream()
            .filter(each -> path.endsWith(each.getKey()))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse("");
    return BUILDS.stream()
        .flatMap(build -> schemes(path, build).map(scheme -> filled(path + asked, build, scheme)))
        .filter(address -> !address.contains("{") && !address.endsWith("/export"))
        .distinct()
        .toList();
  }

  private static Stream<String> schemes(String path, String build) {
    return path.contains("/schemes/{id}")
        ? DemoYard.things().stream()
            .filter(thing -> thing.kind() == ThingKind.SCHEME && thing.build().equals(build))
            .map(DemoYard.Stored::id)
        : Stream.of("{id}");
  }

  private static String filled(String path, String build, String scheme) {
    return path.replace("{buildId}", build).replace("{id}", scheme);
  }

  private void look(String path, String address, Client.Answer answer) {
    assertTrue(answer.status() < 500, address + answer.text());
    try {
      amounts(path, address, answer.json());
    } catch (JacksonException noJson) {
      // files and pictures hold words only
    }
  }

  private void amounts(String path, String address, JsonNode node) {
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      boolean limit =
          field.getKey().equals("value") && node.path("measure").asString("").equals("TOTAL_MINOR");
      if ((field.getKey().endsWith("Minor") || limit) && field.getValue().isNumber()) {
        String key = node.path("figureKeys").path(field.getKey()).asString("");
        amount(path, address + " " + field.getKey(), key, field.getValue().asLong());
      }
    }
    node.forEach(each -> amounts(path, address, each));
  }

  private void amount(String path, String where, String key, long minor) {
    if (key.isEmpty() || key.contains("?")) {
      wrong.add(where + " has no figure: " + key);
      return;
    }
    Said said = figures.computeIfAbsent(key, first -> new Said(minor, new TreeSet<>()));
    said.where().add(path);
    if (said.minor() != minor) {
      wrong.add(
          "%s is %d in %s, and %d in %s".formatted(key, minor, where, said.minor(), said.where()));
    }
  }
}
