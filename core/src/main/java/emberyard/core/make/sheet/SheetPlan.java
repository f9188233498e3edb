package emberyard.core.make.sheet;

import emberyard.core.build.Build;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.panel.BedPlan;
import emberyard.core.make.part.Parts;
import emberyard.core.nest.NestJob;
import emberyard.core.nest.NestJob.Blank;
import emberyard.core.nest.NestJob.Piece;
import emberyard.core.nest.NestJob.PieceSpot;
import emberyard.core.nest.NestJob.Rotation;
import emberyard.core.nest.NestResult;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;

/** The waiting pieces of one sheet product, and the sheets and offcuts they can lie on. */
public final class SheetPlan {
  private static final int MOST_SHEETS = 20;

  private final SheetProduct sheet;
  private final Machine machine;
  private final NestJob job;
  private final List<SheetLayout> kept;
  private final List<Offcut> offcuts;
  private final Map<String, LaidPiece> pieces;
  private final Map<String, Outline> outlines = new LinkedHashMap<>();

  private SheetPlan(
      SheetProduct sheet,
      Machine machine,
      NestJob job,
      List<SheetLayout> kept,
      List<Offcut> offcuts,
      Map<String, LaidPiece> pieces) {
    this.sheet = sheet;
    this.machine = machine;
    this.job = job;
    this.kept = kept;
    this.offcuts = offcuts;
    this.pieces = pieces;
    job.pieces().forEach(piece -> outlines.put(piece.id(), piece.outline()));
  }

  /**
   * What is asked.
   *
   * @param sheetId the sheet product
   * @param onOffcuts whether offcuts are used first
   * @param rotation how pieces without grain may be turned
   * @param takenOffcuts offcuts that other builds are laid on
   */
  public record Question(
      String sheetId, boolean onOffcuts, Rotation rotation, long seed, Set<String> takenOffcuts) {}

  /**
   * Gathers pieces that are neither cut nor pinned, and blanks: those with pinned pieces, then
   * offcuts, then as many sheets as may be needed.
   *
   * @throws InvalidValue where nothing waits or no machine is there
   */
  public static SheetPlan of(Build build, Parts parts, WorkshopBook book, Question asked) {
    SheetProduct sheet =
        book.sheet(asked.sheetId())
            .orElseThrow(() -> new InvalidValue("sheetId", "Choose a sheet from the stock list."));
    List<Panel> panels =
        build.panels().stream()
            .filter(p -> p.sheetId().equals(sheet.id()) && p.cutMethod().machined())
            .filter(p -> parts.drawn(p.id()).isPresent())
            .toList();
    Require.that(!panels.isEmpty(), "sheetId", "No part is cut from this sheet by a machine.");
    CutMethod method = panels.get(0).cutMethod();
    Machine machine = Parts.machine(method, book);
    Require.that(
        machine != null,
        "machineId",
        "There is no %s in the workshop yet: add it under Workshop.".formatted(method.words()));
    List<SheetLayout> kept = kept(build, sheet.id());
    Map<String, LaidPiece> waiting = waiting(build, panels);
    Require.that(!waiting.isEmpty(), "sheetId", "All pieces of this sheet are cut already.");
    List<Offcut> offcuts = asked.onOffcuts() ? offcuts(book, asked, kept) : List.of();
    List<Blank> blanks = blanks(kept, offcuts, sheet, parts, waiting);
    List<Piece> pieces = new ArrayList<>();
    waiting.forEach((id, laid) -> pieces.add(piece(id, laid, build, parts, asked, kept)));
    NestJob job =
        new NestJob(
            blanks, pieces, NestJob.spacingMm(machine.kerfMm()), BedPlan.MARGIN_MM, asked.seed());
    return new SheetPlan(sheet, machine, job, kept, offcuts, waiting);
  }

  public NestJob job() {
    return job;
  }

  /** How a piece is named in a job of nesting. */
  public static String pieceId(LaidPiece piece) {
    return piece.panelId() + "/" + piece.number();
  }

  /** Contours of what lies on one sheet of a result. */
  public List<Contour> placed(NestResult result, int sheet) {
    List<Contour> contours = new ArrayList<>();
    for (PieceSpot p : result.placements()) {
      if (p.sheet() == sheet) {
        Outline outline = outlines.get(p.pieceId());
        contours.addAll(LayoutResult.placed(outline, laid(pieces.get(p.pieceId()), p)).contours());
      }
    }
    return contours;
  }

  /** Planned sheets that keep what is pinned or was begun. */
  private static List<SheetLayout> kept(Build build, String sheetId) {
    return build.layouts().stream()
        .filter(l -> l.sheetId().equals(sheetId) && l.state() == SheetLayout.State.PLANNED)
        .filter(
            l -> l.pieces().stream().anyMatch(p -> p.pinned() || p.state() != PieceState.PLANNED))
        .toList();
  }

  /** By name of the piece: where it was laid, or a new one. */
  private static Map<String, LaidPiece> waiting(Build build, List<Panel> panels) {
    Map<String, LaidPiece> waiting = new LinkedHashMap<>();
    for (Panel panel : panels) {
      Set<Integer> done = new java.util.HashSet<>();
      Map<Integer, LaidPiece> pinned = new LinkedHashMap<>();
      for (SheetLayout layout : build.layouts()) {
        for (LaidPiece piece : layout.pieces()) {
          if (piece.panelId().equals(panel.id())) {
            if (piece.state() == PieceState.DONE) {
              done.add(piece.number());
            } else if (piece.state() == PieceState.PLANNED && piece.pinned()) {
              pinned.put(piece.number(), piece);
            }
          }
        }
      }
      for (int number = 1; number <= panel.quantity(); number++) {
        if (!done.contains(number)) {
          LaidPiece laid =
              pinned.getOrDefault(
                  number,
                  new LaidPiece(panel.id(), number, 0, 0, 0, false, PieceState.PLANNED, ""));
          waiting.put(pieceId(laid), laid);
        }
      }
    }
    return waiting;
  }

