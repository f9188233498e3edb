package emberyard.server.bench;

import emberyard.core.record.TimeEntry;
import emberyard.core.units.Require;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.GateRule;
import emberyard.core.yard.day.ForgottenClock;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The clock of each person: one runs at most, on whatever device it was started. */
@Component
class ClockDesk {
  private static final String GUESSED = "Ember Yard";
  private static final String FORGOTTEN = "the clock was forgotten";

  private final YardReader yard;
  private final ThingStore store;
  private final ActMoment moments;

  ClockDesk(YardReader yard, ThingStore store, ActMoment moments) {
    this.yard = yard;
    this.store = store;
    this.moments = moments;
  }

  /**
   * Starts this person's clock on a task, and stops the one that ran; sent again, it does nothing.
   */
  synchronized void start(Account who, String buildId, BenchController.ClockStart wanted) {
    Require.text("id", wanted.id());
    if (store.find(TimeEntry.class, wanted.id()).isPresent()) {
      return;
    }
    Instant at = moments.of(wanted.at());
    YardReader.Reading reading = yard.read();
    Refused.when(GateRule.clockRefusal(reading.build(buildId), wanted.taskKey()));
    List<Write> writes = stops(reading, who.personId(), at);
    TimeEntry entry = new TimeEntry(wanted.id(), wanted.taskKey(), who.personId(), at, null);
    writes.add(Write.create(buildId, entry));
    store.apply(who.id(), writes);
  }

  /** Stops whatever clock of this person ran at a moment. */
  synchronized void stop(Account who, @Nullable Instant at) {
    List<Write> writes = stops(yard.read(), who.personId(), moments.of(at));
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
  }

  /** Stops a clock that was forgotten when somebody says it was stopped, with who says so. */
  synchronized void forgotten(Account who, String buildId, BenchController.ClockForgotten said) {
    Require.given("endedAt", said.endedAt());
    TimeEntry runs =
        yard.read().build(buildId).build().times().stream()
            .filter(entry -> entry.id().equals(said.entryId()))
            .findFirst()
            .orElseThrow(() -> new MissingThing("That clock is not in this build."));
    Refused.unless(runs.endedAt() == null, "That clock stands already.");
    Require.that(
        !said.endedAt().isAfter(moments.now()), "endedAt", "It can't have stopped after now.");
    TimeEntry stopped =
        new TimeEntry(
            runs.id(),
            runs.taskKey(),
            runs.personId(),
            runs.startedAt(),
            said.endedAt(),
            who.name(),
            FORGOTTEN);
    store.apply(who.id(), List.of(Write.overwrite(buildId, stopped)));
  }

  /**
   * A line of hours as typed or corrected; who typed it is kept, and nobody types the future. What
   * is sent as it is stored was typed by nobody.
   */
  TimeEntry typed(Account who, TimeEntry entry) {
    if (store.find(TimeEntry.class, entry.id()).map(Versioned::value).equals(Optional.of(entry))) {
      return entry;
    }
    Instant end = entry.endedAt() == null ? entry.startedAt() : entry.endedAt();
    Require.that(
        !end.isAfter(moments.now()), "endedAt", "Hours lie in the past: this ends after now.");
    return new TimeEntry(
        entry.id(),
        entry.taskKey(),
        entry.personId(),
        entry.startedAt(),
        entry.endedAt(),
        who.name(),
        entry.why());
  }

  private List<Write> stops(YardReader.Reading reading, String personId, Instant at) {
    List<Write> writes = new ArrayList<>();
    for (BuildModel model : reading.yard().builds().values()) {
      for (TimeEntry entry : model.build().times()) {
        boolean runs = entry.endedAt() == null && !entry.startedAt().isAfter(at);
        if (runs && entry.personId().equals(personId)) {
          writes.add(Write.overwrite(model.build().id(), stopped(reading, entry, at)));
        }
      }
    }
    return writes;
  }

  /** A clock that was forgotten on another day did not run all night: its end is guessed. */
  TimeEntry stopped(YardReader.Reading reading, TimeEntry entry, Instant at) {
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    return ForgottenClock.of(reading.yard(), reading.book(), moments.now()).stream()
        .filter(each -> each.entry().id().equals(entry.id()))
        .findFirst()
        .map(each -> each.guessed(GUESSED, zone))
        .orElseGet(() -> entry.stopped(at.isBefore(entry.startedAt()) ? entry.startedAt() : at));
  }
}
