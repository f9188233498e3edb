package emberyard.server.yard;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sections as they were written last: one that is still made of the same objects is not written
 * again.
 */
@Component
class SectionTexts {
  /** Of about so many builds that are looked at, by owner or helper. */
  private static final int MOST = 16 * Section.values().length;

  private final JsonMapper mapper;
  private final Map<Key, Text> written =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Text> eldest) {
          return size() > MOST;
        }
      };

  SectionTexts(JsonMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * @param owner whether it is for somebody who sees money
   */
  record Key(String buildId, Section section, boolean owner) {}

  /**
   * A section in JSON.
   *
   * @param of what it is made of, told by identity
   * @param tag the same for the same text
   */
  record Text(List<?> of, Json json, String tag) {}

  /** JSON that goes out as it is. */
  record Json(@JsonValue @JsonRawValue String text) {}

  /**
   * A section as text.
   *
   * @param of what it is made of
   * @param value asked for where that is not what it was made of last
   */
  Text of(Key key, List<?> of, Supplier<Object> value) {
    Text last = kept(key);
    if (last != null && Deriver.same(last.of, of)) {
      return last;
    }
    String json = mapper.writeValueAsString(value.get());
    String tag = DigestUtils.md5DigestAsHex(json.getBytes(StandardCharsets.UTF_8));
    Text text = new Text(of, new Json(json), tag);
    keep(key, text);
    return text;
  }

  private synchronized Text kept(Key key) {
    return written.get(key);
  }

  private synchronized void keep(Key key, Text text) {
    written.put(key, text);
  }
}
