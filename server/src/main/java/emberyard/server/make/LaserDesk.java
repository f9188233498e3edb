package emberyard.server.make;

import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.build.SheetLayout;
import emberyard.core.build.SheetLayout.LaidPiece;
import emberyard.core.build.SheetLayout.PieceState;
import emberyard.core.kind.ThingKind;
import emberyard.core.make.part.Parts;
import emberyard.core.make.sheet.JobEnd;
import emberyard.core.make.sheet.MachineJob;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.Machine;
import emberyard.core.workshop.Offcut;
import emberyard.core.workshop.SheetProduct;
import emberyard.core.workshop.WorkshopBook;
import emberyard.core.yard.BuildModel;
import emberyard.server.access.Account;
import emberyard.server.live.LiveTopic;
import emberyard.server.refusal.Refused;
import emberyard.server.store.ThingStore;
import emberyard.server.store.Write;
import emberyard.server.yard.YardReader;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Gives sheets to the laser, and records what came off it: pieces, sheet, offcuts, hours. */
@Component
class LaserDesk implements LiveTopic {
  private final YardReader yard;
  private final ThingStore store;
  private final SimulatedLaser laser;
  private final Clock clock;

  LaserDesk(YardReader yard, ThingStore store, SimulatedLaser laser, Clock clock) {
    this.yard = yard;
    this.store = store;
    this.laser = laser;
    this.clock = clock;
  }

  @Override
  public Map<String, Object> now(Account who) {
    return Map.of("laser", laser.view());
  }

  /** Starts the job of a sheet; pieces that are cut already are left alone. */
  void start(Account who, String buildId, String layoutId) {
    YardReader.Reading reading = yard.read();
    Build build = reading.build(buildId).build();
    SheetLayout layout = Sheets.layout(build, layoutId);
    refuse(reading, build, layout);
    WorkshopBook book = reading.book();
    MachineJob job = MachineJob.of(layout, Parts.of(build, book), book);
    if (job.strokes().isEmpty()) {
      throw new Refused(HttpStatus.CONFLICT, "No piece on this sheet waits to be cut.");
    }
    laser.take(
        new LaserRun(buildId, layoutId, layout.name(), who.id(), who.personId(), job),
        this::record);
  }

  private static void refuse(YardReader.Reading reading, Build build, SheetLayout layout) {
    Machine machine = reading.book().machine(layout.machineId()).orElse(null);
    if (machine == null || machine.kind() != Machine.Kind.LASER) {
      throw new Refused(
          HttpStatus.CONFLICT, "This sheet is not for the laser: take its file to the machine.");
    }
    layout.pieces().stream()
        .flatMap(piece -> build.panel(piece.panelId()).stream())
        .forEach(panel -> DrawingController.refuseDanger(panel, reading.book()));
    reading.build(build.id()).make().layouts().stream()
        .filter(laid -> laid.layout().id().equals(layout.id()))
        .flatMap(laid -> laid.pieces().stream())
        .filter(piece -> piece.collides())
        .findFirst()
        .ifPresent(
            piece -> {
              throw new Refused(
                  HttpStatus.CONFLICT,
                  "“%s” runs into its neighbour or off the sheet: lay the sheet out again."
                      .formatted(piece.title()));
            });
  }

  /** One act of undo: everything that the job changed. */
  private void record(LaserRun run) {
    YardReader.Reading reading = yard.read();
    WorkshopBook book = reading.book();
    BuildModel model = reading.build(run.buildId);
    Build build = model.build();
    SheetLayout layout = Sheets.layout(build, run.layoutId);
    double kerf = book.machine(layout.machineId()).map(Machine::kerfMm).orElse(0.0);
    JobEnd end = JobEnd.of(layout, Parts.of(build, book), run.became(), run.seconds(), kerf);
    Instant now = clock.instant();
    List<Write> writes = new ArrayList<>();
    boolean fromRack = end.finished() && fromRack(build, book, layout);
    SheetLayout after =
        end.finished() ? layout.cut(end.pieces(), fromRack, now) : layout.with(end.pieces());
    writes.add(Write.overwrite(build.id(), after));
    if (end.finished()) {
      sheetUsed(book, layout, fromRack, writes);
      LocalDate today = LocalDate.ofInstant(now, ZoneId.of(book.workshop().zone()));
      offcuts(end, layout, build, today, writes);
    }
    times(end, run, now, writes);
    marks(end, run, model, book, layout, now, writes);
    store.apply(run.accountId, writes);
  }

