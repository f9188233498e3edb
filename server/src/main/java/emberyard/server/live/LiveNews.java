package emberyard.server.live;

/**
 * One thing that changed.
 *
 * @param about “here”: the line is still open, every 15 seconds without other news; “revision”:
 *     something that is stored changed, asked for anew by whoever shows it; “laser”: what {@code
 *     GET /api/laser} answers; “nest/{id}”: how far that search is
 * @param value how it stands now
 */
record LiveNews(String about, Object value) {}
