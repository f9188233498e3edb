package emberyard.server.demo;

import static emberyard.server.demo.DemoBuild.coats;
import static emberyard.server.demo.DemoBuild.colour;

import emberyard.core.build.Ban;
import emberyard.core.build.BorderHoles;
import emberyard.core.build.Comparison;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.LightStrip;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Requirement.Priority;
import emberyard.core.build.RequirementKind;
import emberyard.core.build.Screen;
import emberyard.core.build.Secrecy;
import emberyard.core.build.Size;
import emberyard.core.build.Stage;
import emberyard.core.build.Window;
import java.time.LocalDate;
import java.util.List;

/** The five invented builds, dated from the day the demo starts. */
final class DemoBuilds {
  private DemoBuilds() {}

  static DemoBuild mossArchive(LocalDate today) {
    return new DemoBuild("moss-archive")
        .brief(
            "Moss Archive",
            "Quire & Lantern",
            "A reading room taken over by moss",
            "On the counter of the library, seen from three sides",
            today.minusDays(34),
            today.plusDays(33),
            true,
            320_000L,
            Secrecy.NO_SPECIFICATION)
        .look(
            new Size(320, 420, 240),
            List.of("moss", "old spines", "lamplight"),
            colour("fern", "#4F6F3A", Role.BASE),
            colour("bark", "#5B4331", Role.SECOND),
            colour("paper", "#EDE6D3", Role.TEXT),
            colour("brass", "#B08B3E", Role.METAL),
            colour("spore glow", "#C8E86A", Role.GLOW))
        .said(
            "Games are looked up on it at the counter",
            "Ferns, lamplight, the smell of old paper",
            "Neon",
            List.of("brought"))
        .asks("birch", "One side of real birch", Priority.MUST, "panels", "side")
        .asks(
            "spines",
            "Spines with the founders’ game names",
            Priority.SHOULD,
            RequirementKind.LOOK,
            "")
        .asks(
            "memory",
            "Opens the whole catalogue at once",
            Priority.SHOULD,
            Limit.of(Measure.MEMORY_GB, Comparison.AT_LEAST, 32))
        .items(DemoElevations.mossArchive())
        .panel(
            "side",
            "Birch side",
            Face.RIGHT,
            "ply-birch-6",
            240,
            420,
            null,
            new BorderHoles(12, 110, 4),
            CutMethod.LASER)
        .panel(
            "screen",
            "Fern screen",
            Face.LEFT,
            "ply-birch-4",
            240,
            420,
            null,
            new BorderHoles(12, 110, 4),
            CutMethod.LASER)
        .drawn("screen", DemoMade.fern())
        .scheme(
            "side-paint",
            "Birch, stained and sealed",
            "side",
            false,
            null,
            coats("honey-stain", 1),
            coats("clear-matt", 1))
        .scheme(
            "screen-paint",
            "Fern screen both sides",
            "screen",
            true,
            null,
            coats("fern", 2),
            coats("clear-matt", 1))
        .things(DemoFinish.spines("moss-archive"))
        .enclosure("enc-fell-20")
        .hardware(
            "board", "board-dunlin-i1",
            "processor", "proc-plover-6g",
            "graphics", "gfx-gannet-50",
            "drive", "drive-shale-2",
            "supply", "sup-basalt-550",
            "cooler", "cool-heron-flat")
        .testedMemory("mem-siskin-32")
        .breathing("fan", "fan-swift-120", "top", Fitted.Air.EXHAUST, null)
        .strip("glow", "Spore glow strip", 700, "#C8E86A", LightStrip.Feed.BOARD_HEADER)
        .manual(
            "moss",
            "Lay moss, bark and spines",
            Stage.FINISH,
            960,
            0,
            "scheme:moss-archive-screen-paint/cured");
  }

  static DemoBuild lineNine(LocalDate today) {
    return new DemoBuild("line-9-depot")
        .brief(
            "Line 9 Depot",
            "Odile Marchetti",
            "A tram depot at dawn, built into a desk",
            "In the middle of a studio: seen from all sides but below",
            today.minusDays(12),
            today.plusDays(19),
            false,
            450_000L,
            Secrecy.OPEN)
        .look(
            new Size(1200, 300, 600),
            List.of("depot at dawn", "rails", "destination boards"),
            colour("enamel red", "#9E2B25", Role.BASE),
            colour("depot cream", "#EDE3C4", Role.SECOND),
            colour("steel", "#8B8F92", Role.METAL),
            colour("sodium light", "#F2B04A", Role.GLOW),
            colour("board black", "#20262A", Role.TEXT))
        .said(
            "A desk to draw tram maps at",
            "Enamel signs, rivets, sodium light",
            "Plastic that looks like plastic",
            List.of("brought"))
        .asks(
            "boards",
            "Three destination boards that can be set",
            Priority.MUST,
            Limit.of(Measure.SCREENS, Comparison.AT_LEAST, 3))
        .asks(
            "desk", "The desk can still be worked at", Priority.MUST, RequirementKind.FUNCTION, "")
        .items(DemoElevations.lineNine())
        .panel(
            "apron",
            "Front apron",
            Face.FRONT,
            "steel-1",
            580,
            280,
            new Window(120, 90, 340, 100),
            new BorderHoles(10, 120, 4),
            CutMethod.OUTSIDE)
        .panel(
            "roof",
            "Depot roof",
            Face.TOP,
            "ply-birch-6",
            580,
            390,
            null,
            new BorderHoles(14, 120, 5),
            CutMethod.SAW)
        .thing(DemoMade.mapPlate("line-9-depot"))
        .scheme(
            "apron-paint",
            "Depot red",
            "apron",
            true,
            coats("primer-grey", 2),
            coats("enamel-red", 2),
            null)
        .scheme(
            "roof-paint",
            "Cream roof",
            "roof",
            false,
            coats("primer-white", 1),
            coats("cream", 3),
            null)
        .thing(DemoFinish.printedMap("line-9-depot"))
        .enclosure("enc-girder-120")
        .hardware(
            "board", "board-curlew-a1",
            "processor", "proc-plover-6",
            "graphics", "gfx-gannet-50",
            "memory", "mem-siskin-48h",
            "drive", "drive-slate-2",
            "supply", "sup-basalt-450",
            "block", "block-wader-pf",
            "pump", "pump-dipper-1")
        .breathing("radiator", "rad-tarn-360t", "slot", Fitted.Air.EXHAUST, null)
        .breathing("dial", "fan-swift-120d", "apron", Fitted.Air.EXHAUST, Face.FRONT)
        .thing(DemoSheets.loop("line-9-depot"))
        .thing(DemoSheets.leaningRail("line-9-depot"))
        .screen("board1", "Destination board 1", 260, 70, Screen.Input.HDMI, 8, 11_900)
        .screen("board2", "Destination board 2", 260, 70, Screen.Input.HDMI, 8, 11_900)
        .screen("board3", "Destination board 3", 260, 70, Screen.Input.HDMI, 8, 11_900)
        .strip("sodium", "Sodium lamps", 1_400, "#F2B04A", LightStrip.Feed.BOARD_HEADER);
  }

