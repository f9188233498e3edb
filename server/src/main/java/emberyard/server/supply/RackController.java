package emberyard.server.supply;

import emberyard.core.yard.rack.Rack;
import emberyard.server.yard.YardReader;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What lies in the workshop, against what all builds still want. */
@RestController
@RequestMapping("/api/rack")
class RackController {
  private final YardReader reader;

  RackController(YardReader reader) {
    this.reader = reader;
  }

  @GetMapping
  Rack rack() {
    YardReader.Reading reading = reader.read();
    return Rack.of(reading.yard(), reading.book(), reading.today());
  }
}
