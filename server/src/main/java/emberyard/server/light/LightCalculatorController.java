package emberyard.server.light;

import emberyard.core.light.port.Carrier;
import emberyard.core.light.port.Picture;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of screens, without a build. */
@RestController
class LightCalculatorController {
  /** A picture that is to be sent to a screen. */
  record RateAsked(
      @Schema(description = "Pixels across", minimum = "1", maximum = "16384") int width,
      @Schema(description = "Pixels up", minimum = "1", maximum = "16384") int height,
      @Schema(description = "Pictures a second", minimum = "1", maximum = "500") double hz,
      @Schema(
              description = "Of the data sheet, null where it says none",
              minimum = "1",
              maximum = "3000")
          @Nullable Double pixelClockMHz,
      @Schema(description = "What is reckoned with where the data sheet says none")
          Picture.Timing timing) {}

  /**
   * What it takes.
   *
   * @param gbitPerSecond 24 bit a pixel, with what is not seen
   * @param carriers what carries it, the least first; empty for nothing
   */
  record RateAnswer(double gbitPerSecond, List<Carried> carriers) {}

  /**
   * What carries it.
   *
   * @param limitGbitPerSecond the most it carries
   */
  record Carried(Carrier carrier, String words, double limitGbitPerSecond) {}

  private final PortCalculator ports;

  LightCalculatorController(PortCalculator ports) {
    this.ports = ports;
  }

  /** Which socket feeds which screen or device through what, and what would have all fed. */
  @PostMapping("/api/calc/light/ports")
  PortCalculator.PortsAnswer ports(@RequestBody PortCalculator.PortsAsked asked) {
    return ports.solve(asked);
  }

  @PostMapping("/api/calc/light/rate")
  RateAnswer rate(@RequestBody RateAsked asked) {
    Picture picture =
        new Picture(
            asked.width(), asked.height(), asked.hz(), asked.pixelClockMHz(), asked.timing());
    List<Carried> carriers =
        picture.carriers().stream()
            .map(each -> new Carried(each, each.words(), each.gbitPerSecond()))
            .toList();
    return new RateAnswer(picture.gbitPerSecond(), carriers);
  }
}
