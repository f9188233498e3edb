package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.FixedWay;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenFeed.Quirk;
import emberyard.core.build.Source;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.light.port.LeastChanges;
import emberyard.core.light.port.LeastChanges.Way;
import emberyard.core.light.port.PortChange;
import emberyard.core.light.port.PortSolver;
import emberyard.core.light.port.Sink;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * What would have everything lit, tried with the build before it is offered: cards that do not go
 * in are not. How fast a processor or card is nobody says: its price stands for it, and none that
 * costs less is offered.
 */
public final class WiringChanges {
  private static final int MOST_PROCESSORS = 3;
  private static final int MOST_CARDS = 4;
  private static final int MOST_SCREENS = 6;
  private static final int MOST_ADAPTERS = 2;

  /** Another screen may be that much larger each way and still sit where the first one did. */
  private static final double ALIKE = 1.05;

  private final Build build;
  private final WorkshopBook book;
  private final Wired wired;
  private final Predicate<List<Component>> goesIn;

  private WiringChanges(
      Build build, WorkshopBook book, Wired wired, Predicate<List<Component>> goesIn) {
    this.build = build;
    this.book = book;
    this.wired = wired;
    this.goesIn = goesIn;
  }

  /**
   * The least change of each kind; none where everything is lit.
   *
   * @param goesIn whether components go into the enclosure
   */
  public static List<Way<Build>> least(
      Build build, WorkshopBook book, Wired wired, Predicate<List<Component>> goesIn) {
    if (wired.answer().possible()) {
      return List.of();
    }
    WiringChanges changes = new WiringChanges(build, book, wired, goesIn);
    return new LeastChanges<Build>(
            build,
            each -> Wired.problem(each, book),
            each -> PortSolver.solve(each, LeastChanges.STEPS),
            wired.answer())
        .of(changes.all());
  }

  private List<PortChange<Build>> all() {
    List<PortChange<Build>> all = new ArrayList<>();
    build.fixedWays().forEach(way -> all.add(release(way)));
    List<String> dark = wired.answer().dark();
    List<Screen> darkScreens =
        build.screens().stream().filter(screen -> dark.contains(screen.id())).toList();
    darkScreens.forEach(screen -> mirrored(screen, all));
    if (!darkScreens.isEmpty()) {
      processors(all);
      cards(all);
    }
    if (!darkScreens.isEmpty()) {
      drawing(all);
    }
    darkScreens.forEach(screen -> screens(screen, all));
    darkScreens.forEach(screen -> slower(screen, all));
    leftOut(dark, all);
    return all;
  }

  private PortChange<Build> release(FixedWay way) {
    String name = wired.sink(way.sinkId()).map(Sink::name).orElse(way.name());
    return new PortChange<>(
        ChangeKind.RELEASE,
        "way/" + way.id(),
        "Let the way to %s go that was fixed".formatted(name),
        0,
        0,
        "",
        each ->
            each.with(
                FixedWay.class,
                each.fixedWays().stream().filter(o -> !o.id().equals(way.id())).toList()));
  }

  private void mirrored(Screen screen, List<PortChange<Build>> all) {
    if (screen.input() == Screen.Input.DATA) {
      return;
    }
    for (Screen other : build.screens()) {
      if (!other.id().equals(screen.id()) && other.input() != Screen.Input.DATA) {
        all.add(
            new PortChange<>(
                ChangeKind.MIRRORED,
                "screen/" + screen.id(),
                "Let %s show what %s shows".formatted(screen.name(), other.name()),
                0,
                0,
                "both show the same, at the lesser of their sizes",
                screen(screen.id(), each -> each.withSameAs(other.id()))));
      }
    }
  }

  private static UnaryOperator<Build> screen(String id, UnaryOperator<Screen> change) {
    return build ->
        build.with(
            Screen.class,
            build.screens().stream()
                .map(each -> each.id().equals(id) ? change.apply(each) : each)
                .toList());
  }

  private static UnaryOperator<Build> component(Component instead) {
    return build ->
        build.with(
            Component.class,
            build.components().stream()
                .map(each -> each.id().equals(instead.id()) ? instead : each)
                .toList());
  }