  private static List<Offcut> offcuts(WorkshopBook book, Question asked, List<SheetLayout> kept) {
    return book.offcuts().stream()
        .filter(o -> o.sheetId().equals(asked.sheetId()))
        .filter(o -> !asked.takenOffcuts().contains(o.id()))
        .filter(o -> kept.stream().noneMatch(l -> o.id().equals(l.offcutId())))
        .sorted(
            java.util.Comparator.comparingDouble(
                (Offcut o) -> PathData.outline(o.path()).areaMm2()))
        .toList();
  }

  private static List<Blank> blanks(
      List<SheetLayout> kept,
      List<Offcut> offcuts,
      SheetProduct sheet,
      Parts parts,
      Map<String, LaidPiece> waiting) {
    List<Blank> blanks = new ArrayList<>();
    kept.forEach(l -> blanks.add(new Blank(l.id(), free(l), true)));
    offcuts.forEach(o -> blanks.add(new Blank(o.id(), PathData.outline(o.path()), true)));
    Outline whole = Outline.of(Contour.rectangle(0, 0, sheet.widthMm(), sheet.heightMm(), 0));
    double area =
        waiting.values().stream()
            .mapToDouble(p -> parts.drawn(p.panelId()).orElseThrow().outline().areaMm2())
            .sum();
    int sheets =
        (int) Math.min(MOST_SHEETS, Math.max(1, Math.ceil(2.5 * area / whole.areaMm2()) + 1));
    for (int i = 0; i < sheets; i++) {
      blanks.add(new Blank("sheet-" + (i + 1), whole, false));
    }
    return blanks;
  }

  /** A begun sheet without what was cut from it. */
  private static Outline free(SheetLayout layout) {
    Outline blank = PathData.outline(layout.blankPath());
    for (LaidPiece piece : layout.pieces()) {
      if (piece.state() != PieceState.PLANNED && !piece.cutPath().isEmpty()) {
        blank =
            emberyard.core.geometry.Plane.cut(
                blank, new Outline(PathData.outline(piece.cutPath()).outers(), List.of()));
      }
    }
    return blank;
  }

  private static Piece piece(
      String id, LaidPiece laid, Build build, Parts parts, Question asked, List<SheetLayout> kept) {
    Panel panel = build.panel(laid.panelId()).orElseThrow();
    PieceSpot pin = null;
    for (int i = 0; i < kept.size(); i++) {
      if (laid.pinned() && kept.get(i).pieces().contains(laid)) {
        pin = new PieceSpot(id, i, laid.xMm(), laid.yMm(), laid.turnDegrees());
      }
    }
    return new Piece(
        id,
        panel.id(),
        parts.drawn(panel.id()).orElseThrow().outline().atOrigin(),
        panel.drawing().keepGrain() ? Rotation.NONE : asked.rotation(),
        panel.drawing().first(),
        pin);
  }

  /** The layouts that a result means; every sheet that takes a piece gets one. */
  public List<SheetLayout> layouts(NestResult result, Supplier<String> newId) {
    Map<Integer, List<LaidPiece>> bySheet = new LinkedHashMap<>();
    result.placements().stream()
        .sorted(java.util.Comparator.comparingInt(PieceSpot::sheet))
        .forEach(
            p ->
                bySheet
                    .computeIfAbsent(p.sheet(), s -> new ArrayList<>())
                    .add(laid(pieces.get(p.pieceId()), p)));
    List<SheetLayout> layouts = new ArrayList<>();
    bySheet.forEach((at, laid) -> layouts.add(layout(at, laid, newId)));
    return layouts;
  }

  private static LaidPiece laid(LaidPiece piece, PieceSpot p) {
    return new LaidPiece(
        piece.panelId(),
        piece.number(),
        p.xMm(),
        p.yMm(),
        p.turnDegrees(),
        piece.pinned(),
        PieceState.PLANNED,
        "");
  }

  private SheetLayout layout(int at, List<LaidPiece> laid, Supplier<String> newId) {
    Blank blank = job.sheets().get(at);
    String path = SvgPath.of(blank.outline().contours());
    if (at < kept.size()) {
      SheetLayout old = kept.get(at);
      List<LaidPiece> all =
          new ArrayList<>(
              old.pieces().stream().filter(p -> p.state() != PieceState.PLANNED).toList());
      all.addAll(laid);
      return new SheetLayout(
          old.id(),
          old.name(),
          old.sheetId(),
          old.offcutId(),
          old.blankPath(),
          old.machineId(),
          all,
          SheetLayout.State.PLANNED,
          false,
          null);
    }
    boolean offcut = at < kept.size() + offcuts.size();
    String name =
        offcut
            ? offcuts.get(at - kept.size()).name()
            : "%s, sheet %d".formatted(sheet.name(), at - kept.size() - offcuts.size() + 1);
    return new SheetLayout(
        newId.get(),
        name,
        sheet.id(),
        offcut ? blank.id() : null,
        path,
        machine.id(),
        laid,
        SheetLayout.State.PLANNED,
        false,
        null);
  }
}
