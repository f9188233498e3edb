package emberyard.core.work;

import emberyard.core.finding.Finding;
import java.util.ArrayList;
import java.util.List;

/** What a capability derives from a build: tasks, needs and findings. */
public record Work(List<Task> tasks, List<Need> needs, List<Finding> findings) {
  public Work {
    tasks = List.copyOf(tasks);
    needs = List.copyOf(needs);
    findings = List.copyOf(findings);
  }

  /** Nothing to do. */
  public static Work none() {
    return new Work(List.of(), List.of(), List.of());
  }

  /** Both, this one's first. */
  public Work plus(Work other) {
    return new Work(
        joined(tasks, other.tasks), joined(needs, other.needs), joined(findings, other.findings));
  }

  private static <T> List<T> joined(List<T> first, List<T> second) {
    List<T> all = new ArrayList<>(first);
    all.addAll(second);
    return all;
  }
}
