package emberyard.server.light;

import emberyard.core.canvas.CanvasCut;
import emberyard.core.canvas.Legible;
import emberyard.core.canvas.ScreenPane;
import emberyard.core.colour.Colour;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of what screens show, without a build. */
@RestController
class CanvasCalculatorController {
  /** Screens that show one picture. */
  record CanvasAsked(
      @Schema(description = "What shines, as it stands, 1 to 16") List<AskedPane> panes) {}

  /** The active area of one screen. */
  record AskedPane(
      String id,
      @Schema(description = "Left edge, mm", minimum = "-5000", maximum = "5000") double xMm,
      @Schema(description = "Lower edge, mm", minimum = "-5000", maximum = "5000") double yMm,
      @Schema(description = "Across, mm", minimum = "1", maximum = "5000") double widthMm,
      @Schema(description = "Upwards, mm", minimum = "1", maximum = "5000") double heightMm,
      @Schema(description = "Pixels across", minimum = "1", maximum = "16000") int pixelsWide,
      @Schema(description = "Pixels up", minimum = "1", maximum = "16000") int pixelsHigh) {
    ScreenPane pane() {
      return new ScreenPane(id, xMm, yMm, widthMm, heightMm, pixelsWide, pixelsHigh);
    }
  }

  /** Letters on a screen. */
  record LegibleAsked(
      @Schema(description = "From the eye, mm", minimum = "50", maximum = "20000")
          double distanceMm,
      @Nullable
          @Schema(
              description = "Height of a capital, mm; the least alone if left out",
              minimum = "0.1",
              maximum = "2000")
          Double capitalMm,
      @Nullable @Schema(description = "From pixel to pixel, mm", minimum = "0.01", maximum = "20")
          Double pitchMm,
      @Schema(description = "Colour of the letters, #RRGGBB") String ink,
      @Schema(description = "Colour of their ground, #RRGGBB") String ground) {}

  /** What each screen shows of one picture: rims are cut out of it. */
  @PostMapping("/api/calc/light/canvas")
  CanvasCut canvas(@RequestBody CanvasAsked asked) {
    return CanvasCut.of(Require.each("panes", asked.panes(), (each, i) -> each.pane()));
  }

  /** Whether letters can be read from where one stands. */
  @PostMapping("/api/calc/light/legible")
  Legible legible(@RequestBody LegibleAsked asked) {
    return Legible.of(
        asked.distanceMm(),
        asked.capitalMm(),
        asked.pitchMm(),
        Colour.hex("ink", asked.ink()),
        Colour.hex("ground", asked.ground()));
  }
}
