package emberyard.server.yard;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** A section in parts: what is the same is neither written nor sent again. */
class SectionTextTest {
  private static final JsonMapper MAPPER = JsonMapper.shared();
  private final AtomicInteger written = new AtomicInteger();

  record Card(String name, int minutes) {}

  record Desk(String owner, List<Card> cards, boolean open) {}

  private SectionText text(Object value, SectionText before) {
    return SectionText.of(
        value,
        before,
        part -> {
          written.incrementAndGet();
          return MAPPER.writeValueAsString(part);
        });
  }

  private static Desk desk(String owner, Card... cards) {
    return new Desk(owner, List.of(cards), true);
  }

  private static final Card SAW = new Card("saw", 5);
  private static final Card FILE = new Card("file", 7);
  private static final Card BEND = new Card("bend", 9);

  @Test
  void theWholeIsTheValueInJson() {
    for (Object value :
        Arrays.asList(desk("Ines", SAW, FILE), List.of(SAW, FILE), List.of(), SAW, null)) {
      assertEquals(
          MAPPER.valueToTree(value), MAPPER.readTree(text(value, null).whole()), "" + value);
    }
  }

  @Test
  void whatIsTheSameObjectIsNotWrittenAgain() {
    SectionText before = text(List.of(SAW, FILE, BEND), null);
    written.set(0);
    SectionText after = text(List.of(SAW, new Card("file", 8), BEND), before);
    assertEquals(1, written.get());
    assertEquals(Map.of("1", "{\"name\":\"file\",\"minutes\":8}"), after.since(before));
  }

  @Test
  void fieldsAndElementsAreNamed() {
    SectionText before = text(desk("Ines", SAW, FILE, BEND), null);
    SectionText after = text(desk("Bram", SAW, FILE, new Card("bend", 1)), before);
    assertEquals(
        Map.of("owner", "\"Bram\"", "cards.2", "{\"name\":\"bend\",\"minutes\":1}"),
        after.since(before));
    assertEquals(Map.of(), text(desk("Ines", SAW, FILE, BEND), after).since(before));
  }

  @Test
  void whatIsLongerShorterOrMostlyAnotherComesWhole() {
    SectionText before = text(List.of(SAW, FILE, BEND), null);
    assertNull(text(List.of(SAW, FILE), before).since(before));
    assertNull(text(List.of(SAW, FILE, BEND, SAW), before).since(before));
    assertNull(text(List.of(BEND, SAW, FILE), before).since(before));
    assertNull(text(SAW, null).since(text(FILE, null)), "both fields are another");
    assertNull(text(List.of(SAW), null).since(text(List.of(FILE), null)), "there is one only");
  }

  @Test
  void theTagIsThatOfTheTextWhateverItWasWrittenFrom() {
    SectionText before = text(List.of(SAW, FILE), null);
    SectionText other = text(List.of(SAW, BEND), before);
    SectionText back = text(new ArrayList<>(List.of(SAW, new Card("file", 7))), other);
    assertEquals(before.tag(), back.tag());
    assertNotEquals(before.tag(), other.tag());
    assertNotEquals(text(List.of(), null).tag(), text(List.of(List.of()), null).tag());
    assertNotEquals(text(List.of(SAW, FILE), null).tag(), text(List.of(FILE, SAW), null).tag());
  }
}
