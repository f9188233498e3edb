package emberyard.server;

import static emberyard.server.ScreenBuilds.at;
import static emberyard.server.ScreenBuilds.begin;
import static emberyard.server.ScreenBuilds.canvas;
import static emberyard.server.ScreenBuilds.put;
import static emberyard.server.ScreenBuilds.screen;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What screens show as pictures: crops, turned ones, and on the faces of a build. */
@ExtendWith(TestYard.class)
class CanvasPictureApiTest {
  private static BufferedImage png(Client owner, String path) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(owner.bytes(path)));
  }

  private static int[] pixels(BufferedImage image, int x, int width) {
    return image.getRGB(x, 0, width, image.getHeight(), null, 0, width);
  }

  /** What the screens show, laid at their places, is the picture with the rims cut out. */
  @Test
  void cropsPutTogetherAgainGiveThePicture(Client owner) throws IOException {
    begin(owner, "sp");
    put(
        owner,
        "sp",
        "canvases",
        "sp-whole",
        canvas(
            "sp-whole",
            """
            {"id":"sp-w","name":"All","xMm":0,"yMm":0,"widthMm":254,"heightMm":60,
             "pixelsWide":508,"pixelsHigh":120}"""));
    String base = at("sp") + "/light/canvases/";
    BufferedImage left = png(owner, base + "sp-c/sp-a.png");
    BufferedImage right = png(owner, base + "sp-c/sp-b.png");
    BufferedImage whole = png(owner, base + "sp-whole/sp-w.png");
    assertEquals(240, left.getWidth());
    assertEquals(120, left.getHeight());
    assertEquals(508, whole.getWidth());
    assertArrayEquals(pixels(whole, 0, 240), pixels(left, 0, 240));
    assertArrayEquals(pixels(whole, 268, 240), pixels(right, 0, 240));
    assertTrue(Set.copyOf(boxed(pixels(left, 0, 240))).size() > 20, "and it is no empty one");
    assertTrue(
        new String(owner.bytes(base + "sp-c.svg"), StandardCharsets.UTF_8).contains("DEPOT"));
  }

  private static List<Integer> boxed(int[] pixels) {
    return Arrays.stream(pixels).boxed().toList();
  }

  /** A body on its side that software can't turn gets its picture lying down. */
  @Test
  void aPictureLiesAsItsPixelsDo(Client owner) throws IOException {
    owner.post("/api/builds", Map.of("id", "so", "name", "so")).expect(200);
    put(
        owner,
        "so",
        "screens",
        "so-a",
        screen(
            "so-a",
            ",\"mount\":{\"held\":null,\"besides\":null,\"on\":\"CHASSIS\",\"turned\":\"RIGHT\"}",
            ",\"pictureTurns\":\"NOT_AT_ALL\""));
    put(owner, "so", "canvases", "so-c", canvas("so-c", "{\"id\":\"so-a\",\"name\":\"\"}"));
    String path = at("so") + "/light/canvases/so-c/so-a.png";
    BufferedImage lying = png(owner, path);
    BufferedImage upright = png(owner, path + "?upright=true");
    assertEquals(240, lying.getWidth());
    assertEquals(120, lying.getHeight());
    assertEquals(120, upright.getWidth());
    assertEquals(240, upright.getHeight());
    long apart = 0;
    for (int x = 0; x < 120; x++) {
      for (int y = 0; y < 240; y++) {
        // turned by 270° clockwise: what was on the right is above
        apart += apart(upright.getRGB(x, y), lying.getRGB(y, 119 - x));
      }
    }
    assertTrue(apart / (120.0 * 240) < 6, "a mean of " + apart / (120.0 * 240) + " of 765");
  }

  private static int apart(int one, int other) {
    int sum = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      sum += Math.abs(((one >> shift) & 255) - ((other >> shift) & 255));
    }
    return sum;
  }

  @Test
  void eachScreenShowsItsPartOfThePicture(Client owner) {
    begin(owner, "sg");
    JsonNode canvas = owner.get(at("sg")).expect(200).json().at("/glow/canvases/0");
    assertEquals(47.2, canvas.at("/cuts/0/rightPercent").asDouble(), 0.05);
    assertEquals(52.8, canvas.at("/cuts/1/leftPercent").asDouble(), 0.05);
    assertEquals(4, canvas.path("readOuts").size());
    assertFalse(canvas.at("/readOuts/3/whole").asBoolean(), "the dial's number lies behind rims");
  }

  @Test
  void whatAScreenShowsGoesOutWithTheFaces(Client owner) throws IOException {
    begin(owner, "se");
    JsonNode view = owner.get(at("se")).expect(200).json();
    owner
        .put(
            at("se") + "/concepts/se",
            """
            {"id":"%s","letter":"A","name":"","look":{"themeWords":[],"palette":[],
              "size":{"widthMm":400,"heightMm":200,"depthMm":300}},"frozen":null}"""
                .formatted(view.at("/build/concept/id").asString()),
            view.at("/versions").path("concepts/se").asLong())
        .expect(200);
    put(
        owner,
        "se",
        "items",
        "se-a",
        """
        {"id":"se-a","face":"FRONT","kind":"SCREEN","name":"A","xMm":20,"yMm":30,"layer":"ON",
         "ofId":"se-a","upright":false,"art":"","words":"typed by hand"}""");
    String svg = new String(owner.bytes(at("se") + "/faces/front.svg"), StandardCharsets.UTF_8);
    assertTrue(svg.contains(">Coolant</text>"), svg);
    assertFalse(svg.contains("typed by hand"), "what is laid out takes its place");
    assertTrue(svg.contains("viewBox=\"0 0 120 60\""), "cut to what shines");
    String dusk =
        new String(owner.bytes(at("se") + "/faces/front.svg?dusk=true"), StandardCharsets.UTF_8);
    assertTrue(dusk.contains("fill=\"#FFFFFF\">Coolant"), dusk);
    assertFalse(svg.contains("fill=\"#FFFFFF\">Coolant"), "by day it is off, and faint");
    BufferedImage face = png(owner, at("se") + "/faces/front.png?dusk=true");
    assertEquals(800, face.getWidth());
    assertTrue(Set.copyOf(boxed(pixels(face, 40, 240))).size() > 20, "its letters are painted");
  }
}
