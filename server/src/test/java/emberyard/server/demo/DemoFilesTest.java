package emberyard.server.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Build;
import emberyard.server.store.ThingJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** The files of the demo, and the days in them. */
class DemoFilesTest {
  private static final Path FILES = Path.of("src/main/resources/demo");
  private static final ThingJson JSON = new ThingJson();

  /**
   * What is read from a file and written again is the file: it says each thing once, and what goes
   * without saying not at all. With {@code -Dember.demo.write=true} the files are written anew, as
   * after a record got a new field.
   */
  @ParameterizedTest
  @MethodSource("builds")
  void aBuildWrittenOutIsItsFile(String id) throws IOException {
    DemoDays wednesday = days("2026-11-25T09:05:00Z");
    Build build = DemoStories.build(id, wednesday);
    sameFile(id, new DemoWriter(JSON, JSON.mapper(), wednesday).build(build));
  }

  @ParameterizedTest
  @CsvSource("workshop")
  void theWorkshopWrittenOutIsItsFile(String name) throws IOException {
    DemoDays wednesday = days("2026-11-25T09:05:00Z");
    sameFile(
        name,
        new DemoWriter(JSON, JSON.mapper(), wednesday)
            .workshop(DemoFiles.workshop(wednesday, JSON.mapper()).toList()));
  }

  static Iterable<String> builds() {
    return DemoFiles.BUILDS;
  }

  private static void sameFile(String name, JsonNode written) throws IOException {
    Path file = FILES.resolve(name + ".json");
    if (Boolean.getBoolean("ember.demo.write")) {
      Files.writeString(file, DemoWriter.text(written));
    }
    assertEquals(Files.readString(file), DemoWriter.text(written));
  }

  @ParameterizedTest
  @CsvSource({
    "2026-11-25T09:05:00Z, today, 2026-11-25",
    "2026-11-25T09:05:00Z, today -3 working days, 2026-11-20",
    "2026-11-25T09:05:00Z, today +3 working days, 2026-11-30",
    "2026-11-25T09:05:00Z, today +3 days, 2026-11-28",
    "2026-11-28T09:05:00Z, today, 2026-11-27",
    "2026-11-28T09:05:00Z, today -1 working days, 2026-11-26",
    "2026-11-28T09:05:00Z, today +1 working days, 2026-11-30",
    "2026-11-28T09:05:00Z, today +0 days, 2026-11-28",
    "2026-11-25T09:05:40Z, now -50 minutes, 2026-11-25T08:15:00Z",
    "2026-11-25T09:05:00Z, today -1 working days at 16:30, 2026-11-24T16:30:00Z",
    "2026-11-25T09:05:00Z, zone of this machine, Z",
    "2026-11-25T09:05:00Z, today we paint, today we paint",
  })
  void daysCountFromTheDayOfTheStart(String now, String told, String meant) {
    assertEquals(meant, days(now).said(told));
  }

  @ParameterizedTest
  @CsvSource({"Europe/Lisbon", "Pacific/Auckland"})
  void anInstantIsOfTheWorkshopsZone(String zone) {
    DemoDays days = new DemoDays(Instant.parse("2026-11-25T09:05:00Z"), ZoneId.of(zone));
    Instant at = Instant.parse(days.said("today -1 working days at 16:30"));
    assertTrue(at.atZone(ZoneId.of(zone)).toString().startsWith("2026-11-24T16:30"));
  }

  private static DemoDays days(String now) {
    return new DemoDays(Instant.parse(now), ZoneOffset.UTC);
  }
}
