package emberyard.server.yard;

import emberyard.server.store.Backup;
import emberyard.server.store.DailyCopies;
import emberyard.server.store.DataFolder;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything of the workshop as one file, while others work on. */
@RestController
class BackupController {
  private final Backup backup;
  private final DailyCopies daily;
  private final Clock clock;

  BackupController(@Value("${ember.data}") String data, DailyCopies daily, Clock clock) {
    this.daily = daily;
    this.backup = new Backup(new DataFolder(Path.of(data)));
    this.clock = clock;
  }

  /**
   * Copies of the database that are made by themselves.
   *
   * @param kept how many are kept; 0 when none are made
   * @param days those there are, as 2026-03-02, oldest first
   */
  record Copies(int kept, List<String> days) {}

  @GetMapping("/api/backup/copies")
  Copies copies() throws IOException {
    return new Copies(
        daily.kept(),
        daily.all().stream()
            .map(file -> file.getFileName().toString().replaceAll("day-|\\.sqlite", ""))
            .toList());
  }

  /** A ZIP with the database, the pictures and the meshes; {@code --restore} puts it back. */
  @GetMapping("/api/backup")
  void backup(HttpServletResponse response) throws IOException {
    String name = "ember-yard-" + LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC) + ".zip";
    response.setContentType("application/zip");
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    backup.writeTo(response.getOutputStream());
  }
}
