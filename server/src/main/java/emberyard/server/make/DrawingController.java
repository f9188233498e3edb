package emberyard.server.make;

import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.build.SheetLayout;
import emberyard.core.geometry.Rect;
import emberyard.core.geometry.SvgPath;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.make.file.DrawnLines;
import emberyard.core.make.file.DxfReader;
import emberyard.core.make.file.ImportedDrawing;
import emberyard.core.make.file.SvgReader;
import emberyard.core.make.part.MadePart;
import emberyard.core.make.part.Parts;
import emberyard.core.make.sheet.CutDrawing;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.server.api.HeavyWork;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Drawings in and out: SVG and DXF. */
@RestController
class DrawingController {
  private final YardReader yard;
  private final HeavyWork heavy;

  DrawingController(YardReader yard, HeavyWork heavy) {
    this.yard = yard;
    this.heavy = heavy;
  }

  /**
   * A drawing that was read; nothing is kept.
   *
   * @param cut outline and openings as path data, mm, y upwards, lower left corner at the origin
   */
  record ReadDrawing(
      String cut,
      String engraved,
      String lines,
      double widthMm,
      double heightMm,
      double areaMm2,
      double contourMm,
      int openings,
      List<ImportedDrawing.Fault> faults,
      List<String> notes,
      int joinedEnds,
      double widestGapMm) {
    static ReadDrawing of(ImportedDrawing drawing) {
      Rect box = drawing.outline().bounds();
      return new ReadDrawing(
          SvgPath.of(drawing.outline().contours()),
          SvgPath.of(drawing.engraved().contours()),
          SvgPath.of(drawing.lines().contours()),
          box.widthMm(),
          box.heightMm(),
          drawing.outline().areaMm2(),
          drawing.outline().contourMm(),
          drawing.outline().holes().size(),
          drawing.faults(),
          drawing.notes(),
          drawing.joinedEnds(),
          drawing.widestGapMm());
    }
  }

  /** Reads an SVG or DXF of at most 12 MB: joins open ends, drops doubles, reports crossings. */
  @PostMapping(value = "/api/drawings", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ReadDrawing read(
      @RequestPart MultipartFile file, @RequestParam(defaultValue = "0.1") double joinMm)
      throws IOException {
    String text = new String(file.getBytes(), StandardCharsets.UTF_8);
    return heavy.run(() -> ReadDrawing.of(ImportedDrawing.of(lines(text), joinMm)));
  }

  /** SVG begins with a tag, DXF with a number. */
  static DrawnLines lines(String text) {
    String start = text.stripLeading();
    return start.startsWith("<") || start.startsWith("\uFEFF<")
        ? SvgReader.read(start.startsWith("\uFEFF") ? start.substring(1) : start)
        : DxfReader.read(text);
  }

  /** Why a part can't be drawn. */
  private static String why(YardReader.Reading reading, String buildId, String panelId) {
    return reading.build(buildId).parts().stream()
        .filter(part -> part.panel().id().equals(panelId))
        .map(MadePart::problem)
        .findFirst()
        .orElse("This part can't be drawn.");
  }

  /** One part; with the kerf, as it has to be cut. */
  @GetMapping("/api/builds/{buildId}/panels/{panelId}.{form:svg|dxf}")
  ResponseEntity<byte[]> part(
      @PathVariable String buildId,
      @PathVariable String panelId,
      @PathVariable String form,
      @RequestParam(defaultValue = "false") boolean kerf) {
    YardReader.Reading reading = yard.read();
    var build = reading.build(buildId).build();
    Panel panel =
        build.panel(panelId).orElseThrow(() -> new MissingThing("This part is not here."));
    DrawnPart drawn =
        Parts.of(build, reading.book())
            .drawn(panelId)
            .orElseThrow(() -> new Refused(HttpStatus.CONFLICT, why(reading, buildId, panelId)));
    refuseDanger(panel, reading.book());
    double kerfMm = kerf ? kerfMm(panel, reading.book()) : 0;
    return file(CutDrawing.of(drawn, kerfMm), panel.name(), form);
  }

  /** All waiting pieces of a sheet, in the order in which they are cut. */
  @GetMapping("/api/builds/{buildId}/layouts/{layoutId}.{form:svg|dxf}")
  ResponseEntity<byte[]> sheet(
      @PathVariable String buildId,
      @PathVariable String layoutId,
      @PathVariable String form,
      @RequestParam(defaultValue = "true") boolean kerf) {
    YardReader.Reading reading = yard.read();
    var build = reading.build(buildId).build();
    SheetLayout layout = Sheets.layout(build, layoutId);
    layout.pieces().stream()
        .flatMap(piece -> build.panel(piece.panelId()).stream())
        .forEach(panel -> refuseDanger(panel, reading.book()));
    double kerfMm =
        kerf ? reading.book().machine(layout.machineId()).map(Machine::kerfMm).orElse(0.0) : 0;
    CutDrawing drawing = CutDrawing.of(layout, Parts.of(build, reading.book()), kerfMm);
    return file(drawing, layout.name(), form);
  }

  /** What may never lie under a laser is not drawn for one. */
  static void refuseDanger(Panel panel, WorkshopBook book) {
    SheetProduct sheet = book.sheet(panel.sheetId()).orElse(null);
    if (panel.cutMethod() == CutMethod.LASER && sheet != null) {
      String danger = sheet.material().laserDanger(sheet.realThicknessMm());
      String limit = sheet.material().laserLimit();
      if (danger != null || limit != null) {
        throw new Refused(
            HttpStatus.CONFLICT,
            "“%s” is not given to a laser: %s."
                .formatted(panel.name(), danger != null ? danger : limit));
      }
    }
  }

  private static double kerfMm(Panel panel, WorkshopBook book) {
    Machine.Kind kind =
        panel.cutMethod() == CutMethod.ROUTER ? Machine.Kind.ROUTER : Machine.Kind.LASER;
    return panel.cutMethod() == CutMethod.BLADE
        ? 0
        : book.machine(kind).map(Machine::kerfMm).orElse(0.0);
  }

  private static ResponseEntity<byte[]> file(CutDrawing drawing, String name, String form) {
    boolean svg = form.equals("svg");
    String text = svg ? drawing.svg() : drawing.dxf();
    String plain = name.replaceAll("[^A-Za-z0-9 ×.-]", "").replace('×', 'x').replace(' ', '-');
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(svg ? "image/svg+xml" : "image/vnd.dxf"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"%s.%s\"".formatted(plain.isEmpty() ? "part" : plain, form))
        .body(text.getBytes(StandardCharsets.UTF_8));
  }
}
