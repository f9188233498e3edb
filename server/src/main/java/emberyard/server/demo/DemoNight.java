package emberyard.server.demo;

import static emberyard.server.demo.DemoBuild.coats;
import static emberyard.server.demo.DemoBuild.colour;

import emberyard.core.build.Ban;
import emberyard.core.build.BorderHoles;
import emberyard.core.build.Comparison;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.Fitted;
import emberyard.core.build.ItemKind;
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

/** The main story of the demo: a pilot cutter coming home at night. */
final class DemoNight {
  private DemoNight() {}

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
            new Size(260, 388, 412),
            List.of("fog", "tide curve", "chart lines", "brass lamp"),
            colour("harbour green", "#2E4A45", Role.BASE),
            colour("fog grey", "#B7BEBC", Role.SECOND),
            colour("chart cream", "#EDE3C4", Role.TEXT),
            colour("brass", "#B08B3E", Role.METAL),
            colour("signal amber", "#F0A13A", Role.GLOW))
        .said(
            "The tide board of the watch room, and the guild's mail",
            "Brass that has been polished for a century",
            "Anything that blinks",
            List.of("brought"))
        .asks("curve", "Tide curve on the left window", Priority.MUST, "panels", "left")
        .asks("board", "Shows the tides of the day", Priority.MUST, "screens", "tide")
        .asks(
            "quiet",
            "Not heard across the watch room at night",
            Priority.MUST,
            Limit.of(Measure.NOISE_DBA, Comparison.AT_MOST, 36))
        .asks(
            "store",
            "Room for ten years of tide tables",
            Priority.MUST,
            Limit.of(Measure.STORAGE_GB, Comparison.AT_LEAST, 2_000))
        .asks(
            "shelf",
            "Fits under the shelf of the watch room",
            Priority.MUST,
            Limit.of(Measure.HEIGHT_MM, Comparison.AT_MOST, 400))
        .asks(
            "carry",
            "One pilot can carry it aboard",
            Priority.SHOULD,
            Limit.of(Measure.MASS_KG, Comparison.AT_MOST, 12))
        .asks(
            "green",
            "The green of the guild's cutter on the left",
            Priority.SHOULD,
            new Limit(
                Measure.COLOUR_DELTA_E00, Comparison.AT_MOST, 3, null, "#2E4A45", Face.LEFT, null))
        .bans(
            "grille",
            "No fan grille on the front",
            Priority.MUST,
            new Ban(ItemKind.VENT, null, Face.FRONT))
        .asks("beam", "An amber beam that sweeps", Priority.SHOULD, "strips", "beam")
        .asks("bell", "A bell when the pilot boards", Priority.NICE, RequirementKind.FUNCTION, "")
        .remark("smell", "The harbour master says the old one smelt of tar")
        .remark("flag", "Their flag has a white anchor, perhaps somewhere")
        .items(DemoElevations.nightPilotage())
        .panel(
            "left",
            "Left window",
            Face.LEFT,
            "acrylic-clear-3",
            412,
            388,
            new Window(40, 100, 250, 200, 4.0),
            new BorderHoles(6, 90, 4),
            CutMethod.LASER)
        .panel(
            "front",
            "Front panel",
            Face.FRONT,
            "ply-birch-4",
            260,
            388,
            new Window(101, 150, 58, 192),
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
            274,
            224,
            new Window(12, 12, 250, 200, 3.0),
            null,
            CutMethod.LASER)
        .drawn("left", DemoMade.tideWindow())
        .drawn("front", DemoMade.crestedFront())
        .drawn("trim", DemoMade.trim())
        .thing(DemoMade.intake("night-pilotage"))
        .thing(DemoMade.bracketPlate("night-pilotage"))
        .thing(DemoMade.bracketRib("night-pilotage"))
        .thing(DemoMade.bracketJoint("night-pilotage"))
        .thing(DemoMade.cableCover("night-pilotage"))
        .thing(DemoFinish.chartWindow("night-pilotage"))
        .scheme(
            "front-paint",
            "Harbour green front",
            "front",
            true,
            coats("primer-grey", 2),
            coats("harbour-green", 2),
            coats("clear-matt", 1))
        .thing(DemoFinish.brassTrim("night-pilotage"))
        .thing(DemoFinish.pilotHouseGrey("night-pilotage"))
        .enclosure("enc-skerry-24")
        .hardware(
            "board", "board-dunlin-m2",
            "processor", "proc-plover-6",
            "graphics", "gfx-gannet-70",
            "drive", "drive-shale-2",
            "supply", "sup-basalt-650",
            "cooler", "cool-heron-120")
        .testedMemory("mem-siskin-32")
        .breathing("intake", "fan-swift-120", "side-field", Fitted.Air.INTAKE, null)
        .breathing("exhaust", "fan-swift-120s", "back-grille", Fitted.Air.EXHAUST, null)
        .thing(DemoSheets.underTheWindow("night-pilotage"))
        .thing(DemoSheets.windowScrews("night-pilotage"))
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
}
