package emberyard.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.Enumeration;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Puts a backup or a daily copy back. It is checked whole before anything is touched, and the
 * database that was there is put aside among the copies.
 */
public final class Restore {
  private final DataFolder folder;
  private final int newestForm;
  private final Clock clock;

  /**
   * @param newestForm newest form of a database this program knows
   */
  public Restore(DataFolder folder, int newestForm, Clock clock) {
    this.folder = folder;
    this.newestForm = newestForm;
    this.clock = clock;
  }

  /** A file that can't be put back, with the reason; nothing was changed. */
  public static final class Unfit extends Exception {
    private static final long serialVersionUID = 1;

    Unfit(String reason) {
      super(reason + " Nothing was changed.");
    }
  }

  /**
   * Puts {@code copy} back: a ZIP of {@link Backup}, or a database among the copies.
   *
   * @throws Unfit when it is damaged, cut off, no such file, or written by a newer program
   */
  public void from(Path copy) throws IOException, Unfit {
    folder.make();
    Path beside = Files.createTempDirectory(folder.madeCopies(), "restore");
    try {
      Path database = beside.resolve(DataFolder.DATABASE);
      if (copy.toString().endsWith(".zip")) {
        unpack(copy, beside);
      } else {
        Files.copy(copy, database);
      }
      check(database, beside);
      keepFiles(beside);
      exchange(database);
    } finally {
      sweep(beside);
    }
  }

  private void unpack(Path copy, Path target) throws IOException, Unfit {
    try (ZipFile zip = new ZipFile(copy.toFile())) {
      for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
        ZipEntry entry = all.nextElement();
        if (!entry.getName().matches("ember-yard\\.sqlite|(pictures|meshes)/[0-9a-f]{64}")) {
          throw new Unfit("“" + entry.getName() + "” doesn't belong into a backup.");
        }
        Path file = target.resolve(entry.getName());
        Files.createDirectories(file.getParent());
        try (InputStream content = zip.getInputStream(entry)) {
          Files.copy(content, file);
        }
      }
    } catch (java.util.zip.ZipException damaged) {
      throw new Unfit("This is no backup, or it is cut off.");
    }
  }

  private void check(Path database, Path beside) throws IOException, Unfit {
    CopyStore copy = CopyStore.of(database);
    try {
      if (!Files.exists(database) || copy.form() == 0 || !copy.sound()) {
        throw new Unfit("The database in it is damaged or missing.");
      }
    } catch (RuntimeException unreadable) {
      throw new Unfit("The database in it is damaged or missing.");
    }
    if (copy.form() > newestForm) {
      throw new Unfit("It was written by a newer Ember Yard: take the newer program.");
    }
    for (String name : copy.filesSpokenOf()) {
      if (!here(beside, name) && !here(folder.root(), name)) {
        throw new Unfit("A picture or mesh that it speaks of is missing or damaged: " + name + ".");
      }
    }
  }

  private static boolean here(Path root, String name) throws IOException {
    for (String kind : DataFolder.FILES) {
      Path file = root.resolve(kind).resolve(name);
      if (Files.exists(file)) {
        return KeptFiles.sha256(Files.readAllBytes(file)).equals(name);
      }
    }
    return false;
  }

  private void keepFiles(Path beside) throws IOException {
    for (String kind : DataFolder.FILES) {
      KeptFiles kept = new KeptFiles(folder.root().resolve(kind));
      Path unpacked = beside.resolve(kind);
      if (Files.exists(unpacked)) {
        try (var files = Files.list(unpacked)) {
          for (Path file : files.toList()) {
            kept.keep(Files.readAllBytes(file));
          }
        }
      }
    }
  }

  /** The old database goes among the copies, with all that was still in its log. */
  private void exchange(Path database) throws IOException {
    if (folder.holdsData()) {
      CopyStore.of(folder.database()).copyTo(folder.copyBefore("before-restore", clock));
    }
    Files.deleteIfExists(folder.root().resolve(DataFolder.DATABASE + "-wal"));
    Files.deleteIfExists(folder.root().resolve(DataFolder.DATABASE + "-shm"));
    Files.move(database, folder.database(), StandardCopyOption.REPLACE_EXISTING);
    OwnOnly.close(folder.database());
  }

  private static void sweep(Path folder) throws IOException {
    try (var within = Files.walk(folder)) {
      for (Path each : within.sorted(java.util.Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(each);
      }
    }
  }
}
