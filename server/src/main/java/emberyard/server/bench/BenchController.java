package emberyard.server.bench;

import emberyard.core.finding.Caution;
import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.core.workshop.OwnDay;
import emberyard.core.yard.day.BenchDay;
import emberyard.core.yard.day.CardDrawing;
import emberyard.core.yard.day.DayCard;
import emberyard.core.yard.day.DayEnd;
import emberyard.core.yard.day.DaySlides;
import emberyard.core.yard.day.HoursSaid;
import emberyard.core.yard.diary.Diary;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Versioned;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Somebody's day at the bench, the clock, and what people say about their work. */
@RestController
@RequestMapping("/api")
class BenchController {
  private final BenchDesk desk;
  private final ClockDesk clock;
  private final HoursDesk hours;
  private final ThingApi things;

  BenchController(BenchDesk desk, ClockDesk clock, HoursDesk hours, ThingApi things) {
    this.desk = desk;
    this.clock = clock;
    this.hours = hours;
    this.things = things;
  }

  /**
   * Starts the clock on a task.
   *
   * @param id of the new time entry, made by the sender
   * @param at when it was pressed, where the page could not reach the server then; now if left out
   */
  record ClockStart(String id, String taskKey, @Nullable Instant at) {}

  /**
   * Stops the clock.
   *
   * @param id made by the sender
   * @param at when it was pressed; now if left out
   */
  record ClockStop(@Nullable String id, @Nullable Instant at) {}

  /**
   * When a clock was stopped that was forgotten.
   *
   * @param id made by the sender
   * @param entryId the line of hours that runs
   * @param endedAt when that was
   * @param at when it was said; now if left out
   */
  record ClockForgotten(
      @Nullable String id, String entryId, Instant endedAt, @Nullable Instant at) {}

  /**
   * Something said about a task.
   *
   * @param by who says so; the account's name when left out
   * @param note result of a check, reason of a redo
   * @param minutes how long it took where no clock ran, 0 to 1,440; left out where one did
   * @param timeWhy why it took no time; wanted with 0 minutes
   * @param doneBy id of the person whose work it was; whoever says so when left out
   * @param leftMinutes hands-on minutes left where it was done in part, 1 to 100,000
   * @param at when it was said, where the page could not reach the server then; now if left out
   */
  record MarkRequest(
      String id,
      String taskKey,
      TaskMark.What what,
      @Nullable String by,
      @Nullable String note,
      @Nullable Integer minutes,
      @Nullable String timeWhy,
      @Nullable String doneBy,
      @Nullable Integer leftMinutes,
      @Nullable Instant at) {}

  /**
   * Open work before a check, coat or hand-over that counts as done though nobody did it.
   *
   * @param id made by the sender
   * @param taskKey the check, coat or hand-over
   * @param by who says so; the account's name when left out
   * @param at when it was said; now if left out
   */
  record PassOverRequest(
      String id,
      String taskKey,
      @Nullable String by,
      List<PassedStep> steps,
      @Nullable Instant at) {}

  /** One step that is passed over, and why. */
  record PassedStep(String taskKey, String reason) {}

  /**
   * A remark.
   *
   * @param at when it was typed; now if left out
   */
  record NoteRequest(String id, String taskKey, String text, @Nullable Instant at) {}

  /**
   * Cautions that whoever is signed in has read.
   *
   * @param id made by the sender
   * @param at when that was; now if left out
   */
  record HeedRequest(String id, List<Caution> cautions, @Nullable Instant at) {}

  /** Taking a finding upon oneself. */
  record AcceptRequest(String id, String findingKey, String by, String reason) {}

  /**
   * What somebody does now, what then, and what goes on without them.
   *
   * @param person whose day; whoever is signed in when left out
   */
  @GetMapping("/bench")
  BenchDay bench(
      @AuthenticationPrincipal Account who,
      @RequestParam(required = false) @Nullable String person) {
    return desk.day(who, person);
  }

