package emberyard.server.finish;

import emberyard.core.finish.SchemeProposals;
import emberyard.core.finish.layer.OrderSearch;
import emberyard.server.api.HeavyWork;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finishes of a build: schemes, treatments, outside work, faults, and what is offered for them. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class FinishController {
  private final FinishDesk desk;
  private final HeavyWork heavy;

  FinishController(FinishDesk desk, HeavyWork heavy) {
    this.heavy = heavy;
    this.desk = desk;
  }

  /** Schemes from the stock for a target colour, fewest hours first; costs are zero to helpers. */
  @GetMapping("/schemes/{id}/proposals")
  List<SchemeProposals.Proposal> proposals(
      @PathVariable String buildId, @PathVariable String id, @RequestParam String target) {
    return heavy.run(() -> desk.proposals(buildId, id, target));
  }

  /** An order of steps that gives the wanted colours, with all paints of the stock. */
  @GetMapping("/schemes/{id}/order")
  OrderSearch.FoundOrder order(
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestParam(defaultValue = "3") double tolerance) {
    return heavy.run(() -> desk.order(buildId, id, tolerance));
  }

  /** Film on its roll for a blade cutter, mirrored where it goes on an inside face. */
  @GetMapping("/film/{filmId}.{form:svg|dxf}")
  ResponseEntity<byte[]> film(
      @PathVariable String buildId, @PathVariable String filmId, @PathVariable String form) {
    return desk.film(buildId, filmId, form);
  }
}
