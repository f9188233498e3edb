package emberyard.core.light.run;

import emberyard.core.build.DesignLists;
import emberyard.core.build.LaidRun;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Rail;
import emberyard.core.build.RunFeed;
import emberyard.core.build.Scene;
import emberyard.core.glow.Glow;
import emberyard.core.glow.SceneGlow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A light run with what it draws in each scene, at full white while there is none.
 *
 * @param loads at least one
 * @param laid where it lies, null while it is on no face
 */
public record Run(LightStrip strip, List<Load> loads, @Nullable LaidRun laid) {
  /** Most that the print of a strip carries from a feed, A (handbook, light runs). */
  public static final double PRINT_AMPS = 3;

  /** A rail under load where nobody has measured it. */
  private static final double USUAL_SHARE = 0.95;

  /** Below this at 5 V white turns yellow (handbook). */
  private static final double LEAST_V5 = 4.5;

  /** What may be lost at 12 V. */
  private static final double LOST_V12 = 0.6;

  /**
   * What it draws at once.
   *
   * @param scene null for full white
   * @param glow what the scene makes of it, null for full white
   */
  public record Load(@Nullable Scene scene, @Nullable SceneGlow glow, double amps) {
    /** “show”, or full white. */
    public String words() {
      return scene == null ? "at full white" : "in “%s”".formatted(scene.name());
    }
  }

  /** All runs of a build. */
  public static List<Run> of(DesignLists design) {
    return design.strips().stream()
        .map(
            strip ->
                new Run(
                    strip, loads(strip, design.scenes()), LaidRun.of(design, strip).orElse(null)))
        .toList();
  }

  private static List<Load> loads(LightStrip strip, List<Scene> scenes) {
    Glow glow = Glow.of(strip);
    if (scenes.isEmpty()) {
      return List.of(new Load(null, null, glow.fullAmps()));
    }
    List<Load> loads = new ArrayList<>();
    for (Scene scene : scenes) {
      SceneGlow told = SceneGlow.of(glow, scene);
      loads.add(new Load(scene, told, told.amps()));
    }
    return loads;
  }

  /** The one that asks most. */
  public Load worst() {
    return loads.stream().max(Comparator.comparingDouble(Load::amps)).orElseThrow();
  }

  /** At its source under load, V. */
  public double sourceVolts() {
    Double measured = strip.feeding().sourceVolts();
    return measured == null ? strip.rail().volts() * USUAL_SHARE : measured;
  }

  /** The least at any of its LEDs, V. */
  public double leastVolts() {
    return strip.rail() == Rail.V5 ? LEAST_V5 : sourceVolts() - LOST_V12;
  }

  /** Of one feed's lead, Ω. */
  public double leadOhm() {
    return VoltDrop.leadOhm(strip.feeding().leadMm(), strip.feeding().leadMm2());
  }

  /** Volts along it under a load, as it is fed. */
  public VoltDrop drop(Load load) {
    return drop(load.amps(), strip.feeding());
  }

  /** Volts along it, fed otherwise. */
  public VoltDrop drop(double amps, RunFeed feed) {
    return new VoltDrop(
        amps,
        strip.lengthMm(),
        strip.loopOhmPerMetre(),
        feed.placesMm(strip.lengthMm()),
        VoltDrop.leadOhm(feed.leadMm(), feed.leadMm2()),
        sourceVolts());
  }

  /** Whether all of it has enough under a current, fed so. */
  public boolean enough(double amps, RunFeed feed) {
    return drop(amps, feed).worst() >= leastVolts() - 1e-9;
  }

  /** Whether its print bears what comes in at each feed. */
  public boolean printBears(double amps, RunFeed feed) {
    return drop(amps, feed).mostFeedAmps() <= PRINT_AMPS + 1e-9;
  }

  /** The fewest places to feed it at that are enough and that its print bears. */
  public Optional<RunFeed> feeds(double amps) {
    RunFeed now = strip.feeding();
    return IntStream.rangeClosed(now.feeds() + 1, RunFeed.MOST_FEEDS)
        .mapToObj(now::at)
        .filter(feed -> enough(amps, feed) && printBears(amps, feed))
        .findFirst();
  }

  /** From LED to LED, mm. */
  public double pitchMm() {
    return strip.leds() < 2 ? strip.lengthMm() : strip.lengthMm() / strip.leds();
  }

  /** The fuse at its source: none on a header, which has its own limit. */
  public Optional<Double> fuseAmps() {
    return strip.onHeader() ? Optional.empty() : Fuse.amps(drop(worst()).mostFeedAmps());
  }
}
