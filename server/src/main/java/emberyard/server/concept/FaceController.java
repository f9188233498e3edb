package emberyard.server.concept;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.FaceMirror;
import emberyard.core.glow.SceneLight;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.access.Account;
import emberyard.server.concept.ConceptPictures.ConceptView;
import emberyard.server.concept.ConceptPictures.Sketch;
import emberyard.server.drawing.SvgPicture;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The six faces: seen, tried, mirrored, taken away as files. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class FaceController {
  private final ConceptPictures pictures;
  private final YardReader yard;
  private final ThingStore store;

  FaceController(ConceptPictures pictures, YardReader yard, ThingStore store) {
    this.pictures = pictures;
    this.yard = yard;
    this.store = store;
  }

  /**
   * What a mirrored face brought.
   *
   * @param left names of things that stayed out: there is only one of them
   */
  record Mirrored(int parts, int items, List<String> left) {}

  @GetMapping("/concept")
  ConceptView concept(@PathVariable String buildId, @RequestParam(defaultValue = "") String scene) {
    return pictures.now(buildId, scene);
  }

  /** What the design would be with these things changed; nothing is kept. */
  @PostMapping("/concept/preview")
  ConceptView preview(
      @PathVariable String buildId,
      @RequestParam(defaultValue = "") String scene,
      @RequestBody Sketch sketch) {
    return pictures.preview(buildId, sketch, scene);
  }

  /** Copies all of a face to the face across, mirrored; what lies there stays. */
  @PostMapping("/faces/{face}/mirror")
  Mirrored mirror(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String face,
      @RequestParam String id) {
    Require.text("id", id);
    Build build = yard.read().build(buildId).build();
    FaceMirror mirror = FaceMirror.of(elevation(buildId, face), build.panels(), id);
    List<Write> writes = new ArrayList<>();
    mirror.panels().forEach(panel -> writes.add(Write.create(buildId, panel)));
    mirror.items().forEach(item -> writes.add(Write.create(buildId, item)));
    store.apply(who.id(), writes);
    return new Mirrored(mirror.panels().size(), mirror.items().size(), mirror.left());
  }

  /** One face as SVG in mm. */
  @GetMapping(value = "/faces/{face}.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> svg(
      @PathVariable String buildId,
      @PathVariable String face,
      @RequestParam(defaultValue = "false") boolean dusk,
      @RequestParam(defaultValue = "") String scene) {
    Elevation drawn = elevation(buildId, face);
    return file(FaceSvg.face(drawn, light(buildId, dusk, scene)), face + ".svg", "image/svg+xml");
  }

  /** One face as PNG, 2 pixels a mm. */
  @GetMapping(value = "/faces/{face}.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> png(
      @PathVariable String buildId,
      @PathVariable String face,
      @RequestParam(defaultValue = "false") boolean dusk,
      @RequestParam(defaultValue = "") String scene) {
    byte[] svg = FaceSvg.face(elevation(buildId, face), light(buildId, dusk, scene));
    return file(SvgPicture.png(svg), face + ".png", MediaType.IMAGE_PNG_VALUE);
  }

  /** All six faces unfolded on one sheet, as SVG in mm. */
  @GetMapping(value = "/faces.svg", produces = "image/svg+xml")
  ResponseEntity<byte[]> sheetSvg(
      @PathVariable String buildId,
      @RequestParam(defaultValue = "false") boolean dusk,
      @RequestParam(defaultValue = "") String scene) {
    byte[] svg = FaceSvg.sheet(all(buildId), light(buildId, dusk, scene));
    return file(svg, "faces.svg", "image/svg+xml");
  }

  /** All six faces unfolded on one sheet, as PNG. */
  @GetMapping(value = "/faces.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> sheetPng(
      @PathVariable String buildId,
      @RequestParam(defaultValue = "false") boolean dusk,
      @RequestParam(defaultValue = "") String scene) {
    byte[] svg = FaceSvg.sheet(all(buildId), light(buildId, dusk, scene));
    return file(SvgPicture.png(svg), "faces.png", MediaType.IMAGE_PNG_VALUE);
  }

  /** Day with the lights off while nobody asks for dusk or a scene. */
  private @Nullable SceneLight light(String buildId, boolean dusk, String scene) {
    return dusk || !scene.isEmpty()
        ? ConceptPictures.light(yard.read().build(buildId).build(), scene)
        : null;
  }

  private List<Elevation> all(String buildId) {
    List<Elevation> faces = yard.read().build(buildId).faces();
    if (faces.isEmpty()) {
      throw new InvalidValue("size", "Give the outer size first: the faces follow from it.");
    }
    return faces;
  }

  private Elevation elevation(String buildId, String name) {
    Face face =
        Stream.of(Face.values())
            .filter(each -> each.name().equals(name.toUpperCase(Locale.ROOT)))
            .findFirst()
            .orElseThrow(
                () -> new InvalidValue("face", "Faces are front, back, left, right, top, bottom."));
    return all(buildId).stream().filter(each -> each.face() == face).findFirst().orElseThrow();
  }

  private static ResponseEntity<byte[]> file(byte[] content, String name, String type) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .header(HttpHeaders.CONTENT_TYPE, type)
        .body(content);
  }
}
