package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Frozen;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.OptionModel;
import emberyard.core.yard.PendingChange;
import emberyard.core.yard.SnapshotDifference;
import emberyard.core.yard.SnapshotDifference.Side;
import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Concept options side by side, and changes to what was frozen. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class OptionController {
  private final ThingStore store;
  private final YardReader yard;
  private final Clock clock;

  OptionController(ThingStore store, YardReader yard, Clock clock) {
    this.store = store;
    this.yard = yard;
    this.clock = clock;
  }

  /**
   * A copy beside the table.
   *
   * @param ofLetter the option it starts from
   */
  record OptionCopy(String ofLetter, String name) {}

  /** An option by its letter. */
  record OptionChoice(String letter) {}

  /** A change that waits for its answer; null when nothing differs from what was frozen. */
  record ChangeView(@Nullable PendingChange pending) {}

  /**
   * The client's answer to a change.
   *
   * @param priceMinor what was agreed for the whole build, null for the derived one
   */
  record ChangeAnswer(String id, boolean accepted, String by, @Nullable Long priceMinor) {}

  @GetMapping("/options")
  List<OptionModel> options(@PathVariable String buildId) {
    YardReader.Reading reading = yard.read();
    return OptionModel.of(reading.build(buildId).build(), reading.plan(), reading.book());
  }

  @PostMapping("/options")
  Versioned<ConceptOption> copy(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody OptionCopy wanted) {
    Build build = yard.read().build(buildId).build();
    ConceptOption copy = DesignDesk.copy(build, wanted.ofLetter(), wanted.name());
    List<Write> writes = List.of(Write.create(buildId, copy));
    return new Versioned<>(store.apply(who.id(), writes).get(0), copy);
  }

  /** Brings another option to the table. */
  @PostMapping("/table")
  void table(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody OptionChoice choice) {
    Build build = yard.read().build(buildId).build();
    store.apply(who.id(), DesignDesk.change(build, choice.letter()));
  }

  @GetMapping("/change-order")
  ChangeView changeOrder(@AuthenticationPrincipal Account who, @PathVariable String buildId) {
    return new ChangeView(pending(yard.read(), buildId, who.owner()));
  }

  /** Yes moves what is frozen to the design; no puts the design back. Both are remembered. */
  @PostMapping("/change-order")
  ChangeView answer(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody ChangeAnswer answer) {
    YardReader.Reading reading = yard.read();
    PendingChange pending = pending(reading, buildId, who.owner());
    store.apply(who.id(), ChangeDesk.answer(reading.build(buildId), pending, answer, clock));
    return new ChangeView(null);
  }

  private static @Nullable PendingChange pending(
      YardReader.Reading reading, String buildId, boolean amounts) {
    return PendingChange.of(
        reading.build(buildId).build(), reading.plan(), reading.book(), amounts);
  }

  /** Any two agreements; the design of today where an id is "now". */
  @GetMapping("/snapshots/difference")
  SnapshotDifference difference(
      @PathVariable String buildId, @RequestParam String from, @RequestParam String to) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    return SnapshotDifference.between(side(reading, build, from), side(reading, build, to));
  }

  private static Side side(YardReader.Reading reading, Build build, String id) {
    Frozen agreed = build.concept().frozen();
    if (id.equals("now") && agreed != null) {
      return Side.now(build, agreed, pending(reading, build.id(), false));
    }
    return build.snapshots().stream()
        .filter(snapshot -> snapshot.id().equals(id))
        .map(snapshot -> Side.of(snapshot.frozen()))
        .findFirst()
        .orElseThrow(() -> new InvalidValue("from", "There is no such snapshot."));
  }
}
