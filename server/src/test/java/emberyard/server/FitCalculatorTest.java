package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The calculators of Fit over HTTP, with the examples of the docstrings. */
@ExtendWith(TestYard.class)
class FitCalculatorTest {
  private static final String CALC = "/api/calc/fit/";

  private static JsonNode ask(Client owner, String what, String body) {
    return owner.post(CALC + what, body).expect(200).json();
  }

  @Test
  void boxesArePlacedAndWhatLacksIsSaid(Client owner) {
    JsonNode answer =
        ask(
            owner,
            "place",
            """
            {"bays": [{"id": "pocket", "widthMm": 160, "depthMm": 160, "heightMm": 63.5}],
             "components": [
               {"id": "low", "widthMm": 60, "depthMm": 100, "heightMm": 40},
               {"id": "high", "widthMm": 80, "depthMm": 100, "heightMm": 75}]}
            """);
    assertEquals(false, answer.path("fits").asBoolean());
    assertEquals(true, answer.path("proven").asBoolean());
    assertEquals("low", answer.path("placements").get(0).path("componentId").asString());
    assertEquals(
        23.5, answer.path("placements").get(0).path("margins").path("aboveMm").asDouble(), 1e-9);
    JsonNode lack = answer.path("unplaced").get(0).path("smallestChanges").get(0);
    assertEquals("Z", lack.path("axis").asString());
    assertEquals(11.5, lack.path("needMm").asDouble(), 1e-9);
    assertEquals(63.5, lack.path("largestMm").asDouble(), 1e-9);
  }

  @Test
  void theAirOfACaseRisesOrIsBlown(Client owner) {
    String vents =
        """
        {"heatW": 30, "wallsWPerK": 1.5, "openings": [
          {"id": "low", "widthMm": 400, "heightMm": 10},
          {"id": "high", "widthMm": 400, "heightMm": 10, "lowMm": 300}]}
        """;
    JsonNode rising = ask(owner, "case-air", vents);
    assertEquals("WARMTH", rising.path("moved").asString());
    assertEquals(12.0, rising.path("riseK").asDouble(), 0.05);
    assertEquals(3.0, rising.path("flowM3PerHour").asDouble(), 0.05);
    JsonNode blown =
        ask(
            owner,
            "case-air",
            """
            {"heatW": 220, "fans": [
              {"fanMm": 120, "flowM3PerHour": 100, "air": "INTAKE"},
              {"fanMm": 120, "flowM3PerHour": 100, "air": "EXHAUST"}]}
            """);
    assertEquals("FANS", blown.path("moved").asString());
    assertEquals(13.1, blown.path("riseK").asDouble(), 0.05);
    owner.post(CALC + "case-air", "{\"heatW\": 30}").expect(422);
    owner.post(CALC + "case-air", vents.replace("\"lowMm\": 300", "\"lowMm\": -3")).expect(422);
  }

  @Test
  void stackScrewAndStandoffs(Client owner) {
    JsonNode gap =
        ask(
            owner,
            "stack",
            """
            {"cavityMm": 62, "cavityToleranceMm": 0.5, "wantedGapMm": 2, "layers": [
              {"name": "board", "nominalMm": 1.6, "toleranceMm": 0.2},
              {"name": "standoffs", "nominalMm": 6.5, "toleranceMm": 0.1},
              {"name": "cooler", "nominalMm": 47, "toleranceMm": 0.5},
              {"name": "plug", "nominalMm": 3, "toleranceMm": 0.5}]}
            """);
    assertEquals(3.9, gap.path("gapMm").asDouble(), 1e-9);
    assertEquals(2.1, gap.path("worstGapMm").asDouble(), 1e-9);
    assertEquals(3.01, gap.path("statisticalGapMm").asDouble(), 0.005);
    JsonNode screw =
        ask(
            owner,
            "screw",
            "{\"diameterMm\": 3, \"gripMm\": 4, \"depthMm\": 9, \"into\": \"insert\"}");
    assertEquals(12, screw.path("lengthMm").asInt());
    JsonNode posts =
        ask(
            owner,
            "standoff",
            "{\"count\": 4, \"coreMm\": 3.3, \"heightMm\": 60, \"lateralN\": 200, \"material\": \"mild_steel\", \"clamped\": true, \"carrying\": 4}");
    assertEquals(425, posts.path("bendingMpa").asDouble(), 0.5);
    assertEquals(false, posts.path("holds").asBoolean());
  }

