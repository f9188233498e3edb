package emberyard.server.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.BuildWiring;
import emberyard.core.yard.YardModel;
import emberyard.server.DemoYard;
import emberyard.server.store.ThingJson;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * What a press on a remedy promises: the thing and the field are there, the value can be kept, and
 * the finding is gone or milder. Held for every finding of the demo and of builds that were spoilt
 * at random.
 */
class RemedyContractTest {
  private static final Instant AT = Instant.parse("2026-03-03T09:05:00Z");
  private static final int SPOILT = Boolean.getBoolean("ember.long") ? 1_500 : 150;
  private static final double[] TIMES = {0, 0.05, 0.3, 0.7, 1.4, 2.5, 8};

  private final ThingJson json = new ThingJson();
  private final YardReader.Reading reading = DemoYard.bean(YardReader.class).read();
  private final List<String> broken = new ArrayList<>();
  private final Set<String> rules = new TreeSet<>();
  private final Set<String> pressed = new TreeSet<>();
  private int presses;

  @Test
  void aRemedyDoesWhatItSays() {
    WorkshopBook book = reading.book();
    reading.builds().forEach(build -> hold(build, book));
    Random random = new Random(11);
    for (int i = 0; i < SPOILT; i++) {
      Build build = reading.builds().get(random.nextInt(reading.builds().size()));
      spoilt(build, random).ifPresent(each -> hold(each, book));
    }
    System.out.printf(
        "remedies: %d presses of %d rules; findings of %d rules%n",
        presses, pressed.size(), rules.size());
    assertEquals(List.of(), broken.stream().distinct().toList());
    assertTrue(pressed.size() >= 15, pressed.toString());
  }

  private void hold(Build build, WorkshopBook book) {
    for (Finding finding : model(build, book).map(BuildModel::findings).orElse(List.of())) {
      String rule = rule(build, finding.key());
      rules.add(rule);
      for (Remedy remedy : finding.remedies()) {
        if (remedy.change() != null) {
          presses++;
          pressed.add(rule);
          press(build, book, finding, remedy)
              .ifPresent(fault -> broken.add("%s “%s”: %s".formatted(rule, remedy.label(), fault)));
        }
      }
    }
  }

  /** A key without the names in it. */
  private static String rule(Build build, String key) {
    String rule = key;
    for (Thing thing : build.things().all().toList()) {
      rule = rule.replace(thing.id(), "*");
    }
    return rule.replaceAll("[0-9]+", "#").replaceAll("\\*[a-zA-Z0-9-]*", "*");
  }

  /** What is wrong with a press, if anything. */
  private Optional<String> press(Build build, WorkshopBook book, Finding finding, Remedy remedy) {
    Remedy.Change change = remedy.change();
    if (change.kind().equals("wiring")) {
      return BuildWiring.of(build, book)
          .changed(change.field())
          .map(next -> left(next, book, finding, change))
          .orElse(Optional.of("is offered no more"));
    }
    ThingKind kind = ThingKind.named(change.kind()).orElse(null);
    if (kind == null) {
      return Optional.of("no kind " + change.kind());
    }
    Thing thing =
        (kind.ofBuild() ? build.things() : book.things())
            .find(kind.type(), change.thingId())
            .map(Thing.class::cast)
            .orElse(null);
    if (thing == null) {
      return Optional.of("no such thing among the " + change.kind());
    }
    if (change.field().isEmpty()) {
      return left(without(build, thing), book, finding, change);
    }
    Thing changed;
    try {
      changed =
          thing instanceof Component old && change.field().equals("productId")
              ? book.hardware(change.text()).orElseThrow().insteadOf(old)
              : json.read(with(json.tree(thing), change), kind.type());
    } catch (RuntimeException refused) {
      return Optional.of(change.field() + " can't be kept: " + refused.getMessage());
    }
    Build next = kind.ofBuild() ? YardReader.build(put(build, changed)) : build;
    WorkshopBook after = kind.ofBuild() ? book : book.with(kind.type(), replaced(book, changed));
    return left(next, after, finding, change);
  }

  private static Build without(Build build, Thing thing) {
    List<Thing> all =
        build.things().all().filter(each -> each != thing).map(Thing.class::cast).toList();
    List<Thing> whole = new ArrayList<>(all);
    whole.add(build.brief());
    whole.add(build.concept());
    return Build.of(whole);
  }

