package emberyard.core.build;

import emberyard.core.geometry.Rect;
import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * An opening in a face of the enclosure that air goes through.
 *
 * @param xMm left edge on the face, 0 to 5,000 mm; so is y from its lower edge
 * @param widthMm 1 to 5,000 mm; so is height
 * @param field holes in it, null where it is open
 * @param sealed closed off on purpose
 */
public record Opening(
    String id,
    String name,
    Face face,
    double xMm,
    double yMm,
    double widthMm,
    double heightMm,
    @Nullable HoleField field,
    boolean sealed) {
  public Opening {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("face", face);
    Require.between("xMm", xMm, 0, 5_000, "mm");
    Require.between("yMm", yMm, 0, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
  }

  /** Where it lies on its face. */
  public Rect at() {
    return new Rect(xMm, yMm, widthMm, heightMm);
  }

  /** Area that air gets through, mm². */
  public double openMm2() {
    return sealed ? 0 : widthMm * heightMm * (field == null ? 1 : field.openShare());
  }

  /**
   * The same with so much of it left; closed off where that is next to nothing.
   *
   * @param share 0 to 1
   */
  public Opening leaving(double share) {
    double wide = widthMm * share;
    return share >= 1 ? this : wide < 1 ? closed() : with(wide);
  }

  /** The same with other holes in it. */
  public Opening with(HoleField holes) {
    return new Opening(id, name, face, xMm, yMm, widthMm, heightMm, holes, sealed);
  }

  /** The same, so wide from its left edge on. */
  public Opening with(double wideMm) {
    return new Opening(id, name, face, xMm, yMm, wideMm, heightMm, field, sealed);
  }

  /** The same, closed off. */
  public Opening closed() {
    return new Opening(id, name, face, xMm, yMm, widthMm, heightMm, field, true);
  }
}
