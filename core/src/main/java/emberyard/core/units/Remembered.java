package emberyard.core.units;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Remembers the last answers of a pure function. An answer follows from what is asked alone, so
 * remembering it changes nothing but the time.
 */
public final class Remembered<Q, A> {
  /** Where the code itself is changed (mutation tests), an answer of before would hide it. */
  private static final boolean FORGETS = Boolean.getBoolean("ember.forget");

  private final Map<Q, A> answers;

  /**
   * @param most answers that are kept, the least recently asked for goes first
   */
  public Remembered(int most) {
    answers =
        new LinkedHashMap<>(most, 0.75f, true) {
          @Override
          protected boolean removeEldestEntry(Map.Entry<Q, A> eldest) {
            return size() > most;
          }
        };
  }

  /** The answer; worked out outside the lock, so that nobody waits for another's. */
  public A get(Q asked, Function<Q, A> function) {
    if (FORGETS) {
      return function.apply(asked);
    }
    synchronized (answers) {
      A known = answers.get(asked);
      if (known != null) {
        return known;
      }
    }
    A made = function.apply(asked);
    synchronized (answers) {
      answers.put(asked, made);
    }
    return made;
  }
}
