package emberyard.server.finish;

import emberyard.core.finish.FinishModel;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Rect;
import emberyard.core.make.drafting.OutlineText;
import emberyard.core.make.sheet.CutDrawing;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Film on its roll for a blade cutter. There is no such file for a laser: film is never burnt. */
final class FilmFile {
  private FilmFile() {}

  static ResponseEntity<byte[]> of(FinishModel.RollModel roll, String form) {
    List<Contour> contours = new ArrayList<>();
    for (FinishModel.FilmCut piece : roll.pieces()) {
      contours.addAll(OutlineText.read(piece.path()).contours());
    }
    Rect page = new Rect(0, 0, Math.max(1, roll.lengthMm()), roll.widthMm());
    CutDrawing drawing = new CutDrawing(page, Map.of("blade", contours));
    String text = form.equals("svg") ? drawing.svg() : drawing.dxf();
    return ResponseEntity.ok()
        .contentType(
            MediaType.parseMediaType(form.equals("svg") ? "image/svg+xml" : "image/vnd.dxf"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"%s-blade.%s\""
                .formatted(roll.filmId().replaceAll("[^A-Za-z0-9-]", ""), form))
        .body(text.getBytes(StandardCharsets.UTF_8));
  }
}
