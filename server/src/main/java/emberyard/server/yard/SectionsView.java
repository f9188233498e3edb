package emberyard.server.yard;

import com.fasterxml.jackson.annotation.JsonIgnore;
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
 */
record SectionsView(
    long revision,
    LocalDateTime now,
    Map<String, Long> versions,
    Map<String, String> tags,
    Map<String, SectionTexts.Json> sections) {

  /** The same for the same answer, weak: it may come packed or not. */
  @JsonIgnore
  String tag() {
    String all = "%d %s %s %s".formatted(revision, now, tags, sections.keySet());
    byte[] bytes = all.getBytes(StandardCharsets.UTF_8);
    return "W/\"" + DigestUtils.md5DigestAsHex(bytes) + "\"";
  }
}
