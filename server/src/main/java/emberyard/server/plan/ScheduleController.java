package emberyard.server.plan;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A plan without a build. */
@RestController
class ScheduleController {
  private final ScheduleCalculator scheduleCalculator;

  ScheduleController(ScheduleCalculator scheduleCalculator) {
    this.scheduleCalculator = scheduleCalculator;
  }

  @PostMapping("/api/calc/plan/schedule")
  ScheduleCalculator.ScheduleAnswer schedule(
      @RequestBody ScheduleCalculator.ScheduleQuestion asked) {
    return scheduleCalculator.schedule(asked);
  }
}
