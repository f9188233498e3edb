package emberyard.server.finish;

import emberyard.core.build.Scheme;
import emberyard.core.finish.Drying;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The schemes of a build, and the drying calculator. */
@RestController
class FinishController {
  private static final double MOST_MINUTES = 1_000_000;

  private final ThingApi things;

  FinishController(ThingApi things) {
    this.things = things;
  }

  /** A time on the can, and the air of the room. */
  record DryingQuestion(
      @Schema(description = "Air of the room, °C", minimum = "-10", maximum = "60")
          double temperatureC,
      @Schema(description = "Relative humidity, %", minimum = "1", maximum = "100")
          double humidityPercent,
      @Schema(description = "solvent, enamel, waterborne or two_pack") String base,
      @Schema(description = "Time at 20 °C and 50 %, minutes", minimum = "0", maximum = "1000000")
          double minutes) {}

  /** The time in that air. */
  record DryingAnswer(
      @Schema(description = "Multiplies every time on the can") double factor,
      @Schema(description = "Time in this air, minutes") double minutes,
      @Schema(description = "Below this, water settles, °C") double dewPointC,
      @Schema(description = "Whether one may spray") boolean sprayable,
      @Schema(description = "Why not, one sentence each") List<String> reasons) {}

  @PutMapping("/api/builds/{buildId}/schemes/{id}")
  Kept<Scheme> putScheme(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Scheme value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PostMapping("/api/calc/finish/drying")
  DryingAnswer drying(@RequestBody DryingQuestion asked) {
    Require.between("minutes", asked.minutes(), 0, MOST_MINUTES, "min");
    Drying drying =
        Drying.in(
            new RoomClimate(asked.temperatureC(), asked.humidityPercent()), base(asked.base()));
    return new DryingAnswer(
        drying.factor(),
        asked.minutes() * drying.factor(),
        drying.dewPointC(),
        drying.sprayable(),
        drying.reasons());
  }

  private static PaintBase base(@Nullable String name) {
    String word =
        Require.text("base", name).toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
    return switch (word) {
      case "SOLVENT", "SOLVENT_LACQUER", "LACQUER" -> PaintBase.SOLVENT;
      case "ENAMEL" -> PaintBase.ENAMEL;
      case "WATERBORNE", "WATER_BORNE", "WATER" -> PaintBase.WATERBORNE;
      case "TWO_PACK", "TWOPACK" -> PaintBase.TWO_PACK;
      default ->
          throw new InvalidValue(
              "base",
              "“%s” is no known base: solvent, enamel, waterborne or two_pack.".formatted(name));
    };
  }
}
