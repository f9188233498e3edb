package emberyard.server.brief;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Judges requirements without a build. */
@RestController
class EvaluateController {
  private final RequirementCalculator requirementCalculator;

  EvaluateController(RequirementCalculator requirementCalculator) {
    this.requirementCalculator = requirementCalculator;
  }

  @PostMapping("/api/calc/brief/evaluate")
  RequirementCalculator.EvaluateAnswer evaluate(
      @RequestBody RequirementCalculator.EvaluateQuestion question) {
    return requirementCalculator.evaluate(question);
  }
}
