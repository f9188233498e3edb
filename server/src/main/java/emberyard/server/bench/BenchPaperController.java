package emberyard.server.bench;

import emberyard.core.workshop.Person;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.DayCard;
import emberyard.server.access.Account;
import emberyard.server.yard.YardReader;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What hangs at the bench on paper: the day, and labels for the things of a build. */
@RestController
class BenchPaperController {
  private final BenchDesk desk;
  private final YardReader yard;

  BenchPaperController(BenchDesk desk, YardReader yard) {
    this.desk = desk;
    this.yard = yard;
  }

  /**
   * Somebody's day on A5.
   *
   * @param person whose day; whoever is signed in when left out
   */
  @GetMapping(value = "/api/bench/day-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> daySheet(
      @AuthenticationPrincipal Account who,
      @RequestParam(required = false) @Nullable String person) {
    BenchDay day = desk.day(who, person);
    YardReader.Reading reading = yard.read();
    String name = reading.book().person(day.personId()).map(Person::name).orElse("");
    return paper(
        "day-sheet.pdf",
        DayPage.pdf(day, name, BenchPaperController::address, reading.book().workshop().writing()));
  }

  /** Labels for parts, prints and hardware of a build, A4. */
  @GetMapping(
      value = "/api/builds/{buildId}/labels.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> labels(@PathVariable String buildId) {
    YardReader.Reading reading = yard.read();
    return paper(
        "labels.pdf",
        LabelPage.pdf(
            reading.build(buildId).build(),
            thing -> bench(buildId) + "&thing=" + encoded(thing),
            reading.book().workshop().writing()));
  }

  private static ResponseEntity<byte[]> paper(String file, byte[] pdf) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"%s\"".formatted(file))
        .body(pdf);
  }

  private static String address(DayCard card) {
    return bench(card.buildId()) + "&card=" + encoded(card.task().task().key());
  }

  private static String bench(String buildId) {
    return ServletUriComponentsBuilder.fromCurrentContextPath()
        .path("/bench")
        .queryParam("build", buildId)
        .toUriString();
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }
}
