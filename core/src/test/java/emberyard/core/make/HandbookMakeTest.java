package emberyard.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Bent;
import emberyard.core.build.MeshFacts;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.make.drawn.FlatPattern;
import emberyard.core.make.mesh.Mesh;
import emberyard.core.make.mesh.MeshMeasure;
import emberyard.core.make.mesh.MeshPicture;
import emberyard.core.make.mesh.PrintFigures;
import emberyard.core.make.mesh.StlReader;
import emberyard.core.make.panel.BedPlan;
import emberyard.core.make.panel.CutTime;
import emberyard.core.make.photo.PhotoMeasure;
import emberyard.core.make.photo.PhotoPoint;
import emberyard.core.make.photo.PhotoReference;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.FoamTape;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * The worked examples of the handbook's chapter on made parts, and figures known by other means.
 */
class HandbookMakeTest {
  @Test
  void theCuttingTime() {
    CutTime time =
        CutTime.of(
            new CutTime.Job(2 * (412 + 330) + 2 * (300 + 200), 5, 0, 120 * 80, 0),
            new CutTime.Pace(12, 1, 0.4, 200, 0.1, 400));
    assertEquals(207, time.cutSeconds(), 1e-9);
    assertEquals(2, time.pierceSeconds(), 1e-9);
    assertEquals(240, time.engraveSeconds(), 1e-9);
    assertEquals(449, time.totalSeconds(), 1e-9);
    CutTime twice =
        CutTime.of(
            new CutTime.Job(1_000, 2, 400, 0, 200), new CutTime.Pace(10, 2, 1, 200, 0.1, 100));
    assertEquals(200 + 4 + 2 + 2, twice.totalSeconds(), 1e-9);
  }

  @Test
  void theBendAllowance() {
    assertEquals(11.55, FlatPattern.allowanceMm(90, 6, 3), 0.005);
    FlatPattern flat =
        FlatPattern.of(
            new Bent(40, List.of(new Bent.Bend(90, 6, 60), new Bent.Bend(90, 6, 40))), 3);
    assertEquals(140 + 2 * 11.545, flat.flatMm(), 0.01);
    assertEquals(40 + 11.545 / 2, flat.bends().get(0).xMm(), 0.01);
    assertEquals(16.5, flat.heatedBandMm(), 1e-9);
    assertEquals(3, flat.soakMinutes(), 1e-9);
  }

  @Test
  void theFoamTape() {
    FoamTape tape = FoamTape.of(1.1, 12, true, false, false, false);
    assertEquals(125.4, tape.areaCm2(), 1e-9);
    assertEquals(1045, tape.lengthMm(), 1e-9);
    assertFalse(tape.stop().isEmpty(), "over 1 kg");
    assertTrue(FoamTape.of(0.4, 12, false, true, false, false).stop().isEmpty());
    assertEquals(0.4 * 57 * 1.5, FoamTape.of(0.4, 12, false, true, false, false).areaCm2(), 1e-9);
    assertFalse(FoamTape.of(0.1, 12, false, false, true, false).stop().isEmpty(), "glass");
    assertFalse(FoamTape.of(0.1, 12, false, false, false, true).stop().isEmpty(), "overhead");
  }

  @Test
  void theKerfOfAHole() {
    Outline part =
        Plane.cut(
            Outline.of(Contour.rectangle(0, 0, 50, 30, 0)), Outline.of(Contour.circle(25, 15, 4)));
    Outline cut = Plane.offset(part, 0.1);
    assertEquals(50.2, cut.bounds().widthMm(), 1e-6);
    assertEquals(3.8, cut.holes().get(0).circle().orElseThrow().diameterMm(), 1e-9);
  }

