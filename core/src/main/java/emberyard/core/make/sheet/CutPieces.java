package emberyard.core.make.sheet;

import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.part.Parts;
import emberyard.core.units.Figures;
import emberyard.core.units.Remembered;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Pieces that were cut, against what their parts have become since. */
public final class CutPieces {
  private static final double HAIR_MM = 0.03;

  private static final double WITHIN_MM = 0.05;

  /** While a part is changed its pieces stay as they were cut. */
  private static final Remembered<String, Cut> CUTS = new Remembered<>(100);

  private CutPieces() {}

  /** Pieces of a part that are cut. */
  public static int done(Build build, String panelId) {
    return count(build, panelId, PieceState.DONE);
  }

  /** Pieces of a part that lie on a sheet and wait for the machine. */
  public static int laid(Build build, String panelId) {
    return count(build, panelId, PieceState.PLANNED);
  }

  private static int count(Build build, String panelId, PieceState state) {
    int count = 0;
    for (SheetLayout layout : build.layouts()) {
      for (LaidPiece piece : layout.pieces()) {
        count += piece.panelId().equals(panelId) && piece.state() == state ? 1 : 0;
      }
    }
    return count;
  }

  /**
   * What a piece was cut to.
   *
   * @param room what still can be cut out of it
   */
  private record Cut(Rect bounds, Geometry shape, PreparedGeometry room) {
    static Cut of(String path) {
      Outline outline = PathData.outline(path);
      Geometry shape = Plane.geometry(outline);
      return new Cut(
          outline.bounds(), shape, PreparedGeometryFactory.prepare(shape.buffer(WITHIN_MM)));
    }
  }

  /** Whether a piece that was cut differs from its part as it is drawn now. */
  static boolean stale(LaidPiece piece, DrawnPart drawn) {
    if (piece.cutPath().isEmpty()) {
      return false;
    }
    Outline now = LayoutResult.placed(drawn.outline(), piece);
    if (SvgPath.of(now.contours()).equals(piece.cutPath())) {
      return false;
    }
    // written numbers are rounded: only what is wider than a hair is a change
    Geometry was = CUTS.get(piece.cutPath(), Cut::of).shape;
    Geometry is = Plane.geometry(now);
    return differByArea(was, is) || !was.symDifference(is).buffer(-HAIR_MM).isEmpty();
  }

  /** No shape is larger than its boundary is long times how far one can get away from it. */
  private static boolean differByArea(Geometry one, Geometry other) {
    double boundary = one.getLength() + other.getLength();
    return Math.abs(one.getArea() - other.getArea()) > HAIR_MM * boundary;
  }

  /** Whether the new outline can be cut out of the old piece as it lies. */
  static boolean reusable(LaidPiece piece, DrawnPart drawn) {
    Cut cut = CUTS.get(piece.cutPath(), Cut::of);
    Outline now = LayoutResult.placed(drawn.outline(), piece);
    Rect old = cut.bounds;
    Rect box = now.bounds();
    boolean wider = box.widthMm() > old.widthMm() + 2 * WITHIN_MM;
    if (wider || box.heightMm() > old.heightMm() + 2 * WITHIN_MM) {
      return false;
    }
    Geometry is = Plane.geometry(now);
    // a part keeps one of its corners when it is made smaller; which one depends on its turn
    for (double dx : shifts(old.xMm() - box.xMm(), old.right() - box.right())) {
      for (double dy : shifts(old.yMm() - box.yMm(), old.top() - box.top())) {
        if (cut.room.covers(AffineTransformation.translationInstance(dx, dy).transform(is))) {
          return true;
        }
      }
    }
    return false;
  }

  /** Both, one where they are the same but for rounding. */
  private static double[] shifts(double one, double other) {
    return Math.abs(one - other) < 1e-6 ? new double[] {one} : new double[] {one, other};
  }

  public static List<Finding> findings(Build build, Parts parts) {
    List<Finding> findings = new ArrayList<>();
    for (Panel panel : build.panels()) {
      DrawnPart drawn = parts.drawn(panel.id()).orElse(null);
      if (drawn != null) {
        changed(build, panel, drawn, findings);
      }
    }
    return findings;
  }

  private static void changed(Build build, Panel panel, DrawnPart drawn, List<Finding> findings) {
    List<String> scrap = new ArrayList<>();
    List<String> reusable = new ArrayList<>();
    for (SheetLayout layout : build.layouts()) {
      for (LaidPiece piece : layout.pieces()) {
        if (piece.panelId().equals(panel.id())
            && piece.state() == PieceState.DONE
            && stale(piece, drawn)) {
          (reusable(piece, drawn) ? reusable : scrap).add("piece " + piece.number());
        }
      }
    }
    int changed = scrap.size() + reusable.size();
    if (changed == 0) {
      return;
    }
    String may =
        reusable.isEmpty()
            ? ""
            : " %s can be cut down to the new outline.".formatted(list(reusable));
    String gone = scrap.isEmpty() ? "" : " %s can't be used any more.".formatted(list(scrap));
    findings.add(
        Finding.of(
                scrap.isEmpty() ? Severity.RISK : Severity.STOP,
                "make",
                "part:" + panel.id() + "/changed-after-cut",
                "%s changed after %s cut"
                    .formatted(
                        panel.name(), changed == 1 ? "1 piece was" : changed + " pieces were"),
                (may + gone).strip(),
                "What lies on the shelf is not what the drawing says: %s of sheet are at stake."
                    .formatted(Figures.plain(changed * drawn.outline().areaMm2() / 100) + " cm²"))
            .about(panel.id())
            .with(
                Remedy.byHand("Lay it on a sheet again and cut it anew"),
                Remedy.byHand("Undo the change")));
  }

  private static String list(List<String> pieces) {
    String words = String.join(", ", pieces);
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
