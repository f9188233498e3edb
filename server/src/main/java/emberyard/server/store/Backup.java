package emberyard.server.store;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Everything of a workshop in one ZIP: the database as of one moment, and the pictures and meshes
 * it speaks of. Others may write meanwhile: files are on disk before the database speaks of them,
 * and are never changed.
 */
public final class Backup {
  private final DataFolder folder;

  public Backup(DataFolder folder) {
    this.folder = folder;
  }

  /**
   * Writes the ZIP.
   *
   * @return how many pictures and meshes are in it
   * @throws IOException when the disk is full or a file is missing
   */
  public int writeTo(OutputStream target) throws IOException {
    Path whole = Files.createTempDirectory(folder.madeCopies(), "backup");
    Path copy = whole.resolve(DataFolder.DATABASE);
    try (ZipOutputStream zip = new ZipOutputStream(target)) {
      CopyStore.of(folder.database()).copyTo(copy);
      zip.setLevel(Deflater.BEST_SPEED);
      add(zip, DataFolder.DATABASE, copy);
      int files = 0;
      List<String> names = CopyStore.of(copy).filesSpokenOf();
      for (String kind : DataFolder.FILES) {
        for (String name : names) {
          Path file = folder.root().resolve(kind).resolve(name);
          if (Files.exists(file)) {
            add(zip, kind + "/" + name, file);
            files++;
          }
        }
      }
      return files;
    } finally {
      Files.deleteIfExists(copy);
      Files.deleteIfExists(whole);
    }
  }

  private static void add(ZipOutputStream zip, String name, Path file) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    Files.copy(file, zip);
    zip.closeEntry();
  }
}
