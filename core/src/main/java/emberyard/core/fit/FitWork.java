package emberyard.core.fit;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Enclosure;
import emberyard.core.build.ScreenPlace;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.fit.air.Airflow;
import emberyard.core.fit.air.AirflowFindings;
import emberyard.core.fit.air.CaseAir;
import emberyard.core.fit.heat.Circuit;
import emberyard.core.fit.heat.Cooling;
import emberyard.core.fit.heat.CoolingFindings;
import emberyard.core.fit.heat.LoopWork;
import emberyard.core.fit.held.HeldFindings;
import emberyard.core.fit.held.HeldModel;
import emberyard.core.fit.held.HeldWork;
import emberyard.core.fit.held.Holding;
import emberyard.core.fit.held.HungOn;
import emberyard.core.fit.place.Leaning;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Solid;
import emberyard.core.fit.power.LightPlugFindings;
import emberyard.core.fit.power.PowerBudget;
import emberyard.core.fit.power.PowerFindings;
import emberyard.core.fit.power.UnsaidPlugs;
import emberyard.core.fit.space.BayWork;
import emberyard.core.fit.space.InWork;
import emberyard.core.fit.space.LitPiece;
import emberyard.core.fit.space.RiserFindings;
import emberyard.core.fit.space.ScreenFindings;
import emberyard.core.fit.space.Space;
import emberyard.core.fit.space.SpaceFindings;
import emberyard.core.fit.space.SpaceModel;
import emberyard.core.fit.space.TubeFindings;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.fit.stability.Stability;
import emberyard.core.fit.stability.StabilityFindings;
import emberyard.core.fit.worksheet.WorksheetResult;
import emberyard.core.glow.Glow;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What the chosen hardware asks for: proof on paper, work on the enclosure, buying, an order of
 * going in, and judgements on space, power, heat, air and balance.
 */
public final class FitWork {
  /** Key of the task that proves on paper that it goes in. */
  public static final String ON_PAPER = "fit/paper";

  private static final Set<ComponentKind> ON_BOARD =
      Set.of(ComponentKind.PROCESSOR, ComponentKind.MEMORY, ComponentKind.COOLER);

  private static final ProofMemory MEMORY = new ProofMemory();

  private final Build build;
  private final WorkshopBook book;
  private final List<Finding> findings;
  private @Nullable FitModel model;
  private final @Nullable Space space;
  private final PowerBudget power;
  private final Cooling cooling;
  private final Airflow airflow;
  private final Stability stability;
  private final List<WorksheetResult> worksheets;
  private final List<Holding> holdings;
  private final List<HungOn> hungOn;

  private FitWork(Build build, WorkshopBook book, List<Weight> parts) {
    this.build = build;
    this.book = book;
    List<ScreenPlace> screens = ScreenPlace.of(build);
    this.space =
        Space.enclosure(build)
            .filter(enclosure -> !enclosure.bays().isEmpty())
            .map(
                enclosure ->
                    Space.of(
                        enclosure, build.components(), screens, leaning(enclosure, screens, parts)))
            .orElse(null);
    this.power = PowerBudget.of(build);
    this.airflow = Airflow.of(build, space);
    this.cooling = Cooling.of(build, airflow, power);
    double coolant =
        cooling.circuits().stream()
            .filter(circuit -> circuit.sort() == Circuit.Sort.LOOP)
            .mapToDouble(Circuit::coolantL)
            .sum();
    this.stability =
        Stability.of(build, space == null ? List.of() : space.placed(), screens, parts, coolant);
    this.worksheets = build.worksheets().stream().map(WorksheetResult::of).toList();
    CaseAir hot = cooling.hotCaseAir();
    this.holdings = space == null ? List.of() : Holding.of(space, hot == null ? 0 : hot.airC());
    this.hungOn =
        space == null ? List.of() : HungOn.of(space, build.components(), screens, holdings);
    this.findings = List.copyOf(judged());
  }

  /** How its weight would rest on its supports; coolant and its places aren't known yet. */
  private Function<List<Placed>, Leaning> leaning(
      Enclosure enclosure, List<ScreenPlace> screens, List<Weight> parts) {
    return enclosure.supports().on().isEmpty()
        ? placed -> Leaning.NONE
        : placed -> Stability.of(build, placed, screens, parts, 0).leaning();
  }

  /**
   * Proves a build.
   *
   * @param parts made parts, where they sit
   */
  public static FitWork of(Build build, WorkshopBook book, List<Weight> parts) {
    return MEMORY.get(
        ProofMemory.Key.of(build, book, parts), asked -> new FitWork(build, book, parts));
  }

  /** All that was found out, to be shown. */
  public synchronized FitModel model() {
    if (model == null) {
      SpaceModel drawn = space == null ? null : SpaceModel.of(space);
      HeldModel held = space == null ? null : HeldModel.of(holdings, hungOn);
      model = new FitModel(drawn, held, power, cooling, airflow, stability, worksheets);
    }
    return model;
  }

  /** Where the pieces of lit components were placed. */
  public List<LitPiece> lit() {
    if (space == null) {
      return List.of();
    }
    Set<String> lit = Glow.of(build).stream().map(Glow::id).collect(Collectors.toSet());
    return space.placed().stream()
        .flatMap(placed -> placed.hard().stream())
        .filter(Solid::body)
        .map(solid -> new LitPiece(space.componentId(solid.ofId()), solid.box()))
        .filter(piece -> lit.contains(piece.componentId()))
        .toList();
  }

