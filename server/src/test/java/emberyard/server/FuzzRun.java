package emberyard.server;

import emberyard.core.kind.ThingKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A run of odd values against a yard of its own. */
final class FuzzRun {
  private static final List<String> ALL =
      List.of("/api/yard", "/api/builds/" + FuzzYard.BUILD, "/api/bench", "/api/workshop");

  private final Random random;
  private final int tries;
  final List<String> broken = new ArrayList<>();
  final Set<String> hit = new TreeSet<>();
  private FuzzDocument document;
  final Set<String> all = new TreeSet<>();
  int accepted;
  int refused;
  double slowestMs;
  String slowest = "";

  /** Something whose body is sent with one value changed. */
  private record Target(String name, String schema, JsonNode base, Send send) {}

  private interface Send {
    Client.Answer of(JsonNode body);
  }

  FuzzRun(long seed, int tries) {
    this.random = new Random(seed);
    this.tries = tries;
  }

  /** Tries each place in turn; the places of all runs together are covered evenly. */
  FuzzRun go(int offset) {
    try (FuzzYard yard = new FuzzYard()) {
      document = new FuzzDocument(yard.owner.get("/api/openapi").text());
      FuzzMutation mutation = new FuzzMutation(document, random);
      List<Place> places = new ArrayList<>();
      for (Target target : targets(yard, document)) {
        document.learn(target.base, target.schema);
        document.leaves(target.schema).forEach(leaf -> places.add(new Place(target, leaf)));
      }
      places.forEach(place -> all.add(place.name()));
      Collections.shuffle(places, new Random(0));
      for (int i = 0; i < tries; i++) {
        Place place = places.get((offset + i) % places.size());
        hit.add(place.name());
        attempt(yard, place, mutation);
      }
    }
    return this;
  }

  private record Place(Target target, FuzzLeaf leaf) {
    String name() {
      return target.name + " " + leaf.path();
    }
  }

  private void attempt(FuzzYard yard, Place place, FuzzMutation mutation) {
    Target target = place.target;
    FuzzMutation.Changed changed = mutation.at(place.leaf, target.base, target.schema);
    String what =
        "%s %s: %s -> %s"
            .formatted(
                target.name,
                changed.pointer(),
                shortened(changed.oldValue()),
                shortened(changed.newValue()));
    long began = System.nanoTime();
    try {
      Client.Answer answer = target.send.of(changed.body());
      double ms = (System.nanoTime() - began) / 1e6;
      if (ms > slowestMs) {
        slowestMs = ms;
        slowest = what;
      }
      judge(yard, target, changed, what, answer);
    } catch (RuntimeException gone) {
      broken.add(what + " no answer: " + gone);
    }
  }

  private void judge(
      FuzzYard yard,
      Target target,
      FuzzMutation.Changed changed,
      String what,
      Client.Answer answer) {
    if (answer.status() == 200) {
      accepted++;
      if (!target.name.startsWith("/api/calc")) {
        for (String path : ALL) {
          int status = yard.owner.get(path).status();
          if (status != 200) {
            broken.add(what + " then " + path + " " + status);
          }
        }
        int back = target.send.of(target.base).status();
        if (back != 200) {
          broken.add(what + " can't be taken back: " + back);
        }
      }
      return;
    }
    refused++;
    String reason = new FuzzJudge(document, target.schema).fault(answer, changed);
    if (!reason.isEmpty()) {
      broken.add(what + " " + reason);
    }
  }

  private static String shortened(JsonNode value) {
    String text = value.toString();
    return text.length() < 60 ? text : text.substring(0, 50) + "… (" + text.length() + ")";
  }

  private static List<Target> targets(FuzzYard yard, FuzzDocument document) {
    List<Target> targets = new ArrayList<>();
    for (Map.Entry<ThingKind, List<DemoYard.Stored>> each : yard.things().entrySet()) {
      ThingKind kind = each.getKey();
      String start = kind.ofBuild() ? "/api/builds/{buildId}/" : "/api/workshop/";
      boolean put = document.canBePut(start + kind.word() + "/{id}");
      for (DemoYard.Stored thing : each.getValue()) {
        JsonNode base = thing.json();
        Send send = put ? putting(yard, kind, thing.id()) : otherwise(yard, kind, thing.id());
        targets.add(new Target(kind.word(), kind.type().getSimpleName(), base, send));
      }
    }
    for (String path : document.calculators()) {
      targets.add(
          new Target(
              path,
              document.bodyOf(path),
              document.exampleOf(path),
              body -> yard.owner.post(path, body.toString())));
    }
    return targets;
  }

  private static Send putting(FuzzYard yard, ThingKind kind, String id) {
    String place = kind.ofBuild() ? "/api/builds/" + FuzzYard.BUILD : "/api/workshop";
    String key = kind.word() + "/" + id;
    return body -> {
      Client.Answer answer =
          yard.owner.put(place + "/" + key, body.toString(), yard.versions().get(key));
      if (answer.status() == 200) {
        yard.versions().put(key, answer.json().path("version").asLong());
      }
      return answer;
    };
  }

  /** What is never typed comes in with a build; of the workshop, by what is pressed. */
  private static Send otherwise(FuzzYard yard, ThingKind kind, String id) {
    return kind == ThingKind.OWN_DAY
        ? body -> yard.owner.post("/api/bench/hours", body.toString())
        : importing(yard, kind, id);
  }

  private static Send importing(FuzzYard yard, ThingKind kind, String id) {
    ObjectNode file =
        (ObjectNode)
            JsonMapper.shared()
                .readTree(yard.owner.get("/api/builds/" + FuzzYard.BUILD + "/export").text());
    ObjectNode entry =
        (ObjectNode)
            file.path("things")
                .valueStream()
                .filter(each -> each.path("kind").asString().equals(kind.word()))
                .filter(each -> each.path("value").path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    return body -> {
      entry.set("value", body);
      Client.Answer answer = yard.owner.post("/api/import?existing=REPLACE", file.toString());
      if (answer.status() == 200) {
        yard.readVersions();
      }
      return answer;
    };
  }
}
