package emberyard.core.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.build.Brief;
import emberyard.core.build.Build;
import emberyard.core.build.Concept;
import emberyard.core.build.Look;
import emberyard.core.yard.Samples;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class InterviewTest {
  private static Build build(Brief brief) {
    return Build.begun(brief, Concept.open(brief.id(), Look.open()));
  }

  @Test
  void aNewBriefAsksEverythingInTheOrderPeopleTalk() {
    Interview interview = Interview.of(build(Brief.named("b", "Night Pilotage", Samples.MONDAY)));
    assertEquals(
        List.of(
            "client",
            "purpose",
            "standsWhere",
            "themeLine",
            "loved",
            "hated",
            "requirements",
            "brought",
            "budgetCapMinor",
            "revealOn",
            "secrecy"),
        interview.questions().stream().map(Interview.Question::key).collect(Collectors.toList()));
    assertEquals(0, interview.answered());
    assertFalse(interview.complete());
    assertTrue(interview.questions().stream().allMatch(q -> q.ledTo().isEmpty()));
  }

  @Test
  void skippedQuestionsCompleteItAndAnAnswerOutweighsASkip() {
    Interview interview = Interview.of(Samples.build());
    assertTrue(interview.complete(), "six answers, five skipped");
    assertEquals(6, interview.answered());
    Brief answered = Samples.brief(Samples.MONDAY.plusDays(9));
    Brief skipsClient =
        new Brief(
            "b1",
            answered.name(),
            "Pilots",
            "",
            "",
            "",
            "",
            "",
            List.of(),
            null,
            false,
            null,
            answered.capCounts(),
            null,
            List.of("client"),
            Samples.MONDAY,
            null,
            null);
    Interview.Question client = Interview.of(build(skipsClient)).questions().get(0);
    assertTrue(client.answered());
    assertFalse(client.skipped());
  }

  @Test
  void aBriefWithoutADateIsARiskAndItsTalkIsATask() {
    var work = Interview.of(build(Brief.named("b", "x", Samples.MONDAY))).work(Samples.book());
    assertEquals("No reveal date yet", work.findings().get(0).title());
    assertEquals(60, work.tasks().get(0).handsOnMinutes());
    assertEquals(List.of(), Interview.of(Samples.build()).work(Samples.book()).findings());
  }

  @Test
  void noAnswerShowsAnAmountOfMoney() {
    Interview interview = Interview.of(Samples.build());
    assertTrue(
        interview.questions().stream().noneMatch(q -> q.ledTo().contains("€")),
        "helpers read the interview too");
  }
}
