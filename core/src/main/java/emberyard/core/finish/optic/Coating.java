package emberyard.core.finish.optic;

import emberyard.core.colour.Colour;
import emberyard.core.workshop.FilmProduct;
import emberyard.core.workshop.PaintProduct;

/**
 * What is put on, as light meets it. A paint hides (Kubelka–Munk); a candy, clear or stain glazes
 * (Beer–Lambert): its colour is that of one coat over white.
 *
 * @param colour the full colour of a paint or film, of a glaze one coat over white
 * @param strength of one coat of a paint, 0 for a glaze, infinite for film
 * @param ground whether it is a primer or the like: not meant to be seen
 */
public record Coating(String id, String name, Colour colour, double strength, boolean ground) {
  /** A paint of the stock; its hiding comes from its latest test card where there is one. */
  public static Coating of(PaintProduct paint, double contrastRatio) {
    Colour colour = Colour.hex(paint.colourHex());
    double strength = paint.kind().glazes() ? 0 : KubelkaMunk.strength(colour, contrastRatio);
    return new Coating(paint.id(), paint.name(), colour, strength, paint.kind().ground());
  }

  /** A colour with its contrast ratio, in no stock list. */
  public static Coating paint(String name, Colour colour, double contrastRatio) {
    return new Coating(name, name, colour, KubelkaMunk.strength(colour, contrastRatio), false);
  }

  /** A film; a clear one lets all light pass. */
  public static Coating of(FilmProduct film) {
    return film.gloss() == FilmProduct.Gloss.CLEAR
        ? new Coating(film.id(), film.name(), Colour.WHITE, 0, false)
        : new Coating(
            film.id(), film.name(), Colour.hex(film.colourHex()), Double.POSITIVE_INFINITY, false);
  }

  public boolean glazes() {
    return strength == 0;
  }

  /** So many coats as one layer; parts of a coat are allowed. */
  public Slab coats(double n) {
    if (glazes()) {
      // R = T^2n × Rg: one coat over white shows T²
      return Slab.glaze(
          Colour.linear(power(colour.red(), n), power(colour.green(), n), power(colour.blue(), n)));
    }
    return Double.isInfinite(strength)
        ? Slab.opaque(colour)
        : KubelkaMunk.film(colour, n * strength);
  }

  private static double power(double squared, double n) {
    return Math.pow(Math.min(1, Math.max(0, squared)), n / 2);
  }
}
