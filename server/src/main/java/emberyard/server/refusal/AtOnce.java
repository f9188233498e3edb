package emberyard.server.refusal;

import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpStatus;

/**
 * Heavy work that is done a few at once, while a few more wait for their turn; who comes on top of
 * that is asked to come again. So neither memory nor processors are taken by a crowd.
 */
public final class AtOnce {
  private final int places;
  private final Semaphore crowd;
  private final Semaphore working;
  private final String sentence;

  /**
   * @param working done at once
   * @param waiting for their turn at most
   * @param sentence said to the others
   */
  public AtOnce(int working, int waiting, String sentence) {
    this.places = working + waiting;
    this.crowd = new Semaphore(places);
    this.working = new Semaphore(working, true);
    this.sentence = sentence;
  }

  /** How many work or wait. */
  int inside() {
    return places - crowd.availablePermits();
  }

  /** Something heavy. */
  public interface Work<T> {
    T result() throws IOException;
  }

  /**
   * Does it when its turn comes.
   *
   * @throws Refused 503 where too many wait already
   */
  public <T> T run(Work<T> work) throws IOException {
    if (!crowd.tryAcquire()) {
      throw new Refused(HttpStatus.SERVICE_UNAVAILABLE, sentence);
    }
    try {
      working.acquireUninterruptibly();
      try {
        return work.result();
      } finally {
        working.release();
      }
    } finally {
      crowd.release();
    }
  }
}
