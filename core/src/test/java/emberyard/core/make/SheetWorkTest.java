package emberyard.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.CutFigure;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Face;
import emberyard.core.build.Hold;
import emberyard.core.build.Joint;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.ScrewInto;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.finding.Finding;
import emberyard.core.geometry.Circle;
import emberyard.core.make.part.Parts;
import emberyard.core.make.sheet.JobEnd;
import emberyard.core.make.sheet.LayoutResult;
import emberyard.core.make.sheet.MachineJob;
import emberyard.core.make.sheet.SheetPlan;
import emberyard.core.make.sheet.SheetSizes;
import emberyard.core.nest.NestJob.Rotation;
import emberyard.core.nest.Nester;
import emberyard.core.units.InvalidValue;
import emberyard.core.work.Need;
import emberyard.core.work.Task;
import emberyard.core.work.Work;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.Samples;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** From parts to sheets, jobs, offcuts, needs and what is scrap. */
class SheetWorkTest {
  private static final Machine LASER =
      new Machine(
          "laser",
          "Laser",
          Machine.Kind.LASER,
          400,
          300,
          0,
          0.2,
          0.4,
          200,
          0.1,
          400,
          600,
          0,
          List.of());
  private int ids;

  private static WorkshopBook book(Offcut... offcuts) {
    return Samples.book().with(Machine.class, List.of(LASER)).with(Offcut.class, List.of(offcuts));
  }

  private static Panel panel(String id, double w, double h, PartDrawing drawing) {
    return new Panel(
        id,
        "Part " + id,
        Face.LEFT,
        "clear-3",
        w,
        h,
        1,
        null,
        null,
        CutMethod.LASER,
        0,
        null,
        drawing);
  }

  private static RecipeStep hole(double x, double y, double d) {
    return RecipeStep.of("h" + x + y, RecipeStep.Op.CUT, CutFigure.hole(d), x, y);
  }

  private static Build build(List<Panel> panels, List<Joint> joints, List<SheetLayout> layouts) {
    Build plain = Samples.build();
    return Build.begun(plain.brief(), plain.concept())
        .with(Panel.class, panels)
        .with(Joint.class, joints)
        .with(SheetLayout.class, layouts);
  }

  private static Work work(Build build, WorkshopBook book) {
    return MakeWork.derive(build, book, Parts.of(build, book), List.of());
  }

  private static Optional<Finding> found(Work work, String start) {
    return work.findings().stream().filter(f -> f.key().startsWith(start)).findFirst();
  }

  private List<SheetLayout> layOut(Build build, WorkshopBook book) {
    SheetPlan plan =
        SheetPlan.of(
            build,
            Parts.of(build, book),
            book,
            new SheetPlan.Question("clear-3", true, Rotation.QUARTERS, 1, Set.of()));
    return plan.layouts(new Nester(plan.job()).look(1).result(), () -> "layout-" + ++ids);
  }

  private static List<Panel> two() {
    return List.of(
        panel("a", 200, 120, PartDrawing.of(hole(40, 40, 20), hole(90, 40, 7))),
        panel("b", 90, 60, PartDrawing.PLAIN));
  }

  /** The first part with another size or another place of its large hole. */
  private static List<Panel> like(double w, double h, double holeX) {
    PartDrawing drawing = PartDrawing.of(hole(holeX, 40, 20), hole(90, 40, 7));
    return List.of(panel("a", w, h, drawing), two().get(1));
  }

  private static Optional<Finding> changed(List<Panel> panels, List<SheetLayout> done) {
    return found(work(build(panels, List.of(), done), book()), "part:a/changed");
  }

  private static SheetLayout cut(SheetLayout layout, Build build, WorkshopBook book) {
    Map<Integer, PieceState> became = new java.util.HashMap<>();
    for (int i = 0; i < layout.pieces().size(); i++) {
      became.put(i, PieceState.DONE);
    }
    JobEnd end = JobEnd.of(layout, Parts.of(build, book), became, Map.of(), 0.2);
    assertTrue(end.finished());
    assertFalse(end.offcuts().isEmpty(), "something is left");
    return layout.cut(end.pieces(), false, Instant.EPOCH);
  }

