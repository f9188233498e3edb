package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * A controller reads a request, asks and answers. It holds no rule of the job: it doesn't reckon,
 * doesn't count in loops, tells no cases apart and knows no figures but limits of a request.
 */
class ControllersHoldNoRuleTest {
  private static final Path SOURCES = Path.of("src/main/java");

  /** What says nothing of what is done: comments, words, annotations, named and request limits. */
  private static final List<Pattern> SILENT =
      Stream.of(
              "/\\*.*?\\*/",
              "//[^\\n]*",
              "\"\"\".*?\"\"\"",
              "\"(\\\\.|[^\"\\\\])*\"",
              "import [^;]*;",
              "@\\w+\\([^()]*(\\([^()]*\\)[^()]*)*\\)",
              "static final [^;]*;",
              "Require\\.between\\([^;]*;")
          .map(each -> Pattern.compile(each, Pattern.DOTALL))
          .toList();

  private static final Pattern RULE =
      Pattern.compile(
          "[\\w)\\]] [-*/%] [\\w(]|\\b(for|while|switch) \\(|(?<![\\w.])(?![01](\\.0)?(?![\\w.]))\\d[\\d_.]*");

  private static List<String> rules(String source) {
    String code = source;
    for (Pattern silent : SILENT) {
      code = silent.matcher(code).replaceAll(" ");
    }
    return RULE.matcher(code).results().map(found -> found.group()).toList();
  }

  @Test
  void noneReckonsLoopsOrKnowsFigures() throws IOException {
    List<String> found = new ArrayList<>();
    int looked = 0;
    try (Stream<Path> files = Files.walk(SOURCES)) {
      for (Path file :
          files.filter(each -> each.toString().endsWith("Controller.java")).sorted().toList()) {
        looked++;
        rules(Files.readString(file))
            .forEach(rule -> found.add(file.getFileName() + ": " + rule.trim()));
      }
    }
    assertEquals(List.of(), found);
    assertTrue(looked > 30, "controllers: " + looked);
  }

  @Test
  void aRuleIsNoticed() {
    assertEquals(List.of("s * e", "1.25"), rules("double wanted = watts * extra + 1.25;"));
    assertEquals(List.of("for ("), rules("for (Part part : parts) {"));
    assertEquals(List.of("a - b"), rules("return a - b;"));
    assertEquals(List.of(), rules("private static final int MOST = 40; // of 50 * 2"));
    assertEquals(
        List.of(), rules("@RequestParam(defaultValue = \"5\") int size, \"40 mm\" + name"));
  }
}
