package emberyard.server.demo;

import emberyard.core.build.Loop;
import emberyard.core.build.PostMaterial;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.Worksheet;
import emberyard.core.build.Worksheet.Screw;
import emberyard.core.build.Worksheet.Stack;
import emberyard.core.build.Worksheet.StackLayer;
import emberyard.core.build.Worksheet.Standoffs;
import java.util.List;

/** Worksheets and the loop of the demo. */
final class DemoSheets {
  private DemoSheets() {}

  static Worksheet underTheWindow(String build) {
    return new Worksheet(
        build + "-stack",
        "Board edge under the window",
        new Stack(
            62,
            0.5,
            List.of(
                new StackLayer("standoffs", 6.5, 0.1),
                new StackLayer("board", 1.6, 0.2),
                new StackLayer("memory and clip", 47, 0.5),
                new StackLayer("plug", 3, 0.5)),
            2),
        null,
        null);
  }

  static Worksheet windowScrews(String build) {
    return new Worksheet(
        build + "-screw",
        "Window into its inserts",
        null,
        new Screw(3, 4, 9, ScrewInto.INSERT, 18),
        null);
  }

  static Worksheet leaningRail(String build) {
    return new Worksheet(
        build + "-rail",
        "Posts of the front rail",
        null,
        null,
        new Standoffs(4, 3.3, 60, 0.0, 200.0, PostMaterial.MILD_STEEL, true));
  }

  static Loop loop(String build) {
    return new Loop(
        build + "-loop",
        "Depot loop",
        List.of(build + "-pump", build + "-block", build + "-radiator"),
        List.of(
            new Loop.Run("pump to block", 820, 10, 2, "fit-brook-10", "G1/4"),
            new Loop.Run("block to radiator", 240, 10, 2, "fit-brook-10", "G1/4"),
            new Loop.Run("radiator to pump", 760, 10, 2, "fit-brook-10", "G1/4")),
        0.25,
        "coolant-amber");
  }
}
