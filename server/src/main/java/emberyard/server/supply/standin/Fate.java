package emberyard.server.supply.standin;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.SplittableRandom;

/**
 * What will happen to a line, drawn when the stand-in first sees it.
 *
 * @param heardAt when that was
 * @param wantedOn the day on which it was counted on then
 * @param confirmHours until it answers
 * @param dearerPercent what it asks more
 * @param laterDays how much later than wanted it comes
 * @param restDays how much later the second half comes, 0 where all comes at once
 * @param wrong whether another thing is in the parcel
 * @param delayDays how long the courier keeps it more
 */
record Fate(
    LocalDateTime heardAt,
    LocalDate wantedOn,
    int confirmHours,
    int dearerPercent,
    int laterDays,
    int restDays,
    boolean wrong,
    int delayDays) {

  /**
   * @param divisible whether it can come in two parts
   */
  static Fate drawn(
      SplittableRandom random,
      Chances chances,
      LocalDateTime heardAt,
      LocalDate wantedOn,
      boolean divisible) {
    int confirm = 1 + random.nextInt(4);
    int dearer = random.nextDouble() < chances.dearer() ? 2 + random.nextInt(7) : 0;
    int later = random.nextDouble() < chances.later() ? 3 + random.nextInt(7) : 0;
    int rest = random.nextDouble() < chances.parts() ? 2 + random.nextInt(3) : 0;
    boolean wrong = random.nextDouble() < chances.wrong();
    int delay = random.nextDouble() < chances.delayed() ? 1 : 0;
    return new Fate(heardAt, wantedOn, confirm, dearer, later, divisible ? rest : 0, wrong, delay);
  }

  LocalDateTime confirmsAt() {
    return heardAt.plusHours(confirmHours);
  }

  long asksMinor(long agreedMinor) {
    return Math.round(agreedMinor * (1 + dearerPercent / 100.0));
  }
}