  static DemoBuild paperKite(LocalDate today) {
    return new DemoBuild("paper-kite")
        .brief(
            "Paper Kite",
            "Kite festival committee",
            "White paper, a red tail, a lot of sky",
            "On a stage, then in the committee’s office",
            today.minusDays(56),
            today.minusDays(7),
            false,
            280_000L,
            Secrecy.SURPRISE)
        .look(
            new Size(300, 360, 220),
            List.of("paper", "string", "wind"),
            colour("kite white", "#F2F2EF", Role.BASE),
            colour("tail red", "#C63A2E", Role.ACCENT),
            colour("sky", "#9CC4DA", Role.SECOND))
        .said(
            "Shows the festival’s programme", "Wind", "Screens on the outside", List.of("brought"))
        .asks(
            "light",
            "Can be carried by one person",
            Priority.MUST,
            Limit.of(Measure.MASS_KG, Comparison.AT_MOST, 14))
        .asks(
            "tail",
            "The tail moves",
            Priority.SHOULD,
            RequirementKind.LOOK,
            "Tail on a fan’s draught")
        .bans(
            "noscreen",
            "No screen on the outside",
            Priority.MUST,
            new Ban(ItemKind.SCREEN, null, null))
        .items(DemoElevations.paperKite())
        .panel(
            "sail",
            "Sail",
            Face.FRONT,
            "acrylic-opal-5",
            300,
            360,
            null,
            new BorderHoles(14, 100, 4),
            CutMethod.LASER)
        .scheme(
            "sail-paint",
            "Kite white",
            "sail",
            false,
            coats("primer-white", 1),
            coats("white", 2),
            null)
        .enclosure("enc-lark-18")
        .hardware(
            "board", "board-dunlin-i1",
            "processor", "proc-plover-6g",
            "graphics", "gfx-gannet-30",
            "drive", "drive-shale-1",
            "supply", "sup-basalt-550",
            "cooler", "cool-heron-flat")
        .testedMemory("mem-siskin-16")
        .breathing("fan", "fan-swift-120", "back", Fitted.Air.EXHAUST, null)
        .strip("sky", "Sky strip", 600, "#9CC4DA", LightStrip.Feed.BOARD_HEADER)
        .manual("tail", "Sew and hang the tail, tune its draught", Stage.MAKE, 1_020, 0)
        .manual("string", "String the sail, lay the film", Stage.FINISH, 840, 0, "make/dry-fit")
        .manual("hide", "Build the box that hides it until the day", Stage.ASSEMBLE, 540, 0);
  }

  static DemoBuild glasshouse(LocalDate today) {
    return new DemoBuild("glasshouse")
        .brief(
            "Glasshouse",
            "",
            "A greenhouse for orchids, misted panes and green light",
            "",
            today.minusDays(1),
            today.plusDays(64),
            true,
            null,
            null)
        .look(
            null,
            List.of("misted panes"),
            colour("pane", "#DDE8E2", Role.BASE),
            colour("orchid", "#C77BA5", Role.ACCENT))
        .said("Runs the mist and the lamps of a real greenhouse", "", "", List.of())
        .asks(
            "mist",
            "Panes that mist over when it works hard",
            Priority.SHOULD,
            RequirementKind.LOOK,
            "")
        .asks(
            "sill",
            "Stands on a window sill",
            Priority.MUST,
            Limit.of(Measure.DEPTH_MM, Comparison.AT_MOST, 240))
        .bans(
            "glass",
            "No real glass: there are cats",
            Priority.MUST,
            new Ban(null, ItemMaterial.GLASS, null))
        .remark("cat", "The grey cat sleeps wherever it is warm")
        .remark("red", "Never that red of the neighbour’s door")
        .owned("drive", "Drive from the old machine", ComponentKind.DRIVE, 0, 0.6);
  }
}
