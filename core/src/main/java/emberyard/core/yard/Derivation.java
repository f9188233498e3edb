package emberyard.core.yard;

import emberyard.core.brief.Interview;
import emberyard.core.build.Build;
import emberyard.core.concept.ConceptWork;
import emberyard.core.concept.StockPalette;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.fit.FitModel;
import emberyard.core.make.MakeModel;
import emberyard.core.make.part.MadePart;
import emberyard.core.reveal.RevealWork;
import emberyard.core.supply.Parcel;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * All that the design of one build asks for: every capability derives its work, and the links
 * between them are drawn here.
 */
@RecordBuilder
record Derivation(
    Interview interview,
    List<Elevation> faces,
    Shares shares,
    List<MadePart> parts,
    MakeModel make,
    List<SchemePlan> schemes,
    List<TreatmentTarget> treated,
    FitModel fit,
    double massKg,
    List<Task> tasks,
    List<Need> needs,
    List<Parcel> parcels,
    List<Finding> findings)
    implements DerivationBuilder.With {

  /**
   * @param needs of the design, with what is on the shelf for them
   */
  static Derivation of(
      Build build, WorkshopBook book, DesignWork design, List<Need> needs, LocalDate today) {
    List<Task> tasks = new ArrayList<>(design.talk().tasks());
    Work all = design.design().plus(design.closing(build, book, needs));
    all.tasks().forEach(task -> tasks.add(task.behind(ConceptWork.CHOOSE)));
    List<Parcel> parcels = Parcel.of(build, needs, today);
    parcels.forEach(parcel -> tasks.add(parcel.task(book, ConceptWork.CHOOSE)));
    build.manualTasks().forEach(manual -> tasks.add(ManualWork.task(manual)));
    List<String> keys = tasks.stream().map(Task::key).toList();
    tasks.addAll(RevealWork.derive(book, keys).tasks());
    TaskLinks links = TaskLinks.of(tasks, parcels, build.manualTasks());
    List<Finding> findings = new ArrayList<>(design.talk().findings());
    findings.addAll(design.design().findings());
    findings.addAll(links.findings());
    return new Derivation(
        design.interview(),
        design.faces(),
        design.shares(),
        design.parts(),
        design.make(),
        design.schemes(),
        design.treated(),
        design.fit().model(),
        design.fit().massKg(),
        links.tasks(),
        needs,
        parcels,
        List.copyOf(findings));
  }

  /** The same work with other things on the faces or other colours in the palette. */
  Derivation redrawn(Build as, WorkshopBook book, StockPalette stock) {
    DesignWork.Looks looks = DesignWork.Looks.of(as, treated, book);
    List<Finding> all =
        new ArrayList<>(findings.stream().filter(f -> !f.capability().equals("concept")).toList());
    all.addAll(looks.work(as, book, stock).findings());
    return with().faces(looks.faces()).shares(looks.shares()).findings(List.copyOf(all)).build();
  }
}
