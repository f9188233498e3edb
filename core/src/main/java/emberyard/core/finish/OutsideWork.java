package emberyard.core.finish;

import emberyard.core.build.Build;
import emberyard.core.build.OutsideFinish;
import emberyard.core.build.Panel;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import emberyard.core.work.CostCategory;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
import java.util.ArrayList;
import java.util.List;

/** Finish that is sent out: what goes with it, how long it is away, what is looked at after. */
public final class OutsideWork {
  /** Dots per inch that look sharp at arm's length (handbook, finish). */
  static final double ARMS_LENGTH = 150;

  /** And in the hand. */
  static final double IN_THE_HAND = 300;

  private static final double MM_PER_INCH = 25.4;
  private static final double LEAST_BLEED_MM = 3;
  private static final int SEND_MINUTES = 25;
  private static final int CHECK_MINUTES = 15;

  private OutsideWork() {}

  /** Pixels ÷ (width ÷ 25.4). Example: 1,200 px over 300 mm → 101.6 dots per inch. */
  public static double dotsPerInch(int widthPx, double widthMm) {
    return widthPx / (widthMm / MM_PER_INCH);
  }

  /** Key of the check when it is back. */
  public static String doneKey(OutsideFinish finish) {
    return "outside-finish:" + finish.id() + "/check";
  }

  static Work derive(Build build, String behind) {
    List<Task> tasks = new ArrayList<>();
    List<Need> needs = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (OutsideFinish finish : build.outsideFinishes()) {
      String part = build.panel(finish.panelId()).map(Panel::name).orElse("a part that is gone");
      Task send = send(finish, part).behind(behind);
      tasks.add(send);
      tasks.add(check(finish, part).behind(send.key()));
      needs.add(need(finish, part));
      print(finish, findings);
    }
    return new Work(tasks, needs, findings);
  }

  private static Task send(OutsideFinish finish, String part) {
    return Task.of(
            "outside-finish:" + finish.id() + "/send",
            "Send %s for %s: %s"
                .formatted(part, finish.process().words(), finish.process().sends()),
            Stage.FINISH,
            SEND_MINUTES,
            Why.of("a default", SEND_MINUTES + " min (default)"))
        .about(finish.id())
        .at(StationKind.BENCH)
        .thenWaits(finish.leadDays() * 24 * 60, "away for " + finish.process().words())
        .behind("part:" + finish.panelId() + "/cut");
  }

  private static Task check(OutsideFinish finish, String part) {
    return Task.of(
            doneKey(finish),
            "Check %s from %s: %s"
                .formatted(part, finish.process().words(), finish.process().checks()),
            Stage.FINISH,
            CHECK_MINUTES,
            Why.of("a default", CHECK_MINUTES + " min (default)"))
        .about(finish.id())
        .at(StationKind.BENCH)
        .asGate();
  }

  private static Need need(OutsideFinish finish, String part) {
    return new Need(
        "outside-finish:" + finish.id(),
        "%s, %s".formatted(part, finish.process().words()),
        CostCategory.OUTSIDE_WORK,
        finish.supplierId(),
        1,
        0,
        "jobs",
        finish.quoteMinor(),
        finish.leadDays(),
        List.of(doneKey(finish)),
        Why.of("the quote", "for all pieces"));
  }

  private static void print(OutsideFinish finish, List<Finding> findings) {
    if (finish.widthPx() != null && finish.printWidthMm() != null) {
      double found = dotsPerInch(finish.widthPx(), finish.printWidthMm());
      double needed = finish.inTheHand() ? IN_THE_HAND : ARMS_LENGTH;
      if (found < needed) {
        int pixels = (int) Math.ceil(needed * finish.printWidthMm() / MM_PER_INCH);
        findings.add(
            Finding.of(
                    Severity.STOP,
                    "finish",
                    "outside-finish:" + finish.id() + "/resolution",
                    "The picture is too coarse: %.0f dots per inch, %.0f needed"
                        .formatted(found, needed),
                    "%,d px over %s = %,d px ÷ (mm ÷ 25.4); %,d px would do."
                        .formatted(
                            finish.widthPx(),
                            Figures.mm(finish.printWidthMm()),
                            finish.widthPx(),
                            pixels),
                    "Enlarging adds no detail: ask for the original size and keep it.")
                .about(finish.id())
                .with(
                    Remedy.byHand("Ask for the original file"),
                    Remedy.byHand("Redraw it as lines: lines have no size")));
      }
    }
    boolean printed =
        finish.process() == OutsideFinish.Process.UV_PRINT && finish.widthPx() != null;
    if (printed && finish.bleedMm() < LEAST_BLEED_MM) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "finish",
                  "outside-finish:" + finish.id() + "/bleed",
                  "Only %s bleed; 3 mm asked by most printers"
                      .formatted(Figures.mm(finish.bleedMm())),
                  "A print that ends at the edge shows a white line when it is half a millimetre off.",
                  "The edge of the part stays bare.")
              .about(finish.id())
              .with(
                  new Remedy(
                      "Add 3 mm of bleed",
                      new Remedy.Change("outside-finishes", finish.id(), "bleedMm", 3))));
    }
  }
}
