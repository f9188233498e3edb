package emberyard.core.make.mesh;

/**
 * Triangles of a mesh, nine numbers each: three corners, mm.
 *
 * @param corners x, y, z of every corner in turn
 */
public record Mesh(float[] corners) {
  public int triangles() {
    return corners.length / 9;
  }
}
