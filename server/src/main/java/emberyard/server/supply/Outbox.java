package emberyard.server.supply;

import emberyard.server.store.MissingThing;
import emberyard.server.store.OwnOnly;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Mail that would go to shops, one {@code .eml} file a letter in the folder {@code outbox}: it is
 * read in the program, or opened with a mail program and sent. None of it leaves the machine by
 * itself.
 */
@Component
class Outbox {
  private static final Logger LOG = LoggerFactory.getLogger(Outbox.class);
  private static final Pattern HEADER = Pattern.compile("(?m)^(Date|To|Subject): (.*)$");
  private static final int MOST_SHOWN = 200;

  private final Path folder;
  private final YardReader reader;
  private final Clock clock;

  Outbox(@Value("${ember.data}") Path data, YardReader reader, Clock clock) {
    this.folder = data.resolve("outbox");
    this.reader = reader;
    this.clock = clock;
  }

  /** A letter as it lies there. */
  record Mail(String name, LocalDateTime at, String to, String subject, String text) {}

  @Scheduled(initialDelay = 15, fixedDelay = 60, timeUnit = TimeUnit.SECONDS)
  void writeByItself() {
    try {
      write();
    } catch (RuntimeException notNow) {
      LOG.debug("No letters were written", notNow);
    }
  }

  /** Writes the letters that follow from orders and aren't there yet. */
  synchronized void write() {
    YardReader.Reading reading = reader.read();
    for (Letter letter : Letter.of(reading)) {
      Path file = folder.resolve(letter.key().replaceAll("[^A-Za-z0-9-]", "_") + ".eml");
      if (!Files.exists(file)) {
        try {
          put(file, eml(letter, ZoneId.of(reading.book().workshop().zone())));
        } catch (IOException noRoom) {
          LOG.warn("A letter was not written, it is tried again: {}", noRoom.toString());
        }
      }
    }
  }

  private void put(Path file, String text) throws IOException {
    Files.createDirectories(folder);
    OwnOnly.close(folder);
    Path half = file.resolveSibling(file.getFileName() + ".half");
    Files.writeString(half, text);
    Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
  }

  /** As RFC 5322 has it; what is not ASCII in the head is encoded as RFC 2047 has it. */
  private String eml(Letter letter, ZoneId zone) {
    String date =
        DateTimeFormatter.ofPattern("EEE, d MMM yyyy HH:mm:ss Z", Locale.ENGLISH)
            .format(ZonedDateTime.ofInstant(clock.instant(), zone));
    return "Date: %s\r\nTo: %s\r\nSubject: %s\r\nMIME-Version: 1.0\r\n"
            .formatted(date, head(letter.to()), head(letter.subject()))
        + "Content-Type: text/plain; charset=utf-8\r\nContent-Transfer-Encoding: 8bit\r\n\r\n"
        + letter.text().replace("\n", "\r\n");
  }

  private static String head(String words) {
    String plain = words.replaceAll("[\\r\\n]+", " ");
    return plain.chars().allMatch(letter -> letter < 127)
        ? plain
        : "=?UTF-8?B?%s?="
            .formatted(Base64.getEncoder().encodeToString(plain.getBytes(StandardCharsets.UTF_8)));
  }

  private static String readHead(String words) {
    return words.startsWith("=?UTF-8?B?")
        ? new String(
            Base64.getDecoder().decode(words.substring(10, words.length() - 2)),
            StandardCharsets.UTF_8)
        : words;
  }

  /** The latest letters, the newest first. */
  List<Mail> all() {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> file.getFileName().toString().endsWith(".eml"))
          .map(Outbox::read)
          .sorted(Comparator.comparing(Mail::at).thenComparing(Mail::name).reversed())
          .limit(MOST_SHOWN)
          .toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  /** A letter as a file. */
  byte[] file(String name) {
    if (!name.matches("[A-Za-z0-9_-]{1,80}")) {
      throw new MissingThing("There is no such letter.");
    }
    try {
      Path file = folder.resolve(name + ".eml");
      if (!Files.isRegularFile(file)) {
        throw new MissingThing("There is no such letter.");
      }
      return Files.readAllBytes(file);
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  private static Mail read(Path file) {
    try {
      String text = Files.readString(file);
      int body = text.indexOf("\r\n\r\n");
      String name = file.getFileName().toString().replace(".eml", "");
      String date = "";
      String to = "";
      String subject = "";
      Matcher header = HEADER.matcher(text.substring(0, body + 2));
      while (header.find()) {
        switch (header.group(1)) {
          case "Date" -> date = header.group(2);
          case "To" -> to = readHead(header.group(2));
          default -> subject = readHead(header.group(2));
        }
      }
      DateTimeFormatter said =
          DateTimeFormatter.ofPattern("EEE, d MMM yyyy HH:mm:ss Z", Locale.ENGLISH);
      LocalDateTime at = LocalDateTime.parse(date, said);
      return new Mail(name, at, to, subject, text.substring(body + 4).replace("\r\n", "\n"));
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
