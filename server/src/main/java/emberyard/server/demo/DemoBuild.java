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
import emberyard.core.build.Electric;
import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Fitted;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Limit;
import emberyard.core.build.Look;
import emberyard.core.build.ManualTask;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
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
import emberyard.core.build.StationKind;
import emberyard.core.build.ThingLink;
import emberyard.core.build.Window;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.EnclosureProduct;
import emberyard.core.workshop.HardwareProduct;
import emberyard.server.library.Library;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Collects the things of one invented build in few words. */
final class DemoBuild {
  final String id;
  final List<Thing> things = new ArrayList<>();

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

  /** Draws a part that is there already. */
  DemoBuild drawn(String key, PartDrawing drawing) {
    things.replaceAll(
        thing ->
            thing instanceof Panel panel && panel.id().equals(id + "-" + key)
                ? panel.drawn(drawing)
                : thing);
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

  DemoBuild things(List<? extends Thing> more) {
    things.addAll(more);
    return this;
  }

  static Scheme.Coats coats(String paint, int count) {
    return new Scheme.Coats(paint, count);
  }

  /** An enclosure of the library: its shape, and what it costs. */
  DemoBuild enclosure(String productId) {
    EnclosureProduct product =
        Library.enclosures(List.of()).stream()
            .filter(each -> each.id().equals(productId))
            .findFirst()
            .orElseThrow();
    things.add(product.shape(id + "-enclosure"));
    things.add(product.component(id + "-case"));
    return this;
  }

  /** Hardware of the library, each key with its product. */
  DemoBuild hardware(String... keysAndProducts) {
    for (int i = 0; i < keysAndProducts.length; i += 2) {
      things.add(product(keysAndProducts[i + 1]).as(id + "-" + keysAndProducts[i]));
    }
    return this;
  }

  /** A fan or radiator of the library behind an opening. */
  DemoBuild breathing(
      String key, String productId, String openingId, Fitted.Air air, @Nullable Face wanted) {
    things.add(
        product(productId).as(id + "-" + key).with(new Fitted(null, "", openingId, air, wanted)));
    return this;
  }

  /** Memory that was looked up on the board's tested list. */
  DemoBuild testedMemory(String productId) {
    Component memory = product(productId).as(id + "-memory");
    Electric e = memory.electric();
    things.add(
        memory.with(
            new Electric(
                e.typicalWatts(),
                e.excursionWatts(),
                e.asks(),
                e.offers(),
                e.m2Slots(),
                e.processorGraphics(),
                Electric.Tested.YES)));
    return this;
  }

  DemoBuild thing(Thing thing) {
    things.add(thing);
    return this;
  }

  private static HardwareProduct product(String productId) {
    return Library.hardware(List.of()).stream()
        .filter(each -> each.id().equals(productId))
        .findFirst()
        .orElseThrow();
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
