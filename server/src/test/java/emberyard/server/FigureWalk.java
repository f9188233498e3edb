package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks for everything that the OpenAPI document lists, of all builds of the demo, and holds what is
 * answered against what was answered before: each amount says which figure it is, and one figure is
 * the same to the cent.
 */
final class FigureWalk {
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

  private final Client owner;

  FigureWalk(Client owner) {
    this.owner = owner;
  }

  /** What is wrong, in words; empty for nothing. */
  List<String> wrong() {
    return wrong;
  }

  /** How much a figure is. */
  long figure(String key) {
    return figures.get(key).minor();
  }

  /** How many figures several kinds of answers hold. */
  long shared() {
    return figures.values().stream().filter(said -> said.where().size() > 1).count();
  }

  void walk() {
    JsonNode paths = JsonMapper.shared().readTree(owner.get("/api/openapi").text()).path("paths");
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (path.getValue().has("get") && !path.getKey().equals("/api/live")) {
        for (String address : addresses(path.getKey())) {
          look(path.getKey(), address, owner.get(address));
        }
      }
    }
  }

  /** Those that need nothing but a build, and the finishes of each. */
  private List<String> addresses(String path) {
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

  private Stream<String> schemes(String path, String build) {
    return path.contains("/schemes/{id}")
        ? owner
            .get("/api/builds/" + build)
            .json()
            .at("/build/schemes")
            .valueStream()
            .map(scheme -> scheme.path("id").asString())
        : Stream.of("{id}");
  }

  private static String filled(String path, String build, String scheme) {
    return path.replace("{buildId}", build).replace("{id}", scheme);
  }

  /** An answer to what was asked, files passed over. */
  void look(String path, String address, Client.Answer answer) {
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
