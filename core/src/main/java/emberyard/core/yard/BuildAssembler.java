package emberyard.core.yard;

import emberyard.core.brief.BriefFindings;
import emberyard.core.brief.Evaluation;
import emberyard.core.brief.Facts;
import emberyard.core.brief.RequirementState;
import emberyard.core.build.Build;
import emberyard.core.finding.Finding;
import emberyard.core.fit.FitWork;
import emberyard.core.money.Budget;
import emberyard.core.plan.Schedule;
import emberyard.core.plan.WeeklyHours;
import emberyard.core.supply.OrderBook;
import emberyard.core.supply.UnpricedFinding;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** Puts one build's derivation, record and place in the schedule together into its picture. */
record BuildAssembler(
    BuildRecord record,
    Schedule schedule,
    ChainWords chain,
    WorkshopBook book,
    WeeklyHours hours,
    LocalDateTime clock,
    Instant now) {

  BuildModel assemble() {
    Build build = record.build();
    Derivation derived = record.derived();
    DesignWork design = derived.design();
    LocalDateTime finish = schedule.finish().get(build.id());
    TaskModels models = new TaskModels(record, schedule, book, clock);
    List<TaskModel> tasks = models.all();
    Fuse fuse = FuseMaker.make(build, record.agreed(), tasks, finish, hours, book, clock);
    Budget budget = Budget.of(build, derived.needs(), LabourSums.of(build, tasks, book, now), book);
    Proofs proofs =
        Proofs.of(build.brief().revealOn() != null, derived, tasks, book, clock.toLocalDate());
    OrderBook orders =
        OrderBook.of(
            build, derived.needs(), proofs.latest(), proofs.due(), book, clock.toLocalDate());
    Facts facts = BuildFacts.of(record, budget, finish);
    List<RequirementState> coverage =
        Evaluation.of(build.brief(), build.requirements(), facts, book.workshop().currency());
    List<Finding> findings = new ArrayList<>();
    if (build.brief().revealedOn() == null) {
      findings.addAll(derived.findings());
      findings.addAll(orders.findings());
      findings.addAll(proofs.findings(derived.parcels()));
      UnpricedFinding.of(orders.lines()).ifPresent(findings::add);
      findings.addAll(models.windows());
      findings.addAll(PlanFindings.ofReveal(build, fuse));
      findings.addAll(PlanFindings.ofFailures(tasks, derived.proofs()));
      findings.addAll(BriefFindings.of(coverage, facts, build.concept().frozen() != null));
    }
    UntimedWork.finding(tasks).ifPresent(findings::add);
    findings.addAll(budget.findings(book.workshop().currency()));
    findings.sort(Finding.WORST_FIRST);
    return new BuildModel(
        build,
        design.interview(),
        coverage,
        design.looks().faces(),
        design.looks().shares(),
        design.parts(),
        design.make(),
        design.schemes(),
        design.treated(),
        design.fit().model(),
        design.wiring().model(),
        design.glow(),
        FitWork.hardwareMassKg(build),
        tasks,
        orders.lines(),
        orders.ordered(),
        derived.parcels(),
        budget,
        findings,
        chain.chain(),
        fuse,
        record.agreed() ? null : Enquiry.of(tasks),
        TaskModels.next(tasks));
  }
}