  /** What of the finding is left after the press, if anything. */
  private Optional<String> left(
      Build next, WorkshopBook after, Finding finding, Remedy.Change change) {
    Optional<BuildModel> model = model(next, after);
    if (model.isEmpty()) {
      return Optional.of(change.field() + ": the build can't be worked out any more");
    }
    return model.get().findings().stream()
        .filter(each -> each.key().equals(finding.key()))
        .filter(each -> each.severity().compareTo(finding.severity()) <= 0)
        .filter(each -> each.title().equals(finding.title()))
        .findFirst()
        .map(same -> "is still there unchanged: " + same.title());
  }

  /** As the front end does it: see remedy.ts. */
  private JsonNode with(JsonNode tree, Remedy.Change change) {
    String[] steps = change.field().split("\\.");
    JsonNode into = tree;
    for (int i = 0; i < steps.length - 1; i++) {
      if (into instanceof ObjectNode inside && inside.path(steps[i]).isNull()) {
        // nobody has said anything of it yet
        inside.putObject(steps[i]).putNull(steps[i + 1]);
      }
      into =
          into instanceof ArrayNode list
              ? list.get(Integer.parseInt(steps[i]))
              : into.get(steps[i]);
    }
    String last = steps[steps.length - 1];
    ObjectNode object = (ObjectNode) into;
    JsonNode before = object.get(last);
    if (before == null) {
      throw new IllegalArgumentException("there is no field " + last);
    }
    if (change.items() != null) {
      object.set(last, json.tree(change.items()));
    } else if (change.text() != null) {
      object.set(last, StringNode.valueOf(change.text()));
    } else if (before.isBoolean()) {
      object.put(last, change.value() != 0);
    } else if (before.isString() || before.isObject() || before.isArray()) {
      object.putNull(last);
    } else if (change.value() == Math.rint(change.value())) {
      object.put(last, (long) change.value());
    } else {
      object.put(last, change.value());
    }
    return tree;
  }

  private static List<Thing> put(Build build, Thing changed) {
    List<Thing> things = new ArrayList<>(List.of(build.brief(), build.concept()));
    build.things().all().forEach(things::add);
    things.replaceAll(
        each ->
            each.getClass() == changed.getClass() && each.id().equals(changed.id())
                ? changed
                : each);
    return things;
  }

  @SuppressWarnings("unchecked")
  private static <T extends Thing> List<T> replaced(WorkshopBook book, Thing changed) {
    Class<T> type = (Class<T>) changed.getClass();
    return book.things().of(type).stream()
        .map(each -> each.id().equals(changed.id()) ? (T) changed : each)
        .toList();
  }

  private Optional<BuildModel> model(Build build, WorkshopBook book) {
    try {
      return Optional.ofNullable(YardModel.of(List.of(build), book, AT).builds().get(build.id()));
    } catch (RuntimeException cannot) {
      return Optional.empty();
    }
  }

  /** The build with one number of its design another one, where that can be kept and worked out. */
  private Optional<Build> spoilt(Build build, Random random) {
    List<Thing> things = new ArrayList<>(build.design().things().all().toList());
    Thing thing = things.get(random.nextInt(things.size()));
    JsonNode tree = json.tree(thing);
    List<Runnable> numbers = new ArrayList<>();
    numbers(tree, TIMES[random.nextInt(TIMES.length)], numbers);
    if (numbers.isEmpty()) {
      return Optional.empty();
    }
    numbers.get(random.nextInt(numbers.size())).run();
    try {
      return Optional.of(YardReader.build(put(build, json.read(tree, thing.getClass()))));
    } catch (RuntimeException refused) {
      return Optional.empty();
    }
  }

  private static void numbers(JsonNode node, double times, List<Runnable> numbers) {
    if (node instanceof ObjectNode object) {
      object
          .properties()
          .forEach(
              field -> {
                JsonNode value = field.getValue();
                if (value.isIntegralNumber()) {
                  numbers.add(() -> object.put(field.getKey(), Math.round(value.asLong() * times)));
                } else if (value.isNumber()) {
                  numbers.add(() -> object.put(field.getKey(), value.asDouble() * times));
                }
              });
    }
    node.forEach(each -> numbers(each, times, numbers));
  }
}
