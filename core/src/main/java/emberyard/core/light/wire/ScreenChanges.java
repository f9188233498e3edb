package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed;
import emberyard.core.build.ScreenFeed.Quirk;
import emberyard.core.light.port.ChangeKind;
import emberyard.core.light.port.PortChange;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What might have a screen lit by changing the screen. */
final class ScreenChanges {
  private static final int MOST_SCREENS = 6;

  /** Another screen may be that much larger each way and still sit where the first one did. */
  private static final double ALIKE = 1.05;

  private final Build build;
  private final WorkshopBook book;

  ScreenChanges(Build build, WorkshopBook book) {
    this.build = build;
    this.book = book;
  }

  void mirrored(Screen screen, List<PortChange<Build>> all) {
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
                Changed.screen(screen.id(), each -> each.withSameAs(other.id()))));
      }
    }
  }

  /** Screens that sit where this one does and take their picture otherwise. */
  void others(Screen screen, List<PortChange<Build>> all) {
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
        .forEach(product -> all.add(instead(screen, product)));
  }

  private static boolean asLarge(HardwareProduct product, Screen screen) {
    return within(product.body().widthMm(), screen.widthMm())
        && within(product.body().heightMm(), screen.heightMm());
  }

  private static boolean within(double there, double wanted) {
    return there <= wanted * ALIKE && there >= wanted * 0.75;
  }

  private PortChange<Build> instead(Screen screen, HardwareProduct product) {
    return new PortChange<>(
        ChangeKind.SCREEN,
        "screen/" + screen.id(),
        "Take %s for %s".formatted(product.name(), screen.name()),
        product.priceMinor() - screen.priceMinor(),
        book.leadDays(product.supplierId()),
        risk(product),
        Changed.screen(screen.id(), each -> (Screen) product.as(each).orElse(each)));
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

  void slower(Screen screen, List<PortChange<Build>> all) {
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
            Changed.screen(
                screen.id(),
                each -> each.withFeed(each.fed().with().hz(hz / 2).pixelClockMhz(null).build()))));
  }
}
