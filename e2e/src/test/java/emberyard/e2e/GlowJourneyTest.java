package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
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
    assertThat(page.locator("aside.watch")).not().containsText("a header gives 3.0 A");
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

  /** All colours that are painted. */
  private static String fills(Page page) {
    return (String)
        page.evaluate(
            "[...document.querySelectorAll('main svg [fill]')].map(e => e.getAttribute('fill')).join()");
  }
}
