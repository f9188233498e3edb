package emberyard.server.demo;

import static emberyard.server.demo.DemoBuild.coats;
import static emberyard.server.demo.DemoBuild.colour;

import emberyard.core.build.BorderHoles;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.build.Requirement.Outcome;
import emberyard.core.build.Requirement.Priority;
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

  static DemoBuild nightPilotage(LocalDate today) {
    return new DemoBuild("night-pilotage")
        .brief(
            "Night Pilotage",
            "Harrow Sound Pilots’ Guild",
            "A pilot cutter coming home at night",
            "On the chart table in the guild’s watch room, back to the wall",
            today.minusDays(40),
            today.plusDays(24),
            false,
            390_000L,
            Secrecy.OPEN)
        .look(
            new Size(388, 412, 260),
            List.of("fog", "tide curve", "chart lines", "brass lamp"),
            colour("harbour green", "#2E4A45", Role.BASE),
            colour("fog grey", "#B7BEBC", Role.SECOND),
            colour("chart cream", "#EDE3C4", Role.TEXT),
            colour("brass", "#B08B3E", Role.METAL),
            colour("signal amber", "#F0A13A", Role.GLOW))
        .asks(
            "curve",
            "Tide curve on the left window",
            Priority.MUST,
            "Left window",
            Outcome.ANSWERED)
        .asks(
            "board",
            "Shows the tides of the day",
            Priority.MUST,
            "Tide board screen",
            Outcome.ANSWERED)
        .asks("quiet", "Not heard across the watch room at night", Priority.MUST, "", Outcome.OPEN)
        .asks(
            "beam",
            "An amber beam that sweeps",
            Priority.SHOULD,
            "Amber beam strip",
            Outcome.ANSWERED)
        .asks("bell", "A bell when the pilot boards", Priority.NICE, "", Outcome.OPEN)
        .panel(
            "left",
            "Left window",
            Face.LEFT,
            "acrylic-clear-3",
            412,
            388,
            new Window(75, 94, 262, 200),
            new BorderHoles(6, 90, 4),
            CutMethod.LASER)
        .panel(
            "front",
            "Front panel",
            Face.FRONT,
            "ply-birch-4",
            260,
            388,
            new Window(101, 150, 58, 180),
            new BorderHoles(12, 90, 4),
            CutMethod.LASER)
        .panel(
            "top",
            "Top panel",
            Face.TOP,
            "aluminium-15",
            260,
            412,
            null,
            new BorderHoles(10, 100, 4),
            CutMethod.SAW)
        .panel(
            "trim",
            "Brass trim frame",
            Face.LEFT,
            "ply-birch-4",
            282,
            220,
            new Window(12, 12, 258, 196),
            null,
            CutMethod.LASER)
        .scheme(
            "left-paint",
            "Harbour green, back of the glass",
            "left",
            false,
            null,
            coats("harbour-green", 3),
            null)
        .scheme(
            "front-paint",
            "Harbour green front",
            "front",
            true,
            coats("primer-grey", 2),
            coats("harbour-green", 2),
            coats("clear-matt", 1))
        .scheme(
            "trim-paint",
            "Brass trim",
            "trim",
            false,
            coats("primer-grey", 1),
            coats("brass", 2),
            coats("clear-matt", 2))
        .machine("Enclosure Skerry 24", 15_900, 650, "Supply Basalt 650")
        .screen("tide", "Tide board screen", 58, 192, Screen.Input.HDMI, 6, 9_600)
        .strip("beam", "Amber beam strip", 900, "#F0A13A", LightStrip.Feed.BOARD_HEADER)
        .strip("edge", "Window edge light", 640, "#F6C987", LightStrip.Feed.BOARD_HEADER)
        .manual(
            "curve",
            "Engrave the tide curve, lay the chart lines",
            Stage.FINISH,
            300,
            0,
            "make/dry-fit")
        .manual(
            "tides",
            "Teach the tide board the guild’s tide table",
            Stage.LIGHT,
            720,
            0,
            "screen:night-pilotage-tide/fit")
        .manual(
            "watch",
            "Run one night beside the guild’s old board",
            Stage.PROVE,
            60,
            900,
            "manual:night-pilotage-tides");
  }

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
        .asks("birch", "One side of real birch", Priority.MUST, "Birch side", Outcome.ANSWERED)
        .asks("spines", "Spines with the founders’ game names", Priority.SHOULD, "", Outcome.OPEN)
        .panel(
            "side",
            "Birch side",
            Face.RIGHT,
            "ply-birch-6",
            420,
            240,
            null,
            new BorderHoles(12, 110, 4),
            CutMethod.LASER)
        .panel(
            "screen",
            "Fern screen",
            Face.LEFT,
            "ply-birch-4",
            420,
            240,
            new Window(40, 40, 340, 160),
            new BorderHoles(12, 110, 4),
            CutMethod.LASER)
        .scheme(
            "side-paint",
            "Fern, sealed",
            "side",
            false,
            coats("primer-white", 1),
            coats("fern", 2),
            null)
        .scheme(
            "screen-paint",
            "Fern screen both sides",
            "screen",
            true,
            null,
            coats("fern", 2),
            coats("clear-matt", 1))
        .machine("Enclosure Fell 20", 12_900, 550, "Supply Basalt 550")
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
        .asks(
            "boards",
            "Three destination boards that can be set",
            Priority.MUST,
            "Boards 1 to 3",
            Outcome.ANSWERED)
        .asks("desk", "The desk can still be worked at", Priority.MUST, "", Outcome.OPEN)
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
        .machine("Desk frame Girder 120", 28_900, 450, "Supply Basalt 450")
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
        .asks(
            "light",
            "Can be carried by one person",
            Priority.MUST,
            "9.8 kg on the scale",
            Outcome.ANSWERED)
        .asks(
            "tail", "The tail moves", Priority.SHOULD, "Tail on a fan’s draught", Outcome.ANSWERED)
        .panel(
            "sail",
            "Sail",
            Face.LEFT,
            "acrylic-opal-5",
            360,
            300,
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
        .machine("Enclosure Lark 18", 10_900, 550, "Supply Basalt 550")
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
        .owned("drive", "Drive from the old machine", ComponentKind.DRIVE, 0, 0.6);
  }
}
