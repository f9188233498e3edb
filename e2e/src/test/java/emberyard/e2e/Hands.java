package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;

/** What a builder does with a page: press, write, choose, read. */
final class Hands {
  final Page page;

  Hands(Page page) {
    this.page = page;
  }

  /** From an empty folder: sets the workshop up and begins a build. */
  Hands begin(String build) {
    write("Workshop", "Tollgate Works").write("Your name", "Ines");
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

  Hands choose(String label, String option) {
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true))
        .first()
        .click();
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true))
        .click();
    return this;
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
