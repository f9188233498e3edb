package emberyard.core.yard.day;

import emberyard.core.bench.AssembleWork;
import emberyard.core.bench.GlueWork;
import emberyard.core.finish.chain.Grits;
import emberyard.core.finish.coat.CoatStep;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.make.MakeWork;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.print.MadePrint;
import emberyard.core.supply.Parcel;
import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.day.InHand.What;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What to take in hand for the steps of a build: what of its needs a step uses, out of which can or
 * sheet, which abrasive, and how its machine is set.
 */
final class HandList {
  private static final String FIXING = "fixing:";

  private final BuildModel build;
  private final WorkshopBook book;

  HandList(BuildModel build, WorkshopBook book) {
    this.build = build;
    this.book = book;
  }

  List<InHand> of(Task task) {
    List<InHand> all = new ArrayList<>(settings(task));
    all.addAll(paints(task));
    all.addAll(grits(task));
    all.addAll(glue(task));
    build.needs().forEach(line -> need(line.need(), task).ifPresent(all::add));
    all.addAll(opened(task));
    return List.copyOf(all);
  }

  /** Pieces that hang on one rack; none where only one does. */
  List<Hung> hung(Task task) {
    List<SchemePlan> plans = build.schemes().stream().filter(plan -> sprays(plan, task)).toList();
    if (plans.size() < 2) {
      return List.of();
    }
    double area = plans.stream().mapToDouble(SchemePlan::areaM2).sum();
    return plans.stream()
        .map(
            plan ->
                new Hung(
                    plan.painted().name(),
                    plan.painted().pieces(),
                    plan.areaM2(),
                    ml(plan, task),
                    (int) Math.round(task.handsOnMinutes() * plan.areaM2() / area)))
        .toList();
  }

  private static boolean sprays(SchemePlan plan, Task task) {
    return plan.coats().stream().anyMatch(coat -> coat.coat() && coat.key().equals(task.key()));
  }

  private static double ml(SchemePlan plan, Task task) {
    return coats(plan, task).stream().mapToDouble(CoatStep::ml).sum();
  }

  private static List<CoatStep> coats(SchemePlan plan, Task task) {
    return plan.coats().stream()
        .filter(coat -> coat.coat() && coat.key().equals(task.key()))
        .toList();
  }

  /** Of each paint what all pieces on the rack take. */
  private List<InHand> paints(Task task) {
    Map<PaintProduct, Double> ml = new LinkedHashMap<>();
    build.schemes().stream()
        .flatMap(plan -> coats(plan, task).stream())
        .forEach(coat -> ml.merge(coat.paint(), coat.ml(), Double::sum));
    List<InHand> all = new ArrayList<>();
    ml.forEach(
        (paint, amount) ->
            all.add(
                new InHand(
                    What.PAINT,
                    "paint:" + paint.id(),
                    paint.name(),
                    amount,
                    "ml",
                    PaintLeft.words(build, paint))));
    return all;
  }

  private List<InHand> grits(Task task) {
    return build.schemes().stream()
        .flatMap(plan -> Grits.of(plan, task.key()).stream())
        .map(
            grit ->
                new InHand(
                    What.ABRASIVE, "abrasive:sheets", "Abrasive " + grit + " grit", 0, "", ""))
        .toList();
  }

  /** Glue, and the clamps that one piece takes. */
  private List<InHand> glue(Task task) {
    int atOnce = GlueWork.atOnce(book.workshop().times());
    return build.build().panels().stream()
        .filter(panel -> GlueWork.key(panel).equals(task.key()))
        .flatMap(
            panel ->
                Stream.of(
                    new InHand(
                        What.MATERIAL,
                        "",
                        "Glue for " + panel.name(),
                        0,
                        "",
                        "open 10–15 min: %d %s at once"
                            .formatted(atOnce, atOnce == 1 ? "piece" : "pieces")),
                    new InHand(
                        What.FIXING,
                        "",
                        "Clamps",
                        GlueWork.clamps(panel),
                        "pieces",
                        "for each piece, one per 150 mm of edge; %d min clamped, %d h before it is loaded"
                            .formatted(GlueWork.CLAMPED_MINUTES, GlueWork.LOADED_HOURS))))
        .toList();
  }

