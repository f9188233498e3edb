package emberyard.server.finish;

import emberyard.core.finish.coat.CoatWindow;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.core.finish.optic.CoatCount;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic of finishes, without a build. */
@RestController
class FinishCalculatorController {
  private final FinishCalculator finishCalculator;

  FinishCalculatorController(FinishCalculator finishCalculator) {
    this.finishCalculator = finishCalculator;
  }

  @PostMapping("/api/calc/finish/drying")
  FinishCalculator.DryingAnswer drying(@RequestBody FinishCalculator.DryingQuestion asked) {
    return finishCalculator.drying(asked);
  }

  @PostMapping("/api/calc/finish/coats")
  CoatCount coats(@RequestBody FinishCalculator.CoatsAsked asked) {
    return finishCalculator.coats(asked);
  }

  @PostMapping("/api/calc/finish/calibrate")
  FinishCalculator.CardAnswer calibrate(@RequestBody FinishCalculator.CardAsked asked) {
    return finishCalculator.calibrate(asked);
  }

  @PostMapping("/api/calc/finish/quantity")
  FinishCalculator.QuantityAnswer quantity(@RequestBody FinishCalculator.QuantityAsked asked) {
    return finishCalculator.quantity(asked);
  }

  @PostMapping("/api/calc/finish/window")
  CoatWindow.CoatPlan window(@RequestBody FinishCalculator.WindowAsked asked) {
    return finishCalculator.window(asked);
  }

  @PostMapping("/api/calc/finish/layers")
  LayerQuestion.LayersAnswer layers(@RequestBody LayerQuestion.LayersAsked asked) {
    return finishCalculator.layers(asked);
  }

  @PostMapping("/api/calc/finish/order")
  OrderSearch.FoundOrder order(@RequestBody LayerQuestion.OrderAsked asked) {
    return finishCalculator.order(asked);
  }
}
