package emberyard.core.finish.layer;

import emberyard.core.build.LayerStep;
import emberyard.core.build.Side;
import emberyard.core.colour.Colour;
import emberyard.core.finish.optic.Slab;
import emberyard.core.geometry.SvgPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A replayed finish for screens.
 *
 * @param regions the field first, then by shapes
 * @param frames what both sides show after each step, one more than there are steps
 * @param worstDeltaE00 the largest difference from what is wanted, null where nothing is
 */
public record LayerPicture(
    List<RegionPicture> regions, List<Frame> frames, @Nullable Double worstDeltaE00) {
  public LayerPicture {
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
  public record RegionPicture(
      String name,
      List<String> shapes,
      double areaMm2,
      String path,
      @Nullable String wantedHex,
      @Nullable Double deltaE00,
      Seen front,
      Seen back,
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

  /** Replays a stack over regions. */
  public static LayerPicture of(LayerStack stack, List<Region> regions) {
    List<RegionPicture> pictures = new ArrayList<>();
    for (Region region : regions) {
      pictures.add(picture(stack, region));
    }
    boolean wished = pictures.stream().anyMatch(p -> p.deltaE00() != null);
    return new LayerPicture(pictures, frames(stack, regions), wished ? stack.worst(regions) : null);
  }

  private static RegionPicture picture(LayerStack stack, Region region) {
    Set<String> shapes = region.shapes();
    Piles piles = stack.piles(shapes);
    Slab all = piles.slab(Side.FRONT, stack.sheet());
    return new RegionPicture(
        stack.name(shapes),
        List.copyOf(shapes),
        region.outline().areaMm2(),
        SvgPath.of(region.outline().contours()),
        stack.wantedHex(shapes),
        stack.off(shapes),
        Seen.of(piles, stack.sheet(), Side.FRONT, stack.ground(), stack.light()),
        Seen.of(piles, stack.sheet(), Side.BACK, stack.ground(), stack.light()),
        all.through().luminance(),
        100 * Evenness.of(piles, stack.sheet()),
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

  private static List<Frame> frames(LayerStack stack, List<Region> regions) {
    List<Piles> piles = new ArrayList<>();
    List<String> front = new ArrayList<>();
    List<String> back = new ArrayList<>();
    for (Region region : regions) {
      Piles bare = new Piles();
      piles.add(bare);
      front.add(shown(stack, bare, Side.FRONT));
      back.add(shown(stack, bare, Side.BACK));
    }
    List<Frame> frames = new ArrayList<>();
    frames.add(new Frame(0, List.copyOf(front), List.copyOf(back)));
    LayerMasks masks = new LayerMasks();
    int done = 0;
    for (LayerStep step : stack.steps()) {
      LayerMasks.Move move = masks.next(step);
      for (int i = 0; i < piles.size(); i++) {
        if (!touches(move, regions.get(i).shapes())) {
          continue;
        }
        piles.get(i).take(move, regions.get(i).shapes(), stack.coatings());
        front.set(i, shown(stack, piles.get(i), Side.FRONT));
        back.set(i, shown(stack, piles.get(i), Side.BACK));
      }
      frames.add(new Frame(++done, List.copyOf(front), List.copyOf(back)));
    }
    return frames;
  }

  private static boolean touches(LayerMasks.Move move, Set<String> region) {
    return !move.peels().isEmpty() || move.step().reaches(region);
  }

  private static String shown(LayerStack stack, Piles piles, Side from) {
    return piles.slab(from, stack.sheet()).on(stack.ground()).hex();
  }
}
