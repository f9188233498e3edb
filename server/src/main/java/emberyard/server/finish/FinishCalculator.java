package emberyard.server.finish;

import emberyard.core.colour.Colour;
import emberyard.core.finish.coat.CoatWindow;
import emberyard.core.finish.coat.Drying;
import emberyard.core.finish.coat.PaintQuantity;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.optic.Calibration;
import emberyard.core.finish.optic.CoatCount;
import emberyard.core.finish.optic.Coating;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.RoomClimate;
import emberyard.server.api.HeavyWork;
import emberyard.server.yard.YardReader;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Calculators for finishes: coats, hiding, quantity, drying, windows, layers and their order. */
@Component
class FinishCalculator {
  private static final double MOST_MINUTES = 1_000_000;

  private final YardReader yard;
  private final HeavyWork heavy;

  FinishCalculator(YardReader yard, HeavyWork heavy) {
    this.yard = yard;
    this.heavy = heavy;
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

  /** A paint by its colour and hiding. */
  record PaintAsked(
      @Schema(description = "#RRGGBB") String colour,
      @Schema(
              description = "One coat: Y over black ÷ Y over 80 % white",
              minimum = "0.005",
              maximum = "0.999")
          double contrastRatio) {
    Coating coating() {
      return Require.inside(
          "paint", () -> Coating.paint("paint", Colour.hex("colour", colour), contrastRatio));
    }
  }

  /** How many coats of a paint over a ground. */
  record CoatsAsked(
      PaintAsked paint,
      @Schema(description = "#RRGGBB") String ground,
      @Nullable
          @Schema(
              description = "ΔE00; careful 1.5, quick 2.5",
              minimum = "0.1",
              maximum = "20",
              defaultValue = "1.5")
          Double tolerance) {}

  /** A test card. */
  record CardAsked(
      @Schema(description = "#RRGGBB") String colour,
      @Schema(minimum = "1", maximum = "20") int coatsOverBlack,
      @Nullable @Schema(minimum = "0.3", maximum = "10", defaultValue = "1.5") Double tolerance) {}

  /** The hiding that a card shows. */
  record CardAnswer(double contrastRatio) {}

  /** An area to be painted. */
  record QuantityAsked(
      @Schema(description = "One side, m²", minimum = "0", maximum = "1000") double areaM2,
      @Schema(minimum = "1", maximum = "40") int coats,
      @Schema(description = "Dry film of a coat, µm", minimum = "1", maximum = "500")
          double dryFilmUm,
      @Schema(description = "Solids by volume", minimum = "0.02", maximum = "1") double solids,
      @Nullable
          @Schema(
              description = "Share that lands: aerosol 0.6, small gun 0.65, brush 0.95",
              minimum = "0.1",
              maximum = "1",
              defaultValue = "0.6")
          Double transfer,
      @Nullable @Schema(minimum = "10", maximum = "20000", defaultValue = "400") Double packMl,
      @Nullable @Schema(description = "Rim, mm", minimum = "0") Double perimeterMm,
      @Nullable @Schema(description = "mm", minimum = "0") Double thicknessMm) {}

  /** How much it takes. */
  record QuantityAnswer(
      @Schema(description = "Edges added, m²") double areaM2,
      @Schema(description = "Wet, one coat") double mlPerM2,
      @Schema(description = "Wet, all coats") double ml,
      int cans) {}

  /** One coat with its times at 20 °C and 50 %. */
  record WindowCoat(
      @Schema(description = "solvent, enamel, waterborne or two_pack") String base,
      @Nullable @Schema(description = "As soon as it may where it is left out")
          LocalDateTime startAt,
      @Nullable @Schema(defaultValue = "15") Integer sprayMinutes,
      int flashMinutes,
      int recoatFromMinutes,
      @Nullable @Schema(description = "0 for any time", defaultValue = "0")
          Integer recoatUntilMinutes,
      double handleHours,
      double cureHours) {
    CoatWindow.CoatAsked asked() {
      return new CoatWindow.CoatAsked(
          FinishCalculator.baseOf(base),
          startAt,
          sprayMinutes == null ? 15 : sprayMinutes,
          flashMinutes,
          recoatFromMinutes,
          recoatUntilMinutes == null ? 0 : recoatUntilMinutes,
          handleHours,
          cureHours);
    }
  }

  /** Coats and the air by the hour. */
  record WindowAsked(
      LocalDateTime start, List<WindowCoat> coats, List<CoatWindow.AirHour> weather) {}

  DryingAnswer drying(DryingQuestion asked) {
    Require.between("minutes", asked.minutes(), 0, MOST_MINUTES, "min");
    Drying drying =
        Drying.in(
            new RoomClimate(asked.temperatureC(), asked.humidityPercent()), baseOf(asked.base()));
    return new DryingAnswer(
        drying.factor(),
        asked.minutes() * drying.factor(),
        drying.dewPointC(),
        drying.sprayable(),
        drying.reasons());
  }

  CoatCount coats(CoatsAsked asked) {
    Require.given("paint", asked.paint());
    return CoatCount.of(
        asked.paint().coating(),
        Colour.hex("ground", asked.ground()),
        asked.tolerance() == null ? CoatCount.CAREFUL : asked.tolerance());
  }

  CardAnswer calibrate(CardAsked asked) {
    return new CardAnswer(
        Calibration.contrastRatio(
            Colour.hex("colour", asked.colour()),
            asked.coatsOverBlack(),
            asked.tolerance() == null ? CoatCount.CAREFUL : asked.tolerance()));
  }

  QuantityAnswer quantity(QuantityAsked asked) {
    double transfer = asked.transfer() == null ? 0.6 : asked.transfer();
    double packMl = asked.packMl() == null ? 400 : asked.packMl();
    double rim = asked.perimeterMm() == null ? 0 : asked.perimeterMm();
    double thickness = asked.thicknessMm() == null ? 0 : asked.thicknessMm();
    Require.between("areaM2", asked.areaM2(), 0, 1_000, "m²");
    Require.between("coats", asked.coats(), 1, 40, "coats");
    Require.between("dryFilmUm", asked.dryFilmUm(), 1, 500, "µm");
    Require.between("solids", asked.solids(), 0.02, 1, "");
    Require.between("transfer", transfer, 0.1, 1, "");
    Require.between("packMl", packMl, 10, 20_000, "ml");
    Require.between("perimeterMm", rim, 0, 1e6, "mm");
    Require.between("thicknessMm", thickness, 0, 1_000, "mm");
    double area = asked.areaM2() + rim * thickness / 1e6;
    double mlPerM2 = PaintQuantity.mlPerM2(asked.dryFilmUm(), asked.solids(), transfer);
    double ml = area * asked.coats() * mlPerM2;
    return new QuantityAnswer(area, mlPerM2, ml, PaintQuantity.cans(ml, packMl));
  }

  CoatWindow.CoatPlan window(WindowAsked asked) {
    return CoatWindow.of(
        asked.start(),
        Require.each("coats", asked.coats(), (coat, index) -> coat.asked()),
        Require.list(asked.weather()));
  }

  LayerQuestion.LayersAnswer layers(LayerQuestion.LayersAsked asked) {
    return heavy.run(() -> LayerQuestion.answer(asked, yard.read().book()));
  }

  OrderSearch.FoundOrder order(LayerQuestion.OrderAsked asked) {
    return heavy.run(() -> LayerQuestion.order(asked, yard.read().book()));
  }

  private static PaintBase baseOf(@Nullable String name) {
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
