package emberyard.core.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.Fitted.Air;
import emberyard.core.build.HoleField;
import emberyard.core.build.Loop;
import emberyard.core.build.Opening;
import emberyard.core.build.Thermal;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.air.AirBalance;
import emberyard.core.fit.air.Airflow;
import emberyard.core.fit.air.FanAir;
import emberyard.core.fit.heat.Circuit;
import emberyard.core.fit.heat.Radiator;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Task;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Heat and air of whole builds. */
class HeatProofTest extends Proof {
  private static Component hot(String id, double watts) {
    return part(id, ComponentKind.PROCESSOR, watts, 0).withThermal(Thermal.chip(95));
  }

  private static Thermal radiator(int sections, double rpm) {
    return new Thermal(null, null, sections, 120, 45, rpm, 0.4, 1.5, 90, 120, null);
  }

  /** A section nobody could reckon with is refused; beside no sections it hurts nothing. */
  @Test
  void aSectionIsAsLargeAsItsHeatIsReckonedWith() {
    assertThrows(
        InvalidValue.class, () -> new Thermal(null, null, 2, 1, 45, 900, 0, 0, 90, 120, null));
    new Thermal(null, null, 0, 60, 10, 900, 0, 0, 90, 120, null);
    new Thermal(null, null, 2, 0, 10, 900, 0, 0, 90, 120, null);
  }

  @Test
  void chipsAreAsWarmAsTheirCoolerLetsThem() {
    enclosure = null;
    components.add(hot("p", 200));
    assertEquals(Severity.STOP, found("component:p/uncooled").orElseThrow().severity());
    Thermal tower = new Thermal(null, 0.30, 0, 0, 0, 1_200, 0, 0, 0, 0, null);
    components.add(part("c", ComponentKind.COOLER, 0, 0).withThermal(tower));
    assertTrue(found("component:p/uncooled").isEmpty());
    Circuit air = fit().model().cooling().circuits().get(0);
    assertEquals(22 + 60, air.normal().chips().get(0).temperatureC(), 1e-9);
    assertEquals(3, air.hot().chips().get(0).marginK(), 1e-9);
    assertEquals(Severity.RISK, found("circuit:c/chip-0").orElseThrow().severity());
    components.set(0, hot("p", 250));
    assertEquals(Severity.STOP, found("circuit:c/chip-0").orElseThrow().severity());
  }

  @Test
  void aLoopNeedsCoolantFittingsAndATightnessTest() {
    components.add(hot("p", 200));
    components.add(
        part("block", ComponentKind.BLOCK, 0, 0)
            .withThermal(new Thermal(null, 0.2, 0, 0, 0, 0, 0.05, 0.2, 0, 0, null)));
    components.add(part("r", ComponentKind.RADIATOR, 0, 0).withThermal(radiator(3, 1_200)));
    components.add(part("pump", ComponentKind.PUMP, 20, 0));
    loops.add(
        new Loop(
            "loop",
            "Loop",
            List.of("block", "r", "pump"),
            List.of(new Loop.Run("round", 1_000, 10, 6, "", "G1/4")),
            0.5,
            ""));
    Circuit circuit = fit().model().cooling().circuits().get(0);
    assertEquals(220, circuit.heatW());
    assertEquals(24.3, circuit.normal().conductance(), 1e-9);
    assertEquals(0.4 + 0.05 + 0.5 + 0.0785, circuit.coolantL(), 1e-3);
    assertEquals(1.3, need("coolant:loop"), 1e-9);
    assertEquals(6, need("fitting:|G1/4"));
    List<Task> tasks = fit().goingIn();
    assertEquals(
        List.of("loop:loop/fill", "loop:loop/leak-run", "loop:loop/leak"),
        tasks.stream().map(Task::key).toList());
    assertEquals(24 * 60, tasks.get(1).waitMinutes());
    assertTrue(tasks.get(2).gate());
    components.set(2, part("r", ComponentKind.RADIATOR, 0, 0).withThermal(radiator(3, 0)));
    assertEquals(Severity.STOP, found("circuit:loop/dead").orElseThrow().severity());
  }

  private double need(String key) {
    return work().needs().stream()
        .filter(need -> need.key().equals(key))
        .findFirst()
        .orElseThrow()
        .quantity();
  }

  private static Opening opening(String id, Face face, HoleField field) {
    return new Opening(id, id, face, 0, 0, 120, 120, field, false);
  }

  private static Fitted through(String opening, Air air, Face wanted) {
    return new Fitted(null, "", opening, air, wanted);
  }

  @Test
  void radiatorsOneBehindTheOtherCountHalf() {
    enclosure =
        box(300, List.of(), List.of(opening("f", Face.FRONT, null), opening("t", Face.TOP, null)));
    Component one = part("in", ComponentKind.RADIATOR, 0, 0).withThermal(radiator(1, 1_200));
    components.add(one.withFitted(through("f", Air.INTAKE, null)));
    components.add(
        part("out", ComponentKind.RADIATOR, 0, 0)
            .withThermal(radiator(1, 1_200))
            .withFitted(through("t", Air.EXHAUST, null)));
    assertTrue(found("component:out/warmed").isPresent());
    loops.add(new Loop("l", "l", List.of("in", "out"), List.of(), 0, ""));
    assertEquals(
        List.of(1.0, 0.5),
        fit().model().cooling().circuits().get(0).radiators().stream()
            .map(Radiator::factor)
            .toList());
  }

  @Test
  void narrowFieldsWrongFacingsAndSealedFaces() {
    HoleField narrow = new HoleField(HoleField.Pattern.STAGGERED, 4, 6, 0);
    enclosure =
        box(
            300,
            List.of(),
            List.of(opening("f", Face.FRONT, narrow), opening("b", Face.BACK, null)));
    Thermal lit = new Thermal(null, null, 0, 0, 0, 1_200, 0, 0, 90, 120, Thermal.Shows.INLET_SIDE);
    components.add(
        part("in", ComponentKind.FAN, 0, 0)
            .withThermal(lit)
            .withFitted(through("f", Air.INTAKE, Face.FRONT)));
    components.add(
        part("out", ComponentKind.FAN, 0, 0)
            .withThermal(lit)
            .withFitted(through("b", Air.EXHAUST, Face.BACK)));
    Finding small = found("opening:f/in").orElseThrow();
    Remedy pitch = small.remedies().get(0);
    HoleField mended = new HoleField(HoleField.Pattern.STAGGERED, 4, pitch.change().value(), 0);
    assertTrue(mended.openShare() * 120 * 120 >= 0.8 * FanAir.sweptMm2(120));
    assertTrue(found("component:in/facing").isEmpty(), "drawn in, its inlet side looks out");
    assertTrue(found("component:out/facing").isPresent(), "blown out, its inlet side looks in");
    Airflow airflow = fit().model().airflow();
    assertEquals(AirBalance.Verdict.DRAWS_THROUGH_GAPS, airflow.balance().verdict());
    assertEquals(
        Map.of(Face.FRONT, 0.0, Face.BACK, airflow.balance().intakeM3PerHour()),
        Map.of(
            airflow.sealing().get(0).face(),
            airflow.sealing().get(0).balance().intakeM3PerHour(),
            airflow.sealing().get(1).face(),
            airflow.sealing().get(1).balance().intakeM3PerHour()));
  }
}
