package emberyard.server.make;

import emberyard.core.build.SheetLayout;
import emberyard.core.make.sheet.LayoutResult;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.yard.BuildModel;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The job sheet of a layout. */
@RestController
class JobPageController {
  private final YardReader yard;

  JobPageController(YardReader yard) {
    this.yard = yard;
  }

  /** A4: drawing, settings, cautions, and a label per piece that opens its card on the Bench. */
  @GetMapping(
      value = "/api/builds/{buildId}/layouts/{layoutId}/job-sheet.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> jobSheet(@PathVariable String buildId, @PathVariable String layoutId) {
    YardReader.Reading reading = yard.read();
    var model = reading.build(buildId);
    SheetLayout layout = Sheets.layout(model.build(), layoutId);
    SheetProduct sheet =
        reading
            .book()
            .sheet(layout.sheetId())
            .orElseThrow(() -> new MissingThing("Its sheet is gone from the stock list."));
    byte[] pdf =
        JobPage.pdf(
            laid(model, layoutId),
            sheet,
            reading.book().machine(layout.machineId()).orElse(null),
            model.build().brief().name(),
            bench(buildId),
            reading.book().workshop().writing());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"job-sheet.pdf\"")
        .body(pdf);
  }

  private static LayoutResult laid(BuildModel model, String layoutId) {
    return model.make().layouts().stream()
        .filter(each -> each.layout().id().equals(layoutId))
        .findFirst()
        .orElseThrow();
  }

  /** The address of a build's cards: a label adds the card. */
  private static String bench(String buildId) {
    return ServletUriComponentsBuilder.fromCurrentContextPath()
            .path("/bench")
            .queryParam("build", buildId)
            .toUriString()
        + "&card=";
  }
}
