package emberyard.core.fit.space;

import emberyard.core.build.Bay;
import emberyard.core.build.BayChange;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Source;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Remedy.Change;
import emberyard.core.fit.place.Item;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.units.Figures;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * What would let a component in that found no place. Every way is tried: it is offered only when
 * all that fitted before still does and the component too.
 */
final class WaysIn {
  private static final int MOST_PRODUCTS = 3;
  private static final int MOST_CUTS = 2;
  private static final int MOST_CUTS_TRIED = 8;

  private final Space space;
  private final List<Component> components;
  private final Component component;
  private final WorkshopBook book;
  private final double wantedWatts;

  /**
   * @param components those that fit, and the one that does not
   * @param wantedWatts what a supply has to give here
   */
  WaysIn(
      Space space,
      List<Component> components,
      Component component,
      WorkshopBook book,
      double wantedWatts) {
    this.space = space;
    this.components = components;
    this.component = component;
    this.book = book;
    this.wantedWatts = wantedWatts;
  }

  /** All ways, those that cost least work first. */
  List<Remedy> all(List<Shortfall> shortfalls, Item item) {
    List<Remedy> ways = new ArrayList<>();
    unpinned(ways);
    if (component.source() == Source.BUY) {
      products(ways);
      inTheWay(ways, shortfalls);
      turns(ways);
    } else {
      turns(ways);
      products(ways);
      inTheWay(ways, shortfalls);
    }
    cuts(ways, shortfalls);
    away(ways);
    if (ways.isEmpty()) {
      ways.add(Remedy.byHand("Choose another enclosure, or a smaller " + component.name()));
    }
    return List.copyOf(ways);
  }

  /** What a hand put somewhere may lie elsewhere: that costs nothing. */
  private void unpinned(List<Remedy> ways) {
    components.stream()
        .filter(each -> each.fitted().pin() != null && each != component)
        .filter(each -> goes(each.withFitted(each.fitted().at(null))))
        .limit(MOST_CUTS)
        .forEach(
            each ->
                ways.add(
                    new Remedy(
                        "Let %s be placed where there is room".formatted(each.name()),
                        new Change("components", each.id(), "fitted.pin", 0, null))));
  }

  private void products(List<Remedy> ways) {
    book.hardware().stream()
        .filter(product -> product.kind() == component.kind())
        .filter(product -> !product.id().equals(component.productId()))
        .filter(product -> product.body() != null && !product.body().takesAsMuch(component.body()))
        .filter(this::doesTheJob)
        .sorted(
            Comparator.comparingDouble(this::otherwiseCooling)
                .thenComparingLong(
                    (HardwareProduct p) -> Math.abs(p.priceMinor() - component.priceMinor()))
                .thenComparing(HardwareProduct::id))
        .filter(product -> goes(product.insteadOf(component)))
        .limit(MOST_PRODUCTS)
        .forEach(product -> ways.add(instead(product)));
  }

  /** Another of what is in the way, as good for its job and smaller. */
  private void inTheWay(List<Remedy> ways, List<Shortfall> shortfalls) {
    if (shortfalls.isEmpty()) {
      return;
    }
    for (String pieceId : shortfalls.get(0).inTheWay()) {
      Component other = space.component(pieceId);
      if (other == null || other.id().equals(component.id())) {
        continue;
      }
      book.hardware().stream()
          .filter(product -> product.kind() == other.kind() && product.body() != null)
          .filter(product -> !product.id().equals(other.productId()))
          .filter(product -> other.body() == null || !product.body().takesAsMuch(other.body()))
          .filter(product -> product.asGoodAs(other))
          .sorted(
              Comparator.comparingLong(
                      (HardwareProduct p) -> Math.abs(p.priceMinor() - other.priceMinor()))
                  .thenComparing(HardwareProduct::id))
          .filter(product -> goes(product.insteadOf(other)))
          .findFirst()
          .ifPresent(
              product ->
                  ways.add(
                      swap(
                          "%s instead of %s".formatted(product.name(), other.name()),
                          product,
                          other)));
    }
  }

  private Remedy instead(HardwareProduct product) {
    return swap(
        "%s instead, %s × %s × %s mm"
            .formatted(
                product.name(),
                Figures.plain(product.body().widthMm()),
                Figures.plain(product.body().depthMm()),
                Figures.plain(product.body().heightMm())),
        product,
        component);
  }

  /** What is not bought saves nothing when it is left out, and who owns it has to be asked. */
  private static Remedy swap(String what, HardwareProduct product, Component other) {
    return other.source() == Source.BUY
        ? new Remedy(
            "Take " + what,
            new Change("components", other.id(), "productId", 0, product.id()),
            (product.priceMinor() - other.priceMinor()) * other.quantity(),
            0)
        : new Remedy("Buy " + what, null, product.priceMinor() * other.quantity(), 0);
  }

