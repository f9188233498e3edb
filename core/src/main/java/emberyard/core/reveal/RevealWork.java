package emberyard.core.reveal;

import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;

/** The last steps: photographs and the hand-over. */
public final class RevealWork {
  /** Key of the task that ends the build. */
  public static final String HAND_OVER = "reveal/hand-over";

  private static final String PHOTOGRAPH = "reveal/photograph";

  private RevealWork() {}

  /**
   * @param behind keys of everything that must be done before
   */
  public static Work derive(WorkshopBook book, List<String> behind) {
    StepTimes times = book.workshop().times();
    Task photograph =
        Task.of(
                PHOTOGRAPH,
                "Set the lights and photograph it",
                Stage.REVEAL,
                times.photographMinutes(),
                Why.of("a default", times.photographMinutes() + " min (default)"))
            .behind(behind);
    Task handOver =
        Task.of(
                HAND_OVER,
                "Hand it over, with care sheet and story",
                Stage.REVEAL,
                times.handOverMinutes(),
                Why.of("a default", times.handOverMinutes() + " min (default)"))
            .behind(PHOTOGRAPH)
            .inOneGo();
    return new Work(List.of(photograph, handOver), List.of(), List.of());
  }
}
