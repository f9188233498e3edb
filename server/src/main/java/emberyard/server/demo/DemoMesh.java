package emberyard.server.demo;

import emberyard.core.build.Face;
import emberyard.core.build.PrintPart;
import emberyard.core.make.mesh.MeshMeasure;
import emberyard.core.make.mesh.StlReader;
import emberyard.server.files.MeshFiles;
import emberyard.server.workshop.StartingStock;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** A bollard turned round its axis, as an STL: something to print. */
final class DemoMesh {
  private static final int SIDES = 40;
  private static final double[][] PROFILE = {
    {16, 0}, {16, 3}, {9, 6}, {8, 22}, {13, 26}, {13, 30}, {9, 34}
  };

  private final StringBuilder stl = new StringBuilder("solid bollard\n");

  private DemoMesh() {}

  static byte[] bollard() {
    return new DemoMesh().write().getBytes(StandardCharsets.US_ASCII);
  }

  /** The bollard as a part of the pilot build, its mesh kept. */
  static PrintPart part(MeshFiles meshes) {
    try {
      byte[] stl = bollard();
      return new PrintPart(
          "night-pilotage-bollard",
          "Bollard knob",
          Face.FRONT,
          meshes.keep(stl),
          "bollard.stl",
          MeshMeasure.of(StlReader.read(stl)),
          StartingStock.filaments().get(0).id(),
          2,
          20.0,
          1.6,
          0,
          1,
          3.0);
    } catch (IOException noRoom) {
      throw new UncheckedIOException(noRoom);
    }
  }

  private String write() {
    int last = PROFILE.length - 1;
    for (int side = 0; side < SIDES; side++) {
      double a = 2 * Math.PI * side / SIDES;
      double b = 2 * Math.PI * ((side + 1) % SIDES) / SIDES;
      for (int ring = 0; ring < last; ring++) {
        triangle(at(ring, a), at(ring, b), at(ring + 1, b));
        triangle(at(ring, a), at(ring + 1, b), at(ring + 1, a));
      }
      triangle(new double[] {0, 0, PROFILE[0][1]}, at(0, b), at(0, a));
      triangle(new double[] {0, 0, PROFILE[last][1]}, at(last, a), at(last, b));
    }
    return stl.append("endsolid bollard\n").toString();
  }

  private static double[] at(int ring, double angle) {
    double r = PROFILE[ring][0];
    return new double[] {r * Math.cos(angle), r * Math.sin(angle), PROFILE[ring][1]};
  }

  private void triangle(double[]... corners) {
    stl.append("facet normal 0 0 0\nouter loop\n");
    for (double[] c : corners) {
      stl.append(String.format(Locale.ROOT, "vertex %.5f %.5f %.5f\n", c[0], c[1], c[2]));
    }
    stl.append("endloop\nendfacet\n");
  }
}
