package emberyard.server.store;

import emberyard.core.build.Brief;
import emberyard.core.build.ConceptOption;
import emberyard.core.kind.ThingKind;
import emberyard.core.thing.OwnFields;
import emberyard.core.thing.Product;
import emberyard.core.thing.ProductUse;
import emberyard.core.thing.Thing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets things follow the products of the library they are one of: what is kept of such a thing is
 * all of it and which fields are its own; what is read is the product as it is now, with those
 * fields laid over. Whatever becomes of a product, nothing that was kept is lost; while it can't be
 * read, its uses stay as they were kept.
 *
 * <p>Designs that were put aside follow too; what was frozen stays as it was signed, and a build
 * that was handed over as it was on that day.
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

  /** Looks a row up; {@link Unreadable} where it can't be read. */
  interface Lookup extends BiFunction<ThingKind, String, Optional<Thing>> {}

  /**
   * What others follow, of all that is stored.
   *
   * @param products what ships among them
   * @param handedOver ids of builds that follow nothing any more
   */
  record Followed(Finder products, Set<String> handedOver) {}

  /** What can be followed of these rows. */
  Followed among(List<Row> rows) {
    Set<String> handedOver = new HashSet<>();
    rows.forEach(row -> note(handedOver, row.value()));
    return new Followed(
        before(
            rows.stream().filter(row -> KINDS.contains(row.kind())).map(Row::value),
            id -> shipped.find(id)),
        Collections.unmodifiableSet(handedOver));
  }

  /** Products as they will be after some writes. */
  Finder after(Finder before, List<Write> writes) {
    return before(
        writes.stream()
            .map(Write::value)
            .filter(Objects::nonNull)
            .filter(thing -> thing instanceof Product),
        before);
  }

  /** These stand before others. One that can't be read hides the other of its id. */
  private static Finder before(Stream<? extends Thing> these, Finder others) {
    Map<String, Optional<Product>> found = new HashMap<>();
    these.forEach(thing -> found.put(thing.id(), readable(thing)));
    return id -> found.containsKey(id) ? found.get(id) : others.apply(id);
  }

  private static Optional<Product> readable(Thing thing) {
    return thing instanceof Product product ? Optional.of(product) : Optional.empty();
  }

  /** Products that are looked up one by one. */
  private Finder stored(Lookup rows) {
    return id ->
        KINDS.stream()
            .flatMap(kind -> rows.apply(kind, id).stream())
            .findFirst()
            .map(Products::readable)
            .orElseGet(() -> shipped.find(id));
  }

  /** Rows as their products have them now. */
  static List<Row> followed(List<Row> rows, Followed known) {
    return rows.stream()
        .map(
            row ->
                known.handedOver.contains(row.buildId())
                    ? row
                    : row.with(followed(row.value(), known.products)))
        .toList();
  }

  private static void note(Set<String> handedOver, @Nullable Thing thing) {
    if (thing instanceof Brief brief) {
      if (brief.revealedOn() == null) {
        handedOver.remove(brief.id());
      } else {
        handedOver.add(brief.id());
      }
    }
  }

  /** A thing of a build, or of the workshop, as its products have it now. */
  Thing followed(Thing thing, @Nullable String buildId, Lookup rows) {
    Set<String> handedOver = new HashSet<>();
    if (buildId != null) {
      rows.apply(ThingKind.BRIEF, buildId).ifPresent(brief -> note(handedOver, brief));
    }
    return handedOver.isEmpty() ? followed(thing, stored(rows)) : thing;
  }

  private static Thing followed(Thing thing, Finder products) {
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
   *
   * <p>A build that is handed over keeps what it has then; one that is opened again follows anew.
   */
  List<Write> following(List<Row> before, Followed then, List<Write> writes) {
    Finder now = after(then.products, writes);
    Set<String> willBe = new HashSet<>(then.handedOver);
    Set<String> changing = new HashSet<>();
    Set<String> written = new HashSet<>();
    for (Write write : writes) {
      note(willBe, write.value());
      (write.value() instanceof Product ? changing : written).add(write.id());
    }
    List<Write> following = new ArrayList<>();
    if (changing.isEmpty() && willBe.equals(then.handedOver)) {
      return following;
    }
    for (Row row : before) {
      boolean stays = willBe.contains(row.buildId());
      boolean turns = stays != then.handedOver.contains(row.buildId());
      if (!written.contains(row.id()) && (turns ? follows(row) : !stays && uses(row, changing))) {
        Thing value = stays ? row.value() : followed(compared(row.value(), then.products), now);
        following.add(Write.overwrite(row.buildId(), value));
      }
    }
    return following;
  }

  private static boolean follows(Row row) {
    return row.value() instanceof ProductUse || row.value() instanceof ConceptOption;
  }

  private static boolean uses(Row row, Set<String> products) {
    return row.value() instanceof ProductUse use && products.contains(use.productId());
  }

  private static Thing compared(Thing thing, Finder products) {
    return thing instanceof ProductUse use && use.ownFields() == null
        ? OwnFields.named(use, products)
        : thing;
  }
}
