package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Concept;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.concept.DesignDifference;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.thing.Thing;
import emberyard.server.yard.YardReader;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A store of the first version is read on, with nothing lost and no change nobody made. */
class MigrationTest {
  private static final String LOOK =
      """
      {"themeWords": ["fog"], "palette": [{"name": "green", "hex": "#2E4A45", "role": "BASE"}],
       "size": {"widthMm": 260, "heightMm": 388, "depthMm": 412}}
      """;
  @TempDir Path folder;

  private JdbcClient firstVersion() {
    DriverManagerDataSource source =
        new DriverManagerDataSource("jdbc:sqlite:" + folder.resolve("test.sqlite"));
    Flyway.configure().dataSource(source).target("1").load().migrate();
    return JdbcClient.create(source);
  }

  private static void put(JdbcClient sql, int position, String kind, String id, String body) {
    sql.sql(
            "INSERT INTO thing (kind, id, build_id, version, position, body, updated_at)"
                + " VALUES (?, ?, 'b', 1, ?, ?, '2026-03-02T09:00:00Z')")
        .params(kind, id, position, body)
        .update();
  }

  private static void fill(JdbcClient sql) {
    put(
        sql,
        1,
        "BRIEF",
        "b",
        """
        {"id": "b", "name": "Night Pilotage", "client": "Guild", "themeLine": "", "standsWhere": "",
         "hiddenFaces": [], "revealOn": null, "revealMovable": false, "budgetCapMinor": null,
         "capCounts": [], "secrecy": null, "skipped": [], "begunOn": "2026-03-01",
         "revealedOn": null}
        """);
    put(
        sql,
        2,
        "CONCEPT",
        "b",
        """
        {"id": "b", "look": %s, "frozen": {"by": "Guild", "at": "2026-03-02T09:00:00Z",
         "priceMinor": 300000, "finishOn": "2026-03-20", "look": %s, "curve": []}}
        """
            .formatted(LOOK, LOOK));
    put(
        sql,
        3,
        "REQUIREMENT",
        "r",
        """
        {"id": "r", "text": "A bell", "priority": "NICE", "answer": "", "outcome": "OPEN"}
        """);
    for (int i = 0; i < 2; i++) {
      put(
          sql,
          4 + i,
          "STRIP",
          "l" + i,
          """
          {"id": "l%d", "name": "Beam", "lengthMm": 900, "ledsPerMetre": 60, "rail": "V5",
           "milliampsPerLed": 60, "feed": "BOARD_HEADER", "colourHex": "%s",
           "pricePerMetreMinor": 1400, "supplierId": "q"}
          """
              .formatted(i, i == 0 ? "#F0A13A" : "amber"));
    }
    sql.sql(
            "INSERT INTO change (act, account_id, at, kind, thing_id, build_id, position, before,"
                + " after) SELECT kind || id, 'ines', updated_at, kind, id, build_id, position, NULL, body"
                + " FROM thing")
        .update();
  }

  @Test
  void whatWasFrozenBeforeIsCompletedWithThePartsAsTheyAre() {
    fill(firstVersion());
    try (TestStore store = new TestStore(folder, Clock.systemUTC())) {
      List<Thing> things = store.things.all().stream().map(row -> row.value()).toList();
      var build = YardReader.build(things);
      Concept concept = build.concept();
      assertEquals("A", concept.letter());
      assertEquals(300_000, concept.frozen().priceMinor());
      assertEquals(2, concept.frozen().design().strips().size());
      assertEquals(
          List.of(),
          DesignDifference.between(concept.frozen().design(), build.design(), ""),
          "no change nobody made");
      Requirement bell = build.requirements().get(0);
      assertEquals(RequirementKind.LOOK, bell.kind());
      assertNull(bell.limit());
      LightStrip named = build.strips().get(1);
      assertEquals("#8C8C8C", named.colourHex(), "a colour that can't be read is grey");
    }
  }

  @Test
  void stepsOfUndoInTheOldFormAreNotOfferedAnyMore() {
    fill(firstVersion());
    try (TestStore store = new TestStore(folder, Clock.systemUTC())) {
      int left =
          store
              .sql
              .sql("SELECT count(*) FROM change WHERE undone = 0")
              .query(Integer.class)
              .single();
      assertEquals(3, left, "all but the concept's and the grey strip's");
      assertTrue(store.things.undo("ines", "b").isPresent());
    }
  }

  private static final String ORDER =
      """
      {"id": "%s", "needKey": "component:c", "title": "Board", "category": "PERFORMANCE_HARDWARE",
       "supplierId": "q", "quantity": %s, "unitPriceMinor": %d, "state": "%s",
       "orderedOn": "2026-02-20", "expectedOn": "2026-02-25", "receivedOn": "2026-02-24",
       "checkedOn": null, "checkedBy": "", "paidOn": %s, "note": "by mail"}
      """;

  /** Each old order comes along with all it has; what was paid is a payment of its own. */
  @Test
  void whatWasMarkedAsPaidIsAPaymentOfItsPriceOnThatDay() {
    JdbcClient sql = firstVersion();
    fill(sql);
    put(sql, 7, "ORDER", "o1", ORDER.formatted("o1", "2.5", 1_299, "RECEIVED", "\"2026-02-26\""));
    put(sql, 8, "ORDER", "o2", ORDER.formatted("o2", "1", 9_600, "WRONG", "null"));
    put(sql, 9, "ORDER", "o3", ORDER.formatted("o3", "1", 0, "ORDERED", "\"2026-02-26\""));
    try (TestStore store = new TestStore(folder, Clock.systemUTC())) {
      var build = YardReader.build(store.things.all().stream().map(Row::value).toList());
      assertEquals(3, build.orders().size());
      OrderLine first = build.orders().get(0);
      assertEquals(OrderLine.State.RECEIVED, first.state());
      assertEquals("by mail", first.note());
      assertEquals(OrderLine.Way.SENT_FOR, first.way());
      assertEquals(1, build.moves().size());
      Move paid = build.moves().get(0);
      assertEquals(first.totalMinor(), paid.amountMinor());
      assertEquals(3_248, paid.amountMinor());
      assertEquals("2026-02-26", paid.on().toString());
      assertEquals("o1", paid.orderId());
    }
  }
}