  @Test
  void sheetsAreNeededUntilAnOffcutTakesThePieces() {
    WorkshopBook empty = book();
    Build loose = build(two(), List.of(), List.of());
    Need need = work(loose, empty).needs().get(0);
    assertEquals("sheet:clear-3", need.key());
    assertEquals(1, need.quantity());
    Offcut rest = new Offcut("o", "Rest", "clear-3", "M0 0L320 0L320 200L0 200Z", "", "", "", null);
    List<SheetLayout> laid = layOut(loose, book(rest));
    assertEquals("o", laid.get(0).offcutId());
    Build onRest = build(two(), List.of(), laid);
    assertTrue(work(onRest, book(rest)).needs().isEmpty(), "nothing to buy");
    assertThrows(
        InvalidValue.class,
        () ->
            SheetPlan.of(
                build(List.of(), List.of(), List.of()),
                Parts.of(loose, empty),
                empty,
                new SheetPlan.Question("clear-3", true, Rotation.NONE, 1, Set.of())));
  }

  @Test
  void partsOnOneSheetShareItsSetUp() {
    WorkshopBook book = book();
    Build loose = build(two(), List.of(), List.of());
    int alone = minutes(work(loose, book), "part:b/cut");
    Build laid = build(two(), List.of(), layOut(loose, book));
    int together = minutes(work(laid, book), "part:b/cut");
    assertTrue(together < alone, together + " of " + alone);
  }

  private static int minutes(Work work, String key) {
    return work.tasks().stream()
        .filter(t -> t.key().equals(key))
        .mapToInt(Task::handsOnMinutes)
        .sum();
  }

  @Test
  void whatIsCutIsComparedWithThePartAsItIsNow() {
    WorkshopBook book = book();
    Build loose = build(two(), List.of(), List.of());
    List<SheetLayout> done = layOut(loose, book).stream().map(l -> cut(l, loose, book)).toList();
    assertTrue(found(work(build(two(), List.of(), done), book), "part:a/changed").isEmpty());

    Finding reuse = changed(like(180, 110, 40), done).orElseThrow();
    assertTrue(reuse.detail().contains("Piece 1 can be cut down"), reuse.detail());
    Finding scrap = changed(like(210, 120, 40), done).orElseThrow();
    assertTrue(scrap.detail().contains("can't be used any more"), scrap.detail());
    assertTrue(changed(like(200, 120, 41), done).isPresent(), "a hole has moved");
  }

  @Test
  void aJobIsEngravedThenCutInsideThenOutside() {
    WorkshopBook book = book();
    List<Panel> panels =
        List.of(
            panel(
                "a",
                200,
                120,
                PartDrawing.of(
                    hole(40, 40, 20),
                    RecipeStep.of(
                        "e", RecipeStep.Op.ENGRAVE, CutFigure.rectangle(30, 20), 120, 60))),
            panel("b", 90, 60, PartDrawing.of(hole(30, 30, 10))));
    Build loose = build(panels, List.of(), List.of());
    SheetLayout layout = layOut(loose, book).get(0);
    MachineJob job = MachineJob.of(layout, Parts.of(loose, book), book);
    assertEquals("engrave", job.strokes().get(0).what());
    List<Boolean> loosened = job.strokes().stream().map(MachineJob.Stroke::loose).toList();
    assertEquals(List.of(false, false, false, true, true), loosened);
    assertEquals(
        job.time().totalSeconds(),
        job.strokes().stream().mapToDouble(MachineJob.Stroke::seconds).sum(),
        1e-6,
        "strokes add up to the job");
  }

  @Test
  void sheetsThatCollideAreSeen() {
    WorkshopBook book = book();
    Build loose = build(two(), List.of(), List.of());
    SheetLayout layout = layOut(loose, book).get(0);
    List<SheetLayout.LaidPiece> pieces = new ArrayList<>();
    for (SheetLayout.LaidPiece p : layout.pieces()) {
      pieces.add(
          new SheetLayout.LaidPiece(p.panelId(), p.number(), 10, 10, 0, false, p.state(), ""));
    }
    Build build = build(two(), List.of(), List.of(layout.with(pieces)));
    MakeModel model = MakeModel.of(build, Parts.of(build, book), book);
    assertTrue(model.layouts().get(0).pieces().stream().allMatch(LayoutResult.LaidPart::collides));
    Build good = build(two(), List.of(), List.of(layout));
    MakeModel fine = MakeModel.of(good, Parts.of(good, book), book);
    assertTrue(fine.layouts().get(0).pieces().stream().noneMatch(LayoutResult.LaidPart::collides));
    assertEquals(2, fine.pieces().stream().mapToInt(MakeModel.PieceCount::laid).sum());
  }

