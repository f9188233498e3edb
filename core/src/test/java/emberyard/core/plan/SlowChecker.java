package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * An independent, slow way to the same plan for one person and no stations: a calendar of single
 * minutes, in which each step, the most urgent first, is worked on minute by minute as soon as it
 * may, but never in pieces under 15 minutes.
 */
final class SlowChecker {
  private static final int DAYS = 400;

  private SlowChecker() {}

  /** Finish of each step, in the order given, which is also the order of urgency. */
  static LocalDateTime[] finishes(LocalDateTime start, List<Step> urgent) {
    boolean[] free = new boolean[DAYS * 24 * 60];
    for (int minute = 0; minute < free.length; minute++) {
      free[minute] = opens(start.plusMinutes(minute));
    }
    Map<String, Integer> finished = new HashMap<>();
    LocalDateTime[] finish = new LocalDateTime[urgent.size()];
    for (int i = 0; i < finish.length; i++) {
      Step step = urgent.get(i);
      int from = step.after().stream().mapToInt(finished::get).max().orElse(0);
      int end = work(free, from, step.handsOnMinutes());
      finished.put(step.key(), end + step.waitMinutes());
      finish[i] = start.plusMinutes(finished.get(step.key()));
    }
    return finish;
  }

  /** Works off so many minutes, and says when the last is over. */
  private static int work(boolean[] free, int from, int minutes) {
    int left = minutes;
    int now = from;
    while (left > 0) {
      int room = room(free, now);
      boolean all = room >= left;
      // what is begun lasts 15 minutes, and so does what is left of it
      int worth = all ? left : Math.min(room, left - 15);
      if (all || worth >= 15) {
        for (int k = 0; k < worth; k++) {
          free[now + k] = false;
        }
        left -= worth;
        now += worth;
      } else {
        now += Math.max(1, room);
      }
    }
    return now;
  }

  private static int room(boolean[] free, int from) {
    int room = 0;
    while (from + room < free.length && free[from + room]) {
      room++;
    }
    return room;
  }

  private static boolean opens(LocalDateTime now) {
    return now.getDayOfWeek().getValue() <= 5 && now.getHour() >= 9 && now.getHour() < 17;
  }
}
