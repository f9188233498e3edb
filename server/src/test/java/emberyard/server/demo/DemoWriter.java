package emberyard.server.demo;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.build.Snapshot;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.Workshop;
import emberyard.server.store.ThingJson;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes things as the demo's files have them: days counted from today, empty fields left out, what
 * fits on a line on one line.
 */
final class DemoWriter {
  /** How ids of things end whose days are not counted by the week: what still dries, for one. */
  private static final String EVERY_DAY = "-yesterday";

  private static final int WIDE = 118;
  private static final Duration NEAR = Duration.ofHours(3);

  private final ThingJson json;
  private final JsonMapper strict;
  private final DemoDays days;

  DemoWriter(ThingJson json, JsonMapper strict, DemoDays days) {
    this.json = json;
    this.strict = strict;
    this.days = days;
  }

  /** The file of a build. */
  JsonNode build(Build build) {
    ArrayNode things = JsonNodeFactory.instance.arrayNode();
    Stream.concat(Stream.of(build.brief(), build.concept()), build.things().all())
        .forEach(thing -> things.add(entry(thing, build.design())));
    return file("things", things);
  }

  /** The file of a workshop's own things. */
  JsonNode workshop(List<Thing> things) {
    ArrayNode uses = JsonNodeFactory.instance.arrayNode();
    things.forEach(thing -> uses.add(entry(thing, null)));
    return file("uses", uses);
  }

  private static JsonNode file(String name, ArrayNode things) {
    ObjectNode file = JsonNodeFactory.instance.objectNode();
    file.put("format", "ember-yard-build").put("version", 5).set(name, things);
    return file;
  }

  private ObjectNode entry(Thing thing, @Nullable Design own) {
    ObjectNode value = (ObjectNode) value(thing);
    if (thing instanceof Concept concept && concept.frozen() != null) {
      ((ObjectNode) value.get("frozen")).set("design", told(concept.frozen().design(), own));
    }
    if (thing instanceof Snapshot snapshot) {
      ((ObjectNode) value.get("frozen")).set("design", told(snapshot.frozen().design(), own));
    }
    if (thing instanceof ConceptOption option) {
      value.set("design", told(option.design(), own));
    }
    if (thing instanceof Workshop) {
      value.put("zone", "zone of this machine");
    }
    ObjectNode entry = JsonNodeFactory.instance.objectNode();
    entry.put("kind", ThingKind.of(thing).word()).set("value", value);
    return entry;
  }

  /** What is different in a design. */
  private ObjectNode told(Design design, Design own) {
    ObjectNode told = JsonNodeFactory.instance.objectNode();
    told.put("of", "this build");
    if (!design.look().equals(own.look())) {
      told.set("look", json.tree(design.look()));
    }
    ArrayNode without = JsonNodeFactory.instance.arrayNode();
    ObjectNode instead = JsonNodeFactory.instance.objectNode();
    DemoDesigns.designKinds()
        .forEach(
            kind -> {
              own.things().of(kind.type()).stream()
                  .map(Thing::id)
                  .filter(id -> design.things().find(kind.type(), id).isEmpty())
                  .forEach(without::add);
              design.things().of(kind.type()).stream()
                  .filter(thing -> !own.things().of(kind.type()).contains(thing))
                  .forEach(thing -> instead.withArray("/" + kind.list()).add(value(thing)));
            });
    if (!without.isEmpty()) {
      told.set("without", without);
    }
    if (!instead.isEmpty()) {
      told.set("instead", instead);
    }
    return told;
  }

  private JsonNode value(Thing thing) {
    ObjectNode tree = (ObjectNode) json.tree(thing);
    leaveOut(tree, tree, thing);
    return counted(tree, ThingKind.of(thing) == ThingKind.AIR || thing.id().endsWith(EVERY_DAY));
  }

  /** Drops each empty field without which the same thing is read. */
  private void leaveOut(JsonNode part, ObjectNode whole, Thing thing) {
    if (part instanceof ObjectNode object) {
      List<String> names = List.copyOf(object.propertyNames());
      for (String name : names) {
        JsonNode value = object.get(name);
        leaveOut(value, whole, thing);
        if (empty(value)) {
          object.remove(name);
          if (!same(whole, thing)) {
            object.set(name, value);
          }
        }
      }
      names.stream()
          .filter(object::has)
          .forEach(name -> object.set(name, object.remove(name))); // as the record has them
    } else if (part instanceof ArrayNode list) {
      list.forEach(each -> leaveOut(each, whole, thing));
    }
  }

