package emberyard.server.bench;

import emberyard.core.build.TaskMark;
import emberyard.server.access.Account;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Today's cards, the clock, and what people say about their work. */
@RestController
@RequestMapping("/api")
class BenchController {
  private final BenchDesk desk;

  BenchController(BenchDesk desk) {
    this.desk = desk;
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
   */
  record MarkRequest(
      String id, String taskKey, TaskMark.What what, @Nullable String by, @Nullable String note) {}

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
