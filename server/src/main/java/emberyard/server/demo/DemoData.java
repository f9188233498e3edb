package emberyard.server.demo;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Frozen;
import emberyard.core.build.JobNote;
import emberyard.core.build.OrderLine;
import emberyard.core.build.Snapshot;
import emberyard.core.build.Stage;
import emberyard.core.build.TaskMark;
import emberyard.core.build.TimeEntry;
import emberyard.core.supply.NeedLine;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildPicture;
import emberyard.core.yard.PlannedCurve;
import emberyard.core.yard.TaskPicture;
import emberyard.core.yard.YardPicture;
import emberyard.server.access.Account;
import emberyard.server.access.AccountStore;
import emberyard.server.access.Role;
import emberyard.server.access.SessionStore;
import emberyard.server.files.MeshFiles;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/**
 * Fills an empty data folder with the workshop of the demo, through the same store and the same
 * derivation that the screens use: designs are entered, then what was derived is worked off.
 */
@Component
class DemoData implements ApplicationRunner {
  private static final String TOKEN = "printed by the demo";
  private static final String PASSWORD = "lantern-harbour";

  /** Parts of the pilot build that are still to be cut. */
  private static final List<String> LATER =
      List.of("-plate/", "-rib/", "-cover/", "-intake/", "print:");

  private final boolean wanted;
  private final AccountStore accounts;
  private final SessionStore sessions;
  private final ThingStore store;
  private final Clock clock;
  private final Map<String, Integer> counters = new HashMap<>();
  private final MeshFiles meshes;
  private final List<Offcut> shelf = new ArrayList<>();

  DemoData(
      @Value("${ember.demo}") boolean wanted,
      AccountStore accounts,
      SessionStore sessions,
      ThingStore store,
      MeshFiles meshes,
      Clock clock) {
    this.meshes = meshes;
    this.wanted = wanted;
    this.accounts = accounts;
    this.sessions = sessions;
    this.store = store;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (!wanted) {
      return;
    }
    if (accounts.empty()) {
      fill();
    }
    Optional<Account> owner = accounts.check("ines", PASSWORD);
    if (owner.isEmpty()) {
      System.out.println("  The example's passwords were changed here.");
      return;
    }
    System.out.println("  sign in as  ines / " + PASSWORD + "   (owner)");
    System.out.println("              lotte / " + PASSWORD + "  (helper: sees no money)");
    System.out.println("  API token   " + token(owner.get()));
  }

  /** One for this start; those of earlier starts go. */
  private String token(Account owner) {
    sessions.tokens(owner).stream()
        .filter(token -> token.name().equals(TOKEN) && !token.revoked())
        .forEach(token -> sessions.revokeToken(owner, token.id()));
    return sessions.addToken(owner, TOKEN);
  }

  private void fill() {
    Account owner = accounts.add("ines", Role.OWNER, PASSWORD, "ines");
    accounts.add("lotte", Role.HELPER, PASSWORD, "lotte");
    LocalDate today = LocalDateTime.ofInstant(clock.instant(), zone()).toLocalDate();
    WorkshopBook book = DemoWorkshop.book(today, zone());
    List<Write> writes = new ArrayList<>();
    DemoWorkshop.things(book).forEach(thing -> writes.add(Write.overwrite(null, thing)));
    add(writes, worked(DemoNight.nightPilotage(today), book, today, 13, this::nightDone));
    add(writes, worked(DemoBuilds.mossArchive(today), book, today, 18, this::mossDone));
    add(writes, worked(DemoBuilds.lineNine(today), book, today, 9, this::depotDone));
    add(writes, worked(DemoBuilds.paperKite(today), book, today, 52, task -> true));
    DemoBuild glasshouse = DemoBuilds.glasshouse(today);
    add(writes, glasshouse);
    shelf.forEach(rest -> writes.add(Write.overwrite(null, rest)));
    store.apply(owner.id(), writes);
  }

