package emberyard.server.yard;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Map;
import org.springframework.util.DigestUtils;

/**
 * What was asked for of one build, all as of one revision.
 *
 * @param versions per "kind/id" what to send back as {@code If-Match}
 * @param tags of each section that was asked for: the same for the same text
 * @param sections those that are not held
 * @param changes of those of which an earlier text is held, what is another: by the name of a field
 *     and the place in its list, {@code panels.3}, or {@code 3} in a list
 */
record SectionsView(
    long revision,
    LocalDateTime now,
    Map<String, Long> versions,
    Map<String, String> tags,
    Map<String, Json> sections,
    Map<String, Map<String, Json>> changes) {

  /** JSON that goes out as it is. */
  record Json(@JsonValue @JsonRawValue String text) {}

  /** The same for the same answer, weak: it may come packed or not. */
  @JsonIgnore
  String tag() {
    String all = "%d %s %s %s".formatted(revision, now, tags, sections.keySet());
    byte[] bytes = all.getBytes(StandardCharsets.UTF_8);
    return "W/\"" + DigestUtils.md5DigestAsHex(bytes) + "\"";
  }
}
