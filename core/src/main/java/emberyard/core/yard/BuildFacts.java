package emberyard.core.yard;

import emberyard.core.brief.Facts;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Measure;
import emberyard.core.build.Screen;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.build.Unweighed;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.fit.stability.Balance;
import emberyard.core.money.Budget;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Collects from all capabilities what requirements are held against. */
final class BuildFacts {
  private BuildFacts() {}

  static Facts of(BuildRecord record, Budget budget, @Nullable LocalDateTime finish) {
    Build build = record.build();
    List<Facts.Present> things = new ArrayList<>();
    for (Elevation face : record.derived().design().looks().faces()) {
      if (face.shown()) {
        face.items().forEach(drawn -> things.add(present(face, drawn)));
      }
    }
    return new Facts(
        values(record, budget, finish),
        atLeast(build),
        things,
        record.derived().design().looks().surfaces(),
        links(build, record),
        !record.derived().design().looks().faces().isEmpty(),
        supports(record),
        waiting(record));
  }

  /** What each support carries at worst; of two of one name the more laden. */
  private static Map<String, Double> supports(BuildRecord record) {
    Balance balance = record.derived().design().fit().model().stability().balance();
    Map<String, Double> supports = new HashMap<>();
    if (balance != null) {
      balance.loads().forEach(load -> supports.merge(load.name(), load.worstKg(), Math::max));
    }
    return supports;
  }

  /** A dark screen answers nothing. */
  private static Map<String, String> waiting(BuildRecord record) {
    Map<String, String> waiting = new HashMap<>();
    for (Screen screen : record.build().screens()) {
      if (record.derived().design().wiring().darkScreens().containsKey(screen.id())) {
        waiting.put("screens/" + screen.id(), screen.name() + " stays dark");
      }
    }
    return waiting;
  }

  private static Facts.Present present(Elevation face, ElevationItem drawn) {
    String id = drawn.of() == null ? drawn.id() : drawn.of().id();
    return new Facts.Present(id, drawn.name(), drawn.kind(), drawn.material(), face.face());
  }

  private static Map<Measure, Double> values(
      BuildRecord record, Budget budget, @Nullable LocalDateTime finish) {
    Build build = record.build();
    Map<Measure, Double> values = new EnumMap<>(Measure.class);
    if (!build.components().isEmpty()) {
      values.put(Measure.STORAGE_GB, sum(build, Component::storageGb));
      values.put(Measure.MEMORY_GB, sum(build, Component::memoryGb));
      values.put(Measure.MASS_KG, record.derived().design().fit().massKg());
      values.put(Measure.TOTAL_MINOR, (double) budget.countedForecastMinor());
    }
    if (!build.screens().isEmpty()) {
      values.put(Measure.SCREENS, (double) build.screens().size());
    }
    sizes(record, values);
    if (build.brief().revealedOn() != null) {
      values.put(Measure.REVEAL_DAY, (double) build.brief().revealedOn().toEpochDay());
    } else if (finish != null && designed(build)) {
      values.put(Measure.REVEAL_DAY, (double) finish.toLocalDate().toEpochDay());
    }
    return values;
  }

  /** What has no weight, or no size of its storage yet, can only add to the sums. */
  private static Set<Measure> atLeast(Build build) {
    Set<Measure> partly = EnumSet.noneOf(Measure.class);
    if (!Unweighed.of(build).isEmpty()) {
      partly.add(Measure.MASS_KG);
      partly.add(Measure.SUPPORT_KG);
    }
    for (Component c : build.components()) {
      if (c.kind() == ComponentKind.DRIVE && c.storageGb() == null) {
        partly.add(Measure.STORAGE_GB);
      }
      if (c.kind() == ComponentKind.MEMORY && c.memoryGb() == null) {
        partly.add(Measure.MEMORY_GB);
      }
    }
    return partly;
  }

  /** With what sticks out of the enclosure. */
  private static void sizes(BuildRecord record, Map<Measure, Double> values) {
    Size size = record.derived().design().fit().model().overall(record.build());
    if (size != null) {
      values.put(Measure.WIDTH_MM, size.widthMm());
      values.put(Measure.HEIGHT_MM, size.heightMm());
      values.put(Measure.DEPTH_MM, size.depthMm());
    }
  }

  /** While nothing is to be made or bought, the day of the plan says nothing. */
  private static boolean designed(Build build) {
    return !build.panels().isEmpty()
        || build.components().stream().anyMatch(each -> each.source() == Source.BUY);
  }

  private static double sum(Build build, Function<Component, @Nullable Double> of) {
    return build.components().stream()
        .mapToDouble(c -> of.apply(c) == null ? 0 : of.apply(c) * c.quantity())
        .sum();
  }

  private static Set<String> links(Build build, BuildRecord record) {
    Set<String> links = new HashSet<>();
    add(links, "components", build.components().stream().map(each -> each.id()));
    add(links, "panels", build.panels().stream().map(each -> each.id()));
    add(links, "schemes", build.schemes().stream().map(each -> each.id()));
    add(links, "treatments", build.treatments().stream().map(each -> each.id()));
    add(links, "outside-finishes", build.outsideFinishes().stream().map(each -> each.id()));
    add(
        links,
        "screens",
        build.screens().stream()
            .map(Screen::id)
            .filter(id -> !waiting(record).containsKey("screens/" + id)));
    add(links, "strips", build.strips().stream().map(each -> each.id()));
    add(links, "enclosures", build.enclosures().stream().map(each -> each.id()));
    add(links, "loops", build.loops().stream().map(each -> each.id()));
    add(links, "worksheets", build.worksheets().stream().map(each -> each.id()));
    add(links, "items", build.items().stream().map(each -> each.id()));
    add(links, "photos", build.photos().stream().map(each -> each.id()));
    add(links, "tasks", record.done().keySet().stream());
    return links;
  }

  private static void add(Set<String> links, String kind, Stream<String> ids) {
    ids.forEach(id -> links.add(kind + "/" + id));
  }
}
