package emberyard.server.light;

import emberyard.core.build.LightCircuit;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Movement;
import emberyard.core.build.Rail;
import emberyard.core.build.RunFeed;
import emberyard.core.build.ThingLink;
import emberyard.core.colour.Colour;
import emberyard.core.glow.Glow;
import emberyard.core.glow.SceneGlow;
import emberyard.core.glow.SceneLight;
import emberyard.core.glow.SentValue;
import emberyard.core.light.run.Dots;
import emberyard.core.light.run.Run;
import emberyard.core.light.run.RunModel;
import emberyard.core.light.run.VoltDrop;
import emberyard.core.light.scene.CameraView;
import emberyard.core.light.scene.MergedPair;
import emberyard.core.light.scene.PaletteInScene;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The calculators of light runs and scenes. */
@Component
class GlowCalculator {
  /** A light run in one colour. */
  record RunAsked(
      @Schema(description = "How long it is, mm", minimum = "5", maximum = "20000") double lengthMm,
      @Nullable
          @Schema(description = "LEDs a metre, 60 if left out", minimum = "1", maximum = "500")
          Double ledsPerMetre,
      @Nullable @Schema(description = "5 V if left out") Rail rail,
      @Nullable @Schema(description = "Each by itself at 5 V, all alike at 12 V if left out")
          LightCircuit circuit,
      @Nullable
          @Schema(
              description = "Of a LED at full white, mA; 60 if left out",
              minimum = "0.1",
              maximum = "200")
          Double milliampsPerLed,
      @Nullable @Schema(description = "Of a dark LED, mA", minimum = "0", maximum = "20")
          Double idleMilliamps,
      @Nullable @Schema(description = "#RRGGBB, white if left out") String colour,
      @Nullable @Schema(description = "%, all of it if left out", minimum = "0", maximum = "100")
          Double brightnessPercent,
      @Nullable
          @Schema(
              description = "Both conductors, Ω/m; 0.25 if left out",
              minimum = "0",
              maximum = "20")
          Double ohmPerMetre,
      @Schema(description = "Where its current goes in, at its start if left out")
          RunFeed.@Nullable At fedAt,
      @Nullable
          @Schema(
              description = "How many feeds, from two on at both ends; 1 if left out",
              minimum = "1",
              maximum = "20")
          Integer feeds,
      @Nullable
          @Schema(
              description = "Lead of each feed, mm; 500 if left out",
              minimum = "0",
              maximum = "30000")
          Double leadMm,
      @Nullable
          @Schema(
              description = "Its cross-section, mm²; 0.5 if left out",
              minimum = "0.05",
              maximum = "10")
          Double leadMm2,
      @Nullable
          @Schema(
              description = "At the source, V; the rail less 5 % if left out",
              minimum = "3",
              maximum = "15")
          Double sourceVolts) {}

  /**
   * What a light run draws and has left.
   *
   * @param sent to each LED at full brightness, 0 to 255
   * @param milliamps of one LED
   * @param leastVolts that the worst LED needs
   * @param feedAmps into each feed
   * @param fuseAmps for a feed from a supply's lead, null where no usual one is large enough
   * @param onHeader whether a header of 3 A gives it
   * @param againMm how far apart feeds may be, behindMm behind the last one; null where nothing
   *     flows
   */
  record RunAnswer(
      int leds,
      SentValue sent,
      double milliamps,
      double amps,
      double watts,
      double worstVolts,
      double leastVolts,
      List<VoltDrop.LowStretch> low,
      List<Double> feedAmps,
      @Nullable Double fuseAmps,
      boolean onHeader,
      @Nullable Double againMm,
      @Nullable Double behindMm) {}

  /** A row of LEDs behind something. */
  record DotsAsked(
      @Schema(description = "From LED to LED, mm", minimum = "0.1", maximum = "1000")
          double pitchMm,
      @Schema(description = "To what spreads the light, mm", minimum = "0", maximum = "1000")
          double distanceMm) {}

  /**
   * What one sees of single LEDs.
   *
   * @param unevenPercent (most − least) ÷ (most + least)
   * @param line whether it reads as a line
   * @param lineMm from which distance it does
   */
  record DotsAnswer(double unevenPercent, boolean line, double lineMm) {}

  /** A room, colours in it, and lights. */
  record SceneAsked(
      @Schema(description = "Light in the room, lx", minimum = "0", maximum = "5000")
          double roomLux,
      @Schema(description = "Colours as they are by day, #RRGGBB, the base first")
          List<String> palette,
      @Nullable @Schema(description = "What shines") List<AskedLight> lights,
      @Nullable
          @Schema(
              description = "The brightest light area at full, cd/m²",
              minimum = "1",
              maximum = "1000000")
          Double candelas) {}