  @Test
  void bedsAndWhatToDoWithoutOne() {
    Outline fits = Outline.of(Contour.rectangle(0, 0, 390, 290, 0));
    assertEquals(BedPlan.Way.FITS, BedPlan.of(fits, 400, 300, 3).way());
    Outline tall = Outline.of(Contour.rectangle(0, 0, 290, 390, 0));
    assertEquals(BedPlan.Way.FITS_TURNED, BedPlan.of(tall, 400, 300, 3).way());
    BedPlan twice = BedPlan.of(Outline.of(Contour.rectangle(0, 0, 412, 388, 0)), 400, 300, 3);
    assertEquals(BedPlan.Way.TWO_SET_UPS, twice.way());
    assertEquals(2, twice.registers().size());
    for (Circle hole : twice.registers()) {
      assertTrue(
          hole.xMm() < 0 || hole.xMm() > 412 || hole.yMm() < 0 || hole.yMm() > 388, "outside");
    }
    BedPlan split = BedPlan.of(perforated(), 400, 300, 6);
    assertEquals(BedPlan.Way.SPLIT, split.way());
    assertTrue(split.lineMm() >= 200 && split.lineMm() <= 390, split.toString());
    for (Contour hole : perforated().holes()) {
      Circle round = hole.circle().orElseThrow();
      assertTrue(
          Math.abs(round.xMm() - split.lineMm()) > round.diameterMm() / 2 + 5.9,
          "no hole is crossed");
    }
  }

  private static Outline perforated() {
    List<Contour> holes =
        java.util.stream.IntStream.range(0, 9)
            .mapToObj(i -> Contour.circle(50 + i * 61, 180, 20))
            .toList();
    return Plane.cut(
        Outline.of(Contour.rectangle(0, 0, 590, 360, 0)), new Outline(holes, List.of()));
  }

  static Mesh cube(double size) {
    double[][] c = new double[8][];
    for (int i = 0; i < 8; i++) {
      c[i] = new double[] {(i & 1) * size, (i >> 1 & 1) * size, (i >> 2 & 1) * size};
    }
    int[][] sides = {
      {0, 2, 3}, {0, 3, 1}, {4, 5, 7}, {4, 7, 6}, {0, 1, 5}, {0, 5, 4},
      {2, 6, 7}, {2, 7, 3}, {0, 4, 6}, {0, 6, 2}, {1, 3, 7}, {1, 7, 5}
    };
    float[] corners = new float[108];
    int at = 0;
    for (int[] side : sides) {
      for (int corner : side) {
        for (double value : c[corner]) {
          corners[at++] = (float) value;
        }
      }
    }
    return new Mesh(corners);
  }

  static byte[] binary(Mesh mesh, int says) {
    ByteBuffer bytes =
        ByteBuffer.allocate(84 + 50 * mesh.triangles()).order(ByteOrder.LITTLE_ENDIAN);
    bytes.position(80);
    bytes.putInt(says);
    for (int t = 0; t < mesh.triangles(); t++) {
      bytes.position(84 + 50 * t + 12);
      for (int k = 0; k < 9; k++) {
        bytes.putFloat(mesh.corners()[9 * t + k]);
      }
    }
    return bytes.array();
  }

  private static String ascii(Mesh mesh) {
    StringBuilder text = new StringBuilder("solid cube\n");
    for (int t = 0; t < mesh.triangles(); t++) {
      text.append("facet normal 0 0 0\nouter loop\n");
      for (int k = 0; k < 3; k++) {
        int at = 9 * t + 3 * k;
        text.append("vertex ").append(mesh.corners()[at]).append(' ');
        text.append(mesh.corners()[at + 1]).append(' ').append(mesh.corners()[at + 2]).append('\n');
      }
      text.append("endloop\nendfacet\n");
    }
    return text.append("endsolid cube\n").toString();
  }

  @Test
  void aCubeInBothForms() {
    for (byte[] file :
        List.of(binary(cube(20), 12), ascii(cube(20)).getBytes(StandardCharsets.US_ASCII))) {
      MeshFacts facts = MeshMeasure.of(StlReader.read(file));
      assertEquals(8_000, facts.volumeMm3(), 1e-3);
      assertEquals(2_400, facts.areaMm2(), 1e-3);
      assertEquals(List.of(20.0, 20.0, 20.0), facts.sizeMm());
      assertTrue(facts.closed());
      assertEquals(
          0, facts.overhangShares().get(0), 1e-9, "the side that lies down is no overhang");
    }
  }

  @Test
  void anOpenMeshIsTold() {
    Mesh open = new Mesh(Arrays.copyOf(cube(20).corners(), 99));
    assertFalse(MeshMeasure.of(open).closed());
  }

