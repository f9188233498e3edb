package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.concept.ConceptWork;
import emberyard.core.concept.StockPalette;
import emberyard.core.finding.Finding;
import emberyard.core.reveal.RevealWork;
import emberyard.core.supply.Parcel;
import emberyard.core.supply.proof.EarlyProof;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * All that the design of one build asks for, with what is on the shelf and on its way for it; the
 * links between capabilities are drawn here.
 *
 * @param wanted as the design and the shelf have it
 * @param needs the same, asked for by proofs besides
 * @param proofs what has to be shown to work while it can go back
 * @param design what follows from the build and the workshop alone
 */
record Derivation(
    DesignWork design,
    List<Task> tasks,
    List<Need> wanted,
    List<Need> needs,
    List<Parcel> parcels,
    List<EarlyProof> proofs,
    List<Finding> findings) {

  /**
   * @param wanted needs of the design, with what is on the shelf for them
   */
  static Derivation of(
      Build build, WorkshopBook book, DesignWork design, List<Need> wanted, LocalDate today) {
    List<EarlyProof> proofs = EarlyProof.of(build, wanted, book, today);
    List<Need> needs = EarlyProof.asking(proofs, wanted);
    List<Task> tasks = new ArrayList<>(design.talk().tasks());
    Work all = design.design().plus(design.closing(build, book, needs, proofs));
    all.tasks().forEach(task -> tasks.add(task.behind(ConceptWork.CHOOSE)));
    proofs.forEach(proof -> tasks.add(proof.task(book, ConceptWork.CHOOSE)));
    List<Parcel> parcels = Parcel.of(build, needs, today);
    parcels.forEach(parcel -> tasks.add(parcel.task(book, ConceptWork.CHOOSE)));
    build.manualTasks().forEach(manual -> tasks.add(ManualWork.task(manual)));
    List<String> keys = tasks.stream().map(Task::key).toList();
    tasks.addAll(RevealWork.derive(book, keys).tasks());
    TaskLinks links = TaskLinks.of(tasks, parcels, build.manualTasks());
    List<Finding> findings = new ArrayList<>(design.talk().findings());
    findings.addAll(all.findings());
    findings.addAll(links.findings());
    return new Derivation(
        design, links.tasks(), wanted, needs, parcels, proofs, List.copyOf(findings));
  }

  /** The same work with other things on the faces or other colours in the palette. */
  Derivation redrawn(Build as, WorkshopBook book, StockPalette stock) {
    DesignWork.Looks looks = DesignWork.Looks.of(as, design.treated(), design.fit().lit(), book);
    List<Finding> all =
        new ArrayList<>(findings.stream().filter(f -> !f.capability().equals("concept")).toList());
    all.addAll(looks.work(as, book, stock).findings());
    return new Derivation(
        design.withLooks(looks), tasks, wanted, needs, parcels, proofs, List.copyOf(all));
  }
}
