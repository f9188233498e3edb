package emberyard.core.make.part;

import emberyard.core.build.Build;
import emberyard.core.build.CutMethod;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.make.drafting.Drafting;
import emberyard.core.make.drawn.DrawnPart;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The flat parts of a build, drawn with the joints they share. */
public final class Parts {
  private final Map<String, MadePart.Result> worked = new LinkedHashMap<>();

  private Parts() {}

  /** Parts whose sheet is known. */
  public static Parts of(Build build, WorkshopBook book) {
    Parts parts = new Parts();
    Map<String, Double> thickness = new HashMap<>();
    for (Panel panel : build.panels()) {
      book.sheet(panel.sheetId())
          .ifPresent(sheet -> thickness.put(panel.id(), sheet.realThicknessMm()));
    }
    for (Panel panel : build.panels()) {
      SheetProduct sheet = book.sheet(panel.sheetId()).orElse(null);
      if (sheet != null) {
        parts.worked.put(
            panel.id(),
            MadePart.worked(
                panel,
                sheet,
                Drafting.cuts(panel, build.joints(), thickness),
                machine(panel.cutMethod(), book)));
      }
    }
    return parts;
  }

  /** What cuts by this way, null for hand work and outside. */
  public static @Nullable Machine machine(CutMethod method, WorkshopBook book) {
    return switch (method) {
      case LASER -> book.machine(Machine.Kind.LASER).orElse(null);
      case ROUTER -> book.machine(Machine.Kind.ROUTER).orElse(null);
      case BLADE -> book.machine(Machine.Kind.BLADE).orElse(null);
      default -> null;
    };
  }

  public List<MadePart> made() {
    return worked.values().stream().map(MadePart.Result::made).toList();
  }

  public Optional<MadePart> made(String panelId) {
    return Optional.ofNullable(worked.get(panelId)).map(MadePart.Result::made);
  }

  /** Its outline, none where its numbers contradict each other. */
  public Optional<DrawnPart> drawn(String panelId) {
    return Optional.ofNullable(worked.get(panelId)).map(MadePart.Result::drawn);
  }

  public List<Finding> findings(String panelId) {
    MadePart.Result part = worked.get(panelId);
    return part == null ? List.of() : part.findings();
  }
}
