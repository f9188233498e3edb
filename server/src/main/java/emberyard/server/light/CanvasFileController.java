package emberyard.server.light;

import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Canvases taken away as files: with values made up, or as they are just now. */
@RestController
@RequestMapping("/api/builds/{buildId}/light/canvases")
class CanvasFileController {
  private final ScreenPictures pictures;
  private final CanvasFiles files;

  CanvasFileController(ScreenPictures pictures, CanvasFiles files) {
    this.pictures = pictures;
    this.files = files;
  }

  /** All of a canvas as SVG in mm, also what lies behind rims. */
  @GetMapping(value = "/{canvasId}.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> svg(@PathVariable String buildId, @PathVariable String canvasId) {
    return file(files.svg(pictures.sample(buildId, canvasId)), "canvas.svg", "image/svg+xml");
  }

  /** What one screen shows, as PNG in its own pixels and the way its pixels lie. */
  @GetMapping(value = "/{canvasId}/{paneId}.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> png(
      @PathVariable String buildId,
      @PathVariable String canvasId,
      @PathVariable String paneId,
      @RequestParam(defaultValue = "false") boolean upright,
      @RequestParam(defaultValue = "false") boolean now)
      throws IOException {
    var picture = now ? pictures.now(buildId, canvasId) : pictures.sample(buildId, canvasId);
    return file(files.png(picture, paneId, upright), "screen.png", MediaType.IMAGE_PNG_VALUE);
  }

  private static ResponseEntity<byte[]> file(byte[] content, String name, String type) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .header(HttpHeaders.CONTENT_TYPE, type)
        .body(content);
  }
}
