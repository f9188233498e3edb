package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The calculators of finishes answer the handbook's examples without a build. */
@ExtendWith(TestYard.class)
class FinishCalculatorTest {
  private static final Map<String, Object> CLEAR =
      Map.of("colour", "#FFFFFF", "transmittance", 0.92, "thicknessMm", 3);

  private static JsonNode ask(Client owner, String what, Object body) {
    return owner.post("/api/calc/finish/" + what, body).expect(200).json();
  }

  @Test
  void coatsOverAGround(Client owner) {
    JsonNode answer =
        ask(
            owner,
            "coats",
            Map.of(
                "paint",
                Map.of("colour", "#F2F2EF", "contrastRatio", 0.7),
                "ground",
                "#151515",
                "tolerance",
                1.5));
    assertEquals(5, answer.path("coats").asInt());
    assertEquals(9.36, answer.path("steps").path(0).path("deltaE00").asDouble(), 0.005);
    assertEquals(1.21, answer.path("steps").path(4).path("deltaE00").asDouble(), 0.005);
    assertTrue(answer.path("strength").asDouble() > 0);
    owner
        .post(
            "/api/calc/finish/coats",
            Map.of("paint", Map.of("colour", "white", "contrastRatio", 0.7), "ground", "#151515"))
        .expect(422);
  }

  @Test
  void hidingFromACard(Client owner) {
    JsonNode answer =
        ask(owner, "calibrate", Map.of("colour", "#F2F2EF", "coatsOverBlack", 5, "tolerance", 1.5));
    double ratio = answer.path("contrastRatio").asDouble();
    JsonNode coats =
        ask(
            owner,
            "coats",
            Map.of(
                "paint",
                Map.of("colour", "#F2F2EF", "contrastRatio", ratio),
                "ground",
                "#000000",
                "tolerance",
                1.5001));
    assertEquals(5, coats.path("coats").asInt());
  }

  @Test
  void quantityWithEdges(Client owner) {
    JsonNode answer =
        ask(
            owner,
            "quantity",
            Map.of(
                "areaM2", 0.1,
                "coats", 3,
                "dryFilmUm", 15,
                "solids", 0.18,
                "perimeterMm", 1_000,
                "thicknessMm", 3));
    assertEquals(138.9, answer.path("mlPerM2").asDouble(), 0.05);
    assertEquals(0.103, answer.path("areaM2").asDouble(), 1e-9);
    assertEquals(42.9, answer.path("ml").asDouble(), 0.05);
    assertEquals(1, answer.path("cans").asInt());
  }

  @Test
  void windowsByTheHour(Client owner) {
    Map<String, Object> coat =
        Map.of(
            "base", "solvent",
            "flashMinutes", 10,
            "recoatFromMinutes", 20,
            "recoatUntilMinutes", 60,
            "handleHours", 2,
            "cureHours", 48);
    JsonNode answer =
        ask(
            owner,
            "window",
            Map.of(
                "start", "2026-03-03T09:00",
                "coats", List.of(coat, coat),
                "weather",
                    List.of(
                        Map.of(
                            "at", "2026-03-03T09:00",
                            "temperatureC", 14,
                            "humidityPercent", 70))));
    assertEquals(
        "2026-03-03T09:49", answer.path("times").path(1).path("start").asString().substring(0, 16));
    assertEquals(0, answer.path("violations").size());
  }

  private static Map<String, Object> step(String side, String op, String colour, int coats) {
    return colour == null
        ? Map.of("side", side, "op", op, "shape", "lines")
        : Map.of(
            "side", side,
            "op", op,
            "coats", coats,
            "product", Map.of("colour", colour, "contrastRatio", 0.9));
  }

