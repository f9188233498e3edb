package emberyard.server;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** Small requests that ask for a great deal: each is answered within its budget, or refused. */
final class HeavyRequests {
  private HeavyRequests() {}

  /**
   * A request.
   *
   * @param status what it has to be answered with
   */
  record Heavy(String name, int status, Function<Client, Client.Answer> send) {}

  static List<Heavy> all() {
    return List.of(
        drawing("an arc of 1e300 degrees", 422, arc()),
        drawing("blocks in blocks, 100 × 100 each, 8 deep", 422, nested()),
        drawing("a text in 160,000 places", 422, textArray()),
        drawing("40 overlapping circles", 200, circles(40)),
        drawing("1,000 overlapping circles", 422, circles(1_000)),
        mesh("a mesh of 230,000 triangles", 230_000),
        schedule("10,000 tasks on one station", 200, 10_000, 60),
        schedule("5,000 tasks of 100,000 minutes", 422, 5_000, 100_000),
        post("60 components in one bay", 200, "/api/calc/fit/place", components(60)),
        post("500 pieces, no two alike, 100 sheets", 200, "/api/calc/make/nest", pieces(500, 4)),
        post("3 pieces of 1,000 corners", 200, "/api/calc/make/nest", pieces(3, 1_000)),
        post("20 lines of engraved text", 200, "/api/calc/make/part", lettering(20, 12, null)),
        post("a line of text in 2,000 places", 422, "/api/calc/make/part", lettering(1, 8, grid())),
        post(
            "200 lines of text, one over another",
            422,
            "/api/calc/make/part",
            lettering(200, 1.5, null)),
        post("a finish of 40 overlapping circles", 422, "/api/calc/finish/layers", discs(40)));
  }

  private static Heavy post(String name, int status, String path, Object body) {
    return new Heavy(name, status, client -> client.post(path, body));
  }

  private static Heavy drawing(String name, int status, String entities) {
    byte[] file = entities.getBytes(StandardCharsets.UTF_8);
    return new Heavy(
        name, status, client -> client.postFile("/api/drawings", "file", "heavy.dxf", file));
  }

  private static String dxf(String blocks, String entities) {
    return "0\nSECTION\n2\nBLOCKS\n%s0\nENDSEC\n0\nSECTION\n2\nENTITIES\n%s0\nENDSEC\n0\nEOF\n"
        .formatted(blocks, entities);
  }

  private static String arc() {
    return dxf("", "0\nARC\n8\n0\n10\n0\n20\n0\n40\n50\n50\n1e300\n51\n-1e300\n");
  }

  private static String insert(String block, int times) {
    return "0\nINSERT\n2\n%s\n10\n0\n20\n0\n70\n%d\n71\n%d\n44\n1\n45\n1\n"
        .formatted(block, times, times);
  }

  private static String block(String name, String content) {
    return "0\nBLOCK\n2\n%s\n10\n0\n20\n0\n%s0\nENDBLK\n".formatted(name, content);
  }

  private static final String TEXT = "0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n3\n1\nlow water\n";

  private static String nested() {
    StringBuilder blocks = new StringBuilder(block("B0", TEXT));
    for (int i = 1; i < 8; i++) {
      blocks.append(block("B" + i, insert("B" + (i - 1), 100)));
    }
    return dxf(blocks.toString(), insert("B7", 100));
  }

  private static String textArray() {
    return dxf(block("T", TEXT), insert("T", 400));
  }

  private static String circles(int count) {
    StringBuilder circles = new StringBuilder();
    for (int i = 0; i < count; i++) {
      circles.append(
          "0\nCIRCLE\n8\n0\n10\n%d\n20\n%d\n40\n50\n".formatted(60 + i, 60 + i * 7 % 11));
    }
    return dxf("", circles.toString());
  }

  /** A wavy sheet. */
  private static Heavy mesh(String name, int triangles) {
    ByteBuffer stl = ByteBuffer.allocate(84 + 50 * triangles).order(ByteOrder.LITTLE_ENDIAN);
    stl.putInt(80, triangles).position(84);
    int side = (int) Math.ceil(Math.sqrt(triangles / 2.0));
    for (int i = 0; i < triangles; i++) {
      int x = i / 2 % side;
      int y = i / 2 / side;
      stl.putFloat(0).putFloat(0).putFloat(1);
      corner(stl, x + i % 2, y);
      corner(stl, x + 1, y + i % 2);
      corner(stl, x, y + 1);
      stl.putShort((short) 0);
    }
    byte[] file = stl.array();
    return new Heavy(
        name, 200, client -> client.postFile("/api/calc/make/mesh", "file", "wavy.stl", file));
  }

