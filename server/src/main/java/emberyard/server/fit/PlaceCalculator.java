package emberyard.server.fit;

import emberyard.core.build.Bay;
import emberyard.core.build.BayChange;
import emberyard.core.build.Body;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.KeepOut;
import emberyard.core.build.Seat;
import emberyard.core.build.Turn;
import emberyard.core.fit.place.Axis;
import emberyard.core.fit.place.Margins;
import emberyard.core.fit.place.Placed;
import emberyard.core.fit.place.Shortfall;
import emberyard.core.fit.space.PlaceQuestion;
import emberyard.core.geometry.Box;
import emberyard.core.units.Require;
import emberyard.server.api.HeavyWork;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The calculator that places boxes in bays. */
@Component
class PlaceCalculator {
  private static final int MOST_BAYS = 40;
  private static final int MOST_COMPONENTS = 60;
  private final HeavyWork heavy;

  PlaceCalculator(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /** Bays and what should go into them. */
  record PlaceAsked(
      @Schema(description = "1 to 40 bays") List<AskedBay> bays,
      @Schema(description = "0 to 60 components") List<AskedComponent> components) {}

  /** A bay: its corner is 0, 0, 0 and it takes anything unless said otherwise. */
  record AskedBay(
      @Nullable String id,
      @Nullable String name,
      @Nullable @Schema(description = "Left edge, mm", minimum = "0", maximum = "5000") Double xMm,
      @Nullable @Schema(description = "Front edge, mm", minimum = "0", maximum = "5000") Double yMm,
      @Nullable @Schema(description = "Floor, mm", minimum = "0", maximum = "5000") Double zMm,
      @Schema(description = "mm", minimum = "1", maximum = "5000") double widthMm,
      @Schema(description = "mm", minimum = "1", maximum = "5000") double depthMm,
      @Schema(description = "mm", minimum = "1", maximum = "5000") double heightMm,
      @Nullable @Schema(description = "Side things go in from; TOP if left out") Face access,
      @Nullable @Schema(description = "What sits in it; anything if left out") List<Seat> accepts,
      @Nullable @Schema(description = "Narrower by, mm", minimum = "0", maximum = "50")
          Double toleranceMm) {}

  /** A component: upright and for any bay unless said otherwise. */
  record AskedComponent(
      @Nullable String id,
      @Nullable String name,
      @Schema(description = "mm", minimum = "0.5", maximum = "3000") double widthMm,
      @Schema(description = "mm", minimum = "0.5", maximum = "3000") double depthMm,
      @Schema(description = "mm", minimum = "0.5", maximum = "3000") double heightMm,
      @Nullable @Schema(description = "Where it sits; any bay if left out") List<Seat> seats,
      @Nullable @Schema(description = "How it may lie; upright if left out") List<Turn> turns,
      @Nullable @Schema(description = "Space beside it that stays free") List<KeepOut> keepOuts,
      @Schema(description = "Where it was put by hand") Fitted.@Nullable Pin pin) {}

  /** Where everything lies. */
  record PlaceAnswer(
      boolean fits,
      @Schema(description = "Whether the search was whole; else it stopped at its limit")
          boolean proven,
      List<Placement> placements,
      List<Unplaced> unplaced,
      List<WrongPin> wrongPins) {}

  /** A component that can't be where it was put by hand, and why: "sticks out of “bay1”". */
  record WrongPin(String componentId, List<String> faults) {}

  /** One component in its place; its box with hard keep-outs, and what is free on each side. */
  record Placement(
      String componentId,
      String bayId,
      Turn turn,
      double xMm,
      double yMm,
      double zMm,
      double widthMm,
      double depthMm,
      double heightMm,
      Margins margins,
      double tightestMm) {}

  /** One component without a place, and the smallest change per bay, turn and axis. */
  record Unplaced(String componentId, List<SmallestChange> smallestChanges) {}

  /** Where one axis alone is enough. */
  record SmallestChange(
      String bayId,
      Turn turn,
      Axis axis,
      double needMm,
      double largestMm,
      List<String> inTheWay,
      @Schema(description = "Whether others would lie elsewhere then") boolean othersMoved) {}

  /** Places all components, or as many as fit, the largest first. */
  PlaceAnswer place(PlaceAsked asked) {
    List<Bay> bays = bays(Require.list(asked.bays()));
    List<PlaceQuestion.Thing> things = things(Require.list(asked.components()));
    PlaceQuestion.Answer answer = heavy.run(() -> new PlaceQuestion(bays, things).solve());
    return new PlaceAnswer(
        answer.fits(),
        answer.layout().proven() && answer.pinFaults().isEmpty(),
        answer.placed().stream().map(p -> placement(p, answer.placed())).toList(),
        unplaced(answer),
        wrongPins(answer));
  }

  private List<Unplaced> unplaced(PlaceQuestion.Answer answer) {
    return answer.unplaced().entrySet().stream()
        .map(e -> new Unplaced(e.getKey(), e.getValue().stream().map(this::change).toList()))
        .toList();
  }

  private static List<WrongPin> wrongPins(PlaceQuestion.Answer answer) {
    return answer.pinFaults().entrySet().stream()
        .map(e -> new WrongPin(e.getKey(), e.getValue()))
        .toList();
  }

  private SmallestChange change(Shortfall lack) {
    return new SmallestChange(
        lack.cavity().id(),
        lack.posture().turn(),
        lack.axis(),
        lack.needMm(),
        lack.largestMm(),
        lack.inTheWay(),
        lack.othersMoved());
  }

  private static Placement placement(Placed placed, List<Placed> all) {
    Box hull = placed.hull();
    Margins margins = Margins.of(placed, all);
    return new Placement(
        placed.item().id(),
        placed.cavity().id(),
        placed.posture().turn(),
        hull.xMm(),
        hull.yMm(),
        hull.zMm(),
        hull.widthMm(),
        hull.depthMm(),
        hull.heightMm(),
        margins,
        margins.tightestMm());
  }

  private static List<Bay> bays(List<AskedBay> asked) {
    Require.between("bays", asked.size(), 1, MOST_BAYS, "bays");
    return Require.each("bays", asked, PlaceCalculator::bay);
  }

  private static Bay bay(AskedBay a, int index) {
    String id = a.id() == null ? "bay" + (index + 1) : a.id();
    double tolerance = orZero(a.toleranceMm());
    Require.between("toleranceMm", tolerance, 0, 50, "mm");
    return new Bay(
        id,
        a.name() == null ? id : a.name(),
        orZero(a.xMm()),
        orZero(a.yMm()),
        orZero(a.zMm()),
        a.widthMm(),
        a.depthMm(),
        a.heightMm(),
        a.access() == null ? Face.TOP : a.access(),
        a.accepts() == null ? List.of(Seat.FREE) : a.accepts(),
        tolerance,
        tolerance,
        tolerance,
        BayChange.NONE);
  }

  private static double orZero(@Nullable Double value) {
    return value == null ? 0 : value;
  }

  private static List<PlaceQuestion.Thing> things(List<AskedComponent> asked) {
    Require.between("components", asked.size(), 0, MOST_COMPONENTS, "components");
    return Require.each("components", asked, PlaceCalculator::thing);
  }

  private static PlaceQuestion.Thing thing(AskedComponent a, int index) {
    String id = Require.text("id", a.id() == null ? "c" + (index + 1) : a.id());
    Body body =
        new Body(
            a.widthMm(),
            a.depthMm(),
            a.heightMm(),
            a.keepOuts(),
            a.seats(),
            a.turns(),
            "",
            List.of());
    return new PlaceQuestion.Thing(id, a.name() == null ? id : a.name(), body, a.pin());
  }
}
