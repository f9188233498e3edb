package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Frozen;
import emberyard.core.build.Size;
import emberyard.core.build.Snapshot;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Enquiry;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.Moved;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardBasket;
import emberyard.server.api.MoneyVeil;
import emberyard.server.yard.SectionsView.Json;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Hands out sections of a build: what is held already, or is still as it was, costs nothing. */
@Component
class SectionDesk {
  private final YardReader reader;
  private final SectionTexts texts;
  private final MoneyVeil veil;
  private final Clock clock;

  SectionDesk(YardReader reader, SectionTexts texts, MoneyVeil veil, Clock clock) {
    this.reader = reader;
    this.texts = texts;
    this.veil = veil;
    this.clock = clock;
  }

  /**
   * What is small and seen everywhere.
   *
   * @param outer what the faces are drawn to, null where nobody said
   * @param overall the same with components that stick out
   * @param enquiry what it would hold, null once it is agreed
   * @param moved other builds whose dates moved when this one was changed last
   * @param putAside ids of the designs that are not on the table, by letter
   */
  record Head(
      @Nullable Size outer,
      @Nullable Size overall,
      double hardwareMassKg,
      Fuse fuse,
      @Nullable Enquiry enquiry,
      List<TaskModel> next,
      List<Moved> moved,
      Map<String, String> putAside) {}

  /**
   * A task and whether it is done, not when it is planned: that moves with other work.
   *
   * @param doneAt null while it is open
   */
  record Marked(Task task, @Nullable LocalDateTime doneAt) {
    static Marked of(TaskModel model) {
      return new Marked(model.task(), model.doneAt());
    }
  }

  /** What was agreed and may be looked at again. */
  record Agreed(@Nullable Frozen frozen, List<Snapshot> snapshots) {}

  /**
   * @param owner whether for somebody who sees money
   * @param tagsHeld of each section that is there already {@code word:tag}
   */
  SectionsView of(String buildId, boolean owner, Set<Section> wanted, List<String> tagsHeld) {
    Map<String, String> there = held(tagsHeld);
    YardReader.Reading reading = reader.read();
    MoneySight sight = new MoneySight(reading.build(buildId), owner);
    Map<String, String> tags = new LinkedHashMap<>();
    Map<String, Json> whole = new LinkedHashMap<>();
    Map<String, Map<String, Json>> changes = new LinkedHashMap<>();
    for (Section section : wanted) {
      SectionTexts.Written written =
          texts.of(
              new SectionTexts.Key(buildId, section, owner),
              madeOf(section, reading, sight.model()),
              () -> veil.seenBy(owner, value(section, reading, sight)));
      SectionText text = written.text();
      String held = there.get(section.word());
      tags.put(section.word(), text.tag());
      if (!text.tag().equals(held)) {
        written
            .tagged(held)
            .map(text::since)
            .ifPresentOrElse(
                changed -> changes.put(section.word(), json(changed)),
                () -> whole.put(section.word(), new Json(text.whole())));
      }
    }
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    LocalDateTime now =
        LocalDateTime.ofInstant(clock.instant(), zone).truncatedTo(ChronoUnit.MINUTES);
    return new SectionsView(
        reading.revision(), now, reading.versions(buildId), tags, whole, changes);
  }

  private static Map<String, Json> json(Map<String, String> texts) {
    Map<String, Json> json = new LinkedHashMap<>();
    texts.forEach((name, text) -> json.put(name, new Json(text)));
    return json;
  }

  private static Map<String, String> held(List<String> held) {
    Map<String, String> tags = new HashMap<>();
    for (String each : held) {
      String[] parts = each.split(":", -1);
      if (parts.length != 2) {
        throw new InvalidValue("held", "What is held is given as word:tag.");
      }
      tags.put(parts[0], parts[1]);
    }
    return tags;
  }

  /** Objects that are the same as long as the section is. */
  private static List<?> madeOf(Section section, YardReader.Reading reading, BuildModel model) {
    return switch (section) {
      case HEAD -> List.of(model, reading);
      case BUILD, AGREED -> List.of(model.build());
      case INTERVIEW -> List.of(model.interview());
      case COVERAGE -> List.of(model.coverage(), model.build());
      case PARTS -> List.of(model.parts());
      case MAKE -> List.of(model.make());
      case FINISH -> List.of(model.schemes(), model.treated(), model.needs(), reading.book());
      case FIT -> List.of(model.fit());
      case WIRING -> List.of(model.wiring());
      case GLOW -> List.of(model.glow());
      case TASKS, MAKE_TASKS, FINISH_TASKS -> List.of(model.tasks());
      case NEEDS -> List.of(model.needs());
      case ORDERED -> List.of(model.ordered());
      case BASKET -> List.of(reading);
      case BUDGET -> List.of(model.budget());
      case FINDINGS -> List.of(model.findings(), model.chain(), model.build());
      case CHAIN -> List.of(model.chain());
    };
  }

  private static @Nullable Object value(
      Section section, YardReader.Reading reading, MoneySight sight) {
    BuildModel model = sight.model();
    return switch (section) {
      case HEAD -> head(reading, model);
      case BUILD -> typed(sight.build());
      case AGREED ->
          new Agreed(model.build().concept().frozen(), model.build().things().of(Snapshot.class));
      case INTERVIEW -> model.interview();
      case COVERAGE -> sight.coverage();
      case PARTS -> model.parts();
      case MAKE -> model.make();
      case FINISH -> model.finish(reading.book());
      case FIT -> model.fit();
      case WIRING -> model.wiring();
      case GLOW -> model.glow();
      case TASKS -> model.tasks();
      case MAKE_TASKS -> byThing(tasks(model, Stage.MAKE)).map(Marked::of).toList();
      case FINISH_TASKS -> tasks(model, Stage.FINISH).toList();
      case NEEDS -> model.needs();
      case ORDERED -> model.ordered();
      case BASKET ->
          YardBasket.of(reading.yard(), model.build().id(), reading.book(), reading.today());
      case BUDGET -> sight.owner() ? model.budget() : null;
      case FINDINGS -> sight.findings();
      case CHAIN -> model.chain();
    };
  }

  private static Stream<TaskModel> tasks(BuildModel model, Stage stage) {
    return model.tasks().stream().filter(each -> each.task().stage() == stage);
  }

  /** In an order that does not change with the plan, but for the tasks of one part. */
  private static Stream<TaskModel> byThing(Stream<TaskModel> tasks) {
    return tasks.sorted(
        Comparator.comparing(
            each -> each.task().thingId(), Comparator.nullsFirst(Comparator.naturalOrder())));
  }

  private static Head head(YardReader.Reading reading, BuildModel model) {
    Build build = model.build();
    Map<String, String> putAside = new LinkedHashMap<>();
    build.things().of(ConceptOption.class).forEach(each -> putAside.put(each.letter(), each.id()));
    return new Head(
        build.outerSize(),
        model.fit().overall(build),
        model.hardwareMassKg(),
        model.fuse(),
        model.enquiry(),
        model.next(),
        reading.movedBy(build.id()),
        putAside);
  }

  /** Without the designs that were frozen or put aside: each is as large as the build itself. */
  private static Build typed(Build build) {
    Concept concept = build.concept();
    Concept open =
        new Concept(concept.id(), concept.look(), null, concept.letter(), concept.name());
    return new Build(build.brief(), open, build.things())
        .with(ConceptOption.class, List.of())
        .with(Snapshot.class, List.of());
  }
}
