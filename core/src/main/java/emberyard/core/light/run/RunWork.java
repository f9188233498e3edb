package emberyard.core.light.run;

import emberyard.core.build.Build;
import emberyard.core.build.LightStrip;
import emberyard.core.finding.Caution;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What light runs ask for: themselves, what belongs to their feeds and data, and laying. */
public final class RunWork {
  private static final int FEED_MINUTES = 10;

  /** Out of the electronics shop round the corner; a default. */
  private static final int LEAD_DAYS = 7;

  private RunWork() {}

  /**
   * @param behind keys that laying waits for: the dry fit and the cured paint
   */
  public static Work derive(Build build, WorkshopBook book, List<String> behind) {
    List<Task> tasks = new ArrayList<>();
    List<Need> needs = new ArrayList<>();
    Map<String, Need> small = new LinkedHashMap<>();
    for (Run run : Run.of(build)) {
      LightStrip strip = run.strip();
      needs.add(strip.shape().byTheMetre() ? metres(strip, book) : piece(strip, book));
      small(run).forEach(need -> small.merge(need.key(), need, RunWork::together));
      tasks.add(laying(run, book.workshop().times().stripFitMinutesPerMetre()).behind(behind));
    }
    needs.addAll(small.values());
    return new Work(tasks, needs, List.of());
  }

  /** The same out of one drawer for two runs. */
  private static Need together(Need one, Need other) {
    List<String> neededBy = new ArrayList<>(one.neededBy());
    neededBy.addAll(other.neededBy());
    List<String> inputs = new ArrayList<>(one.why().inputs());
    inputs.addAll(other.why().inputs());
    return one.with()
        .quantity(one.quantity() + other.quantity())
        .neededBy(neededBy)
        .why(new Why(one.why().formula(), inputs))
        .build();
  }

  private static Need metres(LightStrip strip, WorkshopBook book) {
    return need(
        strip,
        book,
        Math.ceil(strip.lengthMm() / 100 - 1e-9) / 10,
        "m",
        strip.pricePerMetreMinor(),
        Why.of("length, rounded up to 0.1 m", Figures.mm(strip.lengthMm())));
  }

  private static Need piece(LightStrip strip, WorkshopBook book) {
    Long price = strip.priceMinor();
    return need(
        strip,
        book,
        1,
        "piece",
        price == null ? 0 : price,
        Why.of("one for the " + strip.shape().words() + " in the design", strip.name()));
  }

  private static Need need(
      LightStrip strip, WorkshopBook book, double quantity, String unit, long price, Why why) {
    return new Need(
        "strip:" + strip.id(),
        strip.name(),
        CostCategory.LOOK_HARDWARE,
        strip.supplierId(),
        quantity,
        0,
        unit,
        price,
        book.leadDays(strip.supplierId()),
        List.of(layKey(strip)),
        why);
  }

  /** Out of a drawer: fuses, level shifters, resistors. */
  private static List<Need> small(Run run) {
    LightStrip strip = run.strip();
    List<Need> needs = new ArrayList<>();
    int feeds = strip.feeding().feeds();
    run.fuseAmps()
        .ifPresent(
            amps ->
                needs.add(
                    fromDrawer(
                        strip,
                        "fixing:fuse-" + Figures.plain(amps),
                        "Fuse %s A with its holder".formatted(Figures.plain(amps)),
                        feeds,
                        Why.of(
                            "the smallest usual one a quarter above the current, one a feed",
                            "%s: %.2f A over %d %s"
                                .formatted(
                                    strip.name(),
                                    run.worst().amps(),
                                    feeds,
                                    feeds == 1 ? "feed" : "feeds")))));
    if (strip.works().addressed() && strip.told().shifter()) {
      needs.add(
          fromDrawer(
              strip,
              "fixing:level-shifter",
              "Level shifter, 3.3 to 5 V",
              1,
              Why.of("one a data lead of 3.3 V", strip.name())));
    }
    if (strip.works().addressed() && strip.told().resistor()) {
      needs.add(
          fromDrawer(
              strip,
              "fixing:resistor-390",
              "Resistor 390 Ω",
              1,
              Why.of("one at the source of a long data lead", strip.name())));
    }
    return needs;
  }

  private static Need fromDrawer(LightStrip strip, String key, String title, int count, Why why) {
    return new Need(
        key,
        title,
        CostCategory.LOOK_HARDWARE,
        "",
        count,
        0,
        "pieces",
        0,
        LEAD_DAYS,
        List.of(layKey(strip)),
        why);
  }

  private static Task laying(Run run, double minutesPerMetre) {
    LightStrip strip = run.strip();
    int feeds = strip.feeding().feeds();
    double minutes = FEED_MINUTES * feeds + strip.lengthMm() / 1_000 * minutesPerMetre;
    return Task.of(
            layKey(strip),
            "Lay and connect " + strip.name() + fused(run),
            Stage.LIGHT,
            (int) Math.ceil(minutes),
            Why.of(
                "10 min a feed + length × time a metre",
                "%d %s".formatted(feeds, feeds == 1 ? "feed" : "feeds"),
                Figures.mm(strip.lengthMm()),
                Figures.plain(minutesPerMetre) + " min/m (default)"))
        .about(strip.id())
        .at(StationKind.BENCH)
        .saying(List.of(Caution.ELECTRONICS));
  }

  private static String fused(Run run) {
    return run.fuseAmps()
        .map(amps -> ", with a fuse of %s A at its source".formatted(Figures.plain(amps)))
        .orElse("");
  }

  static String layKey(LightStrip strip) {
    return "strip:" + strip.id() + "/fit";
  }
}
