package emberyard.server.demo;

import emberyard.core.build.Face;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Layer;
import java.util.List;

/** What lies on the faces of the five invented builds. */
final class DemoElevations {
  private static final String GREEN = "#2E4A45";
  private static final String FOG = "#B7BEBC";
  private static final String CREAM = "#EDE3C4";
  private static final String BRASS = "#B08B3E";
  private static final String DARK = "#1F3330";

  private DemoElevations() {}

  static List<FaceItem> nightPilotage() {
    DemoFaces faces = new DemoFaces("night-pilotage");
    left(faces);
    front(faces);
    faces
        .on(Face.RIGHT)
        .put(ItemKind.VINYL, "Fog band", 0, 262, 412, 126, FOG)
        .art(ItemKind.VINYL, "Hull planks", 0, 0, 412, 262, DARK, DemoFaces.lines(7, 412, 262), 1.6)
        .art(
            ItemKind.VINYL,
            "Chart soundings",
            26,
            284,
            360,
            84,
            GREEN,
            DemoFaces.waves(3, 360, 84, 16),
            1.4)
        .words(ItemKind.VINYL, "PILOT", 96, 92, 220, 62, CREAM);
    faces
        .on(Face.TOP)
        .put(ItemKind.VENT, "Roof vent", 70, 250, 120, 120, "#3B4548")
        .art(
            ItemKind.ENGRAVING,
            "Compass rose",
            75,
            70,
            110,
            110,
            "#5E666A",
            DemoFaces.star(8, 110, 0.38),
            1.2)
        .put(ItemKind.HANDLE, "Brass rail", 20, 205, 220, 16, BRASS);
    faces
        .on(Face.BACK)
        .put(ItemKind.CUT_OUT, "Port field", 20, 250, 160, 45, "#1E2224")
        .put(ItemKind.VENT, "Back vent", 60, 90, 140, 120, DARK);
    faces
        .on(Face.BOTTOM)
        .put(ItemKind.FOOT, "Foot fore left", 14, 370, 28, 28, "#151515")
        .put(ItemKind.FOOT, "Foot fore right", 218, 370, 28, 28, "#151515")
        .put(ItemKind.FOOT, "Foot aft left", 14, 14, 28, 28, "#151515")
        .put(ItemKind.FOOT, "Foot aft right", 218, 14, 28, 28, "#151515");
    return faces.items();
  }

  private static void left(DemoFaces faces) {
    faces
        .on(Face.LEFT)
        .of("trim", ItemKind.PANEL, "Brass trim frame", 28, 88, Layer.ON, false, null)
        .tinted("left", "Back-painted pane", "#5F827B", 0.45)
        .round("edge", "Window edge light", 40, 100, 250, 70, Layer.BEHIND, 150)
        .put(ItemKind.VINYL, "Fog band above", 0, 352, 412, 36, FOG)
        .put(ItemKind.VINYL, "Fog band below", 0, 0, 412, 36, FOG)
        .art(
            ItemKind.ENGRAVING,
            "Tide curve",
            50,
            112,
            238,
            160,
            CREAM,
            DemoFaces.waves(6, 238, 160, 30),
            2)
        .words(ItemKind.ENGRAVING, "HARROW SOUND · 51° N", 60, 113, 190, 11, CREAM)
        .art(ItemKind.BADGE, "Masthead lamp", 330, 236, 46, 46, BRASS, DemoFaces.disc(46), 0)
        .art(ItemKind.VINYL, "Lamp glass", 341, 247, 24, 24, "#F0A13A", DemoFaces.disc(24), 0)
        .art(
            ItemKind.VENT,
            "Vent field",
            322,
            110,
            66,
            70,
            "#1A2B28",
            DemoFaces.dots(8, 9, 8, 5.2),
            0);
  }

  private static String tideBoard() {
    return DemoFaces.bars(58, 192, 0.7, 0.4, 0.75, 0.55, 0.9, 0.35, 0.7, 0.5, 0.8, 0.45);
  }

  private static void front(DemoFaces faces) {
    faces
        .on(Face.FRONT)
        .shows("tide", "Tide board screen", 101, 150, "#F0C27A", tideBoard())
        .round("beam", "Amber beam strip", 25, 126, 210, 240, Layer.ON, 110)
        .put(ItemKind.VINYL, "Fog band", 0, 352, 260, 36, FOG)
        .put(ItemKind.BADGE, "Bezel left", 89, 138, 12, 216, BRASS)
        .put(ItemKind.BADGE, "Bezel right", 159, 138, 12, 216, BRASS)
        .words(ItemKind.ENGRAVING, "NIGHT PILOTAGE", 52, 96, 156, 15, CREAM)
        .art(ItemKind.VINYL, "Waterline", 0, 18, 260, 54, FOG, DemoFaces.waves(3, 260, 54, 12), 2);
  }

