package emberyard.core.workshop;

/**
 * One colour that the workshop can buy or has.
 *
 * @param kind word of the API: paints, films, filaments or sheets
 */
public record StockColour(String kind, String id, String name, String hex) {}
