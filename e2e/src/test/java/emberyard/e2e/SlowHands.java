package emberyard.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Types into every field as a careful, slow hand does, and reads back what was typed. */
final class SlowHands {
  /** Answers of the server to a write are held back by so much. */
  private static final String HOLD_BACK =
      """
      window.heldBackMs = 0;
      const ask = window.fetch;
      window.fetch = async (address, init) => {
        if (init?.method === 'PUT') await new Promise((done) => setTimeout(done, window.heldBackMs));
        return ask(address, init);
      };
      """;

  private static final String LEAVES =
      """
      async (addresses) => {
        const leaves = {};
        const walk = (value, path) => {
          if (value !== null && typeof value === 'object')
            Object.entries(value).forEach(([key, inner]) => walk(inner, path + '/' + key));
          else leaves[path] = value;
        };
        for (const address of addresses) {
          const view = await (await fetch(address)).json();
          walk(view.build ?? view.book ?? view, address);
        }
        window.leavesBefore = window.leavesNow;
        window.leavesNow = leaves;
        const before = window.leavesBefore ?? {};
        return Object.keys(leaves).filter((path) => leaves[path] !== before[path])
          .filter((path) => !path.includes('/notes/'))
          .map((path) => String(leaves[path]));
      }
      """;

  private static final String IN_SIGHT =
      """
      [...new Set([...document.querySelectorAll('[data-tag]')]
        .filter((field) => field.checkVisibility())
        .map((field) => [field, field.matches('input') ? field
          : field.querySelector('input:not([type=color]), textarea')])
        .filter(([field, input]) => input && !input.disabled)
        .map(([field, input]) => field.dataset.tag + '|' +
          (field.querySelector('label')?.innerText ?? '').trim()))]
      """;

  /** Forms in sight that offer choices: into some of them nothing is typed at all. */
  private static final String CHOSEN =
      """
      [...new Set([...document.querySelectorAll('[data-chosen]')]
        .map((field) => field.dataset.chosen + '|'))]
      """;

  /** Somebody else writes a note in the same build while a hand pauses. */
  private static final String ELSEWHERE =
      """
      async (build) => {
        const token = document.cookie.match(/XSRF-TOKEN=([^;]*)/)?.[1] ?? '';
        await fetch('/api/builds/' + build + '/notes', {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
          body: JSON.stringify({ id: crypto.randomUUID(), taskKey: 'brief/agree', text: 'from elsewhere' }),
        });
      }
      """;

  private String build = "";
  private final Page page;
  private final int[] pausesMs;
  final Set<String> typed = new TreeSet<>();
  final Set<String> refused = new TreeSet<>();
  final Set<String> local = new TreeSet<>();
  final Set<String> chosen = new TreeSet<>();
  final List<String> wrong = new ArrayList<>();
  private final Set<String> taken;

  /**
   * @param pausesMs after the first key, between the others, and before the last
   */
  SlowHands(Page page, int[] pausesMs, int heldBackMs) {
    this(page, pausesMs, heldBackMs, new TreeSet<>());
  }

  /**
   * @param taken fields that some hand has taken, shared with other hands at other pages
   */
  SlowHands(Page page, int[] pausesMs, int heldBackMs, Set<String> taken) {
    this.page = page;
    this.pausesMs = pausesMs;
    this.taken = taken;
    page.addInitScript(HOLD_BACK.replace("heldBackMs = 0", "heldBackMs = " + heldBackMs));
  }

  /** Types into the first field of each tag on the screen that was not typed into yet. */
  void everyFieldHere(String buildId, Set<String> wanted) {
    List<String> addresses =
        buildId == null
            ? List.of("/api/workshop")
            : buildId.isEmpty()
                ? List.<String>of()
                : List.of("/api/builds/" + buildId, "/api/workshop");
    build = buildId == null ? "" : buildId;
    page.evaluate(LEAVES, addresses);
    chosen.addAll(chosenHere());
    for (String field : here()) {
      if (wanted.contains(tagOf(field)) && !seen(field) && taken.add(field)) {
        one(field, addresses);
      }
    }
  }

