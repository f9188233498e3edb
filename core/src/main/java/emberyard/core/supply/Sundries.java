package emberyard.core.supply;

import emberyard.core.units.Figures;
import emberyard.core.work.Need;
import emberyard.core.work.PackUnit;
import emberyard.core.work.Why;
import emberyard.core.workshop.Sundry;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Small things by the pack: what the drawers say of them. */
public final class Sundries {
  private Sundries() {}

  /**
   * The same needs, those for which there is a drawer in packs, at what a pack cost, from where it
   * was bought.
   *
   * <p>Example: 22 inserts, 50 in a pack at 4.20: 0.44 packs; with none on the shelf one pack is
   * bought, 4.20; with 22 on the shelf none, and 1.85 is what they are worth.
   */
  public static List<Need> priced(List<Need> needs, WorkshopBook book) {
    Map<String, Sundry> drawers = new HashMap<>();
    book.sundries().forEach(each -> drawers.put(each.needKey(), each));
    List<Need> priced = new ArrayList<>();
    for (Need need : needs) {
      Sundry drawer = drawers.get(Sundry.keyOf(need.key()));
      priced.add(drawer == null ? need : priced(need, drawer, book));
    }
    return priced;
  }

  private static Need priced(Need need, Sundry drawer, WorkshopBook book) {
    double pack = drawer.packQuantity();
    List<String> inputs = new ArrayList<>(need.why().inputs());
    inputs.removeIf(each -> each.contains("no price"));
    inputs.add("%s %s in all".formatted(Figures.plain(need.quantity()), need.unit()));
    inputs.add("%s a pack".formatted(Figures.plain(pack)));
    return need.with(
        each ->
            each.supplierId(drawer.supplierId())
                .quantity(need.quantity() / pack)
                .unit(PackUnit.of(pack, need.unit()))
                .unitPriceMinor(drawer.packPriceMinor())
                .leadDays(
                    drawer.supplierId().isEmpty()
                        ? need.leadDays()
                        : book.leadDays(drawer.supplierId()))
                .wholePacks(true)
                .why(new Why(need.why().formula() + ", ÷ what is in a pack", inputs)));
  }
}
