package emberyard.server.demo;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.Brief;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Concept;
import emberyard.core.build.CostCategory;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Look;
import emberyard.core.build.ManualTask;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.Rail;
import emberyard.core.build.Requirement;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.Secrecy;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.build.Stage;
import emberyard.core.build.Window;
import emberyard.core.workshop.StationKind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the things of one invented build in few words. */
final class DemoBuild {
  final String id;
  final List<Object> things = new ArrayList<>();

  DemoBuild(String id) {
    this.id = id;
  }

  DemoBuild brief(
      String name,
      String client,
      String themeLine,
      String stands,
      LocalDate begun,
      @Nullable LocalDate reveal,
      boolean movable,
      @Nullable Long capMinor,
      @Nullable Secrecy secrecy) {
    things.add(
        new Brief(
            id,
            name,
            client,
            themeLine,
            stands,
            stands.isEmpty() ? List.of() : List.of(Face.BACK, Face.BOTTOM),
            reveal,
            movable,
            capMinor,
            List.of(CostCategory.values()),
            secrecy,
            List.of(),
            begun,
            null));
    return this;
  }

  DemoBuild look(@Nullable Size size, List<String> words, PaletteColour... palette) {
    things.add(new Concept(id, new Look(words, List.of(palette), size), null));
    return this;
  }

  DemoBuild asks(
      String key,
      String text,
      Requirement.Priority priority,
      String answer,
      Requirement.Outcome outcome) {
    things.add(new Requirement(id + "-" + key, text, priority, answer, outcome));
    return this;
  }

  DemoBuild panel(
      String key,
      String name,
      Face face,
      String sheet,
      double width,
      double height,
      @Nullable Window window,
      @Nullable BorderHoles holes,
      CutMethod method) {
    things.add(
        new Panel(
            id + "-" + key, name, face, sheet, width, height, 1, window, holes, method, 4_800));
    return this;
  }

  DemoBuild scheme(
      String key,
      String name,
      String panel,
      boolean both,
      Scheme.@Nullable Coats primer,
      Scheme.@Nullable Coats colour,
      Scheme.@Nullable Coats clear) {
    things.add(new Scheme(id + "-" + key, name, id + "-" + panel, both, primer, colour, clear));
    return this;
  }

  static Scheme.Coats coats(String paint, int count) {
    return new Scheme.Coats(paint, count);
  }

  DemoBuild component(
      String key,
      String name,
      ComponentKind kind,
      long priceMinor,
      double massKg,
      double peakWatts,
      double supplyWatts,
      int hdmi,
      int displayPort,
      int headers) {
    things.add(
        new Component(
            id + "-" + key,
            name,
            kind,
            1,
            Source.BUY,
            kind == ComponentKind.ENCLOSURE,
            priceMinor,
            "rookery",
            -1,
            massKg,
            peakWatts,
            supplyWatts,
            hdmi,
            displayPort,
            0,
            headers));
    return this;
  }

  DemoBuild owned(String key, String name, ComponentKind kind, long countsMinor, double massKg) {
    things.add(
        new Component(
            id + "-" + key,
            name,
            kind,
            1,
            Source.CLIENT,
            false,
            countsMinor,
            "",
            -1,
            massKg,
            6,
            0,
            0,
            0,
            0,
            0));
    return this;
  }

  /** A usual machine: board, processor, graphics, memory, drive, supply, cooler, enclosure. */
  DemoBuild machine(String enclosure, long enclosureMinor, double supplyWatts, String supply) {
    return component("case", enclosure, ComponentKind.ENCLOSURE, enclosureMinor, 6.2, 0, 0, 0, 0, 0)
        .component("board", "Board Dunlin M2", ComponentKind.BOARD, 17_900, 0.9, 28, 0, 1, 1, 2)
        .component(
            "processor",
            "Processor Plover 6",
            ComponentKind.PROCESSOR,
            23_900,
            0.1,
            105,
            0,
            0,
            0,
            0)
        .component(
            "graphics", "Graphics Gannet 70", ComponentKind.GRAPHICS, 54_900, 1.3, 220, 0, 1, 2, 0)
        .component("memory", "Memory Siskin 32 GB", ComponentKind.MEMORY, 9_400, 0.1, 8, 0, 0, 0, 0)
        .component("drive", "Drive Shale 2 TB", ComponentKind.DRIVE, 12_900, 0.1, 7, 0, 0, 0, 0)
        .component("supply", supply, ComponentKind.SUPPLY, 10_900, 1.8, 0, supplyWatts, 0, 0, 0)
        .component("cooler", "Cooler Heron 120", ComponentKind.COOLER, 4_900, 0.8, 4, 0, 0, 0, 0);
  }

  DemoBuild screen(
      String key,
      String name,
      double width,
      double height,
      Screen.Input input,
      double watts,
      long priceMinor) {
    things.add(
        new Screen(
            id + "-" + key,
            name,
            width,
            height,
            1920,
            480,
            input,
            watts,
            Rail.V5,
            priceMinor,
            "lumen-loft"));
    return this;
  }

  DemoBuild strip(String key, String name, double lengthMm, String hex, LightStrip.Feed feed) {
    things.add(
        new LightStrip(
            id + "-" + key, name, lengthMm, 60, Rail.V5, 60, feed, hex, 1_400, "lumen-loft"));
    return this;
  }

  DemoBuild manual(String key, String title, Stage stage, int minutes, int wait, String... after) {
    things.add(
        new ManualTask(
            id + "-" + key, title, stage, minutes, wait, List.of(after), StationKind.BENCH));
    return this;
  }

  static PaletteColour colour(String name, String hex, PaletteColour.Role role) {
    return new PaletteColour(name, hex, role);
  }
}
