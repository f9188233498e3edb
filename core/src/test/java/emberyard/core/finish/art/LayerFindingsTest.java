package emberyard.core.finish.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.ArtShape;
import emberyard.core.build.CutFigure;
import emberyard.core.build.LayerOp;
import emberyard.core.build.LayerStep;
import emberyard.core.build.Scheme;
import emberyard.core.build.Side;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Severity;
import emberyard.core.finish.FinishSamples;
import emberyard.core.finish.coat.PaintTarget;
import emberyard.core.finish.coat.SchemePlan;
import emberyard.core.finish.coat.Substrate;
import emberyard.core.finish.layer.SheetOptic;
import emberyard.core.geometry.Contour;
import emberyard.core.geometry.Outline;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Judgements of a replayed finish, each with the way out that it offers. */
class LayerFindingsTest {
  private static final Outline RING =
      new Outline(List.of(Contour.circle(100, 100, 80)), List.of(Contour.circle(100, 100, 40)));

  private static List<Finding> judged(Outline shape, String wanted, LayerStep... steps) {
    return LayerFindings.of(plan(shape, wanted, steps));
  }

  private static SchemePlan plan(Outline shape, String wanted, LayerStep... steps) {
    ArtShape art = ArtShape.of("s", "Ring", CutFigure.hole(80), 100, 100, wanted);
    Scheme scheme =
        FinishSamples.layers("a", steps)
            .drawn(List.of(art), Side.FRONT, wanted == null ? null : "#2E4A45");
    PaintTarget painted =
        new PaintTarget(
            scheme,
            "Window",
            0.12,
            1_400,
            3,
            1,
            Substrate.ACRYLIC,
            SheetOptic.of(Samples.sheet(0)),
            Outline.of(Contour.rectangle(0, 0, 400, 300, 0)),
            Map.of("s", shape),
            Map.of(),
            "");
    return SchemePlan.of(painted, FinishSamples.book());
  }

  private static LayerStep on(String id, LayerOp op) {
    return LayerStep.on(id, Side.FRONT, op, List.of("s"));
  }

  private static LayerStep coats(String id, String paint) {
    return LayerStep.coats(id, Side.FRONT, LayerOp.PAINT, paint, 3);
  }

  private static Optional<Finding> named(List<Finding> findings, String rule) {
    return findings.stream().filter(f -> f.key().contains("/" + rule)).findFirst();
  }

  @Test
  void filmUnderTheLaserIsRefusedAndNobodyCanAcceptIt() {
    List<Finding> findings =
        judged(RING, null, on("mask", LayerOp.STENCIL), on("burn", LayerOp.ENGRAVE));
    Finding burnt = named(findings, "burnt").orElseThrow();
    assertTrue(burnt.refusal());
    assertEquals(Severity.STOP, burnt.severity());
    List<Finding> peeled =
        judged(
            RING,
            null,
            on("mask", LayerOp.STENCIL),
            on("off", LayerOp.PEEL),
            on("burn", LayerOp.ENGRAVE));
    assertTrue(named(peeled, "burnt").isEmpty());
  }

  @Test
  void aStencilThatIsLeftIsPeeledByItsRemedy() {
    LayerStep[] steps = {coats("one", "white"), on("mask", LayerOp.STENCIL), coats("two", "green")};
    Finding left = named(judged(RING, null, steps), "left").orElseThrow();
    List<? extends Record> mended = left.remedies().get(0).change().items();
    assertEquals(4, mended.size());
    LayerStep[] after = mended.toArray(LayerStep[]::new);
    assertTrue(named(judged(RING, null, after), "left").isEmpty());
  }

  @Test
  void paintOverThePatternAfterThePeelIsCalledThat() {
    Finding gone =
        named(
                judged(
                    RING,
                    null,
                    coats("one", "white"),
                    on("mask", LayerOp.STENCIL),
                    coats("two", "green"),
                    on("off", LayerOp.PEEL),
                    coats("three", "enamel")),
                "order")
            .orElseThrow();
    assertEquals("Painted over after the peel: the pattern is gone", gone.title());
  }

  @Test
  void aWrongOrderIsMendedByMovingOneStep() {
    SchemePlan wrong =
        plan(
            RING,
            "#F2F2EF",
            coats("green", "green"),
            on("mask", LayerOp.STENCIL),
            LayerStep.coats("white", Side.FRONT, LayerOp.PAINT, "white", 6),
            on("off", LayerOp.PEEL));
    Finding order = named(LayerFindings.of(wrong), "order").orElseThrow();
    assertTrue(order.detail().contains("ΔE00"), order.detail());
    List<? extends Record> moved = order.remedies().get(0).change().items();
    SchemePlan right = plan(RING, "#F2F2EF", moved.toArray(LayerStep[]::new));
    assertTrue(right.layers().worstDeltaE00() < LayerFindings.OTHER_COLOUR);
    assertTrue(named(LayerFindings.of(right), "order").isEmpty());
  }

  @Test
  void islandsOfANegativeStencilGetBridgesThatLeaveNone() {
    LayerStep around = on("mask", LayerOp.STENCIL).on(List.of("s"), true, List.of());
    Finding islands =
        named(judged(RING, null, around, coats("c", "green"), on("off", LayerOp.PEEL)), "islands")
            .orElseThrow();
    ArtShape bridged = (ArtShape) islands.remedies().get(0).change().items().get(0);
    assertEquals("s", bridged.id());
    assertTrue(bridged.figure().path().startsWith("M"));
    List<Finding> positive =
        judged(
            RING, null, on("mask", LayerOp.STENCIL), coats("c", "green"), on("off", LayerOp.PEEL));
    assertFalse(named(positive, "islands").isPresent(), "a film ring has no islands");
  }

  @Test
  void strokesThatTearAreRingedOnTheArt() {
    Outline hair = Outline.of(Contour.rectangle(50, 50, 120, 0.4, 0));
    Finding thin = named(judged(hair, null, on("mask", LayerOp.STENCIL)), "thin").orElseThrow();
    assertTrue(thin.title().contains("0.4"), thin.title());
    assertTrue(thin.place().xMm() > 50 && thin.place().xMm() < 170);
  }

  @Test
  void onePaleCoatLooksUnevenWithLightBehind() {
    List<Finding> findings =
        judged(
            RING,
            null,
            LayerStep.coats("thin", Side.BACK, LayerOp.PAINT, "white", 1),
            on("mask", LayerOp.STENCIL),
            on("off", LayerOp.PEEL));
    assertTrue(named(findings, "uneven").isPresent());
  }
}
