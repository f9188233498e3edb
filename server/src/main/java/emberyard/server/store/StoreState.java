package emberyard.server.store;

import java.sql.SQLException;
import org.springframework.stereotype.Component;
import org.sqlite.SQLiteErrorCode;

/** What the last write or reading said about the disk; kept, so that asking costs nothing. */
@Component
public class StoreState {
  private static final String NO_SPACE = "no space left";
  private volatile State now = State.OK;

  /** How the store is. */
  public enum State {
    OK,
    /** Nothing can be written until there is room. */
    DISK_FULL
  }

  public State now() {
    return now;
  }

  /** Something was written. */
  public void wrote() {
    now = State.OK;
  }

  /** Whether this failed because the disk is full; remembered until something is written again. */
  public boolean full(Throwable problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (diskFull(cause)) {
        now = State.DISK_FULL;
        return true;
      }
    }
    return false;
  }

  /** Whether this failed because another was writing for too long. */
  public static boolean busy(Throwable problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql
          && (sql.getErrorCode() & 0xFF) == SQLiteErrorCode.SQLITE_BUSY.code) {
        return true;
      }
    }
    return false;
  }

  private static boolean diskFull(Throwable cause) {
    int primary = cause instanceof SQLException sql ? sql.getErrorCode() & 0xFF : 0;
    boolean noSpace = String.valueOf(cause.getMessage()).toLowerCase().contains(NO_SPACE);
    return primary == SQLiteErrorCode.SQLITE_FULL.code || noSpace;
  }
}
