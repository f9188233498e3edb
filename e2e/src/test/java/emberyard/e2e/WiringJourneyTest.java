package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A third screen: seen dark and why, mended, fixed by hand, bought, proven, taken back. */
class WiringJourneyTest extends OnDemo {
  private static Locator end(Page page, String name) {
    return page.locator(".picture button").filter(new Locator.FilterOptions().setHasText(name));
  }

  private static void press(Page page, String words) {
    page.locator("aside.watch button")
        .filter(new Locator.FilterOptions().setHasText(words))
        .first()
        .click();
  }

  @Test
  void aDarkScreenIsMendedAndItsLeadIsFixedByKeyboard() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/line-9-depot/light"));
    hands.seesHeading("Light").sees("3 of 4 screens light");
    assertThat(end(page, "Destination board 3")).containsText("dark");
    hands.sees("Destination board 3 stays dark");
    hands.sees("its device gives 2 pictures at once and all are used");
    assertThat(page.locator(".picture .missing")).hasCount(1);

    // the change was solved before it was offered: it lights
    press(page, "more ways");
    press(page, "Take Processor Plover 6G instead of Processor Plover 6");
    hands.sees("4 of 4 screens light");
    assertThat(end(page, "Destination board 3")).not().containsText("dark");
    hands.sees("To be proven on the bench");

    // by keyboard: what may feed the first board, and another socket for it
    Locator board = end(page, "Destination board 2");
    board.focus();
    page.keyboard().press("Enter");
    Locator joins = page.locator("section.joins");
    assertThat(joins).containsText("What can feed Destination board 2");
    Locator display =
        joins
            .locator("li")
            .filter(new Locator.FilterOptions().setHasText("2 × DisplayPort, Graphics"))
            .first();
    display.getByRole(AriaRole.BUTTON).focus();
    page.keyboard().press("Enter");
    hands.saved();
    assertThat(board).containsText("fixed");
    assertThat(joins.locator("li").filter(new Locator.FilterOptions().setHasText("Graphics")))
        .containsText(new String[] {"HDMI", "feeds it now"});
    page.keyboard().press("Escape");
    assertThat(joins).hasCount(0);

    // what follows from it is bought, and proven before it is mounted
    page.navigate(yard.address("/builds/line-9-depot/supply"));
    hands.seesHeading("Order");
    assertThat(page.locator("main")).containsText("Lead HDMI");
    page.navigate(yard.address("/builds/line-9-depot/prove"));
    hands.sees("Prove on the bench: Destination board");

    // and taken back, one step after the other
    page.navigate(yard.address("/builds/line-9-depot/light"));
    hands.sees("4 of 4 screens light");
    page.keyboard().press("Control+z");
    assertThat(end(page, "Destination board 2")).not().containsText("fixed");
    page.keyboard().press("Control+z");
    hands.sees("3 of 4 screens light");
    assertTrue(page.locator(".picture .missing").count() == 1);
  }
}
