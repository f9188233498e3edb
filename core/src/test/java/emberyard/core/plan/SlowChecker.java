package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;

/**
 * An independent, slow way to the same plan for one person and no stations: walks the clock minute
 * by minute and always works on the eligible step that comes first in the order. With every step
 * interruptible and that order fixed, this is the plan by definition.
 */
final class SlowChecker {
  private SlowChecker() {}

  /** Finish of each step, in the order given, which is also the order of urgency. */
  static LocalDateTime[] finishes(LocalDateTime start, List<Step> urgent) {
    int[] left = urgent.stream().mapToInt(Step::handsOnMinutes).toArray();
    LocalDateTime[] finish = new LocalDateTime[left.length];
    LocalDateTime now = start;
    while (Arrays.asList(finish).contains(null)) {
      settle(urgent, left, finish, now);
      int next = workable(urgent, left, finish, now);
      if (next >= 0 && opens(now)) {
        left[next]--;
      }
      now = now.plusMinutes(1);
    }
    return finish;
  }

  private static void settle(
      List<Step> steps, int[] left, LocalDateTime[] finish, LocalDateTime now) {
    for (int i = 0; i < left.length; i++) {
      if (finish[i] == null && left[i] == 0) {
        finish[i] = now.plusMinutes(steps.get(i).waitMinutes());
      }
    }
  }

  private static int workable(
      List<Step> steps, int[] left, LocalDateTime[] finish, LocalDateTime now) {
    for (int i = 0; i < left.length; i++) {
      if (left[i] > 0 && ready(steps, i, finish, now)) {
        return i;
      }
    }
    return -1;
  }

  private static boolean ready(
      List<Step> steps, int index, LocalDateTime[] finish, LocalDateTime now) {
    for (String before : steps.get(index).after()) {
      for (int i = 0; i < finish.length; i++) {
        boolean it = steps.get(i).key().equals(before);
        if (it && (finish[i] == null || finish[i].isAfter(now))) {
          return false;
        }
      }
    }
    return true;
  }

  private static boolean opens(LocalDateTime now) {
    return now.getDayOfWeek().getValue() <= 5 && now.getHour() >= 9 && now.getHour() < 17;
  }
}
