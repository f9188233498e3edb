package emberyard.server.bench;

import emberyard.core.kind.ThingKind;
import emberyard.core.units.Require;
import emberyard.core.workshop.OwnDay;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.YardModel;
import emberyard.core.yard.day.DaySlides;
import emberyard.core.yard.day.HoursSaid;
import emberyard.server.access.Account;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Hours of a day that are not as in every week: asked what they do, agreed, taken back. */
@Component
class HoursDesk {
  private final YardReader yard;
  private final ThingStore store;
  private final ActMoment moments;

  HoursDesk(YardReader yard, ThingStore store, ActMoment moments) {
    this.yard = yard;
    this.store = store;
    this.moments = moments;
  }

  /** What would slide; nothing is kept. */
  DaySlides asked(HoursSaid said) {
    YardReader.Reading reading = yard.read();
    known(reading.book(), said.personId());
    ZoneId zone = ZoneId.of(reading.book().workshop().zone());
    OwnDay day = said.on(reading.book(), LocalDateTime.ofInstant(moments.now(), zone));
    WorkshopBook then = with(reading.book(), day);
    YardModel laid = reading.plan().changed(reading.builds(), then, reading.minute()).model();
    return DaySlides.between(reading.yard(), laid, reading.book(), then, day);
  }

  /** The day is so from now on. */
  void agree(Account who, OwnDay day) {
    YardReader.Reading reading = yard.read();
    known(reading.book(), day.personId());
    own(who, day.personId());
    Require.that(!day.date().isBefore(reading.today()), "date", "That day is over.");
    store.apply(who.id(), List.of(Write.overwrite(null, day.said(moments.now()))));
  }

  /** The day is as in every week again. */
  void usual(Account who, OwnDay day) {
    own(who, day.personId());
    if (store.find(OwnDay.class, day.id()).isPresent()) {
      store.apply(who.id(), List.of(Write.remove(ThingKind.OWN_DAY, null, day.id())));
    }
  }

  private static WorkshopBook with(WorkshopBook book, OwnDay day) {
    List<OwnDay> others =
        book.ownDays().stream().filter(each -> !each.id().equals(day.id())).toList();
    return book.with(OwnDay.class, Stream.concat(others.stream(), Stream.of(day)).toList());
  }

  private static void known(WorkshopBook book, String personId) {
    Require.that(book.person(personId).isPresent(), "personId", "Nobody of that name works here.");
  }

  /** Everybody says when they are here themselves; the owner says it for others too. */
  private static void own(Account who, String personId) {
    Refused.unless(
        who.owner() || who.personId().equals(personId),
        "Somebody else’s hours are said by them or the owner.");
  }
}
