package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What feeds what in a build, out of the library that ships. */
@ExtendWith(TestYard.class)
class WiringApiTest {
  private static String at(String build) {
    return "/api/builds/" + build;
  }

  /** A machine with a card of one HDMI output, a board without graphics, and screens. */
  private static void machine(Client owner, String build, String card, int screens) {
    owner.post("/api/builds", Map.of("id", build, "name", build)).expect(200);
    take(owner, build, "board", "board-curlew-a1");
    take(owner, build, "processor", "proc-plover-6");
    take(owner, build, "card", card);
    for (int i = 1; i <= screens; i++) {
      take(owner, build, "screen" + i, "screen-sill-10-bar");
    }
  }

  private static void take(Client owner, String build, String id, String product) {
    owner
        .post(at(build) + "/hardware", Map.of("id", build + "-" + id, "productId", product))
        .expect(200);
  }

  private static JsonNode view(Client owner, String build) {
    return owner.get(at(build)).expect(200).json();
  }

  private static JsonNode named(JsonNode list, String field, String value) {
    return StreamSupport.stream(list.spliterator(), false)
        .filter(each -> each.path(field).asString().equals(value))
        .findFirst()
        .orElse(null);
  }

  private static List<String> keys(JsonNode list, String field) {
    return StreamSupport.stream(list.spliterator(), false)
        .map(each -> each.path(field).asString())
        .toList();
  }

  @Test
  void screensAreFedAndTheirLeadsAreNeeded(Client owner) {
    machine(owner, "wire-fed", "gfx-gannet-70", 2);
    JsonNode view = view(owner, "wire-fed");
    JsonNode wiring = view.path("wiring");
    assertEquals(2, wiring.path("shownLit").asInt());
    assertTrue(wiring.path("proven").asBoolean());
    long needed = 0;
    for (JsonNode line : view.path("needs")) {
      JsonNode need = line.path("need");
      if (need.path("key").asString().startsWith("link:")) {
        needed +=
            Math.round(need.path("quantity").asDouble() * need.path("unitPriceMinor").asLong());
        assertFalse(need.path("neededBy").isEmpty());
      }
    }
    assertTrue(needed > 0);
    assertEquals(wiring.path("moneyMinor").asLong(), needed, "what is drawn is what is bought");
    JsonNode proof = wiring.at("/coldStarts/0");
    assertEquals(10, proof.path("starts").asInt(), "through an adapter nobody has tried");
    String key = "wire:" + proof.path("sinkId").asString() + "/starts";
    JsonNode task =
        StreamSupport.stream(view.path("tasks").spliterator(), false)
            .map(each -> each.path("task"))
            .filter(each -> each.path("key").asString().equals(key))
            .findFirst()
            .orElseThrow();
    assertTrue(task.path("gate").asBoolean());
    assertEquals(30, task.path("handsOnMinutes").asInt(), "10 starts of 3 minutes");
  }

  @Test
  void aDarkScreenHasItsReasonAndEachChangeLightsIt(Client owner) {
    machine(owner, "wire-dark", "gfx-gannet-30", 3);
    JsonNode view = view(owner, "wire-dark");
    assertEquals(2, view.path("wiring").path("shownLit").asInt());
    JsonNode dark = named(view.path("findings"), "key", "wire:wire-dark-screen3/dark");
    assertEquals("STOP", dark.path("severity").asString());
    assertTrue(
        dark.path("detail").asString().startsWith("What could feed it is taken"),
        dark.path("detail").asString());
    List<String> changes = keys(view.path("wiring").path("changes"), "words");
    assertTrue(changes.size() >= 4, changes.toString());
    for (String words : changes) {
      owner.post(at("wire-dark") + "/light/change", Map.of("words", words)).expect(200);
      JsonNode then = view(owner, "wire-dark").path("wiring");
      assertEquals(then.path("shown").asInt(), then.path("shownLit").asInt(), words);
      owner.post("/api/undo?place=wire-dark", Map.of()).expect(200);
      assertEquals(
          changes, keys(view(owner, "wire-dark").path("wiring").path("changes"), "words"), words);
    }
    JsonNode gone =
        owner
            .post(at("wire-dark") + "/light/change", Map.of("words", "Paint it green"))
            .expect(422)
            .json();
    assertEquals("#/words", gone.at("/errors/0/pointer").asString());
  }

