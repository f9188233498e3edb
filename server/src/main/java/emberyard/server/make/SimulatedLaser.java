package emberyard.server.make;

import emberyard.core.build.SheetLayout.PieceState;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * A stand-in for a laser: takes one job at a time and runs it in fast time. It can be paused and
 * stopped, and it can go wrong: a misfire, an opened lid, a tipped piece.
 */
@Component
class SimulatedLaser {
  private static final long TICK_MS = 100;

  private final double timesFaster;
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "simulated laser");
            thread.setDaemon(true);
            return thread;
          });
  private @Nullable LaserRun run;
  private @Nullable Consumer<LaserRun> whenOver;
  private boolean told = true;
  private String problem = "";

  SimulatedLaser(@Value("${ember.laser.times-faster:60}") double timesFaster) {
    this.timesFaster = timesFaster;
    clock.scheduleWithFixedDelay(this::tick, TICK_MS, TICK_MS, TimeUnit.MILLISECONDS);
  }

  /** What can go wrong. */
  enum Trouble {
    MISFIRE,
    LID_OPENED,
    PIECE_TIPPED
  }

  /**
   * What the laser shows.
   *
   * @param state null while it has had no job
   * @param piece index of the piece under the beam, −1 for none
   * @param pieces what became of the pieces, by index
   * @param timesFaster machine seconds in a second
   */
  record LaserView(
      @Nullable String buildId,
      @Nullable String layoutId,
      @Nullable String layoutName,
      LaserRun.@Nullable State state,
      double elapsedSeconds,
      double totalSeconds,
      int piece,
      String doing,
      Map<Integer, PieceState> pieces,
      double timesFaster,
      boolean recorded,
      String problem) {}

  /**
   * Takes a job.
   *
   * @param over told once when it is done or stopped
   */
  synchronized void take(LaserRun job, Consumer<LaserRun> over) {
    if (run != null && !(run.over() && told)) {
      throw new Refused(
          HttpStatus.CONFLICT,
          "The laser is busy with “%s”: wait, or stop it.".formatted(run.layoutName));
    }
    run = job;
    whenOver = over;
    told = false;
    problem = "";
  }

  private synchronized void tick() {
    if (run != null && !told) {
      run.advance(timesFaster * TICK_MS / 1_000);
      tellOver();
    }
  }

  private void tellOver() {
    if (run != null && run.over() && !told) {
      try {
        whenOver.accept(run);
        told = true;
      } catch (MissingThing gone) {
        told = true;
        problem = "The sheet is gone from its build: nothing could be recorded.";
      } catch (RuntimeException notYet) {
        // tried again with the next tick: what was cut must not be lost
        problem = "What was cut could not be recorded yet: " + notYet.getMessage();
      }
    }
  }

  synchronized void pause() {
    running().pause();
  }

  synchronized void goOn() {
    running().goOn();
  }

  synchronized void stop() {
    running().stop();
    tellOver();
  }

  synchronized void trouble(Trouble what) {
    switch (what) {
      case MISFIRE -> running().misfire();
      case LID_OPENED -> running().openLid();
      case PIECE_TIPPED -> running().tip();
    }
  }

  private LaserRun running() {
    if (run == null || run.over()) {
      throw new Refused(HttpStatus.CONFLICT, "The laser has no job now.");
    }
    return run;
  }

  synchronized LaserView view() {
    return run == null
        ? new LaserView(null, null, null, null, 0, 0, -1, "", Map.of(), timesFaster, true, "")
        : new LaserView(
            run.buildId,
            run.layoutId,
            run.layoutName,
            run.state(),
            run.elapsedSeconds(),
            run.totalSeconds(),
            run.piece(),
            run.doing(),
            new TreeMap<>(run.became()),
            timesFaster,
            told,
            problem);
  }

  @PreDestroy
  void close() {
    clock.shutdownNow();
  }
}
