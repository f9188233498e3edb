package emberyard.core.brief;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Source;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.work.Stage;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.work.Work;
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

  /** What is talked about together, in the order people talk. */
  public enum Group {
    WHO("Who and what for"),
    WHERE("Where it stands"),
    LOOK("The look"),
    MUST("Must and must not"),
    EXISTS("What exists already"),
    MONEY("Money"),
    DAY("Day and secrecy");

    private final String words;

    Group(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * @param group what it is talked about with, in words
   * @param key stable name
   * @param ask the question in one line
   * @param ledTo what the answer changes, empty while not answered
   */
  public record Question(
      String group, String key, String ask, boolean answered, boolean skipped, String ledTo) {}

  /** Reads the answers off a build. */
  public static Interview of(Build build) {
    Brief brief = build.brief();
    List<Question> questions = new ArrayList<>();
    add(
        questions,
        brief,
        Group.WHO,
        "client",
        "Who is it for?",
        brief.client(),
        "Printed on every sheet.");
    add(
        questions,
        brief,
        Group.WHO,
        "purpose",
        "What will it be used for?",
        brief.purpose(),
        "The hardware is chosen for it.");
    add(
        questions,
        brief,
        Group.WHERE,
        "standsWhere",
        "Where will it stand, and which sides can't be seen there?",
        brief.standsWhere(),
        hidden(brief));
    add(
        questions,
        brief,
        Group.LOOK,
        "themeLine",
        "What does it look like, in one line?",
        brief.themeLine(),
        "The first line of the concept.");
    add(
        questions,
        brief,
        Group.LOOK,
        "loved",
        "What do they love?",
        brief.loved(),
        "Hangs beside the faces while you draw.");
    add(
        questions,
        brief,
        Group.LOOK,
        "hated",
        "What do they never want to see?",
        brief.hated(),
        bans(build));
    add(
        questions,
        brief,
        Group.MUST,
        "requirements",
        "What must it do, and what must it not?",
        build.requirements().isEmpty() ? "" : "given",
        counted(build.requirements().size(), "requirement")
            + " to answer, "
            + bans(build).toLowerCase(java.util.Locale.ROOT));
    add(
        questions,
        brief,
        Group.EXISTS,
        "brought",
        "What is there already, and what does it count for?",
        brought(build) == 0 ? "" : "given",
        counted(brought(build), "thing") + " in the budget at what was agreed, never ordered.");
    add(
        questions,
        brief,
        Group.MONEY,
        "budgetCapMinor",
        "What may it cost at most, and what counts?",
        brief.budgetCapMinor() == null ? "" : "given",
        "A requirement: a forecast over it is a risk, a commitment over it a stop.");
    add(
        questions,
        brief,
        Group.DAY,
        "revealOn",
        "When is it handed over, and can that day move?",
        brief.revealOn() == null ? "" : brief.revealOn().toString(),
        brief.revealMovable()
            ? "A requirement that may give way: the lantern hangs there and can move."
            : "A requirement: the lantern hangs there, fixed.");
    add(
        questions,
        brief,
        Group.DAY,
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
                Why.of("a default", minutes + " min (default)"))
            .inOneGo();
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
      List<Question> questions,
      Brief brief,
      Group group,
      String key,
      String ask,
      String answer,
      String led) {
    boolean answered = !answer.isBlank();
    boolean skipped = !answered && brief.skipped().contains(key);
    questions.add(new Question(group.words(), key, ask, answered, skipped, answered ? led : ""));
  }

  private static String bans(Build build) {
    long bans = build.requirements().stream().filter(each -> each.ban() != null).count();
    return bans == 0
        ? "No ban yet: make one where it can be checked"
        : counted(bans, "ban") + " checked on the faces";
  }

  private static long brought(Build build) {
    return build.components().stream().filter(each -> each.source() != Source.BUY).count();
  }

  private static String counted(long count, String what) {
    return count + " " + what + (count == 1 ? "" : "s");
  }

  private static String hidden(Brief brief) {
    return brief.hiddenFaces().isEmpty()
        ? "All six faces are seen."
        : brief.hiddenFaces().size()
            + " of six faces are not seen: dimmed, left out of the palette’s shares.";
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
