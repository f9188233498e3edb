package emberyard.core.plan;

/** A step that is planned already: what it holds is not there for others. */
record Taken(Step step, Placement placed) {}
