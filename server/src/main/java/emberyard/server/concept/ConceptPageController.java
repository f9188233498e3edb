package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.ConceptOption;
import emberyard.core.yard.BuildModel;
import emberyard.server.brief.ClientView;
import emberyard.server.yard.YardReader;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The concept sheet for the client. */
@RestController
class ConceptPageController {
  private final YardReader yard;

  ConceptPageController(YardReader yard) {
    this.yard = yard;
  }

  /** One option on A4, as far as the client may see it; the one on the table without a letter. */
  @GetMapping(
      value = "/api/builds/{buildId}/concept-sheet.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(
      @PathVariable String buildId, @RequestParam(defaultValue = "") String letter) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    String chosen = letter.isEmpty() ? build.concept().letter() : letter;
    ConceptOption option = DesignDesk.anyOption(build, chosen);
    BuildModel model = reading.plan().whatIf(build.with(option.design()));
    byte[] pdf =
        ConceptPage.pdf(
            ClientView.of(model, reading.book(), chosen.equals(build.concept().letter())),
            option,
            reading.book().workshop());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"concept-%s.pdf\"".formatted(chosen))
        .body(pdf);
  }
}