  /** Takes over what another hand has typed. */
  void and(SlowHands other) {
    typed.addAll(other.typed);
    refused.addAll(other.refused);
    local.addAll(other.local);
    chosen.addAll(other.chosen);
    wrong.addAll(other.wrong);
  }

  /** The tags of all fields typed into. */
  Set<String> tags() {
    Set<String> all = new TreeSet<>();
    Stream.of(typed, refused, local, chosen)
        .flatMap(Set::stream)
        .map(SlowHands::tagOf)
        .forEach(all::add);
    return all;
  }

  static String tagOf(String field) {
    return field.substring(0, field.indexOf('|'));
  }

  private Locator found(String field) {
    String label = field.substring(field.indexOf('|') + 1);
    Locator all = page.locator("[data-tag='" + tagOf(field) + "']:visible");
    Locator labelled =
        all.filter(
            new Locator.FilterOptions()
                .setHas(page.locator("label:text-is(\"" + label.replace("\"", "\\\"") + "\")")));
    // a label may hold the name that was typed just now
    return label.isEmpty() || labelled.count() == 0 ? all.first() : labelled.first();
  }

  /** Types into the first field of a file whose unit is this one; null for words. */
  /** Until a field of that part of the page is there. */
  void waitFor(String file) {
    for (int tries = 0; tries < 600; tries++) {
      if (here().stream().anyMatch(tag -> tag.startsWith(file + ":"))) {
        return;
      }
      page.waitForTimeout(100);
    }
  }

  void oneOf(String file, String unit, String buildId) {
    List<String> addresses =
        buildId == null
            ? List.of("/api/workshop")
            : List.of("/api/builds/" + buildId, "/api/workshop");
    build = buildId == null ? "" : buildId;
    for (String tag : here()) {
      if (tag.startsWith(file + ":") && !seen(tag)) {
        Locator first = found(tag);
        Object found =
            first.evaluate(
                "(e) => (e.matches('input') ? e : e.querySelector('input:not([type=color]), textarea')).dataset.unit ?? null");
        if (java.util.Objects.equals(unit, found)) {
          one(tag, addresses);
          return;
        }
      }
    }
    wrong.add("no field for " + unit + " of " + file);
  }

  @SuppressWarnings("unchecked")
  private List<String> chosenHere() {
    return (List<String>) page.evaluate(CHOSEN);
  }

  /** How many fields were typed into. */
  int count() {
    return typed.size() + refused.size() + local.size();
  }

  boolean seen(String tag) {
    return typed.contains(tag) || refused.contains(tag) || local.contains(tag);
  }

  /** Fields in sight that can be typed into, as "tag|label": one of each, however many rows. */
  @SuppressWarnings("unchecked")
  List<String> here() {
    return (List<String>) page.evaluate(IN_SIGHT);
  }

  private void one(String tag, List<String> addresses) {
    Locator field = found(tag);
    Locator input =
        field
            .locator(
                "xpath=descendant-or-self::*[self::textarea or self::input[not(@type='color')]]")
            .first();
    try {
      settle(); // what an opener began is not this field's doing
      page.evaluate(LEAVES, addresses);
      input.click();
      String unit = input.getAttribute("data-unit");
      String before = input.inputValue();
      String text = textFor(unit, before);

      page.keyboard().press("Control+a");
      type(text);
      expect(tag, "while typing", text, input.inputValue());
      settle();
      expect(tag, "after the answer", text, input.inputValue());
      page.keyboard().press("Tab");
      page.waitForTimeout(80);
      settle();
      judge(tag, unit, text, before, field, input, addresses);
    } catch (RuntimeException lost) {
      wrong.add(tag + ": " + lost.getMessage().lines().limit(3).toList());
    }
  }

  private void type(String text) {
    // every fifth field is left for the long pause
    int last = count() % 5 == 0 ? pausesMs[2] : pausesMs[0];
    for (int i = 0; i < text.length(); i++) {
      page.keyboard().type(text.substring(i, i + 1));
      boolean first = i == 0;
      boolean beforeLast = i == text.length() - 2;
      if (beforeLast && !build.isEmpty()) {
        page.evaluate(ELSEWHERE, build);
      }
      int pause = beforeLast ? last : first ? pausesMs[0] : pausesMs[1];
      page.waitForTimeout(pause);
    }
  }

