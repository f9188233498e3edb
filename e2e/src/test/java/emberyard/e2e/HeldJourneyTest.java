package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A frame is cut out of a case: what hung on it is said, gets a bracket, and the bracket is work.
 */
class HeldJourneyTest {
  private static final Page.GetByLabelOptions EXACT = new Page.GetByLabelOptions().setExact(true);

  @Test
  void whatHungOnAFrameGetsABracket() {
    try (Yard yard = Yard.empty()) {
      Hands hands = new Hands(yard.window());
      hands.page.navigate(yard.address("/"));
      hands.begin("Night Pilotage").jump("3");
      hands.sees("What does it sit in?").write("Find an enclosure", "skerry");
      hands.page.getByText("Enclosure Skerry 24").first().click();
      hands.sees("plan, back above").press("Hardware").press("Take from the library");
      take(hands, "Dunlin M2");
      take(hands, "Gneiss 8");
      take(hands, "Linnet USB");
      hands.press("Close the library");
      held(hands);
      cut(hands);
      bracket(hands);
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void take(Hands hands, String name) {
    hands.write("Find in the library", name);
    Locator shelf = hands.page.getByLabel("Components of the library");
    shelf.getByRole(AriaRole.BUTTON).first().click();
    assertThat(hands.page.getByLabel("Components", EXACT).getByText(name)).isVisible();
  }

  private static Locator line(Hands hands, String name) {
    return hands.page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static void choose(Hands hands, String thing, String label, String option) {
    Locator list =
        line(hands, thing)
            .getByRole(
                AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName(label).setExact(true));
    list.click();
    hands
        .page
        .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true))
        .click();
    hands.saved();
  }

  /** A hub in a bay that takes anything is held by nothing until somebody says by what. */
  private static void held(Hands hands) {
    hands.press("Held").sees("1 of them held by nothing");
    assertThat(line(hands, "Hub Linnet USB")).containsText("nothing holds it");
    assertThat(line(hands, "Drive Gneiss 8 TB")).containsText("4 of 4 screws");
    hands.sees("Nothing holds Hub Linnet USB");
    choose(hands, "Hub Linnet USB", "Held by", "foam tape");
    hands.sees("all of them held");
    assertThat(line(hands, "Hub Linnet USB")).containsText("4.6 of 31.5 cm²");
    assertThat(hands.page.getByText("Nothing holds Hub Linnet USB")).hasCount(0);
  }

  private static void cut(Hands hands) {
    hands.press("Enclosure");
    hands.page.getByLabel("Bays", EXACT).getByText("Drive cage").click();
    hands.page.getByLabel("cut it away").check();
    hands.saved().sees("Drive Gneiss 8 TB hung on “Drive cage”, which is cut away");
    hands.press("Held").sees("“Drive cage” is cut away");
    hands.sees("Drive Gneiss 8 TB hung on it.").sees("Nothing holds Drive Gneiss 8 TB");
  }

  /** One press on the way out, and it is work to be done. */
  private static void bracket(Hands hands) {
    hands.press("Make a bracket for it").saved();
    assertThat(hands.page.getByText("Nothing holds Drive Gneiss 8 TB")).hasCount(0);
    assertThat(line(hands, "Drive Gneiss 8 TB")).containsText("4 of 4 screws");
    hands.find("bracket for").sees("Make a bracket for Drive Gneiss 8 TB");
  }
}
