package emberyard.server.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.brief.Interview;
import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.ManualTask;
import emberyard.core.record.TaskMark;
import emberyard.core.thing.Thing;
import emberyard.core.work.Stage;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class BuildGuardTest {
  private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");
  private static final Workshop WORKSHOP =
      Workshop.startingWith("Tollgate Works", "EUR", "Europe/Berlin");
  private static final WorkshopBook BOOK =
      YardReader.book(
          List.of(WORKSHOP, new Person("ines", "Ines", WORKSHOP.hours(), List.of(), 0)));

  /** A build with so many tasks of 100,000 minutes, about ten months each. */
  private static Build build(String id, int tasks) {
    List<Thing> things = new ArrayList<>();
    things.add(Brief.named(id, id, LocalDate.of(2026, 3, 2)));
    // agreed, so that it holds people
    things.add(new TaskMark("m", Interview.AGREE, TaskMark.What.DONE, NOW, "Ines", ""));
    for (int i = 0; i < tasks; i++) {
      things.add(
          new ManualTask(id + i, "On and on", Stage.MAKE, 100_000, 0, List.of(), List.of(), null));
    }
    return YardReader.build(things);
  }

  @Test
  void ofBuildsThatFailOnlyTogetherTheFirstStayAndTheOthersSayWhy() {
    List<Build> builds = List.of(build("first", 130), build("second", 130), build("small", 1));
    for (Build each : builds) {
      assertNull(Trial.fault(List.of(each), BOOK, NOW));
    }
    BuildGuard.Sifted sifted =
        BuildGuard.together(new BuildGuard.Sifted(builds, Map.of()), BOOK, NOW);
    assertEquals(List.of("first", "small"), sifted.builds().stream().map(Build::id).toList());
    assertEquals(Set.of("second"), sifted.broken().keySet());
    String sentence = sifted.broken().get("second").sentence();
    assertTrue(sentence.contains("before 2201"), sentence);
  }
}
