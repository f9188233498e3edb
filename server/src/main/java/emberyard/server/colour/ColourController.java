package emberyard.server.colour;

import emberyard.core.colour.Colour;
import emberyard.core.colour.Difference;
import emberyard.core.colour.Lab;
import emberyard.core.colour.PictureColours;
import emberyard.core.colour.Vision;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.JsonNode;

/** Colour calculators: nothing is kept. */
@RestController
@RequestMapping("/api/calc/colour")
class ColourController {

  /** Two colours. */
  record DifferenceQuestion(
      @Schema(description = "#RRGGBB, or {l, a, b} in CIELAB D65", type = "object") JsonNode a,
      @Schema(description = "#RRGGBB, or {l, a, b} in CIELAB D65", type = "object") JsonNode b) {}

  record DifferenceAnswer(
      @Schema(description = "CIEDE2000") double deltaE00,
      @Schema(description = "How it reads, and which way from a to b") String words) {}

  /** A surface in a light. */
  record LightQuestion(
      @Schema(description = "#RRGGBB") String surface,
      @Schema(description = "#RRGGBB") String light,
      @Schema(description = "1 when left out", minimum = "0", maximum = "10", defaultValue = "1")
          @Nullable Double intensity) {}

  record LightAnswer(@Schema(description = "#RRGGBB") String seen) {}

  /** Colours as others see them. */
  record VisionQuestion(
      @Schema(description = "#RRGGBB each, at most 50") List<String> colours,
      @Schema(description = "protan, deutan or tritan") String kind) {}

  record VisionAnswer(
      @Schema(description = "Simulated, in the order they came") List<String> simulated,
      @Schema(description = "Pairs that become one") List<CollapsedPair> collapsing) {}

  /**
   * Two colours that become one.
   *
   * @param before ΔE00 for usual eyes, 15 or more
   * @param after ΔE00 as simulated, under 8
   */
  record CollapsedPair(String a, String b, double before, double after) {}

  record PictureAnswer(List<PictureColour> colours) {}

  record PictureColour(
      @Schema(description = "#RRGGBB") String hex,
      @Schema(description = "Share of the counted pixels, 0 to 1") double share) {}

  @PostMapping("/difference")
  DifferenceAnswer difference(@RequestBody DifferenceQuestion question) {
    Difference difference = Difference.between(lab("a", question.a()), lab("b", question.b()));
    return new DifferenceAnswer(difference.deltaE00(), difference.words());
  }

  @PostMapping("/under-light")
  LightAnswer underLight(@RequestBody LightQuestion question) {
    Colour surface = Colour.hex("surface", question.surface());
    Colour light = Colour.hex("light", question.light());
    double intensity = question.intensity() == null ? 1 : question.intensity();
    return new LightAnswer(surface.under(light, intensity).hex());
  }

  @PostMapping("/vision")
  VisionAnswer vision(@RequestBody VisionQuestion question) {
    List<String> names = Require.list(question.colours());
    Require.between("colours", names.size(), 0, 50, "colours");
    Vision vision = vision(question.kind());
    List<Colour> colours = names.stream().map(hex -> Colour.hex("colours", hex)).toList();
    return new VisionAnswer(
        colours.stream().map(colour -> vision.seen(colour).hex()).toList(),
        vision.collapsing(colours).stream()
            .map(
                p ->
                    new CollapsedPair(
                        names.get(p.first()), names.get(p.second()), p.before(), p.after()))
            .toList());
  }

  /** The main colours of a JPEG or PNG of at most 12 MB. The picture is not kept. */
  @PostMapping(value = "/palette", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  PictureAnswer palette(
      @RequestPart MultipartFile picture,
      @RequestParam(defaultValue = "5") int k,
      @RequestParam(defaultValue = "false") boolean withoutNearWhite)
      throws IOException {
    Require.between("k", k, 1, 12, "colours");
    List<Colour> pixels = PictureReader.pixels(picture.getBytes());
    return new PictureAnswer(
        PictureColours.of(pixels, k, withoutNearWhite).stream()
            .map(main -> new PictureColour(main.colour().hex(), main.share()))
            .toList());
  }

  private static Vision vision(@Nullable String kind) {
    return Stream.of(Vision.values())
        .filter(
            each ->
                kind != null
                    && kind.toLowerCase(Locale.ROOT)
                        .startsWith(each.name().toLowerCase(Locale.ROOT)))
        .findFirst()
        .orElseThrow(() -> new InvalidValue("kind", "Kinds are protan, deutan and tritan."));
  }

  private static Lab lab(String field, @Nullable JsonNode colour) {
    if (colour == null || colour.isNull()) {
      throw new InvalidValue(field, "Give a colour, #RRGGBB or {l, a, b}.");
    }
    if (!colour.isObject()) {
      return Colour.hex(field, colour.asString("")).lab();
    }
    Stream.of("l", "a", "b")
        .forEach(
            axis ->
                Require.that(
                    colour.path(axis).isNumber(),
                    field + "." + axis,
                    "A CIELAB colour has numbers l, a and b."));
    return new Lab(
        colour.get("l").asDouble(), colour.get("a").asDouble(), colour.get("b").asDouble());
  }
}
