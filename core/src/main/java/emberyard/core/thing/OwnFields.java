package emberyard.core.thing;

import emberyard.core.units.Fields;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What a use of a product has of its own and what follows the product.
 *
 * <p>Example: a screen of a product at 96.00 and 232 × 65 mm, kept at 89.00, has the own field
 * {@code priceMinor}; once the product is measured to 234 mm and costs 99.00, the screen is 234 mm
 * wide and costs 89.00.
 */
public final class OwnFields {
  /** The field that names them; it follows from the others. */
  public static final String FIELD = "ownFields";

  private OwnFields() {}

  /** A use as its product has it now, but for its own fields. */
  public static ProductUse followed(
      ProductUse use, Function<String, Optional<? extends Product>> products) {
    List<String> own = use.ownFields();
    Optional<ProductUse> plain = own == null ? Optional.empty() : plain(use, products);
    return plain.isEmpty() || plain.get().equals(use)
        ? use
        : (ProductUse) over((Record) plain.get(), (Record) use, "", own);
  }

  /**
   * A use as it is kept: it names the fields in which it differs from its product. All are its own
   * where there is no such product.
   */
  public static ProductUse named(
      ProductUse use, Function<String, Optional<? extends Product>> products) {
    List<String> own =
        plain(use, products).map(plain -> differing((Record) plain, (Record) use, "")).orElse(null);
    return (ProductUse)
        Fields.rebuilt((Record) use, (field, value) -> field.equals(FIELD) ? own : value);
  }

  /**
   * What a thing is, whatever it is one of and whatever it has of its own: what somebody who looks
   * at it can tell.
   */
  public static Thing bare(Thing thing) {
    return thing instanceof ProductUse
        ? (Thing)
            Fields.rebuilt(
                (Record) thing,
                (field, value) ->
                    field.equals(FIELD) ? null : field.equals("productId") ? "" : value)
        : thing;
  }

  private static Optional<ProductUse> plain(
      ProductUse use, Function<String, Optional<? extends Product>> products) {
    return use.productId().isEmpty()
        ? Optional.empty()
        : products.apply(use.productId()).flatMap(product -> product.as(use));
  }

  private static List<String> differing(Record plain, Record use, String prefix) {
    List<String> paths = new ArrayList<>();
    Map<String, @Nullable Object> product = Fields.of(plain);
    Fields.of(use)
        .forEach(
            (field, mine) -> {
              Object its = product.get(field);
              if (alike(its, mine)) {
                paths.addAll(differing((Record) its, (Record) mine, prefix + field + "."));
              } else if (!Objects.equals(its, mine)) {
                paths.add(prefix + field);
              }
            });
    paths.remove(FIELD);
    return List.copyOf(paths);
  }

  private static Record over(Record plain, Record use, String prefix, List<String> own) {
    Map<String, @Nullable Object> used = Fields.of(use);
    return Fields.rebuilt(
        plain,
        (field, its) -> {
          Object mine = used.get(field);
          String path = prefix + field;
          if (own.contains(path)) {
            return mine;
          }
          return alike(its, mine) ? over((Record) its, (Record) mine, path + ".", own) : its;
        });
  }

  private static boolean alike(@Nullable Object its, @Nullable Object mine) {
    return its instanceof Record && mine instanceof Record && its.getClass() == mine.getClass();
  }
}
