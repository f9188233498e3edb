package emberyard.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Copies a database whole while others write to it, and says whether a copy is sound. */
public final class CopyStore {
  private final JdbcClient sql;

  public CopyStore(DataSource source) {
    sql = JdbcClient.create(source);
  }

  /** The database in this file, nothing started. */
  public static CopyStore of(Path database) {
    return new CopyStore(new DriverManagerDataSource("jdbc:sqlite:" + database));
  }

  /** Writes a consistent copy; the file must not be there yet. */
  public void copyTo(Path target) throws IOException {
    Files.createDirectories(target.getParent());
    OwnOnly.close(target.getParent());
    Path half = target.resolveSibling(target.getFileName() + ".half");
    Files.deleteIfExists(half);
    try {
      Files.createFile(half);
      OwnOnly.close(half);
      sql.sql("VACUUM INTO ?").param(half.toString()).update();
      Files.move(half, target);
    } finally {
      Files.deleteIfExists(half);
    }
  }

  /** The SHA-256 of every picture and mesh that the things speak of. */
  public List<String> filesSpokenOf() {
    return sql.sql(
            """
            SELECT DISTINCT json_extract(body, '$.sha256') FROM thing
            WHERE kind IN ('PHOTO', 'PRINT')
            """)
        .query(String.class)
        .list();
  }

  /** Number of the last change of the database's form; 0 in an empty one. */
  public int form() {
    boolean there =
        sql.sql("SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'")
                .query(Integer.class)
                .single()
            > 0;
    return there
        ? sql.sql("SELECT max(cast(version AS INTEGER)) FROM flyway_schema_history WHERE success")
            .query(Integer.class)
            .single()
        : 0;
  }

  /** Whether every page can be read and every reference is kept. */
  public boolean sound() {
    List<String> words = sql.sql("PRAGMA integrity_check").query(String.class).list();
    return words.equals(List.of("ok"))
        && sql.sql("PRAGMA foreign_key_check").query().listOfRows().isEmpty();
  }
}
