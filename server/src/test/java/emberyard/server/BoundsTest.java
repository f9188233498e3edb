package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.server.library.Library;
import emberyard.server.store.ThingJson;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Each range of the OpenAPI document is held: its bounds are taken, a little beyond is refused. */
class BoundsTest {
  private static final BigDecimal LITTLE = new BigDecimal("0.001");
  private final FuzzDocument document =
      new FuzzDocument(DemoYard.owner().get("/api/openapi").expect(200).text());
  private final List<DemoYard.Stored> things =
      Stream.of(DemoYard.things(), shipped(Library.shipped().all().toList()))
          .flatMap(List::stream)
          .toList();
  private final List<String> wrong = new ArrayList<>();
  private final List<String> unreached = new ArrayList<>();
  private int reached;
  private int taken;
  private int bounds;

  private static List<DemoYard.Stored> shipped(List<? extends Thing> products) {
    ThingJson json = DemoYard.bean(ThingJson.class);
    return products.stream()
        .map(each -> new DemoYard.Stored(ThingKind.of(each), each.id(), "", json.write(each)))
        .toList();
  }

  @Test
  void aBoundIsTakenAndALittleBeyondIsRefusedAtItsPlace() {
    Stream.of(ThingKind.values()).filter(ThingKind::typed).forEach(this::kind);
    assertEquals(List.of(), wrong);
    assertTrue(bounds > 300, "bounds tried: " + bounds);
    assertTrue(
        reached >= 0.85 * (reached + unreached.size()),
        reached + " places reached, not: " + unreached);
    assertTrue(
        taken >= 0.9 * bounds, "a bound may hang on another field: " + taken + " of " + bounds);
  }

  private void kind(ThingKind kind) {
    for (FuzzLeaf leaf : document.leaves(kind.type().getSimpleName())) {
      boolean ranged = leaf.schema().has("minimum") || leaf.schema().has("maximum");
      // what is frozen is made of the same records
      if (ranged && !leaf.path().startsWith("frozen/")) {
        Optional<DemoYard.Stored> thing =
            things.stream()
                .filter(each -> each.kind() == kind)
                .filter(each -> !pointer(each.json(), leaf.steps()).isEmpty())
                .findFirst();
        if (thing.isEmpty()) {
          unreached.add(kind.word() + " " + leaf.path());
        } else {
          reached++;
          bound(thing.get(), leaf, "minimum", -1);
          bound(thing.get(), leaf, "maximum", 1);
        }
      }
    }
  }

  private void bound(DemoYard.Stored thing, FuzzLeaf leaf, String name, int outwards) {
    if (!leaf.schema().has(name)) {
      return;
    }
    bounds++;
    BigDecimal bound = leaf.schema().path(name).decimalValue();
    BigDecimal step =
        leaf.is("integer") ? BigDecimal.ONE : LITTLE.max(bound.abs().multiply(LITTLE));
    String pointer = pointer(thing.json(), leaf.steps());
    String beyond = with(thing, pointer, bound.add(step.multiply(BigDecimal.valueOf(outwards))));
    var answer = DemoYard.owner().put(address(thing), beyond, null);
    List<String> places =
        answer.json().path("errors").valueStream().map(e -> e.path("pointer").asString()).toList();
    if (answer.status() != 422 || !places.contains("#" + pointer)) {
      wrong.add("%s %s beyond %s: %s".formatted(thing.kind(), pointer, bound, answer.text()));
    }
    if (isTaken(thing, with(thing, pointer, bound))) {
      taken++;
    }
  }

  private static boolean isTaken(DemoYard.Stored thing, String body) {
    try {
      DemoYard.bean(ThingJson.class).read(body, thing.kind().type());
      return true;
    } catch (JacksonException | InvalidValue refused) {
      return false;
    }
  }

  private static String with(DemoYard.Stored thing, String pointer, BigDecimal value) {
    JsonNode body = thing.json();
    int last = pointer.lastIndexOf('/');
    JsonNode holder = body.at(pointer.substring(0, last));
    String name = pointer.substring(last + 1);
    JsonNode number = JsonNodeFactory.instance.numberNode(value);
    if (holder instanceof ObjectNode object) {
      object.set(name, number);
    } else {
      ((ArrayNode) holder).set(Integer.parseInt(name), number);
    }
    return body.toString();
  }

  /** Where in a body the steps lead to a number, empty where to none. */
  private static String pointer(JsonNode body, List<String> steps) {
    if (steps.isEmpty()) {
      return body.isNumber() ? "/" : "";
    }
    List<String> rest = steps.subList(1, steps.size());
    List<String> names =
        steps.get(0).equals("*")
            ? Stream.iterate(0, i -> i < body.size(), i -> i + 1).map(String::valueOf).toList()
            : List.of(steps.get(0));
    for (String name : names) {
      JsonNode inner = body.isArray() ? body.path(Integer.parseInt(name)) : body.path(name);
      String within = pointer(inner, rest);
      if (!within.isEmpty()) {
        return "/" + name + (within.equals("/") ? "" : within);
      }
    }
    return "";
  }

  private static String address(DemoYard.Stored thing) {
    String home = thing.kind().ofBuild() ? "/api/builds/" + thing.build() + "/" : "/api/workshop/";
    return home + thing.kind().word() + "/" + thing.id();
  }
}
