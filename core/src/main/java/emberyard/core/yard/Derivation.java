package emberyard.core.yard;

import emberyard.core.bench.AssembleWork;
import emberyard.core.bench.Mounting;
import emberyard.core.brief.Interview;
import emberyard.core.build.Build;
import emberyard.core.concept.ConceptWork;
import emberyard.core.concept.StockPalette;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finish.FinishWork;
import emberyard.core.finish.OutsideWork;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.TreatmentWork;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.fit.FitModel;
import emberyard.core.fit.FitWork;
import emberyard.core.light.LightWork;
import emberyard.core.make.MakeModel;
import emberyard.core.make.MakeWork;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.prove.ProveWork;
import emberyard.core.reveal.RevealWork;
import emberyard.core.supply.Parcel;
import emberyard.core.supply.StockShelf;
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

  static Derivation of(
      Build build, WorkshopBook book, StockShelf shelf, StockPalette stock, LocalDate today) {
    Interview interview = Interview.of(build);
    Surfaces surfaces = Surfaces.of(build, book);
    Looks looks = Looks.of(build, surfaces.treated(), book);
    Work talk = interview.work(book).plus(looks.work(build, book, stock));
    DesignWork designed = DesignWork.of(build, book, surfaces);
    Work design = designed.all();
    List<Need> needs = shelf.handOut(design.needs());
    List<Task> tasks = new ArrayList<>(talk.tasks());
    for (Task task : design.plus(designed.closing(build, book, needs)).tasks()) {
      tasks.add(task.behind(ConceptWork.CHOOSE));
    }
    List<Parcel> parcels = Parcel.of(build, needs, today);
    parcels.forEach(parcel -> tasks.add(parcel.task(book, ConceptWork.CHOOSE)));
    build.manualTasks().forEach(manual -> tasks.add(ManualWork.task(manual)));
    List<String> all = tasks.stream().map(Task::key).toList();
    tasks.addAll(RevealWork.derive(book, all).tasks());
    TaskLinks links = TaskLinks.of(tasks, parcels, build.manualTasks());
    List<Finding> findings = new ArrayList<>(talk.findings());
    findings.addAll(design.findings());
    findings.addAll(links.findings());
    return new Derivation(
        interview,
        looks.faces(),
        looks.shares(),
        surfaces.parts().made(),
        MakeModel.of(build, surfaces.parts(), book),
        surfaces.schemes(),
        surfaces.treated(),
        designed.fit().model(),
        designed.fit().massKg(),
        links.tasks(),
        needs,
        parcels,
        List.copyOf(findings));
  }

  /** What is made and how it is painted. */
  private record Surfaces(Parts parts, List<SchemePlan> schemes, List<TreatmentTarget> treated) {
    static Surfaces of(Build build, WorkshopBook book) {
      Parts parts = Parts.of(build, book);
      PaintedParts surfaces = PaintedParts.of(build, parts, book);
      return new Surfaces(parts, FinishWork.plans(surfaces.painted(), book), surfaces.treated());
    }
  }

  /** What is seen. */
  private record Looks(List<Elevation> faces, Shares shares) {
    static Looks of(Build build, List<TreatmentTarget> treated, WorkshopBook book) {
      List<Elevation> faces = FaceTouches.on(Elevation.of(build, book), treated, book);
      return new Looks(faces, Shares.of(faces, build.look().palette()));
    }

    Work work(Build build, WorkshopBook book, StockPalette stock) {
      return ConceptWork.derive(build, book, faces, shares, stock, Interview.AGREE);
    }
  }

  /**
   * What the chosen design asks for.
   *
   * @param ready keys that assembly and lights wait for: the dry fit and the cured paint
   */
  private record DesignWork(
      FitWork fit, Work hardware, Work made, Work finished, Work light, List<String> ready) {
    static DesignWork of(Build build, WorkshopBook book, Surfaces surfaces) {
      FitWork fit = FitWork.of(build, book, PartWeights.of(build, surfaces.parts().made()));
      List<String> ready = new ArrayList<>(finishing(build, surfaces.schemes()));
      ready.add(MakeWork.DRY_FIT);
      return new DesignWork(
          fit,
          fit.derive(ConceptWork.CHOOSE, MakeWork.DRY_FIT, ProveWork.HARDWARE),
          MakeWork.derive(build, book, surfaces.parts(), fit.enclosureWork()),
          FinishWork.derive(build, surfaces.schemes(), surfaces.treated(), book, MakeWork.DRY_FIT),
          LightWork.derive(build, book, ready),
          List.copyOf(ready));
    }

    Work all() {
      return hardware.plus(made).plus(finished).plus(light);
    }

    /** Putting it together, and proving it. */
    Work closing(Build build, WorkshopBook book, List<Need> needs) {
      List<String> before = new ArrayList<>(ready);
      before.add(ProveWork.HARDWARE);
      before.add(FitWork.ON_PAPER);
      List<String> lights = light.tasks().stream().map(Task::key).toList();
      Mounting mounting =
          new Mounting(fit.goingIn(), fit.piecesGoingIn(), fit.boardsGoingIn(), fit.onBoard());
      return AssembleWork.derive(build, book, before, lights, mounting)
          .plus(ProveWork.derive(build, book, hardwareArrivals(needs), AssembleWork.CLOSE));
    }
  }

  /** The same work with other things on the faces or other colours in the palette. */
  Derivation redrawn(Build as, WorkshopBook book, StockPalette stock) {
    Looks looks = Looks.of(as, treated, book);
    List<Finding> all =
        new ArrayList<>(findings.stream().filter(f -> !f.capability().equals("concept")).toList());
    all.addAll(looks.work(as, book, stock).findings());
    return with().faces(looks.faces()).shares(looks.shares()).findings(List.copyOf(all)).build();
  }

  /** What assembly waits for: paint, treatments, and what comes back from outside. */
  private static List<String> finishing(Build build, List<SchemePlan> schemes) {
    List<String> keys = new ArrayList<>();
    schemes.forEach(plan -> keys.add(plan.mountKey()));
    build.treatments().forEach(each -> keys.add(TreatmentWork.doneKey(each)));
    build.outsideFinishes().forEach(each -> keys.add(OutsideWork.doneKey(each)));
    return keys;
  }

  private static List<String> hardwareArrivals(List<Need> needs) {
    return needs.stream()
        .filter(need -> need.neededBy().contains(ProveWork.HARDWARE))
        .map(Need::receiveKey)
        .toList();
  }
}
