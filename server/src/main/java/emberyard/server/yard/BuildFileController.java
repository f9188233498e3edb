package emberyard.server.yard;

import emberyard.server.access.Account;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A build out to one JSON file, and in again. */
@RestController
@RequestMapping("/api")
class BuildFileController {
  private final BuildFiles files;

  BuildFileController(BuildFiles files) {
    this.files = files;
  }

  @GetMapping("/builds/{buildId}/export")
  ResponseEntity<BuildFile> export(@PathVariable String buildId) throws IOException {
    String name = buildId.replaceAll("[^A-Za-z0-9-]", "_") + ".ember.json";
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .body(files.write(buildId));
  }

  /**
   * Takes a build of at most 40 MB in, or says why not and changes nothing.
   *
   * @param existing what becomes of a build that is here already: REPLACE it, or take the file in
   *     as a COPY beside it; where it is left out, such a build is a 409
   */
  @PostMapping(value = "/import", consumes = "application/json")
  BuildFiles.ImportedBuild take(
      @AuthenticationPrincipal Account who,
      @RequestParam(required = false) BuildFiles.@Nullable Existing existing,
      HttpServletRequest request)
      throws IOException {
    return files.take(who, existing, request.getInputStream());
  }
}
