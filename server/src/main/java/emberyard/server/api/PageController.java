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

/** The one page of the application, for every address a screen can have. */
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
    String nonce = (String) request.getAttribute(PageGuard.NONCE);
    String page =
        new ClassPathResource("static/index.html").getContentAsString(StandardCharsets.UTF_8);
    return ResponseEntity.ok()
        .contentType(MediaType.TEXT_HTML)
        .cacheControl(CacheControl.noStore())
        .body(page.replace(PLACE_OF_NONCE, nonce));
  }
}