  private static Joint joint(Joint.Kind kind, Joint.JointEnd... ends) {
    return new Joint(
        "j",
        "Seam",
        kind,
        List.of(new Joint.JointHole(0, 0), new Joint.JointHole(40, 0)),
        3.2,
        60.0,
        3,
        true,
        List.of(ends));
  }

  private static Joint.JointEnd end(String panel, double x, double y, double turn, boolean slots) {
    return new Joint.JointEnd(panel, x, y, turn, slots);
  }

  @Test
  void bothPartsGetTheSharedHoles() {
    Joint shared = joint(Joint.Kind.HOLES, end("a", 20, 20, 0, false), end("b", 30, 15, 90, false));
    List<Panel> panels =
        List.of(
            panel("a", 200, 120, PartDrawing.of(hole(61, 21, 3.2))),
            panel("b", 90, 80, PartDrawing.PLAIN));
    Build build = build(panels, List.of(shared), List.of());
    Parts parts = Parts.of(build, book());
    List<Circle> onB =
        parts.drawn("b").orElseThrow().outline().holes().stream()
            .map(h -> h.circle().orElseThrow())
            .toList();
    assertEquals(2, onB.size());
    assertEquals(
        40,
        Math.hypot(onB.get(0).xMm() - onB.get(1).xMm(), onB.get(0).yMm() - onB.get(1).yMm()),
        1e-9);
    Finding near = found(work(build, book()), "joint:j/near/a").orElseThrow();
    assertTrue(near.title().contains("1.4 mm"), near.title());
    Build alone =
        build(panels, List.of(joint(Joint.Kind.HOLES, end("a", 20, 20, 0, false))), List.of());
    assertTrue(found(work(alone, book()), "joint:j/alone").isPresent());
  }

  @Test
  void tabsAndSlotsFollowTheCaliper() {
    Joint seam =
        joint(Joint.Kind.TAB_AND_SLOT, end("a", 30, 120, 0, false), end("b", 10, 30, 0, true));
    Build build = build(two(), List.of(seam), List.of());
    Parts parts = Parts.of(build, book());
    double plain = two().get(0).widthMm() * two().get(0).heightMm() - Math.PI * (100 + 12.25);
    double tab = 60.0 / 7;
    assertEquals(plain + 3 * tab * 2.86, parts.drawn("a").orElseThrow().outline().areaMm2(), 0.1);
    double slots = 90 * 60 - parts.drawn("b").orElseThrow().outline().areaMm2();
    assertEquals(3 * tab * (2.86 - 0.05), slots, 1e-6, "pressed in");
    Joint wrong =
        joint(Joint.Kind.FINGERS, end("a", 30, 120, 0, false), end("b", 10, 60, 0, false));
    Work both = work(build(two(), List.of(wrong), List.of()), book());
    assertTrue(found(both, "joint:j/same-side").isPresent());
  }

  @Test
  void fingersOfBothPartsFillTheSeam() {
    Joint seam = joint(Joint.Kind.FINGERS, end("a", 30, 120, 0, false), end("b", 10, 60, 0, true));
    Build build = build(two(), List.of(seam), List.of());
    Parts parts = Parts.of(build, book());
    double a =
        parts.drawn("a").orElseThrow().outline().areaMm2() - (200 * 120 - Math.PI * (100 + 12.25));
    double b = parts.drawn("b").orElseThrow().outline().areaMm2() - 90 * 60;
    assertEquals(60 * 2.86, a + b, 0.1);
  }

  private static Hold hold(Hold.Kind kind, int count, double d, double length) {
    return new Hold(kind, count, d, length, 0.0, 6.5, ScrewInto.INSERT, 12.0, true, false, false);
  }

