package emberyard.server.live;

/**
 * One thing that changed.
 *
 * @param about “here”: the line is still open, every 15 seconds without other news; “revision”:
 *     something that is stored changed, asked for anew by whoever shows it; “laser”: what {@code
 *     GET /api/laser} answers; “nest/{id}”: how far that search is; “feed/{build}”: how often its
 *     machine spoke
 * @param value how it stands now
 */
public record LiveNews(String about, Object value) {}
