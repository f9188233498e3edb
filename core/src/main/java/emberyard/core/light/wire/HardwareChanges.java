package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Source;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.light.port.PortChange;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Other hardware that might have more lit. How fast a processor or card is nobody says: its price
 * stands for it, and none that costs less is offered.
 */
final class HardwareChanges {
  private static final int MOST_PROCESSORS = 3;
  private static final int MOST_CARDS = 4;
  private static final int MOST_ADAPTERS = 2;

  private final Build build;
  private final WorkshopBook book;
  private final Predicate<List<Component>> goesIn;

  /**
   * @param goesIn whether components go into the enclosure: cards that do not are not offered
   */
  HardwareChanges(Build build, WorkshopBook book, Predicate<List<Component>> goesIn) {
    this.build = build;
    this.book = book;
    this.goesIn = goesIn;
  }

  void processors(List<PortChange<Build>> all) {
    if (Component.boardOutputsWork(build.components())) {
      return;
    }
    for (Component processor : of(ComponentKind.PROCESSOR)) {
      products(ComponentKind.PROCESSOR, processor)
          .filter(product -> product.electric() != null && product.electric().processorGraphics())
          .filter(product -> product.priceMinor() >= processor.priceMinor())
          .limit(MOST_PROCESSORS)
          .forEach(
              product ->
                  all.add(
                      swap(
                          ChangeKind.PROCESSOR,
                          processor,
                          product,
                          "look up whether the board takes it")));
    }
  }

  /** Adapters that make a picture of data: each is a card of its own, with a program. */
  void drawing(List<PortChange<Build>> all) {
    book.hardware().stream()
        .filter(product -> product.wiring() != null && product.wiring().drawsPicture())
        .filter(product -> !book.isRetired("hardware", product.id()))
        .filter(product -> build.component(addedId(product)).isEmpty())
        .sorted(
            Comparator.comparingLong(HardwareProduct::priceMinor)
                .thenComparing(HardwareProduct::id))
        .limit(MOST_ADAPTERS)
        .forEach(
            product ->
                all.add(
                    new PortChange<>(
                        ChangeKind.ADAPTER,
                        "component/" + addedId(product),
                        "Add %s".formatted(product.name()),
                        product.priceMinor(),
                        book.leadDays(product.supplierId()),
                        "a program of its own has to run",
                        Changed.more(product.one(addedId(product))))));
  }

  private String addedId(HardwareProduct product) {
    return build.id() + "-" + product.id();
  }

  private List<Component> of(ComponentKind kind) {
    return build.components().stream().filter(each -> each.kind() == kind).toList();
  }

  /** Others of a kind, the nearest in price first. */
  private Stream<HardwareProduct> products(ComponentKind kind, Component now) {
    return book.hardware().stream()
        .filter(product -> product.kind() == kind && !product.id().equals(now.productId()))
        .filter(product -> !book.isRetired("hardware", product.id()))
        .sorted(
            Comparator.comparingLong(
                    (HardwareProduct product) -> Math.abs(product.priceMinor() - now.priceMinor()))
                .thenComparing(HardwareProduct::id));
  }

  void cards(List<PortChange<Build>> all) {
    for (Component card : of(ComponentKind.GRAPHICS)) {
      products(ComponentKind.GRAPHICS, card)
          .filter(product -> gives(product.insteadOf(card)) > gives(card))
          .filter(product -> product.priceMinor() >= card.priceMinor())
          .filter(product -> goesIn.test(with(product.insteadOf(card))))
          .limit(MOST_CARDS)
          .forEach(product -> all.add(swap(ChangeKind.CARD, card, product, draws(product, card))));
    }
  }

  private List<Component> with(Component instead) {
    return Changed.component(instead).apply(build).components();
  }

  /** Pictures that a card gives at once, at most. */
  private static int gives(Component card) {
    List<emberyard.core.light.port.Source> outputs = Sockets.of(List.of(card));
    return outputs.isEmpty()
        ? 0
        : Math.min(outputs.get(0).atOnce(), outputs.size()) * 100 + outputs.size();
  }

  private static String draws(HardwareProduct product, Component card) {
    double more = product.peakWatts() - card.peakWatts();
    return more > 0 ? "draws %.0f W more".formatted(more) : "";
  }

  private PortChange<Build> swap(
      ChangeKind kind, Component now, HardwareProduct product, String risk) {
    boolean bought = now.source() == Source.BUY;
    return new PortChange<>(
        kind,
        "component/" + now.id(),
        "Take %s instead of %s".formatted(product.name(), now.name()),
        (product.priceMinor() - (bought ? now.priceMinor() : 0)) * now.quantity(),
        book.leadDays(product.supplierId()),
        risk,
        Changed.component(product.insteadOf(now)));
  }
}
