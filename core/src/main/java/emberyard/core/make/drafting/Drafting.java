package emberyard.core.make.drafting;

import emberyard.core.build.Joint;
import emberyard.core.build.Panel;
import emberyard.core.build.PartDrawing;
import emberyard.core.build.RecipeStep;
import emberyard.core.build.VentCut;
import emberyard.core.build.Window;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.drawn.FlatPattern;
import emberyard.core.make.panel.PanelFigures;
import emberyard.core.make.panel.VentHoles;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws a part: its rectangle with window and holes, then its recipe step by step, then what its
 * joints cut.
 */
public final class Drafting {
  private final Panel panel;
  private final double thicknessMm;
  private Outline outline = Outline.NONE;
  private final List<Outline> engraved = new ArrayList<>();
  private List<Contour> lines = new ArrayList<>();
  private List<DrawnPart.Pocket> pockets = new ArrayList<>();
  private final List<DrawnPart.Feature> features = new ArrayList<>();
  private List<DrawnPart.BendLine> bends = List.of();
  private final DrawingEffort effort = new DrawingEffort();

  private Drafting(Panel panel, double thicknessMm) {
    this.panel = panel;
    this.thicknessMm = thicknessMm;
  }

  /**
   * @param joints what meets this part, with the real thickness of the others
   * @throws InvalidValue where its numbers contradict each other, the field named from the panel
   */
  public static DrawnPart of(Panel panel, double thicknessMm, List<JointCut> joints) {
    Drafting drafting = new Drafting(panel, thicknessMm);
    drafting.base();
    List<RecipeStep> steps = panel.drawing().steps();
    for (int i = 0; i < steps.size(); i++) {
      try {
        drafting.step(steps.get(i));
      } catch (InvalidValue wrong) {
        throw wrong.within("drawing.steps." + i);
      }
    }
    joints.forEach(drafting::joint);
    Require.that(
        !drafting.outline.empty(),
        "drawing.steps",
        "Nothing of the part is left: join a figure to it first.");
    return drafting.done();
  }

  private DrawnPart done() {
    try {
      return new DrawnPart(outline, Plane.together(engraved), lines, pockets, bends, features);
    } catch (InvalidValue crossing) {
      throw new InvalidValue("drawing.steps", crossing.getMessage());
    }
  }

  private void base() {
    PartDrawing drawing = panel.drawing();
    if (drawing.bare()) {
      return;
    }
    double width = panel.widthMm();
    if (drawing.bent() != null) {
      FlatPattern flat = FlatPattern.of(drawing.bent(), thicknessMm);
      bends = flat.bends();
      width = flat.flatMm();
    }
    outline = Outline.of(Contour.rectangle(0, 0, width, panel.heightMm(), drawing.cornerMm()));
    List<Contour> openings = new ArrayList<>();
    Window window = panel.window();
    if (window != null) {
      openings.add(
          Contour.rectangle(
              window.xMm(), window.yMm(), window.widthMm(), window.heightMm(), window.radiusMm()));
    }
    if (panel.holes() != null) {
      double d = panel.holes().diameterMm();
      PanelFigures.borderCentres(width, panel.heightMm(), panel.holes())
          .forEach(c -> openings.add(Contour.circle(c.xMm(), c.yMm(), d)));
    }
    if (panel.vent() != null) {
      openings.addAll(vents(panel.vent()));
    }
    outline = Plane.cut(outline, new Outline(openings, List.of()));
  }

  private static List<Contour> vents(VentCut vent) {
    double hole = vent.field().holeMm();
    double slot = vent.field().slotMm();
    return VentHoles.of(vent).centres().stream()
        .map(
            c ->
                slot > 0
                    ? Contour.rectangle(c.xMm() - slot / 2, c.yMm() - hole / 2, slot, hole, 0)
                    : Contour.circle(c.xMm(), c.yMm(), hole))
        .toList();
  }

  private void step(RecipeStep step) {
    switch (step.op()) {
      case OFFSET -> {
        effort.spend(outline.corners());
        outline = Plane.offset(outline, step.amountMm(), false);
      }
      case MIRROR_ACROSS -> mirror(new Move(2 * step.amountMm(), 0, 0, true));
      case MIRROR_UP -> mirror(new Move(0, 2 * step.amountMm(), 180, true));
      default -> figure(step);
    }
  }

  /** What is there and its mirror image together. */
  private void mirror(Move move) {
    outline = Plane.join(looked(outline), outline.moved(move));
    List.copyOf(engraved).forEach(each -> engrave(each.moved(move)));
    List<Contour> both = new ArrayList<>(lines);
    lines.forEach(line -> both.add(line.moved(move)));
    effort.spend(both.stream().mapToLong(Contour::corners).sum());
    lines = both;
    List<DrawnPart.Pocket> all = new ArrayList<>(pockets);
    pockets.forEach(p -> all.add(new DrawnPart.Pocket(p.area().moved(move), p.depthMm())));
    pockets = all;
    effort.spend(all.stream().mapToLong(pocket -> pocket.area().corners()).sum());
  }

  private void figure(RecipeStep step) {
    Outline drawn = copies(FigureOutline.of(step.figure()), step);
    switch (step.op()) {
      case JOIN -> outline = Plane.join(looked(drawn), drawn);
      case CUT -> outline = cut(drawn);
      case ENGRAVE -> engrave(drawn);
      case LINE -> lines.addAll(drawn.contours());
      default -> pockets.add(new DrawnPart.Pocket(drawn, step.amountMm()));
    }
    features.add(DrawnPart.Feature.of(step, drawn.bounds()));
  }

  /** The outline, that a step looks at together with what it draws. */
  private Outline looked(Outline drawn) {
    effort.spend(outline, drawn);
    return outline;
  }

  private void engrave(Outline drawn) {
    effort.spend(drawn.corners());
    engraved.add(drawn);
  }

  private Outline cut(Outline away) {
    Require.that(!outline.empty(), "op", "There is nothing to cut from yet: join a figure first.");
    Outline left = Plane.cut(looked(away), away);
    Require.that(!left.empty(), "figure", "This cut leaves nothing of the part.");
    return left;
  }

  private Outline copies(Outline figure, RecipeStep step) {
    Outline turned = figure.moved(new Move(0, 0, step.turnDegrees(), step.mirrored()));
    RecipeStep.CopyArray array = step.array();
    if (array == null) {
      return turned.moved(Move.by(step.xMm(), step.yMm()));
    }
    List<Move> moves = CopyMoves.of(array, step.xMm(), step.yMm());
    effort.spend(figure.corners() * moves.size());
    return Plane.together(moves.stream().map(turned::moved).toList());
  }

  private void joint(JointCut joint) {
    Outline added = joint.added();
    Outline away = joint.away();
    if (!added.empty()) {
      outline = Plane.join(outline, added);
    }
    if (!away.empty()) {
      outline = Plane.cut(outline, away);
    }
    Rect box = (added.empty() ? away : added).bounds();
    if (box.widthMm() > 0) {
      features.add(
          new DrawnPart.Feature(
              "joint:" + joint.jointId(),
              added.empty() ? RecipeStep.Op.CUT : RecipeStep.Op.JOIN,
              box.xMm(),
              box.yMm(),
              box.widthMm(),
              box.heightMm()));
    }
  }

  /** What joins at a joint, for the joints of a build. */
  public static List<JointCut> cuts(
      Panel panel, List<Joint> joints, java.util.Map<String, Double> thicknessMm) {
    return joints.stream().flatMap(j -> JointCut.of(j, panel.id(), thicknessMm).stream()).toList();
  }
}
