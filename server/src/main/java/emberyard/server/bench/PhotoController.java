package emberyard.server.bench;

import emberyard.core.record.Photo;
import emberyard.core.units.Require;
import emberyard.server.access.Account;
import emberyard.server.files.PictureFiles;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures of the work. */
@RestController
class PhotoController {
  /** A picture is called by its contents. */
  private static final Duration NEVER_CHANGES = Duration.ofDays(365);

  private final PictureFiles files;
  private final ThingStore store;
  private final YardReader yard;
  private final Clock clock;

  PhotoController(PictureFiles files, ThingStore store, YardReader yard, Clock clock) {
    this.files = files;
    this.store = store;
    this.yard = yard;
    this.clock = clock;
  }

  /** Takes a JPEG or PNG of at most 12 MB; keeps it without metadata, at most 2,000 pixels wide. */
  @PostMapping(
      value = "/api/builds/{buildId}/photos",
      consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  Versioned<Photo> add(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestParam String id,
      @RequestParam(defaultValue = "") String taskKey,
      @RequestParam(defaultValue = "") String caption,
      @RequestPart MultipartFile file)
      throws IOException {
    Require.text("id", id);
    yard.read().build(buildId);
    String sha256 = files.keep(file.getBytes());
    Photo photo = new Photo(id, sha256, taskKey, caption, clock.instant());
    return new Versioned<>(
        store.apply(who.id(), List.of(Write.create(buildId, photo))).get(0), photo);
  }

  /** A picture that is kept, to be named by its SHA-256. */
  record KeptPicture(String sha256) {}

  /** Keeps a picture for something of the workshop, an offcut for example. */
  @PostMapping(value = "/api/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  KeptPicture keep(@RequestPart MultipartFile file) throws IOException {
    return new KeptPicture(files.keep(file.getBytes()));
  }

  @GetMapping("/api/pictures/{sha256}")
  ResponseEntity<Resource> picture(@PathVariable String sha256) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate().immutable())
        .body(new FileSystemResource(files.find(sha256)));
  }
}
