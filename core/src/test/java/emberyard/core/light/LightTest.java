package emberyard.core.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.LightStrip;
import emberyard.core.build.MountWay;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenMount;
import emberyard.core.finding.Finding;
import emberyard.core.light.wire.WiringWork;
import emberyard.core.work.Task;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LightTest {
  @Test
  void aStripIsCutBetweenTwoLights() {
    assertEquals(48, Samples.strip(800).leds());
    assertEquals(2.928, Samples.strip(800).amps(), 1e-9);
    assertEquals(48, Samples.strip(816).leds());
  }

  @Test
  void aHeaderGivesThreeAmperesAndTheRemedyFits() {
    var strip = Samples.strip(900);
    Finding finding = header(strip);
    assertEquals("Beam draws 3.3 A at full white; a header gives 3.0 A", finding.title());
    double fits = finding.remedies().get(1).change().value();
    assertTrue(Samples.strip(fits).amps() <= LightStrip.HEADER_AMPS);
  }

  @Test
  void whatStaysDarkAndAWeakSupplyAreNamed() {
    Screen one = Samples.screen();
    Screen two =
        Screen.one("d2", "Second", 58, 192)
            .pixelsWide(480)
            .pixelsHigh(1920)
            .input(Screen.Input.DISPLAY_PORT)
            .watts(6)
            .rail(one.rail())
            .build();
    BuildModel model = Samples.model(new Samples.Made().screens(List.of(one, two)).build());
    List<String> titles = model.findings().stream().map(Finding::title).toList();
    assertTrue(titles.contains("Second stays dark"), "no library here sells a lead");
    // 2 × 50 W hardware + 2 × 6 W screens + 2.93 A × 5 V, × 1.25
    assertTrue(titles.contains("No supply chosen yet; 158 W wanted"), titles.toString());
  }

  private static Finding header(LightStrip strip) {
    var b = Samples.build();
    var build =
        emberyard.core.build.Build.begun(b.brief(), b.concept())
            .with(LightStrip.class, List.of(strip));
    return LightWork.derive(
            build,
            Samples.book(),
            WiringWork.of(build, Samples.book(), c -> true),
            List.of(),
            Map.of(),
            List.of())
        .findings()
        .get(0);
  }

  /** How much tape holds a screen can be traced from the task that fits it. */
  @Test
  void theTapeOfAScreenIsTraced() {
    Screen taped =
        Screen.one("t", "Taped", 260, 70)
            .massKg(0.25)
            .mount(new ScreenMount(MountWay.TAPE, null, null, null))
            .build();
    BuildModel model = Samples.model(new Samples.Made().screens(List.of(taped)).build());
    Task fit =
        model.tasks().stream()
            .map(each -> each.task())
            .filter(task -> task.key().equals("screen:t/fit"))
            .findFirst()
            .orElseThrow();
    assertTrue(fit.why().formula().contains("57 cm² × mass"), fit.why()::formula);
    assertTrue(fit.why().inputs().contains("28.5 cm², 238 mm of 12 mm tape"));
  }
}
