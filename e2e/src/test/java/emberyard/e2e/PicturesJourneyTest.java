package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two screens are laid out, a page is opened beside, and values come, stop, and come again. */
class PicturesJourneyTest extends OnDemo {
  private static final String PICTURES = "/builds/line-9-depot/light?show=pictures";

  private static Locator letters(Page page) {
    return page.locator("svg.canvas text.letters");
  }

  private static void add(Page page, String kind) {
    page.getByLabel("Add a read-out").last().click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(kind).setExact(true))
        .click();
  }

  /** The page of a screen, in a window that nobody signed in at. */
  private static Page screen(String path, int wide, int high) {
    Page page = yard.window();
    page.setViewportSize(wide, high);
    page.navigate(yard.address(path));
    return page;
  }

  private static String link(Page page, String screen) {
    new Hands(page).press("Link for " + screen);
    Locator made = page.locator("p.made a");
    made.waitFor();
    return made.getAttribute("href");
  }

  @Test
  void twoScreensAreLaidOutAndValuesComeStopAndComeAgain() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address(PICTURES));
    hands.seesHeading("Light");

    // a picture of one's own over two screens, by keyboard where there are keys for it
    page.keyboard().press("n");
    hands.saved();
    hands.write("Name", "Yard board").saved();
    page.getByLabel("Destination board 1", new Page.GetByLabelOptions().setExact(true)).check();
    page.getByLabel("Destination board 3", new Page.GetByLabelOptions().setExact(true)).check();
    hands.saved();
    page.locator(".pane summary").filter(new Locator.FilterOptions().setHasText("board 3")).click();
    add(page, "value");
    hands.saved();
    assertThat(letters(page).first()).hasText("Graphics");
    hands.write("It is called", "Coolant").saved();
    hands.choose("Value", "coolant.celsius").saved();
    assertThat(letters(page).first()).hasText("Coolant");
    Locator box = page.locator("svg.canvas g.box").first();
    double before = left(box);
    box.focus();
    page.keyboard().press("Shift+ArrowRight");
    page.keyboard().press("ArrowLeft");
    hands.saved();
    page.waitForCondition(() -> left(box) > before);
    assertThat(page.getByLabel("From the left").last()).hasValue("11");

    // too small to be read from where one stands: said, and what is offered mends it
    hands.write("Height", "9").saved();
    Locator watch = page.locator("aside.watch");
    assertThat(watch).containsText("can’t be read from 1.2 m in “Yard board”");
    watch
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("A box of"))
        .first()
        .click();
    hands.saved();
    assertThat(watch).not().containsText("can’t be read from 1.2 m in “Yard board”");

    // its own page, in a window that nobody signed in at: first nothing, then values
    Page beside = screen(link(page, "Destination board 1"), 1_920, 480);
    assertThat(beside.locator("text").first()).hasText("Coolant");
    assertThat(beside.locator("text").nth(1)).hasText("–");
    hands.press("full load");
    assertThat(beside.locator("text").nth(1)).containsText("°C");
    assertThat(letters(page).nth(1)).containsText("°C");
    String first = beside.locator("text").nth(1).textContent();
    beside.waitForCondition(
        () -> !first.equals(beside.locator("text").nth(1).textContent()),
        new Page.WaitForConditionOptions().setTimeout(60_000));

    // it stops: the last values stay and say so; it comes again
    hands.press("off");
    Locator since = beside.getByText("last values");
    since.waitFor(new Locator.WaitForOptions().setTimeout(40_000));
    assertThat(beside.locator("text").nth(1)).containsText("°C");
    hands.press("idle");
    assertThat(since).hasCount(0);

    // withdrawn, it shows nothing any more, nor does it after a reload
    page.getByLabel("Withdraw Destination board 1").first().click();
    assertThat(beside.locator("body")).containsText("This page was withdrawn");
    beside.reload();
    assertThat(beside.locator("body")).containsText("This page was withdrawn");
    assertThat(beside.locator("svg")).hasCount(0);
    hands.press("off");
  }

  private static double left(Locator box) {
    return box.boundingBox().x;
  }

  /** One stream for all pages of a browser: it has six lines to a host. */
  @Test
  void eightPagesOfOneBrowserAreAllTold() {
    Page page = yard.signedIn("ines");
    page.navigate(yard.address(PICTURES));
    String path = link(page, "Destination board 2");
    List<Page> open = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      Page beside = page.context().newPage();
      beside.navigate(yard.address(path));
      open.add(beside);
    }
    for (Page beside : open) {
      assertThat(beside.locator("text").first()).isVisible();
    }
    page.navigate(yard.address("/yard"));
    new Hands(page).sees("Night Pilotage");
    open.forEach(Page::close);
  }

  @Test
  void aHighPageAndASmallOneShowAllOfTheirPicture() {
    Page page = yard.signedIn("ines");
    page.navigate(yard.address("/builds/night-pilotage/light?show=pictures"));
    Page high = screen(link(page, "Tide board screen"), 480, 1_920);
    assertThat(high.locator("text").first()).isVisible();
    assertEquals(0, outside(high));
    Page kite = yard.signedIn("ines");
    kite.navigate(yard.address("/builds/paper-kite/light?show=pictures"));
    Page small = screen(link(kite, "Tablet at the club"), 240, 240);
    assertThat(small.getByText("PAPER KITE")).isVisible();
    assertEquals(0, outside(small));
  }

  /**
   * How many letters stand out of the window, at one moment: the picture is drawn anew each time.
   */
  private static int outside(Page page) {
    return ((Number)
            page.evaluate(
                """
                () => [...document.querySelectorAll('text')]
                  .map((each) => each.getBoundingClientRect())
                  .filter((box) => box.left < -1 || box.top < -1
                    || box.right > innerWidth + 1 || box.bottom > innerHeight + 1).length
                """))
        .intValue();
  }

  @Test
  void eachScreenIsHandedOutInItsOwnPixels() {
    Page page = yard.signedIn("ines");
    page.navigate(yard.address("/builds/night-pilotage/light?show=pictures"));
    Download file =
        page.waitForDownload(
            () -> page.getByText("PNG", new Page.GetByTextOptions().setExact(true)).click());
    assertTrue(file.suggestedFilename().endsWith(".png"), file.suggestedFilename());
  }

  /** The faces show what the screens do, scene by scene. */
  @Test
  void theFacesShowWhatAScreenDoes() {
    Page page = yard.signedIn("ines");
    Hands hands = new Hands(page);
    page.navigate(yard.address("/builds/night-pilotage/light?show=runs"));
    hands.seesHeading("Light").press("show");
    Locator face = page.locator("svg[aria-label='Front face in show']");
    assertThat(face.locator("text.letters").filter(with("Coolant"))).hasCount(1);
    hands.press("night");
    Locator night = page.locator("svg[aria-label='Front face in night']");
    assertThat(night.locator("text.letters").filter(with("Tide"))).hasCount(1);
    assertThat(night.locator("text.letters").filter(with("Coolant"))).hasCount(0);
    hands.choose("What Tide board screen shows", "Tide board").saved();
    assertThat(night.locator("text.letters").filter(with("Coolant"))).hasCount(1);
  }

  private static Locator.FilterOptions with(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }
}