  private boolean nightDone(TaskPicture task) {
    String key = task.task().key();
    if (key.startsWith("manual:")) {
      return false;
    }
    return switch (task.task().stage()) {
      case BRIEF, CONCEPT, FIT -> true;
      case ORDER -> !key.startsWith("screen:");
      case MAKE -> LATER.stream().noneMatch(key::contains);
      case FINISH ->
          key.contains("trim-paint/wash")
              || key.contains("front-paint/wash")
              || key.contains("front-paint/key");
      default -> false;
    };
  }

  private boolean mossDone(TaskPicture task) {
    String key = task.task().key();
    if (key.startsWith("manual:")) {
      return false;
    }
    return switch (task.task().stage()) {
      case BRIEF, CONCEPT, FIT, ORDER, MAKE -> true;
      case FINISH ->
          key.contains("side-paint") && !key.endsWith("/cured") && !key.endsWith("/cure");
      case ASSEMBLE -> key.equals("prove/hardware");
      default -> false;
    };
  }

  private boolean depotDone(TaskPicture task) {
    return task.task().stage().compareTo(Stage.CONCEPT) <= 0;
  }

  /** Freezes a design as of some days ago and works off what {@code done} says, day by day. */
  private DemoBuild worked(
      DemoBuild demo,
      WorkshopBook book,
      LocalDate today,
      int frozenDaysAgo,
      Predicate<TaskPicture> done) {
    if (demo.id.equals("night-pilotage")) {
      demo.things.add(DemoMesh.part(meshes));
      DemoOptions.add(demo);
    }
    Instant frozenAt = at(today.minusDays(frozenDaysAgo), LocalTime.of(9, 0));
    BuildPicture then = picture(demo, book, frozenAt);
    demo.things.removeIf(Concept.class::isInstance);
    demo.things.add(
        then.build()
            .concept()
            .with(
                new Frozen(
                    "Ines Varga",
                    frozenAt,
                    then.budget().quoteMinor(),
                    then.fuse().finish(),
                    then.build().design(),
                    PlannedCurve.of(then))));
    Concept concept = (Concept) demo.things.get(demo.things.size() - 1);
    demo.things.add(
        new Snapshot(
            demo.id + "-chosen", concept.letter(), concept.name(), concept.frozen(), "Chosen"));
    order(demo, then, done, today, frozenDaysAgo);
    BuildPicture planned = picture(demo, book, frozenAt);
    LocalDateTime begin = today.minusDays(frozenDaysAgo).atTime(9, 0);
    workOff(demo, planned, done, begin, today);
    finishStory(demo, today);
    sheets(demo, book, frozenAt);
    return demo;
  }

  private BuildPicture picture(DemoBuild demo, WorkshopBook book, Instant now) {
    Build build = YardReader.build(demo.things);
    return YardPicture.of(List.of(build), book, now).builds().get(demo.id);
  }

  /**
   * Done tasks are spread over the days since the freeze, so that the clock and photos have days.
   */
  private void workOff(
      DemoBuild demo,
      BuildPicture planned,
      Predicate<TaskPicture> done,
      LocalDateTime begin,
      LocalDate today) {
    List<TaskPicture> tasks =
        planned.tasks().stream()
            .filter(task -> task.planned() != null && done.test(task))
            .filter(task -> !task.task().key().endsWith("/receive"))
            .toList();
    LocalDate lastDay = demo.id.equals("paper-kite") ? today.minusDays(7) : today.minusDays(1);
    long days = Math.max(1, ChronoUnit.DAYS.between(begin.toLocalDate(), lastDay));
    for (int i = 0; i < tasks.size(); i++) {
      TaskPicture task = tasks.get(i);
      LocalDate day = begin.toLocalDate().plusDays(days * (i + 1) / tasks.size());
      long minutes = Math.round(task.task().handsOnMinutes() * (0.85 + 0.07 * (i % 8)));
      Instant end = at(day, LocalTime.of(10, 0).plusMinutes(35L * (i % 9)));
      if (minutes > 0) {
        demo.things.add(
            new TimeEntry(
                next(demo, "time"),
                task.task().key(),
                task.planned().worker() == null ? "ines" : task.planned().worker(),
                end.minusSeconds(minutes * 60),
                end));
      }
      demo.things.add(
          new TaskMark(
              next(demo, "mark"),
              task.task().key(),
              task.task().gate() ? TaskMark.What.PASSED : TaskMark.What.DONE,
              end,
              "Ines Varga",
              task.task().gate() ? "Looked and measured: in order." : ""));
    }
  }

