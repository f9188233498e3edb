package emberyard.server.workshop;

import emberyard.core.workshop.AirDay;
import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The air that the sensor of the spray corner shows. */
@RestController
@RequestMapping("/api/workshop")
class AirController {
  private final ThingStore store;
  private final YardReader yard;
  private final Clock clock;

  AirController(ThingStore store, YardReader yard, Clock clock) {
    this.store = store;
    this.yard = yard;
    this.clock = clock;
  }

  /** What the sensor shows now. */
  record SensorReading(LocalDateTime at, double temperatureC, double humidityPercent) {}

  /** The simulated sensor of the spray corner. */
  @GetMapping("/air-sensor")
  SensorReading sensor() {
    var book = yard.read().book();
    LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneId.of(book.workshop().zone()));
    return SimulatedSensor.read(now, book.workshop().room());
  }

  /** Takes what the sensor shows as today's air. */
  @PostMapping("/air-sensor")
  AirDay takeSensor(@AuthenticationPrincipal Account who) {
    SensorReading now = sensor();
    AirDay day =
        new AirDay(
            "",
            now.at().toLocalDate(),
            now.temperatureC(),
            now.humidityPercent(),
            AirDay.Source.SENSOR);
    store.apply(who.id(), List.of(Write.overwrite(null, day)));
    return day;
  }
}
