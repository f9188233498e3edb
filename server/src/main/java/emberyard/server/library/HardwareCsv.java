package emberyard.server.library;

import emberyard.core.build.Body;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Electric;
import emberyard.core.build.Seat;
import emberyard.core.build.Thermal;
import emberyard.core.build.Turn;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.api.SafeCell;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** The library of hardware as CSV (RFC 4180), one component a line; see {@link HardwareText}. */
public final class HardwareCsv {
  static final List<String> COLUMNS =
      List.of(
          "id",
          "name",
          "kind",
          "priceMinor",
          "supplierId",
          "massKg",
          "peakWatts",
          "typicalWatts",
          "supplyWatts",
          "excursionWatts",
          "hdmiOutputs",
          "displayPortOutputs",
          "typeCOutputs",
          "lightHeaders",
          "storageGb",
          "memoryGb",
          "widthMm",
          "depthMm",
          "heightMm",
          "seats",
          "turns",
          "turnReason",
          "keepOuts",
          "spots",
          "asks",
          "offers",
          "m2Slots",
          "processorGraphics",
          "tested",
          "limitC",
          "resistanceKPerW",
          "sections",
          "sectionMm",
          "thicknessMm",
          "rpm",
          "coolantL",
          "copperKg",
          "airM3PerHour",
          "fanMm",
          "shows",
          "attributes");

  private HardwareCsv() {}

