package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * The wrong drive of the demo is sent back, its money comes, another is ordered with the rest of
 * its parcel, and its label is read before it is taken for the right one.
 */
class OrderJourneyTest extends OnDemo {
  private static final String DRIVE = "Drive Slate 2 TB";
  private static final String ORDER = "/builds/line-9-depot/supply?show=";

  @Test
  void aWrongDriveGoesBackAndAnotherComes() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    try {
      page.navigate(yard.address(ORDER + "here"));
      hands.seesHeading("Order");
      goesBack(hands);
      moneyComes(hands);
      anotherComes(hands, page);
    } catch (Error | RuntimeException failed) {
      page.screenshot(
          new Page.ScreenshotOptions().setPath(Path.of("target", "order-stopped-here.png")));
      throw failed;
    }
    assertEquals(List.of(), yard.complaints);
  }

  private static Locator drive(Hands hands) {
    return hands
        .page
        .locator("div.line")
        .filter(new Locator.FilterOptions().setHasText(DRIVE))
        .first();
  }

  private static void goesBack(Hands hands) {
    hands.sees("Capacity: 1 TB, ordered 2 TB.").sees("Can be sent back until");
    assertThat(drive(hands)).containsText("not what was ordered");
    drive(hands).getByLabel("More of " + DRIVE).click();
    drive(hands).getByLabel("Ask to send it back: " + DRIVE).click();
    hands.saved();
    assertThat(drive(hands)).containsText("asked to send it back");
    drive(hands).getByLabel("Sent back: " + DRIVE).click();
    hands.saved();
    assertThat(drive(hands)).containsText("sent back");
    // nothing is taken for money that has not come
    assertThat(drive(hands)).containsText("paid");
  }

  private static void moneyComes(Hands hands) {
    Locator money = drive(hands).getByLabel("Money: " + DRIVE);
    assertThat(money.getByLabel("Amount")).hasValue("119.00");
    money.getByLabel("Came back: " + DRIVE).click();
    assertThat(money.locator("..")).containsText("came back");
    assertThat(drive(hands)).not().containsText("· paid");
    assertThat(money.getByLabel("Came back: " + DRIVE)).hasCount(0);
  }

  private static void anotherComes(Hands hands, Page page) {
    page.navigate(yard.address(ORDER + "send"));
    Locator parcel = page.locator("section[aria-label='Rookery Hardware']");
    parcel.getByText("What is in it").click();
    assertThat(parcel).containsText(DRIVE);
    page.getByLabel("Send: Rookery Hardware").click();
    assertThat(parcel).hasCount(0);
    page.navigate(yard.address(ORDER + "way"));
    drive(hands).getByLabel("It is here: " + DRIVE).click();
    assertThat(drive(hands)).hasCount(0);
    page.navigate(yard.address(ORDER + "here"));
    page.getByLabel("Read its label: " + DRIVE).click();
    Locator label = page.getByLabel("Label of " + DRIVE);
    label.getByLabel("Capacity").fill("1TB");
    assertThat(label).containsText("1TB is not 2 TB");
    assertThat(page.locator("[aria-label='As ordered: " + DRIVE + "']")).hasCount(0);
    label.getByLabel("Capacity").fill("2,000 GB");
    assertThat(label).containsText("It says what was ordered.");
    page.locator("[aria-label='As ordered: " + DRIVE + "']").click();
    hands.saved();
    assertThat(page.locator("div.line").filter(named(DRIVE)).filter(named("checked since")))
        .hasCount(1);
  }

  /**
   * A price is typed where a thing was seen; the parcel follows, and what is chosen stays chosen.
   */
  @Test
  void anOfferIsTypedChosenAndSent() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    String fan = "Fan Swift 120 with dial";
    page.navigate(yard.address(ORDER + "send"));
    hands.seesHeading("Order");
    hands.sees("Wait or buy: Graphics Gannet 50").sees("last safe day");
    Locator rookery = page.locator("section[aria-label='Rookery Hardware']");
    rookery.getByText("What is in it").click();
    rookery.getByLabel("Offers: " + fan).click();
    Locator offers = page.getByRole(AriaRole.DIALOG);
    offers.getByText("Another offer").click();
    Locator offer = offers.locator("article");
    assertThat(offer).containsText("without a price it is not counted");
    offer.getByLabel("From").click();
    page.getByRole(AriaRole.OPTION)
        .filter(new Locator.FilterOptions().setHasText("Kiln Lane"))
        .click();
    offer.getByLabel("Price of one today").fill("3,4o");
    assertThat(offer).containsText("can’t be read");
    offer.getByLabel("Price of one today").fill("34.50");
    hands.saved();
    // the thing went to another parcel, and what is typed is still under the hand
    assertThat(offer.getByLabel("Price of one today")).hasValue("34.50");
    assertThat(offer).containsText("in the parcel");
    page.keyboard().press("Escape");
    Locator kiln = page.locator("section[aria-label='Kiln Lane Colours']");
    kiln.getByText("What is in it").click();
    assertThat(kiln).containsText(fan);
    assertThat(kiln).containsText("34.50");
    kiln.getByLabel("Offers: " + fan).click();
    page.getByLabel("Buy this one: Kiln Lane Colours").click();
    hands.saved();
    page.keyboard().press("Escape");
    assertThat(kiln.getByLabel("Offers: " + fan)).hasText("chosen by hand");
    page.reload();
    assertThat(kiln).containsText("Send");
    // a hand that presses twice sends no other parcel
    page.getByLabel("Send: Kiln Lane Colours").dblclick();
    assertThat(kiln).hasCount(0);
    assertThat(page.getByText(Pattern.compile("Kiln Lane Colours \\d+ things ordered for")))
        .hasCount(1);
    assertThat(page.getByText("things ordered for this build")).hasCount(1);
    page.navigate(yard.address(ORDER + "way"));
    assertThat(page.locator("div.line").filter(new Locator.FilterOptions().setHasText(fan)))
        .hasCount(1);
    assertEquals(List.of(), yard.complaints);
  }

  /** A shop that is retired is offered nowhere, stays where it is used, and can be brought back. */
  @Test
  void aShopIsRetiredAndBroughtBack() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/suppliers"));
    hands.seesHeading("Suppliers");
    page.getByLabel("Retire Quayside Sheet & Film").click();
    hands.saved();
    page.getByText("Retired: 1").click();
    assertThat(page.getByLabel("Bring back Quayside Sheet & Film")).isVisible();
    page.navigate(yard.address(ORDER + "send"));
    hands.sees("comes from Quayside Sheet & Film, which is retired");
    Locator rookery = page.locator("section[aria-label='Rookery Hardware']");
    rookery.getByText("What is in it").click();
    rookery.getByLabel("Offers: Supply Basalt 450").click();
    page.getByText("Another offer").click();
    page.getByRole(AriaRole.DIALOG).locator("article").getByLabel("From").click();
    assertThat(page.getByRole(AriaRole.OPTION).filter(named("Lumen Loft"))).hasCount(1);
    assertThat(page.getByRole(AriaRole.OPTION).filter(named("Quayside"))).hasCount(0);
    page.navigate(yard.address("/suppliers"));
    page.getByText("Retired: 1").click();
    page.getByLabel("Bring back Quayside Sheet & Film").click();
    hands.saved();
    assertThat(page.getByLabel("Retire Quayside Sheet & Film")).isVisible();
    assertEquals(List.of(), yard.complaints);
  }

  /** A lent board says from whom it is and until when, and is taken back in one press. */
  @Test
  void aSheetThatNothingNeedsIsLaidOnTheShelf() {
    Page page = yard.signedIn("ines");
    page.navigate(yard.address("/builds/night-pilotage/supply?show=here"));
    Pattern lay = Pattern.compile("^Lay 1 piece of Black cast acrylic 3 mm on the shelf");
    page.getByLabel(lay).focus();
    page.keyboard().press("Enter");
    assertThat(page.getByLabel(lay)).hasCount(0);
    Locator line =
        page.locator("div.line")
            .filter(new Locator.FilterOptions().setHasText("Black cast acrylic 3 mm"));
    assertThat(line).containsText("on the shelf");
    assertThat(page.getByText("Black cast acrylic 3 mm is ordered, and nothing needs it"))
        .hasCount(0);
    page.navigate(yard.address("/stock"));
    assertThat(page.getByLabel(Pattern.compile("^Black cast acrylic 3 mm: 1 sheet"))).hasCount(1);
    assertEquals(List.of(), yard.complaints);
  }

  @Test
  void aLentBoardGoesBack() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    String board = "Board Dunlin I1";
    page.navigate(yard.address("/builds/moss-archive/supply?show=lent"));
    hands.seesHeading("Order");
    Locator loan = page.locator("article[aria-label='" + board + "']");
    assertThat(loan).containsText("lent");
    assertThat(loan.getByLabel("From whom")).hasValue("A games evening two streets on");
    hands.sees(board + " goes back on").sees("taken out of a finished machine");
    loan.getByLabel("Promised for it").fill("Two fern screens");
    hands.saved();
    page.getByLabel("Given back today: " + board).click();
    hands.saved();
    assertThat(loan).containsText("back since");
    hands.sees(board + " went back, and the design still has it");
    page.reload();
    assertThat(loan.getByLabel("Promised for it")).hasValue("Two fern screens");
    page.getByLabel("It is still here: " + board).click();
    hands.saved();
    assertThat(loan).not().containsText("back since");
    assertEquals(List.of(), yard.complaints);
  }

  private static Locator.FilterOptions named(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }
}
