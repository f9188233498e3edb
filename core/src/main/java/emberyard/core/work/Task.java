package emberyard.core.work;

import emberyard.core.finding.Caution;
import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param windows in which it has to be begun, empty for any time
 * @param gate whether a person has to record a yes or no with a name
 */
@RecordBuilder
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
    List<BeginWindow> windows,
    boolean gate,
    List<Caution> cautions,
    Why why,
    DayPaces paces)
    implements TaskBuilder.With {
  public Task {
    Objects.requireNonNull(key);
    Objects.requireNonNull(stage);
    after = List.copyOf(after);
    windows = List.copyOf(windows);
    cautions = List.copyOf(cautions);
  }

  /** A plain interruptible bench step without wait. */
  public static Task of(String key, String title, Stage stage, int handsOnMinutes, Why why) {
    return TaskBuilder.builder()
        .key(key)
        .title(title)
        .stage(stage)
        .handsOnMinutes(handsOnMinutes)
        .waitingFor("")
        .after(List.of())
        .interruptible(true)
        .windows(List.of())
        .cautions(List.of())
        .why(why)
        .paces(DayPaces.USUAL)
        .build();
  }

  public Task about(String thing) {
    return withThingId(thing);
  }

  public Task behind(List<String> keys) {
    List<String> all = new ArrayList<>(after);
    keys.stream().filter(key -> !all.contains(key)).forEach(all::add);
    return withAfter(all);
  }

  public Task behind(String... keys) {
    return behind(List.of(keys));
  }

  /** The same task with these and no other tasks before it. */
  public Task onlyBehind(List<String> keys) {
    return withAfter(keys.stream().distinct().toList());
  }

  public Task at(StationKind place) {
    return withStation(place);
  }

  public Task thenWaits(int minutes, String what) {
    return with().waitMinutes(minutes).waitingFor(what).build();
  }

  public Task holding() {
    return withHoldsStation(true);
  }

  public Task inOneGo() {
    return withInterruptible(false);
  }

  public Task asGate() {
    return withGate(true);
  }

  public Task notBefore(LocalDateTime moment) {
    return withEarliest(moment);
  }

  /** The same step, to be begun in this window. */
  public Task within(BeginWindow window) {
    List<BeginWindow> all = new ArrayList<>(windows);
    all.add(window);
    return withWindows(all);
  }

  public Task saying(List<Caution> what) {
    return withCautions(what);
  }

  /** The same step in air that changes from day to day. */
  public Task in(DayPaces days) {
    return withPaces(days);
  }

  /** When its wait is over if its hands-on time ends here. */
  public LocalDateTime waitEnds(LocalDateTime handsOnEnd) {
    return paces.end(handsOnEnd, waitMinutes);
  }
}
