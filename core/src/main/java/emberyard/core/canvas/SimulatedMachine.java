package emberyard.core.canvas;

import emberyard.core.canvas.LiveValues.PastValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.rng.simple.RandomSource;

/**
 * A stand-in for a machine that tells how it is: the same for the same seed and moment. Chips
 * follow their watts within seconds, the coolant within minutes; figures of a middling machine, a
 * guess.
 *
 * @param load what it does
 * @param roomCelsius of the air around it, −10 to 60 °C
 * @param seed of its ups and downs
 */
public record SimulatedMachine(Load load, double roomCelsius, long seed) {
  private static final double CHIP_SECONDS = 8;
  private static final double COOLANT_SECONDS = 300;

  /** So long before a moment nothing is felt of any more: six times the coolant's slowness. */
  private static final int FELT_SECONDS = 1_800;

  private static final int PAST_EVERY_SECONDS = 15;
  private static final double PROCESSOR_KELVIN_PER_WATT = 0.22;
  private static final double GRAPHICS_KELVIN_PER_WATT = 0.11;
  private static final double COOLANT_KELVIN_PER_WATT = 0.045;

  /** What a machine does. */
  public enum Load {
    IDLE("idle", 4, 3, 2, 2),
    LOAD("full load", 96, 3, 97, 2),
    GAME("like a game", 38, 18, 84, 13);

    private final String words;
    private final double processor;
    private final double processorSwing;
    private final double graphics;
    private final double graphicsSwing;

    Load(
        String words,
        double processor,
        double processorSwing,
        double graphics,
        double graphicsSwing) {
      this.words = words;
      this.processor = processor;
      this.processorSwing = processorSwing;
      this.graphics = graphics;
      this.graphicsSwing = graphicsSwing;
    }

    public String words() {
      return words;
    }
  }

  public SimulatedMachine {
    Require.given("load", load);
    Require.between("roomCelsius", roomCelsius, -10, 60, "°C");
  }

  /** Names of what it tells, with the unit last. */
  public static List<String> names() {
    return List.copyOf(new SimulatedMachine(Load.IDLE, 20, 1).at(0).keySet());
  }

  /**
   * What it tells.
   *
   * <p>Example: idle in a room of 20 °C its coolant settles under 24 °C, under full load over 35
   * °C.
   *
   * @param seconds since it was started, 0 to 1e9
   */
  public Map<String, Double> at(double seconds) {
    Require.between("seconds", seconds, 0, 1e9, "s");
    return state(seconds).values();
  }

  /** What it told since it was started, every 15 seconds, the latest last. */
  Map<String, List<PastValue>> past(double minutes) {
    Map<String, List<PastValue>> past = new LinkedHashMap<>();
    double end = minutes * 60;
    State state = new State(this, 0);
    for (double second = 0; second <= end; second++) {
      if (second % PAST_EVERY_SECONDS == 0) {
        double ago = (end - second) / 60;
        state
            .values()
            .forEach(
                (name, value) ->
                    past.computeIfAbsent(name, k -> new ArrayList<>())
                        .add(new PastValue(ago, value)));
      }
      state.follow(second);
    }
    return past;
  }

  /** Followed second by second, from rest at its start or from long enough before. */
  private State state(double seconds) {
    double from = Math.max(0, Math.floor(seconds) - FELT_SECONDS);
    State state = new State(this, from);
    for (double second = from; second < seconds; second++) {
      state.follow(second);
    }
    return state;
  }

  /** Between −1 and 1, smooth, of so many seconds' rhythm. */
  private double swing(double second, double rhythm, int which) {
    double place = second / rhythm;
    long left = (long) Math.floor(place);
    double share = place - left;
    double eased = share * share * (3 - 2 * share);
    return chance(left, which) * (1 - eased) + chance(left + 1, which) * eased;
  }

  private double chance(long place, int which) {
    long mixed = seed * 1_000_003 + place * 31 + which;
    return 2 * RandomSource.SPLIT_MIX_64.create(mixed).nextDouble() - 1;
  }

  private double percent(double middle, double swing, double second, int which) {
    double both = 0.7 * swing(second, 23, which) + 0.3 * swing(second, 5, which + 10);
    return Math.max(0, Math.min(100, middle + swing * both));
  }

  /** How warm it is at a moment. */
  private static final class State {
    private final SimulatedMachine machine;
    private double second;
    private double processor;
    private double graphics;
    private double coolant;

    State(SimulatedMachine machine, double second) {
      this.machine = machine;
      this.second = second;
      this.coolant = machine.roomCelsius;
      this.processor = coolant;
      this.graphics = coolant;
    }

    void follow(double now) {
      second = now + 1;
      double towards = machine.roomCelsius + COOLANT_KELVIN_PER_WATT * chips();
      coolant += (towards - coolant) / COOLANT_SECONDS;
      processor +=
          (coolant + PROCESSOR_KELVIN_PER_WATT * processorWatts() - processor) / CHIP_SECONDS;
      graphics += (coolant + GRAPHICS_KELVIN_PER_WATT * graphicsWatts() - graphics) / CHIP_SECONDS;
    }

    private double processorPercent() {
      return machine.percent(machine.load.processor, machine.load.processorSwing, second, 1);
    }

    private double graphicsPercent() {
      return machine.percent(machine.load.graphics, machine.load.graphicsSwing, second, 2);
    }

    private double processorWatts() {
      return 18 + 1.1 * processorPercent();
    }

    private double graphicsWatts() {
      return 15 + 2.2 * graphicsPercent();
    }

    private double chips() {
      return processorWatts() + graphicsWatts();
    }

    Map<String, Double> values() {
      Map<String, Double> values = new LinkedHashMap<>();
      values.put("processor.percent", tenth(processorPercent()));
      values.put("processor.celsius", tenth(processor));
      values.put("graphics.percent", tenth(graphicsPercent()));
      values.put("graphics.celsius", tenth(graphics));
      values.put("coolant.celsius", tenth(coolant));
      values.put("memory.percent", tenth(28 + 0.3 * processorPercent()));
      values.put("fans.rpm", (double) Math.round(500 + 45 * Math.max(0, coolant - 26)));
      values.put("machine.watts", (double) Math.round(45 + chips()));
      values.put("room.celsius", tenth(machine.roomCelsius + 0.2 * machine.swing(second, 90, 7)));
      values.put(
          "frames.perSecond",
          machine.load == Load.GAME ? (double) Math.round(150 - graphicsPercent()) : 0);
      return values;
    }

    private static double tenth(double value) {
      return Math.round(value * 10) / 10.0;
    }
  }
}
