package emberyard.core.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.brief.RequirementState.Judge;
import emberyard.core.build.Ban;
import emberyard.core.build.Comparison;
import emberyard.core.build.Face;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.build.Requirement;
import emberyard.core.build.Requirement.Outcome;
import emberyard.core.build.Requirement.Priority;
import emberyard.core.build.RequirementKind;
import emberyard.core.build.ThingLink;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.units.InvalidValue;
import emberyard.core.yard.Samples;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvaluationTest {
  private static final Facts NOTHING = Facts.of(Map.of());

  private static Requirement limited(Measure measure, Comparison comparison, double value) {
    return Requirement.limited("r", "text", Priority.MUST, Limit.of(measure, comparison, value));
  }

  private static RequirementState state(Requirement requirement, Facts facts) {
    return Evaluation.of(List.of(requirement), facts, "EUR").get(0);
  }

  private static Facts things(Facts.Present... things) {
    return new Facts(
        Map.of(),
        Set.of(),
        List.of(things),
        List.of(),
        Set.of("panels/p1"),
        true,
        Map.of(),
        Map.of());
  }

  private static Facts.Present vent(Face face) {
    return new Facts.Present("v", "Vent field", ItemKind.VENT, ItemMaterial.METAL, face);
  }

  @ParameterizedTest
  @CsvSource({
    "STORAGE_GB, AT_LEAST, 3000, 2999, FAILED",
    "STORAGE_GB, AT_LEAST, 3000, 3000, ANSWERED",
    "MEMORY_GB, AT_LEAST, 32, 64, ANSWERED",
    "HEIGHT_MM, AT_MOST, 460, 460, ANSWERED",
    "HEIGHT_MM, AT_MOST, 460, 460.1, FAILED",
    "MASS_KG, AT_MOST, 18, 12.4, ANSWERED",
    "HOT_SPOT_C, AT_MOST, 92, 95, FAILED",
    "NOISE_DBA, AT_MOST, 36, 36, ANSWERED",
    "TOTAL_MINOR, AT_MOST, 340000, 340001, FAILED",
    "SCREENS, AT_LEAST, 3, 2, FAILED"
  })
  void arithmeticHoldsTheValueAgainstTheLimitWhichItselfIsRight(
      Measure measure, Comparison comparison, double limit, double value, Outcome outcome) {
    RequirementState state =
        state(limited(measure, comparison, limit), Facts.of(Map.of(measure, value)));
    assertEquals(outcome, state.outcome());
    assertEquals(Judge.ARITHMETIC, state.by());
  }

  @Test
  void numbersAreWrittenAsTheyAreCompared() {
    Facts facts = Facts.of(Map.of(Measure.HEIGHT_MM, 412.0, Measure.TOTAL_MINOR, 295_075.0));
    assertEquals(
        "412.0 mm, ≤ 460.0 mm wanted",
        state(limited(Measure.HEIGHT_MM, Comparison.AT_MOST, 460), facts).numbers());
    String money =
        state(limited(Measure.TOTAL_MINOR, Comparison.AT_MOST, 340_000), facts).numbers();
    assertTrue(money.contains("2,950.75") && money.contains("3,400.00"), money);
  }

  @Test
  void aDayIsKeptOrMissed() {
    LocalDate day = LocalDate.of(2026, 3, 27);
    Requirement by = Requirement.limited("r", "by", Priority.MUST, Limit.by(day));
    Facts late = Facts.of(Map.of(Measure.REVEAL_DAY, (double) day.plusDays(1).toEpochDay()));
    assertEquals(Outcome.FAILED, state(by, late).outcome());
    Facts there = Facts.of(Map.of(Measure.REVEAL_DAY, (double) day.toEpochDay()));
    assertEquals(Outcome.ANSWERED, state(by, there).outcome());
  }

  @Test
  void whatIsNotKnownStaysOpen() {
    RequirementState state = state(limited(Measure.HEIGHT_MM, Comparison.AT_MOST, 460), NOTHING);
    assertEquals(Outcome.OPEN, state.outcome());
    assertEquals("not known yet, ≤ 460.0 mm wanted", state.numbers());
  }

  @Test
  void aReadingOfAnInstrumentCounts() {
    Limit read = new Limit(Measure.NOISE_DBA, Comparison.AT_MOST, 36, null, null, null, "", 37.5);
    Requirement quiet = Requirement.limited("r", "quiet", Priority.MUST, read);
    assertEquals(Outcome.FAILED, state(quiet, NOTHING).outcome());
    assertEquals("37.5 dBA, ≤ 36 dBA wanted", state(quiet, NOTHING).numbers());
  }

  private static Requirement hitch(String support, double mostKg) {
    Limit limit =
        new Limit(Measure.SUPPORT_KG, Comparison.AT_MOST, mostKg, null, null, null, support, null);
    return Requirement.limited("r", "Light on the hitch", Priority.MUST, limit);
  }

  /** By its name, however it is written; without one whichever carries most. */
  @Test
  void whatASupportCarriesIsHeldAgainstItsLimit() {
    Facts facts =
        new Facts(
            Map.of(),
            Set.of(),
            List.of(),
            List.of(),
            Set.of(),
            false,
            Map.of("Hitch", 1.83, "axle", 9.0),
            Map.of());
    assertEquals(Outcome.FAILED, state(hitch("hitch ", 1.5), facts).outcome());
    assertEquals("1.83 kg, ≤ 1.5 kg wanted", state(hitch("hitch", 1.5), facts).numbers());
    assertEquals(Outcome.ANSWERED, state(hitch("hitch", 2), facts).outcome());
    assertEquals(Outcome.FAILED, state(hitch("", 8.9), facts).outcome(), "the axle");
    RequirementState unknown = state(hitch("jockey wheel", 2), facts);
    assertEquals(Outcome.OPEN, unknown.outcome());
    assertEquals("no support is called “jockey wheel”, ≤ 2 kg wanted", unknown.numbers());
    assertEquals("not known yet, ≤ 2 kg wanted", state(hitch("hitch", 2), NOTHING).numbers());
  }

  @Test
  void aColourIsHeldAgainstTheNearestSurfaceOfItsFace() {
    Limit green =
        new Limit(
            Measure.COLOUR_DELTA_E00, Comparison.AT_MOST, 3, null, "#2E4A45", Face.LEFT, "", null);
    Requirement wanted = Requirement.limited("r", "green", Priority.MUST, green);
    Facts facts =
        new Facts(
            Map.of(),
            Set.of(),
            List.of(),
            List.of(
                new Facts.Surface(Face.FRONT, "#2E4A45", 0.9),
                new Facts.Surface(Face.LEFT, "#EDE3C4", 0.6),
                new Facts.Surface(Face.LEFT, "#2E4A45", 0.005)),
            Set.of(),
            true,
            Map.of(),
            Map.of());
    assertEquals(Outcome.FAILED, state(wanted, facts).outcome(), "a hair of green is no surface");
  }

  @Test
  void aBanIsKeptByAbsenceOnTheFacesThatShow() {
    Requirement ban =
        Requirement.banned("r", "no", Priority.MUST, new Ban(ItemKind.VENT, null, Face.FRONT));
    assertEquals(Outcome.OPEN, state(ban, NOTHING).outcome(), "nothing drawn yet");
    assertEquals(Outcome.ANSWERED, state(ban, things(vent(Face.LEFT))).outcome());
    RequirementState broken = state(ban, things(vent(Face.FRONT)));
    assertEquals(Outcome.FAILED, broken.outcome());
    assertEquals("1 found: Vent field", broken.numbers());
    Requirement metal =
        Requirement.banned("r", "no", Priority.MUST, new Ban(null, ItemMaterial.METAL, null));
    assertEquals(Outcome.FAILED, state(metal, things(vent(Face.LEFT))).outcome());
    assertThrows(InvalidValue.class, () -> new Ban(null, null, Face.FRONT));
  }

  @Test
  void aThingAnswersWhileItIsThere() {
    Requirement curve =
        new Requirement(
            "r",
            "curve",
            Priority.MUST,
            RequirementKind.LOOK,
            null,
            null,
            new ThingLink("panels", "p1"),
            "",
            Outcome.OPEN);
    assertEquals(Judge.THING, state(curve, things()).by());
    RequirementState gone = state(curve, NOTHING);
    assertEquals(Outcome.OPEN, gone.outcome());
    assertEquals("what answered it is gone", gone.numbers());
  }

  @Test
  void aPersonAnswersWithANote() {
    Requirement.Outcome answered = Outcome.ANSWERED;
    assertThrows(
        InvalidValue.class,
        () ->
            new Requirement(
                "r",
                "bell",
                Priority.NICE,
                RequirementKind.FUNCTION,
                null,
                null,
                null,
                "",
                answered));
    Requirement heard =
        new Requirement(
            "r",
            "bell",
            Priority.NICE,
            RequirementKind.FUNCTION,
            null,
            null,
            null,
            "heard it ring",
            answered);
    assertEquals(Judge.PERSON, state(heard, NOTHING).by());
  }

  @Test
  void theCapAndTheDayOfTheInterviewAreRequirementsToo() {
    List<RequirementState> states =
        Evaluation.of(Samples.brief(LocalDate.of(2026, 4, 10)), List.of(), NOTHING, "EUR");
    assertEquals(
        List.of(Evaluation.CAP, Evaluation.REVEAL),
        states.stream().map(state -> state.requirement().id()).toList());
    assertTrue(states.stream().allMatch(RequirementState::derived));
  }

  private static List<Finding> findings(boolean frozen, Facts facts, Requirement... requirements) {
    return BriefFindings.of(Evaluation.of(List.of(requirements), facts, "EUR"), facts, frozen);
  }

  @Test
  void aMustThatFailsIsAStopAndOneThatIsOpenAfterFreezingARisk() {
    Requirement tall = limited(Measure.HEIGHT_MM, Comparison.AT_MOST, 400);
    Facts facts = Facts.of(Map.of(Measure.HEIGHT_MM, 412.0));
    assertEquals(Severity.STOP, findings(false, facts, tall).get(0).severity());
    assertEquals(List.of(), findings(false, NOTHING, tall));
    assertEquals(Severity.RISK, findings(true, NOTHING, tall).get(0).severity());
    Requirement nice = Requirement.wish("r", "bell", Priority.NICE, RequirementKind.FUNCTION);
    assertEquals(List.of(), findings(true, NOTHING, nice));
  }

  @Test
  void twoLimitsNothingCanKeepAreNamedTogether() {
    Requirement low =
        Requirement.limited(
            "a",
            "fits the shelf",
            Priority.MUST,
            Limit.of(Measure.HEIGHT_MM, Comparison.AT_MOST, 300));
    Requirement high =
        Requirement.limited(
            "b",
            "taller than the old one",
            Priority.SHOULD,
            Limit.of(Measure.HEIGHT_MM, Comparison.AT_LEAST, 320));
    Finding conflict = findings(false, NOTHING, low, high).get(0);
    assertEquals(
        "“fits the shelf” and “taller than the old one” can’t both be kept", conflict.title());
    Requirement lower =
        Requirement.limited(
            "b", "x", Priority.SHOULD, Limit.of(Measure.HEIGHT_MM, Comparison.AT_LEAST, 300));
    assertEquals(List.of(), findings(false, NOTHING, low, lower), "exactly 300 keeps both");
  }

  @Test
  void aBanAgainstWhatAnswersAnotherIsNamedWithBoth() {
    Requirement ban =
        Requirement.banned("a", "no vent", Priority.MUST, new Ban(ItemKind.VENT, null, null));
    Requirement cool =
        new Requirement(
            "b",
            "stays cool",
            Priority.MUST,
            RequirementKind.FUNCTION,
            null,
            null,
            new ThingLink("items", "v"),
            "",
            Outcome.OPEN);
    List<Finding> found = findings(false, things(vent(Face.LEFT)), ban, cool);
    assertTrue(
        found.stream()
            .anyMatch(f -> f.title().equals("“no vent” and “stays cool” can’t both be kept")),
        found.toString());
  }
}
