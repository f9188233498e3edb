package emberyard.server.api;

import emberyard.server.access.PageGuard;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The page of the application, for every address it can have, and that of a build's screens. */
@Hidden
@RestController
class PageController {
  private static final String PLACE_OF_NONCE = "__EMBER_STYLE_NONCE__";

  @GetMapping({
    "/",
    "/yard",
    "/bench",
    "/stock",
    "/suppliers",
    "/workshop",
    "/builds/{buildId}",
    "/builds/{buildId}/{stop:[a-z]+}"
  })
  ResponseEntity<String> page(HttpServletRequest request) throws IOException {
    return page("static/index.html", request);
  }

  /** The page of one screen of a build, whatever its token: it says itself whether it opens. */
  @GetMapping("/screens/{token}")
  ResponseEntity<String> screen(HttpServletRequest request) throws IOException {
    return page("static/screen.html", request);
  }

  private static ResponseEntity<String> page(String file, HttpServletRequest request)
      throws IOException {
    String nonce = (String) request.getAttribute(PageGuard.NONCE);
    String page = new ClassPathResource(file).getContentAsString(StandardCharsets.UTF_8);
    return ResponseEntity.ok()
        .contentType(MediaType.TEXT_HTML)
        .cacheControl(CacheControl.noStore())
        .body(page.replace(PLACE_OF_NONCE, nonce));
  }
}
