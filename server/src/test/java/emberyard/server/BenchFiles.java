package emberyard.server;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Build files like those of the demo, and not the same. */
final class BenchFiles {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  /** What is changed by a seed: lengths by little, so that most of it still fits. */
  private static final Pattern LENGTH = Pattern.compile(".*Mm");

  private static final Pattern AMOUNT = Pattern.compile(".*(Minor|Minutes|Grams|Ml|LeadDays)");

  /** What a large build has more of. */
  private static final Set<String> MADE =
      Set.of("panels", "prints", "schemes", "items", "joints", "manual-tasks");

  private BenchFiles() {}

  /**
   * The same build with another name, a later reveal and other numbers. What was equal stays equal,
   * so that what was frozen differs from the design as it did.
   */
  static ObjectNode another(JsonNode file, int seed) {
    ObjectNode other = varied(file, seed);
    Random random = new Random(seed);
    for (JsonNode thing : other.path("things")) {
      if (thing.path("kind").asString().equals("briefs")) {
        ObjectNode brief = (ObjectNode) thing.path("value");
        brief.put("name", brief.path("name").asString() + " " + seed);
        if (!brief.path("revealOn").isNull()) {
          LocalDate reveal = LocalDate.parse(brief.path("revealOn").asString());
          brief.put("revealOn", reveal.plusDays(random.nextInt(240)).toString());
        }
      }
    }
    return other;
  }

  /** The same with other numbers. */
  static ObjectNode varied(JsonNode value, int seed) {
    return (ObjectNode) varied(value, "", seed);
  }

  private static JsonNode varied(JsonNode value, String field, int seed) {
    if (value instanceof ObjectNode object) {
      ObjectNode other = NODES.objectNode();
      object
          .properties()
          .forEach(e -> other.set(e.getKey(), varied(e.getValue(), e.getKey(), seed)));
      return other;
    }
    if (value instanceof ArrayNode list) {
      ArrayNode other = NODES.arrayNode();
      list.forEach(each -> other.add(varied(each, field, seed)));
      return other;
    }
    double reach =
        LENGTH.matcher(field).matches() ? 0.01 : AMOUNT.matcher(field).matches() ? 0.2 : 0;
    if (!value.isNumber() || reach == 0) {
      return value;
    }
    double number = value.asDouble();
    double share = new Random(seed * 31L + Double.hashCode(number)).nextDouble();
    double changed = number * (1 + reach * (2 * share - 1));
    return value.isIntegralNumber()
        ? NODES.numberNode(Math.round(changed))
        : NODES.numberNode(Math.round(changed * 10) / 10.0);
  }

  /** The build with so many times its parts, prints, schemes, joints, tasks and face items. */
  static ObjectNode more(JsonNode file, int times) {
    Set<String> ids = new HashSet<>();
    for (JsonNode thing : file.path("things")) {
      if (MADE.contains(thing.path("kind").asString())) {
        ids.add(thing.path("value").path("id").asString());
      }
    }
    Pattern any =
        Pattern.compile(
            "(?<![A-Za-z0-9._-])(%s)(?![A-Za-z0-9._-])"
                .formatted(String.join("|", ids.stream().map(Pattern::quote).sorted().toList())));
    ArrayNode things = NODES.arrayNode();
    for (JsonNode thing : file.path("things")) {
      things.add(thing);
      if (MADE.contains(thing.path("kind").asString())) {
        for (int n = 2; n <= times; n++) {
          things.add(renamed(thing, any, "-" + n));
        }
      }
    }
    ObjectNode large = file.deepCopy().asObject();
    large.set("things", things);
    return large;
  }

  private static JsonNode renamed(JsonNode value, Pattern ids, String suffix) {
    if (value instanceof ObjectNode object) {
      ObjectNode other = NODES.objectNode();
      object.properties().forEach(e -> other.set(e.getKey(), renamed(e.getValue(), ids, suffix)));
      return other;
    }
    if (value instanceof ArrayNode list) {
      ArrayNode other = NODES.arrayNode();
      list.forEach(each -> other.add(renamed(each, ids, suffix)));
      return other;
    }
    return value.isString()
        ? NODES.stringNode(
            ids.matcher(value.asString())
                .replaceAll(found -> Matcher.quoteReplacement(found.group() + suffix)))
        : value;
  }
}
