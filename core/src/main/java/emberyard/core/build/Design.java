package emberyard.core.build;

import emberyard.core.units.Require;
import java.util.List;

/**
 * Everything of a build that a concept can differ in. A value: it can be put aside, brought back,
 * frozen and compared.
 */
public record Design(
    Look look,
    List<FaceItem> items,
    List<Component> components,
    List<Panel> panels,
    List<Scheme> schemes,
    List<Screen> screens,
    List<LightStrip> strips,
    List<Enclosure> enclosures,
    List<Loop> loops,
    List<Worksheet> worksheets,
    List<Joint> joints,
    List<PrintPart> prints,
    List<Treatment> treatments,
    List<OutsideFinish> outsideFinishes) {
  public Design {
    Require.given("look", look);
    items = Require.list(items);
    components = Require.list(components);
    panels = Require.list(panels);
    schemes = Require.list(schemes);
    screens = Require.list(screens);
    strips = Require.list(strips);
    enclosures = Require.list(enclosures);
    loops = Require.list(loops);
    worksheets = Require.list(worksheets);
    joints = Require.list(joints);
    prints = Require.list(prints);
    treatments = Require.list(treatments);
    outsideFinishes = Require.list(outsideFinishes);
  }

  /** A design in which nothing was measured for fit. */
  public Design(
      Look look,
      List<FaceItem> items,
      List<Component> components,
      List<Panel> panels,
      List<Scheme> schemes,
      List<Screen> screens,
      List<LightStrip> strips) {
    this(
        look,
        items,
        components,
        panels,
        schemes,
        screens,
        strips,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  /** The same parts with another look and other things on the faces. */
  public Design looking(Look other, List<FaceItem> placed) {
    return with(other, placed, panels, schemes);
  }

  /** The same hardware in other clothes. */
  public Design with(Look other, List<FaceItem> placed, List<Panel> cut, List<Scheme> finishes) {
    return new Design(
        other,
        placed,
        components,
        cut,
        finishes,
        screens,
        strips,
        enclosures,
        loops,
        worksheets,
        joints,
        prints,
        treatments,
        outsideFinishes);
  }

  /** A look without parts. */
  public static Design of(Look look) {
    return new Design(look, List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
  }
}