  @Test
  void lyingAndCutOffMeshesAreRefused() {
    assertThrows(InvalidValue.class, () -> StlReader.read(binary(cube(20), 2_000_000_000)));
    assertThrows(InvalidValue.class, () -> StlReader.read(binary(cube(20), -1)));
    assertThrows(InvalidValue.class, () -> StlReader.read(new byte[10]));
    String cut = ascii(cube(20)).substring(0, 600);
    assertThrows(InvalidValue.class, () -> StlReader.read(cut.getBytes(StandardCharsets.US_ASCII)));
    String nan = ascii(cube(20)).replaceFirst("vertex 0.0", "vertex NaN");
    assertThrows(InvalidValue.class, () -> StlReader.read(nan.getBytes(StandardCharsets.US_ASCII)));
  }

  @Test
  void aPrintsFigures() {
    var part =
        new emberyard.core.build.PrintPart(
            "p",
            "Cube",
            emberyard.core.build.Face.FRONT,
            "a".repeat(64),
            "cube.stl",
            MeshMeasure.of(cube(20)),
            "pla",
            1,
            20.0,
            1.2,
            0,
            1,
            3.0,
            null);
    PrintFigures figures = PrintFigures.of(part, "PLA", null);
    assertEquals(4.84, figures.grams(), 0.01);
    assertEquals(0.2, figures.shrinkPercent());
    assertEquals(4.0, figures.insertHoleMm());
    assertEquals(5.6, PrintFigures.insertHoleMm(4));
  }

  @Test
  void aPictureShowsTheMeshInItsMiddle() {
    int[] pixels = MeshPicture.paint(cube(20), 64, 0x808080);
    assertEquals(0, pixels[0], "nothing in the corner");
    assertTrue((pixels[32 * 64 + 32] >>> 24) == 255, "something in the middle");
  }

  private static PhotoPoint at(double x, double y) {
    return new PhotoPoint(x, y);
  }

  @Test
  void straightOnTwoPointsGiveTheScale() {
    PhotoReference ruler =
        new PhotoReference(
            List.of(new PhotoReference.KnownLength(at(100, 100), at(600, 100), 250)),
            null,
            null,
            null);
    PhotoMeasure measured =
        PhotoMeasure.of(ruler, List.of(at(100, 300), at(400, 700)), PhotoMeasure.CLICK_PX);
    assertEquals(250, measured.distances().get(0).medianMm(), 1);
    assertTrue(measured.distances().get(0).plusMinusMm() > 0.5);
    assertTrue(measured.distances().get(0).plusMinusMm() < 5);
    PhotoMeasure again =
        PhotoMeasure.of(ruler, List.of(at(100, 300), at(400, 700)), PhotoMeasure.CLICK_PX);
    assertEquals(measured, again, "a fixed seed");
    assertEquals(
        0,
        PhotoMeasure.of(ruler, List.of(at(100, 300), at(400, 700)), 0)
            .distances()
            .get(0)
            .plusMinusMm(),
        1e-9);
  }

  @Test
  void inPerspectiveFourCornersGiveThePlane() {
    // a plane seen at a slant: u = (a x + c) / (1 + g x), made up and inverted by the program
    double[][] world = {{0, 0}, {210, 0}, {210, 297}, {0, 297}, {50, 60}, {160, 240}};
    PhotoPoint[] seen =
        Arrays.stream(world)
            .map(
                w -> {
                  double k = 1 + 0.0008 * w[0] + 0.0011 * w[1];
                  return at(
                      (400 + 2.1 * w[0] + 0.3 * w[1]) / k, (900 - 0.2 * w[0] - 1.9 * w[1]) / k);
                })
            .toArray(PhotoPoint[]::new);
    PhotoReference sheet =
        new PhotoReference(List.of(), List.of(seen[0], seen[1], seen[2], seen[3]), 210.0, 297.0);
    PhotoMeasure measured = PhotoMeasure.of(sheet, List.of(seen[4], seen[5]), 0);
    assertEquals(Math.hypot(110, 180), measured.distances().get(0).medianMm(), 1e-6);
    assertEquals(50, measured.points().get(0).xMm(), 1e-6);
    PhotoReference flat =
        new PhotoReference(
            List.of(), List.of(at(0, 0), at(100, 0), at(200, 0), at(300, 0)), 210.0, 297.0);
    assertThrows(InvalidValue.class, () -> PhotoMeasure.of(flat, List.of(at(0, 0), at(1, 1)), 0));
  }
}
