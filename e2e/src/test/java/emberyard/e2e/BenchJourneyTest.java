package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A day at the bench: by keyboard, by thumb, on two tablets, and with the network cut. */
class BenchJourneyTest extends DemoDay {
  private static final String SMALL =
      """
      () => [...document.querySelectorAll('article.now .acts button, article.now .acts label, .then .card')]
        .map((each) => each.getBoundingClientRect())
        .filter((box) => box.height < 44 || box.width < 44).length
      """;

  /** Pairs of things to press that lie less than 8 px apart. */
  private static final String CLOSE =
      """
      () => {
        const boxes = [...document.querySelectorAll('article.now .acts > *')]
          .map((each) => each.getBoundingClientRect());
        const apart = (a, b) => Math.max(
          b.left - a.right, a.left - b.right, b.top - a.bottom, a.top - b.bottom);
        let close = 0;
        for (const [i, a] of boxes.entries())
          for (const b of boxes.slice(i + 1)) close += apart(a, b) < 7.5 ? 1 : 0;
        return close;
      }
      """;

  private static String heading(Page page) {
    return page.locator("article.now h2").innerText();
  }

  /** Lays a hand on the large card, which stays from then on; its title. */
  private static String inHand(Page page) {
    page.locator("article.now h2").click();
    return heading(page);
  }

