package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What else would do, and a used card that has to be shown to work while it can go back. */
class ProofJourneyTest {
  private static final String SEND = "/builds/line-9-depot/supply?show=send";

  @Test
  void anotherSupplyIsTakenAndAUsedCardIsProven() {
    try (Yard yard = Yard.demo()) {
      yard.goOnAt("2026-03-03T09:42");
      Page page = yard.signedIn("ines");
      Hands hands = new Hands(page);
      page.navigate(yard.address(SEND));
      anotherSupply(hands, page);
      aUsedCard(hands, page);
      page.navigate(yard.address("/builds/line-9-depot/plan"));
      hands.sees("Prove Graphics Gannet 50 (used) with");
      assertEquals(List.of(), yard.complaints);
    }
  }

  private static void offers(Page page, String thing) {
    Locator parcels = page.getByText("What is in it, and how it is bought");
    parcels.first().waitFor();
    for (Locator parcel : parcels.all()) {
      if (page.getByLabel(Pattern.compile("^Offers: " + thing)).count() == 0) {
        parcel.click();
      }
    }
    page.getByLabel(Pattern.compile("^Offers: " + thing)).first().click();
  }

  private static void anotherSupply(Hands hands, Page page) {
    offers(page, "Supply Basalt 450");
    page.getByText("What else would do?").click();
    hands.sees("Whether it is as fast is yours");
    page.getByLabel("Take Supply Flint 450 instead").click();
    assertThat(page.getByLabel("Offers: Supply Flint 450")).hasCount(1);
    assertThat(page.getByLabel("Offers: Supply Basalt 450")).hasCount(0);
    page.getByText("Undo").first().click();
    assertThat(page.getByLabel("Offers: Supply Basalt 450")).hasCount(1);
  }

  /** Nobody takes it back until somebody agreed to. */
  private static void aUsedCard(Hands hands, Page page) {
    offers(page, "Graphics Gannet 50");
    page.getByLabel("Buy this one: somebody private").click();
    hands.saved();
    Locator nobody = page.getByText("Graphics Gannet 50 is used, and nobody takes it back");
    assertThat(nobody).hasCount(1);
    page.getByLabel("More: somebody private").click();
    page.getByLabel("Takes back within, if not the shop’s").fill("30");
    hands.saved();
    assertThat(nobody).hasCount(0);
    page.keyboard().press("Escape");
  }
}