  private void processors(List<PortChange<Build>> all) {
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
  private void drawing(List<PortChange<Build>> all) {
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
                        each -> {
                          List<Component> more = new ArrayList<>(each.components());
                          more.add(product.one(addedId(product)));
                          return each.with(Component.class, more);
                        })));
  }

  private String addedId(HardwareProduct product) {
    return build.id() + "-" + product.id();
  }

  private List<Component> of(ComponentKind kind) {
    return build.components().stream().filter(each -> each.kind() == kind).toList();
  }

  /** Others of a kind, the nearest in price first. */
  private java.util.stream.Stream<HardwareProduct> products(ComponentKind kind, Component now) {
    return book.hardware().stream()
        .filter(product -> product.kind() == kind && !product.id().equals(now.productId()))
        .filter(product -> !book.isRetired("hardware", product.id()))
        .sorted(
            Comparator.comparingLong(
                    (HardwareProduct product) -> Math.abs(product.priceMinor() - now.priceMinor()))
                .thenComparing(HardwareProduct::id));
  }

  private void cards(List<PortChange<Build>> all) {
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
    return component(instead).apply(build).components();
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
        component(product.insteadOf(now)));
  }

  /** Screens that sit where this one does and take their picture otherwise. */
  private void screens(Screen screen, List<PortChange<Build>> all) {
    book.hardware().stream()
        .filter(product -> product.kind() == ComponentKind.SCREEN && product.display() != null)
        .filter(product -> product.body() != null && !product.id().equals(screen.productId()))
        .filter(product -> !book.isRetired("hardware", product.id()))
        .filter(product -> asLarge(product, screen))
        .sorted(
            Comparator.comparingLong(
                    (HardwareProduct product) ->
                        Math.abs(product.priceMinor() - screen.priceMinor()))
                .thenComparing(HardwareProduct::id))
        .limit(MOST_SCREENS)
        .forEach(product -> all.add(screen(screen, product)));
  }

  private static boolean asLarge(HardwareProduct product, Screen screen) {
    return within(product.body().widthMm(), screen.widthMm())
        && within(product.body().heightMm(), screen.heightMm());
  }

  private static boolean within(double there, double wanted) {
    return there <= wanted * ALIKE && there >= wanted * 0.75;
  }

  private PortChange<Build> screen(Screen screen, HardwareProduct product) {
    return new PortChange<>(
        ChangeKind.SCREEN,
        "screen/" + screen.id(),
        "Take %s for %s".formatted(product.name(), screen.name()),
        product.priceMinor() - screen.priceMinor(),
        book.leadDays(product.supplierId()),
        risk(product),
        screen(screen.id(), each -> (Screen) product.as(each).orElse(each)));
  }

  private static String risk(HardwareProduct product) {
    ScreenFeed feed =
        product.display().feed() == null ? ScreenFeed.USUAL : product.display().feed();
    List<String> risks = new ArrayList<>();
    if (feed.ownProgram()) {
      risks.add("a program of its own has to run");
    }
    feed.quirks().stream()
        .filter(quirk -> quirk != Quirk.ONE_PROGRAM)
        .map(Quirk::words)
        .forEach(risks::add);
    return String.join(", ", risks);
  }

  private static void slower(Screen screen, List<PortChange<Build>> all) {
    double hz = screen.fed().hz() == null ? Fed.USUAL_HZ : screen.fed().hz();
    if (screen.input() == Screen.Input.DATA || hz < 2) {
      return;
    }
    all.add(
        new PortChange<>(
            ChangeKind.SLOWER,
            "screen/" + screen.id(),
            "Send %s %.0f pictures a second instead of %.0f".formatted(screen.name(), hz / 2, hz),
            0,
            0,
            "movement is less smooth; not every screen takes it",
            screen(
                screen.id(),
                each -> each.withFeed(each.fed().with().hz(hz / 2).pixelClockMhz(null).build()))));
  }

  private void leftOut(List<String> dark, List<PortChange<Build>> all) {
    for (Screen screen : build.screens()) {
      all.add(
          new PortChange<>(
              ChangeKind.LEFT_OUT,
              "screen/" + screen.id(),
              "Leave %s out".formatted(screen.name()),
              -screen.priceMinor(),
              0,
              "",
              each ->
                  each.with(
                      Screen.class,
                      each.screens().stream()
                          .filter(other -> !other.id().equals(screen.id()))
                          .toList())));
    }
    for (Component component : build.components()) {
      boolean its =
          dark.stream()
              .anyMatch(
                  id ->
                      id.equals(component.id())
                          || id.startsWith(component.id() + "/")
                          || id.startsWith(component.id() + "~"));
      if (its) {
        all.add(
            new PortChange<>(
                ChangeKind.LEFT_OUT,
                "component/" + component.id(),
                "Leave %s out".formatted(component.name()),
                component.source() == Source.BUY
                    ? -component.priceMinor() * component.quantity()
                    : 0,
                0,
                "",
                each ->
                    each.with(
                        Component.class,
                        each.components().stream()
                            .filter(other -> !other.id().equals(component.id()))
                            .collect(Collectors.toList()))));
      }
    }
  }
}
