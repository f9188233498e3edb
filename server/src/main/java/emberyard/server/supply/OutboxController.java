package emberyard.server.supply;

import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Letters to shops; for owners, since they tell prices. */
@RestController
@RequestMapping("/api/outbox")
class OutboxController {
  private final Outbox outbox;

  OutboxController(Outbox outbox) {
    this.outbox = outbox;
  }

  /** The latest, the newest first. */
  @GetMapping
  List<Outbox.Mail> all() {
    return outbox.all();
  }

  /** A letter as a file that mail programs open. */
  @GetMapping(value = "/{name}.eml", produces = "message/rfc822")
  ResponseEntity<byte[]> file(@PathVariable String name) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name + ".eml").build().toString())
        .body(outbox.file(name));
  }
}
