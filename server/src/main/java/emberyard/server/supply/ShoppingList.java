package emberyard.server.supply;

import emberyard.core.supply.NeedLine;
import emberyard.core.work.Need;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.server.table.SafeCell;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;

/** Everything that is still to order, as a table for a shop or a spreadsheet. */
final class ShoppingList {
  private static final String[] HEADINGS = {
    "Shop",
    "Thing",
    "How much",
    "Unit",
    "Price of one",
    "Price",
    "Currency",
    "Needed on",
    "Order by"
  };

  private ShoppingList() {}

  /** Comma separated, one row a need, numbers with a dot, days as ISO text. */
  static String csv(BuildModel model, WorkshopBook book) {
    String currency = book.workshop().currency();
    int digits = CurrencyUnit.of(currency).getDecimalPlaces();
    var shops = book.suppliers().stream().collect(Collectors.toMap(Supplier::id, Supplier::name));
    StringWriter text = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setHeader(HEADINGS).setRecordSeparator("\r\n").get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (NeedLine line : model.needs()) {
        if (line.open() > 0) {
          printer.printRecord(
              row(line, shops.getOrDefault(line.need().supplierId(), ""), currency, digits));
        }
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }

  private static List<String> row(NeedLine line, String shop, String currency, int digits) {
    Need need = line.need();
    long priceMinor = Math.round(line.open() * need.unitPriceMinor());
    return List.of(
        SafeCell.safe(shop),
        SafeCell.safe(need.title()),
        BigDecimal.valueOf(line.open()).stripTrailingZeros().toPlainString(),
        SafeCell.safe(need.unit()),
        BigDecimal.valueOf(need.unitPriceMinor(), digits).toPlainString(),
        BigDecimal.valueOf(priceMinor, digits).toPlainString(),
        currency,
        day(line.neededOn()),
        day(line.orderBy()));
  }

  private static String day(@Nullable LocalDate day) {
    return Objects.toString(day, "");
  }
}
