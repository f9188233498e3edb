package emberyard.server.bench;

import emberyard.core.record.TaskMark;
import emberyard.core.record.TimeEntry;
import emberyard.server.access.Account;
import emberyard.server.api.ThingApi;
import emberyard.server.store.Versioned;
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
import org.springframework.web.bind.annotation.RestController;

/** Today's cards, the clock, and what people say about their work. */
@RestController
@RequestMapping("/api")
class BenchController {
  private final BenchDesk desk;
  private final ThingApi things;

  BenchController(BenchDesk desk, ThingApi things) {
    this.desk = desk;
    this.things = things;
  }

  /**
   * Starts the clock on a task.
   *
   * @param id of the new time entry, made by the sender
   */
  record ClockStart(String id, String taskKey) {}

  /**
   * Something said about a task.
   *
   * @param by who says so; the account's name when left out
   * @param note result of a check, reason of a redo
   * @param minutes how long it took where no clock ran, 0 to 1,440; left out where one did
   * @param timeWhy why it took no time; wanted with 0 minutes
   */
  record MarkRequest(
      String id,
      String taskKey,
      TaskMark.What what,
      @Nullable String by,
      @Nullable String note,
      @Nullable Integer minutes,
      @Nullable String timeWhy) {}

  /**
   * Open work before a check, coat or hand-over that counts as done though nobody did it.
   *
   * @param id made by the sender
   * @param taskKey the check, coat or hand-over
   * @param by who says so; the account's name when left out
   */
  record PassOverRequest(String id, String taskKey, @Nullable String by, List<PassedStep> steps) {}

  /** One step that is passed over, and why. */
  record PassedStep(String taskKey, String reason) {}

  /** A remark. */
  record NoteRequest(String id, String taskKey, String text) {}

  /** Taking a finding upon oneself. */
  record AcceptRequest(String id, String findingKey, String by, String reason) {}

  @GetMapping("/bench")
  BenchDesk.BenchView bench() {
    return desk.today();
  }

  @PostMapping("/builds/{buildId}/clock/start")
  void start(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody ClockStart wanted) {
    desk.start(who, buildId, wanted.id(), wanted.taskKey());
  }

  /** Stops whatever clock of this person runs. */
  @PostMapping("/clock/stop")
  void stop(@AuthenticationPrincipal Account who) {
    desk.stop(who);
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
    return things.put(who, buildId, id, desk.typed(who, value), ifMatch);
  }

  @PostMapping("/builds/{buildId}/notes")
  void note(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody NoteRequest said) {
    desk.note(who, buildId, said.id(), said.taskKey(), said.text());
  }

  @PostMapping("/builds/{buildId}/acceptances")
  void accept(
      @AuthenticationPrincipal Account who,
      @PathVariable String buildId,
      @RequestBody AcceptRequest said) {
    desk.accept(who, buildId, said);
  }
}
