package emberyard.core.yard;

import emberyard.core.bench.AssembleWork;
import emberyard.core.bench.TaskLog;
import emberyard.core.brief.Interview;
import emberyard.core.build.Build;
import emberyard.core.concept.ConceptWork;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.Parcel;
import emberyard.core.work.Task;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What was derived from a build together with what was recorded about it. */
record BuildRecord(
    Build build,
    Derivation derived,
    Map<String, TaskLog> logs,
    Map<String, LocalDateTime> done,
    Map<String, Task> byKey) {
  private static final int LEAST_LEFT_MINUTES = 5;

  static BuildRecord of(Build build, Derivation derived, Instant now, ZoneId zone) {
    Map<String, Task> byKey = new HashMap<>();
    derived.tasks().forEach(task -> byKey.put(task.key(), task));
    Set<String> keys = new LinkedHashSet<>(byKey.keySet());
    build.times().forEach(entry -> keys.add(entry.taskKey()));
    build.marks().forEach(mark -> keys.add(mark.taskKey()));
    Map<String, TaskLog> logs = new HashMap<>();
    Map<String, LocalDateTime> done = new HashMap<>();
    for (String key : keys) {
      TaskLog log = TaskLog.of(build, key, now);
      logs.put(key, log);
      if (log.doneAt() != null) {
        done.put(key, LocalDateTime.ofInstant(log.doneAt(), zone));
      }
    }
    if (derived.design().interview().complete()) {
      done.putIfAbsent(Interview.AGREE, build.brief().begunOn().atStartOfDay());
    }
    if (build.concept().frozen() != null) {
      done.putIfAbsent(Interview.AGREE, build.brief().begunOn().atStartOfDay());
      done.put(ConceptWork.CHOOSE, LocalDateTime.ofInstant(build.concept().frozen().at(), zone));
    }
    for (Parcel parcel : derived.parcels()) {
      Set<String> lines = parcel.keys();
      logs.put(parcel.key(), TaskLog.of(build, parcel.key(), lines, now));
      logs.keySet().removeAll(lines);
      done.remove(parcel.key());
      if (parcel.checkedOn() != null) {
        done.put(parcel.key(), parcel.checkedOn().atTime(12, 0));
      }
    }
    boardsThatAreIn(derived, done);
    BuildRecord record = new BuildRecord(build, derived, logs, done, byKey);
    derived.tasks().forEach(record::startWait);
    return record;
  }

  /** The same as of another moment: only what is on the clock is less or more then. */
  BuildRecord asOf(Instant moment, ZoneId zone) {
    boolean running = build.times().stream().anyMatch(entry -> entry.endedAt() == null);
    return running ? of(build, derived, moment, zone) : this;
  }

  /** When something was recorded about a build's work. */
  static Stream<Instant> moments(Build build) {
    return Stream.of(
            build.times().stream().map(TimeEntry::startedAt),
            build.times().stream().map(TimeEntry::endedAt),
            build.marks().stream().map(TaskMark::at))
        .flatMap(Function.identity())
        .filter(Objects::nonNull);
  }

  /** What sits on a board was put on it by the time the board went in, said or not. */
  private static void boardsThatAreIn(Derivation derived, Map<String, LocalDateTime> done) {
    derived.tasks().stream()
        .filter(task -> task.after().contains(AssembleWork.ON_BOARD))
        .map(task -> done.get(task.key()))
        .filter(Objects::nonNull)
        .min(Comparator.naturalOrder())
        .ifPresent(in -> done.putIfAbsent(AssembleWork.ON_BOARD, in));
  }

  /** A wait without hands-on time begins by itself when all before it is finished. */
  private void startWait(Task task) {
    if (task.handsOnMinutes() > 0 || done.containsKey(task.key()) || task.after().isEmpty()) {
      return;
    }
    LocalDateTime begins = null;
    for (String key : task.after()) {
      LocalDateTime doneAt = done.get(key);
      if (doneAt == null) {
        return;
      }
      boolean cut = logs.get(key).passedOver();
      LocalDateTime finished = cut ? doneAt : byKey.get(key).waitEnds(doneAt);
      begins = begins == null || finished.isAfter(begins) ? finished : begins;
    }
    done.put(task.key(), begins);
  }

  /**
   * Whether the build holds people and stations: its brief is answered or talked through, its
   * concept frozen, something ordered, or work begun. Until then it was only asked about.
   */
  boolean agreed() {
    return done.containsKey(Interview.AGREE)
        || !build.orders().isEmpty()
        || build.times().stream().anyMatch(entry -> !entry.taskKey().equals(Interview.AGREE))
        || build.marks().stream().anyMatch(mark -> !mark.taskKey().equals(Interview.AGREE));
  }

  /** Who worked last on a step whose key begins like this, null where nobody has. */
  @Nullable String lastHand(String keyBegins) {
    return build.times().stream()
        .filter(entry -> entry.taskKey().startsWith(keyBegins))
        .max(Comparator.comparing(TimeEntry::startedAt))
        .map(TimeEntry::personId)
        .orElse(null);
  }

  @Nullable LocalDateTime doneAt(String key) {
    return done.get(key);
  }

  @Nullable LocalDateTime waitsUntil(Task task) {
    LocalDateTime doneAt = done.get(task.key());
    boolean over = doneAt == null || task.waitMinutes() == 0 || logs.get(task.key()).passedOver();
    return over ? null : task.waitEnds(doneAt);
  }

  /** Whether a task is in the schedule: open, or done and still waiting. */
  boolean stillPlanned(String key, LocalDateTime clock) {
    Task task = byKey.get(key);
    if (task == null) {
      return false;
    }
    LocalDateTime waitsUntil = waitsUntil(task);
    return done.get(key) == null || (waitsUntil != null && waitsUntil.isAfter(clock));
  }

  /**
   * Whether something of a task begins or ends between two moments with nobody at work: a wait that
   * is over by then, or one that nothing else has to be finished for.
   */
  boolean goesOnByItself(Task task, LocalDateTime from, LocalDateTime until) {
    if (done.containsKey(task.key())) {
      LocalDateTime waitsUntil = waitsUntil(task);
      return waitsUntil != null && waitsUntil.isAfter(from) && !waitsUntil.isAfter(until);
    }
    boolean held = task.earliest() != null && !task.earliest().isBefore(until);
    return from.isBefore(until)
        && remaining(task) == 0
        && !held
        && task.after().stream().noneMatch(key -> stillPlanned(key, from));
  }

  /**
   * Hands-on minutes left: what somebody said is left, else planned less logged; never under five
   * while it is not done.
   */
  int remaining(Task task) {
    if (done.containsKey(task.key())) {
      return 0;
    }
    TaskLog log = logs.get(task.key());
    long left =
        log.leftMinutes() != null
            ? log.leftMinutes()
            : task.handsOnMinutes() - log.attemptMinutes();
    return (int) Math.max(Math.min(LEAST_LEFT_MINUTES, task.handsOnMinutes()), left);
  }

  /** Keys with a record whose cause has gone from the design. */
  List<String> gone() {
    return logs.keySet().stream().filter(key -> !byKey.containsKey(key)).sorted().toList();
  }
}
