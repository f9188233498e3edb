package emberyard.core.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.ComponentKind;
import emberyard.core.build.Concept;
import emberyard.core.build.ConceptOption;
import emberyard.core.build.Counting;
import emberyard.core.build.Design;
import emberyard.core.build.FaceItem;
import emberyard.core.build.Frozen;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Limit;
import emberyard.core.build.Look;
import emberyard.core.build.Measure;
import emberyard.core.build.Panel;
import emberyard.core.build.Requirement;
import emberyard.core.build.Scheme;
import emberyard.core.build.Source;
import emberyard.core.concept.DesignDifference;
import emberyard.core.concept.Detail;
import java.util.List;
import org.junit.jupiter.api.Test;

class OptionsTest {
  private static final Look LOOK = new Look(List.of("fog"), Drawings.palette(), Drawings.SIZE);

  private static Design design(List<Panel> panels, List<Scheme> schemes) {
    Design full = Samples.build().design();
    return full.looking(LOOK, List.of()).with(Panel.class, panels).with(Scheme.class, schemes);
  }

  private static Build on(Design design, List<ConceptOption> options, Frozen frozen) {
    Build plain = Samples.build();
    Concept concept = new Concept("b1", design.look(), frozen, "A", "First");
    return Build.begun(plain.brief(), concept)
        .with(design)
        .with(
            Requirement.class,
            List.of(
                Requirement.limited(
                    "r",
                    "low",
                    Requirement.Priority.MUST,
                    Limit.of(Measure.HEIGHT_MM, emberyard.core.build.Comparison.AT_MOST, 90))))
        .with(ConceptOption.class, options);
  }

  private static YardPlan plan(Build build) {
    return YardPlan.of(List.of(build), Samples.book(), Samples.MONDAY_NINE);
  }

  private static List<OptionModel> models(Build build) {
    return OptionModel.of(build, plan(build), Samples.book());
  }

  @Test
  void whatAThingIsInTheLibraryIsNoChangeForAClient() {
    Component agreed = priced("c", 6_000);
    Component joined = agreed.withProductId("shale").withOwnFields(List.of("priceMinor"));
    Design before = Design.of(LOOK, List.of(agreed));
    assertEquals(
        List.of(), DesignDifference.between(before, Design.of(LOOK, List.of(joined)), "EUR"));
    assertEquals(
        List.of("Component “c”: mass 0.1 → 0.3 kg"),
        DesignDifference.between(before, Design.of(LOOK, List.of(joined.withMassKg(0.3))), "EUR"));
  }

  @Test
  void optionsAreDerivedEachAsIfItWereTheOne() {
    Design full = design(List.of(Samples.panel()), List.of(Samples.scheme()));
    Design bare = design(List.of(), List.of());
    Build build = on(full, List.of(new ConceptOption("o", "B", "Bare", bare)), null);
    List<OptionModel> options = models(build);
    assertEquals(List.of("A", "B"), options.stream().map(OptionModel::letter).toList());
    OptionModel first = options.get(0);
    OptionModel second = options.get(1);
    assertTrue(first.onTheTable());
    assertTrue(first.offer().likelyMinor() > second.offer().likelyMinor());
    assertTrue(first.minutes().likely() > second.minutes().likely());
    assertEquals(
        Samples.model(build).budget().quoteMinor(),
        first.offer().likelyMinor(),
        "the option on the table is the build");
    assertEquals(List.of("low"), first.openMusts());
    assertEquals(List.of(), first.differences());
    assertEquals(
        List.of("Part “Left window” taken out", "Finish “Green back” taken out"),
        second.differences());
  }

  @Test
  void rangesAreAsWideAsTheDesignIsRough() {
    Build rough = on(design(List.of(), List.of()), List.of(), null);
    OptionModel option = models(rough).get(0);
    assertEquals(Detail.ROUGH, option.detail());
    assertEquals(Math.round(option.offer().likelyMinor() * 0.6), option.offer().lowMinor());
    assertEquals(Math.round(option.offer().likelyMinor() * 1.4), option.offer().highMinor());
    assertEquals(Math.round(option.minutes().likely() * 1.4), option.minutes().high());
  }

  @Test
  void detailIsReadOffTheDesign() {
    Panel acrylic = Samples.panel();
    Build detailed = on(design(List.of(acrylic), List.of()), List.of(), null);
    assertEquals(Detail.DETAILED, Detail.of(detailed, Samples.book()), "acrylic comes finished");
    Component unpriced = priced("c9", 0);
    Design design = detailed.design();
    Design withoutPrice = Design.of(LOOK, List.of(unpriced)).with(Panel.class, design.panels());
    assertEquals(Detail.SIZED, Detail.of(on(withoutPrice, List.of(), null), Samples.book()));
    Design sizeless =
        Design.of(Look.open())
            .with(Component.class, design.components())
            .with(Panel.class, design.panels());
    assertEquals(Detail.ROUGH, Detail.of(on(sizeless, List.of(), null), Samples.book()));
  }

