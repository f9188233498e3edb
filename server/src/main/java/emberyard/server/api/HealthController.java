package emberyard.server.api;

import emberyard.server.store.StoreState;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the application answers and can keep what it is told. */
@RestController
class HealthController {
  private final StoreState store;

  HealthController(StoreState store) {
    this.store = store;
  }

  /** {@code status} is "ok", or "disk full" since a write failed for want of room. */
  record Health(String status) {}

  @GetMapping("/api/health")
  Health health() {
    return new Health(store.now() == StoreState.State.OK ? "ok" : "disk full");
  }
}
