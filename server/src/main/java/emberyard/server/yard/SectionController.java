package emberyard.server.yard;

import emberyard.server.access.Account;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One build by sections: a screen asks for what it shows, and says what it holds already. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class SectionController {
  private final SectionDesk desk;

  SectionController(SectionDesk desk) {
    this.desk = desk;
  }

  /**
   * Sections of a build, all as of one revision; nothing but 304 where a whole answer is the one
   * that the sender has.
   *
   * @param want words of the sections
   * @param held of each that is there already {@code word:tag}
   */
  @GetMapping("/sections")
  ResponseEntity<SectionsView> sections(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestParam List<String> want,
      @RequestParam(defaultValue = "") List<String> held) {
    SectionsView view = desk.of(buildId, who.owner(), Section.of(want), held);
    return ResponseEntity.ok().eTag(view.tag()).body(view);
  }
}
