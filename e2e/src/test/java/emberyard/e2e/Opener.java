package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;

/** What a hand does to bring more fields of a screen into sight. */
sealed interface Opener {
  /** False when there was nothing to do it on, or nothing more. */
  boolean on(Page page);

  /** How often it is done, each time on the next of its kind. */
  default int most() {
    return 1;
  }

  /** Presses what begins with these words. */
  record Press(String words) implements Opener {
    private static final String BEGINS =
        """
        (words) => {
          const label = (each) => (each.getAttribute('aria-label') ?? each.innerText)
            .trim().replace(/\\s+/g, ' ');
          const found = [...document.querySelectorAll('main button, aside button, main summary, [role=dialog] button')]
            .filter((each) => each.offsetParent !== null && !each.disabled)
            .find((each) => label(each).startsWith(words) || each.innerText.trim().startsWith(words));
          found?.click();
          return !!found;
        }
        """;

    @Override
    public boolean on(Page page) {
      return Boolean.TRUE.equals(page.evaluate(BEGINS, words));
    }
  }

  /** Unfolds the next of everything that is folded. */
  record Unfold() implements Opener {
    private static final String NEXT =
        """
        (mark) => {
          const folded = [...document.querySelectorAll('main [aria-expanded=false]:not([role])')]
            .filter((each) => each.offsetParent !== null && !each.disabled && !each.dataset.unfolded);
          folded[0]?.click();
          if (folded[0]) folded[0].dataset.unfolded = mark;
          return folded.length > 0;
        }
        """;

    @Override
    public boolean on(Page page) {
      return Boolean.TRUE.equals(page.evaluate(NEXT, "yes"));
    }

    @Override
    public int most() {
      return 20;
    }
  }

  /**
   * Opens the next fold that begins with these words: what one looks for may lie in any of them.
   */
  record UnfoldEach(String words) implements Opener {
    private static final String NEXT =
        """
        (words) => {
          const folded = [...document.querySelectorAll('main details:not([open]) > summary')]
            .filter((each) => each.offsetParent !== null && each.innerText.trim().startsWith(words));
          folded[0]?.click();
          return folded.length > 0;
        }
        """;

    @Override
    public boolean on(Page page) {
      return Boolean.TRUE.equals(page.evaluate(NEXT, words));
    }

    @Override
    public int most() {
      return 20;
    }
  }

  /** Chooses an entry from the list with this label. */
  record Choose(String label, String entry) implements Opener {
    @Override
    public boolean on(Page page) {
      new Hands(page).choose(label, entry);
      return true;
    }
  }

  /** Clicks what this selector finds first. */
  record Click(String selector) implements Opener {
    @Override
    public boolean on(Page page) {
      Locator found = page.locator(selector).first();
      if (found.count() == 0) {
        return false;
      }
      found.click();
      return true;
    }
  }

  /** Gives a file to the first place on the screen that takes one. */
  record Give(FilePayload file) implements Opener {
    @Override
    public boolean on(Page page) {
      Locator place = page.locator("main input[type=file]").first();
      if (place.count() == 0) {
        return false;
      }
      place.setInputFiles(file);
      return true;
    }
  }

  /** Finishes the job of the card the address names, passing over what is open before it. */
  record Finish() implements Opener {
    @Override
    public boolean on(Page page) {
      Locator job = page.locator(".labelled .job");
      job.waitFor();
      new Hands(page).finish(job);
      page.locator(".labelled .job.done, .labelled .job .said").first().waitFor();
      return true;
    }
  }

  static Opener choose(String label, String entry) {
    return new Choose(label, entry);
  }

  /** "*" unfolds everything, other words are those a button begins with. */
  static Opener of(String words) {
    return words.equals("*") ? new Unfold() : new Press(words);
  }
}
