package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestYard.class)
class ColourApiTest {
  private static final String CALC = "/api/calc/colour/";

  @Test
  void differenceTakesScreenColoursAndLab(Client owner) {
    JsonNode answer =
        owner
            .post(
                CALC + "difference",
                "{\"a\": {\"l\": 50, \"a\": 2.6772, \"b\": -79.7751},"
                    + " \"b\": {\"l\": 50, \"a\": 0, \"b\": -82.7485}}")
            .expect(200)
            .json();
    assertEquals(2.0425, answer.path("deltaE00").asDouble(), 0.00005, "the handbook's pair");
    JsonNode same =
        owner
            .post(CALC + "difference", "{\"a\": \"#2E4A45\", \"b\": \"#2e4a45\"}")
            .expect(200)
            .json();
    assertEquals(0, same.path("deltaE00").asDouble());
    assertTrue(same.path("words").asString().contains("not visible"));
    assertEquals(
        "#/b",
        owner
            .post(CALC + "difference", "{\"a\": \"#2E4A45\", \"b\": \"green\"}")
            .expect(422)
            .json()
            .path("errors")
            .get(0)
            .path("pointer")
            .asString());
  }

  @Test
  void aSurfaceUnderALight(Client owner) {
    String question = "{\"surface\": \"#FFFFFF\", \"light\": \"#F0A13A\"}";
    JsonNode seen = owner.post(CALC + "under-light", question).expect(200).json();
    assertEquals("#F0A13A", seen.path("seen").asString());
    owner
        .post(
            CALC + "under-light",
            "{\"surface\": \"#FFFFFF\", \"light\": \"#F0A13A\", \"intensity\": -1}")
        .expect(422);
  }

  @Test
  void visionNamesThePairsThatCollapse(Client owner) {
    String question = "{\"colours\": [\"#B0413E\", \"#6E7B34\", \"#FFFFFF\"], \"kind\": \"%s\"}";
    JsonNode answer = owner.post(CALC + "vision", question.formatted("deutan")).expect(200).json();
    assertEquals(3, answer.path("simulated").size());
    assertEquals("#FFFFFF", answer.path("simulated").get(2).asString());
    JsonNode pair = answer.path("collapsing").get(0);
    assertEquals("#B0413E", pair.path("a").asString());
    assertTrue(pair.path("before").asDouble() >= 15 && pair.path("after").asDouble() < 8);
    owner.post(CALC + "vision", question.formatted("owl")).expect(422);
  }