  @Test
  void whatIsFixedByHandStaysAndTheRestGoesRoundIt(Client owner) {
    machine(owner, "wire-fix", "gfx-gannet-70", 2);
    JsonNode joins =
        owner.get(at("wire-fix") + "/light/joins?end=wire-fix-screen1").expect(200).json();
    JsonNode display = named(joins.path("joins"), "sourceId", "wire-fix-card/display_port-1");
    assertTrue(display.path("may").asBoolean());
    JsonNode dead = named(joins.path("joins"), "sourceId", "wire-fix-board/hdmi-1");
    assertFalse(dead.path("may").asBoolean());
    assertEquals("is dead: no graphics in Processor Plover 6", dead.path("words").asString());
    String way = at("wire-fix") + "/fixed-ways/wire-fix-w";
    String body =
        """
        {"id": "wire-fix-w", "name": "By hand", "sinkId": "wire-fix-screen1",
         "sourceId": "%s", "via": null}
        """;
    owner.put(way, body.formatted("wire-fix-card/display_port-1"), null).expect(200);
    JsonNode wiring = view(owner, "wire-fix").path("wiring");
    assertEquals(2, wiring.path("shownLit").asInt());
    assertTrue(named(wiring.path("takers"), "id", "wire-fix-screen1").path("fixed").asBoolean());
    assertEquals(
        "wire-fix-card/display_port-1",
        named(wiring.path("ropes"), "to", "wire-fix-screen1").path("from").asString());
    assertEquals(
        "wire-fix-card/hdmi-1",
        named(wiring.path("ropes"), "to", "wire-fix-screen2").path("from").asString());
    JsonNode from =
        owner.get(at("wire-fix") + "/light/joins?end=wire-fix-card/hdmi-1").expect(200).json();
    assertEquals(2, from.path("joins").size(), "both screens could hang there");
    owner.get(at("wire-fix") + "/light/joins?end=nowhere").expect(404);
  }

  /** A hub that is there is used; what refuses it is plugged in without it. */
  @Test
  void aHubIsRefusedByTheLightController(Client owner) {
    machine(owner, "wire-hub", "gfx-gannet-70", 0);
    take(owner, "wire-hub", "lights", "ctl-wren-light");
    take(owner, "wire-hub", "dial", "fan-swift-120d");
    take(owner, "wire-hub", "knob", "knob-pipit");
    take(owner, "wire-hub", "hub", "hub-linnet-usb");
    JsonNode wiring = view(owner, "wire-hub").path("wiring");
    assertEquals(2, wiring.path("devicesFed").asInt());
    assertEquals(1, wiring.path("shownLit").asInt(), "the dial in the fan is a screen");
    JsonNode lights = named(wiring.path("ropes"), "to", "wire-hub-lights");
    assertTrue(lights.path("from").asString().contains("usb2_header"), lights.toString());
    JsonNode program =
        named(view(owner, "wire-hub").path("findings"), "key", "program:wire-hub-dial/missing");
    assertEquals("NOTE", program.path("severity").asString());
  }

  /** What the tides of the day are shown on answers the wish only when it lights. */
  @Test
  void aWishIsAnsweredByAScreenThatLights(Client owner) {
    machine(owner, "wire-wish", "gfx-gannet-30", 3);
    owner
        .put(
            at("wire-wish") + "/requirements/wire-wish-r",
            """
            {"id": "wire-wish-r", "text": "Shows the tides", "priority": "MUST",
             "kind": "FUNCTION", "outcome": "OPEN",
             "answeredBy": {"kind": "screens", "id": "wire-wish-screen3"}}
            """,
            null)
        .expect(200);
    JsonNode open = wish(owner);
    assertEquals("OPEN", open.path("outcome").asString());
    assertEquals("Screen Sill 10 bar stays dark", open.path("numbers").asString());
    owner.delete(at("wire-wish") + "/screens/wire-wish-screen1").expect(200);
    assertEquals("ANSWERED", wish(owner).path("outcome").asString());
  }

  private static JsonNode wish(Client owner) {
    return StreamSupport.stream(view(owner, "wire-wish").path("coverage").spliterator(), false)
        .filter(each -> each.at("/requirement/id").asString().equals("wire-wish-r"))
        .findFirst()
        .orElseThrow();
  }

