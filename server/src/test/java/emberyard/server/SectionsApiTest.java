package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A screen asks for what it shows, and gets what it does not hold. */
class SectionsApiTest {
  private static final String PILOTAGE = "night-pilotage";

  private static JsonNode asked(Client client, String more) {
    return client.get(Window.address(PILOTAGE, Window.SECTIONS) + more).expect(200).json();
  }

  private static String heldTags(JsonNode answer) {
    StringBuilder held = new StringBuilder("&held=");
    answer
        .path("tags")
        .properties()
        .forEach(each -> held.append(each.getKey() + ":" + each.getValue().asString() + ","));
    return held.substring(0, held.length() - 1);
  }

  @Test
  void sectionsAreWhatTheWholeBuildIs() {
    Client owner = DemoYard.owner();
    JsonNode sections = asked(owner, "").path("sections");
    JsonNode whole = owner.get("/api/builds/" + PILOTAGE).expect(200).json();
    Set<String> compared = new TreeSet<>();
    sections.path("head").properties().forEach(each -> same(whole, each, compared));
    Set<String> others = Set.of("head", "build", "agreed", "makeTasks", "finishTasks", "basket");
    sections.properties().stream()
        .filter(each -> !others.contains(each.getKey()))
        .forEach(each -> same(whole, each, compared));
    JsonNode basket = owner.get("/api/builds/" + PILOTAGE + "/order/basket").expect(200).json();
    assertEquals(basket, sections.path("basket"));
    ObjectNode typed = ((ObjectNode) whole.path("build")).deepCopy();
    typed.putArray("options");
    typed.putArray("snapshots");
    ((ObjectNode) typed.path("concept")).putNull("frozen");
    assertEquals(typed, sections.path("build"));
    JsonNode build = whole.path("build");
    assertEquals(build.path("concept").path("frozen"), sections.path("agreed").path("frozen"));
    assertEquals(build.path("snapshots"), sections.path("agreed").path("snapshots"));
    assertEquals(
        build.path("options").size(), sections.path("head").path("putAside").size(), "put aside");
    // nothing of the whole is left that no section has
    Set<String> rest = new HashSet<>(whole.propertyNames());
    rest.removeAll(compared);
    assertEquals(Set.of("revision", "now", "versions", "build"), rest);
  }

  private static void same(JsonNode whole, Map.Entry<String, JsonNode> part, Set<String> compared) {
    if (!part.getKey().equals("putAside")) {
      assertEquals(whole.get(part.getKey()), part.getValue(), part.getKey());
      compared.add(part.getKey());
    }
  }

  @Test
  void onlyWhatWasAskedForComes() {
    String address = Window.address(PILOTAGE, List.of("fit", "needs"));
    JsonNode answer = DemoYard.owner().get(address).expect(200).json();
    assertEquals(Set.of("fit", "needs"), new HashSet<>(answer.path("sections").propertyNames()));
    assertTrue(answer.path("versions").size() > 100);
  }

  @Test
  void whatIsHeldDoesNotComeAgain() {
    Client owner = DemoYard.owner();
    JsonNode first = asked(owner, "");
    JsonNode second = asked(owner, heldTags(first));
    assertEquals(first.path("tags"), second.path("tags"));
    assertEquals(0, second.path("sections").size());
    JsonNode third = asked(owner, heldTags(first).replace("fit:", "fit:x"));
    assertEquals(Set.of("fit"), new HashSet<>(third.path("sections").propertyNames()));
  }

  @Test
  void theSameAnswerIsNotSentTwice() {
    Client owner = DemoYard.owner();
    String address = Window.address(PILOTAGE, List.of("fit"));
    String tag = owner.get(address).expect(200).header("ETag");
    Map<String, String> having = Map.of("If-None-Match", tag);
    assertEquals("", owner.send("GET", address, null, having).expect(304).text());
  }

  @Test
  void whatIsNoSectionIsSaid() {
    Client owner = DemoYard.owner();
    String no = owner.get(Window.address(PILOTAGE, List.of("everything"))).expect(422).text();
    assertTrue(no.contains("There is no section “everything”; there are head, build,"), no);
    String address = Window.address(PILOTAGE, List.of("fit"));
    String odd = owner.get(address + "&held=fit").expect(422).text();
    assertTrue(odd.contains("word:tag"), odd);
    owner.get(Window.address("nothing", List.of("fit"))).expect(404);
  }

