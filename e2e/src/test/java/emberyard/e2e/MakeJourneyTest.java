package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A panel drawn, checked, mended on its drawing, laid on an offcut with two others, and cut. */
class MakeJourneyTest {
  @Test
  void fromADrawingToPiecesOnTheBench() {
    try (Yard yard = Yard.empty()) {
      Page page = yard.window();
      Hands hands = new Hands(page);
      page.navigate(yard.address("/"));
      try {
        hands.begin("Signal box");
        offcut(hands);
        draw(hands);
        mend(hands);
        others(hands);
        files(hands);
        layOut(hands);
        twoWindows(hands);
        cut(hands);
        follows(hands);
      } catch (Error | RuntimeException failed) {
        page.screenshot(
            new Page.ScreenshotOptions().setPath(Path.of("target", "make-stopped-here.png")));
        throw failed;
      }
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void offcut(Hands hands) {
    String build = hands.page.url();
    hands.go("Stock").seesHeading("Stock").press("Lists");
    hands.page.getByRole(AriaRole.BUTTON, named("Offcuts 0")).click();
    hands.press("Add an offcut").write("Where it lies", "Drawer 2").saved();
    hands.write("Width", "220").write("Height", "15 cm").saved();
    hands.page.navigate(build);
    hands.seesHeading("Brief");
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static void draw(Hands hands) {
    hands.jump("5").sees("No parts yet.").jump("n").seesHeading("Recipe");
    hands.write("Name", "Front of the box");
    hands.write("Width", "100+20").write("Height", "80").saved();
    hands.sees("6 at 48.0");
  }

  /** A hole too near to the edge: seen in the watch panel, moved by typing on the drawing. */
  private static void mend(Hands hands) {
    hands.press("Add this step").saved();
    Locator fromLeft = hands.page.getByLabel("Figure from left");
    fromLeft.fill("4");
    hands.saved().sees("A hole leaves 2.0 mm to the edge; 6.0 mm needed");
    fromLeft.fill("40");
    hands.saved();
    assertThat(hands.page.getByText("A hole leaves 2.0 mm")).hasCount(0);
    Locator figure = hands.page.getByRole(AriaRole.BUTTON, named("figure, arrows move it"));
    // typing within three seconds is one step of undo; this is to be another
    hands.page.waitForTimeout(3_200);
    figure.focus();
    hands.page.keyboard().press("Shift+ArrowRight");
    hands.saved();
    assertThat(fromLeft).hasValue("50");
    hands.jump("Control+z").saved();
    assertThat(fromLeft).hasValue("40");
  }

  private static void others(Hands hands) {
    for (String name : List.of("Rib", "Foot")) {
      hands.jump("n");
      assertThat(hands.page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
          .hasValue("New panel");
      hands.write("Name", name).write("Width", "60").write("Height", "40");
      hands.page.getByLabel("Border holes").uncheck();
      hands.saved();
    }
  }

  /** Both forms, read back as new parts of the same area. */
  private static void files(Hands hands) {
    hands.page.getByRole(AriaRole.BUTTON, named("Front of the box")).first().click();
    String area = hands.page.locator(".figures dd").first().textContent();
    hands.press("From a drawing");
    for (String form : List.of("SVG", "DXF")) {
      Download file =
          hands.page.waitForDownload(
              () ->
                  hands
                      .page
                      .locator(".files")
                      .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(form))
                      .first()
                      .click());
      Path kept = Path.of("target", "front." + form.toLowerCase(java.util.Locale.ROOT));
      file.saveAs(kept);
      hands.page.getByLabel("Drawing to read").setInputFiles(kept);
      assertThat(hands.page.locator(".read .mono").first()).containsText(area);
    }
    hands.press("From a drawing");
  }

  private static void layOut(Hands hands) {
    hands.press("Sheets").sees("3 pieces: 0 cut, 0 laid out, 3 open");
    hands.write("Search for", "1").press("Lay out the pieces");
    hands.sees("1 sheets (by area at least 0)");
    hands.press("Keep this layout").sees("3 laid out, 0 open");
    hands.sees("Offcut");
  }

  /** What one window pins, the other sees after a reload; nothing is overwritten. */
  private static void twoWindows(Hands hands) {
    Page second = hands.page.context().newPage();
    second.navigate(hands.page.url());
    Hands other = new Hands(second);
    other.sees("3 laid out, 0 open");
    other.page.getByRole(AriaRole.BUTTON, named("Foot 1, planned")).focus();
    other.page.getByLabel("pinned: a new layout leaves it here").check();
    other.saved();
    hands.page.reload();
    hands.sees("3 laid out, 0 open");
    assertThat(hands.page.getByRole(AriaRole.BUTTON, named("Foot 1, planned, pinned"))).isVisible();
    second.close();
  }

  private static void cut(Hands hands) {
    hands.press("Cut this sheet").sees("The laser");
    hands.sees("3 cut, 0 laid out, 0 open");
    assertThat(hands.page.getByRole(AriaRole.BUTTON, named("Rib 1, done"))).isVisible();
  }

  /** Sheet, offcut, hours, plan and money. */
  private static void follows(Hands hands) {
    String build = hands.page.url();
    hands.press("Parts");
    assertThat(hands.page.getByText("done").first()).isVisible();
    hands.jump("m").seesHeading("Money");
    hands.go("Stock").seesHeading("Stock").press("Lists");
    Locator shelf = hands.page.getByRole(AriaRole.BUTTON, named("Offcuts"));
    shelf.click();
    Locator names = hands.page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
    for (int i = 0; i < names.count(); i++) {
      assertTrue(names.nth(i).inputValue().startsWith("Rest"), names.nth(i).inputValue());
    }
    hands.page.navigate(build);
    hands.seesHeading("Make").jump("4").seesHeading("Order");
    assertThat(hands.page.getByText("Clear cast acrylic 3 mm")).hasCount(0);
  }
}
