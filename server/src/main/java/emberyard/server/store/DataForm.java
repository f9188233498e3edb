package emberyard.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Objects;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * Brings the database to the form this program knows: refuses a newer one, and copies the old one
 * before it changes it.
 */
@Component
public final class DataForm implements FlywayMigrationStrategy {
  private final DataFolder folder;
  private final Clock clock;

  public DataForm(@Value("${ember.data}") String data, Clock clock) {
    this.folder = new DataFolder(Path.of(data));
    this.clock = clock;
  }

  /** The newest form this program knows: the number of the last migration that ships with it. */
  public static int newest() {
    try {
      PathMatchingResourcePatternResolver files = new PathMatchingResourcePatternResolver();
      return Arrays.stream(files.getResources("classpath*:db/migration/V*__*.sql"))
          .map(Resource::getFilename)
          .filter(Objects::nonNull)
          .mapToInt(name -> Integer.parseInt(name.replaceFirst("^V(\\d+)__.*$", "$1")))
          .max()
          .orElse(0);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  @Override
  public void migrate(Flyway flyway) {
    CopyStore store = new CopyStore(flyway.getConfiguration().getDataSource());
    int form = store.form();
    int known = newest();
    if (form > known) {
      throw new NewerData(form, known);
    }
    if (form > 0 && form < known) {
      try {
        store.copyTo(folder.copyBefore("form-" + form, clock));
      } catch (IOException noRoom) {
        throw new UncheckedIOException(noRoom);
      }
    }
    flyway.migrate();
  }
}