  private static Locator submit(Page page, String label) {
    return page.locator("article.now form")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(label).setExact(true));
  }

  /** The title of the first row that can be begun and is ended by Done. */
  private static String takeUpWhatCanBegin(Page page) {
    Locator rows = page.locator(".then .card:not(.waits):not(:has-text('Spray corner')) strong");
    rows.first().waitFor();
    for (String title : rows.allInnerTexts()) {
      new Hands(page).takeUp(title);
      if (page.getByLabel("Done otherwise: " + title).count() > 0) {
        return title;
      }
    }
    throw new AssertionError("nothing can begin");
  }

  /** Ends the step that is taken up in a form, which waits for its last press. */
  private static Locator askedHow(Page page, String title) {
    page.getByLabel("Done otherwise: " + title).click();
    Locator done = submit(page, "Done");
    done.waitFor();
    return done;
  }

  @Test
  void theOwnersDayGoesByKeys() {
    Page page = yard.signedIn("ines");
    page.keyboard().press("b");
    page.locator("article.now").waitFor();
    String title = heading(page);
    page.keyboard().press("s");
    page.getByLabel("Stop the clock: " + title).waitFor();
    assertThat(page.locator("article.now .figures")).containsText("clock 00:0");
    page.keyboard().press("s");
    page.getByLabel("Start the clock: " + title).waitFor();
    page.getByLabel("Done: " + title).focus();
    page.keyboard().press("Enter");
    // the clock ran: nothing is asked
    assertThat(page.locator("article.now h2")).not().hasText(title);
    assertThat(page.locator("article.now h2")).isFocused();
    page.keyboard().press("Tab");
    assertTrue(
        (Boolean)
            page.evaluate("document.querySelector('article.now').contains(document.activeElement)"),
        "the next Tab goes on in the next card");
  }

  @Test
  void aHelpersDayGoesByThumb() throws IOException {
    Page page = yard.signedIn(yard.window(390, 844), "lotte");
    bench(page);
    assertThat(page.locator("header")).containsText("Lotte Haas");
    assertEquals(
        true, page.evaluate("document.querySelector('.today').scrollWidth <= window.innerWidth"));
    assertEquals(0, page.evaluate(SMALL), "targets of 44 px");
    assertEquals(0, page.evaluate(CLOSE), "8 px apart");
    Locator read =
        page.locator(".care")
            .getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Read").setExact(true));
    if (read.count() > 0) {
      read.click();
      assertThat(read).hasCount(0);
      assertThat(page.locator(".care")).containsText("read today");
    }
    forgotten(page);
    String title = inHand(page);
    page.getByLabel("Start the clock: " + title).click();
    page.getByLabel("Stop the clock: " + title).waitFor();
    FilePayload photo =
        new FilePayload("big.png", "image/png", Pictures.bands(2600, 1300, 0x2E4A45));
    page.getByLabel("Photo of " + title).setInputFiles(photo);
    Locator shown = page.locator("article.now .photos img[src^='/api/pictures/']");
    shown.waitFor();
    assertEquals(2000, shown.evaluate("img => img.decode().then(() => img.naturalWidth)"));
    page.getByLabel("Note on " + title).click();
    page.locator("article.now form").getByRole(AriaRole.TEXTBOX).fill("the edge is sharp");
    submit(page, "Keep this note").click();
    assertThat(page.locator("article.now")).containsText("the edge is sharp — lotte");
    page.getByLabel("Stop the clock: " + title).click();
    page.getByLabel("Start the clock: " + title).waitFor();
  }

  /**
   * Her clock ran on over night: when it stopped is guessed, corrected, and kept with its reason.
   */
  private static void forgotten(Page page) {
    Locator asked = page.locator("form.forgotten");
    assertThat(asked).containsText("Your clock still runs on “Cut Fern screen”");
    Locator time = asked.getByLabel("Stopped at");
    assertThat(time).hasValue(Pattern.compile("1[67]:\\d\\d"));
    time.fill("16:35");
    asked.getByText("Stopped then").click();
    assertThat(asked).hasCount(0);
  }

  @Test
  void twoTabletsOnOneCardAndOneIsTold() {
    Page ines = yard.signedIn("ines");
    bench(ines);
    String title = takeUpWhatCanBegin(ines);
    Page other = yard.signedIn("ines");
    bench(other);
    new Hands(other).takeUp(title);
    // what is called the same in other builds stays
    Locator alike =
        other.locator(".then .card").filter(new Locator.FilterOptions().setHasText(title));
    int ofOthers = alike.count();
    // both stand before the same answer; the second comes too late
    Locator late = askedHow(other, title);
    Locator soon = askedHow(ines, title);
    other.context().setOffline(true);
    late.click();
    soon.click();
    assertThat(ines.locator("article.now h2")).not().hasText(title);
    other.context().setOffline(false);
    new Hands(other).sees("is done already: ines said so.");
    assertThat(alike).hasCount(ofOthers);
  }

  /** Done, clock, note and photo while the server is away: all are there once, in order. */
  @Test
  void anOpenPageGoesOnWithoutTheServer() throws IOException {
    Page page = yard.signedIn("ines");
    bench(page);
    String first = takeUpWhatCanBegin(page);
    Locator done = askedHow(page, first);
    page.context().setOffline(true);
    done.click();
    assertThat(page.locator("article.now h2")).not().hasText(first);
    new Hands(page).sees("One thing you did is kept here");
    String next = heading(page);
    assertNotEquals(first, next);
    page.getByLabel("Start the clock: " + next).click();
    page.getByLabel("Stop the clock: " + next).waitFor();
    page.getByLabel("Note on " + next).click();
    page.locator("article.now form").getByRole(AriaRole.TEXTBOX).fill("written in the dark");
    submit(page, "Keep this note").click();
    assertThat(page.locator("article.now")).containsText("written in the dark — not sent yet");
    FilePayload photo =
        new FilePayload("dark.png", "image/png", Pictures.bands(300, 200, 0x2E4A45));
    page.getByLabel("Photo of " + next).setInputFiles(photo);
    assertThat(page.locator("article.now .photos")).containsText("not sent yet");
    page.context().setOffline(false);
    assertThat(page.locator(".kept")).hasCount(0);
    page.locator("article.now .photos img[src^='/api/pictures/']").waitFor();
    page.reload();
    new Hands(page).takeUp(next);
    page.getByLabel("Stop the clock: " + next).waitFor();
    assertThat(page.getByText("written in the dark")).hasCount(1);
    assertThat(page.locator("article.now .photos img")).hasCount(1);
    page.getByLabel("Stop the clock: " + next).click();
    page.getByLabel("Start the clock: " + next).waitFor();
  }

  /** `/` finds a card of any day; it says what it waits for. */
  @Test
  void aCardOfAnotherDayIsFound() {
    Page page = yard.signedIn("ines");
    bench(page);
    new Hands(page).find("put the panels on");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Put the panels on"))
        .first()
        .click();
    Locator card = page.locator(".labelled article.now");
    card.waitFor();
    assertThat(card).containsText("Put the panels on");
    assertThat(card.locator(".blocks li").first()).containsText("“");
    assertThat(card).containsText("has it.");
    page.getByText("Back to the day").click();
    assertThat(page.locator(".labelled")).hasCount(0);
  }
}
