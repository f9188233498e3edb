package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Display;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FixedWay;
import emberyard.core.build.Screen;
import emberyard.core.build.ScreenFeed.Quirk;
import emberyard.core.build.Size;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.light.port.LeastChanges.Way;
import emberyard.core.light.port.PortAnswer;
import emberyard.core.light.port.PortAnswer.WireFeed;
import emberyard.core.light.port.PortChange;
import emberyard.core.light.port.PortReasons;
import emberyard.core.light.port.PortReasons.DarkSink;
import emberyard.core.light.port.Sink;
import emberyard.core.units.Remembered;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.Retired;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What follows from the wiring: leads and links to buy, proofs and plugging, judgements. */
public final class WiringWork {
  private static final int KEPT = 160;

  /** Wiring follows from what is asked alone: remembering it changes nothing but the time. */
  private static final Remembered<Asked, WiringWork> KNOWN = new Remembered<>(KEPT);

  private final Build build;
  private final WorkshopBook book;
  private final Wired wired;
  private final List<DarkSink> dark;
  private final List<ColdStart> starts;
  private final List<Way<Build>> ways;
  private final List<WiringModel.WiringChange> changes;
  private @Nullable WiringModel model;

  private WiringWork(Build build, WorkshopBook book, Predicate<List<Component>> goesIn) {
    this.build = build;
    this.book = book;
    this.wired = Wired.of(build, book);
    this.dark = new PortReasons(wired.problem(), wired.answer()).dark();
    this.starts =
        wired.answer().feeds().stream()
            .flatMap(feed -> ColdStart.of(wired, feed, quirks(feed.sinkId())).stream())
            .toList();
    this.ways = WiringChanges.least(build, book, wired, goesIn);
    this.changes = ways.stream().map(WiringWork::told).toList();
  }

  /**
   * The wiring of a build.
   *
   * @param goesIn whether components go into the enclosure: a change that does not is not offered
   */
  public static WiringWork of(Build build, WorkshopBook book, Predicate<List<Component>> goesIn) {
    return KNOWN.get(Asked.of(build, book), asked -> new WiringWork(build, book, goesIn));
  }

  /** All that wiring looks at: it follows from this alone. */
  private record Asked(
      String buildId,
      List<Component> components,
      List<Screen> screens,
      List<FixedWay> fixedWays,
      List<Enclosure> enclosures,
      @Nullable Size outer,
      List<HardwareProduct> library,
      List<Retired> retired,
      List<Supplier> suppliers,
      StepTimes times) {

    static Asked of(Build build, WorkshopBook book) {
      return new Asked(
          build.id(),
          build.components(),
          build.screens(),
          build.fixedWays(),
          build.enclosures(),
          build.outerSize(),
          book.hardware(),
          book.retired(),
          book.suppliers(),
          book.workshop().times());
    }

    /** Of what tells builds apart: the library is long and nearly always the same. */
    @Override
    public int hashCode() {
      return Objects.hash(buildId, components, screens, fixedWays);
    }
  }

  private static WiringModel.WiringChange told(Way<Build> way) {
    return new WiringModel.WiringChange(
        way.steps().stream().map(PortChange::kind).toList(),
        way.words(),
        way.moneyMinor(),
        way.leadDays(),
        way.risk());
  }

  private Set<Quirk> quirks(String sinkId) {
    Optional<Display> display =
        build
            .things()
            .find(Screen.class, sinkId)
            .map(Display::of)
            .or(() -> build.component(sinkId).map(Component::display));
    return display.isEmpty() || display.get().feed() == null
        ? Set.of()
        : display.get().feed().quirks().isEmpty()
            ? Set.of()
            : EnumSet.copyOf(display.get().feed().quirks());
  }

  /** All of it, to be shown. */
  public synchronized WiringModel model() {
    if (model == null) {
      model = drawn();
    }
    return model;
  }

  private WiringModel drawn() {
    WiringDrawn drawn = new WiringDrawn(build, wired, dark);
    List<WiringModel.Taker> takers = drawn.takers();
    PortAnswer answer = wired.answer();
    return new WiringModel(
        drawn.givers(),
        drawn.between(),
        takers,
        drawn.ropes(),
        changes,
        starts,
        count(takers, WiringModel.TakerKind.SCREEN, false),
        count(takers, WiringModel.TakerKind.SCREEN, true),
        count(takers, WiringModel.TakerKind.DEVICE, false),
        count(takers, WiringModel.TakerKind.DEVICE, true),
        answer.moneyMinor(),
        answer.links() - leads(answer),
        leads(answer),
        answer.leadMm(),
        answer.proven(),
        answer.steps());
  }

