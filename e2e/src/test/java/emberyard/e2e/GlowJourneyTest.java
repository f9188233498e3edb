package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A run is laid, its volts are seen, scenes are set, and the faces show them. */
class GlowJourneyTest extends OnDemo {
  private static Locator watch(Page page, String words) {
    return page.locator("aside.watch button")
        .filter(new Locator.FilterOptions().setHasText(words))
        .first();
  }

  @Test
  void aRunIsLaidFedAndDimmedAndTheFacesShowIt() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/line-9-depot/light?show=runs"));
    hands.seesHeading("Light").sees("84 LEDs");
    hands.sees("Sodium lamps draws 3.7 A in “work”; a header gives 3.0 A");

    // what is offered is taken: the scene is darker, and the header carries it
    watch(page, "“work” at").click();
    hands.saved();
    assertThat(page.locator("aside.watch")).not().containsText("draws 3.7 A");
    watch(page, "Feed both ends").click();
    hands.saved();
    assertThat(page.locator("aside.watch")).not().containsText("turns yellow");
    assertThat(page.locator("article.run circle.feed")).hasCount(2);

    // by keyboard: another scene, and how bright the lamps are in it
    Locator camera = hands.button("camera");
    camera.focus();
    page.keyboard().press("Enter");
    assertThat(camera).hasAttribute("aria-pressed", "true");
    String before = fills(page);
    hands.write("Brightness of Sodium lamps", "90").saved();
    hands.sees("in camera");
    page.waitForCondition(() -> !fills(page).equals(before));

    // a run of one's own along two edges of the face: as long as they are
    hands.press("Add a light strip").saved();
    page.locator("article.run").last().locator("summary").click();
    page.locator("article.run").last().getByText("Lay it on a face").click();
    hands.saved();
    assertThat(page.locator("article.run").last()).containsText("along the top of the front");
    assertThat(page.locator("article.run").last().getByLabel("Length")).isDisabled();

    // the faces take the scene
    page.navigate(yard.address("/builds/line-9-depot/concept"));
    hands.press("Camera");
    String lit = fills(page);
    hands.press("Work");
    page.waitForCondition(() -> !fills(page).equals(lit));
    assertNotEquals(lit, fills(page));
  }

  /** Both sides of a finish are seen in a scene, and change with it. */
  @Test
  void aFinishTakesTheScene() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/night-pilotage/finish"));
    hands.seesHeading("Finish");
    hands.button("night").first().waitFor();
    String day = fills(page);
    hands.press("night");
    page.waitForCondition(() -> !fills(page).equals(day));
    String night = fills(page);
    hands.press("show");
    page.waitForCondition(() -> !fills(page).equals(night));
  }

  /** The drawing only paints what the core gives: 20 points and more in every scene. */
  @Test
  void whatIsPaintedInASceneIsWhatTheCoreGives() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/night-pilotage/light?show=runs"));
    hands.seesHeading("Light").sees("Told apart in show");
    for (String scene : List.of("show", "camera", "night")) {
      hands.press(scene);
      hands.sees("Told apart in " + scene);
      page.locator("svg[aria-label='Front face in %s']".formatted(scene)).waitFor();
      // its light comes a moment later
      page.waitForCondition(() -> ((List<?>) points(page, scene).get("wrong")).isEmpty());
      Map<?, ?> found = points(page, scene);
      assertEquals(List.of(), found.get("wrong"), scene);
      int checked = ((Number) found.get("checked")).intValue();
      assertTrue(checked >= 20, checked + " points in " + scene);
    }
  }

  private static Map<?, ?> points(Page page, String scene) {
    return (Map<?, ?>) page.evaluate(POINTS, scene);
  }

  /** What lies at points of a lattice, held against what the server says of that face. */
  private static final String POINTS =
      """
      async (scene) => {
        const base = '/api/builds/night-pilotage/concept?scene=night-pilotage-' + scene
        const { faces } = await (await fetch(base)).json()
        const { elevation, dusk } = faces.find((each) => each.elevation.face === 'FRONT')
        const svg = document.querySelector(`svg[aria-label="Front face in ${scene}"]`)
        if (!svg) return { checked: 0, wrong: ['not drawn'] }
        const matrix = svg.getScreenCTM()
        const wrong = []
        let checked = 0
        for (let i = 0; i < 10; i++) for (let j = 0; j < 8; j++) {
          const x = ((i + 0.37) / 10) * elevation.widthMm
          const y = ((j + 0.41) / 8) * elevation.heightMm
          const at = new DOMPoint(x, y).matrixTransform(matrix)
          const top = document.elementsFromPoint(at.x, at.y).find((each) => each.closest('[data-of]'))
          if (!top || !top.getAttribute('fill')) continue
          const of = top.closest('[data-of]').dataset.of
          const mesh = dusk[of]
          const item = elevation.items.find((each) => each.id === of)
          const place = item?.place ?? { xMm: 0, yMm: 0, widthMm: elevation.widthMm, heightMm: elevation.heightMm }
          if (!mesh) continue
          const column = ((x - place.xMm) / place.widthMm) * mesh.columns
          const row = ((y - (elevation.heightMm - place.yMm - place.heightMm)) / place.heightMm) * mesh.rows
          const near = (value) => Math.abs(value - Math.round(value)) < 0.05
          if (mesh.hexes.length > 1 && (near(column) || near(row))) continue
          const index = mesh.hexes.length === 1 ? 0 : Math.floor(row) * mesh.columns + Math.floor(column)
          checked++
          if (mesh.hexes[index] !== top.getAttribute('fill')) wrong.push(`${of} ${x} ${y}`)
        }
        return { checked, wrong }
      }
      """;

  /** All colours that are painted. */
  private static String fills(Page page) {
    return (String)
        page.evaluate(
            "[...document.querySelectorAll('main svg [fill]')].map(e => e.getAttribute('fill')).join()");
  }
}
