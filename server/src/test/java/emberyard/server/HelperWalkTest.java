package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A helper asks for everything that the OpenAPI document lists, of all builds of the demo, and is
 * refused and contradicted as well: no answer of any kind holds an amount.
 */
class HelperWalkTest {
  private static final Pattern AMOUNT_IN_WORDS =
      Pattern.compile("(€|EUR)\\s?\\d|\\d[\\d.,]*\\s?(€|EUR)");
  private static final String ALL_SECTIONS = "?want=" + String.join(",", Window.SECTIONS);
  private final List<DemoYard.Stored> things = DemoYard.things();
  private final List<String> seen = new ArrayList<>();
  private final Map<Integer, Integer> answers = new TreeMap<>();

  @Test
  void noAnswerOfAnyKindHoldsAnAmount() {
    Client owner = DemoYard.owner();
    Client helper = DemoYard.signedIn("lotte");
    JsonNode paths = JsonMapper.shared().readTree(owner.get("/api/openapi").text()).path("paths");
    for (Map.Entry<String, JsonNode> path : paths.properties()) {
      if (path.getValue().has("get") && !path.getKey().equals("/api/live")) {
        for (String address : addresses(path.getKey())) {
          look("GET " + address, helper.get(address));
        }
      }
      JsonNode example = path.getValue().at("/post/requestBody/content/application~1json/example");
      if (!example.isMissingNode()) {
        look("POST " + path.getKey(), helper.post(path.getKey(), example.toString()));
      }
      if (path.getValue().has("put")) {
        contradict(helper, path.getKey());
      }
    }
    assertEquals(List.of(), seen);
    assertTrue(answers.get(200) >= 80, answers.toString());
    assertTrue(answers.containsKey(403) && answers.containsKey(412), answers.toString());
  }

  /** One address for each thing that the demo has, three at most. */
  private static List<String> addresses(String path) {
    List<String> builds = List.of("night-pilotage", "moss-archive", "line-9-depot", "paper-kite");
    List<String> addresses = new ArrayList<>();
    if (path.contains("{buildId}")) {
      builds.forEach(build -> addresses.add(path.replace("{buildId}", build)));
    } else {
      addresses.add(path);
    }
    return addresses.stream()
        .map(
            each ->
                each.replaceAll("\\{(face|kind)\\}", each.contains("stock") ? "paints" : "LEFT"))
        .map(each -> each.replaceAll("\\{[a-zA-Z0-9]+\\}", "night-pilotage-left"))
        .map(each -> each.endsWith("/sections") ? each + ALL_SECTIONS : each)
        .toList();
  }

  /** Sends each kind of thing as on a version nobody knows: the answer says what it is by now. */
  private void contradict(Client helper, String path) {
    String word = path.replaceAll(".*/([a-z-]+)/\\{id\\}$", "$1");
    things.stream()
        .filter(thing -> thing.kind().word().equals(word))
        .limit(3)
        .forEach(
            thing -> {
              String address = path.replace("{buildId}", thing.build()).replace("{id}", thing.id());
              String other = thing.body().replaceFirst("\"name\":\"", "\"name\":\"x");
              look("PUT " + address, helper.put(address, other, 1L));
            });
  }

  private void look(String what, Client.Answer answer) {
    answers.merge(answer.status(), 1, Integer::sum);
    String text = answer.text();
    Matcher words = AMOUNT_IN_WORDS.matcher(text);
    if (words.find()) {
      seen.add(what + " says " + text.substring(Math.max(0, words.start() - 60), words.end()));
    }
    try {
      amounts(what, answer.json());
    } catch (JacksonException noJson) {
      // files and pictures hold words only
    }
  }

  private void amounts(String what, JsonNode node) {
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      boolean amount = field.getKey().endsWith("Minor") && field.getValue().isNumber();
      if (amount && field.getValue().asDouble() != 0) {
        seen.add(what + " " + field.getKey() + " " + field.getValue());
      }
      boolean limit = node.path("measure").asString("").equals("TOTAL_MINOR");
      if (limit
          && List.of("value", "reading").contains(field.getKey())
          && field.getValue().asDouble(0) != 0) {
        seen.add(what + " limit " + field.getValue());
      }
    }
    node.forEach(each -> amounts(what, each));
  }
}
