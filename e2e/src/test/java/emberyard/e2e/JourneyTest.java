package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** From an empty data folder to a revealed build, only through the screens. */
class JourneyTest {
  @Test
  void fromBriefToReveal() throws IOException {
    try (Yard yard = Yard.empty()) {
      Page page = yard.window();
      Hands hands = new Hands(page);
      page.navigate(yard.address("/"));
      walk(hands);
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void walk(Hands hands) throws IOException {
    try {
      setUp(hands);
      brief(hands);
      concept(hands);
      fit(hands);
      make(hands);
      finish(hands);
      light(hands);
      order(hands);
      money(hands);
      bench(hands);
      reveal(hands);
    } catch (Error | RuntimeException failed) {
      hands.page.screenshot(
          new Page.ScreenshotOptions().setPath(Path.of("target", "journey-stopped-here.png")));
      throw failed;
    }
  }

  private static void setUp(Hands hands) {
    hands.write("Workshop", "Tollgate Works").write("Your name", "Ines").write("Password", "short");
    hands.choose("Currency", "EUR, Euro");
    hands.press("Open the yard").sees("A password has at least ten characters.");
    hands.write("Password", "lantern-harbour").press("Open the yard").sees("No builds yet.");
  }

  private static void brief(Hands hands) {
    hands.jump("n");
    hands.write("Working title of the build", "Night Pilotage").press("Start this build");
    hands.seesHeading("Brief");
    hands.write("Client", "Harrow Sound Pilots’ Guild");
    hands.write("Theme in one line", "A pilot cutter coming home at night");
    hands.write("Where it will stand", "On the chart table");
    hands.write("A wish, as the client said it", "Tide curve on the left window");
    hands.press("Add this requirement");
    hands.write("At most", "1900").write("Reveal on", LocalDate.now().plusDays(60).toString());
    hands.saved().choose("May know before the reveal", "All of it").saved();
    hands.write("Used for", "Shows the tides of the day").saved();
    hands.page.getByLabel("Skip for now: What do they love?").click();
    hands.saved().sees("8 of 11 answers");
    hands.page.reload();
    assertEquals("A pilot cutter coming home at night", hands.value("Theme in one line"));
  }

  private static void concept(Hands hands) {
    hands.jump("2");
    hands.seesHeading("Concept");
    hands.write("Outer width", "388").saved().write("Outer height", "16 in");
    hands.write("Outer depth", "250+10").saved();
    hands.press("Palette");
    for (int i = 0; i < 3; i++) {
      hands.press("Add a colour");
    }
    hands.saved().press("Agreed").write("Chosen by", "the Guild");
    hands.press("Freeze this concept").sees("Frozen: this design, this price, this date.");
    hands.press("Faces");
    hands.page.reload();
    assertEquals("406.4", hands.value("Outer height"), "inches are kept in mm");
    assertEquals("260", hands.value("Outer depth"));
  }

  private static void fit(Hands hands) {
    hands.jump("3");
    hands.press("Hardware").press("Add one measured here").write("Name", "Board Dunlin M2");
    hands.choose("Kind", "board").write("Price of one", "179.00");
    hands
        .write("Light headers", "2")
        .write("Mass of one", "0.9")
        .saved()
        .sees("1 components, 0.9 kg");
  }

  private static void make(Hands hands) {
    hands.jump("5");
    hands.press("Draw a panel").write("Name", "Left window").write("Width", "412");
    hands.write("Height", "388").write("Inset", "6").saved();
    hands.sees("Holes leave 4.0 mm to the edge; 6.0 mm needed");
    hands.press("Move the holes in to 8.0 mm").saved();
    assertThat(hands.page.getByText("Holes leave")).hasCount(0);
    assertEquals("8", hands.value("Inset"));
    hands.write("Width", "wide").sees("Can’t read this. Write 12+3.5, 1/4\" or 2 in.");
    hands.write("Width", "2").sees("Width can't be 2: 5 to 5000 mm.");
    hands.write("Width", "412").saved();
    hands.page.reload();
    assertEquals("412", hands.value("Width"));
  }

  private static void finish(Hands hands) {
    hands.jump("6");
    hands.press("Plan a finish").saved();
    hands.write("Colour to come to", "2e4a45");
    hands.page.getByLabel("Take Harbour green satin, no primer").first().click();
    hands.saved().sees("Colour after each coat");
    assertThat(hands.page.locator(".needs")).containsText("Harbour green satin");
    hands.sees("1 can");
    hands.press("Air and cards");
    hands.write("Usual humidity", "90").saved().sees("Do not spray at 20 °C and 90 %");
    hands.write("Usual humidity", "50").saved();
  }

  private static void light(Hands hands) {
    hands.jump("7");
    hands.press("Add a light strip").write("Name", "Amber beam").write("Length", "900").saved();
    hands.sees("Amber beam draws 3.3 A at full white; a header gives 3.0 A");
    hands.press("Shorten it to 816.0 mm").saved();
    assertEquals("816", hands.value("Length"));
  }

  private static void view(Hands hands, String name) {
    hands.page.locator("nav.views button").filter(with(name)).click();
  }

  private static Locator.FilterOptions with(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }

  /** Says the same of each line, one after the other. */
  private static void each(Hands hands, String act) {
    Locator open = hands.page.locator("[aria-label^='%s']".formatted(act));
    for (int left = open.count(); left > 0; left--) {
      open.first().click();
      hands.saved();
      assertThat(open).hasCount(left - 1);
    }
  }

  /** Types of each label what was ordered; of a sheet, three readings. */
  private static void labels(Hands hands) {
    Locator unread = hands.page.locator("[aria-label^='Read its label: ']");
    for (int left = unread.count(); left > 0; left--) {
      String thing = unread.first().getAttribute("aria-label").substring(16);
      unread.first().click();
      Locator form = hands.page.getByLabel("Label of " + thing);
      for (Locator asked : form.locator(".fields > div").all()) {
        String hint = asked.locator(".hint").innerText();
        if (hint.startsWith("ordered ")) {
          String words = hint.substring(8);
          boolean caliper = asked.innerText().startsWith("Thickness");
          asked.locator("input, textarea").fill(caliper ? (words + " ").repeat(3) : words);
        }
      }
      hands.saved();
      assertThat(form.getByRole(AriaRole.STATUS)).hasText("It says what was ordered.");
    }
  }

  private static void order(Hands hands) {
    hands.jump("4");
    hands.seesHeading("Order");
    // what no shop brings is bought over a counter
    Locator send = hands.page.locator("[aria-label^='Send: '], [aria-label^='Bought: ']");
    for (int left = send.count(); left > 0; left--) {
      send.first().click();
      assertThat(send).hasCount(left - 1);
    }
    hands.sees("All that is needed is ordered");
    view(hands, "On its way");
    each(hands, "It is here: ");
    hands.sees("Nothing is on its way.");
    view(hands, "Here");
    labels(hands);
    each(hands, "As ordered: ");
    assertThat(hands.page.locator("[aria-label^='Read its label: ']")).hasCount(0);
    hands.sees("0 to order of 6 things needed");
  }

  private static void money(Hands hands) {
    hands.jump("m");
    hands.seesHeading("Money").sees("under the cap.").sees("€179.00");
    hands.jump("p");
    hands.seesHeading("Plan").sees("working days before the reveal closes.");
  }

  private static void bench(Hands hands) throws IOException {
    hands.jump("b");
    hands.seesHeading("Bench");
    hands.takeUp("Cut Left window");
    Locator cut = hands.page.getByLabel("Start the clock: Cut Left window");
    cut.click();
    hands.page.getByLabel("Stop the clock: Cut Left window").waitFor();
    hands
        .page
        .getByLabel("Photo of Cut Left window")
        .setInputFiles(new FilePayload("cut.png", "image/png", Pictures.bands(400, 300, 0x2E4A45)));
    hands.page.getByAltText("Cut Left window").waitFor();
    hands.page.goBack();
    hands.jump("8");
    hands.choose("Cards of", "all stages");
    int cards = 0;
    while (openCards(hands).count() > 0 && cards++ < 60) {
      finishFirst(hands, openCards(hands).first());
    }
    assertTrue(cards > 15, "a build of one panel has " + cards + " cards");
  }

  private static Locator openCards(Hands hands) {
    return hands.page.locator("article.job:not(.done)");
  }

  private static Locator named(Hands hands, String title) {
    return hands
        .page
        .locator("article.job")
        .filter(
            new Locator.FilterOptions()
                .setHas(
                    hands.page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(title).setExact(true))))
        .first();
  }

  private static void finishFirst(Hands hands, Locator card) {
    String title = card.getByRole(AriaRole.HEADING).innerText();
    hands.finish(named(hands, title));
    hands
        .page
        .locator("article.job.done")
        .filter(new Locator.FilterOptions().setHasText(title))
        .first()
        .waitFor();
  }

  private static void reveal(Hands hands) {
    hands.jump("0");
    hands
        .seesHeading("Reveal")
        .sees("revealed ")
        .sees("An hour earned")
        .sees("Tide curve on the left window");
    assertThat(hands.page.locator(".photos img")).hasCount(1);
    hands.jump("y");
    hands.sees("Revealed");
  }
}
