package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Two people and many windows on the same builds: on the demo. */
class TogetherTest extends OnDemo {
  private static final int WALKS = 6;
  private static final int STEPS = 60;

  private static Locator field(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first();
  }

  private static Page at(Page page, String path, String heading) {
    page.navigate(yard.address(path));
    new Hands(page).seesHeading(heading);
    return page;
  }

  @Test
  void whatOneTypesTheOtherSeesAndNothingIsTakenFromUnderAHand() {
    Page ines = at(yard.signedIn("ines"), "/builds/paper-kite/make", "Make");
    Page lotte = at(yard.signedIn("lotte"), "/builds/paper-kite/make", "Make");
    Page wall = yard.signedIn("lotte");
    field(lotte, "Height").click();
    lotte.keyboard().press("Control+a");
    lotte.keyboard().type("12");
    new Hands(ines).write("Width", "345").write("Name", "Kite side").saved();
    assertThat(field(lotte, "Width")).hasValue("345");
    assertThat(field(lotte, "Name")).hasValue("Kite side");
    lotte.keyboard().type("3");
    lotte.keyboard().press("Tab");
    new Hands(lotte).saved();
    assertThat(field(ines, "Height")).hasValue("123");
    at(ines, "/builds/paper-kite/brief", "Brief");
    new Hands(ines).write("Working title", "Paper kite, again").saved();
    new Hands(wall).sees("Paper kite, again");
  }

  @Test
  void whatChangedUnderAHandIsAskedWhenTypingGoesOn() {
    Page ines = at(yard.signedIn("ines"), "/builds/paper-kite/make", "Make");
    Page lotte = at(yard.signedIn("lotte"), "/builds/paper-kite/make", "Make");
    new Hands(lotte).write("Height", "140").saved();
    assertThat(field(ines, "Height")).hasValue("140");
    new Hands(ines).write("Height", "150").write("Name", "Kite front").saved();
    assertThat(field(lotte, "Name")).hasValue("Kite front");
    assertThat(field(lotte, "Height")).hasValue("140");
    lotte.keyboard().press("End");
    lotte.keyboard().type("."); // still 140: laid together with theirs, and not seen for that
    new Hands(lotte).saved();
    lotte.keyboard().type("5");
    new Hands(lotte).sees("Someone changed the same meanwhile").press("Take theirs").saved();
    assertThat(field(lotte, "Height")).hasValue("150");
  }

  /** Six minutes: run by {@code bin/prove}. */
  @Test
  @EnabledIfSystemProperty(named = "ember.long", matches = "true")
  void anyMixOfStepsEndsWhereTheModelEnds() {
    Page first = at(yard.signedIn("ines"), "/yard", "Yard");
    new Hands(first).jump("n");
    new Hands(first).write("Working title of the build", "Walked").press("Start this build");
    new Hands(first).seesHeading("Brief").jump("5").sees("No parts yet.").jump("n").saved();
    String address = first.url();
    Page second = first.context().newPage();
    Page third = yard.signedIn("lotte");
    for (Page page : List.of(second, third)) {
      page.navigate(address);
      assertThat(field(page, "Width")).isVisible();
    }
    for (long seed = 1; seed <= WALKS; seed++) {
      TogetherWalk.walk(seed, STEPS, first, second, third);
    }
  }

  @Test
  void windowsOfOneBrowserShareOneLine() {
    Page first = yard.signedIn("ines");
    BrowserContext browser = first.context();
    AtomicInteger lines = new AtomicInteger();
    browser.onRequest(request -> lines.addAndGet(request.url().endsWith("/api/live") ? 1 : 0));
    List<Page> windows = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      windows.add(at(browser.newPage(), "/builds/line-9-depot/make", "Make"));
    }
    new Hands(windows.get(7)).write("Height", "111").saved();
    windows.forEach(window -> assertThat(field(window, "Height")).hasValue("111"));
    assertEquals(0, lines.get(), "lines beside the first");
    first.close();
    windows.get(7).keyboard().press("Tab");
    new Hands(windows.get(0)).write("Height", "112").saved();
    windows.forEach(window -> assertThat(field(window, "Height")).hasValue("112"));
    assertEquals(1, lines.get(), "one other window took over");
    at(windows.get(1), "/workshop", "Workshop");
    new Hands(windows.get(1)).press("Sign out");
    assertThat(windows.get(3).getByLabel("Password")).isVisible();
    browser.close();
  }

  @Test
  void twoWindowsOnOneThingOfferBothVersions() {
    Page first = at(yard.signedIn("ines"), "/builds/line-9-depot/make", "Make");
    Page second = at(yard.signedIn("ines"), "/builds/line-9-depot/make", "Make");
    second.context().setOffline(true);
    new Hands(second).write("Width", "560").sees("does not answer");
    new Hands(first).write("Width", "570").saved();
    second.context().setOffline(false);
    new Hands(second).sees("Someone changed the same meanwhile");
    new Hands(second).sees("570").press("Keep mine").saved();
    new Hands(second).page.reload();
    assertEquals("560", new Hands(second).value("Width"));
    first.context().setOffline(true);
    new Hands(first).write("Width", "550").sees("does not answer");
    new Hands(second).write("Width", "565").saved();
    first.context().setOffline(false);
    new Hands(first).press("Take theirs");
    assertThat(field(first, "Width")).hasValue("565");
  }

  @Test
  void twoPeopleChangeTwoFieldsOfOneThingAndBothAreKept() {
    Page ines = at(yard.signedIn("ines"), "/builds/moss-archive/make", "Make");
    Page lotte = at(yard.signedIn("lotte"), "/builds/moss-archive/make", "Make");
    String width = new Hands(ines).value("Width");
    new Hands(ines).write("Width", "333").saved();
    new Hands(lotte).write("Height", "222").saved();
    assertThat(field(lotte, "Width")).hasValue("333");
    lotte.keyboard().press("Control+z");
    new Hands(lotte).sees("Taken back in this build");
    ines.reload();
    assertThat(field(ines, "Width")).hasValue("333");
    ines.keyboard().press("Control+z");
    assertThat(field(ines, "Width")).hasValue(width);
  }

  @Test
  void aThingOnAFaceIsMovedByKeysInTwoWindowsAndOverAReload() {
    Page first = yard.signedIn("ines");
    Page second = yard.signedIn("ines");
    for (Page page : new Page[] {first, second}) {
      page.navigate(yard.address("/builds/moss-archive/concept"));
      lamp(page).waitFor();
    }
    second.context().setOffline(true);
    lamp(second).press("Shift+ArrowLeft");
    new Hands(second).sees("does not answer");
    lamp(first).press("ArrowRight");
    new Hands(first).saved();
    second.context().setOffline(false);
    new Hands(second).sees("Someone changed the same meanwhile").press("Keep mine").saved();
    first.reload();
    assertThat(lamp(first)).hasAttribute("aria-label", Pattern.compile("x 120.0 "));
    new Hands(second).write("From the left", "a hand").sees("Can’t read this.");
    new Hands(second).write("From the left", "100+20.5").saved();
    second.reload();
    assertThat(lamp(second)).hasAttribute("aria-label", Pattern.compile("x 120.5 "));
  }

  private static Locator lamp(Page page) {
    Locator front = page.getByLabel("front face", new Page.GetByLabelOptions().setExact(true));
    if (page.getByText("Front face").count() == 0) {
      front.first().press("Enter");
    }
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Lamp plate, ")));
  }
}