  @Test
  void powerWithLeadsAndSlots(Client owner) {
    JsonNode budget =
        ask(
            owner,
            "power",
            """
            {"otherWatts": 10, "components": [
              {"kind": "PROCESSOR", "peakWatts": 105},
              {"kind": "GRAPHICS", "peakWatts": 220, "asks": [{"kind": "GRAPHICS_8", "count": 2}]},
              {"kind": "BOARD", "typicalWatts": 29, "peakWatts": 40,
               "offers": [{"kind": "SATA_DATA", "count": 4}],
               "m2Slots": [{"lanes": 4, "disables": "SATA_DATA", "disablesCount": 2}]},
              {"kind": "DRIVE", "asks": [{"kind": "M2", "count": 1}]},
              {"kind": "SUPPLY", "supplyWatts": 450,
               "offers": [{"kind": "GRAPHICS_8", "count": 2, "leads": 1}]}]}
            """);
    assertEquals(455, budget.path("power").path("wantedWatts").asDouble(), 1e-9);
    assertEquals(500, budget.path("power").path("standardWatts").asInt());
    assertEquals(496, budget.path("power").path("transientWatts").asDouble(), 1e-9);
    assertEquals("2/2", line(budget, "GRAPHICS_8"));
    assertEquals("2/1", line(budget, "leads-GRAPHICS_8"), "a lead with two plugs counts once");
    assertEquals("0/2", line(budget, "SATA_DATA"), "the slot in use switches two off");
    assertEquals("1/1", line(budget, "M2"));
  }

  private static String line(JsonNode budget, String key) {
    for (JsonNode line : budget.path("lines")) {
      if (line.path("key").asString().equals(key)) {
        return "%.0f/%.0f".formatted(line.path("wanted").asDouble(), line.path("there").asDouble());
      }
    }
    return "none";
  }

  @Test
  void theLoopOfTheHandbook(Client owner) {
    JsonNode heat =
        ask(
            owner,
            "loop",
            """
            {"heatW": 420, "coolantL": 0.9, "copperKg": 2.2, "roomC": 22,
             "radiators": [{"sections": 3, "sizeMm": 120, "thicknessMm": 45, "rpm": 1200}],
             "chips": [{"watts": 120, "resistance": 0.22, "limitC": 95}]}
            """);
    assertEquals(24.3, heat.path("conductance").asDouble(), 1e-9);
    assertEquals(17.3, heat.path("riseK").asDouble(), 0.05);
    assertEquals(3.2, heat.path("tauMinutes").asDouble(), 0.05);
    assertEquals(9.5, heat.path("settleMinutes").asDouble(), 0.05);
    JsonNode chip = heat.path("chips").get(0);
    assertEquals(22 + 17.28 + 26.4, chip.path("temperatureC").asDouble(), 0.02);
    assertEquals(95, chip.path("temperatureC").asDouble() + chip.path("marginK").asDouble(), 1e-9);
  }

  @Test
  void airThroughAHoleField(Client owner) {
    JsonNode air =
        ask(
            owner,
            "air",
            """
            {"openings": [{"id": "field", "widthMm": 120, "heightMm": 120,
               "field": {"pattern": "STAGGERED", "holeMm": 4, "pitchMm": 6, "slotMm": 0}}],
             "fans": [
               {"fanMm": 120, "flowM3PerHour": 90, "air": "INTAKE", "openingId": "field"},
               {"fanMm": 120, "flowM3PerHour": 70, "air": "EXHAUST"}]}
            """);
    assertEquals(0.403, air.path("openings").get(0).path("openShare").asDouble(), 5e-4);
    JsonNode fan = air.path("fans").get(0);
    assertEquals(8_330, fan.path("sweptMm2").asDouble(), 10);
    assertTrue(fan.path("factor").asDouble() < 0.9);
    assertEquals(1, air.path("fans").get(1).path("factor").asDouble(), 1e-9);
    assertEquals("KEEPS_DUST_OUT", air.path("balance").path("verdict").asString());
  }

