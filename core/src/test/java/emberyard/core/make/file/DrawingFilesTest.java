package emberyard.core.make.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.units.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Drawings from other programs, and hostile ones. */
class DrawingFilesTest {
  private static ImportedDrawing svg(String inside) {
    return ImportedDrawing.of(
        SvgReader.read(
            "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='50mm' viewBox='0 0 100 50'>"
                + inside
                + "</svg>"),
        0.1);
  }

  private static ImportedDrawing dxf(String entities) {
    return ImportedDrawing.of(
        DxfReader.read(
            lines(
                "0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC 0 SECTION 2 ENTITIES "
                    + entities
                    + " 0 ENDSEC 0 EOF")),
        0.1);
  }

  private static String lines(String words) {
    return String.join("\n", words.trim().split("\\s+")) + "\n";
  }

  @Test
  void shapesTransformsAndNestedGroups() {
    ImportedDrawing part =
        svg(
            "<rect width='100' height='50'/>"
                + "<g transform='translate(50 25) rotate(90)'><g transform='scale(2)'>"
                + "<circle r='5'/></g></g>"
                + "<g transform='translate(20 10)'><polygon points='0,0 10,0 10,10'/></g>"
                + "<path d='M80 10h10v10h-10z'/>");
    assertEquals(5000 - 100 * Math.PI - 50 - 100, part.outline().areaMm2(), 1e-3);
    assertTrue(part.outline().holes().stream().anyMatch(h -> h.circle().isPresent()));
  }

  @Test
  void unitsAreReadFromThePage() {
    String inches =
        "<svg xmlns='http://www.w3.org/2000/svg' width='4in' height='2in' viewBox='0 0 400 200'>"
            + "<rect width='400' height='200'/></svg>";
    assertEquals(
        101.6 * 50.8, ImportedDrawing.of(SvgReader.read(inches), 0.1).outline().areaMm2(), 1e-3);
    String pixels = "<svg xmlns='http://www.w3.org/2000/svg'><rect width='96' height='96'/></svg>";
    ImportedDrawing square = ImportedDrawing.of(SvgReader.read(pixels), 0.1);
    assertEquals(25.4 * 25.4, square.outline().areaMm2(), 1e-3);
    assertTrue(square.notes().get(0).contains("no size"));
  }

  @Test
  void curvesAreFlattenedFinely() {
    // a quarter ellipse and a cubic that is nearly a circle
    ImportedDrawing part = svg("<path d='M10 25 A30 15 0 0 1 70 25 L70 40 L10 40 Z'/>");
    double half = Math.PI * 30 * 15 / 2;
    assertEquals(half + 60 * 15, part.outline().areaMm2(), 0.5);
    double k = 0.5522847498;
    String circle =
        "<path d='M50 10C%f 10 65 %f 65 25C65 %f %f 40 50 40C%f 40 35 %f 35 25C35 %f %f 10 50 10Z'/>"
            .formatted(
                50 + 15 * k,
                25 - 15 * k,
                25 + 15 * k,
                50 + 15 * k,
                50 - 15 * k,
                25 + 15 * k,
                25 - 15 * k,
                50 - 15 * k);
    assertEquals(225 * Math.PI, svg(circle).outline().areaMm2(), 0.5);
  }

  @Test
  void openEndsAreJoinedAndSaid() {
    ImportedDrawing part =
        svg(
            "<line x1='0' y1='0' x2='40' y2='0'/><line x1='40.05' y1='0' x2='40' y2='20'/>"
                + "<polyline points='40,20 0,20 0,0.04'/>");
    assertEquals(800, part.outline().areaMm2(), 3);
    assertEquals(3, part.joinedEnds());
    assertEquals(0.05, part.widestGapMm(), 1e-3);
    assertThrows(
        InvalidValue.class,
        () -> svg("<polyline points='0,0 40,0 40,20 0,20 0,2'/>"),
        "2 mm apart");
  }

