package emberyard.server.fit;

import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The library of hardware and enclosures: what ships and what the workshop added. */
@RestController
class LibraryController {
  private final ThingApi things;
  private final ThingStore store;
  private final YardReader yard;

  LibraryController(ThingApi things, ThingStore store, YardReader yard) {
    this.things = things;
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
      Map<String, Long> versions) {}

  /** How many components a file brought. */
  record HardwareTaken(int products) {}

  @GetMapping("/api/library")
  LibraryView library() {
    YardReader.Reading reading = yard.read();
    Map<String, Long> versions =
        reading.versions().getOrDefault("", Map.of()).entrySet().stream()
            .filter(e -> e.getKey().startsWith("hardware/") || e.getKey().startsWith("enclosure-"))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    WorkshopBook book = reading.book();
    return new LibraryView(book.hardware(), book.enclosures(), versions);
  }

  @PutMapping("/api/workshop/hardware/{id}")
  Kept<HardwareProduct> putHardware(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody HardwareProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/api/workshop/enclosure-products/{id}")
  Kept<EnclosureProduct> putEnclosure(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody EnclosureProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @GetMapping(value = "/api/workshop/hardware.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"hardware.csv\"")
        .body(HardwareCsv.write(yard.read().book().hardware()));
  }

  /** Takes a list in: known ids are changed, new ones added, none removed; all lines or none. */
  @PostMapping(value = "/api/workshop/hardware.csv", consumes = "text/csv")
  HardwareTaken take(@AuthenticationPrincipal Account who, @RequestBody String file) {
    List<Write> writes =
        HardwareCsv.read(file).stream()
            .map(product -> Write.overwrite(null, product.id(), product))
            .toList();
    store.apply(who.id(), writes);
    return new HardwareTaken(writes.size());
  }
}
