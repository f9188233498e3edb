package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import emberyard.core.kind.ThingKind;
import emberyard.core.record.Remark;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.Supplier;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ThingStoreTest {
  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");
  @TempDir Path folder;
  private final Clock clock = mock(Clock.class);
  private TestStore store;

  @BeforeEach
  void open() {
    at(0);
    store = new TestStore(folder, clock);
  }

  @AfterEach
  void close() {
    store.close();
  }

  private void at(long milliseconds) {
    Instant moment = NINE.plusMillis(milliseconds);
    when(clock.instant()).thenReturn(moment);
    when(clock.millis()).thenReturn(moment.toEpochMilli());
  }

  private static Supplier supplier(String id, int leadDays) {
    return new Supplier(id, "Quayside", leadDays, 990);
  }

  private long put(String account, int leadDays, long expected) {
    Write write = new Write(ThingKind.SUPPLIER, "q", null, supplier("q", leadDays), expected);
    return store.things.apply(account, List.of(write)).get(0);
  }

  private int leadDays() {
    return store.things.get(Supplier.class, "q").value().leadDays();
  }

  @Test
  void typingWithinThreeSecondsIsOneStepOfUndo() {
    long version = put("ines", 1, Write.NEW);
    at(10_000);
    for (int days = 2; days <= 6; days++) {
      at(10_000 + days * 400L);
      version = put("ines", days, version);
    }
    at(30_000);
    put("ines", 7, version);
    store.things.undo("ines", "");
    assertEquals(6, leadDays(), "the late change alone");
    store.things.undo("ines", "");
    assertEquals(1, leadDays(), "all that was typed together");
    store.things.undo("ines", "");
    assertTrue(store.things.find(Supplier.class, "q").isEmpty());
    assertTrue(store.things.undo("ines", "").isEmpty(), "nothing left");
  }

  @Test
  void everybodyUndoesOnlyTheirOwn() {
    put("ines", 1, Write.NEW);
    store.things.apply("lotte", List.of(Write.create(null, supplier("other", 3))));
    store.things.undo("ines", "");
    assertTrue(store.things.find(Supplier.class, "q").isEmpty());
    assertEquals(3, store.things.get(Supplier.class, "other").value().leadDays());
  }

  @Test
  void aThingThatReturnsHasAVersionNobodyHolds() {
    long first = put("ines", 1, Write.NEW);
    store.things.apply("ines", List.of(Write.remove(ThingKind.SUPPLIER, null, "q")));
    at(5_000);
    store.things.undo("ines", "");
    long back = store.things.get(Supplier.class, "q").version();
    assertTrue(back > first, "an old If-Match no longer fits");
    assertThrows(StaleThing.class, () -> put("ines", 9, first));
  }

  private static Supplier named(String name, int leadDays) {
    return new Supplier("q", name, leadDays, 990);
  }

  private long put(String account, String act, Supplier supplier, long expected) {
    Write write = new Write(ThingKind.SUPPLIER, "q", null, supplier, expected);
    return store.things.apply(account, act, List.of(write)).get(0);
  }

  private Supplier now() {
    return store.things.get(Supplier.class, "q").value();
  }

  @Test
  void twoFieldsChangedAtOnceAreBothKeptAndTheSameOneIsAsked() {
    long read = put("ines", 1, Write.NEW);
    put("ines", "typing-ines-1", named("Kiln Lane", 1), read);
    put("lotte", "typing-lotte-1", named("Quayside", 4), read);
    assertEquals(named("Kiln Lane", 4), now());
    StaleThing asked =
        assertThrows(
            StaleThing.class, () -> put("lotte", "typing-lotte-2", named("Weir", 5), read));
    assertEquals(List.of("#/name", "#/leadDays"), asked.conflicts());
    assertEquals("Weir", asked.both().mine().path("name").asString());
    assertEquals("Kiln Lane", asked.both().theirs().path("name").asString());
    put("lotte", "typing-lotte-3", named("Weir", 5), asked.newer().version());
    assertEquals(named("Weir", 5), now());
    // each takes back their own, and the other's field stays
    store.things.undo("lotte", "");
    assertEquals(named("Kiln Lane", 4), now());
    store.things.undo("ines", "");
    assertEquals(named("Quayside", 4), now());
    store.things.redo("ines", "");
    assertEquals(named("Kiln Lane", 4), now());
  }

  @Test
  void removingWhatSomebodyChangedIsAsked() {
    long read = put("ines", 1, Write.NEW);
    put("lotte", "typing-lotte-1", named("Weir", 1), read);
    Write removal = new Write(ThingKind.SUPPLIER, "q", null, null, read);
    StaleThing asked =
        assertThrows(StaleThing.class, () -> store.things.apply("ines", List.of(removal)));
    assertEquals(named("Weir", 1), asked.newer().value());
    Write sure = new Write(ThingKind.SUPPLIER, "q", null, null, asked.newer().version());
    assertEquals(List.of(0L), store.things.apply("ines", List.of(sure)));
  }

  @Test
  void keysOfOneVisitToAFieldAreOneActAndTwoFieldsAreTwo() {
    long version = put("ines", 1, Write.NEW);
    for (int days = 2; days <= 5; days++) {
      at(days * 60_000L);
      version = put("ines", "visit-one", supplier("q", days), version);
    }
    put("ines", "visit-two", named("Weir", 5), version);
    store.things.undo("ines", "");
    assertEquals(supplier("q", 5), now());
    store.things.undo("ines", "");
    assertEquals(1, leadDays());
    store.things.redo("ines", "");
    store.things.redo("ines", "");
    assertEquals(named("Weir", 5), now());
    assertTrue(store.things.redo("ines", "").isEmpty());
    store.things.undo("ines", "");
    put("ines", "visit-three", supplier("q", 9), Write.ANY);
    assertTrue(store.things.redo("ines", "").isEmpty(), "something was done since");
  }

  /** Typed, taken back, and typed on without leaving the field: the page says one act. */
  @Test
  void whatIsTakenBackIsNotTakenBackTwice() {
    long version = put("ines", 1, Write.NEW);
    put("ines", "visit-one", supplier("q", 2), version);
    store.things.undo("ines", "");
    assertEquals(1, leadDays());
    put("ines", "visit-one", supplier("q", 3), Write.ANY);
    store.things.undo("ines", "");
    assertEquals(1, leadDays());
    store.things.redo("ines", "");
    assertEquals(3, leadDays(), "the one that was taken back first is let go");
    assertTrue(store.things.redo("ines", "").isEmpty());
  }

  @Test
  void undoStaysInItsPlace() {
    put("ines", 1, Write.NEW);
    Remark remark = new Remark("r", "a bell");
    store.things.apply("ines", List.of(Write.create("b", remark)));
    store.things.undo("ines", "");
    assertTrue(store.things.find(Supplier.class, "q").isEmpty());
    assertTrue(store.things.undo("ines", "").isEmpty());
    assertTrue(store.things.undo("ines", "elsewhere").isEmpty());
    assertEquals("a bell", store.things.undo("ines", "b").map(undone -> "a bell").orElse(""));
    assertTrue(store.things.find(Remark.class, "r").isEmpty());
    assertEquals("a bell", store.things.redo("ines", "b").orElseThrow().name());
  }

  @Test
  void allOfAnActOrNothing() {
    put("ines", 1, Write.NEW);
    List<Write> act =
        List.of(
            Write.create(null, supplier("fresh", 2)),
            new Write(ThingKind.SUPPLIER, "q", null, supplier("q", 3), 12345));
    assertThrows(StaleThing.class, () -> store.things.apply("ines", act));
    assertTrue(store.things.find(Supplier.class, "fresh").isEmpty());
    assertEquals(1, leadDays());
  }

  @Test
  void manyWritersAtOnceLoseNothing() throws Exception {
    ExecutorService crew = Executors.newFixedThreadPool(8);
    List<Future<Long>> answers = new ArrayList<>();
    for (int n = 0; n < 200; n++) {
      String id = "s" + n;
      Callable<Long> write =
          () -> store.things.apply("ines", List.of(Write.create(null, supplier(id, 1)))).get(0);
      answers.add(crew.submit(write));
    }
    for (Future<Long> answer : answers) {
      assertTrue(answer.get() > 0);
    }
    crew.shutdown();
    assertEquals(200, store.things.all().size());
    long places = store.things.all().stream().map(Row::position).distinct().count();
    assertEquals(200, places, "everything has its own place in the order");
  }

  @Test
  void onlyOneOfTwoRivalsWins() throws Exception {
    long version = put("ines", 1, Write.NEW);
    ExecutorService crew = Executors.newFixedThreadPool(2);
    List<Future<Boolean>> rivals = new ArrayList<>();
    for (int days : new int[] {10, 20}) {
      rivals.add(
          crew.submit(
              () -> {
                try {
                  put("rival" + days, days, version);
                  return true;
                } catch (StaleThing lost) {
                  return false;
                }
              }));
    }
    int won = 0;
    for (Future<Boolean> rival : rivals) {
      won += rival.get() ? 1 : 0;
    }
    crew.shutdown();
    assertEquals(1, won);
  }

  @Test
  void thereIsRoomForSoManyOfAKindAndOneTakenAwayMakesRoom() {
    int most = MostThings.of(ThingKind.SUPPLIER);
    List<Write> all = new ArrayList<>();
    for (int i = 0; i < most; i++) {
      all.add(Write.create(null, supplier("s" + i, 1)));
    }
    store.things.apply("ines", all);
    Write more = Write.create(null, supplier("more", 1));
    InvalidValue full =
        assertThrows(InvalidValue.class, () -> store.things.apply("ines", List.of(more)));
    assertEquals("There are 500 suppliers already, and room for no more.", full.getMessage());
    store.things.apply("ines", List.of(Write.remove(ThingKind.SUPPLIER, null, "s0"), more));
    assertEquals(most, store.things.all().size());
  }

  @Test
  void theRevisionGrowsWithEveryChangeAndBodiesAreValidJson() {
    long before = store.things.revision();
    put("ines", 1, Write.NEW);
    assertTrue(store.things.revision() > before);
    assertThrows(
        RuntimeException.class,
        () -> store.sql.sql("UPDATE thing SET body = '{broken'").update(),
        "the table itself refuses what is not JSON");
  }

  @Test
  void anActRightAfterTypingIsAStepOfItsOwn() {
    long first = put("ines", 5, 0);
    at(60_000);
    put("ines", 6, first);
    at(61_000);
    store.things.apply("ines", List.of(Write.overwrite(null, supplier("q", 9))));
    store.things.undo("ines", "");
    assertEquals(6, leadDays(), "only the act is taken back");
    store.things.undo("ines", "");
    assertEquals(5, leadDays());
  }
}
