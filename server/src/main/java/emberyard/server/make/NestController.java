package emberyard.server.make;

import emberyard.core.make.SheetSizes;
import emberyard.server.access.Account;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Searching for a layout: progress as it comes, stopped and kept when somebody says so. */
@RestController
@RequestMapping("/api/builds/{buildId}/nest-runs")
class NestController {
  private final NestDesk desk;
  private final Streams streams;

  NestController(NestDesk desk, Streams streams) {
    this.desk = desk;
    this.streams = streams;
  }

  /** What other sheet sizes would take for the pieces that wait, at the same price per area. */
  @GetMapping("/sizes")
  List<SheetSizes.SheetSize> sizes(@PathVariable String buildId, @RequestParam String sheetId) {
    return desk.sizes(buildId, sheetId);
  }

  /** How many sheets were laid out. */
  record KeptLayouts(int layouts) {}

  @PostMapping
  NestDesk.NestProgress begin(@PathVariable String buildId, @RequestBody NestDesk.NestWish wish) {
    return desk.begin(buildId, wish);
  }

  @GetMapping("/{id}")
  NestDesk.NestProgress progress(@PathVariable String buildId, @PathVariable String id) {
    return desk.progress(desk.find(buildId, id));
  }

  /** The same as it changes, until the search is over. */
  @GetMapping(value = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable String buildId, @PathVariable String id) {
    NestRun run = desk.find(buildId, id);
    return streams.open(() -> desk.progress(run), NestDesk.NestProgress::over);
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
