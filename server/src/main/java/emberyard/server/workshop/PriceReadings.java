package emberyard.server.workshop;

import emberyard.core.record.Offer;
import emberyard.core.record.Offer.PriceSeen;
import emberyard.core.record.OfferBuilder;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.server.table.Table;
import emberyard.server.table.TableRow;
import emberyard.server.table.TableStyle;
import emberyard.server.table.ThingTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Prices that were seen as a table of {@code offer,needKey,supplierId,on,unitPriceMinor}: a row a
 * price. Rows of one offer are added to what was seen of it; a row without an offer begins one, or
 * goes to the one of the same thing and shop that began so.
 */
final class PriceReadings implements ThingTable<Offer> {

  /** One price. */
  public record PriceReading(
      String offer, String needKey, String supplierId, LocalDate on, long unitPriceMinor) {
    public PriceReading {
      offer = Require.textOrEmpty("offer", offer);
      Require.text("needKey", needKey);
      supplierId = Require.textOrEmpty("supplierId", supplierId);
      new PriceSeen(on, unitPriceMinor);
    }

    String id() {
      return offer.isEmpty()
          ? "prices-" + Integer.toHexString((needKey + " " + supplierId).hashCode())
          : offer;
    }
  }

  private static final Table<PriceReading> READINGS =
      Table.of(PriceReading.class, Map.of(), number -> false);

  @Override
  public String write(List<Offer> offers) {
    return READINGS.write(offers.stream().flatMap(offer -> rows(offer).stream()).toList());
  }

  private static List<PriceReading> rows(Offer offer) {
    return offer.seen().stream()
        .map(
            seen ->
                new PriceReading(
                    offer.id(),
                    offer.needKey(),
                    offer.supplierId(),
                    seen.on(),
                    seen.unitPriceMinor()))
        .toList();
  }

  /** Prices that one has and the other hasn't. */
  @Override
  public List<String> changes(Offer before, Offer after) {
    return after.seen().stream()
        .filter(seen -> !before.seen().contains(seen))
        .map(seen -> "%s: %d".formatted(seen.on(), seen.unitPriceMinor()))
        .toList();
  }

  @Override
  public Table.Rows<Offer> read(
      String table, TableStyle style, Function<String, Optional<Offer>> here) {
    Table.Rows<PriceReading> readings = READINGS.read(table, style, id -> Optional.empty());
    Map<String, List<TableRow<PriceReading>>> byOffer = new LinkedHashMap<>();
    List<TableRow<Offer>> rows = new ArrayList<>();
    for (TableRow<PriceReading> row : readings.rows()) {
      row.read()
          .ifPresentOrElse(
              read -> byOffer.computeIfAbsent(read.id(), id -> new ArrayList<>()).add(row),
              () -> rows.add(new TableRow<>(row.line(), row.name(), null, row.refusal())));
    }
    byOffer.forEach((id, of) -> rows.add(offer(id, of, here.apply(id).orElse(null))));
    return new Table.Rows<>(rows, readings.leftOut());
  }

  private static TableRow<Offer> offer(
      String id, List<TableRow<PriceReading>> readings, @Nullable Offer known) {
    PriceReading first = readings.get(0).read().orElseThrow();
    Map<LocalDate, PriceSeen> seen = new TreeMap<>();
    if (known != null) {
      known.seen().forEach(each -> seen.put(each.on(), each));
    }
    readings.stream()
        .flatMap(row -> row.read().stream())
        .forEach(row -> seen.put(row.on(), new PriceSeen(row.on(), row.unitPriceMinor())));
    int line = readings.get(0).line();
    try {
      Offer offer =
          known != null
              ? known.withSeen(List.copyOf(seen.values()))
              : OfferBuilder.builder()
                  .id(id)
                  .needKey(first.needKey())
                  .supplierId(first.supplierId())
                  .seen(List.copyOf(seen.values()))
                  .build();
      return new TableRow<>(line, first.needKey(), offer, null);
    } catch (InvalidValue refused) {
      return new TableRow<>(line, first.needKey(), null, refused.getMessage());
    }
  }
}
