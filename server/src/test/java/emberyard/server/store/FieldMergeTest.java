package emberyard.server.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Two changes of one thing laid together. */
class FieldMergeTest {
  private static JsonNode json(String text) {
    return JsonMapper.shared().readTree(text.replace('\'', '"'));
  }

  private static FieldMerge.Merged merge(String base, String mine, String theirs) {
    return FieldMerge.of(json(base), json(mine), json(theirs), true);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{'w':1,'h':1} | {'w':2,'h':1} | {'w':1,'h':3} | {'w':2,'h':3}",
        "{'w':1} | {'w':2} | {'w':2} | {'w':2}",
        "{'a':{'x':1,'y':1}} | {'a':{'x':2,'y':1}} | {'a':{'x':1,'y':2}} | {'a':{'x':2,'y':2}}",
        "{'a':null,'b':1} | {'a':{'x':1},'b':1} | {'a':null,'b':2} | {'a':{'x':1},'b':2}",
        "[{'id':'a'},{'id':'b'}] | [{'id':'b'},{'id':'a'}] | [{'id':'a'},{'id':'b'},{'id':'c'}]"
            + " | [{'id':'b'},{'id':'c'},{'id':'a'}]",
        "[{'id':'a','v':1}] | [{'id':'a','v':1},{'id':'m','v':1}] | [{'id':'a','v':2}]"
            + " | [{'id':'a','v':2},{'id':'m','v':1}]",
        "[{'id':'a'},{'id':'b'}] | [{'id':'b'}] | [{'id':'a'},{'id':'b'}] | [{'id':'b'}]",
        "[{'id':'a','v':1}] | [] | [{'id':'a','v':1},{'id':'n','v':1}] | [{'id':'n','v':1}]",
        "['x'] | ['x','y'] | ['x'] | ['x','y']"
      })
  void whatBothDidIsKept(String base, String mine, String theirs, String both) {
    FieldMerge.Merged merged = merge(base, mine, theirs);
    assertEquals(List.of(), merged.conflicts());
    assertEquals(json(both), merged.value());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "{'w':1,'h':1} | {'w':2,'h':1} | {'w':3,'h':2} | #/w | {'w':2,'h':2} | {'w':3,'h':2}",
        "[{'id':'a','v':1}] | [{'id':'a','v':2}] | [{'id':'a','v':3}] | #/0/v"
            + " | [{'id':'a','v':2}] | [{'id':'a','v':3}]",
        "[{'id':'a','v':1}] | [] | [{'id':'a','v':3}] | #/0 | [] | [{'id':'a','v':3}]",
        "{'h':['x']} | {'h':['y']} | {'h':['z']} | #/h | {'h':['y']} | {'h':['z']}",
        "{'a':null} | {'a':{'x':1}} | {'a':{'x':2}} | #/a | {'a':{'x':1}} | {'a':{'x':2}}"
      })
  void onlyTheSameValueChangedTwiceIsAsked(
      String base, String mine, String theirs, String place, String own, String other) {
    FieldMerge.Merged merged = merge(base, mine, theirs);
    assertEquals(List.of(place), merged.conflicts());
    assertEquals(json(own), merged.value());
    assertEquals(json(other), FieldMerge.of(json(base), json(mine), json(theirs), false).value());
  }

  /** Against a model that knows no trees: one value a path. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void anyMixOfEditsGoesAsTheModelSays(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 200; round++) {
      Map<String, Integer> base = flat(random, Map.of());
      Map<String, Integer> mine = flat(random, base);
      Map<String, Integer> theirs = flat(random, base);
      FieldMerge.Merged merged = FieldMerge.of(tree(base), tree(mine), tree(theirs), true);
      Map<String, Integer> wanted = new TreeMap<>();
      TreeSet<String> conflicts = new TreeSet<>();
      base.forEach(
          (path, was) -> {
            int own = mine.get(path);
            int other = theirs.get(path);
            if (own != was && other != was && own != other) {
              conflicts.add("#/" + path);
            }
            wanted.put(path, own != was ? own : other);
          });
      assertEquals(tree(wanted), merged.value());
      assertEquals(conflicts, new TreeSet<>(merged.conflicts()));
      FieldMerge.Merged turned = FieldMerge.of(tree(base), tree(theirs), tree(mine), false);
      assertEquals(merged.value(), turned.value(), "whoever comes first");
    }
  }

  private static Map<String, Integer> flat(Random random, Map<String, Integer> from) {
    Map<String, Integer> values = new TreeMap<>();
    for (String path : List.of("a", "b", "c/x", "c/y", "d/0/v", "d/1/v", "d/1/w")) {
      boolean kept = from.containsKey(path) && random.nextInt(3) > 0;
      values.put(path, kept ? from.get(path) : random.nextInt(3));
    }
    return values;
  }

  private static JsonNode tree(Map<String, Integer> v) {
    return json(
        "{'a':%d,'b':%d,'c':{'x':%d,'y':%d},'d':[{'id':'p','v':%d},{'id':'q','v':%d,'w':%d}]}"
            .formatted(v.values().toArray()));
  }

  @Test
  void theSameOnAllSidesIsNoChange() {
    JsonNode same = json("{'w':[1,2],'d':[{'id':'p'}]}");
    FieldMerge.Merged merged = FieldMerge.of(same, same, same, false);
    assertEquals(same, merged.value());
    assertTrue(merged.conflicts().isEmpty());
  }
}