  @Test
  void weightOnTwoLinesAndOnFourFeet(Client owner) {
    String items =
        """
        {"items": [{"massKg": 1.1, "xMm": 90}, {"massKg": 2.4, "xMm": 210},
                   {"massKg": 1.8, "xMm": 330}, {"massKg": 0.9, "xMm": 480}],
         "supports": [%s]}
        """;
    JsonNode lines = ask(owner, "balance", items.formatted("{\"xMm\": 0}, {\"xMm\": 500}"));
    assertEquals(6.2, lines.path("massKg").asDouble(), 1e-9);
    assertEquals(262.7, lines.path("centre").path("xMm").asDouble(), 0.05);
    assertEquals(0.475, lines.path("loads").get(0).path("share").asDouble(), 5e-4);
    assertEquals("left", lines.path("tips").get(0).path("over").asString());
    JsonNode feet =
        ask(
            owner,
            "balance",
            items.formatted(
                "{\"xMm\": 0, \"yMm\": -50}, {\"xMm\": 500, \"yMm\": -50}, {\"xMm\": 0, \"yMm\": 50}, {\"xMm\": 500, \"yMm\": 50}"));
    assertEquals(4, feet.path("tips").size());
    assertEquals(4, feet.path("loads").size());
    double front = 0.5 * (1 - 262.7 / 500);
    assertEquals(front, feet.path("loads").get(0).path("share").asDouble(), 1e-3);
    assertEquals(-50, feet.path("loads").get(0).path("atMm").asDouble());
  }

  @Test
  void threeFeetTipOverTheirSides(Client owner) {
    JsonNode stool =
        ask(
            owner,
            "balance",
            """
            {"items": [{"massKg": 6, "xMm": 150, "yMm": 170, "zMm": 300},
                       {"massKg": 2, "xMm": 80, "yMm": 90, "zMm": 120}],
             "supports": [{"xMm": 0, "yMm": 0}, {"xMm": 300, "yMm": 0}, {"xMm": 150, "yMm": 300}]}
            """);
    assertEquals(11.4, stool.path("leastTipDegrees").asDouble(), 0.05);
  }

  @Test
  void whatAHandPutInTheWrongPlaceDoesNotFit(Client owner) {
    JsonNode answer =
        ask(
            owner,
            "place",
            """
            {"bays": [{"id": "bay", "widthMm": 100, "depthMm": 100, "heightMm": 100}],
             "components": [{"id": "a", "widthMm": 40, "depthMm": 40, "heightMm": 30,
               "pin": {"bayId": "bay", "turn": "UPRIGHT", "xMm": 90, "yMm": 0, "zMm": 0}}]}
            """);
    assertEquals(false, answer.path("fits").asBoolean());
    assertEquals(false, answer.path("proven").asBoolean());
    assertEquals("a", answer.path("wrongPins").get(0).path("componentId").asString());
    assertEquals(
        "sticks out of “bay”", answer.path("wrongPins").get(0).path("faults").get(0).asString());
  }

