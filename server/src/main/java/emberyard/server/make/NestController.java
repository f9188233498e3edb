package emberyard.server.make;

import emberyard.core.make.sheet.SheetSizes;
import emberyard.server.access.Account;
import emberyard.server.api.HeavyWork;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * Searching for a layout: progress as it comes (pushed as “nest/{id}”), stopped and kept when
 * somebody says so.
 */
@RestController
@RequestMapping("/api/builds/{buildId}/nest-runs")
class NestController {
  private final NestDesk desk;
  private final HeavyWork heavy;

  NestController(NestDesk desk, HeavyWork heavy) {
    this.desk = desk;
    this.heavy = heavy;
  }

  /** What other sheet sizes would take for the pieces that wait, at the same price per area. */
  @GetMapping("/sizes")
  List<SheetSizes.SheetSize> sizes(@PathVariable String buildId, @RequestParam String sheetId) {
    return heavy.run(() -> desk.sizes(buildId, sheetId));
  }

  /** How many sheets were laid out. */
  record KeptLayouts(int layouts) {}

  @PostMapping
  NestDesk.NestProgress begin(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody NestDesk.NestWish wish) {
    return desk.begin(who, buildId, wish);
  }

  @GetMapping("/{id}")
  NestDesk.NestProgress progress(@PathVariable String buildId, @PathVariable String id) {
    return desk.progress(desk.find(buildId, id));
  }

  @PostMapping("/{id}/stop")
  NestDesk.NestProgress stop(@PathVariable String buildId, @PathVariable String id) {
    return desk.stop(buildId, id);
  }

  @PostMapping("/{id}/keep")
  KeptLayouts keep(
      @AuthenticationPrincipal Account who, @PathVariable String buildId, @PathVariable String id) {
    return new KeptLayouts(desk.keep(who, buildId, id));
  }
}
