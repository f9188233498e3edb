package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;

/** What a builder does with a page: press, write, choose, read. */
final class Hands {
  private static final int TRIES = 5;

  final Page page;

  Hands(Page page) {
    this.page = page;
  }

  /** From an empty folder: sets the workshop up and begins a build. */
  Hands begin(String build) {
    write("Workshop", "Tollgate Works").write("Your name", "Ines").choose("Currency", "EUR, Euro");
    write("Password", "lantern-harbour").press("Open the yard").sees("No builds yet.");
    jump("n");
    write("Working title of the build", build).press("Start this build");
    return seesHeading("Brief");
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Hands press(String name) {
    button(name).first().click();
    return this;
  }

  Hands write(String label, String text) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().fill(text);
    return this;
  }

  /** Opens the list and takes one; opens it again where the page was drawn anew under it. */
  Hands choose(String label, String option) {
    Locator list =
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true))
            .first();
    Locator one =
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true));
    for (int tries = 0; tries < TRIES; tries++) {
      list.click();
      try {
        one.click(new Locator.ClickOptions().setTimeout(12_000));
        return this;
      } catch (TimeoutError closed) {
        page.keyboard().press("Escape");
      }
    }
    throw new AssertionError("“%s” can't be chosen of “%s”".formatted(option, label));
  }

  /** Opens the finder with some words in it. */
  Hands find(String words) {
    page.locator("main h1, main h2").first().waitFor();
    page.keyboard().press("/");
    page.getByLabel("Find a build, part, task or requirement").fill(words);
    return this;
  }

  /** The large card of a step of today: it is there, or it is taken up. */
  Locator takeUp(String title) {
    Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(title));
    Locator card =
        page.locator("article.job").filter(new Locator.FilterOptions().setHas(heading)).first();
    Locator row =
        page.locator(".then .card").filter(new Locator.FilterOptions().setHasText(title)).first();
    awaitOne(card, row);
    if (card.count() == 0) {
      row.click();
    }
    card.waitFor();
    return card;
  }

  /**
   * Ends a step on its card as a builder does who ran no clock: passes over what is open before it,
   * says what a check showed, and that it took as long as planned.
   */
  Hands finish(Locator card) {
    Locator check = card.getByText("Record the check");
    boolean gate = check.count() > 0;
    (gate ? check : card.locator("[aria-label^='Done: ']")).first().click();
    Locator passOver = card.getByLabel("Why they count as done");
    Locator next = gate ? card.getByLabel("What the check showed") : button(card, "Done");
    Locator over = card.locator("xpath=self::*[contains(@class, 'done')]");
    awaitOne(passOver, next, over);
    if (passOver.count() > 0) {
      button(card, "Choose all").click();
      passOver.fill("it waited over the weekend");
      card.locator("form.open button").last().click();
      awaitOne(next, over);
    }
    if (gate) {
      next.fill("Looked and measured: in order.");
      card.getByText("It passed").click();
    } else if (over.count() == 0) {
      next.click();
    }
    return this;
  }

  private void awaitOne(Locator... wanted) {
    for (int tries = 0; tries < 200; tries++) {
      for (Locator each : wanted) {
        if (each.count() > 0) {
          return;
        }
      }
      page.waitForTimeout(50);
    }
    throw new AssertionError("none of " + java.util.Arrays.toString(wanted));
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true));
  }

  Hands go(String stop) {
    page.getByRole(AriaRole.NAVIGATION)
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(stop))
        .first()
        .click();
    return this;
  }

  /** Leaves the field, then presses a key of the yard. */
  Hands jump(String key) {
    page.keyboard().press("Escape");
    page.keyboard().press(key);
    return this;
  }

  /** Waits until everything typed has been answered for. */
  Hands saved() {
    page.locator(".state.saved").waitFor();
    page.waitForTimeout(120);
    page.locator(".state.saved").waitFor();
    return this;
  }

  Hands sees(String text) {
    PlaywrightAssertions.assertThat(page.getByText(text).first()).isVisible();
    return this;
  }

  Hands seesHeading(String name) {
    PlaywrightAssertions.assertThat(
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)).first())
        .isVisible();
    return this;
  }

  String value(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first().inputValue();
  }
}
