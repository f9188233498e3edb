package emberyard.core.build;

import emberyard.core.units.Require;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * One step of a finish, in the order in which it is done.
 *
 * <p>The area is the whole side where no shapes are named, else the shapes (or, {@code outside},
 * all but the shapes), less the shapes named in {@code less}.
 *
 * @param id part of the keys of its tasks
 * @param productId paint or film; null for peeling, engraving and plain mask film
 * @param coats 1 to 20, of paints; 1 where it is left out
 * @param shapes ids of art shapes
 * @param outside whether the shapes are left out instead
 * @param less ids of shapes that are left free
 * @param peels ids of the stencil steps that a peel takes off; none for those with the same shapes,
 *     and without shapes for the one that was laid last on its side
 * @param times what was decided about single coats
 */
public record LayerStep(
    String id,
    Side side,
    LayerOp op,
    @Nullable String productId,
    Integer coats,
    List<String> shapes,
    Boolean outside,
    List<String> less,
    List<String> peels,
    List<CoatTime> times) {
  private static final int MOST_COATS = 20;

  /** Names of tasks are made of it: nothing else of a finish may come to be called the same. */
  private static final Pattern ID = Pattern.compile("(back/)?[A-Za-z0-9-]+");

  public LayerStep {
    Require.text("id", id);
    Require.that(
        ID.matcher(id).matches() && !id.equals("back"),
        "id",
        "A step is named with letters, digits and hyphens; “back/” may stand before.");
    Require.given("side", side);
    Require.given("op", op);
    coats = coats == null ? 1 : coats;
    shapes = Require.list(shapes);
    outside = outside != null && outside;
    less = Require.list(less);
    peels = Require.list(peels);
    times = Require.list(times);
    Require.between("coats", coats, 1, MOST_COATS, "coats");
    Require.that(
        !op.coats() || (productId != null && !productId.isBlank()),
        "productId",
        "Choose what is painted.");
  }

  /**
   * What was decided about one coat.
   *
   * @param coat 1 for the first of the step
   * @param notBefore not before this moment of the bench clock, null for any
   * @param scuff whether it is scuffed and cleaned first, because its window has closed
   */
  public record CoatTime(int coat, @Nullable LocalDateTime notBefore, Boolean scuff) {
    public CoatTime {
      Require.between("coat", coat, 1, MOST_COATS, "");
      scuff = scuff != null && scuff;
    }
  }

  /** Coats all over a side. */
  public static LayerStep coats(String id, Side side, LayerOp op, String paintId, int coats) {
    return new LayerStep(
        id, side, op, paintId, coats, List.of(), false, List.of(), List.of(), List.of());
  }

  /** A step without product on some shapes. */
  public static LayerStep on(String id, Side side, LayerOp op, List<String> shapes) {
    return new LayerStep(id, side, op, null, 1, shapes, false, List.of(), List.of(), List.of());
  }

  public LayerStep with(int otherCoats) {
    return new LayerStep(id, side, op, productId, otherCoats, shapes, outside, less, peels, times);
  }

  /** The same step on other shapes. */
  public LayerStep on(List<String> named, boolean others, List<String> free) {
    return new LayerStep(id, side, op, productId, coats, named, others, free, peels, times);
  }

  /** The same peel of these stencils. */
  public LayerStep peeling(List<String> stencils) {
    return new LayerStep(id, side, op, productId, coats, shapes, outside, less, stencils, times);
  }

  /** Whether it reaches a region that these shapes cover. */
  public boolean reaches(Set<String> region) {
    if (less.stream().anyMatch(region::contains)) {
      return false;
    }
    return shapes.isEmpty() || shapes.stream().anyMatch(region::contains) != outside;
  }

  /** Whether the side's whole surface is meant. */
  public boolean allOver() {
    return shapes.isEmpty() && less.isEmpty();
  }

  /** What was decided about a coat. */
  public CoatTime time(int coat) {
    return times.stream()
        .filter(time -> time.coat() == coat)
        .findFirst()
        .orElse(new CoatTime(coat, null, false));
  }

  /** The same step with another decision about one coat. */
  public LayerStep timed(CoatTime time) {
    List<CoatTime> others = new ArrayList<>(times);
    others.removeIf(each -> each.coat() == time.coat());
    others.add(time);
    return new LayerStep(id, side, op, productId, coats, shapes, outside, less, peels, others);
  }
}