  /** How the machine of a step is set. */
  private List<InHand> settings(Task task) {
    if (task.thingId() == null || task.station() == null) {
      return List.of();
    }
    if (task.station() == StationKind.PRINTER) {
      return build.make().prints().stream()
          .filter(print -> print.part().id().equals(task.thingId()))
          .map(HandList::printed)
          .toList();
    }
    boolean cut = task.key().equals("part:" + task.thingId() + "/cut");
    return cut
        ? build.parts().stream()
            .filter(part -> part.panel().id().equals(task.thingId()))
            .flatMap(part -> machine(part).map(machine -> setting(part, machine)).stream())
            .toList()
        : List.of();
  }

  private static InHand printed(MadePrint print) {
    return new InHand(
        What.SETTING,
        "",
        "%s, %d %s"
            .formatted(
                print.part().fileName().isEmpty() ? print.part().name() : print.part().fileName(),
                print.part().quantity(),
                print.part().quantity() == 1 ? "piece" : "pieces"),
        print.figures().grams() * print.part().quantity(),
        "g",
        "infill %s %%, walls %s"
            .formatted(
                Figures.plain(print.part().infillPercent()), Figures.mm(print.part().wallMm())));
  }

  private Optional<Machine> machine(MadePart part) {
    return switch (part.panel().cutMethod()) {
      case LASER -> book.machine(Machine.Kind.LASER);
      case ROUTER -> book.machine(Machine.Kind.ROUTER);
      case BLADE -> book.machine(Machine.Kind.BLADE);
      default -> Optional.empty();
    };
  }

  private static InHand setting(MadePart part, Machine machine) {
    String note =
        machine
            .setting(part.sheet().material(), part.sheet().realThicknessMm())
            .map(
                set ->
                    "%s mm/s, %s %%, %d×, %s"
                        .formatted(
                            Figures.plain(set.speedMmPerSecond()),
                            Figures.plain(set.powerPercent()),
                            set.passes(),
                            set.tryOnScrap() ? "not tried: on scrap first" : set.confirmedBy()))
            .orElse("no setting kept: try on scrap first");
    return new InHand(What.SETTING, "", machine.name(), 0, "", note);
  }

  /**
   * What of a need the step takes: all of what is only handled, its share of what is used up; paint
   * and abrasive are reckoned by themselves.
   */
  private Optional<InHand> need(Need need, Task task) {
    boolean fixes =
        task.key().equals(AssembleWork.PANELS) && need.neededBy().contains(MakeWork.DRY_FIT);
    boolean wanted = need.neededBy().contains(task.key()) || fixes && need.key().startsWith(FIXING);
    boolean apart = need.key().startsWith("paint:") && !paints(task).isEmpty();
    if (!wanted || apart || need.key().startsWith("abrasive:")) {
      return Optional.empty();
    }
    boolean whole = fixes || sort(need) == What.HARDWARE || sort(need) == What.LEAD;
    int others = whole ? 0 : need.neededBy().size() - 1;
    String note =
        others == 0
            ? ""
            : "%s %s for this and %d more %s"
                .formatted(
                    Figures.plain(need.quantity()),
                    need.unit(),
                    others,
                    others == 1 ? "step" : "steps");
    return Optional.of(
        new InHand(
            sort(need),
            need.key(),
            need.title(),
            others == 0 ? need.quantity() : 0,
            need.unit(),
            note));
  }

  private static What sort(Need need) {
    String begin = need.key().substring(0, need.key().indexOf(':') + 1);
    return switch (begin) {
      case "paint:" -> What.PAINT;
      case FIXING -> What.FIXING;
      case "link:" -> What.LEAD;
      case "component:", "screen:", "strip:" -> What.HARDWARE;
      default -> What.MATERIAL;
    };
  }

  /** What should be in a parcel. */
  private List<InHand> opened(Task task) {
    return build.parcels().stream()
        .filter(parcel -> parcel.key().equals(task.key()))
        .flatMap(parcel -> parcel.lines().stream())
        .filter(line -> line.checkedOn() == null)
        .map(HandList::inParcel)
        .toList();
  }

  private static InHand inParcel(Parcel.Line line) {
    Need need = line.need();
    boolean ordered = line.order() != null;
    return new InHand(
        sort(need),
        need.key(),
        ordered ? line.order().title() : need.title(),
        ordered ? line.order().quantity() : need.toBuy(),
        ordered && !line.order().unit().isEmpty() ? line.order().unit() : need.unit(),
        "");
  }
}
