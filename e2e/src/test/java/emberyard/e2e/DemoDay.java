package emberyard.e2e;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A day of the demo for each test: what one ends is gone for the others. */
abstract class DemoDay {
  Yard yard;

  @BeforeEach
  void open() {
    yard = Yard.demo();
  }

  @AfterEach
  void close() {
    yard.close();
  }

  /** Opens the Bench, with its large card. */
  Page bench(Page page) {
    page.navigate(yard.address("/bench"));
    page.locator("article.now").first().waitFor();
    return page;
  }
}