  /** From the rack unless it is an offcut or was bought for this build. */
  private static boolean fromRack(Build build, WorkshopBook book, SheetLayout layout) {
    boolean bought =
        build.liveOrders("sheet:" + layout.sheetId()).stream()
            .anyMatch(line -> !line.state().underWay());
    return layout.offcutId() == null
        && !bought
        && book.sheet(layout.sheetId()).map(SheetProduct::onHandSheets).orElse(0) > 0;
  }

  private static void sheetUsed(
      WorkshopBook book, SheetLayout layout, boolean fromRack, List<Write> writes) {
    if (layout.offcutId() != null && book.offcut(layout.offcutId()).isPresent()) {
      writes.add(Write.remove(ThingKind.OFFCUT, null, layout.offcutId()));
    }
    if (fromRack) {
      SheetProduct sheet = book.sheet(layout.sheetId()).orElseThrow();
      writes.add(Write.overwrite(null, sheet.lessOne()));
    }
  }

  private static void offcuts(
      JobEnd end, SheetLayout layout, Build build, LocalDate today, List<Write> writes) {
    int number = 0;
    for (String path : end.offcuts()) {
      String id = layout.id() + "-rest-" + ++number;
      Offcut rest =
          new Offcut(
              id,
              "Rest %d of %s".formatted(number, layout.name()),
              layout.sheetId(),
              path,
              "",
              "",
              build.id(),
              today);
      writes.add(Write.overwrite(null, rest));
    }
  }

  /** Machine time by part, one after the other up to now, whole minutes, one at least. */
  private static void times(JobEnd end, LaserRun run, Instant now, List<Write> writes) {
    Instant until = now;
    for (Map.Entry<String, Double> each : end.secondsOf().entrySet()) {
      if (each.getValue() > 0) {
        long minutes = Math.max(1, Math.round(each.getValue() / 60));
        Instant from = until.minus(Duration.ofMinutes(minutes));
        String id = UUID.randomUUID().toString();
        TimeEntry entry =
            new TimeEntry(id, "part:" + each.getKey() + "/cut", run.personId, from, until);
        writes.add(Write.create(run.buildId, entry));
        until = from;
      }
    }
  }

  /** A part whose last piece came off well is done. */
  private static void marks(
      JobEnd end,
      LaserRun run,
      BuildModel model,
      WorkshopBook book,
      SheetLayout layout,
      Instant now,
      List<Write> writes) {
    Build build = model.build();
    Map<String, Integer> done = new HashMap<>();
    for (SheetLayout other : build.layouts()) {
      List<LaidPiece> pieces = other.id().equals(layout.id()) ? end.pieces() : other.pieces();
      pieces.stream()
          .filter(piece -> piece.state() == PieceState.DONE)
          .forEach(piece -> done.merge(piece.panelId(), 1, Integer::sum));
    }
    for (Panel panel : build.panels()) {
      boolean here = end.pieces().stream().anyMatch(p -> p.panelId().equals(panel.id()));
      if (here && done.getOrDefault(panel.id(), 0) >= panel.quantity()) {
        String id = UUID.randomUUID().toString();
        TaskMark mark =
            new TaskMark(
                id, "part:" + panel.id() + "/cut", TaskMark.What.DONE, now, "the laser", "");
        model.kept(mark, book).forEach(kept -> writes.add(Write.create(run.buildId, kept)));
      }
    }
  }
}