  /**
   * How somebody's day ended, and what is to be done before one goes home.
   *
   * @param person whose day; whoever is signed in when left out
   */
  @GetMapping("/bench/end")
  DayEnd end(
      @AuthenticationPrincipal Account who,
      @RequestParam(required = false) @Nullable String person) {
    return desk.end(who, person);
  }

  /** The faces and parts of a build, drawn: where a snag can be. */
  @GetMapping("/builds/{buildId}/places")
  List<CardDrawing> places(@PathVariable String buildId) {
    return desk.places(buildId);
  }

  /** What happened on which day, as it wrote itself or as somebody wrote it. */
  @GetMapping("/builds/{buildId}/diary")
  Diary diary(@PathVariable String buildId) {
    return desk.diary(buildId);
  }

  /** The card with which work on a thing goes on, as its label opens it. */
  @GetMapping("/builds/{buildId}/things/{thingId}/card")
  DayCard cardOfThing(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String thingId) {
    return desk.cardOf(who, buildId, thingId);
  }

  /** What slides where somebody's hours of a day are others; nothing is kept. */
  @PostMapping("/bench/hours/asked")
  DaySlides hoursAsked(@RequestBody HoursSaid said) {
    return hours.asked(said);
  }

  /** Somebody's hours of a day, as agreed. */
  @PostMapping("/bench/hours")
  void hours(@AuthenticationPrincipal Account who, @RequestBody OwnDay day) {
    hours.agree(who, day);
  }

  /** Somebody's hours of a day are as in every week again. */
  @PostMapping("/bench/hours/usual")
  void usualHours(@AuthenticationPrincipal Account who, @RequestBody OwnDay day) {
    hours.usual(who, day);
  }

  /** One step with all that is asked before it is begun, whenever it is planned. */
  @GetMapping("/builds/{buildId}/card")
  DayCard card(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestParam String key) {
    return desk.card(who, buildId, key);
  }

  /**
   * Cards of all builds by part of their title: open ones first, at most 12.
   *
   * @param words at least two letters
   */
  @GetMapping("/cards")
  List<BenchDesk.FoundCard> find(@RequestParam String words) {
    return desk.find(words);
  }

  @PostMapping("/builds/{buildId}/clock/start")
  void start(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody ClockStart wanted) {
    clock.start(who, buildId, wanted);
  }

  /** Stops whatever clock of this person runs. */
  @PostMapping("/clock/stop")
  void stop(
      @AuthenticationPrincipal Account who,
      @RequestBody(required = false) @Nullable ClockStop said) {
    clock.stop(who, said == null ? null : said.at());
  }

  /** Says when a clock was stopped that runs since another day. */
  @PostMapping("/builds/{buildId}/clock/forgotten")
  void forgotten(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody ClockForgotten said) {
    clock.forgotten(who, buildId, said);
  }

  @PostMapping("/builds/{buildId}/marks")
  void mark(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody MarkRequest said) {
    desk.mark(who, buildId, said);
  }

  /**
   * Passes over open work, each step with a reason; kept, and shown when the build is handed over.
   */
  @PostMapping("/builds/{buildId}/passed-over")
  void passOver(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody PassOverRequest said) {
    desk.passOver(who, buildId, said);
  }

  /** Types, corrects or back-dates a line of hours; the history keeps what it was. */
  @PutMapping("/builds/{buildId}/times/{id}")
  Versioned<TimeEntry> putTime(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @PathVariable String id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody TimeEntry value) {
    return things.put(who, buildId, id, clock.typed(who, value), ifMatch);
  }

  @PostMapping("/builds/{buildId}/notes")
  void note(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody NoteRequest said) {
    desk.note(who, buildId, said);
  }

  /** Keeps which cautions have been read. */
  @PostMapping("/builds/{buildId}/heeded")
  void heed(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody HeedRequest said) {
    desk.heed(who, buildId, said);
  }

  @PostMapping("/builds/{buildId}/acceptances")
  void accept(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody AcceptRequest said) {
    desk.accept(who, buildId, said);
  }
}
