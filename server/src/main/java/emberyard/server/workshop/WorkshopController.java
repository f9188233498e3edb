package emberyard.server.workshop;

import emberyard.core.finding.Caution;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The workshop's settings, people, stations, suppliers and stock. */
@RestController
@RequestMapping("/api/workshop")
class WorkshopController {
  private final YardReader yard;

  WorkshopController(YardReader yard) {
    this.yard = yard;
  }

  /** What is said before steps that can hurt someone. */
  record CautionText(Caution key, String title, String says, String why) {}

  /** All of the workshop, with the versions to send back as {@code If-Match}. */
  record WorkshopView(WorkshopBook book, Map<String, Long> versions, List<CautionText> cautions) {}

  @GetMapping
  WorkshopView workshop() {
    YardReader.Reading reading = yard.read();
    return new WorkshopView(
        reading.book().withoutLibrary(),
        reading.versions(null),
        Stream.of(Caution.values())
            .map(c -> new CautionText(c, c.title(), c.says(), c.why()))
            .toList());
  }
}