  private void settle() {
    if (page.locator(".state").count() == 0) {
      return; // nobody is signed in: nothing is saved
    }
    page.locator(".state.saved, .state.refused").first().waitFor();
    page.waitForTimeout(90);
    page.locator(".state.saved, .state.refused").first().waitFor();
  }

  @SuppressWarnings("unchecked")
  private void judge(
      String tag,
      String unit,
      String text,
      String before,
      Locator field,
      Locator input,
      List<String> addresses) {
    List<String> changed = (List<String>) page.evaluate(LEAVES, addresses);
    boolean says = field.locator(".problem").count() > 0;
    if (says) {
      refused.add(tag);
      expect(tag, "refused, after leaving", text, input.inputValue());
    } else if (refusedBeside(changed, unit, text)) {
      refused.add(tag);
      // nothing is wrong with its text, so it is written as any other: 35 as “35 min”
      expect(tag, "refused beside, after leaving", text, input.inputValue().split(" ")[0]);
    } else if (changed.stream().anyMatch(value -> means(value, stored(unit, text)))) {
      typed.add(tag);
    } else if (changed.isEmpty()) {
      local.add(tag);
      input.fill(before); // a filter would hide the rest of the list
    } else {
      typed.add(tag);
      wrong.add(tag + ": typed “" + text + "”, stored " + changed.stream().limit(6).toList());
    }
  }

  /**
   * A number that contradicts its neighbour is refused, and the sentence stands at the neighbour: a
   * paint that flashes for longer than it waits for its next coat.
   */
  private boolean refusedBeside(List<String> changed, String unit, String text) {
    if (unit == null || !text.matches("[0-9.]+")) {
      return false; // words contradict nothing
    }
    boolean stored = changed.stream().anyMatch(value -> means(value, stored(unit, text)));
    return !stored
        && page.locator(".state.refused").count() > 0
        && page.locator(".problem:visible").count() > 0;
  }

  private void expect(String tag, String when, String wanted, String found) {
    if (!wanted.equals(found)) {
      wrong.add("%s: %s it shows “%s”, typed “%s”".formatted(tag, when, found, wanted));
    }
  }

  /** Something else than what stands there, of its kind, near enough to be taken. */
  private static String textFor(String unit, String before) {
    if (unit == null) {
      return before.isBlank() ? "Seven words of chart" : before + " b";
    }
    switch (unit) {
      case "money":
        return before.equals("123.40") ? "124.30" : "123.40";
      case "day":
        return before.equals("9 Mar 2026") ? "10 Mar 2026" : "9 Mar 2026";
      case "time":
        return before.equals("10:30") ? "10:45" : "10:30";
      case "colour":
        return before.equalsIgnoreCase("#2E4A45") ? "#3F5B56" : "#2E4A45";
      case "share":
        return before.equals("0.45") ? "0.55" : "0.45";
      default:
        return number(before);
    }
  }

  private static String number(String before) {
    if (before.contains("h") || before.contains("min")) {
      return before.equals("35 min") ? "45" : "35";
    }
    double now = before.isBlank() ? 11 : Double.parseDouble(before);
    long whole = Math.round(now);
    return String.valueOf(now < 1 ? 1 + whole : whole + 1);
  }

  /** A list typed with commas is stored as its members. */
  private static boolean means(String value, String wanted) {
    boolean share = wanted.matches("\\d+") && value.equals("0." + wanted);
    // an outline is kept as its path
    boolean outline =
        value.matches("M[\\d ML.-]*Z") && value.matches(".*(?<!\\d)" + wanted + "(?!\\d).*");
    boolean moment = value.matches("\\d{4}-\\d\\d-\\d\\dT.*Z"); // hours are kept as instants
    return share
        || moment
        || outline
        || value.startsWith(wanted)
        || (wanted.contains(", ") && wanted.endsWith(value));
  }

  private static String stored(String unit, String text) {
    if ("money".equals(unit)) {
      return String.valueOf(Math.round(Double.parseDouble(text) * 100));
    }
    if ("day".equals(unit)) {
      return text.startsWith("9") ? "2026-03-09" : "2026-03-10";
    }
    return text;
  }
}
