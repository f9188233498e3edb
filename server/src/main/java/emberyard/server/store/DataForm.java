package emberyard.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings the database to the form this program knows: refuses a newer one, and copies the old one
 * before it changes it.
 */
@Component
public final class DataForm implements FlywayMigrationStrategy {
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);
  private final Path copies;
  private final Clock clock;

  public DataForm(@Value("${ember.data}") String data, Clock clock) {
    this.copies = new DataFolder(Path.of(data)).copies();
    this.clock = clock;
  }

  /** The newest form this program knows. */
  public static int newest(Flyway flyway) {
    return Arrays.stream(flyway.info().all())
        .filter(each -> each.getState().isResolved())
        .mapToInt(DataForm::number)
        .max()
        .orElse(0);
  }

  @Override
  public void migrate(Flyway flyway) {
    CopyStore store = new CopyStore(flyway.getConfiguration().getDataSource());
    int form = store.form();
    int known = newest(flyway);
    if (form > known) {
      throw new NewerData(form, known);
    }
    if (form > 0 && form < known) {
      String name = "form-%d-%s.sqlite".formatted(form, STAMP.format(clock.instant()));
      try {
        store.copyTo(copies.resolve(name));
      } catch (IOException noRoom) {
        throw new UncheckedIOException(noRoom);
      }
    }
    flyway.migrate();
  }

  private static int number(MigrationInfo each) {
    return each.getVersion() == null ? 0 : Integer.parseInt(each.getVersion().getVersion());
  }
}
