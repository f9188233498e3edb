package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A day that goes otherwise: away, something found wrong, and how it ended. */
class DayJourneyTest extends DemoDay {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** By keys: away, what slides is read, agreed, and the day is as in every week again. */
  @Test
  void theDayIsLaidAnewAndAsItWas() {
    Page page = bench(yard.signedIn("ines"));
    String before = page.locator(".then").innerText();
    button(page, "I’m away").focus();
    page.keyboard().press("Enter");
    Locator asked = page.locator(".hours .ask");
    assertThat(asked).containsText("09:00–09:4");
    assertThat(asked).containsText("instead of 09:00–12:45, 13:15–17:00");
    assertThat(asked.locator("li").first()).containsText("→");
    assertEquals(before, page.locator(".then").innerText(), "nothing moves by asking");
    button(page, "Agreed, lay the day so").focus();
    page.keyboard().press("Enter");
    assertThat(page.locator(".unlike")).containsText("not as in every week");
    assertThat(page.locator(".then h2")).not().hasText("Then, today");
    page.getByLabel(Pattern.compile("As in every week: ")).click();
    assertThat(page.locator(".unlike")).hasCount(0);
    assertThat(page.locator(".then h2")).hasText("Then, today");
    assertEquals(firstTitle(before), firstTitle(page.locator(".then").innerText()));
  }

  private static String firstTitle(String rows) {
    return rows.lines().skip(2).findFirst().orElseThrow();
  }

  @Test
  void notBeforeTwoAndJustAnHour() {
    Page page = bench(yard.signedIn("ines"));
    button(page, "Not before …").click();
    Locator asked = page.locator(".hours .ask");
    asked.getByLabel("Not before").fill("2pm");
    assertThat(asked).containsText("14:00–17:00");
    asked.getByLabel("Not before").fill("8:00");
    assertThat(asked.getByRole(AriaRole.ALERT)).hasText("It is later than that already.");
    assertThat(button(page, "Agreed, lay the day so")).isDisabled();
    button(page, "I have an hour").click();
    asked.getByText("30 min").click();
    assertThat(asked).containsText(Pattern.compile("09:00–10:1\\d"));
  }

  /** Found by thumb, with its place and a photo; it holds the closing until somebody looked. */
  @Test
  void aSnagIsFoundMendedAndTold() throws IOException {
    Page page = bench(yard.signedIn(yard.window(390, 844), "ines"));
    page.getByLabel(Pattern.compile("^A snag at ")).first().click();
    Locator form = page.locator("form.snag");
    form.getByLabel("What is wrong").fill("Chip by the lower hole");
    new Hands(page).choose("How bad", "bad: before it is closed");
    form.locator("svg.picks").click();
    assertThat(form.locator("figcaption")).containsText("across");
    form.locator("svg.picks").press("ArrowUp");
    assertThat(form.locator("circle")).hasCount(1);
    form.getByText("Keep the snag").click();
    assertThat(form).containsText("is kept; mending it is in the plan");
    FilePayload photo =
        new FilePayload("chip.png", "image/png", Pictures.bands(300, 200, 0x9E2B25));
    form.getByLabel("Photo of Chip by the lower hole").setInputFiles(photo);
    form.getByText("That is all").click();
    assertThat(form).hasCount(0);

    page.navigate(yard.address("/builds/night-pilotage/bench"));
    Locator snags = page.locator(".snags");
    assertThat(snags).containsText("1 open, 0 mended");
    snags.locator("img[src^='/api/pictures/']").waitFor();
    assertThat(snags.locator("circle")).hasCount(1);
    page.getByLabel("Record the check: Mend: Chip by the lower hole").click();
    Locator check = page.locator("form.asking");
    check.getByLabel("What the check showed").fill("filled and sanded");
    check.getByText("as planned").first().click();
    check.getByText("It passed").click();
    assertThat(snags).containsText("0 open, 1 mended");

    page.navigate(yard.address("/builds/night-pilotage/history"));
    Locator today = page.locator("article").first();
    assertThat(today).containsText("Mend: Chip by the lower hole passed");
    assertThat(today).containsText("Chip by the lower hole, bad (ines)");
    today.getByText("In my words").click();
    today.getByLabel("The day in your words").fill("Chipped it, filled it.");
    today.getByText("Keep these words").click();
    assertThat(today).containsText("Chipped it, filled it.");
    page.reload();
    assertThat(page.locator("article").first()).containsText("Chipped it, filled it.");
    page.locator("article").first().getByText("Change the words").click();
    page.getByText("Let it write itself").click();
    assertThat(page.locator("article").first()).containsText("Mend: Chip by the lower hole passed");
  }

  @Test
  void theDayEndsWithWhatCantWait() {
    Page page = bench(yard.signedIn("ines"));
    button(page, "Day’s end").click();
    Locator end = page.locator(".end");
    assertThat(end).containsText("Done today");
    assertThat(end.getByText("Order Depot red enamel")).isVisible();
    assertThat(page.getByText("Print the day")).hasAttribute("href", Pattern.compile("\\.pdf"));
    page.navigate(yard.address("/bench?build=moss-archive&thing=moss-archive-cap"));
    assertThat(page.locator(".labelled article.now")).containsText("Lamp cap");
  }
}
