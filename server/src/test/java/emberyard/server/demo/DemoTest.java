package emberyard.server.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Fuse;
import emberyard.core.yard.OptionModel;
import emberyard.core.yard.PendingChange;
import emberyard.core.yard.TaskState;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.YardPlan;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The demo tells its stories on whatever day it starts. */
class DemoTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "2026-03-02T09:42:00Z",
        "2026-03-03T09:42:00Z",
        "2026-03-04T09:42:00Z",
        "2026-03-05T09:42:00Z",
        "2026-03-06T16:30:00Z",
        "2026-03-07T09:42:00Z",
        "2026-03-08T23:58:00Z",
        "2026-12-31T16:30:00Z",
        "2028-02-29T00:02:00Z"
      })
  void theFiveBuildsStandAsTheirStoriesSay(String now) {
    DemoDays days = new DemoDays(Instant.parse(now), ZoneOffset.UTC);
    WorkshopBook book = DemoStories.book(days);
    YardPlan plan = YardPlan.of(DemoStories.builds(days), book, days.now());
    YardModel yard = plan.model();
    assertEquals(5, yard.builds().size());
    night(yard.builds().get("night-pilotage"));
    moss(yard.builds().get("moss-archive"));
    depot(yard.builds().get("line-9-depot"));
    finishes(
        yard.builds().get("night-pilotage"),
        yard.builds().get("moss-archive"),
        yard.builds().get("line-9-depot"),
        book);
    BuildModel kite = yard.builds().get("paper-kite");
    assertEquals(Fuse.Verdict.REVEALED, kite.fuse().verdict());
    assertTrue(kite.budget().earnedPerHourMinor() > 0, "real cost and hours are known");
    BuildModel glass = yard.builds().get("glasshouse");
    assertEquals(Fuse.Verdict.ENQUIRY, glass.fuse().verdict());
    long answered = glass.interview().answered();
    assertTrue(answered > 2 && answered < 9, "a half-finished interview: " + answered);
    for (BuildModel build : yard.builds().values()) {
      if (build != glass) {
        faces(build);
      }
    }
    concept(DemoStories.builds(days), book, plan);
  }

  private static void night(BuildModel night) {
    assertTrue(night.fuse().spareDays() < 6, "it is near: " + night.fuse().spareDays());
    Set<Severity> kinds =
        night.findings().stream().map(Finding::severity).collect(Collectors.toSet());
    assertTrue(kinds.containsAll(List.of(Severity.STOP, Severity.NOTE)));
    assertTrue(night.fit().space().unplaced().isEmpty(), "all is in");
    List<String> tight =
        night.findings().stream().map(Finding::key).filter(key -> key.endsWith("/tight")).toList();
    assertEquals(1, tight.size(), "with one tight margin: " + tight);
    assertEquals(
        "reveal/hand-over",
        night.chain().get(night.chain().size() - 1).key(),
        "what decides ends in the hand-over");
  }

  /** Every face but those nobody sees carries something, and nothing hangs over an edge. */
  private static void faces(BuildModel build) {
    assertEquals(6, build.faces().size());
    for (Elevation face : build.faces()) {
      assertTrue(!face.shown() || !face.items().isEmpty(), build.build().id() + " " + face.face());
      for (ElevationItem drawn : face.items()) {
        assertTrue(face.outline().contains(drawn.place()), build.build().id() + " " + drawn.name());
      }
    }
  }

  private static void concept(List<Build> builds, WorkshopBook book, YardPlan plan) {
    Build night = builds.get(0);
    List<OptionModel> options = OptionModel.of(night, plan, book);
    assertEquals(List.of("A", "B", "C"), options.stream().map(OptionModel::letter).toList());
    assertTrue(options.get(1).onTheTable(), "B was chosen");
    PendingChange pending = PendingChange.of(night, plan, book, true);
    assertEquals(List.of("Light “Bow light” added"), pending.differences());
    assertTrue(pending.deltaMinor() > 0, pending.toString());
  }

  private static void moss(BuildModel moss) {
    assertTrue(
        moss.tasks().stream().anyMatch(task -> task.state() == TaskState.WAITING),
        "coats are drying");
    assertTrue(
        moss.tasks().stream()
            .anyMatch(
                task ->
                    task.task().key().equals("part:moss-archive-screen/cut")
                        && !task.handsDone()
                        && task.log().verdict() != null),
        "one panel is to be redone");
  }

  /**
   * The chart in the wrong order with its remedy, the primer question, the failed card, the run.
   */
  private static void finishes(
      BuildModel night, BuildModel moss, BuildModel depot, WorkshopBook book) {
    Finding order = titled(night, "Pattern vanishes from the front");
    assertEquals("Move Chart cream after the peel", order.remedies().get(0).label());
    titled(night, "No primer on the front, and it is always primed here");
    titled(night, "3 coats of Fog grey matt don't hide");
    assertTrue(moss.build().faults().size() == 1 && moss.build().treatments().size() == 5);
    assertTrue(
        moss.tasks().stream().anyMatch(task -> task.task().key().endsWith("/stain-test")),
        "the stain was tested on an offcut");
    assertEquals(2, moss.finish(book).rolls().size(), "spines of two films");
    titled(depot, "The picture is too coarse: 102 dots per inch, 150 needed");
  }

  private static Finding titled(BuildModel build, String start) {
    return build.findings().stream()
        .filter(finding -> finding.title().startsWith(start))
        .findFirst()
        .orElseThrow(() -> new AssertionError(start));
  }

  private static void depot(BuildModel depot) {
    assertEquals(Fuse.Verdict.LATE, depot.fuse().verdict());
    List<String> titles = depot.findings().stream().map(Finding::title).toList();
    assertTrue(titles.stream().anyMatch(title -> title.contains("HDMI")), titles.toString());
    titled(depot, "Drive Slate 2 TB is not what was ordered");
    assertEquals(
        3,
        depot.build().orders().stream()
            .filter(line -> line.needKey().startsWith("screen:"))
            .count(),
        "the screens are on their way");
    Finding supply = titled(depot, "Supply Basalt 450 doesn’t go in: 11.5 mm height missing");
    assertTrue(supply.remedies().size() >= 3, "other supplies and a cut");
    titled(depot, "Radiator Tarn 360 thick doesn’t go in: 2.3 mm height missing, Memory Siskin");
    titled(depot, "Fan Swift 120 with dial looks to the back, wanted to the front");
  }
}
