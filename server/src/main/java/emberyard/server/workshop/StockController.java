package emberyard.server.workshop;

import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import emberyard.server.store.ThingJson;
import emberyard.server.store.ThingKind;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Films, filaments, machines and offcuts, and the whole stock list as CSV, one file a kind. */
@RestController
@RequestMapping("/api/workshop")
class StockController {
  private static final Set<ThingKind> STOCK =
      Set.of(ThingKind.PAINT, ThingKind.SHEET, ThingKind.FILM, ThingKind.FILAMENT);

  private final ThingApi things;
  private final ThingStore store;
  private final YardReader yard;
  private final StockCsv csv;

  StockController(ThingApi things, ThingStore store, YardReader yard, ThingJson json) {
    this.things = things;
    this.store = store;
    this.yard = yard;
    this.csv = new StockCsv(json);
  }

  /** How many products a file brought. */
  record StockTaken(int products) {}

  @PutMapping("/films/{id}")
  Kept<FilmProduct> putFilm(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody FilmProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/filaments/{id}")
  Kept<FilamentProduct> putFilament(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody FilamentProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/machines/{id}")
  Kept<Machine> putMachine(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Machine value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/offcuts/{id}")
  Kept<Offcut> putOffcut(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Offcut value) {
    return things.put(who, null, id, value, ifMatch);
  }

  /** Takes an offcut off the shelf; undo brings it back. */
  @DeleteMapping("/offcuts/{id}")
  void removeOffcut(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
    things.remove(who, null, ThingKind.OFFCUT, id, ifMatch);
  }

  /** Paints, sheets, films or filaments as CSV. */
  @GetMapping(value = "/stock/{kind}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> export(@PathVariable String kind) {
    ThingKind stock = stock(kind);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + kind + ".csv\"")
        .body(csv.write(stock.type(), products(stock)));
  }

  /** Takes a list in: known ids are changed, new ones added, none removed; all lines or none. */
  @PostMapping(value = "/stock/{kind}.csv", consumes = "text/csv")
  StockTaken take(
      @AuthenticationPrincipal Account who, @PathVariable String kind, @RequestBody String file) {
    List<?> products = csv.read(stock(kind).type(), file);
    List<Write> writes = new ArrayList<>();
    for (Object product : products) {
      writes.add(Write.overwrite(null, things.id(product), product));
    }
    store.apply(who.id(), writes);
    return new StockTaken(products.size());
  }

  private List<?> products(ThingKind kind) {
    WorkshopBook book = yard.read().book();
    return switch (kind) {
      case PAINT -> book.paints();
      case SHEET -> book.sheets();
      case FILM -> book.films();
      default -> book.filaments();
    };
  }

  private static ThingKind stock(String word) {
    ThingKind kind = ThingKind.named(word);
    if (!STOCK.contains(kind)) {
      throw new InvalidValue("kind", "The stock list has paints, sheets, films and filaments.");
    }
    return kind;
  }
}
