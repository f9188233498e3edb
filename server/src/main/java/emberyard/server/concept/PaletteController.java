package emberyard.server.concept;

import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour;
import emberyard.core.units.InvalidValue;
import emberyard.server.access.Account;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Versioned;
import emberyard.server.store.Write;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A palette as files others can read, and back from its own JSON. */
@RestController
@RequestMapping("/api/builds/{buildId}")
class PaletteController {
  private final ThingStore store;

  PaletteController(ThingStore store) {
    this.store = store;
  }

  /**
   * A palette as a file.
   *
   * @param format always {@code ember-yard-palette}
   */
  record PaletteFile(String format, int version, String name, List<PaletteColour> palette) {
    static final String FORMAT = "ember-yard-palette";
  }

  @GetMapping("/palette.json")
  ResponseEntity<PaletteFile> json(@PathVariable String buildId) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"palette.json\"")
        .body(new PaletteFile(PaletteFile.FORMAT, 1, buildId, look(buildId).palette()));
  }

  /** CSS custom properties, one a colour. */
  @GetMapping(value = "/palette.css", produces = "text/css;charset=UTF-8")
  ResponseEntity<String> css(@PathVariable String buildId) {
    String lines =
        look(buildId).palette().stream()
            .map(
                c ->
                    "  --%s: %s; /* %s */\n"
                        .formatted(property(c), c.hex(), c.role().name().toLowerCase(Locale.ROOT)))
            .collect(Collectors.joining());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"palette.css\"")
        .body(":root {\n" + lines + "}\n");
  }

  /** Swatches of 40 mm side by side, SVG in mm. */
  @GetMapping(value = "/palette.svg", produces = "image/svg+xml")
  ResponseEntity<String> svg(@PathVariable String buildId) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"palette.svg\"")
        .body(PaletteSvg.of(look(buildId).palette()));
  }

  /** Takes the colours of a palette file in place of those here. */
  @PostMapping("/palette")
  Versioned<Concept> take(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody PaletteFile file) {
    if (!PaletteFile.FORMAT.equals(file.format())) {
      throw new InvalidValue("format", "This is no palette written by Ember Yard.");
    }
    Concept now = store.get(Concept.class, buildId).value();
    Concept wanted = now.with(new Look(now.look().themeWords(), file.palette(), now.look().size()));
    List<Long> versions = store.apply(who.id(), List.of(Write.overwrite(buildId, wanted)));
    return new Versioned<>(versions.get(0), wanted);
  }

  private Look look(String buildId) {
    return store.get(Concept.class, buildId).value().look();
  }

  private static String property(PaletteColour colour) {
    String name =
        colour
            .name()
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9]+", "-")
            .replaceAll("^-|-$", "");
    return name.isEmpty() ? "colour" : name;
  }
}
