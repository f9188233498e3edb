package emberyard.server.demo;

import static emberyard.server.demo.DemoBuild.coats;
import static emberyard.server.demo.DemoBuild.colour;

import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Design;
import emberyard.core.build.FaceItem;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Panel;
import emberyard.core.build.Rail;
import emberyard.core.build.Scheme;
import emberyard.server.yard.YardReader;
import java.util.List;
import java.util.Map;

/**
 * The concepts that were not chosen for Night Pilotage, and the change that waits for an answer.
 */
final class DemoOptions {
  private static final String ID = "night-pilotage";

  private DemoOptions() {}

  /** The chosen one is B; A is plainer, C is the chart table by day. */
  static void add(DemoBuild night) {
    Design chosen = YardReader.build(night.things).design();
    night.things.replaceAll(
        thing ->
            thing instanceof Concept c
                ? new Concept(c.id(), c.look(), c.frozen(), "B", "Cutter coming home")
                : thing);
    night.things.add(new ConceptOption(ID + "-option-A", "A", "Bare hull", bareHull(chosen)));
    night.things.add(
        new ConceptOption(ID + "-option-C", "C", "Chart table by day", chartTable(chosen)));
  }

  /** Said by the guild after the concept was frozen. */
  static void change(DemoBuild night) {
    night.things.add(
        new LightStrip(
            ID + "-bow",
            "Bow light",
            300,
            60,
            Rail.V5,
            60,
            LightStrip.Feed.SUPPLY_LEAD,
            "#F6C987",
            1_400,
            "lumen-loft"));
  }

  private static Design bareHull(Design chosen) {
    String trim = ID + "-trim";
    List<Panel> panels = chosen.panels().stream().filter(p -> !p.id().equals(trim)).toList();
    List<Scheme> schemes =
        chosen.schemes().stream().filter(s -> !s.panelId().equals(trim)).toList();
    List<FaceItem> items =
        chosen.items().stream()
            .filter(item -> !trim.equals(item.ofId()))
            .filter(item -> !item.name().contains("amp") && !item.name().contains("Bezel"))
            .toList();
    Look look =
        new Look(
            List.of("fog", "bare steel", "tide curve"),
            List.of(
                colour("harbour green", "#2E4A45", Role.BASE),
                colour("fog grey", "#B7BEBC", Role.SECOND),
                colour("chart cream", "#EDE3C4", Role.TEXT),
                colour("signal amber", "#F0A13A", Role.GLOW)),
            chosen.look().size());
    return chosen.looking(look, items).with(Panel.class, panels).with(Scheme.class, schemes);
  }

  private static Design chartTable(Design chosen) {
    Map<String, String> repainted =
        Map.of(
            "#2E4A45", "#EDE3C4", "#EDE3C4", "#1D2B45", "#B7BEBC", "#1D2B45", "#1F3330", "#B7A77C");
    List<FaceItem> items =
        chosen.items().stream()
            .map(
                item ->
                    item.colourHex() == null
                        ? item
                        : item.coloured(repainted.getOrDefault(item.colourHex(), item.colourHex())))
            .toList();
    List<Scheme> schemes =
        chosen.schemes().stream()
            .map(
                s ->
                    s.panelId().endsWith("trim") || s.layeredArt()
                        ? s
                        : new Scheme(
                            s.id(),
                            s.name().replace("Harbour green", "Chart cream"),
                            s.panelId(),
                            false,
                            coats("primer-white", 1),
                            coats("cream", 3),
                            null))
            .toList();
    Look look =
        new Look(
            List.of("chart paper", "ink", "brass dividers"),
            List.of(
                colour("chart cream", "#EDE3C4", Role.BASE),
                colour("night blue", "#1D2B45", Role.SECOND),
                colour("ink", "#20242E", Role.TEXT),
                colour("brass", "#B08B3E", Role.METAL),
                colour("signal amber", "#F0A13A", Role.GLOW)),
            chosen.look().size());
    return chosen.looking(look, items).with(Scheme.class, schemes);
  }
}
