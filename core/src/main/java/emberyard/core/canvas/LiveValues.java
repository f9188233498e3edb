package emberyard.core.canvas;

import emberyard.core.build.Canvas;
import emberyard.core.build.ReadOut;
import emberyard.core.build.ReadOutKind;
import emberyard.core.build.ReadOutTable;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the feed of a machine said last.
 *
 * @param values by name
 * @param clock the time of the day where it stands
 * @param since when the feed stopped, as it is written; empty while it runs
 */
public record LiveValues(Map<String, LiveValue> values, LocalTime clock, String since) {
  private static final long SEED = 1;
  private static final double ROOM_CELSIUS = 22;
  private static final LocalTime SAMPLE_CLOCK = LocalTime.of(20, 15);
  private static final double SAMPLE_MINUTES = 20;
  private static final double SAMPLE_SHARE = 0.6;
  private static final Map<String, LiveValue> SAMPLE_MACHINE = sampleMachine();

  public LiveValues {
    values = Map.copyOf(values);
  }

  /**
   * One value.
   *
   * @param number NaN where it is words
   * @param words empty where it is a number
   * @param past what it was, the latest last; the last is what it is now
   */
  public record LiveValue(double number, String words, List<PastValue> past) {
    public LiveValue {
      past = List.copyOf(past);
    }

    public static LiveValue of(double number, List<PastValue> past) {
      return new LiveValue(number, "", past);
    }

    public static LiveValue of(String words) {
      return new LiveValue(Double.NaN, words, List.of());
    }
  }

  /** What a value was. */
  public record PastValue(double minutesAgo, double number) {}

  /** Before anybody has said anything. */
  public static LiveValues none(LocalTime clock) {
    return new LiveValues(Map.of(), clock, "");
  }

  /**
   * So that a canvas can be looked at before there is a machine: twenty minutes of the simulated
   * one under a load like a game's, a quarter past eight in the evening; what it doesn't know
   * stands at 60 % of its scale.
   */
  public static LiveValues sample(Canvas canvas) {
    Map<String, LiveValue> values = new HashMap<>(SAMPLE_MACHINE);
    for (ReadOut readOut : canvas.readOuts()) {
      double low = readOut.lowest() == null ? 0 : readOut.lowest();
      double high = readOut.highest() == null ? low + 100 : readOut.highest();
      values.putIfAbsent(readOut.source(), flat(low + SAMPLE_SHARE * (high - low)));
      if (readOut.kind() == ReadOutKind.STATUS_LIST) {
        for (ReadOutTable.Watched each : ReadOutTable.watched(readOut.table())) {
          double from = each.from() == null ? 0 : each.from();
          double to = each.to() == null ? from + 100 : each.to();
          values.putIfAbsent(each.source(), flat((from + to) / 2));
        }
      }
    }
    values.remove("");
    return new LiveValues(values, SAMPLE_CLOCK, "");
  }

  private static Map<String, LiveValue> sampleMachine() {
    Map<String, LiveValue> values = new HashMap<>();
    new SimulatedMachine(SimulatedMachine.Load.GAME, ROOM_CELSIUS, SEED)
        .past(SAMPLE_MINUTES)
        .forEach((name, past) -> values.put(name, last(past)));
    return Map.copyOf(values);
  }

  private static LiveValue last(List<PastValue> past) {
    return LiveValue.of(past.get(past.size() - 1).number(), past);
  }

  private static LiveValue flat(double number) {
    List<PastValue> past = new ArrayList<>();
    for (double ago = SAMPLE_MINUTES; ago >= 0; ago--) {
      past.add(new PastValue(ago, number));
    }
    return LiveValue.of(number, past);
  }

  /** A number; nothing where the feed has none of that name. */
  public Optional<Double> number(String source) {
    return Optional.ofNullable(values.get(source))
        .map(LiveValue::number)
        .filter(number -> !number.isNaN());
  }

  /** Words; empty where the feed has none of that name. */
  public String words(String source) {
    LiveValue value = values.get(source);
    return value == null ? "" : value.words();
  }

  /** What a value was, the latest last. */
  public List<PastValue> past(String source) {
    LiveValue value = values.get(source);
    return value == null ? List.of() : value.past();
  }
}