  private static int count(
      List<WiringModel.Taker> takers, WiringModel.TakerKind kind, boolean lit) {
    return (int)
        takers.stream().filter(each -> each.kind() == kind && (each.lit() || !lit)).count();
  }

  private static int leads(PortAnswer answer) {
    return (int) answer.feeds().stream().filter(feed -> feed.lead() != null).count();
  }

  /** What feeds what. */
  public Wired wired() {
    return wired;
  }

  /** The build with a change that is offered; empty where it is offered no more. */
  public Optional<Build> changed(String words) {
    return ways.stream()
        .filter(way -> way.words().equals(words))
        .findFirst()
        .map(
            way -> {
              Build then = build;
              for (PortChange<Build> step : way.steps()) {
                then = step.apply().apply(then);
              }
              return then;
            });
  }

  /** What one end may be joined to: a thing to sockets, a socket to things; empty for neither. */
  public Optional<Joins> joins(String endId) {
    boolean socket =
        wired.problem().sources().stream().anyMatch(source -> source.id().equals(endId));
    return socket
        ? Optional.of(Joins.from(wired, endId))
        : wired.sink(endId).map(sink -> Joins.to(wired, sink));
  }

  /** Screens that stay dark, with why. */
  public Map<String, String> darkScreens() {
    Map<String, String> words = new LinkedHashMap<>();
    for (DarkSink each : dark) {
      if (build.things().find(Screen.class, each.sinkId()).isPresent()) {
        words.put(each.sinkId(), each.words());
      }
    }
    return words;
  }

  /** Key of the proof of a sink before it is mounted, none where nothing is to be proven. */
  public Optional<String> proofOf(String sinkId) {
    return starts.stream()
        .filter(start -> start.sinkId().equals(sinkId))
        .map(start -> startsKey(start.sinkId()))
        .findFirst();
  }

  private static String startsKey(String sinkId) {
    return "wire:" + sinkId + "/starts";
  }

  private static String plugKey(String sinkId) {
    return "wire:" + sinkId + "/plug";
  }

  /**
   * @param behind keys that plugging waits for: the dry fit and the cured paint
   */
  public Work derive(List<String> behind) {
    List<Task> tasks = new ArrayList<>();
    starts.forEach(start -> tasks.add(proof(start)));
    wired.answer().feeds().stream()
        .filter(feed -> build.things().find(Screen.class, feed.sinkId()).isEmpty())
        .forEach(feed -> tasks.add(plug(feed).behind(behind)));
    return new Work(tasks, WiringNeeds.of(wired, book, this::keys), findings());
  }

  private List<Finding> findings() {
    return WiringFindings.of(build, wired, dark, changes, starts);
  }

  private Task proof(ColdStart start) {
    StepTimes times = book.workshop().times();
    int minutes = start.starts() * times.coldStartMinutes();
    return Task.of(
            startsKey(start.sinkId()),
            "Prove on the bench: %s, %d cold starts".formatted(start.what(), start.starts()),
            Stage.LIGHT,
            minutes,
            Why.of(
                "starts × time of one",
                start.starts() + " cold starts: " + start.because(),
                times.coldStartMinutes() + " min each (default)",
                start.proves()))
        .about(thing(start.sinkId()))
        .at(StationKind.BENCH)
        .asGate()
        .saying(List.of(Caution.ELECTRONICS, Caution.MAINS));
  }

  private static String thing(String sinkId) {
    return sinkId.split("[/~]", 2)[0];
  }

  private Task plug(WireFeed feed) {
    Sink sink = wired.sink(feed.sinkId()).orElseThrow();
    int minutes = book.workshop().times().plugMinutes();
    Task task =
        Task.of(
                plugKey(sink.id()),
                "Plug %s in: %s".formatted(sink.name(), wired.source(feed.sourceId()).name()),
                Stage.LIGHT,
                minutes,
                Why.of("a default", minutes + " min a lead (default)"))
            .about(thing(sink.id()))
            .at(StationKind.BENCH)
            .saying(List.of(Caution.ELECTRONICS));
    return proofOf(sink.id()).map(task::behind).orElse(task);
  }

  /** What can’t be done without a lead: its proof, and plugging or fitting. */
  private List<String> keys(String sinkId) {
    List<String> keys = new ArrayList<>();
    proofOf(sinkId).ifPresent(keys::add);
    keys.add(
        build.things().find(Screen.class, sinkId).isPresent()
            ? "screen:" + sinkId + "/fit"
            : plugKey(sinkId));
    return keys;
  }
}
