package emberyard.server.make;

import emberyard.core.make.sheet.SheetPlan;
import emberyard.core.nest.NestResult;
import emberyard.core.nest.Nester;

/** One search for a layout, running until its time is over or somebody stops it. */
final class NestRun {
  private static final long NEWS_MS = 30_000;

  private final String id;
  private final String accountId;
  private final String buildId;
  private final SheetPlan plan;
  private final long millis;
  private volatile boolean stopped;
  private volatile boolean over;
  private volatile NestResult best;
  private volatile double share;
  private volatile long began;
  private volatile long ended;
  private volatile String problem = "";

  NestRun(String id, String accountId, String buildId, SheetPlan plan, double seconds) {
    this.id = id;
    this.accountId = accountId;
    this.buildId = buildId;
    this.plan = plan;
    this.millis = (long) (seconds * 1_000);
  }

  String id() {
    return id;
  }

  /** Who began it. */
  String accountId() {
    return accountId;
  }

  String buildId() {
    return buildId;
  }

  SheetPlan plan() {
    return plan;
  }

  NestResult best() {
    return best;
  }

  double share() {
    return share;
  }

  boolean over() {
    return over;
  }

  String problem() {
    return problem;
  }

  void stop() {
    stopped = true;
  }

  /** Whether it is under way, or was just now: there is something to tell of it. */
  boolean isNews() {
    return !over || System.currentTimeMillis() - ended < NEWS_MS;
  }

  /** 0 to 1. */
  double progress() {
    return over
        ? 1
        : began == 0 ? 0 : Math.min(1, (System.currentTimeMillis() - began) / (double) millis);
  }

  void work() {
    began = System.currentTimeMillis();
    try {
      Nester nester = new Nester(plan.job());
      while (!stopped && !nester.settled() && System.currentTimeMillis() - began < millis) {
        nester.step();
        show(nester);
      }
    } catch (RuntimeException broken) {
      problem = "The search broke off: " + broken.getMessage();
    } finally {
      ended = System.currentTimeMillis();
      over = true;
    }
  }

  private void show(Nester nester) {
    if (nester.tries() > 0) {
      best = nester.result();
      share = nester.sheetShare();
    }
  }
}
