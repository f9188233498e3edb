package emberyard.server.brief;

import emberyard.core.brief.ClientVeil;
import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Frozen;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.Secrecy;
import emberyard.core.concept.Detail;
import emberyard.core.elevation.Elevation;
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
    @Nullable Long priceMinor,
    double spread,
    @Nullable List<String> specification,
    @Nullable Long minutes) {

  /**
   * Hides what the agreed secrecy hides.
   *
   * @param chosen whether this is the option that was frozen, if any was: only it has the agreed
   *     price and day
   */
  public static ClientView of(BuildModel picture, WorkshopBook book, boolean chosen) {
    Build build = picture.build();
    Frozen frozen = chosen ? build.concept().frozen() : null;
    return new ClientView(
        build.brief().secrecy(),
        onTime(picture.fuse().verdict()),
        shown(picture, ClientVeil.THEME, build.brief().name()),
        shown(picture, ClientVeil.THEME, build.brief().themeLine()),
        shown(picture, ClientVeil.THEME, build.concept().look().themeWords()),
        shown(picture, ClientVeil.PICTURES, build.concept().look().palette()),
        shown(picture, ClientVeil.PICTURES, picture.faces()),
        shown(picture, ClientVeil.REQUIREMENTS, requirements(picture)),
        shown(picture, ClientVeil.READY_DAY, ready(picture, frozen)),
        shown(picture, ClientVeil.PRICE, price(picture, frozen)),
        frozen != null ? 0 : Detail.of(build, book).spread(),
        shown(picture, ClientVeil.SPECIFICATION, specification(build)),
        shown(picture, ClientVeil.HOURS, minutes(picture)));
  }

  private static <T> @Nullable T shown(BuildModel picture, ClientVeil what, @Nullable T value) {
    return what.shownAt(picture.build().brief().secrecy()) ? value : null;
  }

  private static String onTime(Fuse.Verdict verdict) {
    return switch (verdict) {
      case ENQUIRY -> "Not planned yet.";
      case ON_TIME, TIGHT -> "We are on time.";
      case LATE -> "We are late and will call you.";
      case REVEALED -> "Handed over.";
    };
  }

  private static List<String> requirements(BuildModel picture) {
    return picture.coverage().stream()
        .filter(state -> !state.derived())
        .map(state -> state.requirement().text())
        .toList();
  }

  private static @Nullable LocalDate ready(BuildModel picture, @Nullable Frozen frozen) {
    return frozen == null ? picture.fuse().finish() : frozen.finishOn();
  }

  private static long price(BuildModel picture, @Nullable Frozen frozen) {
    return frozen == null ? picture.budget().quoteMinor() : frozen.priceMinor();
  }

  private static List<String> specification(Build build) {
    return build.components().stream().map(ClientView::line).toList();
  }

  private static String line(Component component) {
    return (component.quantity() > 1 ? component.quantity() + " × " : "") + component.name();
  }

  private static long minutes(BuildModel picture) {
    return picture.tasks().stream().mapToLong(task -> task.task().handsOnMinutes()).sum();
  }
}
