package emberyard.server.fit;

import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.LightProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.store.ThingStore;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The library of hardware, enclosures and lights: what ships and what the workshop added. */
@RestController
class LibraryController {
  private final ThingStore store;
  private final YardReader yard;

  LibraryController(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  /**
   * All there is to choose from.
   *
   * @param versions per "kind/id" of what the workshop added or changed
   */
  record LibraryView(
      List<HardwareProduct> hardware,
      List<EnclosureProduct> enclosures,
      List<LightProduct> lights,
      Map<String, Long> versions) {}

  @GetMapping("/api/library")
  LibraryView library() {
    YardReader.Reading reading = yard.read();
    Map<String, Long> versions =
        reading.versions(null).entrySet().stream()
            .filter(version -> version.getKey().matches("(hardware|[a-z]+-products)/.*"))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    WorkshopBook book = reading.book();
    return new LibraryView(
        book.hardware(), book.enclosureProducts(), book.lightProducts(), versions);
  }
}
