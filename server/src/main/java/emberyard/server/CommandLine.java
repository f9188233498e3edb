package emberyard.server;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the program was started with. Unknown options are refused, so that a mistyped one never
 * starts an empty workshop beside the real one.
 *
 * @param data folder of the workshop
 * @param dataGiven whether it was named
 * @param task what is done instead of serving
 */
record CommandLine(Path data, boolean dataGiven, Optional<Task> task) {
  static final String DEFAULT_DATA = "ember-yard-data";

  private static final Map<String, String> OPTIONS = new LinkedHashMap<>();
  private static final Set<String> TASKS = Set.of("backup", "restore", "reset-password");

  static {
    OPTIONS.put("data", "FOLDER  where everything is kept, made where missing (%s)");
    OPTIONS.put("port", "N       where it listens, 0 for any free one (8480)");
    OPTIONS.put(
        "bind", "ADDRESS who may ask: 127.0.0.1 this machine only, 0.0.0.0 all (127.0.0.1)");
    OPTIONS.put(
        "proxy", "ADDRESSES of what does TLS in front, whose forwarded headers are believed ()");
    OPTIONS.put("copies", "N     daily copies of the database that are kept, 0 for none (14)");
    OPTIONS.put("demo", "true    fill an empty folder with the invented example workshop (false)");
    OPTIONS.put("clock", "TIME    begin at this time of the bench, as 2026-03-03T09:05 (now)");
    OPTIONS.put("clock-stands", "true and it stands at that time: for pictures and tests (false)");
    OPTIONS.put(
        "stand-ins",
        "PORT    invented shops and a courier answer orders on this port, 0 for any free one ()");
    OPTIONS.put(
        "backup", "FILE  write everything into this ZIP and end; others may work meanwhile");
    OPTIONS.put("restore", "FILE  put such a ZIP or a daily copy back and end");
    OPTIONS.put("reset-password", "NAME  give an owner or helper a new password and end");
  }

  /** What the program does instead of serving, and on what. */
  record Task(String name, String value) {}

  /** The program ends here: with what it prints, and with what. */
  static final class End extends Exception {
    private static final long serialVersionUID = 1;
    private final int status;

    End(int status, String words) {
      super(words);
      this.status = status;
    }

    /** 0 where help was asked for, 2 where it can't start. */
    int status() {
      return status;
    }
  }

  /**
   * Reads the options.
   *
   * @throws End for {@code --help}, and for anything that is no option or has no value that can be
   *     used
   */
  static CommandLine read(String... arguments) throws End {
    Optional<String> data = Optional.empty();
    Optional<Task> task = Optional.empty();
    for (String argument : arguments) {
      if (List.of("--help", "-h", "help").contains(argument)) {
        throw new End(0, help());
      }
      String name = argument.replaceFirst("^--([a-z-]+)=.*$", "$1");
      if (!argument.startsWith("--") || !OPTIONS.containsKey(name)) {
        throw new End(
            2, "“%s” is no option. Write --option=VALUE.%n%n%s".formatted(argument, help()));
      }
      String value = argument.substring(name.length() + 3);
      check(name, value);
      if (name.equals("data")) {
        data = Optional.of(value);
      }
      if (TASKS.contains(name)) {
        task = Optional.of(new Task(name, value));
      }
    }
    return new CommandLine(Path.of(data.orElse(DEFAULT_DATA)), data.isPresent(), task);
  }

  private static void check(String name, String value) throws End {
    boolean good =
        switch (name) {
          case "stand-ins" ->
              value.isEmpty() || value.matches("\\d{1,5}") && Integer.parseInt(value) <= 65_535;
          case "port" -> value.matches("\\d{1,5}") && Integer.parseInt(value) <= 65_535;
          case "demo", "clock-stands" -> value.equals("true") || value.equals("false");
          case "clock" ->
              value.isEmpty() || value.matches("\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d(:\\d\\d)?");
          case "copies" -> value.matches("\\d{1,3}");
          case "proxy" -> value.isEmpty() || value.matches("[0-9a-fA-F.:]+(,[0-9a-fA-F.:]+)*");
          case "data", "backup", "restore" -> folder(value);
          default -> !value.isBlank();
        };
    if (!good) {
      throw new End(2, "--%s can’t be “%s”.%n%n%s".formatted(name, value, help()));
    }
  }

  private static boolean folder(String value) {
    try {
      return !value.isBlank() && Path.of(value) != null;
    } catch (InvalidPathException impossible) {
      return false;
    }
  }

  /** All options with what they take; the defaults in brackets. */
  static String help() {
    StringBuilder lines =
        new StringBuilder("Ember Yard: a workshop’s builds from brief to reveal.\n");
    OPTIONS.forEach(
        (name, words) ->
            lines.append("\n  --%s=%s".formatted(name, words.formatted(here(DEFAULT_DATA)))));
    return lines.append("\n  --help         this list\n").toString();
  }

  /** What it says where no folder was named. */
  String folderWords() {
    return dataGiven
        ? "Data in " + data.toAbsolutePath()
        : "No --data given: the folder is " + here(DEFAULT_DATA);
  }

  private static Path here(String folder) {
    return Path.of(folder).toAbsolutePath();
  }
}
