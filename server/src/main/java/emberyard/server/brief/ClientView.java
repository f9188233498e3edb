package emberyard.server.brief;

import emberyard.core.brief.ClientVeil;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Frozen;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Secrecy;
import emberyard.core.concept.Detail;
import emberyard.core.elevation.Elevation;
import emberyard.core.units.FigureKey;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.Fuse;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A build as its client may see it: what {@link ClientVeil} hides is null, everywhere and for
 * everything that leaves the house.
 *
 * @param onTime in words, always said
 * @param priceMinor what was frozen, or the quote; tax included
 * @param spread half width of price and hours, as a share; 0 once frozen
 */
@FigureKey("build/{buildId}")
public record ClientView(
    @Nullable Secrecy secrecy,
    String onTime,
    @Nullable String name,
    @Nullable String themeLine,
    @Nullable List<String> themeWords,
    @Nullable List<PaletteColour> palette,
    @Nullable List<Elevation> faces,
    @Nullable List<String> requirements,
    @Nullable LocalDate readyOn,
    @FigureKey("build/{buildId}/{priceOf}") @Nullable Long priceMinor,
    double spread,
    @Nullable List<String> specification,
    @Nullable Long minutes) {

  /**
   * Hides what the agreed secrecy hides.
   *
   * @param chosen whether this is the option that was frozen, if any was: only it has the agreed
   *     price and day
   */
  public static ClientView of(BuildModel model, WorkshopBook book, boolean chosen) {
    Build build = model.build();
    Frozen frozen = chosen ? build.concept().frozen() : null;
    return new ClientView(
        build.brief().secrecy(),
        onTime(model.fuse().verdict()),
        shown(model, ClientVeil.THEME, build.brief().name()),
        shown(model, ClientVeil.THEME, build.brief().themeLine()),
        shown(model, ClientVeil.THEME, build.concept().look().themeWords()),
        shown(model, ClientVeil.PICTURES, build.concept().look().palette()),
        shown(model, ClientVeil.PICTURES, model.faces()),
        shown(model, ClientVeil.REQUIREMENTS, requirements(model)),
        shown(model, ClientVeil.READY_DAY, ready(model, frozen)),
        shown(model, ClientVeil.PRICE, price(model, frozen)),
        frozen != null ? 0 : Detail.of(build, book).spread(),
        shown(model, ClientVeil.SPECIFICATION, specification(build)),
        shown(model, ClientVeil.HOURS, minutes(model)));
  }

  /** Which price it is, see {@link FigureKey}: the quote has a spread. */
  String priceOf() {
    return spread == 0 ? "agreed" : "quote";
  }

  private static <T> @Nullable T shown(BuildModel model, ClientVeil what, @Nullable T value) {
    return what.shownAt(model.build().brief().secrecy()) ? value : null;
  }

  private static String onTime(Fuse.Verdict verdict) {
    return switch (verdict) {
      case ENQUIRY -> "Not planned yet.";
      case UNDATED -> "It is planned; we still have to agree on the day.";
      case ON_TIME, TIGHT -> "We are on time.";
      case LATE -> "We are late and will call you.";
      case REVEALED -> "Handed over.";
    };
  }

  private static List<String> requirements(BuildModel model) {
    return model.coverage().stream()
        .filter(state -> !state.derived())
        .map(state -> state.requirement().text())
        .toList();
  }

  private static @Nullable LocalDate ready(BuildModel model, @Nullable Frozen frozen) {
    return frozen == null ? model.fuse().finish() : frozen.finishOn();
  }

  private static long price(BuildModel model, @Nullable Frozen frozen) {
    return frozen == null ? model.budget().quoteMinor() : frozen.priceMinor();
  }

  private static List<String> specification(Build build) {
    return build.components().stream().map(ClientView::line).toList();
  }

  private static String line(Component component) {
    return (component.quantity() > 1 ? component.quantity() + " × " : "") + component.name();
  }

  private static long minutes(BuildModel model) {
    return model.tasks().stream().mapToLong(task -> task.task().handsOnMinutes()).sum();
  }
}
