package emberyard.server.library;

import emberyard.core.build.Face;
import emberyard.core.build.KeepOut;
import emberyard.core.build.M2Slot;
import emberyard.core.build.Port;
import emberyard.core.build.PortKind;
import emberyard.core.build.Seat;
import emberyard.core.build.Spot;
import emberyard.core.units.InvalidValue;
import emberyard.server.table.Cell;
import emberyard.server.table.CsvNumber;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Lists inside one cell of a CSV file, items apart by semicolons.
 *
 * <p>Ports {@code GRAPHICS_8*2/1@0.3} (two plugs on one lead of 0.3 A each); keep-outs {@code BACK
 * 55 hard plug and bend}; spots {@code ON_MEMORY 180 120 8}; M.2 slots {@code 4 SATA_DATA*2}.
 */
final class HardwareText {
  private HardwareText() {}

  static <E extends Enum<E>> E one(Class<E> type, String word) {
    return Arrays.stream(type.getEnumConstants())
        .filter(value -> value.name().equals(word.trim().toUpperCase(Locale.ROOT)))
        .findFirst()
        .orElseThrow(() -> unreadable(word));
  }

  static String ports(List<Port> ports) {
    return join(
        ports,
        port ->
            port.kind()
                + "*"
                + port.count()
                + (port.leads() == null ? "" : "/" + port.leads())
                + (port.amps() == null ? "" : "@" + Cell.exact(port.amps())));
  }

  static List<Port> ports(String cell) {
    return items(cell, HardwareText::port);
  }

  private static Port port(String text) {
    String[] current = text.split("@", 2);
    String[] leads = current[0].split("/", 2);
    String[] count = leads[0].split("\\*", 2);
    return new Port(
        one(PortKind.class, count[0]),
        count.length == 1 ? 1 : whole(count[1]),
        leads.length == 1 ? null : Integer.valueOf(whole(leads[1])),
        current.length == 1 ? null : Double.valueOf(number(current[1])));
  }

  static String keepOuts(List<KeepOut> keepOuts) {
    return join(
        keepOuts,
        k ->
            "%s %s %s %s"
                .formatted(
                    k.side(),
                    Cell.exact(k.depthMm()),
                    k.hard() ? "hard" : "soft",
                    k.what().replace(';', ','))
                .trim());
  }

  static List<KeepOut> keepOuts(String cell) {
    return items(cell, HardwareText::keepOut);
  }

  private static KeepOut keepOut(String text) {
    String[] words = text.trim().split(" +", 4);
    if (words.length < 3) {
      throw unreadable(text);
    }
    return new KeepOut(
        one(Face.class, words[0]),
        number(words[1]),
        words[2].equals("hard"),
        words.length > 3 ? words[3] : "");
  }

  static String spots(List<Spot> spots) {
    return join(
        spots,
        s ->
            "%s %s %s %s"
                .formatted(
                    s.seat(), Cell.exact(s.xMm()), Cell.exact(s.yMm()), Cell.exact(s.zMm())));
  }

  static List<Spot> spots(String cell) {
    return items(
        cell,
        text -> {
          String[] words = text.trim().split(" +");
          if (words.length != 4) {
            throw unreadable(text);
          }
          return new Spot(
              one(Seat.class, words[0]), number(words[1]), number(words[2]), number(words[3]));
        });
  }

  static String slots(List<M2Slot> slots) {
    return join(
        slots,
        slot ->
            slot.disables() == null
                ? String.valueOf(slot.lanes())
                : "%d %s*%d".formatted(slot.lanes(), slot.disables(), slot.disablesCount()));
  }

  static List<M2Slot> slots(String cell) {
    return items(
        cell,
        text -> {
          String[] words = text.trim().split(" +", 2);
          if (words.length == 1) {
            return new M2Slot(whole(words[0]), null, 0);
          }
          Port lost = port(words[1]);
          return new M2Slot(whole(words[0]), lost.kind(), lost.count());
        });
  }

  private static <T> String join(List<T> values, Function<T, String> words) {
    return values.stream().map(words).collect(Collectors.joining("; "));
  }

  private static <T> List<T> items(String cell, Function<String, T> read) {
    List<T> items = new ArrayList<>();
    for (String text : cell.split(";")) {
      if (!text.isBlank()) {
        items.add(read.apply(text.trim()));
      }
    }
    return items;
  }

  static double number(String text) {
    try {
      return CsvNumber.read(text);
    } catch (NumberFormatException unreadable) {
      throw new InvalidValue("file", unreadable.getMessage());
    }
  }

  private static int whole(String text) {
    try {
      return Integer.parseInt(text.trim());
    } catch (NumberFormatException unreadable) {
      throw unreadable(text);
    }
  }

  private static InvalidValue unreadable(String text) {
    return new InvalidValue("file", "“%s” can’t be read".formatted(text.trim()));
  }
}