  @Test
  void noUsualSupplyIsLargeEnough(Client owner) {
    JsonNode budget =
        ask(
            owner,
            "power",
            "{\"otherWatts\": 60, \"components\": [{\"kind\": \"GRAPHICS\", \"quantity\": 4, \"peakWatts\": 3000}]}");
    assertTrue(budget.path("power").path("standardWatts").isNull());
    assertTrue(
        budget.path("power").path("why").toString().contains("screens and lights 60 W"),
        budget.path("power").path("why").toString());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "place|{\"bays\": [], \"components\": []}|#/bays",
        "place|{\"bays\": [{\"widthMm\": 0, \"depthMm\": 9, \"heightMm\": 9}], \"components\": []}|#/bays/0/widthMm",
        "place|{\"bays\": [{\"widthMm\": 9, \"depthMm\": 9, \"heightMm\": 9}], \"components\": [{\"widthMm\": 9, \"depthMm\": 9, \"heightMm\": 1e9}]}|#/components/0/heightMm",
        "place|{\"bays\": [{\"widthMm\": 9, \"depthMm\": 9, \"heightMm\": 9}], \"components\": [{\"name\": \"\", \"widthMm\": 9, \"depthMm\": 9, \"heightMm\": 9}]}|#/components/0/name",
        "stack|{\"cavityMm\": -1, \"cavityToleranceMm\": 0, \"layers\": [], \"wantedGapMm\": 0}|#/cavityMm",
        "stack|{\"cavityMm\": 9, \"layers\": [{\"nominalMm\": -1}]}|#/layers/0/nominalMm",
        "air|{\"fans\": [], \"openings\": [{\"id\": \"a\", \"widthMm\": 9, \"heightMm\": 9, \"field\": {\"pattern\": \"SQUARE\", \"holeMm\": 6, \"pitchMm\": 5}}]}|#/openings/0/field/pitchMm",
        "screw|{\"diameterMm\": 99, \"gripMm\": 4, \"depthMm\": 9, \"into\": \"STEEL\"}|#/diameterMm",
        "standoff|{\"count\": 0, \"coreMm\": 3, \"heightMm\": 60, \"material\": \"BRASS\"}|#/count",
        "power|{\"components\": []}|#/components",
        "power|{\"components\": [{\"kind\": \"BOARD\", \"peakWatts\": 9999}]}|#/components/0/peakWatts",
        "loop|{\"heatW\": 10, \"radiators\": []}|#/radiators",
        "loop|{\"heatW\": 10, \"radiators\": [{\"sections\": 3, \"sizeMm\": 120, \"thicknessMm\": 45, \"rpm\": 9999}]}|#/radiators/0/rpm",
        "loop|{\"heatW\": 10, \"radiators\": [{\"sections\": 3, \"sizeMm\": 120, \"thicknessMm\": 45, \"rpm\": 0}]}|#/radiators",
        "air|{\"fans\": [{\"fanMm\": 1, \"flowM3PerHour\": 9, \"air\": \"INTAKE\"}], \"openings\": []}|#/fans/0/fanMm",
        "air|{\"fans\": [{\"fanMm\": 120, \"flowM3PerHour\": 9, \"air\": \"INTAKE\", \"openingId\": \"x\"}], \"openings\": []}|#/fans/0/openingId",
        "balance|{\"items\": []}|#/items",
        "balance|{\"items\": [{\"massKg\": -1, \"xMm\": 0}]}|#/items/0/massKg",
        "balance|{\"items\": [{\"massKg\": 1, \"xMm\": 0}], \"supports\": [{\"xMm\": 1e308, \"yMm\": 0}, {\"xMm\": 0, \"yMm\": 1}]}|#/supports/0/xMm",
        "loop|{\"heatW\": 300, \"radiators\": [{\"sections\": 3, \"sizeMm\": 120, \"thicknessMm\": 30, \"rpm\": 900}], \"chips\": [{\"watts\": 900, \"resistance\": 0.1, \"limitC\": 90}]}|#/heatW",
        "air|{\"fans\": [], \"openings\": [{\"id\": \"a\", \"widthMm\": 50, \"heightMm\": 50}, {\"id\": \"a\", \"widthMm\": 60, \"heightMm\": 50}]}|#/openings/1/id",
        "balance|{\"items\": [{\"massKg\": 1, \"xMm\": 0}], \"supports\": [{\"xMm\": 5, \"yMm\": 5}, {\"xMm\": 5, \"yMm\": 5}]}|#/supports",
      })
  void whatIsOutOfRangeIsNamed(String what, String body, String pointer) {
    JsonNode problem = TestYard.owner().post(CALC + what, body).expect(422).json();
    assertEquals(pointer, problem.path("errors").get(0).path("pointer").asString());
  }
}
