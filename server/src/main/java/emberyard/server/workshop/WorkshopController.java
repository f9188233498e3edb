package emberyard.server.workshop;

import emberyard.core.finding.Caution;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The workshop's settings, people, stations, suppliers and stock. */
@RestController
@RequestMapping("/api/workshop")
class WorkshopController {
  private final ThingApi things;
  private final YardReader yard;

  WorkshopController(ThingApi things, YardReader yard) {
    this.things = things;
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
        reading.versions().getOrDefault("", Map.of()),
        Stream.of(Caution.values())
            .map(c -> new CautionText(c, c.title(), c.says(), c.why()))
            .toList());
  }

  @PutMapping("/workshops/{id}")
  Kept<Workshop> putWorkshop(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Workshop value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/people/{id}")
  Kept<Person> putPerson(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Person value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/stations/{id}")
  Kept<Station> putStation(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Station value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/suppliers/{id}")
  Kept<Supplier> putSupplier(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Supplier value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/paints/{id}")
  Kept<PaintProduct> putPaint(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody PaintProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }

  @PutMapping("/sheets/{id}")
  Kept<SheetProduct> putSheet(
      @AuthenticationPrincipal Account who,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody SheetProduct value) {
    return things.put(who, null, id, value, ifMatch);
  }
}
