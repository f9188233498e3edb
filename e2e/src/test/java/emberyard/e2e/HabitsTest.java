package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import org.junit.jupiter.api.Test;

/** Keyboard, undo, lost connection, helpers: on the demo. */
class HabitsTest extends OnDemo {
  @Test
  void everythingIsReachedByKeys() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Night Pilotage")).focus();
    page.keyboard().press("Enter");
    hands.seesHeading("Brief");
    String[][] stops = {
      {"2", "Concept"}, {"3", "Fit"}, {"4", "Order"}, {"5", "Make"}, {"6", "Finish"},
      {"7", "Light"}, {"8", "Assemble"}, {"9", "Prove"}, {"0", "Reveal"}, {"1", "Brief"},
      {"p", "Plan"}, {"m", "Money"}
    };
    for (String[] stop : stops) {
      page.keyboard().press(stop[0]);
      hands.seesHeading(stop[1]);
    }
    page.keyboard().press("w");
    assertThat(page.locator(".watch.folded")).hasCount(1);
    page.keyboard().press("w");
    page.keyboard().press("?");
    hands.sees("take back what you did last");
    page.keyboard().press("Escape");
    new Hands(page).find("brass trim f");
    page.keyboard().press("Enter");
    hands.seesHeading("Make");
    page.keyboard().press("b");
    hands.seesHeading("Bench");
    page.keyboard().press("s");
    page.locator("[aria-label^='Stop the clock: ']").first().waitFor();
    page.keyboard().press("s");
    assertThat(page.locator("[aria-label^='Stop the clock: ']")).hasCount(0);
    page.keyboard().press("y");
    hands.seesHeading("Yard");
  }

  @Test
  void keysTypeInsideAFieldAndCtrlZTakesTheLastChangeBack() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/moss-archive/make"));
    hands.seesHeading("Make");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).click();
    page.keyboard().press("End");
    page.keyboard().type(" y2");
    hands.saved();
    assertEquals("Birch side y2", hands.value("Name"));
    page.keyboard().press("Control+z");
    hands.sees("Taken back in this build: “Birch side” (part).");
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Birch side");
    page.keyboard().press("Control+y");
    hands.sees("Done again in this build: “Birch side y2” (part).");
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Birch side y2");
    page.keyboard().press("Control+z");
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Birch side");
  }

  @Test
  void whatCanNotBeReadIsNotAddedAndWhatMovesOthersIsNamed() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/moss-archive/plan"));
    hands.seesHeading("Plan");
    hands.write("Work the design does not say", "Dry the moss").write("Hands-on", "2,5 h");
    hands.press("Add this task");
    assertThat(page.getByLabel("Hands-on")).isFocused();
    hands.sees("2.5 or 2,500?");
    assertThat(page.locator("td").getByText("Dry the moss")).hasCount(0);
    hands.write("Hands-on", "30 h").press("Add this task").saved();
    assertThat(page.locator("td").getByText("Dry the moss").first()).isVisible();
    hands.sees("Moved by your last change");
    assertThat(page.locator("section.moved a").first()).containsText("it shares");
    hands.press("Undo");
    assertThat(page.locator("td").getByText("Dry the moss")).hasCount(0);
  }

  @Test
  void theServerMayGoAndNothingTypedIsLost() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/glasshouse/brief"));
    hands.seesHeading("Brief");
    yard.kill();
    hands.write("Client", "Orchid house");
    hands.sees("The workshop’s computer does not answer.");
    hands.write("Client", "Orchid house, north wing");
    yard.start();
    page.locator(".state.saved").waitFor();
    page.reload();
    // a server that has just started works the whole yard out first
    page.locator("main h2", new Page.LocatorOptions().setHasText("Brief"))
        .waitFor(new com.microsoft.playwright.Locator.WaitForOptions().setTimeout(30_000));
    assertEquals("Orchid house, north wing", hands.value("Client"));
  }

  @Test
  void helpersSeeNoMoney() {
    Page page = yard.signedIn("lotte");
    Hands hands = new Hands(page);
    assertThat(page.getByText("an hour earned")).hasCount(0);
    for (String stop : new String[] {"concept", "supply", "fit", "light", "reveal"}) {
      page.navigate(yard.address("/builds/night-pilotage/" + stop));
      page.locator("main h2").first().waitFor();
      assertThat(page.getByText("€")).hasCount(0);
    }
    page.navigate(yard.address("/workshop"));
    hands.sees("Settings are changed by the owner.");
  }

  @Test
  void theStoryPrintsDarkOnPaperAlsoFromTheNightBench() {
    Page page = yard.signedIn("ines");
    new Hands(page).press("Night bench");
    page.navigate(yard.address("/builds/paper-kite/reveal"));
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    page.locator(".story h2").waitFor();
    assertEquals(
        "rgb(34, 29, 25)",
        page.evaluate("getComputedStyle(document.querySelector('.story h2')).color"));
    assertThat(page.locator(".rail")).isHidden();
    assertThat(page.getByText("For the owner")).isHidden();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    new Hands(page).press("Day bench");
  }

  @Test
  void theBenchFitsAPhone() {
    Page page = yard.signedIn(yard.window(390, 800), "lotte");
    page.navigate(yard.address("/bench"));
    page.locator("article.job").first().waitFor();
    Object overflow =
        page.evaluate("document.querySelector('.today').scrollWidth <= window.innerWidth");
    assertEquals(true, overflow, "no sideways scrolling");
    Object small =
        page.evaluate(
            "[...document.querySelectorAll('.job .acts button')]"
                + ".filter(b => b.getBoundingClientRect().height < 44).length");
    assertEquals(0, ((Number) small).intValue(), "targets of 44 px");
  }
}
