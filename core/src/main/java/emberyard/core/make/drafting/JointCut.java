package emberyard.core.make.drafting;

import emberyard.core.build.Joint;
import emberyard.core.geometry.Circle;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Move;
import emberyard.core.geometry.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a joint adds to one part and takes from it.
 *
 * @param holes of a shared pattern, for comparing with holes of the part's own
 */
public record JointCut(
    String jointId, String name, Outline added, Outline away, List<Circle> holes) {
  /** Press fit: slot = measured thickness − 0.05 (handbook, made parts). */
  static final double PRESS_MM = -0.05;

  /** Sliding fit: slot = measured thickness + 0.1. */
  static final double SLIDE_MM = 0.1;

  /** Tabs reach this far into the seam, so that both are one piece. */
  private static final double OVERLAP_MM = 0.5;

  /**
   * @param thicknessMm real thickness of every part by id
   * @return empty where the part is not at this joint
   */
  public static Optional<JointCut> of(
      Joint joint, String panelId, Map<String, Double> thicknessMm) {
    return joint.ends().stream()
        .filter(end -> end.panelId().equals(panelId))
        .findFirst()
        .map(end -> cut(joint, end, otherMm(joint, panelId, thicknessMm)));
  }

  /** Thickness of the other part: of the first other end that is known, else 3 mm. */
  private static double otherMm(Joint joint, String panelId, Map<String, Double> thicknessMm) {
    return joint.ends().stream()
        .filter(end -> !end.panelId().equals(panelId) && thicknessMm.containsKey(end.panelId()))
        .map(end -> thicknessMm.get(end.panelId()))
        .findFirst()
        .orElse(3.0);
  }

  private static JointCut cut(Joint joint, Joint.JointEnd end, double otherMm) {
    Move place = new Move(end.xMm(), end.yMm(), end.turnDegrees(), false);
    if (joint.kind() == Joint.Kind.HOLES) {
      List<Contour> holes =
          joint.points().stream()
              .map(p -> Contour.circle(p.xMm(), p.yMm(), joint.diameterMm()).moved(place))
              .toList();
      return new JointCut(
          joint.id(),
          joint.name(),
          Outline.NONE,
          new Outline(holes, List.of()),
          holes.stream().map(h -> h.circle().orElseThrow()).toList());
    }
    boolean slots = joint.kind() == Joint.Kind.TAB_AND_SLOT && end.slots();
    Outline teeth = (slots ? slots(joint, otherMm) : teeth(joint, end, otherMm)).moved(place);
    return new JointCut(
        joint.id(),
        joint.name(),
        slots ? Outline.NONE : teeth,
        slots ? teeth : Outline.NONE,
        List.of());
  }

  /** Slot of a tab: as wide as the tab's sheet is thick, with the fit; as long as the tab. */
  static double slotWidthMm(double thicknessMm, boolean tight) {
    return thicknessMm + (tight ? PRESS_MM : SLIDE_MM);
  }

  /** Tabs take half of the seam; gaps as wide as tabs lie between and beside them. */
  private static double[] spans(Joint joint, boolean fingers, boolean gapFirst) {
    int tabs = joint.count();
    int parts = fingers ? tabs : 2 * tabs + 1;
    double width = joint.lengthMm() / parts;
    List<Double> spans = new ArrayList<>();
    for (int i = 0; i < parts; i++) {
      if (i % 2 == (gapFirst ? 1 : 0)) {
        spans.add(i * width);
        spans.add((i + 1) * width);
      }
    }
    return spans.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static Outline teeth(Joint joint, Joint.JointEnd end, double otherMm) {
    boolean fingers = joint.kind() == Joint.Kind.FINGERS;
    double[] spans = spans(joint, fingers, !fingers || end.slots());
    List<Contour> tabs = new ArrayList<>();
    for (int i = 0; i < spans.length; i += 2) {
      tabs.add(
          Contour.rectangle(
              spans[i], -OVERLAP_MM, spans[i + 1] - spans[i], otherMm + OVERLAP_MM, 0));
    }
    return new Outline(tabs, List.of());
  }

  private static Outline slots(Joint joint, double otherMm) {
    double[] spans = spans(joint, false, true);
    double width = slotWidthMm(otherMm, joint.tight());
    double play = joint.tight() ? 0 : SLIDE_MM;
    List<Contour> slots = new ArrayList<>();
    for (int i = 0; i < spans.length; i += 2) {
      slots.add(
          Contour.rectangle(
              spans[i] - play / 2, -width / 2, spans[i + 1] - spans[i] + play, width, 0));
    }
    return new Outline(slots, List.of());
  }
}
