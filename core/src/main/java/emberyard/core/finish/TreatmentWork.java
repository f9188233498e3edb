package emberyard.core.finish;

import emberyard.core.build.Treatment;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.finish.chain.FinishChain;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.film.FilmRoll;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Film, edge lines, badges, weathering and masks: their tasks, their film, their findings. */
public final class TreatmentWork {
  private static final int LAY_MINUTES = 10;

  private final List<TreatmentTarget> treated;
  private final List<SchemePlan> plans;
  private final WorkshopBook book;
  private final List<Task> tasks = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();

  private TreatmentWork(List<TreatmentTarget> treated, List<SchemePlan> plans, WorkshopBook book) {
    this.treated = treated;
    this.plans = plans;
    this.book = book;
  }

  static Work derive(
      List<TreatmentTarget> treated, List<SchemePlan> plans, WorkshopBook book, String behind) {
    TreatmentWork work = new TreatmentWork(treated, plans, book);
    treated.forEach(each -> work.task(each, behind));
    return new Work(work.tasks, work.needs(), work.findings);
  }

  /** Key of the last task of a treatment. */
  public static String doneKey(Treatment treatment) {
    return "treatment:" + treatment.id() + "/done";
  }

  private void task(TreatmentTarget each, String behind) {
    Treatment treatment = each.treatment();
    SchemePlan paint = under(treatment);
    boolean film = treatment.kind() == Treatment.Kind.DECAL;
    String before = paint == null ? behind : paint.curedKey();
    if (film && paint != null) {
      Task rest =
          Task.of(
                  "treatment:" + treatment.id() + "/rest",
                  "Paint under %s gasses out".formatted(treatment.name()),
                  Stage.FINISH,
                  0,
                  Why.of("cure + 2 days before film goes on", "2 days (handbook)"))
              .about(treatment.id())
              .thenWaits(FinishChain.FILM_REST_MINUTES, "fresh paint gasses out")
              .behind(paint.curedKey());
      tasks.add(rest);
      before = rest.key();
    }
    int minutes = minutes(each) * treatment.quantity();
    tasks.add(
        Task.of(doneKey(treatment), title(each), Stage.FINISH, minutes, why(each))
            .about(treatment.id())
            .at(StationKind.BENCH)
            .behind(before)
            .behind(each.hostMade().isEmpty() ? List.of() : List.of(each.hostMade())));
    if (film) {
      film(treatment);
    }
  }

  private SchemePlan under(Treatment treatment) {
    return plans.stream()
        .filter(
            plan ->
                !treatment.panelId().isEmpty()
                    ? plan.scheme().panelId().equals(treatment.panelId())
                    : plan.scheme().face() == treatment.face() && treatment.face() != null)
        .filter(plan -> !plan.coats().isEmpty())
        .findFirst()
        .orElse(null);
  }

  /** Hands-on minutes of one. */
  private int minutes(TreatmentTarget each) {
    Treatment treatment = each.treatment();
    if (treatment.minutes() != null) {
      return treatment.minutes();
    }
    if (treatment.kind() != Treatment.Kind.DECAL) {
      return treatment.kind().usualMinutes();
    }
    double weeding =
        each.shape().contourMm() / 1000 * book.workshop().times().weedMinutesPerMetre();
    boolean wet = treatment.laying() == Treatment.Laying.WET;
    return (int) Math.ceil(weeding + (wet ? 2 * LAY_MINUTES : LAY_MINUTES) - 1e-9);
  }

  private Why why(TreatmentTarget each) {
    Treatment treatment = each.treatment();
    if (treatment.minutes() != null || treatment.kind() != Treatment.Kind.DECAL) {
      return Why.of(
          treatment.minutes() == null ? "a default" : "typed by hand",
          "%d min a piece, %d pieces".formatted(minutes(each), treatment.quantity()));
    }
    return Why.of(
        "contour × weeding time + laying, twice as long where it is laid wet",
        "contour %.2f m".formatted(each.shape().contourMm() / 1000),
        Figures.plain(book.workshop().times().weedMinutesPerMetre()) + " min/m (default)",
        "laying %d min (default)".formatted(LAY_MINUTES));
  }

  private static String title(TreatmentTarget each) {
    Treatment treatment = each.treatment();
    String on = " on " + each.hostName();
    return switch (treatment.kind()) {
      case DECAL ->
          "Cut with the blade, weed and lay %s%s, %s, %s"
              .formatted(
                  treatment.name(),
                  on,
                  treatment.laying() == Treatment.Laying.WET ? "wet" : "dry",
                  "squeegee from the middle, warm the edges");
      case EDGE_LINE ->
          "Draw %s%s, %.2f m"
              .formatted(treatment.name(), on, each.hostRimMm() * treatment.quantity() / 1000);
      case BADGE -> "Fit %s%s".formatted(treatment.name(), on);
      case WEATHERING ->
          "Weather %s%s, %.3f m²".formatted(treatment.name(), on, each.shape().areaMm2() / 1e6);
      case PART_MASK -> "Mask %s%s".formatted(treatment.name(), on);
    };
  }

  private void film(Treatment treatment) {
    if (treatment.productId() == null || book.film(treatment.productId()).isEmpty()) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "finish",
                  "treatment:" + treatment.id() + "/film",
                  "“%s” has no film".formatted(treatment.name()),
                  "Choose a film of the stock.",
                  "Nothing is bought for it, and it is not laid on a roll.")
              .about(treatment.id())
              .with(Remedy.byHand("Choose a film")));
    }
  }

  /** Decals by film product, mirrored where they go on the inside of a clear part. */
  public static Map<FilmProduct, List<FilmRoll.Decal>> decals(
      List<TreatmentTarget> treated, WorkshopBook book) {
    Map<FilmProduct, List<FilmRoll.Decal>> byFilm = new LinkedHashMap<>();
    for (TreatmentTarget each : treated) {
      Treatment t = each.treatment();
      if (t.kind() == Treatment.Kind.DECAL && t.productId() != null && !each.shape().empty()) {
        Outline cut =
            t.inside() ? each.shape().moved(new Move(0, 0, 0, true)).atOrigin() : each.shape();
        book.film(t.productId())
            .ifPresent(
                film ->
                    byFilm
                        .computeIfAbsent(film, f -> new ArrayList<>())
                        .add(new FilmRoll.Decal(t.id(), t.name(), cut, t.quantity())));
      }
    }
    return byFilm;
  }

  private List<Need> needs() {
    List<Need> needs = new ArrayList<>();
    decals(treated, book)
        .forEach(
            (film, decals) -> {
              FilmRoll roll = FilmRoll.of(film.rollWidthMm(), decals);
              List<String> by =
                  decals.stream().map(d -> "treatment:" + d.treatmentId() + "/done").toList();
              if (roll.lengthMm() > 0) {
                needs.add(FinishNeeds.film(film, roll, by, book));
              }
              roll.unplaced().forEach(name -> findings.add(tooWide(film, name)));
            });
    return needs;
  }

  private static Finding tooWide(FilmProduct film, String name) {
    return Finding.of(
            Severity.STOP,
            "finish",
            "film:" + film.id() + "/wide/" + name,
            "“%s” is wider than the roll".formatted(name),
            "%s is %s wide.".formatted(film.name(), Figures.mm(film.rollWidthMm())),
            "It has to be cut in two, or from a wider film.")
        .with(
            Remedy.byHand("Divide it where a line hides the seam"),
            Remedy.byHand("Take a wider film"));
  }
}