  /**
   * @param behind key of the task that comes first
   * @param enclosureFor key of the task that needs the enclosure
   * @param hardwareFor key of the task that needs all other hardware
   */
  public Work derive(String behind, String enclosureFor, String hardwareFor) {
    if (build.components().isEmpty() && build.enclosures().isEmpty()) {
      return new Work(List.of(), List.of(), findings);
    }
    List<Task> tasks = new ArrayList<>(List.of(paper(behind)));
    tasks.addAll(onTheEnclosure());
    List<Need> needs = new ArrayList<>();
    for (Component component : build.components()) {
      if (component.source() == Source.BUY) {
        boolean enclosure = component.kind() == ComponentKind.ENCLOSURE;
        needs.add(need(component, enclosure ? enclosureFor : hardwareFor));
      }
    }
    needs.addAll(LoopWork.needs(build, cooling, book, hardwareFor));
    needs.addAll(HeldWork.needs(holdings, hardwareFor));
    return new Work(tasks, needs, findings);
  }

  /** Keys of work on the enclosure, which the dry fit waits for. */
  public List<String> enclosureWork() {
    return onTheEnclosure().stream().map(Task::key).toList();
  }

  /** Bays that are changed, and what holds hardware in them. */
  private List<Task> onTheEnclosure() {
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    if (enclosure == null) {
      return List.of();
    }
    List<Task> tasks = new ArrayList<>(BayWork.of(enclosure, book, ON_PAPER));
    tasks.addAll(HeldWork.tasks(enclosure, holdings, book, ON_PAPER));
    return tasks;
  }

  /** Placed things going in, one task each, with gates before what closes others in; loops. */
  public List<Task> goingIn() {
    List<Task> tasks = new ArrayList<>();
    if (space != null) {
      tasks.addAll(InWork.of(space, book));
    }
    tasks.addAll(LoopWork.tasks(build, book, tasks.stream().map(Task::key).toList()));
    return tasks;
  }

  /** Keys of the tasks in {@link #goingIn} that put boards in. */
  public List<String> boardsGoingIn() {
    return space == null ? List.of() : InWork.boards(space);
  }

  /** For each screen that stands in the way of something, the tasks that put that in. */
  public Map<String, List<String>> beforeScreens() {
    return space == null ? Map.of() : InWork.beforeScreens(space);
  }

  /** What has no task of its own in {@link #goingIn} and sits on the board: it is put on first. */
  public List<Component> onBoard() {
    return boardsGoingIn().isEmpty()
        ? List.of()
        : build.components().stream()
            .filter(each -> each.body() == null && ON_BOARD.contains(each.kind()))
            .toList();
  }

  /** How many pieces have a task of their own in {@link #goingIn}. */
  public int piecesGoingIn() {
    return space == null ? 0 : InWork.pieces(space);
  }

  /** Mass of components, parts and coolant, kg. */
  public double massKg() {
    return stability.balance() == null ? 0 : stability.balance().massKg();
  }

  /** Mass of all components. */
  public static double hardwareMassKg(Build build) {
    return build.components().stream().mapToDouble(c -> c.massKg() * c.quantity()).sum();
  }

  private Task paper(String behind) {
    int minutes = book.workshop().times().fitOnPaperMinutes();
    return Task.of(
            ON_PAPER,
            "Prove on paper that it goes in",
            Stage.FIT,
            minutes,
            Why.of("a default", minutes + " min (default)"))
        .behind(behind);
  }

  private Need need(Component component, String neededBy) {
    int lead =
        component.leadDays() >= 0 ? component.leadDays() : book.leadDays(component.supplierId());
    return new Need(
        "component:" + component.id(),
        component.name(),
        component.forLook() ? CostCategory.LOOK_HARDWARE : CostCategory.PERFORMANCE_HARDWARE,
        component.supplierId(),
        component.quantity(),
        0,
        component.quantity() == 1 ? "piece" : "pieces",
        component.priceMinor(),
        lead,
        List.of(neededBy),
        Why.of("as chosen in the design", component.quantity() + " × " + component.name()));
  }

  /** Judgements on space, power, heat, air, balance and worksheets. */
  public List<Finding> findings() {
    return findings;
  }

  private List<Finding> judged() {
    List<Finding> all = new ArrayList<>();
    if (space != null) {
      all.addAll(SpaceFindings.of(build, space, book, power.power().wantedWatts()));
      all.addAll(RiserFindings.of(build, space, book));
      all.addAll(TubeFindings.of(build, space));
      all.addAll(HeldFindings.of(holdings));
      all.addAll(HungOn.findings(space.enclosure(), hungOn));
    }
    Space.enclosure(build)
        .ifPresent(each -> all.addAll(ScreenFindings.of(each, ScreenPlace.of(build), space)));
    all.addAll(PowerFindings.of(build, power, book));
    all.addAll(UnsaidPlugs.of(build));
    all.addAll(TriedFindings.of(build));
    all.addAll(LightPlugFindings.of(build, power));
    all.addAll(CoolingFindings.of(build, cooling));
    all.addAll(AirflowFindings.of(build, airflow, space));
    all.addAll(StabilityFindings.of(build, stability));
    worksheets.stream().map(WorksheetResult::finding).filter(Objects::nonNull).forEach(all::add);
    return all;
  }
}
