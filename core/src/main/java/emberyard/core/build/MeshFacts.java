package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;

/**
 * What was measured on a mesh when its file came in.
 *
 * @param volumeMm3 enclosed, 0 and up
 * @param areaMm2 of all triangles
 * @param sizeMm of its box: x, y, z
 * @param triangles how many
 * @param closed whether every edge is used by two triangles
 * @param overhangShares of the area facing down more steeply than 45° and not lying on the bed, for
 *     each side down: −z, +z, −x, +x, −y, +y
 */
public record MeshFacts(
    double volumeMm3,
    double areaMm2,
    List<Double> sizeMm,
    int triangles,
    boolean closed,
    List<Double> overhangShares) {
  public MeshFacts {
    Require.between("volumeMm3", volumeMm3, 0, 1e12, "mm³");
    Require.between("areaMm2", areaMm2, 0, 1e12, "mm²");
    Require.between("triangles", triangles, 0, 10_000_000, "triangles");
    sizeMm = Require.list(sizeMm);
    overhangShares = Require.list(overhangShares);
    Require.that(sizeMm.size() == 3, "sizeMm", "A mesh has three sizes.");
    Require.that(overhangShares.size() == 6, "overhangShares", "A mesh has six sides.");
  }
}
