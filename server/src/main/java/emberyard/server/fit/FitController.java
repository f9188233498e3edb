package emberyard.server.fit;

import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Loop;
import emberyard.core.build.Worksheet;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Kept;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The hardware of a build, its enclosure, loops and worksheets. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class FitController {
  private final ThingApi things;
  private final FitDesk desk;

  FitController(ThingApi things, FitDesk desk) {
    this.things = things;
    this.desk = desk;
  }

  /**
   * Something taken from the library.
   *
   * @param id made by the sender, so that a repeated request does not add twice
   */
  record Taken(String id, String productId) {}

  /** Which product takes the place of a component. */
  record Swap(String productId) {}

  /**
   * A part made of an opening.
   *
   * @param id of the panel, made by the sender
   * @param sheetId what it is cut from
   */
  record PartOfOpening(String id, String sheetId) {}

  @PutMapping("/components/{id}")
  Kept<Component> putComponent(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Component value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/enclosures/{id}")
  Kept<Enclosure> putEnclosure(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Enclosure value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/loops/{id}")
  Kept<Loop> putLoop(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Loop value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  @PutMapping("/worksheets/{id}")
  Kept<Worksheet> putWorksheet(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody Worksheet value) {
    return things.put(who, buildId, id, value, ifMatch);
  }

  /** Adds a component from the library; a screen goes to the screens. */
  @PostMapping("/hardware")
  void take(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Taken taken) {
    desk.take(who, buildId, taken.id(), taken.productId());
  }

  /** Puts a product of the library in a component's place: same pieces, same use. */
  @PostMapping("/components/{id}/swap")
  void swap(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestBody Swap swap) {
    desk.swap(who, buildId, id, swap.productId());
  }

  /** Chooses an enclosure from the library in place of the one there is. */
  @PostMapping("/enclosure")
  void enclose(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Taken taken) {
    desk.enclose(who, buildId, taken.id(), taken.productId());
  }

  /** Makes a panel of an opening: its hole field with a border, to be cut. */
  @PostMapping("/openings/{openingId}/panel")
  void part(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String openingId,
      @RequestBody PartOfOpening wanted) {
    desk.part(who, buildId, openingId, wanted.id(), wanted.sheetId());
  }
}
