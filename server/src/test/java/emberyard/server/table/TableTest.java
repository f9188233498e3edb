package emberyard.server.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ComponentKind;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.Writing;
import emberyard.server.library.Library;
import emberyard.server.library.LibraryTables;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TableTest {
  /** A record with a cell of each plain kind. */
  public record Sample(
      String id, String name, double widthMm, int onHand, boolean matt, LocalDate boughtOn) {}

  private static final Table<Sample> SAMPLES =
      Table.of(Sample.class, Map.of(), number -> number.equals("onHand"));
  private static final TableStyle COMMA = style(Writing.Dates.DAY_FIRST);

  private static TableStyle style(Writing.Dates dates) {
    return new TableStyle(
        new Writing(Writing.Decimal.COMMA, Writing.Group.POINT, Writing.Clock.HOURS_24, dates), 2);
  }

  private static final Sample OAK =
      new Sample("oak", "Oak", 3.5, 4, true, LocalDate.parse("2026-03-09"));

  private static Table.Rows<Sample> read(String text) {
    return SAMPLES.read(text, TableStyle.SHIPPED, id -> Optional.empty());
  }

  private static Sample one(Table.Rows<Sample> rows) {
    return rows.rows().get(0).read().orElseThrow(() -> new AssertionError(rows.toString()));
  }

  private static String refusal(String text) {
    return read(text).rows().get(0).refusal();
  }

  @Test
  void columnsStandInAnyOrderUnderHeadingsAsPeopleWriteThem() {
    Table.Rows<Sample> rows =
        read(
            "Bought on,ON HAND,width (mm),Colour,name,id,matt\r\n2026-03-09,4,3.5,red,Oak,oak,yes");
    assertEquals(OAK, one(rows));
    assertEquals(List.of("Colour"), rows.leftOut());
  }

  @Test
  void whatATableLeavesOutStaysAsItIs() {
    Table.Rows<Sample> rows =
        SAMPLES.read("id,widthMm\noak,4", TableStyle.SHIPPED, id -> Optional.of(OAK));
    assertEquals(new Sample("oak", "Oak", 4, 4, true, OAK.boughtOn()), one(rows));
    assertEquals(List.of("widthMm 3.5 → 4"), SAMPLES.changes(OAK, one(rows)));
  }

  @Test
  void aNumberThatIsMissingIsAskedForUnlessItMayBeNothing() {
    assertEquals("widthMm is missing", refusal("id,name,widthMm\noak,Oak,"));
    assertEquals("widthMm is missing", refusal("id,name\noak,Oak"));
    assertEquals(0, one(read("id,name,widthMm\noak,Oak,1")).onHand());
  }

  @Test
  void aRowWithoutAnIdIsCalledAfterItsName() {
    assertEquals("fog-grey-matt", one(read("name,widthMm\n\"Fog grey, matt\",1")).id());
  }

  @Test
  void rowsFromASpreadsheetAreWrittenAsTheWorkshopWrites() {
    String pasted = "id\tname\twidthMm\tboughtOn\noak\tOak\t1.234,5\t9.3.2026\n\t\t\t\n";
    Table.Rows<Sample> rows = SAMPLES.read(pasted, COMMA, id -> Optional.empty());
    assertEquals(1234.5, one(rows).widthMm());
    assertEquals(OAK.boughtOn(), one(rows).boughtOn());
    assertEquals(1, rows.rows().size(), "an empty row is none");
    assertEquals(LocalDate.parse("2026-09-03"), one(monthFirst(pasted)).boughtOn());
  }

  private static Table.Rows<Sample> monthFirst(String pasted) {
    return SAMPLES.read(pasted, style(Writing.Dates.MONTH_FIRST), id -> Optional.empty());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1.234,5 | 1234.5",
        "1.234 | 1234",
        "3,5 | 3.5",
        "3.5 | 3.5",
        "-3,25 | -3.25",
        "12 | 12",
      })
  void aDecimalCommaIsRead(String cell, double number) {
    assertEquals(
        number,
        one(SAMPLES.read("name;widthMm\nOak;" + cell, COMMA, id -> Optional.empty())).widthMm());
  }

  /**
   * 2.865 mm is no 2,865 mm because a spreadsheet with points between thousands came without it.
   */
  @Test
  void whatATableLeavesOutIsNotReadWithTheMarksOfTheTable() {
    Sample thin = new Sample("oak", "Oak", 2.865, 4, true, null);
    Table.Rows<Sample> rows =
        SAMPLES.read("id\tonHand\noak\t1.200", COMMA, id -> Optional.of(thin));
    assertEquals(new Sample("oak", "Oak", 2.865, 1200, true, null), one(rows));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "price per metre      | 11,5     | 1150",
        "Price per metre      | 1.234,50 | 123450",
        "pricePerMetreMinor   | 1150     | 1150",
        "price per metre      | 11,505   | -1",
      })
  void anAmountStandsInTheCurrencyOrInMinorUnits(String head, String cell, long minor) {
    FilmProduct film =
        new FilmProduct("f", "Film", "#112233", FilmProduct.Gloss.MATT, 300, 0, "q", 0);
    Table<FilmProduct> table = Table.of(FilmProduct.class, Map.of(), number -> false);
    long read =
        table
            .read("id\t%s\nf\t%s".formatted(head, cell), COMMA, id -> Optional.of(film))
            .rows()
            .get(0)
            .read()
            .map(FilmProduct::pricePerMetreMinor)
            .orElse(-1L);
    assertEquals(minor, read);
  }

  @ParameterizedTest
  @ValueSource(strings = {"1,2,3", "1.23,4.5", "1e3", "NaN", "three", "1.234.5", "--1"})
  void whatCouldMeanTwoThingsIsRefused(String cell) {
    TableRow<Sample> row =
        SAMPLES.read("name\twidthMm\nOak\t" + cell, COMMA, id -> Optional.empty()).rows().get(0);
    assertTrue(row.refusal().startsWith("widthMm: “" + cell + "” can’t be read"), row.toString());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Oak,1,x,no,2026-03-09      | onHand: “x” can’t be read",
        "Oak,1,1,perhaps,2026-03-09 | matt: “perhaps” is neither yes nor no",
        "Oak,1,1,no,2026-02-30      | boughtOn: “2026-02-30” is no day",
        "Oak,1,1,no                 | it has 4 cells, not 5",
        "Oak,1,1,no,2026-03-09,more | it has 6 cells, not 5",
        "Oak,1,9999999999,no,       | onHand is too large",
      })
  void aRowThatCantBeReadSaysWhyAndTheOthersStay(String row, String sentence) {
    Table.Rows<Sample> rows =
        read("name,widthMm,onHand,matt,boughtOn\n" + row + "\nAsh,2,0,no,2026-03-09");
    assertTrue(rows.rows().get(0).refusal().startsWith(sentence), rows.toString());
    assertEquals(2, rows.rows().get(0).line());
    assertEquals("ash", rows.rows().get(1).read().orElseThrow().id());
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "a,b\n1,2", "\uFEFF"})
  void aTextWithoutAHeadingThatIsKnownIsNoTable(String text) {
    assertTrue(
        assertThrows(InvalidValue.class, () -> read(text))
            .getMessage()
            .contains("id, name, widthMm, onHand, matt, boughtOn"));
  }

  @Test
  void whatIsTooLongOrBreaksOffIsRefusedWhole() {
    assertThrows(InvalidValue.class, () -> read("name\n" + "a\n".repeat(TableText.MOST_ROWS + 1)));
    assertThrows(InvalidValue.class, () -> read("n".repeat(TableText.MOST_CHARACTERS + 1)));
    assertThrows(InvalidValue.class, () -> read("name\n\"Oak"));
    assertEquals(
        TableText.MOST_ROWS, read("name\n" + "a\n".repeat(TableText.MOST_ROWS)).rows().size());
  }

  /** Round trip of all that ships, its columns in a thousand orders. */
  @Test
  void aTableReadWithItsColumnsInAnyOrderIsTheSame() {
    List<HardwareProduct> shipped = Library.shipped().of(HardwareProduct.class);
    assertTrue(shipped.size() > 50);
    String out = LibraryTables.HARDWARE.write(shipped);
    assertEquals(shipped, things(out));
    Random random = new Random(15);
    List<FilmProduct> films =
        List.of(
            new FilmProduct(
                "f;1", "A \"film\", grey", "#112233", FilmProduct.Gloss.MATT, 300, 690, "q", 0),
            new FilmProduct(
                "f2", "'=1+1", "#112233", FilmProduct.Gloss.SATIN, 300.25, 1, "q", 2.5));
    Table<FilmProduct> table = Table.of(FilmProduct.class, Map.of(), number -> false);
    List<String[]> cells = new ArrayList<>();
    table
        .write(films)
        .lines()
        .map(line -> line.split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)"))
        .forEach(cells::add);
    for (int i = 0; i < 1_000; i++) {
      List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3, 4, 5, 6, 7));
      Collections.shuffle(order, random);
      String shuffled =
          cells.stream()
              .map(row -> order.stream().map(at -> row[at]).collect(Collectors.joining(",")))
              .collect(Collectors.joining("\r\n"));
      assertEquals(
          films,
          table.read(shuffled, COMMA, id -> Optional.empty()).rows().stream()
              .map(row -> row.read().orElseThrow())
              .toList());
    }
  }

  private static List<HardwareProduct> things(String table) {
    return LibraryTables.HARDWARE.read(table, COMMA, id -> Optional.empty()).rows().stream()
        .map(row -> row.read().orElseThrow(() -> new AssertionError(row.refusal())))
        .toList();
  }

  @Test
  void wordsOfAListAreReadAsPeopleWriteThem() {
    HardwareProduct fan = things("id,name,kind,peakWatts\nf,Fan,fan,2\n").get(0);
    assertEquals(ComponentKind.FAN, fan.kind());
    String refusal =
        LibraryTables.HARDWARE
            .read("id,name,kind\nf,Fan,wind\n", COMMA, id -> Optional.empty())
            .rows()
            .get(0)
            .refusal();
    assertTrue(refusal.startsWith("kind: “wind” is none of ENCLOSURE"), refusal);
  }
}
