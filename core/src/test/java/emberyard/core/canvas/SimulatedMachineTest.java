package emberyard.core.canvas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.canvas.LiveValues.PastValue;
import emberyard.core.canvas.SimulatedMachine.Load;
import emberyard.core.units.InvalidValue;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The stand-in for a machine that tells how it is. */
class SimulatedMachineTest {
  private static final double LONG = 3_600;

  private static double coolant(Load load, double room, double seconds) {
    return new SimulatedMachine(load, room, 1).at(seconds).get("coolant.celsius");
  }

  @Test
  void itSettlesWhereItsWattsTakeIt() {
    double idle = coolant(Load.IDLE, 20, LONG);
    double full = coolant(Load.LOAD, 20, LONG);
    assertTrue(idle > 21 && idle < 24, "idle " + idle);
    assertTrue(full > 35 && full < 40, "full load " + full);
    assertTrue(coolant(Load.GAME, 20, LONG) > idle);
    assertTrue(coolant(Load.GAME, 20, LONG) < full);
  }

  @Test
  void aWarmerRoomWarmsItAsMuch() {
    double apart = coolant(Load.LOAD, 30, LONG) - coolant(Load.LOAD, 20, LONG);
    assertEquals(10, apart, 0.15);
  }

  @Test
  void itWarmsSlowlyAndNeverJumps() {
    SimulatedMachine machine = new SimulatedMachine(Load.LOAD, 22, 5);
    double before = machine.at(0).get("coolant.celsius");
    assertEquals(22, before);
    for (int second = 10; second <= 900; second += 10) {
      double now = machine.at(second).get("coolant.celsius");
      assertTrue(now >= before - 0.11 && now - before < 1, second + " s: " + before + " " + now);
      before = now;
    }
  }

  @Test
  void theSameSeedAndMomentTellTheSame() {
    for (double second : new double[] {0, 7, 61.5, 4_000, 90_000}) {
      Map<String, Double> once = new SimulatedMachine(Load.GAME, 22, 3).at(second);
      assertEquals(once, new SimulatedMachine(Load.GAME, 22, 3).at(second));
    }
    assertNotEquals(
        new SimulatedMachine(Load.GAME, 22, 3).at(60),
        new SimulatedMachine(Load.GAME, 22, 4).at(60));
  }

  @Test
  void nothingItTellsIsOutOfRange() {
    for (Load load : Load.values()) {
      for (long seed = 0; seed < 20; seed++) {
        Map<String, Double> told = new SimulatedMachine(load, 22, seed).at(seed * 97);
        assertEquals(SimulatedMachine.names(), List.copyOf(told.keySet()));
        told.forEach(
            (name, value) -> {
              assertTrue(Double.isFinite(value) && value >= 0, name + " " + value);
              if (name.endsWith("percent")) {
                assertTrue(value <= 100, name + " " + value);
              }
            });
        assertTrue(told.get("processor.celsius") < 105, told.toString());
        assertTrue(told.get("fans.rpm") >= 500);
      }
    }
    assertEquals(0, new SimulatedMachine(Load.IDLE, 22, 1).at(50).get("frames.perSecond"));
  }

  @Test
  void whatItToldIsWhatItTellsAtThatMoment() {
    SimulatedMachine machine = new SimulatedMachine(Load.GAME, 22, 1);
    List<PastValue> past = machine.past(5).get("graphics.celsius");
    assertEquals(21, past.size());
    assertEquals(5, past.get(0).minutesAgo());
    assertEquals(0, past.get(20).minutesAgo());
    for (PastValue each : past) {
      double second = (5 - each.minutesAgo()) * 60;
      assertEquals(machine.at(second).get("graphics.celsius"), each.number(), 1e-9);
    }
  }

  @Test
  void aRoomLikeNoneIsRefused() {
    assertThrows(InvalidValue.class, () -> new SimulatedMachine(Load.IDLE, 61, 1));
    assertThrows(InvalidValue.class, () -> new SimulatedMachine(Load.IDLE, Double.NaN, 1));
    assertThrows(InvalidValue.class, () -> new SimulatedMachine(Load.IDLE, 20, 1).at(-1));
  }
}
