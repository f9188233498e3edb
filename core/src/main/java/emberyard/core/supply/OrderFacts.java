package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Screen;
import emberyard.core.record.LabelKind;
import emberyard.core.units.Figures;
import emberyard.core.workshop.WorkshopBook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is ordered with a need, as far as the design knows it: kept with the order, so that the
 * label is compared with what was ordered, not with what the design has become.
 *
 * @param kind what its label is asked, null where nothing is
 * @param facts by field of that kind; what nobody knows is left out
 */
public record OrderFacts(@Nullable LabelKind kind, Map<String, String> facts) {
  /** Plugs that a card's box tells. */
  private static final Map<PortKind, String> PINS =
      Map.of(PortKind.GRAPHICS_8, "8-pin", PortKind.GRAPHICS_16, "16-pin");

  private static final OrderFacts NONE = new OrderFacts(null, Map.of());

  /**
   * @param needKey of the need that is ordered
   */
  public static OrderFacts of(Build build, String needKey, WorkshopBook book) {
    String[] key = needKey.split(":", 2);
    if (key.length < 2) {
      return NONE;
    }
    return switch (key[0]) {
      case "component" ->
          build.components().stream()
              .filter(each -> each.id().equals(key[1]))
              .findFirst()
              .map(OrderFacts::component)
              .orElse(NONE);
      case "screen" ->
          build.screens().stream()
              .filter(each -> each.id().equals(key[1]))
              .findFirst()
              .map(OrderFacts::screen)
              .orElse(NONE);
      case "sheet" ->
          book.sheet(key[1])
              .map(sheet -> of(LabelKind.SHEET, "thickness", mm(sheet.thicknessMm())))
              .orElse(NONE);
      case "paint" ->
          book.paint(key[1]).map(paint -> of(LabelKind.PAINT, "colour", paint.name())).orElse(NONE);
      default -> NONE;
    };
  }

  private static OrderFacts of(LabelKind kind, String... fieldsAndWords) {
    Map<String, String> facts = new LinkedHashMap<>();
    for (int i = 0; i < fieldsAndWords.length; i += 2) {
      if (!fieldsAndWords[i + 1].isEmpty()) {
        facts.put(fieldsAndWords[i], fieldsAndWords[i + 1]);
      }
    }
    return new OrderFacts(kind, facts);
  }

  private static OrderFacts component(Component component) {
    return switch (component.kind()) {
      case DRIVE -> of(LabelKind.DRIVE, "capacity", gigabytes(component.storageGb()));
      case MEMORY -> of(LabelKind.MEMORY, "kit", kit(component));
      case GRAPHICS ->
          of(
              LabelKind.CARD,
              "length",
              component.body() == null ? "" : mm(component.body().depthMm()),
              "plugs",
              plugs(component));
      case FAN -> of(LabelKind.FAN);
      case ENCLOSURE -> of(LabelKind.CASE);
      default -> of(LabelKind.OTHER);
    };
  }

  private static OrderFacts screen(Screen screen) {
    return of(
        LabelKind.SCREEN,
        "size",
        "%s × %s mm".formatted(plain(screen.widthMm()), plain(screen.heightMm())),
        "pixels",
        screen.pixelsWide() + " × " + screen.pixelsHigh(),
        "input",
        screen.input().name().replace('_', ' '));
  }

  private static String plugs(Component component) {
    List<Port> asks =
        Optional.ofNullable(component.electric()).map(each -> each.asks()).orElse(List.of());
    return asks.stream()
        .filter(port -> PINS.containsKey(port.kind()))
        .map(port -> port.count() + " × " + PINS.get(port.kind()))
        .collect(Collectors.joining(", "));
  }

  private static String kit(Component component) {
    String each = gigabytes(component.memoryGb());
    return each.isEmpty() ? "" : component.quantity() + " × " + each;
  }

  private static String gigabytes(@Nullable Double gb) {
    return gb == null ? "" : gb >= 1_000 ? plain(gb / 1_000) + " TB" : plain(gb) + " GB";
  }

  private static String mm(double value) {
    return plain(value) + " mm";
  }

  private static String plain(double value) {
    return Figures.plain(value);
  }
}
