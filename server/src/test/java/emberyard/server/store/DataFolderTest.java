package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {
  @TempDir Path folder;

  private static String rights(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  private static void allow(Path path, String rights) throws IOException {
    Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(rights));
  }

  @Test
  void aNewFolderIsItsOwnersAlone() throws IOException {
    DataFolder made = new DataFolder(folder.resolve("yard"));
    made.make();
    assertEquals("rwx------", rights(made.root()));
    assertEquals("rw-------", rights(made.database()));
    assertFalse(made.holdsData());
  }

  @Test
  void anOldOpenFolderIsClosedAndAForeignOneIsLeftAlone() throws IOException {
    DataFolder old = new DataFolder(Files.createDirectory(folder.resolve("old")));
    allow(old.root(), "rwxr-xr-x");
    for (String name : new String[] {"", "-wal", "-shm"}) {
      allow(Files.createFile(old.root().resolve(DataFolder.DATABASE + name)), "rw-r--r--");
    }
    old.make();
    assertEquals("rwx------", rights(old.root()));
    assertEquals("rw-------", rights(old.root().resolve(DataFolder.DATABASE + "-wal")));

    Path home = Files.createDirectory(folder.resolve("home"));
    Files.writeString(home.resolve("letter.txt"), "mine");
    allow(home, "rwxr-xr-x");
    new DataFolder(home).make();
    assertEquals("rwxr-xr-x", rights(home));
    assertEquals("rw-------", rights(new DataFolder(home).database()));
  }

  @Test
  void onlyOneProgramRunsOnAFolder() throws IOException {
    DataFolder data = new DataFolder(folder);
    var taken = data.take().orElseThrow();
    assertTrue(data.take().isEmpty());
    taken.acquiredBy().close();
    assertTrue(data.take().isPresent());
  }

  @Test
  void whatABrokenOffBackUpLeftIsRemovedAndNothingElse() throws IOException {
    DataFolder folder = new DataFolder(this.folder.resolve("yard"));
    folder.make();
    Path copies = folder.madeCopies();
    Path left = Files.createDirectory(copies.resolve("backup123"));
    Files.writeString(left.resolve("ember-yard.sqlite"), "half");
    Path half = Files.writeString(copies.resolve("day-2026-03-02.sqlite.half"), "half");
    Path whole = Files.writeString(copies.resolve("day-2026-03-01.sqlite"), "whole");
    Path underWay = Files.createDirectory(copies.resolve("backup456"));
    for (Path old : List.of(left, half, whole)) {
      Files.setLastModifiedTime(old, FileTime.from(Instant.now().minus(Duration.ofHours(2))));
    }
    folder.sweep();
    try (var now = Files.list(copies)) {
      assertEquals(List.of(whole, underWay).stream().sorted().toList(), now.sorted().toList());
    }
  }
}
