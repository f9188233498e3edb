package emberyard.server.workshop;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.StationKind;
import emberyard.core.workshop.OpenHours;
import emberyard.core.workshop.Person;
import emberyard.core.workshop.Station;
import emberyard.core.workshop.Workshop;
import emberyard.core.workshop.Writing;
import emberyard.server.access.Account;
import emberyard.server.access.AccountStore;
import emberyard.server.access.Role;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Turns an empty data folder into a workshop with an owner, stations and a starting stock list. */
@Component
public class FirstRun {
  private static final long STARTING_RATE_MINOR = 2_500;

  private final AccountStore accounts;
  private final ThingStore store;

  FirstRun(AccountStore accounts, ThingStore store) {
    this.accounts = accounts;
    this.store = store;
  }

  /**
   * What the first run asks.
   *
   * @param currency ISO 4217 code
   * @param zone IANA time zone
   * @param hours weekly working time, at least one stretch
   * @param secret what was printed at start; needed from another machine only
   * @param writing how numbers, times and days are written; 1,234.50 and 14:05 where left out
   */
  public record Answers(
      String workshopName,
      String currency,
      String zone,
      List<OpenHours> hours,
      @Nullable Writing writing,
      String ownerName,
      String password,
      @Nullable String secret) {}

  /** Refused once somebody can sign in. All of it is kept, or nothing. */
  @Transactional
  public synchronized Account setUp(Answers answers) {
    if (!accounts.empty()) {
      throw new Refused(HttpStatus.CONFLICT, "This workshop is set up already: sign in.");
    }
    Require.all(
        () -> Require.text("workshopName", answers.workshopName()),
        () -> AccountStore.checkName("ownerName", answers.ownerName()),
        () ->
            accounts.checkPassword(
                "password",
                answers.password(),
                words(answers.workshopName(), answers.ownerName())));
    Workshop defaults =
        Workshop.startingWith(answers.workshopName(), answers.currency(), answers.zone());
    Workshop workshop =
        new Workshop(
            Workshop.ID,
            defaults.name(),
            defaults.currency(),
            defaults.zone(),
            answers.hours(),
            defaults.breakMinutes(),
            defaults.room(),
            defaults.markUpPercent(),
            defaults.taxPercent(),
            defaults.contingencyPercent(),
            defaults.tightDays(),
            defaults.times(),
            answers.writing(),
            "");
    Account owner = accounts.add(answers.ownerName(), Role.OWNER, answers.password(), "owner");
    List<Thing> things = new ArrayList<>();
    things.add(workshop);
    things.add(new Person("owner", answers.ownerName(), List.of(), List.of(), STARTING_RATE_MINOR));
    things.add(new Station("bench", "Bench", StationKind.BENCH, 3));
    things.add(new Station("spray", "Spray corner", StationKind.SPRAY_CORNER, 1));
    things.add(new Station("laser", "Laser", StationKind.LASER, 1));
    things.add(new Station("saw", "Saw", StationKind.SAW, 1));
    things.add(new Station("printer", "Printer", StationKind.PRINTER, 1));
    StartingStock.all().forEach(things::add);
    store.apply(owner.id(), things.stream().map(thing -> Write.overwrite(null, thing)).toList());
    return owner;
  }

  private static List<String> words(@Nullable String... names) {
    return Stream.of(names).filter(Objects::nonNull).toList();
  }
}
