package emberyard.server.demo;

import emberyard.core.build.Ban;
import emberyard.core.build.BorderHoles;
import emberyard.core.build.Brief;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Concept;
import emberyard.core.build.CostCategory;
import emberyard.core.build.Counting;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Limit;
import emberyard.core.build.Look;
import emberyard.core.build.ManualTask;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.Rail;
import emberyard.core.build.Remark;
import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.build.Scheme;
import emberyard.core.build.Screen;
import emberyard.core.build.Secrecy;
import emberyard.core.build.Size;
import emberyard.core.build.Source;
import emberyard.core.build.Stage;
import emberyard.core.build.ThingLink;
import emberyard.core.build.Window;
import emberyard.core.build.StationKind;
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
            "",
            themeLine,
            "",
            "",
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
    things.add(Concept.open(id, new Look(words, List.of(palette), size)));
    return this;
  }

  /** What the talk brought beside the plain facts. */
  DemoBuild said(String purpose, String loved, String hated, List<String> skipped) {
    Brief b = (Brief) things.get(0);
    things.set(
        0,
        new Brief(
            b.id(),
            b.name(),
            b.client(),
            purpose,
            b.themeLine(),
            loved,
            hated,
            b.standsWhere(),
            b.hiddenFaces(),
            b.revealOn(),
            b.revealMovable(),
            b.budgetCapMinor(),
            b.capCounts(),
            b.secrecy(),
            skipped,
            b.begunOn(),
            null));
    return this;
  }

  DemoBuild remark(String key, String text) {
    things.add(new Remark(id + "-" + key, text));
    return this;
  }

  DemoBuild asks(
      String key, String text, Requirement.Priority priority, RequirementKind kind, String answer) {
    Requirement.Outcome outcome =
        answer.isEmpty() ? Requirement.Outcome.OPEN : Requirement.Outcome.ANSWERED;
    things.add(
        new Requirement(id + "-" + key, text, priority, kind, null, null, null, answer, outcome));
    return this;
  }

  /** A wish that a thing of the build answers. */
  DemoBuild asks(
      String key, String text, Requirement.Priority priority, String kind, String thing) {
    things.add(
        new Requirement(
            id + "-" + key,
            text,
            priority,
            RequirementKind.FUNCTION,
            null,
            null,
            new ThingLink(kind, id + "-" + thing),
            "",
            Requirement.Outcome.OPEN));
    return this;
  }

  DemoBuild asks(String key, String text, Requirement.Priority priority, Limit limit) {
    things.add(Requirement.limited(id + "-" + key, text, priority, limit));
    return this;
  }

  DemoBuild bans(String key, String text, Requirement.Priority priority, Ban ban) {
    things.add(Requirement.banned(id + "-" + key, text, priority, ban));
    return this;
  }

  DemoBuild items(List<FaceItem> items) {
    things.addAll(items);
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
            headers,
            kind == ComponentKind.DRIVE ? 2_000.0 : null,
            kind == ComponentKind.MEMORY ? 32.0 : null,
            Counting.AGREED,
            null));
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
            0,
            kind == ComponentKind.DRIVE ? 1_000.0 : null,
            null,
            Counting.AGREED,
            countsMinor));
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
