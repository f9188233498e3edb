package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Drawings and meshes in and out, the hostile ones refused. */
@ExtendWith(TestYard.class)
class MakeFilesTest {
  @Test
  void filesOpenAnywhereAndComeBackTheSame(Client owner) {
    owner.begin("make-3");
    Map<String, Object> plate = MakeApiTest.panel("m3", 120, 80, "acrylic-clear-3");
    plate.put(
        "drawing",
        Map.of(
            "cornerMm",
            6,
            "steps",
            List.of(
                Map.of(
                    "id",
                    "a",
                    "op",
                    "CUT",
                    "figure",
                    Map.of("kind", "HOLE", "diameterMm", 20),
                    "xMm",
                    40,
                    "yMm",
                    40),
                Map.of(
                    "id",
                    "b",
                    "op",
                    "ENGRAVE",
                    "figure",
                    Map.of("kind", "TEXT", "text", "TIDE", "heightMm", 10),
                    "xMm",
                    85,
                    "yMm",
                    40))));
    MakeApiTest.put(owner, "make-3", plate);
    JsonNode part = MakeApiTest.view(owner, "make-3").path("parts").path(0).path("figures");
    for (String form : List.of("svg", "dxf")) {
      byte[] file = owner.bytes("/api/builds/make-3/panels/m3." + form);
      JsonNode back =
          owner.postFile("/api/drawings", "file", "m3." + form, file).expect(200).json();
      double area = part.path("areaMm2").asDouble();
      assertEquals(area, back.path("areaMm2").asDouble(), 1e-4 * area, form);
      double contour = part.path("contourMm").asDouble();
      assertEquals(contour, back.path("contourMm").asDouble(), 1e-4 * contour, form);
      assertFalse(back.path("engraved").asString().isEmpty(), form);
    }
    byte[] kerf = owner.bytes("/api/builds/make-3/panels/m3.svg?kerf=true");
    JsonNode grown = owner.postFile("/api/drawings", "file", "k.svg", kerf).expect(200).json();
    assertEquals(120.2, grown.path("widthMm").asDouble(), 0.01);
  }

  @Test
  void hostileFilesAreRefusedAndNothingIsKept(Client owner) throws Exception {
    owner.begin("make-6");
    long before = owner.get("/api/builds/make-6").json().path("revision").asLong();
    StringBuilder laughs =
        new StringBuilder("<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY a0 'ha'>");
    for (int i = 1; i < 12; i++) {
      laughs.append("<!ENTITY a%d '%s'>".formatted(i, ("&a" + (i - 1) + ";").repeat(10)));
    }
    laughs.append("]><svg xmlns='http://www.w3.org/2000/svg'><text>&a11;</text></svg>");
    refused(owner, laughs.toString());
    refused(owner, "<svg xmlns='http://www.w3.org/2000/svg'><script>x()</script></svg>");
    refused(
        owner,
        "<svg xmlns='http://www.w3.org/2000/svg'><polygon points='0,0 1e300,0 0,NaN'/></svg>");
    refused(
        owner,
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0"
            + "l.1 .1".repeat(100_000)
            + "Z'/></svg>");
    refused(owner, "0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n1");
    byte[] lying = new byte[134];
    lying[80] = (byte) 0xff;
    lying[83] = 0x7f;
    owner.postFile("/api/meshes", "file", "lying.stl", lying).expect(422);
    assertEquals(
        413, owner.postFile("/api/drawings", "file", "huge.svg", new byte[20_000_000]).status());
    assertEquals(before, owner.get("/api/builds/make-6").json().path("revision").asLong());
  }

  @Test
  void aPrintTravelsWithItsMesh(Client owner) {
    owner.begin("make-7");
    String stl =
        "solid t\nfacet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 0 10 0\nvertex 10 0 0\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 10 0 0\nvertex 0 0 10\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 0 0 0\nvertex 0 0 10\nvertex 0 10 0\nendloop\nendfacet\n"
            + "facet normal 0 0 0\nouter loop\nvertex 10 0 0\nvertex 0 10 0\nvertex 0 0 10\nendloop\nendfacet\nendsolid t\n";
    JsonNode kept =
        owner
            .postFile("/api/meshes", "file", "t.stl", stl.getBytes(StandardCharsets.US_ASCII))
            .expect(200)
            .json();
    assertTrue(kept.path("mesh").path("closed").asBoolean());
    assertEquals(1000 / 6.0, kept.path("mesh").path("volumeMm3").asDouble(), 1e-3);
    Map<String, Object> print = new HashMap<>();
    print.put("id", "p7");
    print.put("name", "Wedge");
    print.put("face", "FRONT");
    print.put("sha256", kept.path("sha256").asString());
    print.put("fileName", "t.stl");
    print.put("mesh", kept.path("mesh"));
    print.put("filamentId", "none");
    print.put("quantity", 1);
    owner.put("/api/builds/make-7/prints/p7", print, null).expect(200);
    assertFalse(
        MakeApiTest.task(MakeApiTest.view(owner, "make-7"), "print:p7/print").isMissingNode());
    byte[] png =
        owner.bytes("/api/meshes/" + kept.path("sha256").asString() + "/picture.png?size=64");
    assertEquals((byte) 0x89, png[0]);
    JsonNode file = owner.get("/api/builds/make-7/export").expect(200).json();
    assertEquals(1, file.path("meshes").size());
  }

  private static void refused(Client owner, String text) {
    owner
        .postFile("/api/drawings", "file", "x.svg", text.getBytes(StandardCharsets.UTF_8))
        .expect(422);
  }
}
