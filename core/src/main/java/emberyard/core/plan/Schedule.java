package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;

/**
 * A plan for all projects.
 *
 * @param steps by key, in the order of start, then key
 * @param finish the latest finish per project; projects without steps are absent
 * @param decidingChain per project the keys that decide its finish, first step first; may pass
 *     through steps of other projects that keep a person or station busy
 */
public record Schedule(
    Map<String, PlannedStep> steps,
    Map<String, LocalDateTime> finish,
    Map<String, List<String>> decidingChain) {}
