package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/**
 * A whole day: in the morning, after the break and before the last coats' windows close, card after
 * card until nothing more can begin, then the day's end. A helper's by touch at 390 × 844, the
 * owner's by keys.
 */
class WholeDayTest extends DemoDay {
  private static final int MOST_CARDS = 40;
  private static final int MOST_LOOKS = 40;
  private static final int LEAST_DONE = 4;
  private static final List<String> LATER = List.of("2026-03-03T13:05", "2026-03-03T15:35");

  @Test
  void ofAHelperByTouch() {
    Page page = yard.signedIn(yard.touched(390, 844), "lotte");
    wholeDay(page, Locator::tap);
  }

  @Test
  void ofTheOwnerByKeys() {
    Page page = yard.signedIn("ines");
    wholeDay(
        page,
        button -> {
          button.focus();
          page.keyboard().press("Enter");
        });
  }

  private void wholeDay(Page page, Consumer<Locator> press) {
    List<String> done = new ArrayList<>(worked(page, press));
    for (String time : LATER) {
      yard.goOnAt(time);
      done.addAll(worked(page, press));
    }
    assertTrue(done.size() >= LEAST_DONE, "done: " + done);
    press.accept(new Hands(page).button("Day’s end"));
    Locator end = page.locator(".end");
    assertThat(end).containsText("Done today");
    for (String title : done) {
      assertThat(end).containsText(title);
    }
    assertThat(page.locator("article.running")).hasCount(0);
  }

  private List<String> worked(Page page, Consumer<Locator> press) {
    bench(page);
    Day day = new Day(page, press);
    day.forgotten();
    return day.work();
  }

  /** Hands at the bench, which press in one way. */
  private record Day(Page page, Consumer<Locator> press) {
    void forgotten() {
      Locator asked = new Hands(page).button("Stopped then");
      if (asked.count() > 0) {
        press.accept(asked);
        assertThat(asked).hasCount(0);
      }
    }

    /** Does what can be done, with the clock; titles of what was. */
    List<String> work() {
      List<String> done = new ArrayList<>();
      Set<String> left = new HashSet<>();
      for (int turn = 0; turn < MOST_CARDS; turn++) {
        Locator card = page.locator("article.now").first();
        String title = card.locator("h2").innerText();
        read(card);
        if (!left.contains(title) && begins(card) && ends(card, title)) {
          done.add(title);
        } else {
          left.add(title);
          if (!takesUpAnother(left)) {
            return done;
          }
        }
      }
      throw new AssertionError("a day without end: " + done);
    }

    /** Cautions that were not read today. */
    private void read(Locator card) {
      Locator unread = card.locator(".care button:text-is('Read')");
      if (unread.count() > 0) {
        press.accept(unread.first());
        assertThat(unread).hasCount(0);
      }
    }

    /** What waits, what lies behind open work, a parcel that has to come: not yet. */
    private static boolean begins(Locator card) {
      return card.locator(".blocks, .asks").count() == 0
          && card.locator("[aria-label^='Done: '], [aria-label^='Record the check: ']").count() > 0;
    }

    /** Whether it is done: what is refused (nothing is frozen yet, say) is laid down again. */
    private boolean ends(Locator card, String title) {
      Locator start = card.getByLabel("Start the clock: " + title);
      if (!stays(start, title)) {
        return false;
      }
      press.accept(start);
      Locator stop = card.getByLabel("Stop the clock: " + title);
      stop.waitFor();
      Locator check = card.getByLabel("Record the check: " + title);
      if (check.count() > 0) {
        press.accept(check);
        card.getByLabel("What the check showed").fill("Looked and measured: in order.");
        press.accept(card.getByText("It passed"));
      } else {
        press.accept(card.getByLabel("Done: " + title));
      }
      if (changes(heading(), title, false)) {
        return true;
      }
      press.accept(stop);
      card.getByLabel("Start the clock: " + title).waitFor();
      return false;
    }

    /** Whether a card is still the one in hand when its clock is to be started. */
    private boolean stays(Locator start, String title) {
      for (int tries = 0; tries < MOST_LOOKS; tries++) {
        if (start.count() > 0) {
          return true;
        }
        if (!heading().innerText().equals(title)) {
          return false;
        }
        page.waitForTimeout(100);
      }
      return false;
    }

    private Locator heading() {
      return page.locator("article.now h2").first();
    }

    /** Waits until the large card is this one, or another; whether it is. */
    private boolean changes(Locator heading, String title, boolean to) {
      for (int tries = 0; tries < MOST_LOOKS; tries++) {
        if (heading.innerText().equals(title) == to) {
          return true;
        }
        page.waitForTimeout(100);
      }
      return false;
    }

    /** The list moves as the plan does: what is gone when it is pressed is left. */
    private boolean takesUpAnother(Set<String> left) {
      Locator rows = page.locator(".then .card:not(.waits)");
      for (String title : rows.locator(".what > strong").allInnerTexts()) {
        if (!left.contains(title)) {
          Locator row = rows.filter(new Locator.FilterOptions().setHasText(title)).first();
          if (row.count() > 0) {
            press.accept(row);
            changes(heading(), title, true);
          }
          return true;
        }
      }
      return false;
    }
  }
}
