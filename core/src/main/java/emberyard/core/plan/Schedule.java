package emberyard.core.plan;

import emberyard.core.units.LazyMap;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A plan for all projects.
 *
 * @param steps by key, in the order of start, then key
 * @param late the late plan: where each step lies when all are as late as the deadlines let them,
 *     by key; each of them, moved there together with what follows it, leaves a plan; written down
 *     when it is read
 * @param finish the latest finish per project; projects without steps are absent
 * @param plainFinish the same by the plain rule alone, before a better order was looked for
 * @param decidingChain per project what decides its finish, from the start of the plan on; worked
 *     out when it is read
 * @param missedWindows what begins after its window has closed: nothing was found that keeps it
 */
public record Schedule(
    Map<String, PlannedStep> steps,
    Map<String, Placed> late,
    Map<String, LocalDateTime> finish,
    Map<String, LocalDateTime> plainFinish,
    Map<String, List<ChainPart>> decidingChain,
    List<MissedWindow> missedWindows) {

  /** Plans of different steps and projects as one. */
  static Schedule together(List<Schedule> plans) {
    if (plans.size() == 1) {
      return plans.get(0);
    }
    Map<String, PlannedStep> steps = new LinkedHashMap<>();
    plans.stream()
        .flatMap(plan -> plan.steps().values().stream())
        .sorted(Comparator.comparing(PlannedStep::start).thenComparing(PlannedStep::key))
        .forEach(step -> steps.put(step.key(), step));
    Map<String, LocalDateTime> finish = new LinkedHashMap<>();
    Map<String, LocalDateTime> plainFinish = new LinkedHashMap<>();
    Map<String, List<ChainPart>> chains = new LinkedHashMap<>();
    List<MissedWindow> missed = new ArrayList<>();
    for (Schedule plan : plans) {
      finish.putAll(plan.finish);
      plainFinish.putAll(plan.plainFinish);
      chains.putAll(plan.decidingChain);
      missed.addAll(plan.missedWindows);
    }
    return new Schedule(
        steps, new LazyMap<>(() -> late(plans)), finish, plainFinish, chains, missed);
  }

  private static Map<String, Placed> late(List<Schedule> plans) {
    Map<String, Placed> late = new LinkedHashMap<>();
    plans.forEach(plan -> late.putAll(plan.late));
    return late;
  }
}
