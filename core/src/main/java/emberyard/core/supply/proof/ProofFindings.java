package emberyard.core.supply.proof;

import emberyard.core.build.Component;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.Parcel;
import emberyard.core.supply.ProofDue;
import emberyard.core.units.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is to be said of things that have to be shown to work while they can go back. */
public final class ProofFindings {
  private static final String WHY =
      "A thing that doesn’t work and can’t go back is paid for twice, and its day is lost besides.";

  private final List<Parcel> parcels;
  private final List<Finding> findings = new ArrayList<>();

  private ProofFindings(List<Parcel> parcels) {
    this.parcels = parcels;
  }

  /**
   * @param proofs with where each stands; those that passed say nothing
   * @param parcels of the build
   */
  public static List<Finding> of(List<Standing> proofs, List<Parcel> parcels) {
    ProofFindings said = new ProofFindings(parcels);
    proofs.stream().filter(each -> !each.due.passed()).forEach(said::judge);
    return said.findings;
  }

  /** A proof, and when it is planned. */
  public record Standing(EarlyProof proof, ProofDue due) {}

  private void judge(Standing standing) {
    EarlyProof proof = standing.proof;
    LocalDate planned = standing.due.plannedOn();
    LocalDate by = standing.due.by();
    if (proof.lastReturn() == null && proof.bought()) {
      if (proof.order() == null || proof.order().state().underWay()) {
        findings.add(nobodyTakesItBack(proof));
      }
    } else if (by != null && planned != null && planned.isAfter(by)) {
      findings.add(tooLate(proof, by, planned));
    }
  }

  private static Finding nobodyTakesItBack(EarlyProof proof) {
    return finding(
        proof,
        Severity.RISK,
        "no-way-back",
        "%s is %s, and nobody takes it back".formatted(proof.component().name(), proof.what()),
        "See it work where it is sold, before it is paid.",
        Remedy.byHand("Have it shown running, and write down its serial"),
        Remedy.byHand("Agree on days in which it can go back, and type them at its offer"));
  }

  private Finding tooLate(EarlyProof proof, LocalDate by, LocalDate planned) {
    String name = proof.component().name();
    boolean over = proof.lastReturn() != null && planned.isAfter(proof.lastReturn());
    List<Remedy> ways = new ArrayList<>();
    last(proof)
        .ifPresent(
            thing ->
                ways.add(
                    Remedy.byHand("Get %s sooner: it is proven with it".formatted(thing.title()))));
    ways.add(Remedy.byHand("Prove it in another machine, and tick its card on the bench"));
    ways.add(Remedy.byHand("Buy a new one"));
    return finding(
        proof,
        over ? Severity.STOP : Severity.RISK,
        "too-late",
        "%s is to be proven by %s, and is planned for %s"
            .formatted(name, Figures.day(by), Figures.day(planned)),
        wayBack(proof) + last(proof).map(Awaited::words).orElse(""),
        ways.toArray(Remedy[]::new));
  }

  private static String wayBack(EarlyProof proof) {
    return proof.lastReturn() == null
        ? "After that another can’t be had in time, should it not work."
        : "It can be sent back until %s.".formatted(Figures.day(proof.lastReturn()));
  }

  /** A thing that is not here yet, with the parcel that brings it. */
  private record Awaited(Parcel parcel, Parcel.Line line) {
    String title() {
      return line.need().title();
    }

    String words() {
      return line.order() == null
          ? " %s is not ordered yet.".formatted(title())
          : " %s comes %s.".formatted(title(), Figures.day(parcel.arrives()));
    }
  }

  /** Of the things that it is proven with, the one that is here last; empty where all are. */
  private Optional<Awaited> last(EarlyProof proof) {
    List<String> keys = proof.set().stream().map(each -> "component:" + each.id()).toList();
    return parcels.stream()
        .flatMap(parcel -> parcel.lines().stream().map(line -> new Awaited(parcel, line)))
        .filter(each -> keys.contains(each.line.need().key()) && each.line.checkedOn() == null)
        .max(Comparator.comparing(each -> each.parcel.arrives()));
  }

  /** What can be done about one that failed its proof; empty where it came with no order. */
  public static Optional<Remedy> afterFailing(List<EarlyProof> proofs, String taskKey) {
    return proofs.stream()
        .filter(proof -> proof.taskKey().equals(taskKey) && proof.order() != null)
        .map(EarlyProof::order)
        .map(ProofFindings::dead)
        .findFirst();
  }

  private static Remedy dead(OrderLine order) {
    return new Remedy(
        "It is dead: send it back", new Remedy.Change("orders", order.id(), "state", 0, "DEAD"));
  }

  private static Finding finding(
      EarlyProof proof,
      Severity severity,
      String rule,
      String title,
      String detail,
      Remedy... ways) {
    Component component = proof.component();
    return Finding.of(severity, "supply", proof.taskKey() + "/" + rule, title, detail, WHY)
        .about(component.id())
        .with(ways);
  }
}
