package emberyard.server.yard;

import emberyard.core.build.Build;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.YardPlan;
import emberyard.server.store.Unreadable;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Derives a build alone, with all that its screens show, to see whether that can be done. */
record Trial(WorkshopBook book, Instant minute) {
  private static final Logger LOG = LoggerFactory.getLogger(Trial.class);

  /** Why these things make no build; null when they do. */
  @Nullable String fault(Iterable<Thing> things) {
    List<Thing> all = new ArrayList<>();
    things.forEach(all::add);
    for (Thing thing : all) {
      if (thing instanceof Unreadable unreadable) {
        return "“%s”: %s".formatted(unreadable.name(), unreadable.reason());
      }
    }
    try {
      return fault(List.of(YardReader.build(all)), book, minute);
    } catch (InvalidValue invalid) {
      return invalid.getMessage();
    }
  }

  /** Why these builds can't be derived together; null when they can. */
  static @Nullable String fault(List<Build> builds, WorkshopBook book, Instant minute) {
    try {
      YardPlan.of(builds, book, minute)
          .model()
          .builds()
          .values()
          .forEach(model -> model.finish(book)); // worked out when somebody looks
      return null;
    } catch (InvalidValue invalid) {
      return invalid.getMessage();
    } catch (RuntimeException broken) {
      LOG.warn("A build can't be worked out", broken);
      return "a figure in it is out of all bounds.";
    }
  }
}
