package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A target and a scheme for it, damp air that moves the plan, a wrong order mended, a stencil
 * peeled inside its window, a fault that is planned in: cans, cost and date follow.
 */
class FinishJourneyTest {
  private static final String BUILD = "/builds/night-pilotage/finish";

  @Test
  void fromATargetToThePeel() {
    try (Yard yard = Yard.demo()) {
      Page page = yard.signedIn("ines");
      Hands hands = new Hands(page);
      try {
        page.navigate(yard.address(BUILD));
        hands.seesHeading("Finish").sees("Chart behind the glass");
        scheme(hands);
        damp(hands, yard);
        order(hands, yard);
        keyboard(hands);
        bench(hands, yard);
        helper(yard);
      } catch (Error | RuntimeException failed) {
        page.screenshot(
            new Page.ScreenshotOptions().setPath(Path.of("target", "finish-stopped-here.png")));
        throw failed;
      }
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static Locator button(Hands hands, String name) {
    return hands.page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
  }

  /** The trim towards brass: a primer with it, because it is always primed here. */
  private static void scheme(Hands hands) {
    button(hands, "Brass trim").click();
    hands.press("Schemes from stock");
    hands.write("Colour to come to", "#b08b3e");
    hands.sees("Brass metallic over Grey primer");
    button(hands, "Take Brass metallic over Grey primer, careful").click();
    hands.saved().sees("primer 1");
    assertThat(hands.page.getByText("No primer on the front")).hasCount(0);
    assertThat(row(hands, "Grey primer")).containsText("1 can");
    hands.press("Schemes from stock");
    assertEquals("#B08B3E", hands.value("Colour to come to"));
    hands.press("Close");
  }

  private static Locator row(Hands hands, String text) {
    return hands.page.locator(".needs tr", new Page.LocatorOptions().setHasText(text)).first();
  }

  /** Thursday turns too damp to spray: its coats go elsewhere, and back when it is as usual. */
  private static void damp(Hands hands, Yard yard) {
    hands.page.navigate(yard.address(BUILD + "?show=air"));
    hands.seesHeading("Air of the spray corner");
    Locator thursday =
        hands.page.locator(".week tr", new Page.LocatorOptions().setHasText("Thu 5 Mar"));
    Locator coats = thursday.locator("td").nth(6);
    assertThat(coats).not().hasText("—");
    String before = coats.textContent();
    Locator humidity = hands.page.getByLabel("Humidity on 5 Mar");
    humidity.fill("a lot");
    hands.sees("Can’t read this.");
    humidity.fill("110");
    assertThat(thursday.locator("[role=alert], .problem").first()).isVisible();
    humidity.fill("92");
    hands.saved();
    assertThat(thursday).containsText("no: over 85 %");
    assertThat(coats).hasText("—");
    assertNotEquals("—", before);
    button(hands, "5 Mar as usual").click();
    assertThat(coats).not().hasText("—");
  }

  /** Cream went on first: the remedy moves it behind the peel. */
  private static void order(Hands hands, Yard yard) {
    hands.page.navigate(yard.address(BUILD));
    hands.sees("Pattern vanishes from the front");
    assertThat(hands.page.locator(".sides")).containsText("a different colour");
    hands.press("Move Chart cream after the peel").saved();
    assertThat(hands.page.getByText("Pattern vanishes from the front")).hasCount(0);
    assertThat(hands.page.locator(".sides")).containsText("side by side only");
    // undone with one press, and done again: typing within three seconds would be one step
    hands.page.waitForTimeout(3_200);
    hands.jump("Control+z").sees("Pattern vanishes from the front");
    hands.press("Move Chart cream after the peel").saved();
    assertThat(hands.page.getByText("Pattern vanishes from the front")).hasCount(0);
  }

  /** A step goes to another place by keys; leafing shows the sheet between. */
  private static void keyboard(Hands hands) {
    Locator grip = hands.page.getByLabel("Move step 4, Chart cream: drag, or Alt and an arrow");
    grip.focus();
    hands.page.keyboard().press("Alt+ArrowUp");
    hands.saved();
    assertThat(hands.page.getByLabel("Move step 3, Chart cream: drag, or Alt and an arrow"))
        .isFocused();
    hands.sees("wanted #EDE3C4");
    hands.page.keyboard().press("Alt+ArrowDown");
    hands.saved();
    assertThat(hands.page.getByText("wanted #EDE3C4")).hasCount(0);
    Locator leaf = hands.page.locator(".leaf input");
    leaf.focus();
    hands.page.keyboard().press("Home");
    hands.sees("bare sheet");
    hands.page.keyboard().press("End");
    hands.sees("as listed");
  }

  private static void card(Hands hands, Yard yard, String step) {
    String key = "scheme:night-pilotage-left-paint/" + step;
    hands.page.navigate(
        yard.address(
            "/bench?build=night-pilotage&card=" + URLEncoder.encode(key, StandardCharsets.UTF_8)));
  }

  /** Through the steps to the peel, which has to be begun before its window closes. */
  private static void bench(Hands hands, Yard yard) {
    for (String step : List.of("wash", "mask", "=chart", "green/1", "green/2", "green/3")) {
      card(hands, yard, step);
      Locator labelled = hands.page.locator(".labelled .job");
      labelled.waitFor();
      hands.finish(labelled);
      hands.page.locator(".labelled .job.done, .labelled .job .said").first().waitFor();
    }
    card(hands, yard, "=peel");
    hands.sees("begin before");
    hands.finish(hands.page.locator(".labelled .job"));
    card(hands, yard, "green/3");
    button(hands, "A fault on Left window, back: colour coat 3").click();
    hands.choose("What is wrong", "dust");
    hands.write("Where, how large", "lower edge").press("Plan the repair");
    hands.page.navigate(yard.address(BUILD));
    hands.sees("flat and recoat");
    assertThat(hands.page.getByText("Peel window had closed")).hasCount(0);
    assertThat(row(hands, "Harbour green satin")).containsText("1 can");
  }

  /** A helper sees the plan and no money. */
  private static void helper(Yard yard) {
    Page page = yard.signedIn("lotte");
    page.navigate(yard.address(BUILD));
    Hands hands = new Hands(page);
    hands.seesHeading("Finish").press("Schemes from stock");
    hands.sees("until cured");
    assertTrue(page.getByText("€").count() == 0, "no amounts");
  }
}
