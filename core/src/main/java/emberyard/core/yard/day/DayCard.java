package emberyard.core.yard.day;

import emberyard.core.finding.Caution;
import emberyard.core.record.JobNote;
import emberyard.core.record.Photo;
import emberyard.core.record.TimeEntry;
import emberyard.core.work.StationKind;
import emberyard.core.yard.TaskModel;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of somebody's day, or a piece of one, with all that is asked before it is begun.
 *
 * @param from when it is begun by the order of the day
 * @param to when it is done, or laid down for the next piece
 * @param piece 1 for the first of the pieces it lies in
 * @param pieces how many there are by the plan
 * @param minutes hands-on minutes of this piece
 * @param restMinutes hands-on minutes that are left of it after this piece
 * @param station where one stands, null for anywhere
 * @param stationName what the workshop calls that, empty for anywhere
 * @param waitsFor why it can't be begun; nothing where it can
 * @param hung the pieces on the rack, where it is sprayed for more than one
 * @param after what comes then
 * @param drawing what it is about, null where that can't be seen
 * @param heeded cautions that this person has read today
 * @param orderIds lines of orders that are in the parcel which it opens
 */
public record DayCard(
    String buildId,
    String buildName,
    TaskModel task,
    LocalDateTime from,
    LocalDateTime to,
    int piece,
    int pieces,
    int minutes,
    int restMinutes,
    @Nullable StationKind station,
    String stationName,
    List<WaitsFor> waitsFor,
    List<InHand> hand,
    List<Hung> hung,
    ComesAfter after,
    @Nullable CardDrawing drawing,
    List<Caution> heeded,
    List<JobNote> notes,
    List<Photo> photos,
    List<TimeEntry> times,
    List<String> orderIds) {
  public DayCard {
    waitsFor = List.copyOf(waitsFor);
    hand = List.copyOf(hand);
    hung = List.copyOf(hung);
    heeded = List.copyOf(heeded);
  }
}