  static List<FaceItem> mossArchive() {
    String fern = "#3C5A2C";
    String bark = "#5B4331";
    DemoFaces faces = new DemoFaces("moss-archive");
    faces
        .on(Face.FRONT)
        .put(ItemKind.VINYL, "Book shelf", 24, 40, 272, 150, bark)
        .put(ItemKind.VINYL, "Spine", 36, 52, 30, 120, "#9E2B25")
        .put(ItemKind.VINYL, "Spine", 70, 52, 24, 132, "#EDE6D3")
        .put(ItemKind.VINYL, "Spine", 98, 52, 36, 110, "#4F6F3A")
        .put(ItemKind.VINYL, "Spine", 138, 52, 22, 128, "#B08B3E")
        .put(ItemKind.VINYL, "Spine", 164, 52, 40, 118, "#EDE6D3")
        .put(ItemKind.VINYL, "Spine", 208, 52, 28, 130, "#56646F")
        .put(ItemKind.VINYL, "Spine", 240, 52, 44, 112, "#9E2B25")
        .words(ItemKind.VINYL, "QUIRE & LANTERN", 60, 220, 200, 20, "#EDE6D3")
        .art(ItemKind.VINYL, "Ferns", 60, 250, 200, 150, "#8FB56B", DemoFaces.fern(9, 200, 150), 3)
        .put(ItemKind.BADGE, "Lamp plate", 130, 384, 60, 24, "#B08B3E");
    faces
        .on(Face.LEFT)
        .round("glow", "Spore glow strip", 60, 85, 120, 230, Layer.BEHIND, 110)
        .art(
            ItemKind.ENGRAVING,
            "Fern screen",
            45,
            60,
            150,
            300,
            fern,
            DemoFaces.fern(12, 150, 300),
            5);
    faces
        .on(Face.RIGHT)
        .art(
            ItemKind.ENGRAVING,
            "Grain",
            10,
            100,
            220,
            220,
            "#8A6A45",
            DemoFaces.waves(7, 220, 220, 18),
            1.2);
    faces
        .on(Face.TOP)
        .put(ItemKind.VENT, "Roof vent", 100, 60, 120, 120, "#2E4422")
        .art(
            ItemKind.VINYL,
            "Moss patches",
            20,
            180,
            280,
            40,
            "#8FB56B",
            DemoFaces.waves(3, 280, 40, 12),
            5);
    return faces.items();
  }

  static List<FaceItem> lineNine() {
    DemoFaces faces = new DemoFaces("line-9-depot");
    faces
        .on(Face.FRONT)
        .of("apron", ItemKind.PANEL, "Front apron", 310, 10, Layer.IN, false, null)
        .round("sodium", "Sodium lamps", 320, 70, 560, 140, Layer.ON, 170)
        .shows(
            "board1",
            "Destination board 1",
            470,
            115,
            "#F2B04A",
            DemoFaces.bars(260, 70, 0.9, 0.55, 0.75))
        .put(ItemKind.VINYL, "Cream stripe", 0, 210, 1200, 34, "#EDE3C4")
        .put(ItemKind.CUT_OUT, "Depot door left", 60, 20, 200, 170, "#1E2224")
        .put(ItemKind.CUT_OUT, "Depot door right", 940, 20, 200, 170, "#1E2224")
        .words(ItemKind.VINYL, "LINE 9", 520, 214, 160, 26, "#20262A");
    faces
        .on(Face.LEFT)
        .put(ItemKind.VINYL, "Cream stripe", 0, 210, 600, 34, "#EDE3C4")
        .words(ItemKind.VINYL, "9", 240, 60, 90, 120, "#EDE3C4")
        .put(ItemKind.VENT, "Side vent", 420, 40, 130, 130, "#5C1814");
    faces
        .on(Face.RIGHT)
        .put(ItemKind.VINYL, "Cream stripe", 0, 210, 600, 34, "#EDE3C4")
        .put(ItemKind.VENT, "Side vent", 50, 40, 130, 130, "#5C1814");
    faces
        .on(Face.TOP)
        .art(ItemKind.VINYL, "Rails", 80, 40, 1040, 60, "#8B8F92", DemoFaces.lines(2, 1040, 60), 5)
        .art(
            ItemKind.VINYL, "Rails", 80, 500, 1040, 60, "#8B8F92", DemoFaces.lines(2, 1040, 60), 5);
    faces.on(Face.BACK).put(ItemKind.VINYL, "Cream stripe", 0, 210, 1200, 34, "#EDE3C4");
    return faces.items();
  }

  static List<FaceItem> paperKite() {
    String kite = "M60 0L120 80L60 210L0 80z";
    DemoFaces faces = new DemoFaces("paper-kite");
    faces
        .on(Face.FRONT)
        .put(ItemKind.VINYL, "Sky", 0, 0, 300, 130, "#9CC4DA")
        .art(ItemKind.VINYL, "Kite", 90, 120, 120, 210, "#C63A2E", kite, 0)
        .art(
            ItemKind.VINYL,
            "Tail",
            80,
            20,
            160,
            100,
            "#C63A2E",
            DemoFaces.waves(1, 160, 100, 40),
            4);
    faces
        .on(Face.LEFT)
        .art(
            ItemKind.VINYL,
            "Strings",
            10,
            40,
            200,
            260,
            "#9CC4DA",
            "M0 260L100 0L200 260M100 0V260",
            1.5);
    faces
        .on(Face.RIGHT)
        .put(ItemKind.VINYL, "Sky", 0, 0, 220, 130, "#9CC4DA")
        .words(ItemKind.VINYL, "RELEASE", 40, 220, 140, 30, "#C63A2E");
    faces.on(Face.TOP).put(ItemKind.VENT, "Roof vent", 90, 50, 120, 120, "#D8D8D4");
    return faces.items();
  }
}
