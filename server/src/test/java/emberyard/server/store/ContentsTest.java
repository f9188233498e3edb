package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Component;
import emberyard.core.kind.ThingKind;
import emberyard.core.units.InvalidValue;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.node.ObjectNode;

/** What is kept in memory is what a new start would read from the disk. */
class ContentsTest {
  private static final HardwareProduct BOARD = Library.shipped().of(HardwareProduct.class).get(0);

  private static final ThingJson JSON = new ThingJson();

  @TempDir Path folder;
  private TestStore store;
  private final Random random = new Random(8);

  @BeforeEach
  void open() {
    store = new TestStore(folder, Clock.systemUTC());
  }

  @AfterEach
  void close() {
    store.close();
  }

  private void assertAsOnDisk(String when) {
    List<Row> memory = store.things.all();
    assertEquals(store.things.readAnew().rows(), memory, when);
  }

  private static Brief brief(String id, LocalDate revealed) {
    return Brief.named(id, "Build " + id, LocalDate.of(2026, 3, 2)).revealed(revealed);
  }

  /** The product measured and priced anew. */
  private static HardwareProduct changed(double massKg, long priceMinor) {
    ObjectNode anew = (ObjectNode) JSON.tree(BOARD);
    anew.put("massKg", massKg).put("priceMinor", priceMinor);
    return JSON.read(anew.toString(), HardwareProduct.class);
  }

  private Write any() {
    String build = "b" + random.nextInt(3);
    String id = build + "-c" + random.nextInt(4);
    return switch (random.nextInt(6)) {
      case 0 -> Write.overwrite(build, brief(build, null));
      case 1 -> Write.overwrite(build, brief(build, LocalDate.of(2026, 3, 5)));
      case 2 -> Write.remove(ThingKind.COMPONENT, build, id);
      case 3 -> Write.overwrite(null, changed(random.nextInt(9), random.nextInt(900)));
      default ->
          Write.overwrite(
              build, BOARD.one(id).withPriceMinor(random.nextBoolean() ? BOARD.priceMinor() : 7));
    };
  }

  @Test
  void whateverIsWrittenTakenBackAndRefused() {
    for (int step = 0; step < 400; step++) {
      int what = random.nextInt(10);
      try {
        if (what == 0) {
          store.things.undo("ines", random.nextBoolean() ? "" : "b" + random.nextInt(3));
        } else if (what == 1) {
          store.things.redo("ines", random.nextBoolean() ? "" : "b" + random.nextInt(3));
        } else {
          List<Write> writes = new ArrayList<>();
          for (int i = random.nextInt(3); i >= 0; i--) {
            writes.add(any());
          }
          store.things.apply("ines", writes);
        }
      } catch (MissingThing | ThingStore.ChangedSince refused) {
        assertTrue(refused.getMessage().length() > 10);
      }
      if (step % 5 == 0) {
        assertAsOnDisk("step " + step);
      }
    }
  }

  private Row row(String id) {
    return store.things.all().stream().filter(row -> row.id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void whatDoesNotChangeIsTheSameObject() {
    store.things.apply(
        "ines",
        List.of(
            Write.create("b", brief("b", null)),
            Write.create("b", BOARD.one("c")),
            Write.create("b", BOARD.one("d"))));
    Row first = row("c");
    Row second = row("d");
    store.things.apply("ines", List.of(Write.overwrite("b", BOARD.one("d").withPriceMinor(5))));
    assertSame(first, row("c"));
    assertNotSame(second, row("d"));
    store.things.apply("ines", List.of(Write.overwrite(null, changed(7, 900))));
    assertEquals(7, ((Component) row("c").value()).massKg(), "it follows its product");
    assertSame(row("c"), row("c"));
  }

  @Test
  void whatIsRefusedLeavesAllAsItWas() {
    store.things.apply("ines", List.of(Write.create("b", brief("b", null))));
    Contents before = store.things.contents();
    assertThrows(
        InvalidValue.class,
        () -> store.things.apply("ines", List.of(Write.create("b", BOARD.one("no id at all")))));
    assertSame(before, store.things.contents());
    assertAsOnDisk("after a refusal");
  }

  @Test
  void afterAnythingUnforeseenTheDiskIsReadAgain() {
    store.things.apply("ines", List.of(Write.create("b", brief("b", null))));
    store.sql.sql("DROP TABLE past_body").update();
    assertThrows(
        RuntimeException.class,
        () -> store.things.apply("ines", List.of(Write.create("b", BOARD.one("c")))));
    assertEquals(1, store.things.all().size(), "it was not kept");
    assertAsOnDisk("after a fault");
  }
}