  @Test
  void theThreeWaysToRedLines(Client owner) {
    List<Map<String, Object>> shapes = List.of(Map.of("name", "lines"));
    JsonNode behind =
        layers(
            owner,
            shapes,
            List.of(
                step("back", "paint", "#B3202A", 3),
                step("back", "stencil", null, 0),
                step("back", "paint", "#151515", 3),
                step("back", "peel", null, 0)));
    assertEquals("#B3202A", near(behind, "field", "front"));
    assertEquals("#151515", near(behind, "field", "back"));
    assertEquals("#B3202A", near(behind, "lines", "back"));
    assertTrue(behind.path("findings").toString().contains("Pattern vanishes from the front"));
    JsonNode through =
        layers(
            owner,
            shapes,
            List.of(
                step("back", "stencil", null, 0),
                step("back", "paint", "#151515", 3),
                step("back", "peel", null, 0),
                step("back", "paint", "#B3202A", 3)));
    assertEquals("#151515", near(through, "field", "front"));
    assertEquals("#B3202A", near(through, "lines", "front"));
    JsonNode faces =
        layers(
            owner,
            shapes,
            List.of(
                step("back", "paint", "#B3202A", 3),
                step("front", "stencil", null, 0),
                step("front", "paint", "#151515", 3),
                step("front", "peel", null, 0)));
    assertEquals("#151515", near(faces, "field", "front"));
    assertEquals("#B3202A", near(faces, "lines", "front"));
    assertEquals("#B3202A", near(faces, "field", "back"));
  }

  private static JsonNode layers(
      Client owner, List<Map<String, Object>> shapes, List<Map<String, Object>> steps) {
    return ask(owner, "layers", Map.of("sheet", CLEAR, "shapes", shapes, "steps", steps));
  }

  /** Which of the two paints a region shows. */
  private static String near(JsonNode answer, String region, String side) {
    for (JsonNode each : answer.path("regions")) {
      if (each.path("name").asString().equals(region)) {
        String hex = each.path(side).path("unlit").asString();
        int red = Integer.parseInt(hex.substring(1, 3), 16);
        return red > 100 ? "#B3202A" : "#151515";
      }
    }
    throw new AssertionError(region);
  }

  @Test
  void anOrderIsFoundOrWhatIsMissingIsSaid(Client owner) {
    JsonNode found =
        ask(
            owner,
            "order",
            Map.of(
                "sheet",
                CLEAR,
                "shapes",
                List.of(Map.of("name", "lines", "wanted", "#EDE3C4")),
                "field",
                "#2E4A45"));
    assertTrue(found.path("missing").isEmpty(), found.toString());
    assertTrue(found.path("coats").asInt() >= 4);
    JsonNode none =
        ask(
            owner,
            "order",
            Map.of(
                "sheet",
                CLEAR,
                "shapes",
                List.of(Map.of("name", "lines", "wanted", "#EDE3C4")),
                "field",
                "#2E4A45",
                "products",
                List.of(Map.of("id", "cream"))));
    assertTrue(none.path("missing").toString().contains("#2E4A45"));
    owner
        .post(
            "/api/calc/finish/layers",
            Map.of("sheet", CLEAR, "steps", List.of(Map.of("side", "front", "op", "melt"))))
        .expect(422);
    owner
        .post(
            "/api/calc/finish/layers",
            Map.of(
                "sheet",
                CLEAR,
                "steps",
                List.of(Map.of("side", "front", "op", "stencil", "shape", "gone"))))
        .expect(422);
  }

  @Test
  void aProductMayBeNamedByItsIdInTheStock(Client owner) {
    JsonNode answer =
        ask(
            owner,
            "layers",
            Map.of(
                "sheet",
                CLEAR,
                "steps",
                List.of(
                    Map.of("side", "front", "op", "paint", "product", "enamel-red", "coats", 4))));
    String seen = answer.path("regions").path(0).path("front").path("unlit").asString();
    assertEquals("#9E", seen.substring(0, 3), seen);
    owner
        .post(
            "/api/calc/finish/layers",
            Map.of(
                "sheet",
                CLEAR,
                "steps",
                List.of(Map.of("side", "front", "op", "paint", "product", "no-such"))))
        .expect(422);
  }

  @Test
  void drawnShapesAreMeasuredAndTheirIslandsBridged(Client owner) {
    String ring = "M10 10L90 10L90 50L10 50ZM40 20L60 20L60 40L40 40Z";
    JsonNode answer =
        ask(
            owner,
            "layers",
            Map.of(
                "sheet",
                Map.of("colour", "#FFFFFF", "transmittance", 0.92, "widthMm", 100, "heightMm", 60),
                "shapes",
                List.of(Map.of("name", "ring", "path", ring)),
                "steps",
                List.of(
                    Map.of("side", "front", "op", "stencil", "shape", "ring", "outside", true))));
    double areas = 0;
    for (JsonNode region : answer.path("regions")) {
      areas += region.path("areaMm2").asDouble();
    }
    assertEquals(6_000, areas, 0.01);
    assertTrue(answer.path("findings").toString().contains("island"), answer.toString());
  }
}
