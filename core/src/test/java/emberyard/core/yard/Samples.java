package emberyard.core.yard;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Concept;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Design;
import emberyard.core.build.Face;
import emberyard.core.build.Frozen;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.Panel;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.finish.PlainScheme;
import emberyard.core.record.Move;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLineBuilder;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.supply.NeedLine;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.StationKind;
import emberyard.core.work.Why;
import emberyard.core.workshop.Material;
import emberyard.core.workshop.PaintBase;
import emberyard.core.workshop.PaintKind;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.WorkshopBook;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** A small workshop and one build in it, to change in tests. */
public final class Samples {
  public static final Instant MONDAY_NINE = Instant.parse("2026-03-02T09:00:00Z");
  public static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private Samples() {}

  public static WorkshopBook book() {
    return WorkshopBook.of(
        List.of(
            Workshop.startingWith("Tollgate Works", "EUR", "UTC"),
            new Person("ines", "Ines Varga", List.of(), List.of(), 3_000),
            new Station("bench", "Bench", StationKind.BENCH, 3),
            new Station("laser", "Laser", StationKind.LASER, 1),
            new Station("spray", "Spray corner", StationKind.SPRAY_CORNER, 1),
            new Supplier("quay", "Quayside", 5, 900),
            paint(0),
            sheet(0)));
  }

  public static SheetProduct sheet(int onHand) {
    return new SheetProduct(
        "clear-3",
        "Clear 3 mm",
        Material.ACRYLIC,
        3,
        2.86,
        600,
        400,
        "#FFFFFF",
        12,
        2_400,
        "quay",
        onHand,
        null);
  }

  public static PaintProduct paint(int onHand) {
    return new PaintProduct(
        "green",
        "Green",
        "#2E4A45",
        PaintKind.COLOUR,
        PaintBase.SOLVENT,
        15,
        0.18,
        0.6,
        10,
        20,
        0,
        2,
        48,
        400,
        1_150,
        "quay",
        onHand,
        null,
        PaintProduct.GENERIC,
        0.0,
        null,
        null);
  }

  /** So many cans of the green paint are needed. */
  public static Need cans(double cans) {
    return new Need(
        "paint:green",
        "Green",
        CostCategory.FINISH_MATERIAL,
        "quay",
        cans,
        0,
        "cans",
        1_150,
        3,
        List.of(),
        Why.of("typed", "test"));
  }

  public static Panel panel() {
    return new Panel(
        "p1",
        "Left window",
        Face.LEFT,
        "clear-3",
        412,
        388,
        1,
        null,
        new BorderHoles(12, 90, 4),
        CutMethod.LASER,
        0,
        null,
        null);
  }

  public static Component component(String id, ComponentKind kind) {
    return Component.one(id, "Component " + id, kind)
        .priceMinor(10_000)
        .supplierId("quay")
        .massKg(1)
        .peakWatts(50)
        .hdmiOutputs(1)
        .lightHeaders(1)
        .build();
  }

  public static Scheme scheme() {
    return PlainScheme.of(
        "s1", "Green back", "p1", false, null, new PlainScheme.Coats("green", 3), null);
  }

  public static Screen screen() {
    return Screen.one("d1", "Tide board", 58, 192)
        .pixelsWide(480)
        .pixelsHigh(1920)
        .watts(6)
        .priceMinor(9_600)
        .supplierId("quay")
        .build();
  }

  public static LightStrip strip(double lengthMm) {
    return LightStrip.one("l1", "Beam", lengthMm)
        .colourHex("#F0A13A")
        .pricePerMetreMinor(1_400)
        .supplierId("quay")
        .build();
  }

  public static Brief brief(LocalDate revealOn) {
    Brief named = Brief.named("b1", "Night Pilotage", MONDAY);
    return new Brief(
        "b1",
        named.name(),
        "Pilots",
        "Watch room",
        "A cutter",
        "",
        "",
        "On a table",
        List.of(),
        revealOn,
        false,
        500_000L,
        named.capCounts(),
        null,
        List.of("secrecy", "requirements", "loved", "hated", "brought"),
        MONDAY,
        null,
        null);
  }

  /** A build with one of everything, its concept frozen. */
  public static Build build() {
    return new Made().build();
  }

