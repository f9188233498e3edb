package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Frozen;
import emberyard.core.build.Snapshot;
import emberyard.core.concept.DesignDifference;
import emberyard.core.record.ChangeOrder;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.PendingChange;
import emberyard.server.concept.OptionController.ChangeAnswer;
import emberyard.server.store.Write;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Turns the client's answer to a change into one list of writes, one step of undo. */
final class ChangeDesk {
  private ChangeDesk() {}

  /**
   * Yes moves what is frozen to the design; no puts the design back. Both are remembered.
   *
   * @throws InvalidValue when nothing waits for an answer
   */
  static List<Write> answer(
      BuildModel model, @Nullable PendingChange pending, ChangeAnswer answer, Clock clock) {
    Require.text("id", answer.id());
    Require.text("by", answer.by());
    Build build = model.build();
    Frozen frozen = build.concept().frozen();
    if (pending == null || frozen == null) {
      throw new InvalidValue("accepted", "Nothing waits for an answer: the design is as frozen.");
    }
    long price = answer.priceMinor() == null ? pending.newPriceMinor() : answer.priceMinor();
    List<Write> writes = new ArrayList<>();
    if (answer.accepted()) {
      Frozen moved = ConceptController.frozen(model, answer.by(), price, clock);
      Concept concept = build.concept().with(moved);
      Snapshot snapshot =
          ConceptController.snapshot(concept, moved, "Change agreed: " + first(pending));
      writes.add(Write.overwrite(build.id(), concept));
      writes.add(Write.create(build.id(), snapshot));
    } else {
      writes.addAll(DesignDesk.lay(build, frozen.design()));
      Concept back = build.concept().with(frozen.design().look());
      writes.add(Write.overwrite(build.id(), back));
    }
    ChangeOrder order =
        new ChangeOrder(
            answer.id(),
            DesignDifference.between(frozen.design(), build.design(), ""),
            answer.accepted() ? price - frozen.priceMinor() : pending.deltaMinor(),
            pending.minutesDelta(),
            pending.daysDelta(),
            answer.accepted(),
            answer.by(),
            clock.instant());
    writes.add(Write.create(build.id(), order));
    return writes;
  }

  private static String first(PendingChange pending) {
    String words = pending.differences().get(0);
    int more = pending.differences().size() - 1;
    return more == 0 ? words : "%s and %d more".formatted(words, more);
  }
}
