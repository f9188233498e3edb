package emberyard.server.fit;

import emberyard.server.access.Account;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The hardware of a build, its enclosure, loops and worksheets. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class FitController {
  private final FitDesk desk;

  FitController(FitDesk desk) {
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

  /** Adds a component from the library; a screen goes to the screens. */
  @PostMapping("/hardware")
  void take(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody Taken taken) {
    desk.take(who, buildId, taken.id(), taken.productId());
  }

  /**
   * Makes a component, a screen or a light strip one of a product of the library: it takes what the
   * library says and follows it from then on.
   */
  @PostMapping("/{kind}/{id}/join")
  void join(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String kind,
      @PathVariable String id,
      @RequestBody Swap wanted) {
    desk.join(who, buildId, kind, id, wanted.productId());
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
