package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.List;
import java.util.Optional;

/** Judgements on the plan: whether the reveal is met, and which checks failed. */
final class PlanFindings {
  private PlanFindings() {}

  static List<Finding> ofReveal(Build build, Fuse fuse, Optional<ChainLink> longest) {
    boolean late = fuse.verdict() == Fuse.Verdict.LATE;
    if (!late && fuse.verdict() != Fuse.Verdict.TIGHT) {
      return List.of();
    }
    String decides =
        longest
            .map(
                link ->
                    "Longest on the deciding chain, until %s: %s."
                        .formatted(Figures.day(link.finish().toLocalDate()), link.text()))
            .orElse("");
    return List.of(
        Finding.of(
                late ? Severity.STOP : Severity.RISK,
                "plan",
                "plan/reveal",
                late
                    ? "Reveal missed by %s working days".formatted(Figures.plain(-fuse.spareDays()))
                    : "Only %s working days to spare".formatted(Figures.plain(fuse.spareDays())),
                "Planned finish %s, reveal %s. %s"
                    .formatted(Figures.day(fuse.finish()), Figures.day(fuse.reveal()), decides),
                "One part that comes wrong or one coat to redo takes as much.")
            .with(
                Remedy.byHand("Shorten what decides: see the chain on Plan"),
                Remedy.byHand(
                    build.brief().revealMovable()
                        ? "Move the reveal: it may move"
                        : "Tell the client now")));
  }

  static List<Finding> ofFailures(List<TaskModel> tasks) {
    return tasks.stream()
        .filter(model -> model.state() == TaskState.FAILED)
        .map(
            model ->
                Finding.of(
                        Severity.STOP,
                        model.task().stage().capability(),
                        "task:" + model.task().key() + "/failed",
                        "Check failed: " + model.task().title(),
                        model.log().verdict() == null ? "" : model.log().verdict().note(),
                        "Nothing behind it may start until it passes.")
                    .about(model.task().key())
                    .with(Remedy.byHand("Mend it, then check again on its card")))
        .toList();
  }
}