  @Test
  void doublesAreDroppedAndCrossingsShown() {
    ImportedDrawing twice =
        svg(
            "<rect width='40' height='20'/><rect width='40' height='20'/><circle cx='20' cy='10' r='3'/>");
    assertEquals(800 - 9 * Math.PI, twice.outline().areaMm2(), 1e-3);
    assertTrue(twice.faults().get(0).repaired());
    ImportedDrawing bow = svg("<polygon points='0,0 40,20 40,0 0,20'/>");
    assertEquals("The line crosses itself here.", bow.faults().get(0).what());
    assertEquals(20, bow.faults().get(0).xMm(), 0.01);
  }

  @Test
  void dxfEntities() {
    String square = "0 LWPOLYLINE 8 0 70 1 90 4 10 0 20 0 10 60 20 0 42 1 10 60 20 40 10 0 20 40";
    double area = 60 * 40 + Math.PI * 400 / 2;
    assertEquals(area, dxf(square).outline().areaMm2(), 1e-3);
    String withHoles =
        square
            + " 0 CIRCLE 8 0 10 20 20 20 40 5"
            + " 0 ARC 8 0 10 45 20 20 40 5 50 0 51 180 0 ARC 8 0 10 45 20 20 40 5 50 180 51 360";
    assertEquals(area - 50 * Math.PI, dxf(withHoles).outline().areaMm2(), 1e-3);
    String old =
        "0 POLYLINE 8 0 66 1 70 1 0 VERTEX 10 0 20 0 0 VERTEX 10 30 20 0 0 VERTEX 10 30 20 30 0 SEQEND";
    assertEquals(450, dxf(old).outline().areaMm2(), 1e-3);
  }

  @Test
  void dxfBlocksAndSplines() {
    String text =
        lines(
            "0 SECTION 2 HEADER 9 $INSUNITS 70 1 0 ENDSEC 0 SECTION 2 BLOCKS"
                + " 0 BLOCK 2 HOLE 10 0 20 0 0 CIRCLE 8 0 10 0 20 0 40 0.1 0 ENDBLK 0 ENDSEC"
                + " 0 SECTION 2 ENTITIES 0 LWPOLYLINE 70 1 10 0 20 0 10 4 20 0 10 4 20 2 10 0 20 2"
                + " 0 INSERT 2 HOLE 10 1 20 1 70 3 44 1 41 2 42 2 0 ENDSEC 0 EOF");
    ImportedDrawing part = ImportedDrawing.of(DxfReader.read(text), 0.1);
    double inch = 25.4 * 25.4;
    assertEquals(3, part.outline().holes().size());
    assertEquals((8 - 3 * Math.PI * 0.04) * inch, part.outline().areaMm2(), 0.01);
    String spline =
        "0 SPLINE 8 0 71 2 40 0 40 0 40 0 40 1 40 1 40 1 10 0 20 0 10 20 20 40 10 40 20 0"
            + " 0 LINE 8 0 10 40 20 0 11 0 21 0";
    // a parabola: two thirds of its box
    assertEquals(2 * 40 * 20 / 3.0, dxf(spline).outline().areaMm2(), 0.5);
  }

  @Test
  void entitiesScriptsAndForeignFilesAreRefused() {
    String laughs =
        "<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY a 'ha'><!ENTITY b '&a;&a;&a;&a;'>]>"
            + "<svg xmlns='http://www.w3.org/2000/svg'><text>&b;</text></svg>";
    assertThrows(InvalidValue.class, () -> SvgReader.read(laughs));
    assertThrows(
        InvalidValue.class, () -> svg("<script>alert(1)</script><rect width='9' height='9'/>"));
    assertThrows(InvalidValue.class, () -> SvgReader.read("<html><body/></html>"));
    assertThrows(InvalidValue.class, () -> SvgReader.read("no drawing at all"));
    assertThrows(InvalidValue.class, () -> svg("<rect width='NaN' height='9'/>"));
    assertThrows(InvalidValue.class, () -> svg("<polygon points='0,0 1e300,0 0,1e300'/>"));
    assertThrows(InvalidValue.class, () -> svg("<path d='M0 0L1e30 0L0 5Z'/>"));
    assertThrows(InvalidValue.class, () -> svg("<path d='M0 0 Q nonsense'/>"));
    assertThrows(InvalidValue.class, () -> svg("<g>".repeat(200) + "</g>".repeat(200)));
  }

