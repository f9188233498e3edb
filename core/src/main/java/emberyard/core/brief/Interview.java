package emberyard.core.brief;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Stage;
import emberyard.core.build.Task;
import emberyard.core.build.Why;
import emberyard.core.build.Work;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.workshop.WorkshopBook;
import java.util.ArrayList;
import java.util.List;

/**
 * The brief as an interview: what is asked, what is answered, what each answer led to.
 *
 * @param questions in the order people talk
 */
public record Interview(List<Question> questions) {
  /** Key of the task that talking with the client is. */
  public static final String AGREE = "brief/agree";

  public Interview {
    questions = List.copyOf(questions);
  }

  /**
   * @param key stable name
   * @param ask the question in one line
   * @param ledTo what the answer changes, empty while not answered
   */
  public record Question(String key, String ask, boolean answered, boolean skipped, String ledTo) {}

  /** Reads the answers off a build. */
  public static Interview of(Build build) {
    Brief brief = build.brief();
    List<Question> questions = new ArrayList<>();
    add(questions, brief, "client", "Who is it for?", brief.client(), "Printed on every sheet.");
    add(
        questions,
        brief,
        "themeLine",
        "What does it look like, in one line?",
        brief.themeLine(),
        "The first line of the concept.");
    add(
        questions,
        brief,
        "standsWhere",
        "Where will it stand, and which sides can't be seen there?",
        brief.standsWhere(),
        hidden(brief));
    add(
        questions,
        brief,
        "requirements",
        "What must it do, what should it, what would be nice?",
        build.requirements().isEmpty() ? "" : "given",
        build.requirements().size() + " requirements to answer.");
    add(
        questions,
        brief,
        "budgetCapMinor",
        "What may it cost at most, and what counts?",
        brief.budgetCapMinor() == null ? "" : "given",
        "A forecast over it is a risk, a commitment over it a stop.");
    add(
        questions,
        brief,
        "revealOn",
        "When is it handed over, and can that day move?",
        brief.revealOn() == null ? "" : brief.revealOn().toString(),
        brief.revealMovable()
            ? "The lantern hangs there; it may move."
            : "The lantern hangs there, fixed.");
    add(
        questions,
        brief,
        "secrecy",
        "How much may the client know before?",
        brief.secrecy() == null ? "" : brief.secrecy().name(),
        secrecy(brief));
    return new Interview(questions);
  }

  /** Whether every question is answered or was left out on purpose. */
  public boolean complete() {
    return questions.stream().allMatch(q -> q.answered() || q.skipped());
  }

  public long answered() {
    return questions.stream().filter(Question::answered).count();
  }

  /** The talk as a task, and what is still unknown as findings. */
  public Work work(WorkshopBook book) {
    int minutes = book.workshop().times().interviewMinutes();
    Task talk =
        Task.of(
            AGREE,
            "Talk the brief through with the client",
            Stage.BRIEF,
            minutes,
            Why.of("a default", minutes + " min (default)"));
    List<Finding> findings = new ArrayList<>();
    boolean noDate = questions.stream().anyMatch(q -> q.key().equals("revealOn") && !q.answered());
    if (noDate) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "brief",
                  "brief/no-date",
                  "No reveal date yet",
                  "The plan can say when it is done, but not whether that is in time.",
                  "Without a day nothing can be late, and everything will be.")
              .with(Remedy.byHand("Ask for the day")));
    }
    return new Work(List.of(talk), List.of(), findings);
  }

  private static void add(
      List<Question> questions, Brief brief, String key, String ask, String answer, String led) {
    boolean answered = !answer.isBlank();
    boolean skipped = !answered && brief.skipped().contains(key);
    questions.add(new Question(key, ask, answered, skipped, answered ? led : ""));
  }

  private static String hidden(Brief brief) {
    return brief.hiddenFaces().isEmpty()
        ? "All six faces are seen."
        : brief.hiddenFaces().size() + " of six faces are not seen.";
  }

  private static String secrecy(Brief brief) {
    if (brief.secrecy() == null) {
      return "";
    }
    return switch (brief.secrecy()) {
      case OPEN -> "The client may see all.";
      case NO_SPECIFICATION -> "The client sees no prices and no specification.";
      case SURPRISE -> "The client hears only whether it is on time.";
    };
  }
}
