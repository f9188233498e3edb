package emberyard.core.light.wire;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Program;
import emberyard.core.build.Screen;
import emberyard.core.build.Size;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.yard.Samples;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Programs of screens and lights, and what a proof on the bench says. */
class ProgramTest {
  private static Program program(String id, double percent, String claims) {
    return new Program(id, "Program " + id, percent, 100, 0, true, false, claims, List.of(), "");
  }

  private static Work of(Program... programs) {
    Build build = Samples.build().with(Program.class, List.of(programs));
    return ProgramWork.derive(build, Samples.book(), List.of("screen:d1/fit"));
  }

  @Test
  void twoThatClaimTheSameFight() {
    Work work = of(program("a", 2, "Memory lights, fan bus"), program("b", 2, "memory LIGHTS"));
    Finding fight = work.findings().get(0);
    assertEquals(Severity.STOP, fight.severity());
    assertEquals("Program a and Program b fight over memory lights", fight.title());
    assertEquals("b", fight.remedies().get(0).change().thingId());
    assertTrue(of(program("a", 2, "x"), program("b", 2, "y")).findings().isEmpty());
    assertTrue(of(program("a", 2, "x, X, ")).findings().isEmpty(), "one does not fight itself");
  }

  @Test
  void togetherTheyTakeATenthOfTheProcessorAtMost() {
    assertTrue(of(program("a", 4, ""), program("b", 6, "")).findings().isEmpty());
    Finding share = of(program("a", 4.5, ""), program("b", 6, "")).findings().get(0);
    assertEquals("Programs take 10.5 % of the processor", share.title());
    assertEquals("2 programs; 10 % at most (default).", share.detail());
  }

  @Test
  void theBriefMayAllowLessOrMore() {
    Build build = Samples.build().with(Program.class, List.of(program("a", 4.5, "")));
    assertTrue(shares(build, null).isEmpty());
    assertTrue(shares(build, 4.5).isEmpty(), "as much as is allowed");
    assertEquals("1 program; 4 % at most (the brief).", shares(build, 4.0).get(0).detail());
    assertEquals(1, shares(build, 0.0).size(), "none at all is an answer");
    assertThrows(InvalidValue.class, () -> build.brief().withProgramPercent(101.0));
  }

  private static List<Finding> shares(Build build, @Nullable Double percent) {
    Brief brief = build.brief().withProgramPercent(percent);
    Build asked =
        Build.begun(brief, build.concept())
            .with(Program.class, build.programs())
            .with(Screen.class, build.screens());
    return ProgramWork.derive(asked, Samples.book(), List.of()).findings();
  }

  @Test
  void eachIsSetUpOnceWhatItDrivesIsPluggedIn() {
    List<Task> tasks = of(program("a", 1, ""), program("b", 1, "")).tasks();
    assertEquals(
        List.of("program:a/set-up", "program:b/set-up"), tasks.stream().map(Task::key).toList());
    assertEquals(List.of("screen:d1/fit"), tasks.get(0).after());
    assertEquals(20, tasks.get(0).handsOnMinutes());
  }

  /** 3 of 3 exclude faults at more than 63 % of starts, 10 of 10 at more than 26 %. */
  @Test
  void whatColdStartsProve() {
    assertEquals(63.2, ColdStart.faultsLeftPercent(3), 0.05);
    assertEquals(25.9, ColdStart.faultsLeftPercent(10), 0.05);
    assertEquals(
        "10 of 10 only excludes faults at more than 26 % of starts",
        new ColdStart("s", "Dial", 10, "").proves());
  }

  @Test
  void aLeadIsAsLongAsTheCaseSuggests() {
    assertEquals(600, Fed.leadMm(new Size(260, 388, 412)));
    assertEquals(500, Fed.leadMm(null));
  }
}
