package emberyard.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Hours of a day, snags, the day's end, the diary and paper for the bench, over HTTP. */
class DayApiTest extends OwnDemoTest {
  private static final String MOSS = "/api/builds/moss-archive";

  private JsonNode asked(String what, Object until, Object minutes) {
    Map<String, Object> said = new HashMap<>(Map.of("what", what, "personId", "ines"));
    said.put("until", until);
    said.put("minutes", minutes);
    return demo.owner.post("/api/bench/hours/asked", said).expect(200).json();
  }

  private JsonNode day(String person) {
    return demo.owner.get("/api/bench?person=" + person).expect(200).json();
  }

  @Test
  void whatSlidesIsSaidBeforeItIsAgreedAndTakenBack() {
    JsonNode before = day("ines").path("cards");
    JsonNode slides = asked("AWAY", null, null);
    assertFalse(slides.path("steps").isEmpty(), "somebody else does it, or later");
    assertEquals(before, day("ines").path("cards"), "nothing is kept by asking");
    demo.owner.post("/api/bench/hours", slides.path("day")).expect(200);
    JsonNode away = day("ines");
    assertFalse(away.path("day").equals(away.path("now")));
    assertEquals(1, away.path("ownDays").size());
    for (JsonNode step : slides.path("steps")) {
      assertFalse(
          away.path("cards")
              .valueStream()
              .filter(card -> card.path("from").asString().startsWith("2026-03-03"))
              .map(card -> card.path("task").path("task").path("key").asString())
              .anyMatch(step.path("taskKey").asString()::equals),
          step.path("title").asString());
    }
    demo.owner.post("/api/bench/hours/usual", slides.path("day")).expect(200);
    demo.owner.post("/api/bench/hours/usual", slides.path("day")).expect(200);
    assertEquals(before, day("ines").path("cards"));
  }

  @Test
  void whatCantBeIsRefusedWithASentence() {
    Map<String, Object> past = new HashMap<>(Map.of("what", "NOT_BEFORE", "personId", "ines"));
    past.put("until", "08:00");
    String sentence = demo.owner.post("/api/bench/hours/asked", past).expect(422).json().toString();
    assertTrue(sentence.contains("It is later than that already."), sentence);
    Map<String, Object> nobody = Map.of("what", "AWAY", "personId", "nobody");
    demo.owner.post("/api/bench/hours/asked", nobody).expect(422);
    Map<String, Object> yesterday =
        Map.of("personId", "ines", "date", "2026-03-02", "hours", List.of());
    demo.owner.post("/api/bench/hours", yesterday).expect(422);
  }

  /** A helper says her own hours and nobody else's. */
  @Test
  void hoursAreSaidByWhoeverWorksThemOrTheOwner() {
    Client lotte = demo.signIn("lotte");
    Map<String, Object> own = Map.of("personId", "lotte", "date", "2026-03-10", "hours", List.of());
    lotte.post("/api/bench/hours", own).expect(200);
    Map<String, Object> others =
        Map.of("personId", "bram", "date", "2026-03-10", "hours", List.of());
    lotte.post("/api/bench/hours", others).expect(409);
    demo.owner.post("/api/bench/hours", others).expect(200);
    lotte.post("/api/bench/hours/usual", others).expect(409);
  }

  @Test
  void aBadSnagHoldsTheClosingUntilItIsRight() {
    Map<String, Object> snag = new HashMap<>();
    snag.put("id", "s1");
    snag.put("text", "Foot stands off by 1 mm");
    snag.put("how", "BAD");
    snag.put("panelId", "");
    snag.put("face", "BOTTOM");
    snag.put("xMm", 20);
    snag.put("yMm", 30);
    snag.put("minutes", 15);
    snag.put("taskKey", "");
    snag.put("at", demo.now().toString());
    snag.put("by", "Ines Varga");
    demo.owner.put(MOSS + "/snags/s1", snag, null).expect(200);
    JsonNode card = demo.owner.get(MOSS + "/card?key=snag%3As1/mend").expect(200).json();
    assertEquals("BOTTOM", card.path("drawing").path("face").asString());
    JsonNode close = demo.owner.get(MOSS + "/card?key=bench/close").expect(200).json();
    assertTrue(close.path("task").path("task").path("after").toString().contains("snag:s1/mend"));
    snag.put("how", "TERRIBLE");
    demo.owner.put(MOSS + "/snags/s1", snag, null).expect(422);
    snag.put("how", "SMALL");
    snag.put("yMm", null);
    demo.owner.put(MOSS + "/snags/s1", snag, null).expect(422);
    assertFalse(demo.owner.get(MOSS + "/places").expect(200).json().isEmpty());
  }

  @Test
  void theDiaryTellsWhatWasRecordedAndWhatWasWritten() {
    JsonNode first = demo.owner.get(MOSS + "/diary").expect(200).json().path("days").get(0);
    assertTrue(first.path("text").asString().contains("Found: Hinge side rubs"), first.toString());
    String date = first.path("date").asString();
    Map<String, Object> words =
        Map.of(
            "id",
            "moss-words",
            "date",
            date,
            "text",
            "A slow day.",
            "lines",
            1,
            "by",
            "Ines Varga",
            "at",
            demo.now().toString());
    demo.owner.put(MOSS + "/diary-words/moss-words", words, null).expect(200);
    JsonNode again = demo.owner.get(MOSS + "/diary").expect(200).json().path("days").get(0);
    assertEquals("A slow day.", again.path("text").asString());
    assertEquals(first.path("text"), again.path("itself"));
    assertEquals(first.path("lines").size() - 1, again.path("since").asInt());
    String helper = demo.signIn("lotte").get(MOSS + "/diary").expect(200).text();
    assertFalse(Pattern.compile("€|Minor\"").matcher(helper).find(), "no money for helpers");
  }

  @Test
  void theDaysEndSaysWhatWasDoneAndWhatCantWait() {
    JsonNode end = demo.owner.get("/api/bench/end?person=bram").expect(200).json();
    assertEquals("bram", end.path("personId").asString());
    assertTrue(end.path("minutes").asInt() >= 4, "the clock has run since 09:38");
    assertFalse(end.path("order").isEmpty(), "Line 9 has things to order");
    assertFalse(end.path("tomorrow").isEmpty());
  }

  @Test
  void paperShowsTheDayAndACodeForEachThing() {
    String sheet = demo.owner.pdfWords("/api/bench/day-sheet.pdf?person=ines");
    for (JsonNode card : day("ines").path("cards")) {
      String title = card.path("task").path("task").path("title").asString();
      String words = sheet.replaceAll("\\s+", " ");
      assertTrue(words.contains(title.split(",")[0]), title);
    }
    String labels = demo.owner.pdfWords(MOSS + "/labels.pdf");
    assertTrue(labels.contains("Fern screen"), labels);
    JsonNode card = demo.owner.get(MOSS + "/things/moss-archive-screen/card").expect(200).json();
    assertEquals("moss-archive-screen", card.path("task").path("task").path("thingId").asString());
    demo.owner.get(MOSS + "/things/no-such/card").expect(404);
    for (JsonNode part : build("moss-archive").path("build").path("components")) {
      demo.owner.get(MOSS + "/things/" + part.path("id").asString() + "/card").expect(200);
    }
  }
}
