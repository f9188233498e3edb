package emberyard.core.brief;

import emberyard.core.build.Comparison;
import emberyard.core.build.Limit;
import emberyard.core.build.Requirement;
import emberyard.core.build.Requirement.Outcome;
import emberyard.core.build.Requirement.Priority;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import java.util.ArrayList;
import java.util.List;

/** Requirements that fail, stay open too long, or contradict each other. */
public final class BriefFindings {
  private BriefFindings() {}

  /**
   * @param atFitGate whether the concept is frozen: what must be answered should be by now
   */
  public static List<Finding> of(List<RequirementState> states, Facts facts, boolean atFitGate) {
    List<Finding> findings = new ArrayList<>();
    for (RequirementState state : states) {
      // the cap and the day have findings of their own, on Money and Plan
      if (!state.derived()) {
        add(findings, state, atFitGate);
      }
    }
    for (int i = 0; i < states.size(); i++) {
      for (int j = i + 1; j < states.size(); j++) {
        conflict(findings, states.get(i).requirement(), states.get(j).requirement(), facts);
      }
    }
    return findings;
  }

  private static void add(List<Finding> findings, RequirementState state, boolean atFitGate) {
    Requirement requirement = state.requirement();
    Priority priority = requirement.priority();
    if (state.outcome() == Outcome.FAILED) {
      Severity severity =
          priority == Priority.MUST
              ? Severity.STOP
              : priority == Priority.SHOULD ? Severity.RISK : Severity.NOTE;
      findings.add(
          finding(
              severity,
              requirement,
              "failed",
              "Not met: " + requirement.text(),
              state.numbers().isBlank() ? "Judged by a person." : capital(state.numbers()) + ".",
              "Open the requirement, change the design, or agree another limit"));
    } else if (state.outcome() == Outcome.OPEN && priority == Priority.MUST && atFitGate) {
      findings.add(
          finding(
              Severity.RISK,
              requirement,
              "open",
              "Nothing answers yet: " + requirement.text(),
              "It is a must, and the concept is frozen.",
              "Point it at the part, screen or test that answers it"));
    }
  }

  private static Finding finding(
      Severity severity,
      Requirement requirement,
      String rule,
      String title,
      String detail,
      String way) {
    return Finding.of(
            severity,
            "brief",
            "requirement:" + requirement.id() + "/" + rule,
            title,
            detail,
            "The client said it at the table; at the reveal it is too late to hear it.")
        .about(requirement.id())
        .with(Remedy.byHand(way));
  }

  /** Two limits nothing can keep, or a ban against what answers another requirement. */
  private static void conflict(
      List<Finding> findings, Requirement one, Requirement other, Facts facts) {
    if (one.limit() != null && other.limit() != null && apart(one.limit(), other.limit())) {
      findings.add(both(one, other, "No number keeps both limits."));
    }
    if (one.ban() != null) {
      banAgainst(findings, one, other, facts);
    }
    if (other.ban() != null) {
      banAgainst(findings, other, one, facts);
    }
  }

  private static boolean apart(Limit one, Limit other) {
    if (one.measure() != other.measure()
        || one.comparison() == other.comparison()
        || one.face() != other.face()) {
      return false;
    }
    Limit least = one.comparison() == Comparison.AT_LEAST ? one : other;
    Limit most = least == one ? other : one;
    return least.number() > most.number() + 1e-9;
  }

  private static void banAgainst(
      List<Finding> findings, Requirement ban, Requirement wish, Facts facts) {
    if (wish.answeredBy() == null || ban.ban() == null) {
      return;
    }
    String id = wish.answeredBy().id();
    Evaluation.found(facts, ban.ban()).stream()
        .filter(thing -> thing.id().equals(id))
        .findFirst()
        .ifPresent(
            thing ->
                findings.add(
                    both(
                        ban,
                        wish,
                        "“%s” answers one and is what the other bans.".formatted(thing.name()))));
  }

  private static Finding both(Requirement one, Requirement other, String detail) {
    return Finding.of(
            Severity.STOP,
            "brief",
            "requirement:%s/against/%s".formatted(one.id(), other.id()),
            "“%s” and “%s” can’t both be kept".formatted(one.text(), other.text()),
            detail,
            "Somebody has to give way, and the client should choose who.")
        .about(one.id())
        .with(Remedy.byHand("Ask the client which of the two counts"));
  }

  private static String capital(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
