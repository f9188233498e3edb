package emberyard.core.yard;

import emberyard.core.bench.AssembleWork;
import emberyard.core.bench.Mounting;
import emberyard.core.bench.SnagWork;
import emberyard.core.brief.Facts;
import emberyard.core.brief.Interview;
import emberyard.core.build.Build;
import emberyard.core.concept.ConceptWork;
import emberyard.core.concept.StockPalette;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.Shares;
import emberyard.core.finish.FinishWork;
import emberyard.core.finish.OutsideWork;
import emberyard.core.finish.TreatmentTarget;
import emberyard.core.finish.TreatmentWork;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.fit.FitWork;
import emberyard.core.fit.space.LitPiece;
import emberyard.core.light.GlowModel;
import emberyard.core.light.LightWork;
import emberyard.core.light.wire.WiringWork;
import emberyard.core.make.MakeModel;
import emberyard.core.make.MakeWork;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.prove.ProveWork;
import emberyard.core.supply.proof.EarlyProof;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What follows from one build and the workshop alone, whatever lies on the shelf, is on its way or
 * is done by others: every capability derives its work. It is kept while both stay the same.
 *
 * @param talk of the brief and the looks
 * @param ready keys that assembly and lights wait for: the dry fit and the cured paint
 */
@RecordBuilder
record DesignWork(
    Interview interview,
    Looks looks,
    List<MadePart> parts,
    MakeModel make,
    List<SchemePlan> schemes,
    List<TreatmentTarget> treated,
    FitWork fit,
    WiringWork wiring,
    GlowModel glow,
    Work talk,
    Work design,
    Work light,
    List<String> ready)
    implements DesignWorkBuilder.With {

  static DesignWork of(Build build, WorkshopBook book, StockPalette stock) {
    Interview interview = Interview.of(build);
    Parts parts = Parts.of(build, book);
    PaintedParts surfaces = PaintedParts.of(build, parts, book);
    List<SchemePlan> schemes = FinishWork.plans(surfaces.painted(), book);
    List<TreatmentTarget> treated = surfaces.treated();
    FitWork fit = fit(build, parts, book);
    Looks looks = Looks.of(build, treated, fit.lit(), book);
    List<String> ready = new ArrayList<>(finishing(build, schemes));
    ready.add(MakeWork.DRY_FIT);
    WiringWork wiring = BuildWiring.of(build, book);
    Work light = LightWork.derive(build, book, wiring, ready, fit.beforeScreens(), looks.faces());
    Work design =
        fit.derive(ConceptWork.CHOOSE, MakeWork.DRY_FIT, ProveWork.HARDWARE)
            .plus(MakeWork.derive(build, book, parts, fit.enclosureWork()))
            .plus(FinishWork.derive(build, schemes, treated, book, MakeWork.DRY_FIT))
            .plus(light);
    return new DesignWork(
        interview,
        looks,
        parts.made(),
        MakeModel.of(build, parts, book),
        schemes,
        treated,
        fit,
        wiring,
        GlowModel.of(build),
        interview.work(book).plus(looks.work(build, book, stock)),
        design,
        light,
        List.copyOf(ready));
  }

  /** What alone decides whether the hardware goes in, is fed and is cooled. */
  static FitWork fit(Build build, Parts parts, WorkshopBook book) {
    return FitWork.of(build, book, PartWeights.of(build, parts.made()));
  }

  /**
   * What is seen.
   *
   * @param surfaces which colour covers how much of each face that is shown
   */
  record Looks(List<Elevation> faces, Shares shares, List<Facts.Surface> surfaces) {
    static Looks of(
        Build build, List<TreatmentTarget> treated, List<LitPiece> lit, WorkshopBook book) {
      List<Elevation> faces =
          FaceTouches.on(LitFaces.on(Elevation.of(build, book), build, lit), treated, book);
      List<Facts.Surface> surfaces =
          faces.stream().filter(Elevation::shown).flatMap(Looks::surfaces).toList();
      return new Looks(faces, Shares.of(faces, build.look().palette()), surfaces);
    }

    private static Stream<Facts.Surface> surfaces(Elevation face) {
      Shares shares = Shares.of(List.of(face), List.of());
      return shares.areaByHexMm2().entrySet().stream()
          .map(
              each ->
                  new Facts.Surface(
                      face.face(), each.getKey(), each.getValue() / shares.countedMm2()));
    }

    Work work(Build build, WorkshopBook book, StockPalette stock) {
      return ConceptWork.derive(build, book, faces, shares, stock, Interview.AGREE);
    }
  }

  /** Putting it together, and proving it. */
  Work closing(Build build, WorkshopBook book, List<Need> needs, List<EarlyProof> proofs) {
    List<String> before = new ArrayList<>(ready);
    before.add(ProveWork.HARDWARE);
    before.add(FitWork.ON_PAPER);
    List<String> lights = light.tasks().stream().map(Task::key).toList();
    Mounting mounting =
        new Mounting(fit.goingIn(), fit.piecesGoingIn(), fit.boardsGoingIn(), fit.onBoard());
    List<String> proven = new ArrayList<>(hardwareArrivals(needs));
    proofs.forEach(proof -> proven.add(proof.taskKey()));
    return AssembleWork.derive(build, book, before, lights, mounting)
        .plus(SnagWork.derive(build))
        .plus(ProveWork.derive(build, book, proven, AssembleWork.CLOSE));
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
