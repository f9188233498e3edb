package emberyard.core.yard;

import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import java.util.HashMap;
import java.util.Map;

/**
 * What two plans of a build differ in only because they give the same steps to other people: no
 * client pays for that, or is paid.
 */
final class DealtAnew {
  private DealtAnew() {}

  /**
   * How much of the later quote comes from it, minor units; below 0 where cheaper hands got steps.
   *
   * <p>Example: 60 min that Ines had at 30.00 go to a helper at 12.00, mark-up 20 %, no tax:
   * −21.60.
   */
  static long quoteMinor(BuildModel before, BuildModel after, WorkshopBook book) {
    Map<String, Long> rates = new HashMap<>();
    book.people().forEach(person -> rates.put(person.id(), person.rateMinor()));
    Map<String, Long> had = new HashMap<>();
    before.tasks().forEach(model -> rate(model, rates, had));
    double dealt = 0;
    for (TaskModel model : after.tasks()) {
      Map<String, Long> has = new HashMap<>();
      rate(model, rates, has);
      String key = model.task().key();
      if (has.containsKey(key) && had.containsKey(key)) {
        dealt += model.task().handsOnMinutes() * (has.get(key) - had.get(key)) / 60.0;
      }
    }
    Workshop workshop = book.workshop();
    double factor = (1 + workshop.markUpPercent() / 100) * (1 + workshop.taxPercent() / 100);
    return Math.round(dealt * factor);
  }

  /** What a planned step is charged at, by its key. */
  private static void rate(TaskModel model, Map<String, Long> rates, Map<String, Long> into) {
    if (model.planned() != null && model.planned().worker() != null) {
      Long rate = rates.get(model.planned().worker());
      if (rate != null) {
        into.put(model.task().key(), rate);
      }
    }
  }
}
