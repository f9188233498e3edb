package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * The lights built into a component.
 *
 * @param leds of one, 1 to 500
 * @param milliampsPerLed of one LED at full white, 0.1 to 200 mA; 60 where it is left out
 * @param control what can be told to them; chosen colours where it is left out
 */
public record Lights(int leds, Double milliampsPerLed, RunData.Control control) {
  public Lights {
    Require.between("leds", leds, 1, 500, "LEDs");
    milliampsPerLed = milliampsPerLed == null ? 60 : milliampsPerLed;
    Require.between("milliampsPerLed", milliampsPerLed, 0.1, 200, "mA");
    control = control == null ? RunData.Control.COLOURS : control;
  }
}