  /** Builds a build in a few words. */
  public static final class Made {
    private LocalDate revealOn = LocalDate.of(2026, 4, 10);
    private final List<Component> components =
        new ArrayList<>(
            List.of(
                component("c1", ComponentKind.BOARD), component("e1", ComponentKind.ENCLOSURE)));
    private List<Frozen.CurvePoint> curve = List.of();
    private List<Panel> panels = List.of(panel());
    private List<Screen> screens = List.of(screen());
    private final List<OrderLine> orders = new ArrayList<>();
    private final List<TimeEntry> times = new ArrayList<>();
    private final List<TaskMark> marks = new ArrayList<>();

    public Made frozen(List<Frozen.CurvePoint> planned) {
      curve = planned;
      return this;
    }

    public Made reveal(LocalDate day) {
      revealOn = day;
      return this;
    }

    public Made panels(List<Panel> made) {
      panels = made;
      return this;
    }

    public Made screens(List<Screen> made) {
      screens = made;
      return this;
    }

    public Made with(OrderLine order) {
      orders.add(order);
      return this;
    }

    public Made logged(String taskKey, int minutes) {
      times.add(
          new TimeEntry(
              "t" + times.size(),
              taskKey,
              "ines",
              MONDAY_NINE.minusSeconds(60L * minutes),
              MONDAY_NINE));
      return this;
    }

    public Made marked(String taskKey, TaskMark.What what) {
      marks.add(
          new TaskMark(
              "m" + marks.size(),
              taskKey,
              what,
              MONDAY_NINE.plusSeconds(marks.size()),
              "Ines",
              "seen"));
      return this;
    }

    public Made passedOver(String taskKey, String passedFor, String why) {
      marks.add(
          new TaskMark(
              "m" + marks.size(),
              taskKey,
              TaskMark.What.DONE,
              MONDAY_NINE.plusSeconds(marks.size()),
              "Ines",
              why,
              passedFor));
      return this;
    }

    public Build build() {
      Look look = Look.open();
      Design design =
          Design.of(look)
              .with(Component.class, components)
              .with(Panel.class, panels)
              .with(Scheme.class, List.of(scheme()))
              .with(Screen.class, screens)
              .with(LightStrip.class, List.of(strip(800)));
      Frozen frozen = new Frozen("Ines", MONDAY_NINE, 300_000, MONDAY.plusDays(20), design, curve);
      return Build.begun(brief(revealOn), Concept.open("b1", look).with(frozen))
          .with(design)
          .with(OrderLine.class, orders)
          .with(TimeEntry.class, times)
          .with(TaskMark.class, marks);
    }
  }

  /** The build with this one line, of which so much is paid; nothing for 0. */
  public static Build paid(OrderLine line, long paidMinor) {
    List<Move> moves =
        Stream.of(paidMinor)
            .filter(minor -> minor > 0)
            .map(
                minor ->
                    new Move(
                        "m1",
                        line.id(),
                        line.category(),
                        line.supplierId(),
                        Move.What.PAID,
                        minor,
                        MONDAY,
                        "",
                        ""))
            .toList();
    return build().with(OrderLine.class, List.of(line)).with(Move.class, moves);
  }

  public static OrderLine order(String needKey, OrderLine.State state, LocalDate expected) {
    boolean here = state == OrderLine.State.CHECKED || state == OrderLine.State.RECEIVED;
    return OrderLineBuilder.builder()
        .id("o-" + needKey)
        .needKey(needKey)
        .title(title(needKey))
        .category(CostCategory.LOOK_HARDWARE)
        .supplierId("quay")
        .quantity(1)
        .unitPriceMinor(9_600)
        .state(state)
        .orderedOn(MONDAY.minusDays(3))
        .expectedOn(expected)
        .receivedOn(here ? MONDAY : null)
        .checkedOn(state == OrderLine.State.CHECKED ? MONDAY : null)
        .checkedBy(here ? "Lotte" : "")
        .build();
  }

  /** What the need is called that an order of the samples fills. */
  private static String title(String needKey) {
    return model(build()).needs().stream()
        .map(NeedLine::need)
        .filter(need -> need.key().equals(needKey))
        .map(Need::title)
        .findFirst()
        .orElse(needKey);
  }

  public static BuildModel model(Build build) {
    return YardModel.of(List.of(build), book(), MONDAY_NINE).builds().get("b1");
  }

  public static TaskModel task(BuildModel model, String key) {
    return model.tasks().stream()
        .filter(task -> task.task().key().equals(key))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no task " + key));
  }
}
