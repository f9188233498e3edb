package emberyard.core.build;

import emberyard.core.finding.Caution;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One step of work, derived from the design or added by hand.
 *
 * @param key stable, made from what it comes from: {@code part:7/cut}
 * @param thingId what it is about, null for the build
 * @param waitMinutes runs day and night after the hands-on time
 * @param waitingFor what the wait is, empty without one
 * @param after keys that must be finished first
 * @param station what it occupies, null for nothing
 * @param holdsStation whether the wait keeps the station
 * @param interruptible whether closing time may split it
 * @param earliest not before this moment, null for any
 * @param paces how the wait runs on single days, and on which days it can't be worked on
 * @param gate whether a person has to record a yes or no with a name
 */
public record Task(
    String key,
    String title,
    Stage stage,
    @Nullable String thingId,
    int handsOnMinutes,
    int waitMinutes,
    String waitingFor,
    List<String> after,
    @Nullable StationKind station,
    boolean holdsStation,
    boolean interruptible,
    @Nullable LocalDateTime earliest,
    boolean gate,
    List<Caution> cautions,
    Why why,
    DayPaces paces) {
  public Task {
    Objects.requireNonNull(key);
    Objects.requireNonNull(stage);
    after = List.copyOf(after);
    cautions = List.copyOf(cautions);
  }

  /** A plain interruptible bench step without wait. */
  public static Task of(String key, String title, Stage stage, int handsOnMinutes, Why why) {
    return new Task(
        key,
        title,
        stage,
        null,
        handsOnMinutes,
        0,
        "",
        List.of(),
        null,
        false,
        true,
        null,
        false,
        List.of(),
        why,
        DayPaces.USUAL);
  }

  public Task about(String thing) {
    return copy(thing, waitMinutes, waitingFor, after, station, holdsStation, interruptible, gate);
  }

  public Task behind(List<String> keys) {
    List<String> all = new ArrayList<>(after);
    keys.stream().filter(key -> !all.contains(key)).forEach(all::add);
    return copy(thingId, waitMinutes, waitingFor, all, station, holdsStation, interruptible, gate);
  }

  public Task behind(String... keys) {
    return behind(List.of(keys));
  }

  /** The same task with these and no other tasks before it. */
  public Task onlyBehind(List<String> keys) {
    List<String> once = keys.stream().distinct().toList();
    return copy(thingId, waitMinutes, waitingFor, once, station, holdsStation, interruptible, gate);
  }

  public Task at(StationKind place) {
    return copy(thingId, waitMinutes, waitingFor, after, place, holdsStation, interruptible, gate);
  }

  public Task thenWaits(int minutes, String what) {
    return copy(thingId, minutes, what, after, station, holdsStation, interruptible, gate);
  }

  public Task holding() {
    return copy(thingId, waitMinutes, waitingFor, after, station, true, interruptible, gate);
  }

  public Task inOneGo() {
    return copy(thingId, waitMinutes, waitingFor, after, station, holdsStation, false, gate);
  }

  public Task asGate() {
    return copy(
        thingId, waitMinutes, waitingFor, after, station, holdsStation, interruptible, true);
  }

  public Task notBefore(LocalDateTime moment) {
    return new Task(
        key,
        title,
        stage,
        thingId,
        handsOnMinutes,
        waitMinutes,
        waitingFor,
        after,
        station,
        holdsStation,
        interruptible,
        moment,
        gate,
        cautions,
        why,
        paces);
  }

  public Task saying(List<Caution> what) {
    return new Task(
        key,
        title,
        stage,
        thingId,
        handsOnMinutes,
        waitMinutes,
        waitingFor,
        after,
        station,
        holdsStation,
        interruptible,
        earliest,
        gate,
        what,
        why,
        paces);
  }

  /** The same step in air that changes from day to day. */
  public Task in(DayPaces days) {
    return new Task(
        key,
        title,
        stage,
        thingId,
        handsOnMinutes,
        waitMinutes,
        waitingFor,
        after,
        station,
        holdsStation,
        interruptible,
        earliest,
        gate,
        cautions,
        why,
        days);
  }

  /** When its wait is over if its hands-on time ends here. */
  public LocalDateTime waitEnds(LocalDateTime handsOnEnd) {
    return paces.end(handsOnEnd, waitMinutes);
  }

  private Task copy(
      @Nullable String thing,
      int wait,
      String what,
      List<String> before,
      @Nullable StationKind place,
      boolean holds,
      boolean splits,
      boolean isGate) {
    return new Task(
        key,
        title,
        stage,
        thing,
        handsOnMinutes,
        wait,
        what,
        before,
        place,
        holds,
        splits,
        earliest,
        isGate,
        cautions,
        why,
        paces);
  }
}