  private static void corner(ByteBuffer stl, int x, int y) {
    stl.putFloat(x / 2f).putFloat(y / 2f).putFloat((float) (10 * Math.sin(x * .1 + y * .13)));
  }

  private static <T> List<T> many(int count, IntFunction<T> one) {
    return IntStream.range(0, count).mapToObj(one).toList();
  }

  private static Heavy schedule(String name, int status, int tasks, int minutes) {
    Map<String, Object> asked = new HashMap<>();
    asked.put("start", "2026-03-02T09:00");
    asked.put("people", List.of(Map.of("id", "p")));
    asked.put("stations", List.of(Map.of("id", "bench")));
    asked.put("hours", List.of(Map.of("day", "MONDAY", "from", "00:00", "to", "23:59")));
    asked.put(
        "tasks",
        many(tasks, i -> Map.of("key", "t" + i, "handsOnMinutes", minutes, "station", "bench")));
    return post(name, status, "/api/calc/plan/schedule", asked);
  }

  private static Object components(int count) {
    return Map.of(
        "bays",
        List.of(Map.of("id", "bay", "widthMm", 400, "depthMm", 400, "heightMm", 400)),
        "components",
        many(
            count,
            i -> Map.of("id", "c" + i, "widthMm", 90 + i, "depthMm", 80 + i, "heightMm", 70 + i)));
  }

  private static Object pieces(int count, int corners) {
    return Map.of(
        "sheets", List.of(Map.of("widthMm", 600, "heightMm", 400, "quantity", 100)),
        "pieces", many(count, i -> Map.of("id", "p" + i, "path", jagged(corners, i))),
        "iterations", 1);
  }

  private static String jagged(int corners, int number) {
    List<String> points = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + 0.001 * number) / corners;
      double radius = i % 2 == 0 ? 40 + 0.01 * number : 25;
      points.add("%.3f %.3f".formatted(radius * Math.cos(angle), radius * Math.sin(angle)));
    }
    return "M" + String.join("L", points) + "Z";
  }

  private static Map<String, Object> grid() {
    return Map.of("across", 40, "up", 50, "stepXMm", 4, "stepYMm", 4);
  }

  private static Object lettering(int lines, double apartMm, Map<String, Object> array) {
    Map<String, Object> figure =
        Map.of(
            "kind",
            "TEXT",
            "text",
            "Low water at Harrow Sound ".repeat(lines == 20 ? 1 : 7),
            "face",
            "SERIF",
            "heightMm",
            6);
    List<Map<String, Object>> steps =
        many(
            lines,
            i -> {
              Map<String, Object> step =
                  new HashMap<>(Map.of("id", "s" + i, "op", "ENGRAVE", "figure", figure));
              step.put("xMm", 200);
              step.put("yMm", 20 + i * apartMm);
              step.put("array", array);
              return step;
            });
    return Map.of(
        "widthMm",
        400,
        "heightMm",
        400,
        "thicknessMm",
        3,
        "material",
        "acrylic",
        "drawing",
        Map.of("steps", steps));
  }

  private static Object discs(int count) {
    Map<String, Object> paint = Map.of("contrastRatio", 0.9, "colour", "#B3202A");
    return Map.of(
        "sheet",
        Map.of(
            "colour",
            "#FFFFFF",
            "thicknessMm",
            3,
            "transmittance",
            0.92,
            "widthMm",
            400,
            "heightMm",
            400),
        "shapes",
        many(count, i -> Map.of("name", "d" + i, "path", disc(150 + 2.5 * i, 180 + i * 7 % 33))),
        "steps",
        List.of(Map.of("op", "paint", "product", paint, "side", "front", "coats", 1)));
  }

  private static String disc(double x, double y) {
    return "M%.1f %.1fA60 60 0 1 0 %.1f %.1fA60 60 0 1 0 %.1f %.1fZ"
        .formatted(x - 60, y, x + 60, y, x - 60, y);
  }
}
