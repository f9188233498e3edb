package emberyard.core.yard.day;

/**
 * A piece on the rack that is sprayed with others in one go.
 *
 * @param name of the part
 * @param pieces how many of it
 * @param areaM2 what is covered, all pieces
 * @param ml of paint, all pieces
 * @param minutes its share of the hands-on time, by area
 */
public record Hung(String name, int pieces, double areaM2, double ml, int minutes) {}
