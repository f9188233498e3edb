package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptFilesTest {
  private static final byte[] CREST = "a crest".getBytes(StandardCharsets.UTF_8);
  @TempDir Path folder;

  private static String rights(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  @Test
  void whatIsKeptIsFoundByItsHashAndReadByNobodyElse() throws IOException {
    KeptFiles files = new KeptFiles(folder.resolve("pictures"));
    String name = files.keep(CREST);
    assertEquals(KeptFiles.sha256(CREST), name);
    Path file = files.find(name).orElseThrow();
    assertArrayEquals(CREST, Files.readAllBytes(file));
    assertEquals("rw-------", rights(file));
    assertEquals("rwx------", rights(file.getParent()));
    assertTrue(files.find("../" + name).isEmpty() && files.find("half").isEmpty());
  }

  @Test
  void aFileThatLostItsContentIsWrittenAgain() throws IOException {
    KeptFiles files = new KeptFiles(folder);
    Path file = files.find(files.keep(CREST)).orElseThrow();
    Files.write(file, new byte[CREST.length]);
    files.keep(CREST);
    assertArrayEquals(CREST, Files.readAllBytes(file));
  }

  @Test
  void halfFilesOfACrashAreSweptAndAFailureLeavesNone() throws IOException {
    Files.writeString(folder.resolve("half123.tmp"), "cut o");
    KeptFiles files = new KeptFiles(folder);
    assertEquals(0, folder.toFile().list().length);
    Path taken = Files.createDirectory(folder.resolve(KeptFiles.sha256(CREST)));
    Files.writeString(taken.resolve("x"), "in the way");
    assertThrows(IOException.class, () -> files.keep(CREST));
    assertEquals(1, folder.toFile().list().length, "no half file stays");
  }
}
