package emberyard.server.workshop;

import emberyard.core.finding.Caution;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.access.Account;
import emberyard.server.yard.YardReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.util.DigestUtils;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The workshop's settings, people, stations, suppliers and stock. */
@RestController
@RequestMapping("/api/workshop")
class WorkshopController {
  private final YardReader yard;

  /** A folder that was put back may have the same versions of other things. */
  private final UUID run = UUID.randomUUID();

  WorkshopController(YardReader yard) {
    this.yard = yard;
  }

  /** What is said before steps that can hurt someone. */
  record CautionText(Caution key, String title, String says, String why) {}

  /** All of the workshop, with the versions to send back as {@code If-Match}. */
  record WorkshopView(WorkshopBook book, Map<String, Long> versions, List<CautionText> cautions) {}

  /** The workshop; nothing but 304 to who has it already: every other write asks for it again. */
  @GetMapping
  ResponseEntity<WorkshopView> workshop(@AuthenticationPrincipal Account who) {
    YardReader.Reading reading = yard.read();
    Map<String, Long> versions = reading.versions(null);
    WorkshopView view =
        new WorkshopView(
            reading.book().withoutLibrary(),
            versions,
            Stream.of(Caution.values())
                .map(c -> new CautionText(c, c.title(), c.says(), c.why()))
                .toList());
    return ResponseEntity.ok().eTag(tag(who, versions)).body(view);
  }

  /** Weak, as the answer may come packed; of this run of the program, by who looks and versions. */
  private String tag(Account who, Map<String, Long> versions) {
    String all = "%s %s %s".formatted(run, who.owner(), versions);
    return "W/\"" + DigestUtils.md5DigestAsHex(all.getBytes(StandardCharsets.UTF_8)) + "\"";
  }
}
