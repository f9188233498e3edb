package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * What a hand types is what is kept: one field of each kind with pauses and a late server, the
 * server away, Back and reload in mid-word, two people on one tablet, open work before a check. The
 * long form is {@code SlowTypingProof}.
 */
class SlowTypingTest extends OnDemo {
  private static Hands at(Page page, String path, String heading) {
    page.navigate(yard.address(path));
    return new Hands(page).seesHeading(heading);
  }

  private static Locator field(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).first();
  }

  /** The pause behind a first digit that is refused once made 4125 of 25. */
  @Test
  void aPauseBehindAFirstDigitChangesNothing() {
    Page page = yard.signedIn("ines");
    Hands hands = at(page, "/builds/night-pilotage/make", "Make");
    Locator width = field(page, "Width");
    width.click();
    page.keyboard().press("Control+a");
    page.keyboard().type("2");
    hands.sees("Width can't be 2: 5 to 5000 mm.");
    page.waitForTimeout(700);
    assertEquals("2", width.inputValue());
    page.keyboard().type("5");
    hands.saved();
    assertEquals("25", width.inputValue());
    page.reload();
    assertThat(field(page, "Width")).hasValue("25");
    hands.write("Width", "412").saved();
  }

  @Test
  void oneFieldOfEachKindKeepsWhatIsTypedWithPauses() {
    Page page = yard.signedIn("ines");
    SlowHands slow = new SlowHands(page, new int[] {700, 50, 700}, 600);
    String[][] kinds = {
      {"/builds/moss-archive/make", "make/PartForm.vue", "mm"},
      {"/builds/moss-archive/finish?show=air", "finish/AirView.vue", "°C"},
      {"/builds/moss-archive/plan", "plan/ManualTaskForm.vue", "min"},
      {"/builds/moss-archive/light?show=runs", "light/RunCard.vue", "money"},
      {"/builds/moss-archive/brief", "brief/BriefScreen.vue", "day"},
      {"/builds/moss-archive/brief", "brief/BriefScreen.vue", null},
      {"/builds/moss-archive/concept?show=palette", "concept/PaletteView.vue", "colour"},
      {"/workshop", "workshop/HoursField.vue", "time"},
    };
    for (String[] kind : kinds) {
      page.navigate(yard.address(kind[0]));
      page.locator("main").first().waitFor();
      slow.waitFor(kind[1]);
      String build = kind[0].startsWith("/builds") ? "moss-archive" : null;
      slow.oneOf(kind[1], kind[2], build);
    }
    assertEquals(List.of(), slow.wrong);
    assertEquals(kinds.length, slow.count(), "every kind was found");
  }

  @Test
  void aRefusedFieldStaysWithItsSentenceWhileItsNeighbourIsSaved() {
    Page page = yard.signedIn("ines");
    Hands hands = at(page, "/builds/night-pilotage/light?show=screens", "Light");
    hands.write("Draws", "99999").sees("Watts can't be 99999: 0 to 500 W.");
    hands.write("Pixels wide", "960").sees("Watts can't be 99999: 0 to 500 W.");
    page.reload();
    assertThat(field(page, "Draws")).hasValue("99999");
    hands.sees("Watts can't be 99999: 0 to 500 W.");
    assertEquals("960", hands.value("Pixels wide"));
    hands.write("Draws", "90 kg").sees("This field takes a power");
    page.reload();
    assertThat(field(page, "Draws")).hasValue("90 kg");
    hands.sees("This field takes a power");
    page.waitForTimeout(300);
    hands.write("Draws", "0.006 kW").saved();
    page.reload();
    assertThat(field(page, "Draws")).hasValue("6");
  }

  @Test
  void wordsHalfTypedSurviveBackReloadAndAServerThatIsAway() {
    Page page = yard.signedIn("ines");
    Hands hands = at(page, "/builds/glasshouse/brief", "Brief");
    hands.write("A wish, as the client said it", "orchids that");
    page.reload();
    assertThat(field(page, "A wish, as the client said it")).hasValue("orchids that");
    hands.write("Used for", "growing or");
    page.reload(); // in mid-word, before anything was sent
    assertThat(field(page, "Used for")).hasValue("growing or");
    hands.saved();
    assertThat(page.getByText("Someone changed this meanwhile")).hasCount(0);
    hands.write("Used for", "growing orchids");
    hands.jump("y").seesHeading("Yard");
    page.evaluate("() => history.back()");
    hands.seesHeading("Brief");
    assertThat(field(page, "Used for")).hasValue("growing orchids");
    yard.kill();
    hands.write("Where it will stand", "in the north wing").sees("does not answer");
    page.getByText("Add this requirement").click();
    yard.start();
    page.locator(".state.saved").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
    page.reload();
    page.locator("main h2").first().waitFor(new Locator.WaitForOptions().setTimeout(60_000));
    assertThat(field(page, "Where it will stand")).hasValue("in the north wing");
    hands.sees("orchids that");
  }

  @Test
  void twoPeopleOnOneTabletNeitherSendNorSeeWhatTheOtherTyped() {
    Page page = yard.signedIn("ines");
    Hands hands = at(page, "/builds/paper-kite/brief", "Brief");
    hands.write("Something said", "what only Ines may see");
    page.evaluate("() => { window.fetch = () => Promise.reject(new TypeError('away')) }");
    hands.write("Client", "typed by Ines").sees("does not answer");
    page.context().clearCookies();
    yard.signedIn(page, "lotte");
    hands = at(page, "/builds/paper-kite/brief", "Brief");
    assertEquals("", hands.value("Something said"));
    assertThat(field(page, "Client")).not().hasValue("typed by Ines");
    page.context().clearCookies();
    yard.signedIn(page, "ines");
    hands = at(page, "/builds/paper-kite/brief", "Brief");
    assertThat(field(page, "Client")).hasValue("typed by Ines");
    assertEquals("what only Ines may see", hands.value("Something said"));
    hands.saved();
  }

  @Test
  void aCheckListsWhatIsOpenBeforeIt() {
    Page page = yard.signedIn("ines");
    Hands hands = at(page, "/builds/moss-archive/prove", "Prove");
    Locator card =
        page.locator("article.job")
            .filter(new Locator.FilterOptions().setHasText("Read the load run"))
            .first();
    card.getByText("Record the check").click();
    hands.sees("has to pass first").sees("Load run: set up");
    assertThat(card.getByLabel("What the check showed")).hasCount(0);
    assertThat(
            card.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Choose the steps first")))
        .isDisabled();
    card.getByText("Load run: set up", new Locator.GetByTextOptions()).click();
    card.getByLabel("Why they count as done").fill("it ran all night at home");
    card.getByText("Pass over this step").click();
    hands.sees("Passed over, not done").sees("it ran all night at home");
    at(page, "/builds/moss-archive/reveal", "Reveal").sees("it ran all night at home");
  }
}
