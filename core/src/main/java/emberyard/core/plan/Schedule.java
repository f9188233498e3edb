package emberyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;

/**
 * A plan for all projects.
 *
 * @param steps by key, in the order of start, then key
 * @param late the late plan: where each step lies when all are as late as the deadlines let them,
 *     by key; each of them, moved there together with what follows it, leaves a plan
 * @param finish the latest finish per project; projects without steps are absent
 * @param decidingChain per project the keys that decide its finish, first step first; may pass
 *     through steps of other projects that keep a person or station busy
 */
public record Schedule(
    Map<String, PlannedStep> steps,
    Map<String, Placed> late,
    Map<String, LocalDateTime> finish,
    Map<String, List<String>> decidingChain) {}
