package emberyard.server.yard;

import emberyard.core.finding.Caution;
import emberyard.core.supply.Parcel;
import emberyard.core.thing.Thing;
import emberyard.core.units.FieldDifference;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.server.access.Account;
import emberyard.server.store.HistoryStore;
import emberyard.server.store.HistoryStore.Past;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingName;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Who changed what and when; any earlier state of a thing can come back. */
@RestController
@RequestMapping("/api/builds/{buildId}/history")
class HistoryController {
  private final HistoryStore history;
  private final ThingStore store;
  private final ThingJson json;
  private final YardReader yard;

  HistoryController(HistoryStore history, ThingStore store, ThingJson json, YardReader yard) {
    this.history = history;
    this.store = store;
    this.json = json;
    this.yard = yard;
  }

  /** Newest first; ask for those before the last one for the next page. */
  record HistoryView(List<HistoryStep> steps) {}

  /**
   * One change.
   *
   * @param name of the thing, or the title of the task or finding it is about
   * @param what added, changed or removed
   * @param words what differs; amounts only for owners
   */
  record HistoryStep(
      long seq,
      Instant at,
      String by,
      String kind,
      String thingId,
      String name,
      String what,
      List<String> words,
      boolean undone) {}

  @GetMapping
  HistoryView history(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestParam(defaultValue = "9007199254740991") long before,
      @RequestParam(defaultValue = "50") int size) {
    Require.between("size", size, 1, 200, "changes");
    YardReader.Reading reading = yard.read();
    String currency = who.owner() ? reading.book().workshop().currency() : "";
    BuildModel build = reading.yard().builds().get(buildId);
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    Map<String, String> titles = build == null ? Map.of() : titles(build, who.owner());
    Telling telling = new Telling(currency, zone, titles);
    return new HistoryView(
        history.of(buildId, before, size).stream()
            .filter(past -> who.owner() || !aboutMoney(past))
            .map(past -> step(past, telling))
            .toList());
  }

  /**
   * Brings a thing back to what it was before or after a change; itself a change that can be
   * undone.
   *
   * @param state before or after
   */
  @PostMapping("/{seq}/restore")
  void restore(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable long seq,
      @RequestParam(defaultValue = "before") String state) {
    Past past =
        history
            .find(buildId, seq)
            .filter(found -> who.owner() || !(aboutMoney(found) || withAmounts(found)))
            .orElseThrow(() -> new MissingThing("There is no such change in this build."));
    String body = state.equals("after") ? past.after() : past.before();
    if (body == null) {
      store.apply(who.id(), List.of(Write.remove(past.kind(), buildId, past.thingId())));
      return;
    }
    Thing value = read(past, body);
    if (value == null) {
      throw new InvalidValue("seq", "This state is of an older form and can't come back.");
    }
    store.apply(who.id(), List.of(Write.overwrite(buildId, value)));
  }

  /** A helper does not read what a build may cost. */
  private static boolean aboutMoney(Past past) {
    return (past.before() + " " + past.after()).contains("TOTAL_MINOR");
  }

  /** A helper does not bring back amounts nobody showed them. */
  private static boolean withAmounts(Past past) {
    return (past.before() + " " + past.after()).contains("Minor\":");
  }

  /**
   * How a change is told.
   *
   * @param currency of amounts, empty where they are not shown
   * @param zone in which moments are told
   * @param titles of steps and findings, by their keys
   */
  private record Telling(String currency, ZoneId zone, Map<String, String> titles) {}

  private HistoryStep step(Past past, Telling telling) {
    String body = past.after() == null ? past.before() : past.after();
    return new HistoryStep(
        past.seq(),
        past.at(),
        past.by(),
        past.kind().word(),
        past.thingId(),
        name(body, telling.titles()),
        past.before() == null ? "added" : past.after() == null ? "removed" : "changed",
        words(past, telling),
        past.undone());
  }

  private List<String> words(Past past, Telling telling) {
    if (past.before() == null || past.after() == null) {
      return List.of();
    }
    Thing before = read(past, past.before());
    Thing after = read(past, past.after());
    return before instanceof Record was && after instanceof Record is
        ? FieldDifference.between(was, is, telling.currency(), telling.zone())
        : List.of("of an older form");
  }

  private @Nullable Thing read(Past past, String body) {
    try {
      return json.read(body, past.kind().type());
    } catch (JacksonException olderForm) {
      return null;
    }
  }

  /** What tasks and findings are called, by their keys; titles of findings may say amounts. */
  private static Map<String, String> titles(BuildModel build, boolean amounts) {
    Map<String, String> titles = new HashMap<>();
    if (amounts) {
      build.findings().forEach(finding -> titles.put(finding.key(), finding.title()));
    }
    build.parcels().stream()
        .flatMap(parcel -> parcel.lines().stream())
        .forEach(line -> received(line, titles));
    Stream.of(Caution.values()).forEach(each -> titles.put(each.name(), each.title()));
    build.tasks().forEach(task -> titles.put(task.task().key(), task.task().title()));
    return titles;
  }

  /** Marks of what was in a parcel are kept line by line. */
  private static void received(Parcel.Line line, Map<String, String> titles) {
    String title = line.order() == null ? line.need().title() : line.order().title();
    titles.put(line.receiveKey(), title + ", received");
    titles.put(line.need().receiveKey(), line.need().title() + ", received");
  }

  private String name(@Nullable String body, Map<String, String> titles) {
    if (body == null) {
      return "";
    }
    String name = ThingName.of(json.read(body, JsonNode.class));
    return titles.getOrDefault(name, name);
  }
}
