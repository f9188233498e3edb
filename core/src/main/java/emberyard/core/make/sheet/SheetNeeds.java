package emberyard.core.make.sheet;

import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.make.part.MadePart;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Why;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Sheets that the parts of a build are cut from: those laid out, and the rest by its area. */
public final class SheetNeeds {
  private final Build build;
  private final WorkshopBook book;
  private final Map<String, Double> restMm2 = new LinkedHashMap<>();
  private final Map<String, List<String>> cutKeys = new LinkedHashMap<>();

  public SheetNeeds(Build build, WorkshopBook book) {
    this.build = build;
    this.book = book;
  }

  /** Counts the pieces of a part that are neither cut nor laid out. */
  public void add(MadePart part, String cutKey) {
    Panel panel = part.panel();
    int laid = CutPieces.laid(build, panel.id()) + CutPieces.done(build, panel.id());
    int rest = Math.max(0, panel.quantity() - laid);
    double area = part.model().widthMm() * part.model().heightMm() * rest;
    restMm2.merge(part.sheet().id(), area, Double::sum);
    cutKeys.computeIfAbsent(part.sheet().id(), id -> new ArrayList<>()).add(cutKey);
  }

  /** A need for every sheet that is wanted. */
  public List<Need> needs() {
    List<Need> needs = new ArrayList<>();
    for (String sheetId : cutKeys.keySet()) {
      Need need = need(book.sheet(sheetId).orElseThrow());
      if (need.quantity() > 0) {
        needs.add(need);
      }
    }
    return needs;
  }

  private Need need(SheetProduct sheet) {
    double areaMm2 = restMm2.get(sheet.id());
    double sheetMm2 = sheet.widthMm() * sheet.heightMm();
    double estimated = Math.ceil(areaMm2 / (sheetMm2 * MadePart.USABLE_SHARE) - 1e-9);
    long laid =
        build.layouts().stream()
            .filter(l -> l.sheetId().equals(sheet.id()) && l.offcutId() == null && !l.usedStock())
            .count();
    return new Need(
        "sheet:" + sheet.id(),
        sheet.name(),
        CostCategory.MADE_PART_MATERIAL,
        sheet.supplierId(),
        estimated + laid,
        0,
        "sheets",
        sheet.priceMinor(),
        book.leadDays(sheet.supplierId()),
        cutKeys.get(sheet.id()),
        Why.of(
            "sheets laid out + outline area of the rest ÷ (sheet × usable share), rounded up",
            "%d laid out".formatted(laid),
            "the rest %.0f mm²".formatted(areaMm2),
            "sheet %.0f × %.0f mm".formatted(sheet.widthMm(), sheet.heightMm()),
            "usable %.0f %% (default, until sheets are laid out)"
                .formatted(MadePart.USABLE_SHARE * 100)));
  }
}