  public static String write(List<HardwareProduct> products) {
    StringWriter text = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS.toArray(String[]::new)).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (HardwareProduct product : products) {
        printer.printRecord(cells(product));
      }
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
    return text.toString();
  }

  private static List<String> cells(HardwareProduct p) {
    Body body = p.body();
    Electric e = p.electric();
    Thermal t = p.thermal();
    List<String> cells =
        new ArrayList<>(
            List.of(
                SafeCell.safe(p.id()),
                SafeCell.safe(p.name()),
                p.kind().name(),
                String.valueOf(p.priceMinor()),
                SafeCell.safe(p.supplierId()),
                number(p.massKg()),
                number(p.peakWatts()),
                e == null ? "" : number(e.typicalWatts()),
                number(p.supplyWatts()),
                e == null ? "" : number(e.excursionWatts()),
                String.valueOf(p.hdmiOutputs()),
                String.valueOf(p.displayPortOutputs()),
                String.valueOf(p.typeCOutputs()),
                String.valueOf(p.lightHeaders()),
                number(p.storageGb()),
                number(p.memoryGb())));
    cells.addAll(
        body == null
            ? List.of("", "", "", "", "", "", "", "")
            : List.of(
                number(body.widthMm()),
                number(body.depthMm()),
                number(body.heightMm()),
                HardwareText.enums(body.seats()),
                HardwareText.enums(body.turns()),
                SafeCell.safe(body.turnReason()),
                SafeCell.safe(HardwareText.keepOuts(body.keepOuts())),
                HardwareText.spots(body.spots())));
    cells.addAll(
        e == null
            ? List.of("", "", "", "", "")
            : List.of(
                HardwareText.ports(e.asks()),
                HardwareText.ports(e.offers()),
                HardwareText.slots(e.m2Slots()),
                e.processorGraphics() ? "yes" : "no",
                e.tested().name()));
    cells.addAll(
        t == null
            ? List.of("", "", "", "", "", "", "", "", "", "", "")
            : List.of(
                number(t.limitC()),
                number(t.resistanceKPerW()),
                String.valueOf(t.sections()),
                number(t.sectionMm()),
                number(t.thicknessMm()),
                number(t.rpm()),
                number(t.coolantL()),
                number(t.copperKg()),
                number(t.airM3PerHour()),
                number(t.fanMm()),
                t.shows() == null ? "" : t.shows().name()));
    cells.add(SafeCell.safe(p.attributes()));
    return cells;
  }

  private static String number(@Nullable Double value) {
    return value == null ? "" : HardwareText.exact(value);
  }

  /**
   * @throws InvalidValue naming the line that can't be read
   */
  public static List<HardwareProduct> read(String csv) {
    String content = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
    String header = content.lines().findFirst().orElse("");
    if (!Arrays.asList(header.split(",")).equals(COLUMNS)) {
      throw new InvalidValue(
          "file",
          "This is not a library of hardware: the first line must be " + String.join(",", COLUMNS));
    }
    List<HardwareProduct> products = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS.toArray(String[]::new))
            .setSkipHeaderRecord(true)
            .get();
    try (var parser = format.parse(new StringReader(content))) {
      for (CSVRecord row : parser) {
        products.add(product(row));
      }
    } catch (IOException | UncheckedIOException unreadable) {
      throw new InvalidValue("file", "The file breaks off inside a quoted cell.");
    }
    return products;
  }

  private static HardwareProduct product(CSVRecord row) {
    if (!row.isConsistent()) {
      throw line(row, "it has %d cells, not %d".formatted(row.size(), COLUMNS.size()));
    }
    Map<String, String> cells = row.toMap();
    cells.replaceAll((column, cell) -> SafeCell.plain(cell));
    try {
      return product(cells);
    } catch (InvalidValue invalid) {
      throw line(row, invalid.getMessage());
    }
  }

  private static HardwareProduct product(Map<String, String> c) {
    return new HardwareProduct(
        c.get("id"),
        c.get("name"),
        HardwareText.one(ComponentKind.class, c.get("kind")),
        (long) value(c, "priceMinor"),
        c.get("supplierId"),
        value(c, "massKg"),
        value(c, "peakWatts"),
        value(c, "supplyWatts"),
        (int) value(c, "hdmiOutputs"),
        (int) value(c, "displayPortOutputs"),
        (int) value(c, "typeCOutputs"),
        (int) value(c, "lightHeaders"),
        optional(c, "storageGb"),
        optional(c, "memoryGb"),
        c.get("attributes"),
        body(c),
        electric(c),
        thermal(c));
  }

  private static @Nullable Body body(Map<String, String> c) {
    if (c.get("widthMm").isBlank()) {
      return null;
    }
    return new Body(
        value(c, "widthMm"),
        value(c, "depthMm"),
        value(c, "heightMm"),
        HardwareText.keepOuts(c.get("keepOuts")),
        HardwareText.enums(Seat.class, c.get("seats")),
        HardwareText.enums(Turn.class, c.get("turns")),
        c.get("turnReason"),
        HardwareText.spots(c.get("spots")));
  }

  private static @Nullable Electric electric(Map<String, String> c) {
    List<String> mine =
        List.of("typicalWatts", "excursionWatts", "asks", "offers", "m2Slots", "processorGraphics");
    if (mine.stream().allMatch(column -> c.get(column).isBlank())) {
      return null;
    }
    String tested = c.get("tested");
    return new Electric(
        optional(c, "typicalWatts"),
        optional(c, "excursionWatts"),
        HardwareText.ports(c.get("asks")),
        HardwareText.ports(c.get("offers")),
        HardwareText.slots(c.get("m2Slots")),
        c.get("processorGraphics").equals("yes"),
        tested.isBlank()
            ? Electric.Tested.NOT_CHECKED
            : HardwareText.one(Electric.Tested.class, tested));
  }

  private static @Nullable Thermal thermal(Map<String, String> c) {
    List<String> mine = List.of("limitC", "resistanceKPerW", "sections", "coolantL", "fanMm");
    if (mine.stream().allMatch(column -> c.get(column).isBlank())) {
      return null;
    }
    return new Thermal(
        optional(c, "limitC"),
        optional(c, "resistanceKPerW"),
        (int) value(c, "sections"),
        value(c, "sectionMm"),
        value(c, "thicknessMm"),
        value(c, "rpm"),
        value(c, "coolantL"),
        value(c, "copperKg"),
        value(c, "airM3PerHour"),
        value(c, "fanMm"),
        c.get("shows").isBlank() ? null : HardwareText.one(Thermal.Shows.class, c.get("shows")));
  }

  private static double value(Map<String, String> cells, String column) {
    return cells.get(column).isBlank() ? 0 : HardwareText.number(cells.get(column));
  }

  private static @Nullable Double optional(Map<String, String> cells, String column) {
    return cells.get(column).isBlank() ? null : Double.valueOf(value(cells, column));
  }

  private static InvalidValue line(CSVRecord row, String problem) {
    return new InvalidValue(
        "file",
        "Line %d: %s. Nothing was changed."
            .formatted(row.getRecordNumber() + 1, problem.replaceAll("\\.$", "")));
  }
}
