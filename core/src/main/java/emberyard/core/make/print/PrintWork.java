package emberyard.core.make.print;

import emberyard.core.build.Build;
import emberyard.core.build.PrintPart;
import emberyard.core.finding.Caution;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.make.mesh.PrintFigures;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import emberyard.core.workshop.FilamentProduct;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the printed parts of a build ask for. */
public final class PrintWork {
  private static final int SET_UP_MINUTES = 10;
  private static final int CLEAN_MINUTES = 15;
  private static final int INSERT_MINUTES = 2;
  private static final double SUPPORT_SHARE = 0.05;

  private final WorkshopBook book;
  private final Machine printer;
  private final List<Task> tasks = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();
  private final Map<String, Double> grams = new LinkedHashMap<>();
  private final Map<String, List<String>> printKeys = new LinkedHashMap<>();
  private final Map<Double, Integer> inserts = new LinkedHashMap<>();

  private PrintWork(WorkshopBook book) {
    this.book = book;
    this.printer = book.machine(Machine.Kind.PRINTER).orElse(null);
  }

  public static Work derive(Build build, WorkshopBook book, String dryFit) {
    PrintWork work = new PrintWork(book);
    build.prints().forEach(work::print);
    return new Work(work.tasks, work.needs(dryFit), work.findings);
  }

  /** A print with its figures, for screens. */
  public static MadePrint made(PrintPart part, WorkshopBook book) {
    FilamentProduct filament = book.filament(part.filamentId()).orElse(null);
    return new MadePrint(
        part,
        PrintFigures.of(
            part,
            filament == null ? "PLA" : filament.plastic(),
            book.machine(Machine.Kind.PRINTER).orElse(null)));
  }

  private void print(PrintPart part) {
    PrintFigures figures = made(part, book).figures();
    double times = part.quantity() * (1 + PrintFigures.REPRINTS);
    int minutes = (int) Math.ceil(figures.minutes() * times);
    String print = "print:" + part.id() + "/print";
    tasks.add(
        Task.of(
                print,
                "Print " + part.name(),
                Stage.MAKE,
                SET_UP_MINUTES * part.quantity(),
                Why.of(
                    "set-up + time of one × pieces × 1.2",
                    "%.0f min each, ±30 %%".formatted(figures.minutes()),
                    "%d pieces, one reprint in five planned".formatted(part.quantity())))
            .about(part.id())
            .at(StationKind.PRINTER)
            .thenWaits(minutes, "printing")
            .holding());
    int clean = (CLEAN_MINUTES + INSERT_MINUTES * part.inserts()) * part.quantity();
    tasks.add(
        Task.of(
                "print:" + part.id() + "/clean",
                part.inserts() == 0
                    ? "Clean " + part.name()
                    : "Clean " + part.name() + ", set its inserts",
                Stage.MAKE,
                clean,
                Why.of(
                    "(cleaning + inserts) × pieces",
                    CLEAN_MINUTES + " min cleaning (default)",
                    "%d inserts at %d min (default)".formatted(part.inserts(), INSERT_MINUTES)))
            .about(part.id())
            .at(StationKind.BENCH)
            .behind(print)
            .saying(
                part.inserts() == 0
                    ? List.of(Caution.SANDING)
                    : List.of(Caution.HEAT_SET, Caution.SANDING)));
    grams.merge(part.filamentId(), figures.grams() * times, Double::sum);
    printKeys.computeIfAbsent(part.filamentId(), id -> new ArrayList<>()).add(print);
    if (part.inserts() > 0) {
      inserts.merge(part.insertMm(), part.inserts() * part.quantity(), Integer::sum);
    }
    judge(part, figures);
  }

  private void add(
      PrintPart part,
      Severity severity,
      String rule,
      String title,
      String detail,
      String why,
      Remedy... ways) {
    findings.add(
        Finding.of(severity, "make", "print:" + part.id() + "/" + rule, title, detail, why)
            .about(part.id())
            .with(ways));
  }

  private void judge(PrintPart part, PrintFigures figures) {
    if (part.planned() != null) {
      add(
          part,
          Severity.NOTE,
          "planned",
          "“%s” is planned without its file".formatted(part.name()),
          "Reckoned as a box of %.0f × %.0f × %.0f mm, or as somebody guessed."
              .formatted(
                  part.planned().widthMm(), part.planned().depthMm(), part.planned().heightMm()),
          "Its mass, hours and filament are guesses; what overhangs or doesn’t close isn’t seen.",
          Remedy.byHand("Bring in its STL under Make, Prints"));
    }
    if (!part.mesh().closed()) {
      add(
          part,
          Severity.STOP,
          "open",
          "The mesh of “%s” is not closed".formatted(part.name()),
          "An edge is not shared by two triangles: its volume means nothing.",
          "The slicer guesses where walls are missing.",
          Remedy.byHand("Repair it where it was drawn, then bring it in again"));
    }
    if (book.filament(part.filamentId()).isEmpty()) {
      add(
          part,
          Severity.RISK,
          "filament",
          "“%s” has no filament".formatted(part.name()),
          "Its filament is gone from the stock list; PLA is assumed.",
          "Mass, shrinkage and price follow from it.",
          Remedy.byHand("Choose a filament"));
    }
    if (figures.cuts() > 1) {
      add(
          part,
          Severity.RISK,
          "bed",
          "“%s” does not fit the printer".formatted(part.name()),
          "%.0f × %.0f × %.0f mm; it has to be cut into %d pieces."
              .formatted(
                  part.mesh().sizeMm().get(0),
                  part.mesh().sizeMm().get(1),
                  part.mesh().sizeMm().get(2),
                  figures.cuts()),
          "Pieces have to be pinned and glued, and the seam filled.",
          Remedy.byHand("Cut it where paint hides the seam"));
    }
    if (figures.overhangShare() > SUPPORT_SHARE) {
      add(
          part,
          Severity.NOTE,
          "overhang",
          "%.0f %% of “%s” overhangs".formatted(figures.overhangShare() * 100, part.name()),
          "Steeper than 45° on the side that lies down; the least of all sides is %.0f %%."
              .formatted(
                  100 * part.mesh().overhangShares().stream().mapToDouble(d -> d).min().orElse(0)),
          "Support leaves marks that have to be sanded.",
          Remedy.byHand("Lay it on another side"));
    }
  }

  private List<Need> needs(String dryFit) {
    List<Need> needs = new ArrayList<>();
    grams.forEach(
        (id, total) ->
            book.filament(id)
                .ifPresent(
                    f ->
                        needs.add(
                            new Need(
                                "filament:" + id,
                                f.name(),
                                CostCategory.MADE_PART_MATERIAL,
                                f.supplierId(),
                                Math.ceil(total / f.gramsPerSpool() * 20 - 1e-9) / 20,
                                0,
                                "spools",
                                f.priceMinor(),
                                book.leadDays(f.supplierId()),
                                printKeys.get(id),
                                Why.of(
                                    "grams of all prints ÷ grams on a spool",
                                    Figures.plain(total) + " g with one reprint in five",
                                    Figures.plain(f.gramsPerSpool()) + " g a spool")))));
    inserts.forEach(
        (thread, count) ->
            needs.add(
                new Need(
                    "fixing:print-insert-" + Figures.plain(thread),
                    "M%s heat-set inserts".formatted(Figures.plain(thread)),
                    CostCategory.MADE_PART_MATERIAL,
                    "",
                    count,
                    0,
                    "pieces",
                    0,
                    7,
                    List.of(dryFit),
                    Why.of("inserts of all prints", "no price yet"))));
    return needs;
  }
}