  private static boolean empty(JsonNode value) {
    return value.isNull()
        || (value.isContainer() && value.isEmpty())
        || (value.isString() && value.asString().isEmpty())
        || (value.isBoolean() && !value.asBoolean())
        || (value.isNumber() && value.asDouble() == 0);
  }

  private boolean same(ObjectNode tree, Thing thing) {
    try {
      return strict.treeToValue(tree, thing.getClass()).equals(thing);
    } catch (JacksonException needed) {
      return false;
    }
  }

  private JsonNode counted(JsonNode tree, boolean everyDay) {
    if (tree instanceof ObjectNode object) {
      ObjectNode counted = JsonNodeFactory.instance.objectNode();
      object
          .properties()
          .forEach(each -> counted.set(each.getKey(), counted(each.getValue(), everyDay)));
      return counted;
    }
    if (tree instanceof ArrayNode list) {
      ArrayNode counted = JsonNodeFactory.instance.arrayNode();
      list.forEach(each -> counted.add(counted(each, everyDay)));
      return counted;
    }
    return tree.isString()
        ? JsonNodeFactory.instance.stringNode(counted(tree.asString(), everyDay))
        : tree;
  }

  private String counted(String text, boolean everyDay) {
    if (text.matches("\\d{4}-\\d\\d-\\d\\d")) {
      return day(LocalDate.parse(text), everyDay);
    }
    if (text.matches("\\d{4}-\\d\\d-\\d\\dT[\\d:.]+Z")) {
      Instant at = Instant.parse(text);
      if (Duration.between(at, days.now()).abs().compareTo(NEAR) < 0) {
        Instant minute = days.now().truncatedTo(ChronoUnit.MINUTES);
        return "now %+d minutes".formatted(ChronoUnit.MINUTES.between(minute, at));
      }
      LocalTime time = at.atZone(days.zone()).toLocalTime().truncatedTo(ChronoUnit.MINUTES);
      return day(at.atZone(days.zone()).toLocalDate(), everyDay) + " at " + time;
    }
    return text;
  }

  private String day(LocalDate date, boolean everyDay) {
    LocalDate today = days.now().atZone(days.zone()).toLocalDate();
    if (everyDay) {
      return "today %+d days".formatted(ChronoUnit.DAYS.between(today, date));
    }
    int offset = 0;
    while (DemoDays.workingDay(today, offset).isBefore(date)) {
      offset++;
    }
    while (DemoDays.workingDay(today, offset).isAfter(date)) {
      offset--;
    }
    return offset == 0 ? "today" : "today %+d working days".formatted(offset);
  }

  /** A text of lines as long as they may be. */
  static String text(JsonNode tree) {
    StringBuilder text = new StringBuilder();
    write(tree, "", 0, text);
    return text.append('\n').toString();
  }

  private static void write(JsonNode node, String indent, int before, StringBuilder text) {
    String flat = flat(node);
    if (!node.isContainer() || indent.length() + before + flat.length() <= WIDE) {
      text.append(flat);
      return;
    }
    String deeper = indent + "  ";
    List<String> lines = new ArrayList<>();
    if (node instanceof ObjectNode object) {
      object.properties().forEach(each -> lines.add(field(each.getKey(), each.getValue(), deeper)));
    } else {
      node.forEach(each -> lines.add(field(null, each, deeper)));
    }
    text.append(node.isObject() ? "{\n" : "[\n");
    text.append(lines.stream().map(deeper::concat).collect(Collectors.joining(",\n")));
    text.append('\n').append(indent).append(node.isObject() ? '}' : ']');
  }

  private static String field(String name, JsonNode value, String indent) {
    StringBuilder line = new StringBuilder(name == null ? "" : "\"" + name + "\": ");
    write(value, indent, line.length(), line);
    return line.toString();
  }

  private static String flat(JsonNode node) {
    if (node instanceof ObjectNode object) {
      return object.properties().stream()
          .map(each -> "\"" + each.getKey() + "\": " + flat(each.getValue()))
          .collect(Collectors.joining(", ", "{", "}"));
    }
    if (node instanceof ArrayNode list) {
      return list.valueStream().map(DemoWriter::flat).collect(Collectors.joining(", ", "[", "]"));
    }
    return node.toString();
  }
}
