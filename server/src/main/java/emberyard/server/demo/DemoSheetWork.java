package emberyard.server.demo;

import emberyard.core.build.Build;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.make.JobEnd;
import emberyard.core.make.Parts;
import emberyard.core.make.SheetPlan;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.Nester;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.yard.YardReader;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Sheets of the demo, laid out by the program itself; some of them cut. */
final class DemoSheetWork {
  /** What lay in a drawer before. */
  static final Offcut BLACK_REST =
      new Offcut(
          "black-rest",
          "Black rest, one corner gone",
          "acrylic-black-3",
          "M0 0L300 0L300 130L240 190L0 190Z",
          "Drawer under the laser",
          "",
          "");

  private static final int TRIES = 12;

  private final DemoBuild demo;
  private final WorkshopBook book;
  private final List<Offcut> shelf;
  private int number;

  DemoSheetWork(DemoBuild demo, WorkshopBook book, List<Offcut> shelf) {
    this.demo = demo;
    this.book = book;
    this.shelf = shelf;
  }

  /** Lays out what is cut from a sheet. */
  List<SheetLayout> layOut(String sheetId) {
    Build build = YardReader.build(demo.things);
    SheetPlan plan =
        SheetPlan.of(
            build,
            Parts.of(build, book),
            book,
            new SheetPlan.Asked(sheetId, true, NestJob.Rotation.QUARTERS, 1, Set.of()));
    Nester nester = new Nester(plan.job()).look(TRIES);
    return plan.layouts(nester.result(), () -> demo.id + "-sheet-" + ++number);
  }

  /** Leaves the layouts waiting. */
  DemoSheetWork planned(String sheetId) {
    demo.things.addAll(layOut(sheetId));
    return this;
  }

  /** Cuts all of them; what is left goes on the shelf. */
  DemoSheetWork cut(String sheetId, Instant at, String place) {
    for (SheetLayout layout : layOut(sheetId)) {
      Build build = YardReader.build(demo.things);
      Map<Integer, PieceState> became = new HashMap<>();
      for (int i = 0; i < layout.pieces().size(); i++) {
        became.put(i, PieceState.DONE);
      }
      double kerf = book.machine(layout.machineId()).map(Machine::kerfMm).orElse(0.0);
      JobEnd end = JobEnd.of(layout, Parts.of(build, book), became, Map.of(), kerf);
      demo.things.add(layout.cut(end.pieces(), false, at));
      int rest = 0;
      for (String path : end.offcuts()) {
        String id = layout.id() + "-rest-" + ++rest;
        shelf.add(
            new Offcut(
                id,
                "Rest %d of %s".formatted(rest, layout.name()),
                sheetId,
                path,
                place,
                "",
                demo.id));
      }
    }
    return this;
  }
}
