package emberyard.core.light.run;

import emberyard.core.build.LaidRun;
import emberyard.core.build.LightStrip;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A light run to be shown.
 *
 * @param leds whole ones
 * @param lengthMm as it is laid
 * @param laid where, in words; empty while it is on no face
 * @param follows whether its length follows from where it is laid
 * @param leastVolts at any LED
 * @param feedsMm where it is fed, from its start
 * @param fuseAmps at its source, null on a header or where none is large enough
 * @param againMm how far apart feeds may be under the scene that asks most; behindMm how far it may
 *     go on behind the last one; null where nothing flows
 * @param unevenPercent what one sees of single LEDs, null without a distance
 * @param lineMm from which distance it reads as a line
 * @param curves one a scene, of full white where there is none
 */
public record RunModel(
    String id,
    String name,
    int leds,
    double lengthMm,
    String laid,
    boolean follows,
    double sourceVolts,
    double leastVolts,
    List<Double> feedsMm,
    @Nullable Double fuseAmps,
    @Nullable Double againMm,
    @Nullable Double behindMm,
    @Nullable Double unevenPercent,
    double lineMm,
    List<RunCurve> curves,
    Why why) {
  private static final int POINTS = 60;

  /**
   * Volts along it in one scene.
   *
   * @param sceneId empty for full white
   * @param volts at even steps from its start to its end
   * @param low where there is too little
   */
  public record RunCurve(
      String sceneId,
      String name,
      double amps,
      double watts,
      double worstVolts,
      List<Double> volts,
      List<VoltDrop.LowStretch> low) {}

  public static RunModel of(Run run) {
    LightStrip strip = run.strip();
    LaidRun laid = run.laid();
    double ampsPerMetre = run.worst().amps() / strip.lengthMm() * 1_000;
    double spare = run.sourceVolts() - run.worst().amps() * run.leadOhm() - run.leastVolts();
    boolean flows = ampsPerMetre > 0 && strip.loopOhmPerMetre() > 0;
    Double distance = strip.diffuserMm();
    return new RunModel(
        strip.id(),
        strip.name(),
        strip.leds(),
        strip.lengthMm(),
        laid == null ? "" : words(laid),
        laid != null && laid.given(),
        run.sourceVolts(),
        run.leastVolts(),
        strip.feeding().placesMm(strip.lengthMm()),
        run.fuseAmps().orElse(null),
        flows
            ? (Double) VoltDrop.mostBetweenMm(ampsPerMetre, strip.loopOhmPerMetre(), spare)
            : null,
        flows ? (Double) VoltDrop.mostBehindMm(ampsPerMetre, strip.loopOhmPerMetre(), spare) : null,
        distance == null || distance == 0
            ? null
            : (Double) Dots.unevenPercent(run.pitchMm(), distance),
        Dots.lineMm(run.pitchMm()),
        run.loads().stream().map(load -> curve(run, load)).toList(),
        why(run));
  }

  private static RunCurve curve(Run run, Run.Load load) {
    VoltDrop drop = run.drop(load);
    List<Double> volts = new ArrayList<>();
    for (int i = 0; i <= POINTS; i++) {
      volts.add(drop.at(run.strip().lengthMm() * i / POINTS));
    }
    return new RunCurve(
        load.scene() == null ? "" : load.scene().id(),
        load.scene() == null ? "full white" : load.scene().name(),
        load.amps(),
        load.amps() * run.strip().rail().volts(),
        drop.worst(),
        volts,
        drop.below(run.leastVolts()));
  }

  private static String words(LaidRun laid) {
    String face = laid.item().face().words();
    if (laid.item().along() == null) {
      return "on the " + face;
    }
    return "along the %s of the %s"
        .formatted(
            laid.item().along().edges().stream()
                .map(edge -> edge.words())
                .collect(Collectors.joining(", ")),
            face);
  }

  private static Why why(Run run) {
    LightStrip strip = run.strip();
    return Why.of(
        "volts at the source − current × lead (2 × length × 0.0175 ÷ cross-section) − current × Ω/m along the strip, its load spread evenly",
        "source %s V%s"
            .formatted(
                Figures.plain(run.sourceVolts()),
                strip.feeding().sourceVolts() == null
                    ? " (rail less 5 %, default)"
                    : " (measured)"),
        "%d LEDs, %s mA at full white, %s mA when dark"
            .formatted(
                strip.leds(),
                Figures.plain(strip.milliampsPerLed()),
                Figures.plain(strip.idling())),
        "strip %s Ω/m, both conductors%s"
            .formatted(
                Figures.plain(strip.loopOhmPerMetre()),
                strip.ohmPerMetre() == null ? " (default)" : ""),
        "lead %s of %s mm² at each feed%s"
            .formatted(
                Figures.mm(strip.feeding().leadMm()),
                Figures.plain(strip.feeding().leadMm2()),
                strip.fed() == null ? " (default)" : ""),
        "at the worst LED %s V at least".formatted(Figures.plain(run.leastVolts())));
  }
}