  /** One light. */
  record AskedLight(
      @Schema(description = "#RRGGBB") String colour,
      @Nullable @Schema(description = "%, all of it if left out", minimum = "0", maximum = "100")
          Double brightnessPercent,
      @Nullable
          @Schema(description = "How many LEDs, 1 if left out", minimum = "1", maximum = "20000")
          Integer leds) {}

  /**
   * What becomes of them.
   *
   * @param light that falls beside the lights, its brightest channel at full
   * @param seen the colours in it
   * @param merged pairs that can't be told apart any more
   * @param baseCandelas of the first colour in the room
   * @param mostCandelas that a light area may have on camera
   * @param mostPercent how bright the one that was asked about may be, null without one
   */
  record SceneAnswer(
      String light,
      List<String> seen,
      List<MergedPair> merged,
      double baseCandelas,
      double mostCandelas,
      @Nullable Double mostPercent) {}

  RunAnswer run(RunAsked asked) {
    Rail rail = or(asked.rail(), Rail.V5);
    LightStrip strip =
        LightStrip.one("run", "run", asked.lengthMm())
            .ledsPerMetre(or(asked.ledsPerMetre(), 60.0))
            .rail(rail)
            .circuit(asked.circuit())
            .milliampsPerLed(or(asked.milliampsPerLed(), 60.0))
            .idleMilliamps(asked.idleMilliamps())
            .ohmPerMetre(asked.ohmPerMetre())
            .feed(LightStrip.Feed.SUPPLY_LEAD)
            .fed(
                new RunFeed(
                    asked.fedAt(),
                    asked.feeds(),
                    asked.leadMm(),
                    asked.leadMm2(),
                    asked.sourceVolts()))
            .build();
    Colour colour = asked.colour() == null ? Colour.WHITE : Colour.hex("colour", asked.colour());
    double brightness = percent(asked.brightnessPercent());
    double amps = Glow.of(strip).amps(colour, brightness);
    Run run = new Run(strip, List.of(new Run.Load(null, null, amps)), null);
    RunModel model = RunModel.of(run);
    VoltDrop drop = run.drop(run.worst());
    return new RunAnswer(
        strip.leds(),
        SentValue.of(colour),
        strip.leds() == 0 ? 0 : amps * 1_000 / strip.leds(),
        amps,
        amps * rail.volts(),
        drop.worst(),
        model.leastVolts(),
        drop.below(model.leastVolts()),
        drop.feedAmps(),
        model.fuseAmps(),
        amps <= LightStrip.HEADER_AMPS,
        model.againMm(),
        model.behindMm());
  }

  DotsAnswer dots(DotsAsked asked) {
    double uneven = Dots.unevenPercent(asked.pitchMm(), asked.distanceMm());
    return new DotsAnswer(uneven, uneven < Dots.LINE_PERCENT, Dots.lineMm(asked.pitchMm()));
  }

  SceneAnswer scene(SceneAsked asked) {
    Require.between("roomLux", asked.roomLux(), 0, 5_000, "lx");
    List<Colour> palette =
        Require.each("palette", asked.palette(), (hex, i) -> Colour.hex("colour", hex));
    Require.between("palette", palette.size(), 1, 20, "colours");
    Require.between("lights", Require.list(asked.lights()).size(), 0, 200, "lights");
    List<SceneGlow> glows = Require.each("lights", asked.lights(), (each, i) -> glow(each, i));
    Colour light = PaletteInScene.light(SceneLight.room(asked.roomLux()), glows);
    PaletteInScene seen = PaletteInScene.of(palette, light);
    double base = CameraView.baseCandelas(palette.get(0).luminance(), asked.roomLux());
    double most = CameraView.STOPS_TIMES * base;
    Double candelas = asked.candelas();
    if (candelas != null) {
      Require.between("candelas", candelas, 1, 1_000_000, "cd/m²");
    }
    return new SceneAnswer(
        light.hex(),
        seen.seen().stream().map(Colour::hex).toList(),
        seen.merged(),
        base,
        most,
        candelas == null ? null : (Double) CameraView.mostPercent(candelas, most));
  }

  private static SceneGlow glow(AskedLight asked, int index) {
    Colour colour = Colour.hex("colour", asked.colour());
    int leds = or(asked.leds(), 1);
    Require.between("leds", leds, 1, 20_000, "LEDs");
    Glow glow =
        new Glow(
            new ThingLink("strips", "light " + index),
            "light",
            leds,
            Rail.V5,
            LightCircuit.ADDRESSABLE,
            60,
            1,
            colour,
            false,
            true);
    return new SceneGlow(glow, colour, percent(asked.brightnessPercent()), Movement.STILL, 0, true);
  }

  private static double percent(@Nullable Double percent) {
    return Require.between("brightnessPercent", or(percent, 100.0), 0, 100, "%") / 100;
  }

  private static <T> T or(@Nullable T given, T usual) {
    return given == null ? usual : given;
  }
}
