package emberyard.server.store;

import emberyard.core.build.ConceptOption;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.OwnFields;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.thing.Thing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets things follow the products of the library they are one of: what is kept of such a thing is
 * all of it and which fields are its own; what is read is the product as it is now, with those
 * fields laid over. Whatever becomes of a product, nothing that was kept is lost.
 *
 * <p>Designs that were put aside follow too; what was frozen stays as it was signed.
 */
@Component
class Products {
  private static final List<ThingKind> KINDS =
      Stream.of(ThingKind.values())
          .filter(kind -> Product.class.isAssignableFrom(kind.type()))
          .toList();

  private final ShippedProducts shipped;

  Products(ShippedProducts shipped) {
    this.shipped = shipped;
  }

  /** Finds products: what the workshop has of its own stands before what ships. */
  interface Finder extends Function<String, Optional<? extends Product>> {}

  /** Products among these rows. */
  Finder among(List<Row> rows) {
    Map<String, Product> own = new HashMap<>();
    rows.forEach(row -> add(own, row.value()));
    return id -> Optional.ofNullable(own.get(id)).or(() -> shipped.find(id));
  }

  /** Products as they will be after some writes. */
  Finder after(Finder before, List<Write> writes) {
    Map<String, Product> written = new HashMap<>();
    writes.forEach(write -> add(written, write.value()));
    return id -> written.containsKey(id) ? Optional.of(written.get(id)) : before.apply(id);
  }

  private static void add(Map<String, Product> products, @Nullable Thing thing) {
    if (thing instanceof Product product) {
      products.put(product.id(), product);
    }
  }

  /** Products of rows that are looked up one by one. */
  Finder stored(RowStore rows, ThingJson json) {
    return id ->
        KINDS.stream()
            .flatMap(
                kind ->
                    rows.find(kind, id).stream()
                        .map(row -> (Product) json.read(row.body(), kind.type())))
            .findFirst()
            .or(() -> shipped.find(id));
  }

  /** Rows as their products have them now. */
  List<Row> followed(List<Row> rows) {
    Finder products = among(rows);
    return rows.stream().map(row -> row.with(followed(row.value(), products))).toList();
  }

  /** A thing as its products have it now. */
  Thing followed(Thing thing, Finder products) {
    if (thing instanceof ConceptOption option) {
      List<Thing> things =
          option.design().things().all().map(each -> followed(each, products)).toList();
      return option.with(option.design().with(things));
    }
    return thing instanceof ProductUse use ? OwnFields.followed(use, products) : thing;
  }

  /** A write that says which fields are a use's own. */
  Write named(Write write, Finder products) {
    return write.value() instanceof ProductUse use
        ? write.with(OwnFields.named(use, products))
        : write;
  }

  /** A thing without what says which fields are its own: that follows from the others. */
  static JsonNode alone(JsonNode thing) {
    if (thing instanceof ObjectNode fields) {
      fields.remove(OwnFields.FIELD);
    }
    return thing;
  }

  /**
   * What is one of a product that changes changes with it, in the same act: whoever has it open is
   * asked like after any other change, and its history says why it weighs more. Uses from before
   * anybody compared are compared with what their product was.
   */
  List<Write> following(List<Row> before, List<Write> writes) {
    Finder then = among(before);
    Finder now = after(then, writes);
    Set<String> changing = new HashSet<>();
    Set<String> written = new HashSet<>();
    for (Write write : writes) {
      (write.value() instanceof Product ? changing : written).add(write.id());
    }
    List<Write> following = new ArrayList<>();
    for (Row row : before) {
      if (row.value() instanceof ProductUse use
          && changing.contains(use.productId())
          && !written.contains(use.id())) {
        ProductUse compared = use.ownFields() == null ? OwnFields.named(use, then) : use;
        following.add(Write.overwrite(row.buildId(), OwnFields.followed(compared, now)));
      }
    }
    return following;
  }
}
