package emberyard.server.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * Where a workshop lies: the database, {@code pictures}, {@code meshes} and the daily {@code
 * copies}. Nobody but the user who runs the program may look into it.
 */
public record DataFolder(Path root) {
  private static final Pattern LEFT = Pattern.compile("(backup|restore)\\d+|.*\\.half");
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

  /** File name of the database. */
  public static final String DATABASE = "ember-yard.sqlite";

  /** Subfolders with files named by their SHA-256. */
  public static final String[] FILES = {"pictures", "meshes"};

  public Path database() {
    return root.resolve(DATABASE);
  }

  /** Copies of the database: one a day, one before each change of its form. */
  public Path copies() {
    return root.resolve("copies");
  }

  /** Where a copy goes that is made before something is done: "form-3-20260302-090000.sqlite". */
  public Path copyBefore(String what, Clock clock) {
    return copies().resolve("%s-%s.sqlite".formatted(what, STAMP.format(clock.instant())));
  }

  /** The same, made where missing. */
  public Path madeCopies() throws IOException {
    Files.createDirectories(copies());
    OwnOnly.close(copies());
    return copies();
  }

  /** Removes what a back-up or a restore left behind that was broken off an hour ago or more. */
  public void sweep() throws IOException {
    if (!Files.exists(copies())) {
      return;
    }
    FileTime anHourAgo = FileTime.from(Instant.now().minus(Duration.ofHours(1)));
    List<Path> left;
    try (Stream<Path> all = Files.list(copies())) {
      left = all.filter(each -> LEFT.matcher(each.getFileName().toString()).matches()).toList();
    }
    for (Path each : left) {
      if (Files.getLastModifiedTime(each).compareTo(anHourAgo) < 0) {
        FileSystemUtils.deleteRecursively(each);
      }
    }
  }

  /** Whether a workshop is in it. */
  public boolean holdsData() throws IOException {
    return Files.exists(database()) && Files.size(database()) > 0;
  }

  /**
   * Makes the folder where missing and takes everybody else's rights away, also from a database
   * that is there already. A folder with foreign files in it keeps its own rights.
   */
  public void make() throws IOException {
    Files.createDirectories(root);
    boolean foreign;
    try (var within = Files.list(root)) {
      foreign = !Files.exists(database()) && within.findAny().isPresent();
    }
    if (!foreign) {
      OwnOnly.close(root);
    }
    if (!Files.exists(database())) {
      Files.createFile(database());
    }
    // the files that SQLite puts beside it take its rights
    for (String beside : new String[] {"", "-wal", "-shm"}) {
      Path file = root.resolve(DATABASE + beside);
      if (Files.exists(file)) {
        OwnOnly.close(file);
      }
    }
  }

  /**
   * Takes the folder for this process until it ends, or the lock is closed.
   *
   * @return empty when another process has it
   */
  public Optional<FileLock> take() throws IOException {
    FileChannel channel =
        FileChannel.open(
            root.resolve("running.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    try {
      FileLock lock = channel.tryLock();
      if (lock != null) {
        return Optional.of(lock);
      }
    } catch (OverlappingFileLockException ourselves) {
      // the same process: taken as well
    }
    channel.close();
    return Optional.empty();
  }
}
