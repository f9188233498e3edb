package emberyard.server.plan;

import emberyard.core.workshop.Person;
import emberyard.core.yard.BuildModel;
import emberyard.core.yard.TaskModel;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.io.StringWriter;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The plan of a build as iCalendar (RFC 5545), one event per stretch of hands-on time, in UTC. */
@RestController
class PlanCalendar {
  private final YardReader yard;

  PlanCalendar(YardReader yard) {
    this.yard = yard;
  }

  @GetMapping(value = "/api/builds/{buildId}/plan.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> calendar(@PathVariable String buildId) throws IOException {
    YardReader.Reading reading = yard.read();
    BuildModel model = reading.build(buildId);
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Ember Yard//Plan//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (TaskModel task : model.tasks()) {
      if (task.planned() != null) {
        addPieces(calendar, reading, model, task);
      }
    }
    StringWriter text = new StringWriter();
    new CalendarOutputter(false).output(calendar, text);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"plan.ics\"")
        .body(text.toString());
  }

  private static void addPieces(
      Calendar calendar, YardReader.Reading reading, BuildModel model, TaskModel task) {
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    String who =
        task.planned().worker() == null
            ? ""
            : reading.book().person(task.planned().worker()).map(Person::name).orElse("");
    int number = 0;
    for (var piece : task.planned().pieces()) {
      number++;
      VEvent event = new VEvent(false);
      event.add(new Uid(model.build().id() + "/" + task.task().key() + "/" + number));
      event.add(new DtStamp(reading.minute()));
      event.add(new DtStart<>(utc(piece.from().atZone(zone))));
      event.add(new DtEnd<>(utc(piece.to().atZone(zone))));
      event.add(new Summary(model.build().brief().name() + ": " + task.task().title()));
      event.add(new Description(who));
      calendar.add(event);
    }
  }

  private static Instant utc(ZonedDateTime moment) {
    return moment.toInstant();
  }
}
