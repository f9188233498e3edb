package emberyard.server.workshop;

import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.units.InvalidValue;
import emberyard.server.access.Account;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Films, filaments, machines and offcuts, and the whole stock list as CSV, one file a kind. */
@RestController
@RequestMapping("/api/workshop")
class StockController {
  private static final Set<ThingKind> STOCK =
      Set.of(ThingKind.PAINT, ThingKind.SHEET, ThingKind.FILM, ThingKind.FILAMENT);

  private final ThingStore store;
  private final YardReader yard;
  private final StockCsv csv;

  StockController(ThingStore store, YardReader yard, ThingJson json) {
    this.store = store;
    this.yard = yard;
    this.csv = new StockCsv(json);
  }

  /** How many products a file brought. */
  record StockTaken(int products) {}

  /** Paints, sheets, films or filaments as CSV. */
  @GetMapping(value = "/stock/{kind}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export(@PathVariable String kind) {
    ThingKind stock = stock(kind);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + kind + ".csv\"")
        .body(csv.write(stock.type(), yard.read().book().things().of(stock.type())));
  }

  /** Takes a list in: known ids are changed, new ones added, none removed; all lines or none. */
  @PostMapping(value = "/stock/{kind}.csv", consumes = "text/csv")
  StockTaken take(
      @AuthenticationPrincipal Account who, @PathVariable String kind, @RequestBody String file) {
    List<? extends Thing> products = csv.read(stock(kind).type(), file);
    store.apply(
        who.id(), products.stream().map(product -> Write.overwrite(null, product)).toList());
    return new StockTaken(products.size());
  }

  private static ThingKind stock(String word) {
    ThingKind kind = MissingThing.kindNamed(word);
    if (!STOCK.contains(kind)) {
      throw new InvalidValue("kind", "The stock list has paints, sheets, films and filaments.");
    }
    return kind;
  }
}
