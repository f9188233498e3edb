package emberyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Two people in three windows change the same part in any order, take back, do again and lose the
 * line for a while. A model of a few lines says what must stand there after each step: in every
 * window that is on the line, and in the end in all of them.
 */
final class TogetherWalk {
  private static final List<String> FIELDS = List.of("Name", "Width", "Height");

  /** A step of undo: per field what stood there and what was put there. */
  private record Act(Map<String, String> before, Map<String, String> after) {}

  /** Somebody with a browser of their own. */
  private static final class Person {
    final List<Page> windows;
    final Deque<Act> done = new ArrayDeque<>();
    final Deque<Act> undone = new ArrayDeque<>();
    final Map<String, String> typedAway = new LinkedHashMap<>();
    Map<String, String> sawLast;
    boolean away;

    Person(Page... windows) {
      this.windows = List.of(windows);
    }
  }

  private final Random random;
  private final List<Person> people;
  private final Map<String, String> kept = new HashMap<>();
  private final StringBuilder story = new StringBuilder();
  private int value = 200;

  private TogetherWalk(long seed, Page first, Page second, Page third) {
    random = new Random(seed);
    people = List.of(new Person(first, second), new Person(third));
    FIELDS.forEach(field -> kept.put(field, field(first, field).inputValue()));
  }

  /** Walks so many steps on a part that is open in all three windows. */
  static void walk(long seed, int steps, Page first, Page second, Page third) {
    TogetherWalk walk = new TogetherWalk(seed, first, second, third);
    try {
      for (int i = 0; i < steps; i++) {
        walk.step();
        walk.check();
      }
      walk.people.forEach(walk::comeBack);
      walk.check();
    } catch (AssertionError | RuntimeException wrong) {
      throw new AssertionError("seed " + seed + ":\n" + walk.story, wrong);
    }
  }

  private void step() {
    Person person = people.get(random.nextInt(people.size()));
    switch (random.nextInt(8)) {
      case 0, 1, 2, 3 -> type(person);
      case 4 -> takeBack(person);
      case 5 -> doAgain(person);
      case 6 -> goAway(person);
      default -> comeBack(person);
    }
  }

  private static Locator field(Page page, String name) {
    return page.getByLabel(name, new Page.GetByLabelOptions().setExact(true)).first();
  }

  private void tell(Person person, String what) {
    story.append(person == people.get(0) ? "ines " : "lotte ").append(what).append('\n');
  }

  /** The window in which an outage is lived through is always the first. */
  private Page window(Person person) {
    return person.windows.get(person.away ? 0 : random.nextInt(person.windows.size()));
  }

  private void type(Person person) {
    String name = FIELDS.get(random.nextInt(FIELDS.size()));
    String text = name.equals("Name") ? "part " + value++ : String.valueOf(value++);
    Page page = window(person);
    tell(person, "types " + text + " into " + name + (person.away ? ", away" : ""));
    field(page, name).click();
    field(page, name).fill(text);
    page.keyboard().press("Tab");
    if (person.away) {
      person.typedAway.put(name, text);
      new Hands(page).sees("does not answer");
    } else {
      new Hands(page).saved();
      write(person, Map.of(name, text));
    }
  }

  private void write(Person person, Map<String, String> values) {
    Map<String, String> before = new HashMap<>();
    values.keySet().forEach(name -> before.put(name, kept.get(name)));
    kept.putAll(values);
    person.done.push(new Act(before, values));
    person.undone.clear();
  }

  private void takeBack(Person person) {
    if (person.away || person.done.isEmpty()) {
      return;
    }
    tell(person, "takes back");
    turn(person, "Control+z", "Taken back in this build", person.done, person.undone, true);
  }

  private void doAgain(Person person) {
    if (person.away || person.undone.isEmpty()) {
      return;
    }
    tell(person, "does again");
    turn(person, "Control+y", "Done again in this build", person.undone, person.done, false);
  }

  private void turn(
      Person person, String key, String words, Deque<Act> from, Deque<Act> to, boolean back) {
    Page page = window(person);
    Act act = from.peek();
    Map<String, String> expected = back ? act.after() : act.before();
    boolean free =
        expected.entrySet().stream().allMatch(e -> e.getValue().equals(kept.get(e.getKey())));
    page.keyboard().press(key);
    if (!free) {
      tell(person, "... which somebody changed since");
      new Hands(page).sees("was changed again since");
      return;
    }
    new Hands(page).sees(words);
    kept.putAll(back ? act.before() : act.after());
    to.push(from.pop());
  }

  private void goAway(Person person) {
    if (person.away) {
      return;
    }
    tell(person, "loses the line");
    person.away = true;
    person.sawLast = Map.copyOf(kept);
    person.windows.get(0).context().setOffline(true);
  }

  /** What was typed meanwhile is sent; where somebody changed the same, it is asked. */
  private void comeBack(Person person) {
    if (!person.away) {
      return;
    }
    tell(person, "is back on the line");
    person.away = false;
    Page page = person.windows.get(0);
    page.context().setOffline(false);
    Map<String, String> mine = new LinkedHashMap<>(person.typedAway);
    person.typedAway.clear();
    List<String> both =
        mine.keySet().stream()
            .filter(name -> !person.sawLast.get(name).equals(kept.get(name)))
            .toList();
    if (!both.isEmpty()) {
      boolean keepMine = random.nextBoolean();
      tell(person, "... and keeps " + (keepMine ? "mine" : "theirs") + " of " + both);
      new Hands(page).press(keepMine ? "Keep mine" : "Take theirs");
      if (!keepMine) {
        both.forEach(mine::remove);
      }
    }
    new Hands(page).saved();
    if (!mine.isEmpty()) {
      write(person, mine);
    }
  }

  private void check() {
    for (Person person : people) {
      if (!person.away) {
        person.windows.forEach(
            page -> FIELDS.forEach(name -> assertThat(field(page, name)).hasValue(kept.get(name))));
      }
    }
  }
}