  private static Long version(Client owner) {
    return view(owner, "wire-flat").path("versions").path("screens/wire-flat-panel").asLong();
  }

  /** A bare panel on a board’s own header is a stop until somebody has looked it up. */
  @Test
  void anEmbeddedHeaderIsAStopUntilItIsConfirmed(Client owner) {
    owner.post("/api/builds", Map.of("id", "wire-flat", "name", "Flat")).expect(200);
    take(owner, "wire-flat", "board", "board-dunlin-i1");
    take(owner, "wire-flat", "processor", "proc-plover-6g");
    take(owner, "wire-flat", "panel", "screen-scree-8");
    String key = "wire:wire-flat-panel/header";
    JsonNode screen = view(owner, "wire-flat").at("/build/screens/0");
    owner
        .put(
            at("wire-flat") + "/screens/wire-flat-panel",
            screen.toString().replace("\"leadMm\":null", "\"leadMm\":300"),
            version(owner))
        .expect(200);
    JsonNode stop = named(view(owner, "wire-flat").path("findings"), "key", key);
    assertEquals("STOP", stop.path("severity").asString());
    assertEquals(
        "wire-flat-board", stop.at("/remedies/0/change/text").asString(), "one press confirms it");
    JsonNode now = view(owner, "wire-flat").at("/build/screens/0");
    owner
        .put(
            at("wire-flat") + "/screens/wire-flat-panel",
            now.toString()
                .replace("\"confirmedWith\":\"\"", "\"confirmedWith\":\"wire-flat-board\""),
            version(owner))
        .expect(200);
    assertNull(named(view(owner, "wire-flat").path("findings"), "key", key));
  }

  /** The same without a build, as the document gives it for an example. */
  @Test
  void theCalculatorSaysWhatIsFedWhatIsDarkAndWhatWouldHelp(Client owner) {
    String asked =
        """
        {"sources": [
          {"id": "hdmi", "deviceId": "card", "plug": "HDMI", "gbitPerSecond": 14.4},
          {"id": "dp", "deviceId": "card", "plug": "DISPLAY_PORT", "gbitPerSecond": 25.92},
          {"id": "board", "deviceId": "board", "plug": "HDMI", "gbitPerSecond": 14.4,
           "lacking": "no graphics in the processor", "mendMinor": 2400}],
         "links": [
          {"id": "adapter", "kind": "ADAPTER", "in": "DISPLAY_PORT", "out": "HDMI",
           "gbitPerSecond": 7.2, "priceMinor": 900},
          {"id": "lead", "kind": "LEAD", "in": "HDMI", "out": "HDMI", "gbitPerSecond": 14.4,
           "lengthMm": 500, "priceMinor": 600}],
         "sinks": [
          {"id": "left", "plug": "HDMI", "gbitPerSecond": 1.6},
          {"id": "right", "plug": "HDMI", "gbitPerSecond": 1.6, "refuses": ["ADAPTER"]},
          {"id": "dial", "plug": "HDMI", "gbitPerSecond": 0.8, "refuses": ["ADAPTER"]}]}
        """;
    JsonNode answer = owner.post("/api/calc/light/ports", asked).expect(200).json();
    assertEquals(2, answer.path("assignment").size());
    assertEquals(600 + 900 + 600, answer.path("costMinor").asLong());
    assertEquals("dial", answer.at("/dark/0/sinkId").asString());
    assertTrue(answer.path("proven").asBoolean());
    assertEquals("PROCESSOR", answer.at("/changes/0/kinds/0").asString());
    assertEquals(2_400 + 600, answer.at("/changes/0/costMinor").asLong());
    assertEquals(3, answer.at("/changes/0/assignment").size());
    JsonNode twice =
        owner
            .post("/api/calc/light/ports", asked.replace("\"left\"", "\"dial\""))
            .expect(422)
            .json();
    assertEquals("#/sinks", twice.at("/errors/0/pointer").asString());
    JsonNode high =
        owner.post("/api/calc/light/ports", asked.replace("25.92", "2592")).expect(422).json();
    assertEquals("#/sources/1/gbitPerSecond", high.at("/errors/0/pointer").asString());
  }
}
