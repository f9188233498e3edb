package emberyard.core.work;

import emberyard.core.units.Figures;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is counted where a thing is bought by the pack: “packs of 50 pieces”. Lines of orders keep
 * the unit they were ordered in, so pieces and packs of any size are counted together by it.
 */
public final class PackUnit {
  private static final Pattern PACKS = Pattern.compile("packs of (\\d+(?:\\.\\d+)?)\\b.*");

  private PackUnit() {}

  /**
   * Example: 50 pieces in a pack: "packs of 50 pieces"; 1 m: "m".
   *
   * @param inPack how many come in a pack
   */
  public static String of(double inPack, String unit) {
    return inPack == 1
        ? unit
        : "packs of %s %s".formatted(Figures.plain(inPack).replace(",", ""), unit);
  }

  /**
   * How many pieces one of a unit is.
   *
   * <p>Example: "packs of 50 pieces" is 50, "cans" is 1.
   */
  public static double pieces(String unit) {
    Matcher packs = PACKS.matcher(unit);
    return packs.matches() ? Double.parseDouble(packs.group(1)) : 1;
  }

  /**
   * An amount as it is written.
   *
   * <p>Example: 1 of "packs of 10 sheets" is "1 pack of 10 sheets", 2 of "cans" is "2 cans".
   */
  public static String counted(double quantity, String unit) {
    String one =
        unit.startsWith("packs of ")
            ? unit.replaceFirst("packs", "pack")
            : unit.replaceFirst("s$", "");
    return (Figures.plain(quantity) + " " + (quantity == 1 ? one : unit)).strip();
  }

  /**
   * An amount in another unit.
   *
   * <p>Example: 20 pieces are 0.4 packs of 50 pieces.
   */
  public static double converted(double quantity, String from, String to) {
    return from.equals(to) ? quantity : quantity * pieces(from) / pieces(to);
  }
}
