package emberyard.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * A copy of the database once a day, the last so many kept. Pictures and meshes are not copied:
 * they are never changed or removed, so a copy finds them where they are.
 */
@Component
public class DailyCopies {
  private static final Logger LOG = LoggerFactory.getLogger(DailyCopies.class);
  private final DataFolder folder;
  private final int keep;
  private final Clock clock;

  /**
   * @param keep how many; 0 for none
   */
  public DailyCopies(
      @Value("${ember.data}") String data, @Value("${ember.copies}") int keep, Clock clock) {
    this.folder = new DataFolder(Path.of(data));
    this.keep = keep;
    this.clock = clock;
  }

  /** Makes today's copy unless it is there; a failure is noted and tried again in an hour. */
  @Scheduled(initialDelay = 10, fixedDelay = 3_600, timeUnit = TimeUnit.SECONDS)
  void copyToday() {
    Path today =
        folder
            .copies()
            .resolve("day-" + LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC) + ".sqlite");
    if (keep == 0 || Files.exists(today)) {
      return;
    }
    try {
      CopyStore.of(folder.database()).copyTo(today);
      List<Path> copies = all();
      for (Path old : copies.subList(0, Math.max(0, copies.size() - keep))) {
        Files.delete(old);
      }
    } catch (IOException | RuntimeException noRoom) {
      LOG.warn("No copy of today: {}", noRoom.toString());
    }
  }

  /** How many are kept; 0 for none. */
  public int kept() {
    return keep;
  }

  /** The copies there are, oldest first. */
  public List<Path> all() throws IOException {
    if (!Files.exists(folder.copies())) {
      return List.of();
    }
    try (var files = Files.list(folder.copies())) {
      return files
          .filter(file -> file.getFileName().toString().matches("day-.*\\.sqlite"))
          .sorted(Comparator.comparing(Path::getFileName))
          .toList();
    }
  }
}
