package emberyard.server.store;

import com.zaxxer.hikari.HikariDataSource;
import emberyard.server.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;

/** A real SQLite file with the real migrations and the application's own settings. */
public final class TestStore implements AutoCloseable {
  private final HikariDataSource source = new HikariDataSource();
  public final JdbcClient sql;
  public final ThingStore things;

  /** In this folder, or in this database. */
  public TestStore(Path place, Clock clock) {
    source.setJdbcUrl(
        "jdbc:sqlite:"
            + (Files.isDirectory(place) ? place.resolve("test.sqlite") : place)
            + "?journal_mode=WAL&synchronous=FULL&foreign_keys=on&busy_timeout=10000"
            + "&transaction_mode=IMMEDIATE");
    source.setMaximumPoolSize(4);
    source.setExceptionOverrideClassName(BusyConnection.class.getName());
    Flyway.configure().dataSource(source).load().migrate();
    sql = JdbcClient.create(source);
    ThingJson json = new ThingJson();
    RowStore rows = new RowStore(sql, clock);
    things =
        new ThingStore(
            sql,
            new DataSourceTransactionManager(source),
            json,
            rows,
            new ActStore(sql, rows, json, clock),
            new StoreState(),
            new Products(new Library()),
            (writes, before, after) -> {});
  }

  @Override
  public void close() {
    source.close();
  }
}
