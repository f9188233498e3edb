package emberyard.core.build;

import emberyard.core.geometry.Box;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A space inside an enclosure where components sit.
 *
 * @param xMm left edge from the enclosure's left, y its front edge from the front, z its floor from
 *     the underside; 0 to 5,000 mm
 * @param widthMm 1 to 5,000 mm; so are depth and height
 * @param access the side from which things go in
 * @param accepts what sits in it; {@link Seat#FREE} takes anything
 * @param toleranceXMm how much narrower it may turn out, 0 to 50 mm; so are y and z
 * @param change what is done to it at the bench
 */
@RecordBuilder
public record Bay(
    String id,
    String name,
    double xMm,
    double yMm,
    double zMm,
    double widthMm,
    double depthMm,
    double heightMm,
    Face access,
    List<Seat> accepts,
    double toleranceXMm,
    double toleranceYMm,
    double toleranceZMm,
    BayChange change)
    implements BayBuilder.With {
  public Bay {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("xMm", xMm, 0, 5_000, "mm");
    Require.between("yMm", yMm, 0, 5_000, "mm");
    Require.between("zMm", zMm, 0, 5_000, "mm");
    Require.between("widthMm", widthMm, 1, 5_000, "mm");
    Require.between("depthMm", depthMm, 1, 5_000, "mm");
    Require.between("heightMm", heightMm, 1, 5_000, "mm");
    Require.given("access", access);
    accepts = Require.list(accepts);
    Require.between("toleranceXMm", toleranceXMm, 0, 50, "mm");
    Require.between("toleranceYMm", toleranceYMm, 0, 50, "mm");
    Require.between("toleranceZMm", toleranceZMm, 0, 50, "mm");
    change = change == null ? BayChange.NONE : change;
  }

  /** An unchanged bay without tolerance. */
  public static Bay of(String id, String name, Box box, Face access, Seat... accepts) {
    return new Bay(
        id,
        name,
        box.xMm(),
        box.yMm(),
        box.zMm(),
        box.widthMm(),
        box.depthMm(),
        box.heightMm(),
        access,
        List.of(accepts),
        0,
        0,
        0,
        BayChange.NONE);
  }

  /** As it was measured. */
  public Box box() {
    return new Box(xMm, yMm, zMm, widthMm, depthMm, heightMm);
  }

  /** As it is after moving and widening, before anything is cut away beside it. */
  public Box changedBox() {
    return new Box(
        xMm + change.movedXMm(),
        yMm + change.movedYMm(),
        zMm + change.movedZMm(),
        widthMm + change.widerMm(),
        depthMm + change.deeperMm(),
        heightMm + change.higherMm());
  }

  public Bay with(BayChange other) {
    return withChange(other);
  }
}
