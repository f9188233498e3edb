package emberyard.server.supply;

import emberyard.core.build.OrderLine;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The orders of a build, and the same as CSV out and in. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class SupplyController {
  private static final int MOST_CHARACTERS = 2_000_000;

  private final ThingStore store;
  private final YardReader yard;

  SupplyController(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  /** How many order lines a file brought. */
  record Imported(int lines) {}

  @GetMapping(value = "/orders.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> ordersOut(@PathVariable String buildId) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"orders.csv\"")
        .body(OrdersCsv.write(yard.read().build(buildId).build().orders()));
  }

  /** Reads order lines; lines with a known id change that order. All of the file, or nothing. */
  @PostMapping(value = "/orders.csv", consumes = "text/csv")
  Imported ordersIn(
      @AuthenticationPrincipal Account who, @PathVariable String buildId, @RequestBody String csv) {
    if (csv.length() > MOST_CHARACTERS) {
      throw new Refused(HttpStatus.CONTENT_TOO_LARGE, "The file is larger than 2 MB.");
    }
    yard.read().build(buildId);
    List<OrderLine> lines = OrdersCsv.read(csv);
    store.apply(who.id(), lines.stream().map(line -> Write.overwrite(buildId, line)).toList());
    return new Imported(lines.size());
  }
}
