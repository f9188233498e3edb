package emberyard.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * All tags of fields into which something is typed, as they stand in the sources of the screens.
 */
final class FieldTags {
  private static final Path SOURCES = Path.of("..", "web", "src");
  private static final Pattern TAG =
      Pattern.compile(
          "<(MeasureField|MoneyField|TextField|ThingFields|ColourField|DateField|TimeField)\\b"
              + "((?:[^>\"]|\"[^\"]*\")*)>");

  private FieldTags() {}

  /** Place of every tag, as {@code make/PartForm.vue:92}, with its text. */
  static TreeMap<String, String> all() {
    TreeMap<String, String> tags = new TreeMap<>();
    try (Stream<Path> files = Files.walk(SOURCES)) {
      List<Path> components = files.filter(file -> file.toString().endsWith(".vue")).toList();
      for (Path file : components) {
        read(SOURCES.relativize(file).toString(), Files.readString(file), tags);
      }
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
    return tags;
  }

  private static void read(String name, String text, TreeMap<String, String> tags) {
    Matcher found = TAG.matcher(text);
    while (found.find()) {
      long line = text.substring(0, found.start()).lines().count();
      boolean lineBegins = found.start() == 0 || text.charAt(found.start() - 1) == '\n';
      tags.put(name + ":" + (lineBegins ? line + 1 : Math.max(1, line)), found.group());
    }
  }

  /** Tags inside other kit fields stand in for those that use them. */
  static Set<String> typed() {
    Set<String> typed = new TreeSet<>(all().keySet());
    typed.removeIf(tag -> tag.startsWith("ui/ThingFields") || tag.startsWith("ui/DateField"));
    return typed;
  }
}
