package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import emberyard.core.kind.ThingKind;
import emberyard.core.record.Photo;
import emberyard.core.workshop.Supplier;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Everything out into one file and in again, while others write; and what must be refused. */
class BackupTest {
  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");
  private static final int NEWEST = 99;
  @TempDir Path folder;
  private final Clock clock = mock(Clock.class);
  private DataFolder here;
  private DataFolder there;
  private TestStore store;
  private String model;

  @BeforeEach
  void open() throws IOException {
    when(clock.instant()).thenReturn(NINE);
    when(clock.millis()).thenReturn(NINE.toEpochMilli());
    here = new DataFolder(folder.resolve("here"));
    there = new DataFolder(folder.resolve("there"));
    here.make();
    store = new TestStore(here.database(), clock);
    model =
        new KeptFiles(here.root().resolve("pictures"))
            .keep("a picture".getBytes(StandardCharsets.UTF_8));
    keep(new Supplier("q", "Quayside", 3, 990));
    store.things.apply(
        "ines", List.of(Write.create("b", new Photo("ph", model, "assemble", "dry fit", NINE))));
  }

  @AfterEach
  void close() {
    store.close();
  }

  private void keep(Supplier supplier) {
    store.things.apply("ines", List.of(Write.overwrite(null, supplier)));
  }

  private Path backup() throws IOException {
    Path zip = folder.resolve("all.zip");
    try (var out = Files.newOutputStream(zip)) {
      assertEquals(1, new Backup(here).writeTo(out));
    }
    return zip;
  }

  private static List<Row> rows(DataFolder data, Clock clock) {
    try (TestStore store = new TestStore(data.database(), clock)) {
      return store.things.all();
    }
  }

  @Test
  void aBackupComesBackWholeAndLeavesTheDatabaseThatWasThere() throws Exception {
    Path zip = backup();
    keep(new Supplier("late", "After the backup", 1, 0));
    there.make();
    new Restore(there, NEWEST, clock).from(zip);
    assertEquals(rows(here, clock).subList(0, 2), rows(there, clock));
    assertTrue(new KeptFiles(there.root().resolve("pictures")).find(model).isPresent());
    assertEquals(0, there.copies().toFile().list().length, "nothing was there before");

    try (TestStore changed = new TestStore(there.database(), clock)) {
      changed.things.apply("ines", List.of(Write.remove(ThingKind.SUPPLIER, null, "q")));
    }
    new Restore(there, NEWEST, clock).from(zip);
    assertEquals(2, rows(there, clock).size());
    Path aside = there.copies().resolve("before-restore-20260302-090000.sqlite");
    assertTrue(CopyStore.of(aside).sound());
    assertFalse(Files.exists(there.root().resolve(DataFolder.DATABASE + "-wal.half")));
  }

  @Test
  void aDailyCopyComesBackWithThePicturesThatAreThere() throws Exception {
    new DailyCopies(here.root().toString(), 14, clock).copyToday();
    Path copy = here.copies().resolve("day-2026-03-02.sqlite");
    keep(new Supplier("q", "Renamed since", 3, 990));
    store.close();
    new Restore(here, NEWEST, clock).from(copy);
    assertEquals("Quayside", ((Supplier) rows(here, clock).get(0).value()).name());
  }

  @Test
  void aCopyADayAndTheLastFewAreKept() throws IOException {
    DailyCopies daily = new DailyCopies(here.root().toString(), 3, clock);
    for (int day = 0; day < 5; day++) {
      when(clock.instant()).thenReturn(NINE.plus(Duration.ofDays(day)));
      daily.copyToday();
      daily.copyToday();
    }
    assertEquals(
        List.of("day-2026-03-04.sqlite", "day-2026-03-05.sqlite", "day-2026-03-06.sqlite"),
        daily.all().stream().map(file -> file.getFileName().toString()).toList());
    new DailyCopies(here.root().toString(), 0, clock).copyToday();
    assertEquals(3, here.copies().toFile().list().length, "no half file stays");
  }

  @Test
  void whatIsDamagedForeignOrNewerIsRefusedAndNothingIsTouched() throws Exception {
    Path whole = backup();
    byte[] bytes = Files.readAllBytes(whole);
    Path bad = folder.resolve("bad.zip");
    Files.write(bad, java.util.Arrays.copyOf(bytes, bytes.length / 2));
    refuse(bad, "cut off");
    Files.write(bad, repacked(bytes, "pictures/", entry -> null));
    refuse(bad, "missing or damaged");
    Files.write(bad, repacked(bytes, "pictures/", entry -> new byte[] {1}));
    refuse(bad, "missing or damaged");
    Files.write(bad, repacked(bytes, "ember", entry -> new byte[5_000]));
    refuse(bad, "damaged or missing");
    Files.write(bad, renamed(bytes, "../../evil"));
    refuse(bad, "doesn't belong");
    there.make();
    Restore older = new Restore(there, 1, clock);
    assertTrue(
        assertThrows(Restore.Unfit.class, () -> older.from(whole))
            .getMessage()
            .contains("newer Ember Yard"));
    assertFalse(there.holdsData());
  }

  private void refuse(Path copy, String word) throws IOException {
    there.make();
    Restore restore = new Restore(there, NEWEST, clock);
    String reason = assertThrows(Restore.Unfit.class, () -> restore.from(copy)).getMessage();
    assertTrue(reason.contains(word), reason);
    assertFalse(there.holdsData());
    assertEquals(0, there.copies().toFile().list().length);
  }

  private interface Change {
    byte[] of(byte[] entry);
  }

  private static byte[] repacked(byte[] zip, String prefix, Change change) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] content = in.readAllBytes();
        byte[] changed = entry.getName().startsWith(prefix) ? change.of(content) : content;
        if (changed != null) {
          out.putNextEntry(new ZipEntry(entry.getName()));
          out.write(changed);
        }
      }
    }
    return bytes.toByteArray();
  }

  private static byte[] renamed(byte[] zip, String name) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream out = new ZipOutputStream(bytes)) {
      in.getNextEntry();
      out.putNextEntry(new ZipEntry(name));
      out.write(in.readAllBytes());
    }
    return bytes.toByteArray();
  }

  @Test
  void newerDataAreLeftAloneAndOlderOnesCopiedFirst() throws IOException {
    Path old = folder.resolve("old.sqlite");
    DriverManagerDataSource source = new DriverManagerDataSource("jdbc:sqlite:" + old);
    org.flywaydb.core.Flyway.configure().dataSource(source).target("1").load().migrate();
    var flyway = org.flywaydb.core.Flyway.configure().dataSource(source).load();
    DataForm form = new DataForm(there.root().toString(), clock);
    form.migrate(flyway);
    assertEquals(1, CopyStore.of(there.copies().resolve("form-1-20260302-090000.sqlite")).form());
    assertEquals(DataForm.newest(), CopyStore.of(old).form());

    JdbcClient sql = JdbcClient.create(source);
    sql.sql(
            """
            INSERT INTO flyway_schema_history
            SELECT installed_rank + 90, '77', 'to come', type, 'V77__to_come.sql', checksum,
              installed_by, installed_on, 1, success FROM flyway_schema_history LIMIT 1
            """)
        .update();
    String reason = assertThrows(NewerData.class, () -> form.migrate(flyway)).getMessage();
    assertTrue(reason.startsWith("These data have form 77, and this Ember Yard knows"), reason);
    assertEquals(1, there.copies().toFile().list().length);
  }
}
