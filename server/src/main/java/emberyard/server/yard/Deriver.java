package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.YardPlan;
import emberyard.server.store.Row;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Derives the yard from what is stored. A build whose things are the same objects as before is the
 * same object too, and so is the workshop: of those nothing is derived again.
 */
@Component
class Deriver {
  /** A build, or the workshop, put together from these things. */
  private record Made<T>(List<Thing> things, T whole) {}

  /** Everything derived from these things at this minute. */
  private record Derived(
      List<Thing> things,
      Instant minute,
      YardPlan plan,
      Made<WorkshopBook> workshop,
      Map<String, Made<Build>> builds) {}

  /** So old may what is shown be while a new minute is worked out. */
  private static final Duration OLDEST = Duration.ofMinutes(2);

  private final Clock clock;
  private volatile @Nullable Derived last;

  Deriver(Clock clock) {
    this.clock = clock;
  }

  /** The minute that a change is worked out for: that of the last plan, unless that is too old. */
  Instant minute() {
    Derived known = last;
    return known == null || old(known.minute) ? thisMinute() : known.minute;
  }

  Instant thisMinute() {
    return clock.instant().truncatedTo(ChronoUnit.MINUTES);
  }

  boolean old(Instant minute) {
    return Duration.between(minute, thisMinute()).abs().compareTo(OLDEST) > 0;
  }

  /**
   * The yard of these rows, which holds all that is shown but what is drawn when somebody looks.
   *
   * @throws RuntimeException where one of the builds can't be derived
   */
  YardPlan derive(List<Row> rows, Instant minute) {
    Derived before = last;
    List<Thing> things = rows.stream().map(Row::value).toList();
    if (before != null && before.minute.equals(minute) && same(before.things, things)) {
      return before.plan;
    }
    List<Thing> ofWorkshop = new ArrayList<>();
    Map<String, List<Row>> places = YardReader.perBuild(rows);
    rows.stream().filter(row -> row.buildId() == null).map(Row::value).forEach(ofWorkshop::add);
    Made<WorkshopBook> workshop =
        before != null && same(before.workshop.things, ofWorkshop)
            ? before.workshop
            : new Made<>(ofWorkshop, YardReader.book(ofWorkshop));
    Map<String, Made<Build>> builds = new LinkedHashMap<>();
    places.forEach(
        (id, its) -> {
          // a removed build leaves its other things behind until undo; without brief it is not
          // shown
          if (its.stream().anyMatch(row -> row.kind() == ThingKind.BRIEF)) {
            builds.put(
                id,
                made(
                    before == null ? null : before.builds.get(id),
                    its.stream().map(Row::value).toList()));
          }
        });
    List<Build> all = builds.values().stream().map(Made::whole).toList();
    YardPlan plan =
        before == null
            ? YardPlan.of(all, workshop.whole, minute)
            : before.plan.changed(all, workshop.whole, minute);
    plan.model();
    last = new Derived(things, minute, plan, workshop, builds);
    return plan;
  }

  private static Made<Build> made(@Nullable Made<Build> before, List<Thing> things) {
    return before != null && same(before.things, things)
        ? before
        : new Made<>(things, YardReader.build(things));
  }

  /** The same objects in the same order. */
  static boolean same(List<?> some, List<?> others) {
    if (some.size() != others.size()) {
      return false;
    }
    for (int i = 0; i < some.size(); i++) {
      if (some.get(i) != others.get(i)) {
        return false;
      }
    }
    return true;
  }
}
