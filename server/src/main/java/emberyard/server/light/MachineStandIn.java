package emberyard.server.light;

import emberyard.core.canvas.SimulatedMachine;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Stand-ins for the machines of builds: each tells once a second how it is, until stopped. */
@Component
class MachineStandIn {
  private static final Logger LOG = LoggerFactory.getLogger(MachineStandIn.class);
  private static final long EVERY_MS = 1_000;
  private static final int MOST = 50;

  private final FeedDesk desk;
  private final Map<String, Running> running = new ConcurrentHashMap<>();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "simulated machine");
            thread.setDaemon(true);
            return thread;
          });

  private record Running(SimulatedMachine machine, long sinceNanos) {
    double seconds() {
      return (System.nanoTime() - sinceNanos) / 1e9;
    }
  }

  MachineStandIn(FeedDesk desk) {
    this.desk = desk;
    clock.scheduleWithFixedDelay(this::tick, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
  }

  /**
   * How a stand-in stands.
   *
   * @param machine what it does, null while it is off
   * @param seconds since it was started
   */
  record MachineState(@Nullable SimulatedMachine machine, double seconds) {}

  MachineState state(String buildId) {
    Running now = running.get(buildId);
    return now == null
        ? new MachineState(null, 0)
        : new MachineState(now.machine(), Math.floor(now.seconds()));
  }

  /** Whether one more may run. */
  boolean room(String buildId) {
    return running.containsKey(buildId) || running.size() < MOST;
  }

  /**
   * Starts it, or has it do something else.
   *
   * @param machine null to stop it
   */
  MachineState run(String buildId, @Nullable SimulatedMachine machine) {
    if (machine == null) {
      running.remove(buildId);
    } else {
      running.put(buildId, new Running(machine, System.nanoTime()));
      tell(buildId);
    }
    return state(buildId);
  }

  private void tick() {
    running.keySet().forEach(this::tell);
  }

  private void tell(String buildId) {
    Running now = running.get(buildId);
    try {
      if (now != null) {
        Map<String, Object> values = new HashMap<>(now.machine().at(now.seconds()));
        desk.take(buildId, null, values);
      }
    } catch (RuntimeException broken) {
      LOG.warn("A simulated machine could not tell how it is", broken);
    }
  }

  @EventListener(ContextClosedEvent.class)
  void close() {
    clock.shutdownNow();
  }
}
