package emberyard.core.fit.held;

import emberyard.core.build.FixingWay;
import emberyard.core.work.FoamTape;
import emberyard.core.work.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What holds all that was placed, to be shown.
 *
 * @param things one line a component, all its pieces held alike, in the order they go in
 * @param hungOn bays that are cut away, and what hung on them
 */
public record HeldModel(List<HeldThing> things, List<FrameGone> hungOn) {
  /**
   * A component and what holds it.
   *
   * @param bay name of where its first piece lies
   * @param held what holds it, null for nothing
   * @param proposed whether nobody has said what holds it
   * @param points where one takes screws, by name
   * @param screws how many of those get one
   * @param massKg of one with all that sits on it
   * @param warm whether it gets above 45 °C at work
   * @param tapeCm2 foam tape that one would want
   * @param backCm2 the side that it is held with
   */
  public record HeldThing(
      String componentId,
      String name,
      int pieces,
      String bay,
      @Nullable FixingWay held,
      boolean proposed,
      List<String> points,
      int screws,
      double massKg,
      boolean warm,
      double tapeCm2,
      double backCm2,
      Why tapeWhy) {}

  /** A bay that is cut away. */
  public record FrameGone(String bay, List<String> things, List<String> beside) {}

  public static HeldModel of(List<Holding> holdings, List<HungOn> hung) {
    return new HeldModel(
        holdings.stream().filter(HeldModel::first).map(HeldModel::thing).toList(),
        hung.stream()
            .map(
                each ->
                    new FrameGone(
                        each.bay().name(),
                        each.things().stream().map(thing -> thing.name()).toList(),
                        each.beside()))
            .toList());
  }

  private static boolean first(Holding each) {
    return each.pieceId().equals(each.component().id());
  }

  private static HeldThing thing(Holding each) {
    FoamTape tape = HeldFindings.tape(each);
    return new HeldThing(
        each.component().id(),
        each.component().name(),
        each.component().quantity(),
        each.bay(),
        each.held(),
        each.proposed(),
        each.points(),
        each.screws(),
        each.massKg(),
        each.warm(),
        tape.areaCm2(),
        each.backCm2(),
        tape.why());
  }
}