  @Test
  void tooManySegmentsAndCutOffFilesAreRefused() {
    StringBuilder tiny = new StringBuilder("M0 0");
    for (int i = 0; i < 100_000; i++) {
      tiny.append("l0.001 0.001");
    }
    InvalidValue many = assertThrows(InvalidValue.class, () -> svg("<path d='" + tiny + "Z'/>"));
    assertTrue(many.getMessage().contains("50,000"), many.getMessage());
    InvalidValue cut =
        assertThrows(
            InvalidValue.class, () -> DxfReader.read(lines("0 SECTION 2 ENTITIES 0 LINE 10 1")));
    assertTrue(cut.getMessage().contains("cut off"));
    assertThrows(InvalidValue.class, () -> dxf("0 LINE 10 NaN 20 0 11 5 21 5"));
    assertThrows(InvalidValue.class, () -> dxf("0 CIRCLE 10 1e300 20 0 40 5"));
    assertThrows(InvalidValue.class, () -> DxfReader.read("hello\nworld\n"));
  }

  @Test
  void blocksThatHoldThemselvesEnd() {
    String text =
        lines(
            "0 SECTION 2 BLOCKS 0 BLOCK 2 A 10 0 20 0 0 INSERT 2 A 10 1 20 1 0 ENDBLK 0 ENDSEC"
                + " 0 SECTION 2 ENTITIES 0 INSERT 2 A 10 0 20 0 70 100 71 100 0 ENDSEC 0 EOF");
    assertThrows(InvalidValue.class, () -> DxfReader.read(text));
  }

  @Test
  void repeatedBlocksAreCountedEachTime() {
    StringBuilder blocks = new StringBuilder("0 SECTION 2 BLOCKS");
    for (int i = 0; i < 7; i++) {
      blocks.append(" 0 BLOCK 2 B%d 10 0 20 0".formatted(i));
      blocks.append(i == 0 ? " 0 TEXT 1 x" : " 0 INSERT 2 B%d 70 100 71 100".formatted(i - 1));
      blocks.append(" 0 ENDBLK");
    }
    String text = blocks + " 0 ENDSEC 0 SECTION 2 ENTITIES 0 INSERT 2 B6 70 100 71 100 0 ENDSEC";
    InvalidValue refused =
        assertThrows(InvalidValue.class, () -> DxfReader.read(lines(text + " 0 EOF")));
    assertTrue(refused.getMessage().contains("200,000"), refused.getMessage());
  }

  /** An arc of 10^300 degrees is once round at most, and ends. */
  @Test
  void absurdAnglesEnd() {
    for (String angles : List.of("50 1e300 51 -1e300", "50 -1e300 51 1e300", "50 720 51 0")) {
      DxfReader.read(
          lines("0 SECTION 2 ENTITIES 0 ARC 10 0 20 0 40 5 " + angles + " 0 ENDSEC 0 EOF"));
    }
    DxfReader.read(
        lines(
            "0 SECTION 2 ENTITIES 0 ELLIPSE 10 0 20 0 11 9 21 0 40 0.5 41 0 42 1e300 0 ENDSEC 0 EOF"));
  }

  /** Small files that would keep a naive program busy for hours. */
  @Test
  void scribblesAndBristlesAreRefused() {
    java.util.Random random = new java.util.Random(1);
    StringBuilder scribble = new StringBuilder("<path d='M0 0");
    for (int i = 0; i < 45_000; i++) {
      scribble.append('L').append(random.nextInt(900)).append(' ').append(random.nextInt(900));
    }
    InvalidValue crossed = assertThrows(InvalidValue.class, () -> svg(scribble + "Z'/>"));
    assertTrue(crossed.getMessage().contains("5,000 places"), crossed.getMessage());
    StringBuilder bristle = new StringBuilder();
    for (int i = 0; i < 24_000; i++) {
      bristle
          .append("<line x1='5' y1='5' x2='")
          .append(6 + random.nextInt(900))
          .append("' y2='")
          .append(random.nextInt(900))
          .append("'/>");
    }
    InvalidValue ends = assertThrows(InvalidValue.class, () -> svg(bristle.toString()));
    assertTrue(ends.getMessage().contains("end in one place"), ends.getMessage());
  }
}
