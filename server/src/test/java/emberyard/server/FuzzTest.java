package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * One odd value at a time in every field of every kind and every calculator, as the OpenAPI
 * document lists them: it is refused at that field, or everything still answers.
 */
class FuzzTest {
  private static final long SEED = 20_261_127L;
  private static final boolean LONG = Boolean.getBoolean("ember.long");
  private static final int TRIES = Integer.getInteger("ember.fuzz", LONG ? 20_000 : 100);
  private static final int AT_ONCE = LONG ? 2 : 1;

  @Test
  void anOddValueIsRefusedAtItsFieldOrHurtsNothing() throws IOException {
    DemoYard.owner();
    int each = TRIES / AT_ONCE;
    List<FuzzRun> runs =
        IntStream.range(0, AT_ONCE)
            .parallel()
            .mapToObj(run -> new FuzzRun(SEED + run, each).go(run * each))
            .toList();
    List<String> broken = new ArrayList<>();
    Set<String> hit = new TreeSet<>();
    Set<String> all = new TreeSet<>();
    int accepted = 0;
    int refused = 0;
    for (FuzzRun run : runs) {
      broken.addAll(run.broken);
      hit.addAll(run.hit);
      all.addAll(run.all);
      accepted += run.accepted;
      refused += run.refused;
    }
    FuzzRun slowest =
        runs.stream().max(Comparator.comparingDouble(run -> run.slowestMs)).orElseThrow();
    List<String> lines = new ArrayList<>(broken);
    lines.add(
        0,
        "tried %d, accepted %d, refused %d, broken %d; places hit %d of %d; slowest %.0f ms (%s)"
            .formatted(
                TRIES,
                accepted,
                refused,
                broken.size(),
                hit.size(),
                all.size(),
                slowest.slowestMs,
                slowest.slowest));
    Files.write(Path.of("target", "fuzz.txt"), lines);
    assertEquals(List.of(), broken);
    assertTrue(accepted >= 0.3 * TRIES, "accepted " + accepted + " of " + TRIES);
    assertTrue(!LONG || hit.size() >= 0.95 * all.size(), "places hit: " + hit.size());
  }
}
