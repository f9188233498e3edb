package emberyard.server.yard;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sections as they were written last: one that is still made of the same objects is not written
 * again, and who holds one of the last few gets what changed since.
 */
@Component
class SectionTexts {
  /** Of about so many builds that are looked at, by owner or helper. */
  private static final int MOST = 16 * Section.values().length;

  /** So many texts of a section are known: other windows may be a few changes behind. */
  private static final int LAST = 4;

  private final JsonMapper mapper;
  private final Latest<Key, Written> written = new Latest<>(MOST);

  SectionTexts(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * @param owner whether it is for somebody who sees money
   */
  record Key(String buildId, Section section, boolean owner) {}

  /**
   * A section as it is, and was.
   *
   * @param of what it is made of, told by identity
   * @param texts the last few, the latest first
   */
  record Written(List<?> of, List<SectionText> texts) {
    SectionText text() {
      return texts.get(0);
    }

    /** The text that has a tag, where it is known still. */
    Optional<SectionText> tagged(@Nullable String tag) {
      return texts.stream().filter(each -> each.tag().equals(tag)).findFirst();
    }

    private Written then(List<?> another, SectionText text) {
      Deque<SectionText> last = new ArrayDeque<>(texts);
      last.removeIf(each -> each.tag().equals(text.tag()));
      last.addFirst(text);
      return new Written(another, last.stream().limit(LAST).toList());
    }
  }

  /**
   * A section as text.
   *
   * @param of what it is made of
   * @param value asked for where that is not what it was made of last
   */
  Written of(Key key, List<?> of, Supplier<@Nullable Object> value) {
    Written last = written.get(key);
    if (last != null && Deriver.same(last.of, of)) {
      return last;
    }
    SectionText before = last == null ? null : last.text();
    SectionText text = SectionText.of(value.get(), before, mapper::writeValueAsString);
    Written now = last == null ? new Written(of, List.of(text)) : last.then(of, text);
    written.put(key, now);
    return now;
  }
}