  @Test
  void aHelperSeesNoMoneyInAnyOfThem() {
    asked(DemoYard.owner(), "");
    JsonNode sections = asked(DemoYard.signedIn("lotte"), "").path("sections");
    assertTrue(sections.path("budget").isNull());
    assertEquals(0, sections.path("agreed").path("frozen").path("priceMinor").asLong());
    for (JsonNode need : sections.path("needs")) {
      assertEquals(0, need.path("need").path("priceMinor").asLong());
    }
    JsonNode again = asked(DemoYard.owner(), "").path("sections");
    assertNotEquals(0, again.path("agreed").path("frozen").path("priceMinor").asLong());
  }

  @Test
  void aChangeSendsTheSectionsThatItChanges(@TempDir Path folder) throws Exception {
    try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
      JsonNode before = asked(demo.owner, "");
      String path = "/api/builds/%s/concepts/%s".formatted(PILOTAGE, PILOTAGE);
      ObjectNode concept =
          (ObjectNode) before.path("sections").path("build").path("concept").deepCopy();
      ((ObjectNode) concept.path("look").path("palette").get(0)).put("hex", "#123456");
      long version = before.path("versions").path("concepts/" + PILOTAGE).asLong();
      demo.owner.put(path, concept.toString(), version).expect(200);
      JsonNode after = asked(demo.owner, heldTags(before));
      Set<String> came = new HashSet<>(after.path("sections").propertyNames());
      assertFalse(came.contains("build"), came.toString());
      JsonNode changes = after.path("changes");
      assertEquals(Set.of("concept"), new HashSet<>(changes.path("build").propertyNames()));
      came.addAll(changes.propertyNames());
      for (String other : List.of("tasks", "needs", "fit", "parts", "make", "agreed", "chain")) {
        assertFalse(came.contains(other), other);
      }
      // a screen holds the concept without what was frozen, and sends it back so: that stays
      JsonNode agreed = before.path("sections").path("agreed").path("frozen");
      JsonNode kept = asked(demo.owner, "").path("sections").path("agreed").path("frozen");
      assertEquals(agreed, kept);
    }
  }

  private static List<String> keys(JsonNode tasks) {
    return tasks.valueStream().map(each -> each.path("task").path("key").asString()).toList();
  }

  @Test
  void tasksOfAStageAreThoseOfTheWhole() {
    JsonNode sections = asked(DemoYard.owner(), "").path("sections");
    List<String> made = new ArrayList<>();
    List<String> finished = new ArrayList<>();
    for (JsonNode each : sections.path("tasks")) {
      String stage = each.path("task").path("stage").asString();
      String key = each.path("task").path("key").asString();
      if (stage.equals("MAKE")) {
        made.add(key);
      }
      if (stage.equals("FINISH")) {
        finished.add(key);
      }
    }
    assertEquals(finished, keys(sections.path("finishTasks")));
    assertEquals(new HashSet<>(made), new HashSet<>(keys(sections.path("makeTasks"))));
    assertEquals(made.size(), sections.path("makeTasks").size());
  }

  @Test
  void aWidthSendsThePartAndItsTaskButNotTheOthers(@TempDir Path folder) throws Exception {
    try (OwnDemo demo = new OwnDemo(folder, UnaryOperator.identity())) {
      JsonNode before = asked(demo.owner, "");
      JsonNode panels = before.path("sections").path("build").path("panels");
      int last = panels.size() - 1;
      ObjectNode panel = ((ObjectNode) panels.get(last)).deepCopy();
      panel.put("widthMm", panel.path("widthMm").asDouble() - 2);
      String id = panel.path("id").asString();
      long version = before.path("versions").path("panels/" + id).asLong();
      demo.owner
          .put("/api/builds/%s/panels/%s".formatted(PILOTAGE, id), panel.toString(), version)
          .expect(200);
      JsonNode after = asked(demo.owner, heldTags(before));
      JsonNode changes = after.path("changes");
      assertEquals(Set.of("panels." + last), new HashSet<>(changes.path("build").propertyNames()));
      assertEquals(1, changes.path("parts").size(), "parts");
      assertTrue(changes.path("makeTasks").size() <= 3, "tasks of making");
      JsonNode fresh = asked(demo.owner, "").path("sections");
      changes
          .properties()
          .forEach(
              each -> {
                JsonNode held = before.path("sections").get(each.getKey());
                JsonNode now = Window.after(held, each.getValue());
                assertEquals(fresh.get(each.getKey()), now, each.getKey());
              });
    }
  }

  @Test
  void whoHoldsSomethingForgottenGetsAllOfIt() {
    Client owner = DemoYard.owner();
    JsonNode answer = asked(owner, "&held=build:0123,parts:4567");
    assertEquals(0, answer.path("changes").size());
    assertTrue(answer.path("sections").path("build").path("panels").size() > 0);
  }
}