  private static byte[] model(String format, int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    var pen = image.createGraphics();
    pen.setColor(new Color(0x2E4A45));
    pen.fillRect(0, 0, width, height);
    pen.setColor(new Color(0xF0A13A));
    pen.fillRect(0, 0, width / 4, height);
    pen.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, format, bytes);
    return bytes.toByteArray();
  }

  private static Client.Answer palette(Client owner, String name, byte[] content) {
    return owner.postFile(CALC + "palette?k=5", "picture", name, content);
  }

  @Test
  void aPictureGivesItsColoursWithShares(Client owner) throws IOException {
    JsonNode colours = palette(owner, "p.png", model("png", 400, 300)).expect(200).json();
    assertEquals(2, colours.path("colours").size());
    assertEquals("#2E4A45", colours.path("colours").get(0).path("hex").asString());
    assertEquals(0.75, colours.path("colours").get(0).path("share").asDouble(), 0.02);
    String first = palette(owner, "p.jpg", model("jpg", 640, 480)).expect(200).text();
    assertEquals(first, palette(owner, "p.jpg", model("jpg", 640, 480)).text(), "always the same");
  }

  private static void refused(Client owner, String name, byte[] content, int status, String why)
      throws IOException {
    long before = files();
    String text = palette(owner, name, content).expect(status).text();
    assertTrue(text.contains(why), text);
    assertEquals(before, files(), "nothing is left behind");
  }

  private static long files() throws IOException {
    try (var all = Files.walk(TestYard.dataFolder())) {
      return all.filter(path -> !isStore(path)).count();
    }
  }

  private static boolean isStore(Path path) {
    return path.getFileName().toString().startsWith("ember-yard.sqlite");
  }

  @Test
  void whatIsNoPictureIsRefused(Client owner) throws IOException {
    refused(owner, "a.png", "not a picture".getBytes(StandardCharsets.UTF_8), 422, "no picture");
    refused(owner, "a.gif", model("gif", 20, 20), 422, "no picture");
    refused(owner, "a.bmp", model("bmp", 20, 20), 422, "no picture");
    refused(owner, "a.png", new byte[0], 422, "no picture");
    String svg =
        "<svg xmlns=\"http://www.w3.org/2000/svg\"><script>fetch('/api/session')</script></svg>";
    refused(owner, "a.svg", svg.getBytes(StandardCharsets.UTF_8), 422, "no picture");
  }

  @Test
  void aTruncatedPictureIsRefused(Client owner) throws IOException {
    for (String format : new String[] {"png", "jpg"}) {
      byte[] whole = model(format, 900, 700);
      refused(owner, "a." + format, Arrays.copyOf(whole, 40), 422, "damaged");
    }
    byte[] png = model("png", 900, 700);
    refused(owner, "a.png", Arrays.copyOf(png, png.length / 2), 422, "damaged");
  }

  @Test
  void aPictureOfTwentyThousandPixelsIsRefusedByItsHeader(Client owner) throws IOException {
    refused(owner, "wide.png", headerOnly(20_000, 20_000), 422, "20,000 × 20,000 pixels");
    refused(owner, "wide.png", headerOnly(20_000, 10), 422, "20,000 × 10 pixels");
    refused(owner, "many.png", headerOnly(11_000, 11_000), 422, "60 million");
  }

  /** A PNG that claims a size and has no pixels: nothing may be unpacked to refuse it. */
  private static byte[] headerOnly(int width, int height) throws IOException {
    ByteArrayOutputStream header = new ByteArrayOutputStream();
    DataOutputStream chunk = new DataOutputStream(header);
    chunk.writeBytes("IHDR");
    chunk.writeInt(width);
    chunk.writeInt(height);
    chunk.write(new byte[] {8, 2, 0, 0, 0});
    CRC32 sum = new CRC32();
    sum.update(header.toByteArray());
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(png);
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    out.writeInt(13);
    out.write(header.toByteArray());
    out.writeInt((int) sum.getValue());
    return png.toByteArray();
  }

  @Test
  void sixtyMegabytesAreRefusedUnread(Client owner) throws IOException {
    refused(owner, "huge.png", new byte[60 << 20], 413, "MB");
  }

  @Test
  void requirementsAreHeldAgainstFacts(Client owner) {
    JsonNode answer =
        owner
            .post(
                "/api/calc/brief/evaluate",
                """
                {"requirements": [
                   {"text": "storage", "measure": "storageGb", "comparison": "atLeast", "limit": 3000},
                   {"text": "low", "measure": "heightMm", "comparison": "<=", "limit": 460},
                   {"text": "in time", "measure": "revealDay", "limit": "2026-03-27"},
                   {"text": "no grille", "ban": {"item": "VENT", "face": "FRONT"}},
                   {"text": "quiet", "measure": "noiseDba", "comparison": "≤", "limit": 36}],
                 "facts": {"storageGb": 2000, "heightMm": 412, "revealDay": "2026-03-28",
                   "present": [{"kind": "vent", "face": "front", "name": "Side vent"}]}}
                """)
            .expect(200)
            .json();
    String[] states = {"FAILED", "ANSWERED", "FAILED", "FAILED", "OPEN"};
    for (int i = 0; i < states.length; i++) {
      assertEquals(states[i], answer.path("requirements").get(i).path("state").asString(), "" + i);
    }
    assertEquals(
        "2000 GB, ≥ 3000 GB wanted", answer.path("requirements").get(0).path("numbers").asString());
    assertEquals(2000, answer.path("requirements").get(0).path("value").asDouble());
    assertEquals(
        "1 found: Side vent", answer.path("requirements").get(3).path("numbers").asString());
    JsonNode total =
        owner
            .post(
                "/api/calc/brief/evaluate",
                """
                {"requirements": [{"text": "cap", "measure": "totalMinor", "comparison": "atMost",
                  "limit": 340000}], "facts": {"totalMinor": 340001}}
                """)
            .expect(200)
            .json();
    assertEquals(
        "340001 minor units, ≤ 340000 minor units wanted",
        total.path("requirements").get(0).path("numbers").asString());
    owner
        .post(
            "/api/calc/brief/evaluate",
            "{\"requirements\": [{\"text\": \"x\", \"measure\": \"charm\"}], \"facts\": {}}")
        .expect(422);
  }
}
