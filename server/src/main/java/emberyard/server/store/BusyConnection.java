package emberyard.server.store;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;

/**
 * A connection that could not begin to write because another was writing for too long is thrown
 * away: the driver believes that its transaction has begun, and the next one on it would keep its
 * statements one by one and fail at its end.
 */
public final class BusyConnection implements SQLExceptionOverride {
  @java.lang.Override
  public SQLExceptionOverride.Override adjudicate(SQLException problem) {
    return StoreState.busy(problem)
        ? SQLExceptionOverride.Override.MUST_EVICT
        : SQLExceptionOverride.Override.CONTINUE_EVICT;
  }
}
