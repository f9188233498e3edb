package emberyard.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Face;
import emberyard.core.build.Snag;
import emberyard.core.finding.Finding;
import emberyard.core.record.TaskMark;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.GateRule;
import emberyard.core.yard.Samples;
import emberyard.core.yard.TaskModel;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.CardDrawing;
import emberyard.core.yard.day.DayCard;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A snag is mended by a step; a bad one holds the closing of the build. */
class SnagWorkTest {
  private static final Instant NOW = Samples.MONDAY_NINE;

  private static Snag snag(Snag.How how, Instant at) {
    return new Snag(
        "s1", "Scratch by the hinge", how, "p1", null, 40.0, 30.0, null, "", at, "Ines Varga");
  }

  private static BuildModel model(Build build) {
    return YardModel.of(List.of(build), Samples.book(), NOW).builds().get(build.id());
  }

  private static TaskModel task(BuildModel model, String key) {
    return model.tasks().stream()
        .filter(each -> each.task().key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static Build with(Snag snag, TaskMark... marks) {
    return Samples.build().with(Snag.class, List.of(snag)).with(TaskMark.class, List.of(marks));
  }

  private static TaskMark mark(String key, TaskMark.What what, Instant at) {
    return new TaskMark(key + what, key, what, at, "Ines Varga", "looked at it");
  }

  @Test
  void aBadSnagHoldsTheClosing() {
    BuildModel bad = model(with(snag(Snag.How.BAD, NOW)));
    TaskModel mend = task(bad, "snag:s1/mend");
    assertEquals("Mend: Scratch by the hinge", mend.task().title());
    assertEquals(20, mend.task().handsOnMinutes());
    assertTrue(mend.task().gate(), "somebody says that it is right");
    assertTrue(task(bad, AssembleWork.CLOSE).task().after().contains("snag:s1/mend"));
    String refusal = GateRule.refusal(bad, AssembleWork.CLOSE, TaskMark.What.PASSED).orElseThrow();
    assertTrue(refusal.contains("has to pass first"), refusal);
  }

  @Test
  void oneThatIsSeenHoldsTheHandOverOnly() {
    BuildModel seen = model(with(snag(Snag.How.SEEN, NOW)));
    assertFalse(task(seen, AssembleWork.CLOSE).task().after().contains("snag:s1/mend"));
    assertFalse(task(seen, "snag:s1/mend").task().gate());
    assertTrue(task(seen, "reveal/photograph").task().after().contains("snag:s1/mend"));
  }

  @Test
  void oneThatIsFoundAfterClosingIsSaid() {
    TaskMark closed = mark(AssembleWork.CLOSE, TaskMark.What.PASSED, NOW.minusSeconds(60));
    String key = "snag:s1/closed";
    assertTrue(keys(model(with(snag(Snag.How.BAD, NOW), closed))).contains(key));
    assertFalse(keys(model(with(snag(Snag.How.SEEN, NOW), closed))).contains(key));
    Instant before = NOW.minus(Duration.ofHours(1));
    assertFalse(keys(model(with(snag(Snag.How.BAD, before), closed))).contains(key));
    TaskMark mended = mark("snag:s1/mend", TaskMark.What.PASSED, NOW);
    assertFalse(keys(model(with(snag(Snag.How.BAD, NOW), closed, mended))).contains(key));
  }

  private static List<String> keys(BuildModel model) {
    return model.findings().stream().map(Finding::key).toList();
  }

  /** 40 across and 30 up on a panel of 412 × 388: a circle of 4 % of 412 there. */
  @Test
  void itsCardShowsThePlace() {
    Build build = with(snag(Snag.How.SEEN, NOW));
    YardModel yard = YardModel.of(List.of(build), Samples.book(), NOW);
    DayCard card =
        BenchDay.card(yard, Samples.book(), NOW, "ines", yard.builds().get("b1"), "snag:s1/mend")
            .orElseThrow();
    CardDrawing drawing = card.drawing();
    assertEquals("p1", drawing.panelId());
    CardDrawing.Shape spot = drawing.shapes().get(drawing.shapes().size() - 1);
    assertEquals(CardDrawing.Shape.Shown.MARKED, spot.shown());
    assertTrue(spot.path().startsWith("M23.52 30a16.48 16.48"), spot.path());
    assertEquals(
        List.of("p1"),
        CardDrawing.places(yard.builds().get("b1")).stream()
            .map(CardDrawing::panelId)
            .filter(id -> !id.isEmpty())
            .toList());
  }

  @Test
  void aPlaceIsOnAPartOrAFaceAndWhole() {
    assertThrows(InvalidValue.class, () -> at("p1", Face.LEFT, 1.0, 1.0));
    assertThrows(InvalidValue.class, () -> at("p1", null, 1.0, null));
    assertThrows(InvalidValue.class, () -> at("", null, 1.0, 1.0));
    assertEquals(Face.LEFT, at("", Face.LEFT, null, null).face());
  }

  private static Snag at(String panel, Face face, Double x, Double y) {
    return new Snag("s", "dent", null, panel, face, x, y, 5, "", NOW, "Ines");
  }
}
