package emberyard.server.yard;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.store.HistoryStore;
import emberyard.server.store.HistoryStore.Past;
import emberyard.server.store.Row;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingName;
import emberyard.server.store.Unreadable;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Keeps one build that can't be derived from taking the others down. Such a build stands in the
 * yard as it last was without what broke it, so that it still holds its people and stations; that
 * state is found by going back through its history.
 */
@Component
class BuildGuard {
  private static final Logger LOG = LoggerFactory.getLogger(BuildGuard.class);

  /** How far back the last good state is looked for. */
  private static final int CHANGES_BACK = 60;

  private final HistoryStore history;
  private final ThingJson json;

  BuildGuard(HistoryStore history, ThingJson json) {
    this.history = history;
    this.json = json;
  }

  /**
   * A build that can't be derived.
   *
   * @param reason a sentence for a builder
   * @param culprits what broke it, with what to put back
   */
  record Broken(String buildId, String name, String reason, List<Culprit> culprits) {
    /** The reason with who changed what. */
    String sentence() {
      String since =
          culprits.isEmpty()
              ? ""
              : " since %s changed “%s”".formatted(culprits.get(0).by(), culprits.get(0).name());
      return "“%s” can't be worked out%s: %s".formatted(name, since, reason);
    }
  }

  /**
   * One thing that breaks its build.
   *
   * @param by who changed it last
   * @param good what it was before, null where it was not there
   */
  record Culprit(ThingKind kind, String id, String name, String by, @Nullable Thing good) {}

  /**
   * @param builds those that derive, and the last good states of the others
   * @param broken by id
   */
  record Sifted(List<Build> builds, Map<String, Broken> broken) {}

  private record Key(ThingKind kind, String id) {}

  /** Which of these builds can be derived; for the others what broke them. */
  Sifted sift(Map<String, List<Row>> rows, WorkshopBook book, Instant minute) {
    List<Build> builds = new ArrayList<>();
    Map<String, Broken> broken = new LinkedHashMap<>();
    rows.forEach(
        (id, ofBuild) -> {
          Map<Key, Thing> now = new LinkedHashMap<>();
          ofBuild.forEach(row -> now.put(new Key(row.kind(), row.id()), row.value()));
          if (ofBuild.stream().anyMatch(row -> row.kind() == ThingKind.BRIEF)) {
            Trial trial = new Trial(book, minute);
            String reason = trial.fault(now.values());
            if (reason == null) {
              builds.add(YardReader.build(List.copyOf(now.values())));
            } else {
              broken.put(id, rewind(id, now, reason, trial, builds));
            }
          }
        });
    return new Sifted(builds, broken);
  }

  /**
   * Builds that can each be derived and not all together, as when their work goes on beyond all
   * years: those that came first stay, the others say why.
   */
  static Sifted together(Sifted apart, WorkshopBook book, Instant minute) {
    List<Build> builds = new ArrayList<>();
    Map<String, Broken> broken = new LinkedHashMap<>(apart.broken());
    for (Build build : apart.builds()) {
      builds.add(build);
      String reason = Trial.fault(builds, book, minute);
      if (reason != null) {
        builds.remove(builds.size() - 1);
        String sentence = "Together with the builds before it: " + reason;
        Broken late = new Broken(build.id(), build.brief().name(), sentence, List.of());
        broken.putIfAbsent(build.id(), late);
      }
    }
    return new Sifted(builds, broken);
  }

  private Broken rewind(
      String id, Map<Key, Thing> now, String reason, Trial trial, List<Build> builds) {
    Map<Key, Past> rewound = new LinkedHashMap<>();
    Map<Key, Thing> then = new LinkedHashMap<>(now);
    boolean good = false;
    for (Past past : history.of(id, Long.MAX_VALUE, CHANGES_BACK)) {
      if (past.undone()) {
        continue;
      }
      Key key = new Key(past.kind(), past.thingId());
      rewound.putIfAbsent(key, past);
      put(then, key, past.before() == null ? null : read(past));
      good = trial.fault(then.values()) == null;
      if (good) {
        break;
      }
    }
    String name = name(now.values());
    LOG.warn("Build {} can't be derived: {}", id, reason);
    if (!good) {
      return new Broken(id, name, reason, List.of());
    }
    List<Culprit> culprits = culprits(now, then, rewound, trial);
    builds.add(YardReader.build(List.copyOf(then.values())));
    return new Broken(id, name, reason, culprits);
  }

  /** What can't be put onto the last good state; all else is put there. */
  private List<Culprit> culprits(
      Map<Key, Thing> now, Map<Key, Thing> then, Map<Key, Past> rewound, Trial trial) {
    List<Culprit> culprits = new ArrayList<>();
    rewound.forEach(
        (key, past) -> {
          Thing good = then.get(key);
          Thing bad = now.get(key);
          if (Objects.equals(good, bad)) {
            return;
          }
          put(then, key, bad);
          if (trial.fault(then.values()) != null) {
            put(then, key, good);
            culprits.add(new Culprit(key.kind(), key.id(), name(past), past.by(), good));
          }
        });
    return culprits;
  }

  private String name(Past past) {
    String body = past.after() == null ? past.before() : past.after();
    String name = body == null ? "" : ThingName.of(json.read(body, JsonNode.class));
    return name.isBlank() ? past.kind().word() : name;
  }

  private static String name(Iterable<Thing> things) {
    for (Thing thing : things) {
      if (thing instanceof Brief brief) {
        return brief.name();
      }
      if (thing instanceof Unreadable brief && brief.kind() == ThingKind.BRIEF) {
        return brief.name();
      }
    }
    throw new IllegalStateException("a build has a brief");
  }

  private static void put(Map<Key, Thing> things, Key key, @Nullable Thing value) {
    if (value == null) {
      things.remove(key);
    } else {
      things.put(key, value);
    }
  }

  private @Nullable Thing read(Past past) {
    try {
      return json.read(past.before(), past.kind().type());
    } catch (RuntimeException olderForm) {
      return null;
    }
  }
}
