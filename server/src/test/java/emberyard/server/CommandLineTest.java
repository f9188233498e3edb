package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CommandLineTest {
  @Test
  void optionsAreReadAndAMissingFolderIsSaid() throws CommandLine.End {
    CommandLine given = CommandLine.read("--data=/tmp/yard", "--port=0", "--demo=true");
    assertEquals(Path.of("/tmp/yard"), given.data());
    assertEquals("Data in /tmp/yard", given.folderWords());
    CommandLine plain = CommandLine.read();
    assertEquals(Path.of("ember-yard-data"), plain.data());
    assertTrue(plain.folderWords().startsWith("No --data given: the folder is /"));
    assertTrue(plain.folderWords().endsWith("ember-yard-data"));
  }

  @Test
  void helpPrintsEveryOptionAndEndsWell() {
    CommandLine.End help =
        assertThrows(CommandLine.End.class, () -> CommandLine.read("--data=x", "--help"));
    assertEquals(0, help.status());
    for (String option :
        "--data= --port= --bind= --demo= --clock= --clock-stands= --help".split(" ")) {
      assertTrue(help.getMessage().contains(option), option);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "--dta=x",
        "--data",
        "--data=",
        "data=x",
        "--port=high",
        "--port=99999",
        "--demo=yes",
        "--clock=tomorrow",
        "--spring.datasource.url=jdbc:x"
      })
  void anythingElseIsRefusedWithTheList(String argument) {
    CommandLine.End refused = assertThrows(CommandLine.End.class, () -> CommandLine.read(argument));
    assertEquals(2, refused.status());
    assertTrue(refused.getMessage().contains("“"), refused.getMessage());
    assertTrue(refused.getMessage().contains("--bind=ADDRESS"), refused.getMessage());
  }
}
