package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Every screen of the demo: accessible by axe, no amount another than on a screen before, and
 * pictured for the documents; half of them at night too, the other half in the long proofs. With
 * {@code -Dember.screenshots=FOLDER} the pictures are written there.
 */
class ScreensTest {
  private static final boolean LONG = Boolean.getBoolean("ember.long");
  private int screens;

  private static final Map<String, String> PICTURED =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry("/yard", "yard"),
              Map.entry("/bench", "bench"),
              Map.entry("/stock", "stock"),
              Map.entry("/workshop", "workshop"),
              Map.entry("/builds/night-pilotage/brief", "brief"),
              Map.entry("/builds/night-pilotage/concept", "concept"),
              Map.entry("/builds/night-pilotage/concept?show=palette", "palette"),
              Map.entry("/builds/line-9-depot/fit", "fit"),
              Map.entry("/builds/line-9-depot/supply", "order"),
              Map.entry("/builds/night-pilotage/make", "make"),
              Map.entry("/builds/night-pilotage/make?show=sheets", "sheets"),
              Map.entry("/builds/night-pilotage/finish", "finish"),
              Map.entry("/builds/line-9-depot/light", "light"),
              Map.entry("/builds/line-9-depot/light?show=pictures", "pictures"),
              Map.entry("/builds/moss-archive/bench", "assemble"),
              Map.entry("/builds/paper-kite/prove", "prove"),
              Map.entry("/builds/paper-kite/reveal", "reveal"),
              Map.entry("/builds/night-pilotage/plan", "plan"),
              Map.entry("/builds/night-pilotage/money", "money")));

  /** Looked at by axe, not pictured. */
  private static final List<String> OTHERS =
      List.of(
          "/suppliers",
          "/builds/line-9-depot/supply?show=way",
          "/builds/night-pilotage/supply?show=here",
          "/builds/night-pilotage/concept?show=agreed",
          "/builds/night-pilotage/concept?show=options",
          "/builds/moss-archive/finish?show=film",
          "/builds/line-9-depot/light?show=screens",
          "/builds/night-pilotage/light?show=runs",
          "/builds/line-9-depot/light?show=programs",
          "/builds/line-9-depot/finish?show=outside",
          "/builds/night-pilotage/finish?show=air",
          "/builds/night-pilotage/make?show=joints",
          "/builds/night-pilotage/make?show=prints",
          "/builds/night-pilotage/make?show=photo",
          "/builds/line-9-depot/make",
          "/builds/night-pilotage/history",
          "/builds/night-pilotage/history?show=changes",
          "/builds/glasshouse/brief",
          "/builds/glasshouse/concept",
          "/builds/line-9-depot/concept",
          "/builds/night-pilotage/fit",
          "/builds/glasshouse/fit",
          "/builds/line-9-depot/fit?show=hardware",
          "/builds/line-9-depot/fit?show=enclosure",
          "/builds/line-9-depot/fit?show=held",
          "/builds/line-9-depot/fit?show=fed",
          "/builds/line-9-depot/fit?show=cooled",
          "/builds/line-9-depot/fit?show=air",
          "/builds/line-9-depot/fit?show=stands",
          "/builds/night-pilotage/fit?show=sheets");

  /** Where the same money is said in several places. */
  private static final List<String> MONEY_STOPS =
      List.of(
          "brief",
          "concept",
          "concept?show=options",
          "concept?show=agreed",
          "concept?show=faces",
          "fit?show=hardware",
          "make?show=sheets",
          "finish",
          "light",
          "supply",
          "supply?show=way",
          "supply?show=here",
          "money",
          "reveal");

  @Test
  void everyScreenIsAccessibleAndPictured() throws IOException {
    try (Yard yard = Yard.demo()) {
      yard.clockStands();
      List<String> faults = new ArrayList<>();
      FiguresSeen figures = new FiguresSeen();
      Page door = yard.window();
      door.navigate(yard.address("/"));
      door.getByLabel("Name").waitFor();
      faults.addAll(axe(door, "sign-in"));
      Page page = yard.signedIn("ines");
      for (Map.Entry<String, String> screen : PICTURED.entrySet()) {
        open(yard, page, screen.getKey());
        picture(page, screen.getValue());
        figures.read(page, screen.getKey());
        faults.addAll(axeByDayAndNight(page, screen.getValue()));
      }
      for (String path : OTHERS) {
        open(yard, page, path);
        figures.read(page, path);
        faults.addAll(axeByDayAndNight(page, path));
      }
      assertEquals(List.of(), faults);
      for (String build : List.of("night-pilotage", "line-9-depot")) {
        for (String stop : MONEY_STOPS) {
          open(yard, page, "/builds/" + build + "/" + stop);
          figures.read(page, build + "/" + stop);
          assertEquals(List.of(), FiguresSeen.without(page), build + "/" + stop);
        }
      }
      assertEquals(List.of(), yard.complaints);
      assertEquals(List.of(), figures.contradictions());
      assertTrue(figures.onSeveralScreens() >= 60, "figures on several screens");
      assertTrue(figures.sums() >= 5, "sums that were added up again");
    }
  }

  private static void open(Yard yard, Page page, String path) {
    page.navigate(yard.address(path));
    page.locator("main").first().waitFor();
    assertThat(page.locator("main [role=status]")).hasCount(0);
    page.waitForTimeout(500);
  }

  private List<String> axeByDayAndNight(Page page, String name) throws IOException {
    List<String> faults = new ArrayList<>(axe(page, name));
    faults.addAll(secondBars(page, name));
    if (!LONG && screens++ % 2 == 1) {
      return faults;
    }
    page.evaluate("document.documentElement.classList.add('night')");
    faults.addAll(axe(page, name + ", night bench"));
    page.evaluate("document.documentElement.classList.remove('night')");
    return faults;
  }

  /** A build's screen scrolls inside its frame; the page around it never does, nor sideways. */
  @SuppressWarnings("unchecked")
  private static List<String> secondBars(Page page, String name) {
    return (List<String>)
        page.evaluate(
            """
            (name) => {
              const all = document.documentElement
              const tall = document.querySelector('.frame') && all.scrollHeight > innerHeight + 1
              const wide = all.scrollWidth > innerWidth + 1
              return [tall && `${name}: ${all.scrollHeight} px tall`, wide && `${name}: too wide`]
                .filter(Boolean)
            }
            """,
            name);
  }

  private static void picture(Page page, String name) {
    String folder = System.getProperty("ember.screenshots", "");
    if (!folder.isBlank()) {
      page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(folder, name + ".png")));
    }
  }

  @SuppressWarnings("unchecked")
  private static List<String> axe(Page page, String name) throws IOException {
    page.evaluate(Files.readString(Path.of(System.getProperty("ember.axe"))));
    return (List<String>)
        page.evaluate(
            """
            async (name) => {
              const found = await axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'best-practice'] })
              return found.violations.map((each) =>
                `${name}: ${each.id}: ${each.nodes.slice(0, 4).map((n) => n.html.slice(0, 140)).join(' | ')}`)
            }
            """,
            name);
  }
}
