package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The calculators of made parts answer without a build. */
@ExtendWith(TestYard.class)
class MakeCalculatorTest {
  private static JsonNode ask(Client owner, String what, Object body) {
    return owner.post("/api/calc/make/" + what, body).expect(200).json();
  }

  @Test
  void aPartByItsRecipe(Client owner) {
    JsonNode part =
        ask(
            owner,
            "part",
            Map.of(
                "widthMm",
                200,
                "heightMm",
                100,
                "thicknessMm",
                3,
                "material",
                "acrylic",
                "drawing",
                Map.of(
                    "steps",
                    List.of(
                        Map.of(
                            "id",
                            "h",
                            "op",
                            "CUT",
                            "xMm",
                            4,
                            "yMm",
                            50,
                            "figure",
                            Map.of("kind", "HOLE", "diameterMm", 4))))));
    assertEquals(20_000 - 4 * Math.PI, part.path("areaMm2").asDouble(), 1e-6);
    assertEquals(0.0714 - 0.0000449, part.path("massKg").asDouble(), 1e-5);
    assertTrue(part.path("findings").toString().contains("to the edge"));
    assertTrue(part.path("svg").asString().startsWith("<?xml"));
  }

  @Test
  void aPartByItsDrawing(Client owner) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='60mm' viewBox='0 0 80 60'>"
            + "<rect width='80' height='60'/><circle cx='20' cy='20' r='5'/></svg>";
    JsonNode part = ask(owner, "part", Map.of("thicknessMm", 4, "material", "ply", "file", svg));
    assertEquals(4_800 - 25 * Math.PI, part.path("areaMm2").asDouble(), 0.1);
    assertEquals(1, part.path("openings").asInt());
    owner
        .post("/api/calc/make/part", Map.of("thicknessMm", 4, "material", "ply", "file", "rubbish"))
        .expect(422);
    owner.post("/api/calc/make/part", Map.of("thicknessMm", 4, "material", "ply")).expect(422);
    owner
        .post(
            "/api/calc/make/part",
            Map.of("widthMm", 50, "heightMm", 50, "thicknessMm", 4, "material", "cheese"))
        .expect(422);
  }

  @Test
  void cuttingBendingTapeAndPhoto(Client owner) {
    JsonNode time =
        ask(
            owner,
            "cut-time",
            Map.of(
                "contourMm", 2484, "speedMmPerSecond", 12, "pierces", 5, "engraveAreaMm2", 9600));
    assertEquals(449, time.path("totalSeconds").asDouble(), 1e-9);
    JsonNode bend =
        ask(
            owner,
            "bend",
            Map.of(
                "thicknessMm",
                3,
                "firstLegMm",
                40,
                "bends",
                List.of(Map.of("angleDegrees", 90, "insideRadiusMm", 6, "legMm", 60))));
    assertEquals(111.545, bend.path("flatMm").asDouble(), 0.01);
    JsonNode tape = ask(owner, "tape", Map.of("massKg", 1.1, "hot", true));
    assertEquals(1045, tape.path("lengthMm").asDouble(), 1e-9);
    assertTrue(tape.path("stop").asString().contains("1 kg"));
    JsonNode photo =
        ask(
            owner,
            "photo",
            Map.of(
                "reference",
                Map.of(
                    "lengths",
                    List.of(
                        Map.of(
                            "from", Map.of("xPx", 0, "yPx", 0),
                            "to", Map.of("xPx", 400, "yPx", 0),
                            "lengthMm", 200))),
                "points",
                List.of(Map.of("xPx", 0, "yPx", 0), Map.of("xPx", 0, "yPx", 600))));
    assertEquals(300, photo.path("distances").path(0).path("medianMm").asDouble(), 1);
    assertTrue(photo.path("distances").path(0).path("plusMinusMm").asDouble() > 0.3);
    owner
        .post("/api/calc/make/photo", Map.of("reference", Map.of(), "points", List.of()))
        .expect(422);
    owner
        .post("/api/calc/make/cut-time", Map.of("contourMm", -1, "speedMmPerSecond", 12))
        .expect(422);
  }

  @Test
  void nestingIsTheSameForASeed(Client owner) {
    Map<String, Object> asked =
        Map.of(
            "sheets",
            List.of(Map.of("widthMm", 600, "heightMm", 400, "quantity", 2)),
            "pieces",
            List.of(
                Map.of("id", "a", "widthMm", 250, "heightMm", 180, "quantity", 4),
                Map.of("id", "b", "path", "M0 0L80 0L40 70Z", "quantity", 6)),
            "kerfMm",
            0.2,
            "seed",
            3,
            "iterations",
            20);
    JsonNode one = ask(owner, "nest", asked);
    assertEquals(one, ask(owner, "nest", asked));
    assertEquals(10, one.path("placements").size());
    assertEquals(1, one.path("lowerBound").asInt());
    assertTrue(one.path("utilisation").asDouble() > 0.4);
    owner
        .post(
            "/api/calc/make/nest",
            Map.of("sheets", List.of(), "pieces", List.of(Map.of("widthMm", 5, "heightMm", 5))))
        .expect(422);
    String wrong =
        owner
            .post(
                "/api/calc/make/nest",
                Map.of(
                    "sheets", List.of(Map.of("widthMm", 100, "heightMm", 100)),
                    "pieces", List.of(Map.of("widthMm", 5, "heightMm", -5))))
            .expect(422)
            .text();
    assertTrue(wrong.contains("pieces/0/heightMm"), wrong);
  }

  @Test
  void aMeshIsMeasuredAndNotKept(Client owner) {
    byte[] none = "solid x\nendsolid x\n".getBytes(java.nio.charset.StandardCharsets.US_ASCII);
    owner.postFile("/api/calc/make/mesh", "file", "x.stl", none).expect(422);
  }
}
