package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Slab;
import emberyard.core.glow.PartLight;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A replayed finish for screens.
 *
 * @param regions the field first, then by shapes
 * @param frames what both sides show after each step, one more than there are steps
 * @param worstDeltaE00 the largest difference from what is wanted, null where nothing is
 * @param looks what both sides show in the scenes of the build, none where nothing shines there
 */
public record LayerModel(
    List<RegionModel> regions,
    List<Frame> frames,
    @Nullable Double worstDeltaE00,
    List<SceneLook> looks) {
  public LayerModel {
    looks = List.copyOf(looks);
    regions = List.copyOf(regions);
    frames = List.copyOf(frames);
  }

  /**
   * One region from both sides.
   *
   * @param path SVG path data in mm, y upwards, even-odd; empty where only names were given
   * @param wantedHex null for none in particular
   * @param deltaE00 between wanted and seen by day from the viewing side, null without a wish
   * @param transmittance share of light that passes everything, luminance, 0 to 1
   * @param unevennessPercent how much that changes for half a coat more and less, of the layer that
   *     matters most
   * @param pile what lies there, from the front to the back, in words
   */
  public record RegionModel(
      String name,
      List<String> shapes,
      double areaMm2,
      String path,
      @Nullable String wantedHex,
      @Nullable Double deltaE00,
      Appearance front,
      Appearance back,
      double transmittance,
      double unevennessPercent,
      List<LayerSlice> pile) {}

  /** One layer of a region's section; the sheet has no step. */
  public record LayerSlice(@Nullable String stepId, String name, String hex, int coats) {}

  /**
   * Both sides after some steps.
   *
   * @param steps how many have been done
   * @param front colour by day of each region, in their order
   */
  public record Frame(int steps, List<String> front, List<String> back) {}

  /** Of what no light of a build shines on. */
  public static LayerModel of(LayerStack stack, List<Region> regions) {
    return of(stack, regions, List.of());
  }

  /**
   * Replays a stack over regions, once: what lies in the end is read off the last step.
   *
   * @param lights in which it is seen besides
   */
  public static LayerModel of(LayerStack stack, List<Region> regions, List<PartLight> lights) {
    List<Piles> piles = regions.stream().map(region -> new Piles()).toList();
    List<Frame> frames = frames(stack, regions, piles);
    List<RegionModel> models = new ArrayList<>();
    Double worst = null;
    for (int i = 0; i < regions.size(); i++) {
      RegionModel model = model(stack, regions.get(i), piles.get(i));
      models.add(model);
      Double off = model.deltaE00();
      worst = off == null || (worst != null && worst >= off) ? worst : off;
    }
    return new LayerModel(
        models,
        frames,
        worst,
        lights.stream().map(light -> SceneLook.of(stack, piles, light)).toList());
  }

  private static RegionModel model(LayerStack stack, Region region, Piles piles) {
    Set<String> shapes = region.shapes();
    Slab all = piles.slab(Side.FRONT, stack.sheet());
    String wanted = stack.wantedHex(shapes);
    Colour seen = piles.slab(stack.seenFrom(), stack.sheet()).on(stack.ground());
    return new RegionModel(
        stack.name(shapes),
        List.copyOf(shapes),
        region.areaMm2(),
        region.path(),
        wanted,
        wanted == null ? null : seen.deltaE00(Colour.hex(wanted)),
        Appearance.of(piles, stack.sheet(), Side.FRONT, stack.ground(), stack.light()),
        Appearance.of(piles, stack.sheet(), Side.BACK, stack.ground(), stack.light()),
        Math.min(1, all.through().luminance()),
        100 * Evenness.of(piles, stack.sheet(), all.through().luminance()),
        slices(stack, piles));
  }

  private static List<LayerSlice> slices(LayerStack stack, Piles piles) {
    List<LayerSlice> slices = new ArrayList<>();
    List<Piles.Deposit> front = piles.on(Side.FRONT);
    for (int i = front.size() - 1; i >= 0; i--) {
      slices.add(slice(front.get(i)));
    }
    if (piles.frosted(Side.FRONT)) {
      slices.add(new LayerSlice(null, "engraved", "#E8EEEC", 0));
    }
    slices.add(new LayerSlice(null, "sheet", stack.sheet().colour().hex(), 0));
    if (piles.frosted(Side.BACK)) {
      slices.add(new LayerSlice(null, "engraved", "#E8EEEC", 0));
    }
    piles.on(Side.BACK).forEach(deposit -> slices.add(slice(deposit)));
    return slices;
  }

  private static LayerSlice slice(Piles.Deposit deposit) {
    return new LayerSlice(
        deposit.stepId(),
        deposit.coating().name(),
        deposit.coating().coats(deposit.coats()).on(Colour.WHITE).hex(),
        deposit.coats());
  }

  private static List<Frame> frames(LayerStack stack, List<Region> regions, List<Piles> piles) {
    List<String> front = new ArrayList<>();
    List<String> back = new ArrayList<>();
    String bareFront = shown(stack, new Piles(), Side.FRONT);
    String bareBack = shown(stack, new Piles(), Side.BACK);
    for (int i = 0; i < regions.size(); i++) {
      front.add(bareFront);
      back.add(bareBack);
    }
    List<Frame> frames = new ArrayList<>();
    frames.add(new Frame(0, List.copyOf(front), List.copyOf(back)));
    LayerMasks masks = new LayerMasks();
    int done = 0;
    for (LayerStep step : stack.steps()) {
      LayerMasks.Move move = masks.next(step);
      Piles.Deposit laid = Piles.laid(step, stack.coatings());
      Map<Piles.Likeness, String[]> known = new HashMap<>();
      for (int i = 0; i < piles.size(); i++) {
        if (!touches(move, regions.get(i).shapes())) {
          continue;
        }
        Piles pile = piles.get(i);
        pile.take(move, regions.get(i).shapes(), laid);
        // regions with the same layers look the same
        String[] seen =
            known.computeIfAbsent(
                pile.likeness(),
                same ->
                    new String[] {shown(stack, pile, Side.FRONT), shown(stack, pile, Side.BACK)});
        front.set(i, seen[0]);
        back.set(i, seen[1]);
      }
      frames.add(new Frame(++done, List.copyOf(front), List.copyOf(back)));
    }
    return frames;
  }

  private static boolean touches(LayerMasks.Move move, Set<String> region) {
    return !move.peels().isEmpty() || move.reaches(region);
  }

  private static String shown(LayerStack stack, Piles piles, Side from) {
    return piles.slab(from, stack.sheet()).on(stack.ground()).hex();
  }
}