  private boolean doesTheJob(HardwareProduct product) {
    if (component.kind() == ComponentKind.SUPPLY) {
      return product.supplyWatts() >= wantedWatts;
    }
    return product.body().sits().stream().anyMatch(component.body().sits()::contains);
  }

  /** How much more or less radiator it is, sections × their width; 0 for all else. */
  private double otherwiseCooling(HardwareProduct product) {
    Thermal now = component.thermal();
    Thermal then = product.thermal();
    return now == null || then == null
        ? 0
        : Math.abs(now.sections() * now.sectionMm() - then.sections() * then.sectionMm());
  }

  private boolean goes(Component instead) {
    return Space.fits(space.enclosure(), replaced(instead), space.screens());
  }

  private List<Component> replaced(Component instead) {
    List<Component> all = new ArrayList<>(components);
    all.replaceAll(each -> each.id().equals(instead.id()) ? instead : each);
    return all;
  }

  /** Other ways to lie than it is allowed: worth a thought, with the reason against them. */
  private void turns(List<Remedy> ways) {
    List<Turn> allowed = component.body().lies();
    Arrays.stream(Turn.values())
        .filter(turn -> !allowed.contains(turn))
        .filter(turn -> goes(component.withBody(component.body().withTurns(List.of(turn)))))
        .findFirst()
        .ifPresent(
            turn ->
                ways.add(
                    new Remedy(
                        "Let it lie %s%s"
                            .formatted(
                                turn.lying(),
                                component.body().turnReason().isEmpty()
                                    ? ""
                                    : " (" + component.body().turnReason() + ")"),
                        new Change(
                            "components",
                            component.id(),
                            "body.turns." + component.body().turns().size(),
                            0,
                            turn.name()))));
  }

  private void cuts(List<Remedy> ways, List<Shortfall> shortfalls) {
    shortfalls.stream()
        .filter(lack -> lack.needMm() > 0)
        .limit(MOST_CUTS_TRIED)
        .map(this::cut)
        .filter(Objects::nonNull)
        .distinct()
        .limit(MOST_CUTS)
        .forEach(ways::add);
  }

  private Remedy cut(Shortfall lack) {
    Enclosure enclosure = space.enclosure();
    Bay bay = enclosure.bay(lack.cavity().id()).orElse(null);
    if (bay == null) {
      return null;
    }
    int axis = lack.axis().ordinal();
    double more = Math.ceil(lack.needMm() * 2 - 1e-6) / 2;
    BayChange change = bay.change().larger(axis, more);
    Bay larger = bay.with(change);
    if (!enclosure.outer().contains(larger.changedBox())
        || !Space.fits(enclosure.with(larger), components, space.screens())) {
      return null;
    }
    double value = axis == 0 ? change.widerMm() : axis == 1 ? change.deeperMm() : change.higherMm();
    return new Remedy(
        "Cut “%s” %s %s%s"
            .formatted(
                bay.name(),
                Figures.mm(more),
                lack.axis().more(),
                BayFindings.into(enclosure.with(larger), larger)),
        new Change(
            "enclosures",
            enclosure.id(),
            "bays.%d.change.%s".formatted(enclosure.bays().indexOf(bay), lack.axis().field()),
            value),
        0L,
        BayWork.minutes(larger, book) - BayWork.minutes(bay, book));
  }

  private void away(List<Remedy> ways) {
    Enclosure enclosure = space.enclosure();
    enclosure.bays().stream()
        .filter(bay -> !bay.change().cutAway() && !onlyBay(bay))
        .filter(bay -> space.placed().stream().noneMatch(p -> p.cavity().id().equals(bay.id())))
        .filter(
            bay ->
                Space.fits(
                    enclosure.with(bay.with(bay.change().away())), components, space.screens()))
        .findFirst()
        .ifPresent(
            bay ->
                ways.add(
                    new Remedy(
                        "Cut “%s” away: it is not used".formatted(bay.name()),
                        new Change(
                            "enclosures",
                            enclosure.id(),
                            "bays.%d.change.cutAway".formatted(enclosure.bays().indexOf(bay)),
                            1),
                        0L,
                        BayWork.minutes(bay.with(bay.change().away()), book)
                            - BayWork.minutes(bay, book))));
  }

  /** Whether something has no other bay to sit in, be it in by now or not. */
  private boolean onlyBay(Bay bay) {
    return space.pieces().items().stream()
        .anyMatch(
            item ->
                space.cavities().stream()
                    .noneMatch(other -> !other.id().equals(bay.id()) && other.takes(item.seats())));
  }
}
