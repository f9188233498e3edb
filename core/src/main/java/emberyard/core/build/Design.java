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
    List<PrintPart> prints) {
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
        List.of());
  }

  /** A look without parts. */
  public static Design of(Look look) {
    return new Design(look, List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
  }
}