  private void order(
      DemoBuild demo,
      BuildPicture then,
      Predicate<TaskPicture> done,
      LocalDate today,
      int frozenDaysAgo) {
    LocalDate orderedOn = today.minusDays(frozenDaysAgo - 1L);
    boolean wantedOnly = demo.id.equals("line-9-depot");
    for (NeedLine line : then.needs()) {
      String key = line.need().receiveKey();
      boolean arrived =
          then.tasks().stream().anyMatch(t -> t.task().key().equals(key) && done.test(t));
      boolean late = key.startsWith("screen:");
      if (wantedOnly && !late) {
        continue;
      }
      LocalDate came = orderedOn.plusDays(line.need().leadDays());
      LocalDate expected = arrived ? came : today.plusDays(late && wantedOnly ? 16 : 18);
      demo.things.add(
          new OrderLine(
              next(demo, "order"),
              line.need().key(),
              line.need().title(),
              line.need().category(),
              line.need().supplierId(),
              line.need().toBuy(),
              line.need().unitPriceMinor(),
              arrived ? OrderLine.State.CHECKED : OrderLine.State.ORDERED,
              orderedOn,
              expected,
              arrived ? came : null,
              arrived ? came : null,
              arrived ? "Lotte Haas" : "",
              arrived ? came : null,
              late && wantedOnly ? "Supplier says: two weeks late." : ""));
    }
  }

  /** What makes each build its own story. */
  private void finishStory(DemoBuild demo, LocalDate today) {
    if (demo.id.equals("night-pilotage")) {
      DemoOptions.change(demo);
    }
    if (demo.id.equals("paper-kite")) {
      demo.things.replaceAll(
          thing -> thing instanceof Brief brief ? brief.revealed(today.minusDays(7)) : thing);
    }
    if (demo.id.equals("moss-archive")) {
      demo.things.add(
          new TaskMark(
              next(demo, "mark"),
              "scheme:moss-archive-side-paint/clear/1",
              TaskMark.What.DONE,
              clock.instant().minusSeconds(50 * 60),
              "Bram Okoye",
              ""));
      demo.things.add(DemoFinish.run(demo.id, clock.instant().minusSeconds(20 * 60)));
      String cut = "part:moss-archive-screen/cut";
      demo.things.add(
          new TaskMark(
              next(demo, "mark"),
              cut,
              TaskMark.What.AGAIN,
              at(today.minusDays(1), LocalTime.of(16, 0)),
              "Bram Okoye",
              "A fern tip broke out while lifting it off the bed."));
      demo.things.add(
          new JobNote(
              next(demo, "note"),
              cut,
              "Leave the tips 1 mm wider this time.",
              "Bram Okoye",
              at(today.minusDays(1), LocalTime.of(16, 5))));
    }
  }

  /** What was cut lies on the shelf; the rest waits on sheets. */
  private void sheets(DemoBuild demo, WorkshopBook book, Instant at) {
    DemoSheetWork work = new DemoSheetWork(demo, book, shelf);
    if (demo.id.equals("night-pilotage")) {
      work.cut("acrylic-clear-3", at, "Rack, upright, left")
          .cut("ply-birch-4", at, "Rack, upright, right")
          .planned("acrylic-black-3");
    }
    if (demo.id.equals("moss-archive")) {
      work.cut("ply-birch-6", at, "Under the laser");
    }
  }

  private String next(DemoBuild demo, String kind) {
    return demo.id + "-" + kind + "-" + counters.merge(demo.id + kind, 1, Integer::sum);
  }

  private static void add(List<Write> writes, DemoBuild demo) {
    for (Thing thing : demo.things) {
      writes.add(Write.overwrite(demo.id, thing));
    }
  }

  private static Instant at(LocalDate day, LocalTime time) {
    return day.atTime(time).atZone(zone()).toInstant();
  }

  private static ZoneId zone() {
    return ZoneId.systemDefault();
  }
}
