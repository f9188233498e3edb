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
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The air of the spray corner by day, typed, from a file or from the sensor; and test cards. */
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

  /** How many days a file brought. */
  record AirTaken(int days) {}

  @GetMapping(value = "/air.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"air.csv\"")
        .body(AirCsv.write(yard.read().book().airs()));
  }

  /** Days or hours: hours of one day are averaged. All lines or none. */
  @PostMapping(value = "/air.csv", consumes = "text/csv")
  AirTaken take(@AuthenticationPrincipal Account who, @RequestBody String file) {
    List<AirDay> days = AirCsv.read(file);
    store.apply(who.id(), days.stream().map(day -> Write.overwrite(null, day)).toList());
    return new AirTaken(days.size());
  }

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
