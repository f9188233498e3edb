package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.kind.ThingKind;
import emberyard.core.record.Remark;
import emberyard.core.thing.Thing;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Any sequence of edits, undone step by step, gives the first state, also over a restart. */
class UndoPropertiesTest {
  private static final String BUILD = "b";
  @TempDir Path folder;
  private Instant now = Instant.parse("2026-03-02T09:00:00Z");
  private final Clock clock =
      new Clock() {
        @Override
        public Instant instant() {
          return now;
        }

        @Override
        public java.time.ZoneId getZone() {
          return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(java.time.ZoneId zone) {
          return this;
        }
      };

  private static List<String> state(TestStore store) {
    return store
        .sql
        .sql("SELECT kind || ' ' || id || ' ' || position || ' ' || body FROM thing ORDER BY 1")
        .query(String.class)
        .list();
  }

  private static Thing thing(Random random, ThingKind kind, String id) {
    return kind == ThingKind.REMARK
        ? new Remark(id, "said " + random.nextInt(1_000))
        : FaceItem.plain(
            id,
            Face.LEFT,
            ItemKind.BADGE,
            "Badge",
            random.nextInt(300),
            random.nextInt(300),
            20,
            20);
  }

  /** One act of one to three writes: adding, changing, removing. */
  private static List<Write> act(TestStore store, Random random) {
    List<Write> writes = new ArrayList<>();
    List<String> touched = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(3); i++) {
      ThingKind kind = random.nextBoolean() ? ThingKind.REMARK : ThingKind.ITEM;
      String id = "t" + random.nextInt(6);
      if (touched.contains(kind + id)) {
        continue;
      }
      touched.add(kind + id);
      boolean there = store.things.find(kind.type(), id).isPresent();
      if (there && random.nextInt(3) == 0) {
        writes.add(Write.remove(kind, BUILD, id));
      } else {
        writes.add(Write.overwrite(BUILD, thing(random, kind, id)));
      }
    }
    return writes;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void undoingEverythingGivesTheFirstStateAndRedoingTheLast(long seed) {
    Random random = new Random(seed);
    List<List<String>> states = new ArrayList<>();
    try (TestStore store = new TestStore(folder, clock)) {
      store.things.apply("ines", List.of(Write.overwrite(BUILD, new Remark("t0", "first"))));
      now = now.plusSeconds(60);
      states.add(state(store));
      for (int step = 0; step < 25; step++) {
        store.things.apply("ines", act(store, random));
        now = now.plusSeconds(60); // typing within seconds would be one step
        List<String> after = state(store);
        if (!after.equals(states.get(states.size() - 1))) {
          states.add(after);
        }
      }
    }
    try (TestStore again = new TestStore(folder, clock)) {
      assertEquals(states.get(states.size() - 1), state(again), "kept over the restart");
      for (int i = states.size() - 2; i >= 0; i--) {
        assertTrue(again.things.undo("ines", BUILD).isPresent());
        assertEquals(states.get(i), state(again), "step " + i);
      }
      for (int i = 1; i < states.size(); i++) {
        assertTrue(again.things.redo("ines", BUILD).isPresent());
        assertEquals(states.get(i), state(again), "done again " + i);
      }
      assertTrue(again.things.redo("ines", BUILD).isEmpty());
    }
  }
}
