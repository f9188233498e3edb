package emberyard.server.workshop;

import emberyard.core.build.Brief;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.Thing;
import emberyard.core.thing.Things;
import emberyard.core.units.InvalidValue;
import emberyard.server.access.Account;
import emberyard.server.library.LibraryTables;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.table.Table;
import emberyard.server.table.TableRow;
import emberyard.server.table.TableStyle;
import emberyard.server.table.ThingTable;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Things as tables, out and in: paints, sheets, films, filaments, hardware, lights and air of the
 * workshop, orders of a build and the prices that were seen for it.
 */
@RestController
class TableController {
  private static final Map<ThingKind, ThingTable<?>> TABLES =
      Map.of(
          ThingKind.PAINT, ThingTable.of(StockTables.PAINTS),
          ThingKind.SHEET, ThingTable.of(StockTables.SHEETS),
          ThingKind.FILM, ThingTable.of(StockTables.FILMS),
          ThingKind.FILAMENT, ThingTable.of(StockTables.FILAMENTS),
          ThingKind.HARDWARE, ThingTable.of(LibraryTables.HARDWARE),
          ThingKind.LIGHT_PRODUCT, ThingTable.of(LibraryTables.LIGHTS),
          ThingKind.AIR, new AirReadings(),
          ThingKind.OFFER, new PriceReadings(),
          ThingKind.ORDER, ThingTable.of(StockTables.ORDERS));

  private final ThingStore store;
  private final YardReader yard;

  TableController(ThingStore store, YardReader yard) {
    this.store = store;
    this.yard = yard;
  }

  /** What becomes of the rows of a table. */
  enum Keep {
    /** Nothing: they are only looked at. */
    NONE,
    /** All, or none where one can't be read. */
    ALL,
    /** Those that can be read. */
    READABLE
  }

  /** What a row is. */
  enum Outcome {
    NEW,
    CHANGED,
    SAME,
    REFUSED
  }

  /**
   * One row of a table that came.
   *
   * @param line in the table, whose heading is line 1
   * @param words the cells that change; why it can't be read
   */
  record LookedAt(int line, String name, Outcome outcome, List<String> words) {}

  /**
   * What came.
   *
   * @param leftOut headings that nobody knows
   * @param kept how many things were written
   */
  record TableTaken(List<LookedAt> rows, List<String> leftOut, int kept) {}

  @GetMapping(value = "/api/workshop/{kind}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> ofWorkshop(@PathVariable String kind) {
    return out(kind(kind, false), yard.read().book().things());
  }

  @GetMapping(value = "/api/builds/{buildId}/{kind}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> ofBuild(@PathVariable String buildId, @PathVariable String kind) {
    return out(kind(kind, true), yard.read().build(buildId).build().things());
  }

  /**
   * Takes a table in (CSV, or rows pasted from a spreadsheet apart by tabs): columns in any order;
   * known ids are changed, in the columns that are there; new ones are added, none is removed.
   *
   * @param keep NONE to see row by row what would become of it
   */
  @PostMapping(value = "/api/workshop/{kind}.csv", consumes = "text/csv")
  TableTaken intoWorkshop(
      @AuthenticationPrincipal Account who,
      @PathVariable String kind,
      @RequestParam(defaultValue = "ALL") Keep keep,
      @RequestBody String table) {
    return in(who, null, kind(kind, false), keep, table, yard.read().book().things());
  }

  /** The same for things of a build. */
  @PostMapping(value = "/api/builds/{buildId}/{kind}.csv", consumes = "text/csv")
  TableTaken intoBuild(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String kind,
      @RequestParam(defaultValue = "ALL") Keep keep,
      @RequestBody String table) {
    store.get(Brief.class, buildId);
    Things things = yard.read().build(buildId).build().things();
    return in(who, buildId, kind(kind, true), keep, table, things);
  }

  private static ThingKind kind(String word, boolean ofBuild) {
    ThingKind kind = MissingThing.kindNamed(word);
    if (!TABLES.containsKey(kind) || kind.ofBuild() != ofBuild) {
      throw new Refused(HttpStatus.NOT_FOUND, "There is no table of %s here.".formatted(word));
    }
    return kind;
  }

  private static ResponseEntity<String> out(ThingKind kind, Things things) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"%s.csv\"".formatted(kind.word()))
        .body(written(kind, things));
  }

  @SuppressWarnings("unchecked")
  private static <T extends Thing> String written(ThingKind kind, Things things) {
    return ((ThingTable<T>) TABLES.get(kind)).write(things.of((Class<T>) kind.type()));
  }

  @SuppressWarnings("unchecked")
  private <T extends Thing> TableTaken in(
      Account who,
      @Nullable String buildId,
      ThingKind kind,
      Keep keep,
      String text,
      Things things) {
    ThingTable<T> table = (ThingTable<T>) TABLES.get(kind);
    Function<String, Optional<T>> here = id -> things.find((Class<T>) kind.type(), id);
    TableStyle style = TableStyle.of(yard.read().book().workshop());
    Table.Rows<T> read = table.read(text, style, here);
    List<TableRow<T>> rows = TableRow.eachOnce(read.rows(), Thing::id);
    if (keep == Keep.ALL) {
      allOrNone(rows);
    }
    List<Write> writes =
        keep == Keep.NONE
            ? List.of()
            : rows.stream()
                .flatMap(row -> row.read().stream())
                .map(thing -> Write.overwrite(buildId, thing))
                .toList();
    if (!writes.isEmpty()) {
      store.apply(who.id(), writes);
    }
    return new TableTaken(
        rows.stream().map(row -> lookedAt(row, table, here)).toList(),
        read.leftOut(),
        writes.size());
  }

  private static <T extends Thing> void allOrNone(List<TableRow<T>> rows) {
    rows.stream()
        .filter(row -> row.read().isEmpty())
        .findFirst()
        .ifPresent(
            row -> {
              throw new InvalidValue(
                  "file", "Line %d: %s. Nothing was changed.".formatted(row.line(), row.refusal()));
            });
  }

  private static <T extends Thing> LookedAt lookedAt(
      TableRow<T> row, ThingTable<T> table, Function<String, Optional<T>> here) {
    if (row.read().isEmpty()) {
      return new LookedAt(row.line(), row.name(), Outcome.REFUSED, List.of(row.refusal() + "."));
    }
    T after = row.read().get();
    Optional<T> before = here.apply(after.id());
    if (before.isEmpty()) {
      return new LookedAt(row.line(), row.name(), Outcome.NEW, List.of());
    }
    List<String> changes = table.changes(before.get(), after);
    return new LookedAt(
        row.line(), row.name(), changes.isEmpty() ? Outcome.SAME : Outcome.CHANGED, changes);
  }
}
