package emberyard.server.api;

import emberyard.server.store.ThingStore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the application answers and can read its data. */
@RestController
class HealthController {
  private final ThingStore store;

  HealthController(ThingStore store) {
    this.store = store;
  }

  /** {@code status} is "ok" when the store could be read. */
  record Health(String status, int things) {}

  @GetMapping("/api/health")
  Health health() {
    return new Health("ok", store.all().size());
  }
}
