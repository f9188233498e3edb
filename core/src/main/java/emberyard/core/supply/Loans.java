package emberyard.core.supply;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.Loan;
import emberyard.core.units.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is to be said of lent things: they go back, and a revealed machine can't do without them.
 */
final class Loans {
  private static final String WHY = "It isn’t the workshop’s, and not the client’s.";

  private Loans() {}

  static List<Finding> findings(Build build, LocalDate today) {
    List<Finding> findings = new ArrayList<>();
    for (Component component : build.components()) {
      if (component.source() == Source.LENT) {
        lent(build, component, today).ifPresent(findings::add);
      }
    }
    for (Loan loan : build.loans()) {
      boolean used =
          build.components().stream().anyMatch(each -> each.id().equals(loan.componentId()));
      if (!used && loan.giveBackOn() != null && loan.givenBackOn() == null) {
        findings.add(notUsed(loan));
      }
    }
    return findings;
  }

  private static Optional<Finding> lent(Build build, Component component, LocalDate today) {
    Loan loan =
        build.loans().stream()
            .filter(each -> each.componentId().equals(component.id()))
            .findFirst()
            .orElse(null);
    if (loan == null || loan.giveBackOn() == null && loan.givenBackOn() == null) {
      return Optional.of(
          finding(
              component.id(),
              Severity.NOTE,
              "unsaid",
              "%s is lent, and nobody said until when".formatted(component.name()),
              "Say who lent it and when it goes back, under Order, Given and lent."));
    }
    if (loan.givenBackOn() != null) {
      return Optional.of(
          finding(
              component.id(),
              Severity.STOP,
              "gone",
              "%s went back, and the design still has it".formatted(component.name()),
              "Given back %s.".formatted(Figures.day(loan.givenBackOn())),
              Remedy.byHand("Put another in its place")));
    }
    return before(build, component, loan.giveBackOn(), today);
  }

  private static Optional<Finding> before(
      Build build, Component component, LocalDate back, LocalDate today) {
    if (back.isBefore(today)) {
      return Optional.of(
          finding(
              component.id(),
              Severity.RISK,
              "overdue",
              "%s was to be back by %s".formatted(component.name(), Figures.day(back)),
              "It is still here."));
    }
    String after = revealed(build.brief().revealOn(), back);
    return Optional.of(
        finding(
            component.id(),
            Severity.RISK,
            "goes-back",
            "%s goes back on %s".formatted(component.name(), Figures.day(back)),
            after + " Whoever takes the machine needs one of their own in its place.",
            Remedy.byHand("Agree with the lender that it stays"),
            Remedy.byHand("Buy one, and prove the machine with it")));
  }

  private static String revealed(@Nullable LocalDate reveal, LocalDate back) {
    if (reveal == null) {
      return "The reveal has no day yet.";
    }
    return back.isAfter(reveal)
        ? "That is after the reveal: it has to be taken out of a finished machine."
        : "That is before the reveal on %s.".formatted(Figures.day(reveal));
  }

  private static Finding notUsed(Loan loan) {
    return finding(
        loan.componentId(),
        Severity.NOTE,
        "not-used",
        "%s is lent, and nothing needs it".formatted(loan.name()),
        "To be back by %s.".formatted(Figures.day(loan.giveBackOn())),
        Remedy.byHand("Give it back"));
  }

  private static Finding finding(
      String componentId,
      Severity severity,
      String rule,
      String title,
      String detail,
      Remedy... remedies) {
    return Finding.of(severity, "supply", "loan:" + componentId + "/" + rule, title, detail, WHY)
        .about(componentId)
        .with(remedies);
  }
}