  @Test
  void fixingsAreBoughtAndJudged() {
    PartDrawing screwed = PartDrawing.PLAIN.held(hold(Hold.Kind.SCREWS, 4, 3, 12));
    Work work = work(build(List.of(panel("a", 200, 120, screwed)), List.of(), List.of()), book());
    assertTrue(found(work, "part:a/screw-length").orElseThrow().title().contains("too long"));
    List<String> needs = work.needs().stream().map(n -> n.title() + " " + n.quantity()).toList();
    assertTrue(needs.contains("M3 × 12 screws 4.0"), needs.toString());
    assertTrue(needs.contains("M3 heat-set inserts 4.0"), needs.toString());

    PartDrawing magnets = PartDrawing.PLAIN.held(hold(Hold.Kind.MAGNETS, 4, 8, 2));
    Work pulled = work(build(List.of(panel("a", 200, 120, magnets)), List.of(), List.of()), book());
    assertTrue(found(pulled, "part:a/magnet").isPresent(), "2 mm of 2.86");
    assertTrue(
        pulled.needs().stream()
            .anyMatch(n -> n.title().startsWith("Magnets") && n.quantity() == 8));

    PartDrawing taped = PartDrawing.PLAIN.held(hold(Hold.Kind.FOAM_TAPE, 0, 0, 0));
    Work tape = work(build(List.of(panel("a", 400, 290, taped)), List.of(), List.of()), book());
    double kg = 400 * 290 * 2.86 * 1190 / 1e9;
    Need metres =
        tape.needs().stream().filter(n -> n.title().startsWith("Foam")).findFirst().orElseThrow();
    assertEquals(57 * kg * 2 * 100 / 12 / 1000, metres.quantity(), 0.011);
  }

  private static Work heldBy(Hold hold) {
    PartDrawing drawing = hold == null ? PartDrawing.PLAIN : PartDrawing.PLAIN.held(hold);
    return work(build(List.of(panel("a", 300, 200, drawing)), List.of(), List.of()), book());
  }

  private static Hold magnets(double pullN, boolean ledge) {
    return new Hold(
        Hold.Kind.MAGNETS,
        8,
        8.0,
        1.0,
        0.0,
        0.0,
        null,
        null,
        false,
        false,
        false,
        pullN,
        0.5,
        1.0,
        ledge);
  }

  /** 300 × 200 × 2.86 mm of acrylic: 0.20 kg, 8.0 N on the road. */
  @Test
  void aSkinThatSlidesSaysWhatWouldHoldIt() {
    Finding slides = found(heldBy(magnets(6, false)), "part:a/magnet-slides").orElseThrow();
    assertEquals("Part a slides: its magnets hold 4.8 N, 8.0 N wanted on the road", slides.title());
    assertEquals("drawing.hold.ledge", slides.remedies().get(0).change().field());
    assertTrue(found(heldBy(magnets(6, true)), "part:a/magnet").isEmpty());
    assertTrue(found(heldBy(magnets(11, false)), "part:a/magnet").isEmpty());
    assertTrue(found(heldBy(magnets(0, false)), "part:a/magnet-pull").isPresent());
  }

  @Test
  void aSkinThatNothingHoldsIsSaid() {
    assertEquals(
        "Nothing holds Part a", found(heldBy(null), "part:a/unheld").orElseThrow().title());
    assertTrue(found(heldBy(magnets(6, true)), "part:a/unheld").isEmpty());
    Joint joint = joint(Joint.Kind.HOLES, end("a", 20, 20, 0, false), end("b", 30, 15, 90, false));
    Work joined = work(build(two(), List.of(joint), List.of()), book());
    assertTrue(found(joined, "part:a/unheld").isEmpty());
  }

  @Test
  void anotherSheetSizeIsCompared() {
    WorkshopBook book = book();
    Build loose = build(two(), List.of(), List.of());
    SheetPlan plan =
        SheetPlan.of(
            loose,
            Parts.of(loose, book),
            book,
            new SheetPlan.Question("clear-3", false, Rotation.QUARTERS, 1, Set.of()));
    List<SheetSizes.SheetSize> sizes = SheetSizes.of(plan.job(), book.sheets().get(0));
    assertTrue(sizes.get(0).now());
    assertEquals(1, sizes.get(0).sheets());
    SheetSizes.SheetSize half =
        sizes.stream().filter(s -> s.widthMm() == 400).findFirst().orElseThrow();
    assertEquals(1, half.sheets());
    assertEquals(1_200, half.savesMinor());
  }
}
