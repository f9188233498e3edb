package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From the talk with a client to a frozen concept and a change that is refused, then agreed. */
class ConceptJourneyTest {
  @Test
  void fromTheTalkToAnAgreedChange() throws IOException {
    try (Yard yard = Yard.empty()) {
      Page page = yard.window();
      Hands hands = new Hands(page);
      page.navigate(yard.address("/"));
      try {
        hands.begin("Night Pilotage");
        interview(hands);
        requirements(hands);
        palette(hands);
        faces(hands);
        options(hands);
        agreement(hands);
        history(hands);
      } catch (Error | RuntimeException failed) {
        page.screenshot(
            new Page.ScreenshotOptions().setPath(Path.of("target", "concept-stopped-here.png")));
        throw failed;
      }
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void interview(Hands hands) {
    hands.press("Go on with the talk");
    assertThat(hands.page.getByLabel("Client", exact())).isFocused();
    hands.page.keyboard().type("Harrow Sound Pilots’ Guild");
    // what is derived from it may move what lies below
    hands.write("Where it will stand", "Against the wall of the watch room").saved();
    hands.page.getByLabel("back", exact()).check();
    hands.saved().sees("1 of six faces are not seen");
    hands.page.getByLabel("Skip for now: What do they love?").click();
    hands.page.getByLabel("Ask after all: What do they love?").waitFor();
    hands.write("A thing that is there already", "Old drive").press("Add this thing").saved();
    hands.choose("Counts for", "its market price").write("Market price of one", "60").saved();
    hands.sees("1 thing in the budget");
    hands.write("Reveal on", LocalDate.now().plusDays(90).toString()).saved();
    hands.sees("Ready on the day of the reveal");
    hands.choose("May know before the reveal", "Nothing but whether it is on time").saved();
    assertThat(hands.page.getByLabel("What the client may see today").getByText("hidden: name"))
        .isAttached();
    hands.page.reload();
    assertEquals("Against the wall of the watch room", hands.value("Where it will stand"));
  }

  private static void requirements(Hands hands) {
    hands.jump("n");
    hands.page.keyboard().type("Fits under the shelf");
    hands.page.keyboard().press("Enter");
    hands.choose("Answered", "by arithmetic").write("Limit", "400").saved();
    hands.sees("not known yet, ≤ 400.0 mm wanted");
    hands.write("A wish, as the client said it", "No fan grille on the front");
    hands.page.keyboard().press("Enter");
    hands.choose("Answered", "by absence: a ban").choose("No", "vent field");
    hands.choose("Made of", "of any material").choose("On", "front").saved();
    hands.write("Something said", "It smelt of tar").press("Note it").saved();
    hands.page.getByText("It smelt of tar").first().focus();
    hands.page.keyboard().press("r");
    hands.sees("“It smelt of tar” is a requirement now");
    assertThat(hands.page.getByText("It smelt of tar").first()).isVisible();
    assertThat(hands.button("Drop: It smelt of tar")).hasCount(0);
  }

  private static void palette(Hands hands) throws IOException {
    hands.jump("2");
    hands.seesHeading("Concept");
    hands.write("Outer width", "260").saved().write("Outer height", "388").saved();
    hands.write("Outer depth", "412").saved().press("Palette");
    Locator input = hands.page.getByLabel("Picture to take colours from");
    input.setInputFiles(
        new FilePayload("x.svg", "image/svg+xml", "<svg/>".getBytes(StandardCharsets.UTF_8)));
    hands.sees("This is no picture: take a JPEG or a PNG.");
    input.setInputFiles(
        new FilePayload(
            "cutter.png",
            "image/png",
            Pictures.bands(200, 100, 0x2E4A45, 0x2E4A45, 0x2E4A45, 0xEDE3C4, 0xB08B3E)));
    hands.sees("#2E4A45 · 6").press("Put 3 of them into the palette").saved();
    hands.sees("Harbour green satin");
    hands.sees("The base covers 100 % of what shows; about 60 % is usual");
    hands.write("Name of the colour", "harbour green").saved();
  }

  private static void faces(Hands hands) {
    hands.press("Faces");
    hands.sees("Left face");
    hands.choose("Add to this face", "window, cut in a part").press("Add to this face").saved();
    hands.sees("Window of Window, left");
    hands.page.getByText(Pattern.compile("cut 2\\d{3} mm")).first().waitFor();
    hands.choose("Add to this face", "badge").press("Add to this face").saved();
    Locator badge = grip(hands, "New badge");
    hands.write("From the left", "300").saved().write("From below", "20").saved();
    hands.write("Width", "60").saved().write("Height", "60").saved();
    assertThat(badge).hasAttribute("aria-label", Pattern.compile("x 300.0  y 20.0"));
    badge.focus();
    hands.page.keyboard().press("ArrowRight");
    hands.page.keyboard().press("Shift+ArrowUp");
    assertThat(badge).hasAttribute("aria-label", Pattern.compile("x 301.0  y 30.0"));
    hands.saved();
    drag(hands, badge, 80, 0);
    hands.saved().sees("“New badge” hangs");
    hands.press("Move it to x 352.0 mm").saved();
    assertThat(hands.page.getByText("“New badge” hangs")).hasCount(0);
    hands.press("Unfolded").press("On the box").press("From behind").press("One large");
    hands.press("Copy it all, mirrored, to the right").sees("Mirrored: 1 parts and 2 things.");
    hands.page.getByLabel("right face", exact()).first().click();
    hands.sees("Right face").sees("Window, left, right");
  }

  private static Locator grip(Hands hands, String name) {
    return hands.page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ", ")));
  }

  private static void drag(Hands hands, Locator thing, double byX, double byY) {
    BoundingBox box = thing.boundingBox();
    hands.page.mouse().move(box.x + 5, box.y + 5);
    hands.page.mouse().down();
    for (int step = 1; step <= 8; step++) {
      hands.page.mouse().move(box.x + 5 + byX * step / 8, box.y + 5 + byY * step / 8);
    }
    hands.page.mouse().up();
  }

  private static void options(Hands hands) {
    hands.press("Options").write("Name of the next copy", "Bare hull");
    hands.page.getByLabel("Copy option A", exact()).click();
    hands.page.getByLabel("Bring option B to the table", exact()).click();
    hands.sees("Option B is on the table.");
    hands.press("Faces");
    grip(hands, "New badge").first().focus();
    hands.page.keyboard().press("Enter");
    hands.press("Take it away").saved().press("Options");
    hands.sees("On the faces: “New badge” added");
    hands.page.getByLabel("Bring option A to the table", exact()).click();
    hands.sees("Option A is on the table.").sees("On the faces: “New badge” taken out");
  }

  private static void agreement(Hands hands) {
    hands.press("Agreed").write("Chosen by", "the Guild").write("Agreed price", "3000");
    hands.press("Freeze this concept").sees("Frozen: this design, this price, this date.");
    hands.press("Faces").choose("Add to this face", "panel, a part made here");
    hands.press("Add to this face").saved().press("Agreed");
    hands.sees("A change waits for a yes or no").sees("Part “Panel, right” added");
    assertTrue(
        hands.page.locator(".pending dd").first().innerText().startsWith("+€"), "it has a price");
    hands.write("Answered by", "the Guild").press("No, put it back");
    hands.sees("Frozen, and nothing has changed since");
    hands.press("Faces").choose("Add to this face", "panel, a part made here");
    hands.press("Add to this face").saved().press("Agreed");
    hands.write("Answered by", "the Guild").press("Yes, agreed");
    hands.sees("Agreed: what is frozen has moved.");
    hands.sees("Change orders answered").sees("yes, ");
    assertThat(hands.page.getByText("Part “Panel, right” added").first()).isVisible();
  }

  private static void history(Hands hands) {
    hands.jump("1");
    hands.write("Client", "Somebody else").saved().jump("h");
    hands.seesHeading("History").press("Changes");
    hands.page.getByLabel(Pattern.compile("^As it was before: Night Pilotage")).first().click();
    hands.sees("Night Pilotage is as it was.").jump("1");
    assertThat(hands.page.getByLabel("Client", exact())).hasValue("Harrow Sound Pilots’ Guild");
    hands.page.keyboard().press("Control+z");
    assertThat(hands.page.getByLabel("Client", exact())).hasValue("Somebody else");
  }

  private static Page.GetByLabelOptions exact() {
    return new Page.GetByLabelOptions().setExact(true);
  }
}
