package emberyard.server.light;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of light runs and scenes, without a build. */
@RestController
class GlowCalculatorController {
  private final GlowCalculator glow;

  GlowCalculatorController(GlowCalculator glow) {
    this.glow = glow;
  }

  /** What a light run draws in a colour, and how many volts are left along it. */
  @PostMapping("/api/calc/light/run")
  GlowCalculator.RunAnswer run(@RequestBody GlowCalculator.RunAsked asked) {
    return glow.run(asked);
  }

  /** Whether a row of LEDs behind something reads as a line. */
  @PostMapping("/api/calc/light/dots")
  GlowCalculator.DotsAnswer dots(@RequestBody GlowCalculator.DotsAsked asked) {
    return glow.dots(asked);
  }

  /** What colours look like beside lights in a room, and what a camera bears there. */
  @PostMapping("/api/calc/light/scene")
  GlowCalculator.SceneAnswer scene(@RequestBody GlowCalculator.SceneAsked asked) {
    return glow.scene(asked);
  }
}
