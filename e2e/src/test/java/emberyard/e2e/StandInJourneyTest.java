package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * From a watched price to the money that comes back: shops and courier are stand-ins, and days pass
 * between.
 */
class StandInJourneyTest {
  private static final String DRIVE = "Drive Slate 2 TB";
  private static final String ORDER = "/builds/line-9-depot/supply?show=";

  @Test
  void theWrongDriveComesGoesBackIsReplacedAndPaidBack() {
    try (Yard yard = Yard.demo()) {
      yard.goOnAt("2026-03-03T09:42");
      yard.standInsAlways("wrong");
      Page page = yard.signedIn("ines");
      try {
        watched(new Hands(page), page, yard);
        demosDriveGoesBack(new Hands(page), page);
        yard.goOnAt("2026-03-11T12:00");
        yard.standInsAlways();
        anotherWrongOneComes(page, yard);
        yard.goOnAt("2026-03-20T12:00");
        moneyAndTheRightOneCome(page, yard);
      } catch (Error | RuntimeException failed) {
        page.screenshot(
            new Page.ScreenshotOptions().setPath(Path.of("target", "stand-in-stopped-here.png")));
        throw failed;
      }
      assertEquals(List.of(), yard.complaints);
    }
  }

  /** A price is watched, and a parcel goes off with a letter. */
  private static void watched(Hands hands, Page page, Yard yard) {
    page.navigate(yard.address(ORDER + "send"));
    hands.seesHeading("Order");
    hands.sees("Wait or buy: Graphics Gannet 50");
    page.getByLabel("Send: Kiln Lane Colours").click();
    assertThat(page.locator("section[aria-label='Kiln Lane Colours']")).hasCount(0);
    page.navigate(yard.address("/suppliers"));
    page.getByText("Outbox").click();
    page.getByText("Order 2026-002, Tollgate Works").click();
    hands.sees("Hello Kiln Lane Colours");
    page.navigate(yard.address(ORDER + "here"));
  }

  private static Locator drive(Page page, int nth) {
    return page.locator("div.line").filter(new Locator.FilterOptions().setHasText(DRIVE)).nth(nth);
  }

  private static void demosDriveGoesBack(Hands hands, Page page) {
    drive(page, 0).getByLabel("Send back and order again: " + DRIVE).click();
    assertThat(drive(page, 0)).containsText("asked to send it back");
    page.getByText("Ask them now").click();
    assertThat(drive(page, 0)).containsText("The shop takes it back: send it.");
    drive(page, 0).getByLabel("Sent back: " + DRIVE).click();
    hands.saved();
    assertThat(drive(page, 0)).containsText("sent back");
  }

  private static void signInAgain(Page page, Yard yard, String path) {
    page.navigate(yard.address("/yard"));
    Locator name = page.getByLabel("Name");
    page.waitForCondition(() -> name.count() > 0 || page.getByRole(AriaRole.HEADING).count() > 0);
    if (name.count() > 0) {
      yard.signedIn(page, "ines");
    }
    page.navigate(yard.address(path));
  }

  /** The card that opens the drive's box, whosever day it is in. */
  private static Locator foundCard(Page page, Yard yard) {
    page.navigate(yard.address("/bench"));
    new Hands(page).find("open and check drive slate");
    page.locator(".hits li:not(:has-text('done card')) a")
        .filter(new Locator.FilterOptions().setHasText("Open and check " + DRIVE))
        .first()
        .click();
    Locator card = page.locator(".labelled article.now");
    card.waitFor();
    return card;
  }

  /** On the day it comes its card is on the bench; its label is typed, and it goes back. */
  private static void anotherWrongOneComes(Page page, Yard yard) {
    signInAgain(page, yard, ORDER + "way");
    page.getByText("Ask them now").click();
    assertThat(drive(page, 0)).containsText("Left at the door");
    assertThat(drive(page, 0)).containsText("capacity 1 TB");
    Locator card = foundCard(page, yard);
    card.getByLabel("Open: Open and check " + DRIVE).click();
    card.getByText("It is here").click();
    card.getByLabel("Serial").fill("S-4711");
    new Hands(page).saved();
    // a reload in the middle: one press shows it again, as it was typed
    page.reload();
    card.getByLabel("Open: Open and check " + DRIVE).click();
    assertThat(card.getByLabel("Serial")).hasValue("S-4711");
    card.getByLabel("Capacity").fill("1,000 GB");
    assertThat(card).containsText("1,000 GB is not 2 TB");
    assertThat(card).containsText("can be sent back until");
    assertThat(card.getByText("All as ordered")).hasCount(0);
    card.getByLabel("Send back and order again: " + DRIVE).click();
    assertThat(
            page.locator("article.job")
                .filter(new Locator.FilterOptions().setHasText("What does its label say?")))
        .hasCount(0);
    page.navigate(yard.address(ORDER + "here"));
    page.getByText("Ask them now").click();
    assertThat(page.locator("main")).containsText("were asked at 12:0");
  }

  /** Days later: the first one's money was paid back, and the third drive is the right one. */
  private static void moneyAndTheRightOneCome(Page page, Yard yard) {
    signInAgain(page, yard, "/builds/line-9-depot/money");
    Hands hands = new Hands(page);
    hands.sees("spent");
    page.navigate(yard.address(ORDER + "here"));
    page.getByText("Ask them now").click();
    Locator first =
        page.locator("div.line:has([aria-label='Another came for it: %s'])".formatted(DRIVE));
    assertThat(first).containsText("The shop paid €119.00 back on");
    first.getByLabel("The money came back: " + DRIVE).click();
    assertThat(first).not().containsText("· paid");
    assertThat(first).not().containsText("The shop paid");
    Locator card = foundCard(page, yard);
    card.getByLabel("Open: Open and check " + DRIVE).click();
    card.getByText("It is here").click();
    assertThat(card).containsText("capacity 2 TB");
    card.getByLabel("Capacity").fill("2 TB");
    assertThat(card).containsText("It says what was ordered.");
    card.getByText("All as ordered").click();
    card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done").setExact(true))
        .click();
    card.locator("xpath=self::*[contains(@class, 'done')]").waitFor();
    page.navigate(yard.address(ORDER + "here"));
    assertThat(
            page.locator("div.line")
                .filter(new Locator.FilterOptions().setHasText("checked since 20 Mar")))
        .containsText(DRIVE);
  }
}
