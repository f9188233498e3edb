package emberyard.core.yard.rack;

import emberyard.core.units.FigureKey;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something on the rack, against what all builds still want of it. All amounts are in {@code unit}.
 *
 * @param kind of the product, as in the API: paints, sheets, films, filaments, sundries
 * @param id of the product; of a small thing without a drawer the key of its needs
 * @param colourHex empty for a small thing
 * @param have what lies there, opened cans included
 * @param opened of that, in an opened can
 * @param openedOn when that can was opened, null for none
 * @param wanted what builds still want
 * @param coming of that, what is on its way or here for them
 * @param missing what is wanted and neither there nor coming
 * @param low whether less is left, once all builds have theirs, than is wanted in the drawer
 * @param old whether the opened can dries up, see {@link Rack#OLD_DAYS}
 * @param users who wants how much, the nearest reveal first
 * @param paidMinor what was last paid for one can, sheet, metre or spool of it; null where nobody
 *     said, and of small things, whose drawer says it
 * @param paidOn the day that is of, null with it
 * @param widthMm of a sheet, null for anything else
 * @param heightMm of a sheet, null for anything else
 */
@RecordBuilder
@FigureKey("rack/{kind}/{id}")
public record RackThing(
    String kind,
    String id,
    String name,
    String colourHex,
    String unit,
    double have,
    double opened,
    @Nullable LocalDate openedOn,
    double wanted,
    double coming,
    double missing,
    boolean low,
    boolean old,
    List<RackUser> users,
    @Nullable Long paidMinor,
    @Nullable LocalDate paidOn,
    @Nullable Double widthMm,
    @Nullable Double heightMm)
    implements RackThingBuilder.With {
  public RackThing {
    users = List.copyOf(users);
  }

  /**
   * A build that wants some of it.
   *
   * @param coming how much of that is on its way or here for it
   */
  public record RackUser(
      String buildId, String buildName, String needKey, double quantity, double coming) {}
}
