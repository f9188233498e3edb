package emberyard.server.light;

import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SentValue;
import emberyard.core.light.scene.LightFrame;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.table.SafeCell;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a light controller: it plays scenes, the same for the same seed, so that whoever
 * looks may pause and step.
 */
@Component
class LightStandIn {
  /** As many LEDs as a strip of a screen shows. */
  private static final int SHOWN_LEDS = 120;

  private static final int MOST_FRAMES = 200;
  private static final int MOST_ROWS = 300_000;
  private static final long MOST_RECKONED = 2_000_000;

  /** What the controller sends, moment by moment. */
  record ScenePlay(int perSecond, List<PlayFrame> frames) {}

  /**
   * One moment.
   *
   * @param seconds from the start of the scene
   * @param amps of all lights
   */
  record PlayFrame(double seconds, double amps, List<PlayLight> lights) {}

  /**
   * One light at that moment.
   *
   * @param hexes of its LEDs, of many only some, evenly taken
   */
  record PlayLight(String id, List<String> hexes) {}

  /**
   * What is sent in so many moments.
   *
   * @throws InvalidValue where that is more than anybody looks at
   */
  ScenePlay play(List<SceneGlow> glows, double seconds, int count, int perSecond, long seed) {
    Require.between("seconds", seconds, 0, 1e6, "s");
    Require.between("count", count, 1, MOST_FRAMES, "frames");
    Require.between("perSecond", perSecond, 1, 60, "a second");
    Require.that(count * leds(glows) <= MOST_RECKONED, "count", "Fewer frames at once, please.");
    List<PlayFrame> frames = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      frames.add(frame(glows, seconds + (double) i / perSecond, seed));
    }
    return new ScenePlay(perSecond, frames);
  }

  private static long leds(List<SceneGlow> glows) {
    return glows.stream().mapToLong(glow -> glow.glow().leds()).sum();
  }

  private static PlayFrame frame(List<SceneGlow> glows, double seconds, long seed) {
    List<PlayLight> lights = new ArrayList<>();
    double amps = 0;
    for (SceneGlow glow : glows) {
      LightFrame frame = LightFrame.of(glow, seconds, seed);
      amps += frame.amps(glow);
      lights.add(new PlayLight(frame.runId(), frame.hexes(SHOWN_LEDS)));
    }
    return new PlayFrame(seconds, amps, lights);
  }

  /**
   * Time, light, LED and the values that are sent, a row a LED.
   *
   * @throws InvalidValue where that would be too many rows
   */
  String csv(List<SceneGlow> glows, double seconds, int perSecond, long seed) {
    Require.between("seconds", seconds, 0, 600, "s");
    Require.between("perSecond", perSecond, 1, 60, "a second");
    int frames = (int) Math.floor(seconds * perSecond) + 1;
    long rows = frames * leds(glows);
    if (rows > MOST_ROWS) {
      throw new InvalidValue(
          "seconds",
          "That would be %,d rows; at most %,d: fewer seconds, or fewer frames a second."
              .formatted(rows, MOST_ROWS));
    }
    StringBuilder text = new StringBuilder();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader("seconds", "light", "led", "r", "g", "b").get();
    try (CSVPrinter csv = new CSVPrinter(text, format)) {
      for (int i = 0; i < frames; i++) {
        for (SceneGlow glow : glows) {
          rows(csv, glow, (double) i / perSecond, seed);
        }
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }

  private static void rows(CSVPrinter csv, SceneGlow glow, double seconds, long seed)
      throws IOException {
    String name = SafeCell.safe(glow.glow().name());
    int led = 1;
    for (SentValue sent : LightFrame.of(glow, seconds, seed).leds()) {
      csv.printRecord(seconds, name, led++, sent.red(), sent.green(), sent.blue());
    }
  }
}