  private static Component priced(String id, long priceMinor) {
    return component(id, priceMinor, Source.BUY, Counting.AGREED, null, 1);
  }

  private static Component component(
      String id, long priceMinor, Source source, Counting counting, Long agreedMinor, int pieces) {
    return Component.one(id, id, ComponentKind.DRIVE)
        .quantity(pieces)
        .source(source)
        .priceMinor(priceMinor)
        .supplierId("quay")
        .massKg(0.1)
        .peakWatts(1)
        .storageGb(1_000.0)
        .counting(counting)
        .agreedMinor(agreedMinor)
        .build();
  }

  @Test
  void whatIsThereAlreadyCountsForNothingForWhatWasAgreedOrAtMarketPrice() {
    assertEquals(0, component("d", 6_000, Source.CLIENT, Counting.ZERO, 2_500L, 2).countedMinor());
    assertEquals(
        5_000, component("d", 6_000, Source.CLIENT, Counting.AGREED, 2_500L, 2).countedMinor());
    assertEquals(
        12_000, component("d", 6_000, Source.CLIENT, Counting.MARKET, 2_500L, 2).countedMinor());
    assertEquals(
        12_000,
        component("d", 6_000, Source.CLIENT, Counting.AGREED, null, 2).countedMinor(),
        "nothing agreed: its price");
  }

  @Test
  void aChangeIsPricedAgainstWhatWasFrozenByTheSameRules() {
    Design agreed = design(List.of(Samples.panel()), List.of());
    Frozen frozen =
        new Frozen("Ines", Samples.MONDAY_NINE, 300_000, Samples.MONDAY, agreed, List.of());
    assertNull(change(on(agreed, List.of(), frozen)), "nothing differs");
    assertNull(change(on(agreed, List.of(), null)), "nothing is frozen");
    Design painted = design(List.of(Samples.panel()), List.of(Samples.scheme()));
    PendingChange change = change(on(painted, List.of(), frozen));
    assertEquals(List.of("Finish “Green back” added"), change.differences());
    assertTrue(change.deltaMinor() > 0);
    assertEquals(300_000 + change.deltaMinor(), change.newPriceMinor());
    assertTrue(change.minutesDelta() > 0);
    assertTrue(change.daysDelta() >= 0);
    PendingChange back =
        change(
            on(
                agreed,
                List.of(),
                new Frozen(
                    "Ines", Samples.MONDAY_NINE, 300_000, Samples.MONDAY, painted, List.of())));
    assertEquals(-change.deltaMinor(), back.deltaMinor(), "the way back costs as much less");
    assertEquals(-change.minutesDelta(), back.minutesDelta());
  }

  private static PendingChange change(Build build) {
    return PendingChange.of(build, plan(build), Samples.book(), true);
  }

  @Test
  void amountsCanStayUnsaid() {
    Design before = Design.of(LOOK, List.of(priced("c", 1_000)));
    Design after = Design.of(LOOK, List.of(priced("c", 2_000)));
    assertEquals(
        List.of("Component “c”: price changed"), DesignDifference.between(before, after, ""));
    assertTrue(
        DesignDifference.between(before, after, "EUR").get(0).contains("10.00"),
        DesignDifference.between(before, after, "EUR").toString());
  }

  @Test
  void equalDesignsDoNotDifferAndEveryFieldThatDiffersIsSaid() {
    Design design = design(List.of(Samples.panel()), List.of(Samples.scheme()));
    assertEquals(List.of(), DesignDifference.between(design, design, "EUR"));
    Panel of = Samples.panel();
    Panel wider =
        new Panel(
            of.id(),
            of.name(),
            of.face(),
            of.sheetId(),
            420,
            of.heightMm(),
            2,
            of.window(),
            of.holes(),
            of.cutMethod(),
            0,
            null,
            null);
    assertEquals(
        List.of("Part “Left window”: width 412 → 420 mm, quantity 1 → 2"),
        DesignDifference.between(design, design(List.of(wider), List.of(Samples.scheme())), "EUR"));
  }

  @Test
  void aBuildThatOnlyLooksDifferentIsTheSameAsDerivedAnew() {
    Design design = design(List.of(Samples.panel()), List.of(Samples.scheme()));
    Build build = on(design, List.of(), null);
    YardPlan plan = plan(build);
    FaceItem badge = Drawings.item("badge", ItemKind.BADGE, 190, 0, 30, 30);
    Look other = new Look(LOOK.themeWords(), LOOK.palette().subList(0, 2), LOOK.size());
    for (Design as :
        List.of(
            design,
            design.looking(LOOK, List.of(badge)),
            design.looking(other, List.of(badge)),
            design.looking(Look.open(), List.of()),
            design(List.of(), List.of()))) {
      Build changed = build.with(as);
      assertEquals(plan(changed).model().builds().get(changed.id()), plan.whatIf(changed));
    }
  }
}
