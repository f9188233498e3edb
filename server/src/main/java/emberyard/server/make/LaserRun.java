package emberyard.server.make;

import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.make.sheet.MachineJob;
import java.util.HashMap;
import java.util.Map;

/** A job on the simulated laser: strokes burnt down one after the other in fast time. */
final class LaserRun {
  /** Where it stands. */
  enum State {
    RUNNING,
    PAUSED,
    LID_OPEN,
    TIPPED,
    DONE,
    STOPPED
  }

  final String buildId;
  final String layoutId;
  final String layoutName;
  final String accountId;
  final String personId;
  final MachineJob job;
  private final Map<Integer, PieceState> became = new HashMap<>();
  private final Map<Integer, Double> seconds = new HashMap<>();
  private State state = State.RUNNING;
  private int stroke;
  private double intoStroke;
  private double elapsed;
  private int lastLoose = -1;

  LaserRun(
      String buildId,
      String layoutId,
      String layoutName,
      String accountId,
      String personId,
      MachineJob job) {
    this.buildId = buildId;
    this.layoutId = layoutId;
    this.layoutName = layoutName;
    this.accountId = accountId;
    this.personId = personId;
    this.job = job;
  }

  /** Burns on for so many seconds of the machine's time. */
  void advance(double machineSeconds) {
    double left = machineSeconds;
    while (state == State.RUNNING && left > 0 && stroke < job.strokes().size()) {
      MachineJob.Stroke now = job.strokes().get(stroke);
      double step = Math.min(left, now.seconds() - intoStroke);
      intoStroke += step;
      elapsed += step;
      left -= step;
      seconds.merge(now.piece(), step, Double::sum);
      if (intoStroke >= now.seconds() - 1e-9) {
        finish(now);
      }
    }
    if (state == State.RUNNING && stroke >= job.strokes().size()) {
      state = State.DONE;
    }
  }

  private void finish(MachineJob.Stroke now) {
    stroke++;
    intoStroke = 0;
    if (now.loose()) {
      became.putIfAbsent(now.piece(), PieceState.DONE);
      lastLoose = now.piece();
    }
  }

  /** The tube does not fire: the piece under the beam is spoilt, the job goes on. */
  void misfire() {
    if (state == State.RUNNING && stroke < job.strokes().size()) {
      became.put(job.strokes().get(stroke).piece(), PieceState.FAILED);
    }
  }

  /** The lid is opened: the beam is off until it is closed. */
  void openLid() {
    if (state == State.RUNNING) {
      state = State.LID_OPEN;
    }
  }

  /** The last loose piece has tipped up and is spoilt: somebody has to take it out. */
  void tip() {
    if (state == State.RUNNING && lastLoose >= 0) {
      became.put(lastLoose, PieceState.FAILED);
      state = State.TIPPED;
    }
  }

  void pause() {
    if (state == State.RUNNING) {
      state = State.PAUSED;
    }
  }

  void goOn() {
    if (state == State.PAUSED || state == State.LID_OPEN || state == State.TIPPED) {
      state = State.RUNNING;
    }
  }

  void stop() {
    if (state != State.DONE) {
      state = State.STOPPED;
    }
  }

  State state() {
    return state;
  }

  boolean over() {
    return state == State.DONE || state == State.STOPPED;
  }

  double elapsedSeconds() {
    return elapsed;
  }

  double totalSeconds() {
    return job.strokes().stream().mapToDouble(MachineJob.Stroke::seconds).sum();
  }

  /** Index of the piece under the beam, −1 for none. */
  int piece() {
    return over() || stroke >= job.strokes().size() ? -1 : job.strokes().get(stroke).piece();
  }

  String doing() {
    return over() || stroke >= job.strokes().size() ? "" : job.strokes().get(stroke).what();
  }

  Map<Integer, PieceState> became() {
    return Map.copyOf(became);
  }

  Map<Integer, Double> seconds() {
    return Map.copyOf(seconds);
  }
}
