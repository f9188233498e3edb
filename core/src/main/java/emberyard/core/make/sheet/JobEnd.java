package emberyard.core.make.sheet;

import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.geometry.Outline;
import emberyard.core.geometry.Plane;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drafting.PathData;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.part.Parts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;

/**
 * What a job leaves behind.
 *
 * @param pieces of the layout with what became of them
 * @param finished whether no piece waits any more
 * @param offcuts outlines of what is left of the sheet, SVG path data, the largest first
 * @param secondsOf machine time by part
 */
public record JobEnd(
    List<LaidPiece> pieces, boolean finished, List<String> offcuts, Map<String, Double> secondsOf) {
  /** Rests narrower than this are thrown away (handbook). */
  public static final double LEAST_OFFCUT_MM = 60;

  /** Narrower strips are snapped off. */
  private static final double STRIP_MM = 20;

  private static final double COARSE_MM = 0.2;

  public JobEnd {
    pieces = List.copyOf(pieces);
    offcuts = List.copyOf(offcuts);
    secondsOf = Map.copyOf(secondsOf);
  }

  /**
   * @param became by index of the piece; those left out stay as they were
   * @param seconds machine time by index of the piece
   * @param kerfMm taken away round every piece
   */
  public static JobEnd of(
      SheetLayout layout,
      Parts parts,
      Map<Integer, PieceState> became,
      Map<Integer, Double> seconds,
      double kerfMm) {
    List<LaidPiece> after = new ArrayList<>();
    Map<String, Double> secondsOf = new HashMap<>();
    boolean finished = true;
    for (int i = 0; i < layout.pieces().size(); i++) {
      LaidPiece piece = layout.pieces().get(i);
      PieceState state = became.getOrDefault(i, piece.state());
      DrawnPart drawn = parts.drawn(piece.panelId()).orElse(null);
      if (state != piece.state() && drawn != null) {
        String path = SvgPath.of(LayoutResult.placed(drawn.outline(), piece).contours());
        piece = piece.became(state, path);
      }
      after.add(piece);
      finished &= piece.state() != PieceState.PLANNED;
      secondsOf.merge(piece.panelId(), seconds.getOrDefault(i, 0.0), Double::sum);
    }
    return new JobEnd(
        after, finished, finished ? rests(layout, after, kerfMm) : List.of(), secondsOf);
  }

  /** The sheet less its pieces and the kerf round them, in parts that a 60 mm square can lie in. */
  private static List<String> rests(SheetLayout layout, List<LaidPiece> pieces, double kerfMm) {
    Geometry left = Plane.geometry(PathData.outline(layout.blankPath()));
    for (LaidPiece piece : pieces) {
      if (!piece.cutPath().isEmpty()) {
        // the inside of a window is scrap on the bed too, unless it is large enough to keep
        Outline cut = PathData.outline(piece.cutPath());
        left = left.difference(Plane.geometry(cut).buffer(Math.max(kerfMm, 0.01)));
      }
    }
    List<Outline> rests = new ArrayList<>();
    Geometry sound = left.buffer(-STRIP_MM / 2).buffer(STRIP_MM / 2, 4);
    for (int i = 0; i < sound.getNumGeometries(); i++) {
      Geometry rest = sound.getGeometryN(i);
      if (!rest.buffer(-LEAST_OFFCUT_MM / 2 + 0.01).isEmpty()) {
        rests.add(Plane.simplified(Plane.outline(rest), COARSE_MM));
      }
    }
    return rests.stream()
        .sorted((a, b) -> Double.compare(b.areaMm2(), a.areaMm2()))
        .map(rest -> SvgPath.of(rest.atOrigin().contours()))
        .toList();
  }
}
