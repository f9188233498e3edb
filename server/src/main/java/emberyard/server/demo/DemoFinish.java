package emberyard.server.demo;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.FinishHabits;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.PaintFault;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.build.Surface;
import emberyard.core.build.Treatment;
import emberyard.core.geometry.Lettering;
import emberyard.core.workshop.AirDay;
import emberyard.core.workshop.PaintProduct;
import emberyard.core.workshop.TestCard;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Finishes of the demo: a chart in the wrong order, a primer question, a failed card, a run. */
final class DemoFinish {
  private static final String CREAM = "#EDE3C4";
  private static final String GREEN = "#2E4A45";

  private DemoFinish() {}

  /** Chart lines behind the left window: cream went on first, so the front shows nothing else. */
  static Scheme chartWindow(String build) {
    List<ArtShape> shapes =
        List.of(
            new ArtShape(
                "depths",
                "Depth lines",
                null,
                CutFigure.path(depthLines()),
                0.0,
                0.0,
                0.0,
                1.8,
                CREAM),
            ArtShape.of(
                "sound",
                "HARROW SOUND",
                CutFigure.text("HARROW SOUND", 11, Lettering.Face.SANS),
                322,
                330,
                CREAM),
            new ArtShape(
                "shore", "Shore", null, CutFigure.path(shore()), 0.0, 0.0, 0.0, null, CREAM));
    List<String> lines = List.of("depths", "sound", "shore");
    List<LayerStep> wrongOrder =
        List.of(
            LayerStep.coats("cream", Side.BACK, LayerOp.PAINT, "cream", 4),
            LayerStep.on("chart", Side.BACK, LayerOp.STENCIL, lines),
            LayerStep.coats("green", Side.BACK, LayerOp.PAINT, "harbour-green", 3),
            LayerStep.on("peel", Side.BACK, LayerOp.PEEL, List.of()).peeling(List.of("chart")));
    return new Scheme(
        build + "-left-paint",
        "Chart behind the glass",
        build + "-left",
        null,
        GREEN,
        Surface.BARE,
        FinishHabits.USUAL,
        Side.FRONT,
        wrongOrder,
        shapes,
        null);
  }

  private static String depthLines() {
    StringBuilder path = new StringBuilder();
    for (int line = 0; line < 4; line++) {
      for (int i = 0; i <= 40; i++) {
        double x = 22 + i * 7.2;
        double y = 20 + line * 20 + (9 - line) * Math.sin(i * 0.33 + line * 0.8) * 0.9;
        path.append(i == 0 ? 'M' : 'L').append(number(x)).append(' ').append(number(y));
      }
    }
    return path.toString();
  }

  private static String shore() {
    StringBuilder path = new StringBuilder("M398 110");
    for (int i = 0; i <= 18; i++) {
      double y = 110 + i * 10;
      double x = 352 + 16 * Math.cos(i * 0.7) + 5 * Math.sin(i * 1.9);
      path.append('L').append(number(x)).append(' ').append(number(y));
    }
    return path.append("L398 290Z").toString();
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.2f", value);
  }

  /** Brass on bare ply, where the habit is to prime always. */
  static Scheme brassTrim(String build) {
    FinishHabits primes =
        new FinishHabits(
            FinishHabits.Priming.ALWAYS,
            FinishHabits.Sanding.FAULTS,
            FinishHabits.Mounting.CURE,
            FinishHabits.Peeling.SOFT);
    return new Scheme(
            build + "-trim-paint",
            "Brass trim",
            build + "-trim",
            false,
            null,
            new Scheme.Coats("brass", 2),
            new Scheme.Coats("clear-matt", 1))
        .by(primes)
        .towards("#B08B3E", Surface.BARE);
  }

  /** Pilot-house grey on the printed bollard, planned before the card was read. */
  static Scheme pilotHouseGrey(String build) {
    return new Scheme(
            build + "-grey-paint",
            "Pilot-house grey",
            build + "-bollard",
            false,
            null,
            new Scheme.Coats("fog-grey", 3),
            null)
        .towards("#B7BEBC", Surface.BARE);
  }

  /** The card of that grey: six coats over black, and a colour that is not the can's. */
  static TestCard failedCard(LocalDate today) {
    return new TestCard(
        "card-fog-grey", "fog-grey", today.minusDays(2), 6, 1.5, "#A6B0B2", "Bram Okoye");
  }

  /** Harbour green left over from a build before. */
  static PaintProduct opened(PaintProduct paint, LocalDate today) {
    return paint.id().equals("harbour-green") ? paint.opened(35, today.minusDays(41)) : paint;
  }

  /** A damp week that clears on the third day. */
  static List<AirDay> forecast(LocalDate today) {
    double[][] days = {{14, 72}, {13, 84}, {17, 61}, {16, 64}, {15, 70}, {15, 74}, {16, 66}};
    List<AirDay> airs = new ArrayList<>();
    for (int i = 0; i < days.length; i++) {
      airs.add(new AirDay("", today.plusDays(i), days[i][0], days[i][1], AirDay.Source.FILE));
    }
    return airs;
  }

  /** Titles on the spines of the archive, cut from film. */
  static List<Treatment> spines(String build) {
    String[] titles = {"MOSS", "FERN", "LICHEN", "SPORE"};
    List<Treatment> spines = new ArrayList<>();
    for (int i = 0; i < titles.length; i++) {
      spines.add(
          new Treatment(
              build + "-spine-" + (i + 1),
              "Spine “" + titles[i] + "”",
              Treatment.Kind.DECAL,
              build + "-side",
              null,
              i % 2 == 0 ? "film-cream" : "film-black",
              CutFigure.text(titles[i], 16, Lettering.Face.SERIF),
              120.0,
              90.0 + i * 34,
              1,
              null,
              false,
              Treatment.Laying.DRY,
              null));
    }
    spines.add(
        new Treatment(
            build + "-damp",
            "Damp edge",
            Treatment.Kind.WEATHERING,
            build + "-side",
            null,
            "fern",
            CutFigure.rectangle(120, 40),
            120.0,
            34.0,
            1,
            null,
            false,
            null,
            null));
    return spines;
  }

  /** A run in the clear of the birch side, found this morning. */
  static PaintFault run(String build, Instant found) {
    return new PaintFault(
        build + "-run",
        build + "-side-paint",
        "scheme:" + build + "-side-paint/clear/1",
        PaintFault.Kind.RUN,
        PaintFault.Repair.FLAT,
        found,
        "Bram Okoye",
        "Lower left corner, as long as a thumb");
  }

  /** A printed map that came too small. */
  static OutsideFinish printedMap(String build) {
    return new OutsideFinish(
        build + "-map-print",
        "Line map, printed on the roof",
        OutsideFinish.Process.UV_PRINT,
        build + "-roof",
        "quayside",
        6_400,
        6,
        1_200,
        300.0,
        1.0,
        false);
  }
}
