package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.supply.proof.EarlyProof;
import emberyard.core.supply.proof.ProofFindings;
import emberyard.core.units.Figures;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Judgements on the plan: whether the reveal is met, and which checks failed. */
final class PlanFindings {
  private PlanFindings() {}

  private static final String REVEAL = "plan/reveal";

  /** With what decides, where one of them says that the reveal is missed or nearly. */
  static List<Finding> told(List<Finding> findings, List<ChainLink> chain) {
    return findings.stream()
        .map(finding -> finding.key().equals(REVEAL) ? told(finding, longest(chain)) : finding)
        .toList();
  }

  private static Finding told(Finding missed, Optional<ChainLink> longest) {
    return longest
        .map(
            link ->
                " Longest on the deciding chain, until %s: %s."
                    .formatted(Figures.day(link.finish().toLocalDate()), link.text()))
        .map(missed::withMore)
        .orElse(missed);
  }

  private static Optional<ChainLink> longest(List<ChainLink> chain) {
    return chain.stream()
        .max(Comparator.comparing(link -> Duration.between(link.start(), link.finish())));
  }

  static List<Finding> ofReveal(Build build, Fuse fuse) {
    boolean late = fuse.verdict() == Fuse.Verdict.LATE;
    if (!late && fuse.verdict() != Fuse.Verdict.TIGHT) {
      return List.of();
    }
    return List.of(
        Finding.of(
                late ? Severity.STOP : Severity.RISK,
                "plan",
                REVEAL,
                late
                    ? "Reveal missed by %s working days".formatted(Figures.plain(-fuse.spareDays()))
                    : "Only %s working days to spare".formatted(Figures.plain(fuse.spareDays())),
                "Planned finish %s, reveal %s."
                    .formatted(Figures.day(fuse.finish()), Figures.day(fuse.reveal())),
                "One part that comes wrong or one coat to redo takes as much.")
            .with(
                Remedy.byHand("Shorten what decides: see the chain on Plan"),
                Remedy.byHand(
                    build.brief().revealMovable()
                        ? "Move the reveal: it may move"
                        : "Tell the client now")));
  }

  static List<Finding> ofFailures(List<TaskModel> tasks, List<EarlyProof> proofs) {
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
                    .with(afterFailing(model, proofs)))
        .toList();
  }

  private static Remedy[] afterFailing(TaskModel model, List<EarlyProof> proofs) {
    Remedy mend = Remedy.byHand("Mend it, then check again on its card");
    return ProofFindings.afterFailing(proofs, model.task().key())
        .map(dead -> new Remedy[] {dead, mend})
        .orElseGet(() -> new Remedy[] {mend});
  }
}
