package emberyard.server.yard;

import emberyard.core.build.Brief;
import emberyard.core.thing.OwnFields;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.YardPlan;
import emberyard.server.store.BeforeKeeping;
import emberyard.server.store.Row;
import emberyard.server.store.ThingJson;
import emberyard.server.store.Write;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Nothing is kept with which a build can't be worked out: what is stored is checked as deeply as it
 * will be used. A build that can't be worked out as it is may be changed all the same, so that it
 * can be mended.
 */
@Component
class DerivesCheck implements BeforeKeeping {
  private final ThingJson json;
  private final Deriver deriver;

  DerivesCheck(ThingJson json, Deriver deriver) {
    this.json = json;
    this.deriver = deriver;
  }

  @Override
  public void check(List<Write> writes, List<Row> before, List<Row> after) {
    Instant minute = deriver.minute();
    if (after.stream().noneMatch(row -> row.value() instanceof Workshop)) {
      return; // an empty folder: the workshop itself comes with the first act
    }
    Set<String> touched = touched(writes, after);
    if (derives(after, minute, touched)) {
      return;
    }
    WorkshopBook book = book(after).orElseThrow();
    for (String build : touched) {
      String fault = fault(build, after, book, minute);
      if (fault != null && faultless(build, before, minute)) {
        throw new InvalidValue(
            field(writes, before), "With this a build can't be worked out: " + fault);
      }
    }
  }

  /** Whether all builds can be worked out together; what came out is there for who reads next. */
  private boolean derives(List<Row> rows, Instant minute, Set<String> lookedAt) {
    try {
      YardPlan plan = deriver.derive(rows, minute);
      for (String build : lookedAt) {
        BuildModel model = plan.model().builds().get(build);
        if (model != null) {
          model.finish(plan.book());
        }
      }
      return true;
    } catch (RuntimeException oneIsBroken) {
      return false;
    }
  }

  private boolean faultless(String build, List<Row> rows, Instant minute) {
    return book(rows).map(book -> fault(build, rows, book, minute) == null).orElse(true);
  }

  private static @Nullable String fault(
      String build, List<Row> rows, WorkshopBook book, Instant minute) {
    List<Thing> things =
        rows.stream().filter(row -> build.equals(row.buildId())).map(Row::value).toList();
    boolean there = things.stream().anyMatch(Brief.class::isInstance);
    return there ? new Trial(book, minute).fault(things) : null;
  }

  private static Optional<WorkshopBook> book(List<Row> rows) {
    List<Thing> things =
        rows.stream().filter(row -> row.buildId() == null).map(Row::value).toList();
    return things.stream().anyMatch(Workshop.class::isInstance)
        ? Optional.of(YardReader.book(things))
        : Optional.empty();
  }

  /** Builds that are worked out from what is changed; all for a thing of the workshop. */
  private static Set<String> touched(List<Write> writes, List<Row> rows) {
    Set<String> builds = new LinkedHashSet<>();
    boolean workshop = writes.stream().anyMatch(write -> write.buildId() == null);
    if (workshop) {
      rows.stream().map(Row::buildId).filter(Objects::nonNull).forEach(builds::add);
    }
    writes.stream().map(Write::buildId).filter(Objects::nonNull).forEach(builds::add);
    return builds;
  }

  /** The one leaf that is changed, as a path; empty where it is more than one, or a new thing. */
  private String field(List<Write> writes, List<Row> before) {
    if (writes.size() != 1 || writes.get(0).value() == null) {
      return "";
    }
    Write write = writes.get(0);
    List<String> changed = new ArrayList<>();
    before.stream()
        .filter(row -> row.kind() == write.kind() && row.id().equals(write.id()))
        .forEach(row -> changed(json.tree(row.value()), json.tree(write.value()), "", changed));
    changed.removeIf(path -> path.startsWith(OwnFields.FIELD));
    return changed.size() == 1 ? changed.get(0) : "";
  }

  private static void changed(JsonNode was, JsonNode is, String path, List<String> changed) {
    boolean alike =
        was.isObject() && is.isObject() || was.isArray() && is.isArray() && was.size() == is.size();
    if (!alike) {
      if (!was.equals(is)) {
        changed.add(path);
      }
      return;
    }
    String prefix = path.isEmpty() ? "" : path + ".";
    if (is.isObject()) {
      is.properties()
          .forEach(
              field ->
                  changed(
                      was.path(field.getKey()),
                      field.getValue(),
                      prefix + field.getKey(),
                      changed));
    } else {
      for (int i = 0; i < is.size(); i++) {
        changed(was.get(i), is.get(i), prefix + i, changed);
      }
    }
  }
}
