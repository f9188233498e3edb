package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Secrecy;
import emberyard.core.work.CostCategory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class ConceptApiTest {
  private static JsonNode face(JsonNode concept, String name) {
    for (JsonNode each : concept.path("faces")) {
      if (each.path("elevation").path("face").asString().equals(name)) {
        return each.path("elevation");
      }
    }
    throw new AssertionError("no face " + name);
  }

  private static JsonNode item(JsonNode face, String id) {
    for (JsonNode each : face.path("items")) {
      if (each.path("id").asString().equals(id)) {
        return each;
      }
    }
    throw new AssertionError("nothing called " + id);
  }

  @Test
  void aWindowOnAFaceIsThePartWithItsCutLength(Client owner) {
    Drawn.begin(owner, "cv");
    JsonNode left = face(owner.get("/api/builds/cv/concept").expect(200).json(), "LEFT");
    assertEquals("panels", item(left, "cv-left").path("of").path("kind").asString());
    assertEquals(250, item(left, "cv-left/window").path("place").path("widthMm").asDouble());
    JsonNode part = owner.get("/api/builds/cv").json().path("parts").get(0);
    assertEquals("cv-left", part.path("panel").path("id").asString());
    assertTrue(part.path("figures").path("contourMm").asDouble() > 2 * (412 + 388 + 250 + 200));
  }

  @Test
  void aPreviewShowsWhatWouldBeAndKeepsNothing(Client owner) {
    Drawn.begin(owner, "cp");
    String sketch = "{\"items\": [%s]}".formatted(Drawn.JSON.write(Drawn.badge("cp-lamp", 390)));
    JsonNode preview = owner.post("/api/builds/cp/concept/preview", sketch).expect(200).json();
    assertEquals(390, item(face(preview, "LEFT"), "cp-lamp").path("place").path("xMm").asDouble());
    assertTrue(preview.path("findings").toString().contains("hangs 18.0 mm over the left"));
    JsonNode kept = owner.get("/api/builds/cp/concept").json();
    assertEquals(320, item(face(kept, "LEFT"), "cp-lamp").path("place").path("xMm").asDouble());
    assertFalse(kept.path("findings").toString().contains("hangs"));
  }

  @Test
  void aPreviewOfAnotherPaletteMovesTheShares(Client owner) {
    Drawn.begin(owner, "cl");
    String sketch =
        "{\"look\": %s}".formatted(Drawn.JSON.write(Drawn.look()).replace("#2E4A45", "#C63A2E"));
    double before =
        owner.get("/api/builds/cl/concept").json().path("palette").path("other").asDouble();
    double after =
        owner
            .post("/api/builds/cl/concept/preview", sketch)
            .expect(200)
            .json()
            .path("palette")
            .path("colours")
            .get(0)
            .path("share")
            .asDouble();
    assertTrue(before >= 0 && after > 0.5, before + " " + after);
  }

  @Test
  void aMirroredFaceIsOneStepOfUndo(Client owner) {
    Drawn.begin(owner, "cm");
    JsonNode mirrored = owner.post("/api/builds/cm/faces/left/mirror?id=m", "").expect(200).json();
    assertEquals(1, mirrored.path("parts").asInt());
    assertEquals(2, mirrored.path("items").asInt());
    JsonNode right = face(owner.get("/api/builds/cm/concept").json(), "RIGHT");
    assertEquals(3, right.path("items").size(), "part, its window, badge");
    owner.post("/api/undo?place=cm", "").expect(200);
    assertEquals(0, face(owner.get("/api/builds/cm/concept").json(), "RIGHT").path("items").size());
  }

  @Test
  void facesLeaveAsSvgInMillimetresAndAsPixels(Client owner) throws Exception {
    Drawn.begin(owner, "cf");
    for (String dusk : List.of("false", "true")) {
      String svg = owner.get("/api/builds/cf/faces/left.svg?dusk=" + dusk).expect(200).text();
      var root = parsed(svg);
      assertEquals("412mm", root.getAttribute("width"));
      assertEquals("0 0 412 388", root.getAttribute("viewBox"));
      parsed(owner.get("/api/builds/cf/faces.svg?dusk=" + dusk).expect(200).text());
    }
    byte[] png = owner.bytes("/api/builds/cf/faces/left.png");
    var model = ImageIO.read(new ByteArrayInputStream(png));
    assertEquals(824, model.getWidth());
    assertEquals(776, model.getHeight());
    assertEquals(
        0xFF2E4A45,
        ImageIO.read(new ByteArrayInputStream(owner.bytes("/api/builds/cf/faces/front.png")))
            .getRGB(100, 100));
    BufferedImage day =
        ImageIO.read(new ByteArrayInputStream(owner.bytes("/api/builds/cf/faces.png")));
    BufferedImage dusk =
        ImageIO.read(new ByteArrayInputStream(owner.bytes("/api/builds/cf/faces.png?dusk=true")));
    assertTrue(day.getWidth() > 400 && day.getHeight() > 400, "all faces on one sheet");
    assertEquals(day.getWidth(), dusk.getWidth());
    assertTrue(brightness(dusk) < brightness(day), "at dusk it is darker");
    owner.get("/api/builds/cf/faces/side.svg").expect(422);
  }

  private static org.w3c.dom.Element parsed(String svg) throws Exception {
    return DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
        .getDocumentElement();
  }

  @Test
  void artThatIsNoPathIsRefused(Client owner) {
    Drawn.begin(owner, "ca");
    String evil =
        Drawn.JSON
            .write(Drawn.badge("x", 1))
            .replace("\"art\":\"\"", "\"art\":\"M0 0\\\"/><script>alert(1)</script>\"");
    JsonNode refusal = owner.put("/api/builds/ca/items/x", evil, null).expect(422).json();
    assertEquals("#/art", refusal.path("errors").get(0).path("pointer").asString());
  }

  @Test
  void fourOptionsLieBesideEachOtherAndNoFifth(Client owner) {
    Drawn.begin(owner, "co");
    for (String name : List.of("Second", "Third", "Fourth")) {
      owner.post("/api/builds/co/options", Map.of("ofLetter", "A", "name", name)).expect(200);
    }
    String refusal =
        owner
            .post("/api/builds/co/options", Map.of("ofLetter", "A", "name", "Fifth"))
            .expect(422)
            .text();
    assertTrue(refusal.contains("Four options lie here already"), refusal);
    JsonNode options = owner.get("/api/builds/co/options").expect(200).json();
    assertEquals(4, options.size());
    assertEquals(0, options.get(1).path("differences").size(), "a copy differs in nothing");
  }

  @Test
  void anOptionComesToTheTableAndTheOtherIsPutAsideWhole(Client owner) {
    Drawn.begin(owner, "ct");
    owner.post("/api/builds/ct/options", Map.of("ofLetter", "A", "name", "Plain")).expect(200);
    owner.post("/api/builds/ct/table", Map.of("letter", "B")).expect(200);
    owner.delete("/api/builds/ct/items/ct-lamp").expect(200);
    JsonNode build = owner.get("/api/builds/ct").json().path("build");
    assertEquals("B", build.path("concept").path("letter").asString());
    assertEquals("A", build.path("options").get(0).path("letter").asString());
    JsonNode options = owner.get("/api/builds/ct/options").json();
    assertEquals("[\"On the faces: “Lamp” added\"]", options.get(0).path("differences").toString());
    owner.post("/api/builds/ct/table", Map.of("letter", "A")).expect(200);
    assertEquals(
        1, owner.get("/api/builds/ct").json().path("build").path("items").size(), "as it was");
    owner.post("/api/builds/ct/table", Map.of("letter", "D")).expect(422);
  }

  private static JsonNode frozen(Client owner, String build) {
    return owner.get("/api/builds/" + build).json().path("build").path("concept").path("frozen");
  }

  @Test
  void aChangeAfterFreezingIsRefusedAndThenAccepted(Client owner) {
    Drawn.begin(owner, "cc");
    owner
        .post("/api/builds/cc/freeze", Map.of("by", "the Guild", "priceMinor", 300_000))
        .expect(200);
    assertTrue(owner.get("/api/builds/cc/change-order").json().path("pending").isNull());
    owner
        .post("/api/builds/cc/change-order", Map.of("id", "o0", "accepted", true, "by", "G"))
        .expect(422);

    owner.delete("/api/builds/cc/items/cc-lamp").expect(200);
    JsonNode pending = owner.get("/api/builds/cc/change-order").json().path("pending");
    assertEquals("[\"On the faces: “Lamp” taken out\"]", pending.path("differences").toString());
    owner
        .post("/api/builds/cc/change-order", Map.of("id", "o1", "accepted", false, "by", "Guild"))
        .expect(200);
    JsonNode back = owner.get("/api/builds/cc").json().path("build");
    assertEquals(1, back.path("items").size(), "no puts it back");
    assertFalse(back.path("changeOrders").get(0).path("accepted").asBoolean());

    owner.put("/api/builds/cc/panels/cc-extra", Things.panel("cc-extra", 200), null).expect(200);
    JsonNode change = owner.get("/api/builds/cc/change-order").json().path("pending");
    long delta = change.path("deltaMinor").asLong();
    assertTrue(delta > 0);
    JsonNode agreed = owner.get("/api/builds/cc").json().path("build");
    JsonNode sinceThen = between(owner, agreed, "now");
    for (String same : List.of("deltaMinor", "minutesDelta", "daysDelta")) {
      assertEquals(change.path(same), sinceThen.path(same), same + " as the change order says it");
    }
    owner
        .post("/api/builds/cc/change-order", Map.of("id", "o2", "accepted", true, "by", "Guild"))
        .expect(200);
    assertEquals(300_000 + delta, frozen(owner, "cc").path("priceMinor").asLong());
    assertEquals(2, frozen(owner, "cc").path("design").path("panels").size());
    JsonNode build = owner.get("/api/builds/cc").json().path("build");
    assertEquals(2, build.path("snapshots").size());
    JsonNode difference = between(owner, build, "now");
    assertEquals(1, difference.path("differences").size());
    String second = build.path("snapshots").get(1).path("id").asString();
    assertEquals(delta, between(owner, build, second).path("deltaMinor").asLong());
  }

  private static JsonNode between(Client owner, JsonNode build, String to) {
    String from = build.path("snapshots").get(0).path("id").asString();
    return owner
        .get("/api/builds/cc/snapshots/difference?from=%s&to=%s".formatted(from, to))
        .expect(200)
        .json();
  }

  @Test
  void helpersSeeChangesAndOptionsWithoutAmounts(Client owner) {
    Drawn.begin(owner, "ch");
    owner
        .put(
            "/api/builds/ch/components/ch-board",
            Things.component("ch-board", "Board", 17_900),
            null)
        .expect(200);
    owner.post("/api/builds/ch/freeze", Map.of("by", "Guild", "priceMinor", 312_345)).expect(200);
    owner
        .put("/api/builds/ch/components/ch-more", Things.component("ch-more", "Fan", 2_345), null)
        .expect(200);
    Client helper = TestYard.helper();
    String change = helper.get("/api/builds/ch/change-order").expect(200).text();
    String options = helper.get("/api/builds/ch/options").expect(200).text();
    String concept = helper.get("/api/builds/ch/concept").expect(200).text();
    assertTrue(change.contains("Component “Fan” added"), change);
    for (String text : List.of(change, options, concept)) {
      assertFalse(text.contains("312345") || text.contains("3,123.45"), text);
      assertFalse(text.matches("(?s).*\"[a-zA-Z]*Minor\":-?[1-9].*"), text);
      assertFalse(text.contains("EUR") || text.contains("€"), text);
    }
  }

  private static void agree(Client owner, String build, Secrecy secrecy) {
    Brief brief =
        new Brief(
            build,
            "Night Pilotage",
            "Guild",
            "Watch room",
            "A cutter coming home",
            "",
            "",
            "Table",
            List.of(),
            LocalDate.now().plusDays(90),
            false,
            null,
            List.of(CostCategory.values()),
            secrecy,
            List.of(),
            LocalDate.now(),
            null,
            null);
    Drawn.put(owner, build, "briefs", build, brief);
  }

  private static String sheet(Client owner, String build) throws IOException {
    try (PDDocument pdf =
        org.apache.pdfbox.Loader.loadPDF(
            owner.bytes("/api/builds/" + build + "/concept-sheet.pdf"))) {
      assertEquals(1, pdf.getNumberOfPages());
      assertEquals(595, pdf.getPage(0).getMediaBox().getWidth(), 1, "A4");
      return new PDFTextStripper().getText(pdf);
    }
  }

  @Test
  void theSheetForTheClientSaysNoMoreThanWasAgreed(Client owner) throws IOException {
    Drawn.begin(owner, "cs");
    owner
        .put(
            "/api/builds/cs/components/cs-board",
            Things.component("cs-board", "Board Dunlin", 17_900),
            null)
        .expect(200);
    agree(owner, "cs", Secrecy.OPEN);
    String open = sheet(owner, "cs");
    assertTrue(open.contains("Night Pilotage") && open.contains("Board Dunlin"), open);
    assertTrue(open.contains("Price with tax") && open.contains("harbour green"), open);
    agree(owner, "cs", Secrecy.NO_SPECIFICATION);
    String some = sheet(owner, "cs");
    assertTrue(some.contains("Night Pilotage") && some.contains("harbour green"), some);
    assertFalse(some.contains("Board Dunlin") || some.contains("Price"), some);
    agree(owner, "cs", Secrecy.SURPRISE);
    String none = sheet(owner, "cs");
    assertTrue(
        none.contains("on time") || none.contains("call you") || none.contains("Not planned"),
        none);
    for (String hidden : List.of("Night Pilotage", "harbour", "Dunlin", "Price", "mm")) {
      assertFalse(none.contains(hidden), hidden + " in " + none);
    }
  }

  @Test
  void onlyTheChosenOptionHasTheAgreedPrice(Client owner) throws IOException {
    Drawn.begin(owner, "cq");
    agree(owner, "cq", Secrecy.OPEN);
    owner.post("/api/builds/cq/options", Map.of("ofLetter", "A", "name", "Other")).expect(200);
    owner.post("/api/builds/cq/freeze", Map.of("by", "Guild", "priceMinor", 777_777)).expect(200);
    assertTrue(sheet(owner, "cq").contains("7,777.77"));
    byte[] other = owner.bytes("/api/builds/cq/concept-sheet.pdf?letter=B");
    try (PDDocument pdf = org.apache.pdfbox.Loader.loadPDF(other)) {
      String text = new PDFTextStripper().getText(pdf);
      assertTrue(text.contains("Option B") && !text.contains("7,777.77"), text);
    }
  }

  @Test
  void whatTheClientMaySeeIsDecidedByTheServer(Client owner) {
    Drawn.begin(owner, "cw");
    List<String> always = List.of("onTime", "secrecy", "spread");
    agree(owner, "cw", Secrecy.SURPRISE);
    JsonNode view = owner.get("/api/builds/cw/client").expect(200).json();
    List<String> told = new ArrayList<>();
    view.properties()
        .forEach(
            field -> {
              if (!field.getValue().isNull() && !always.contains(field.getKey())) {
                told.add(field.getKey());
              }
            });
    assertEquals(List.of(), told);
    agree(owner, "cw", Secrecy.OPEN);
    assertTrue(owner.get("/api/builds/cw/client").json().path("priceMinor").isNumber());
  }

  @Test
  void aPaletteLeavesInThreeFormsAndComesBackFromJson(Client owner) {
    Drawn.begin(owner, "cj");
    String css = owner.get("/api/builds/cj/palette.css").expect(200).text();
    assertTrue(css.contains("--harbour-green: #2E4A45;"), css);
    assertTrue(owner.get("/api/builds/cj/palette.svg").expect(200).text().contains("#B08B3E"));
    String json = owner.get("/api/builds/cj/palette.json").expect(200).text();
    owner.post("/api/builds/cj/palette", json.replace("#B08B3E", "#C63A2E")).expect(200);
    String again = owner.get("/api/builds/cj/palette.json").text();
    assertEquals(json.replace("#B08B3E", "#C63A2E"), again, "a round trip");
    owner
        .post("/api/builds/cj/palette", "{\"format\": \"other\", \"version\": 1, \"palette\": []}")
        .expect(422);
    owner.post("/api/builds/cj/palette", json.replace("#2E4A45", "green")).expect(422);
    assertEquals(again, owner.get("/api/builds/cj/palette.json").text(), "refused: nothing kept");
  }

  private static long brightness(BufferedImage picture) {
    long sum = 0;
    for (int y = 0; y < picture.getHeight(); y++) {
      for (int x = 0; x < picture.getWidth(); x++) {
        sum += picture.getRGB(x, y) >> 8 & 0xff;
      }
    }
    return sum;
  }
}
