package emberyard.server.live;

import emberyard.server.access.Account;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;

/**
 * One who looks. What changed is sent by a task of its own, one at a time: while it is under way
 * newer values lie on top of each other, so a slow reader holds up nobody and is sent only the
 * newest.
 */
public final class LiveReader {
  /** Where news are sent; blocks while the reader's end of the line takes no more. */
  public interface Line {
    void send(LiveNews news) throws IOException;

    void close();
  }

  /** Keeps the line open, and finds out that it is gone. */
  private static final Map<String, Object> HERE = Map.of("here", true);

  private final @Nullable Account who;
  private final List<LiveTopic> topics;
  private final Line line;
  private final Map<String, Object> sent = new HashMap<>();
  private final AtomicBoolean sending = new AtomicBoolean();
  private volatile boolean gone;
  private int quietTicks;

  /**
   * @param who null for a page that nobody signed in for
   * @param topics what is told
   */
  LiveReader(@Nullable Account who, List<LiveTopic> topics, Line line) {
    this.who = who;
    this.topics = topics;
    this.line = line;
  }

  /** Whether it is one of an account's windows. */
  boolean of(Account account) {
    return who != null && who.id().equals(account.id());
  }

  /** Whether nobody signed in for it. */
  boolean page() {
    return who == null;
  }

  boolean gone() {
    return gone;
  }

  void close() {
    gone = true;
    line.close();
  }

  /**
   * Has what changed sent, unless something is still on its way.
   *
   * @param beatTicks after so many calls without news it is said that the line is open
   */
  void tick(int beatTicks, Executor senders) {
    if (gone || !sending.compareAndSet(false, true)) {
      return;
    }
    try {
      Map<String, Object> news = news();
      quietTicks = news.isEmpty() ? quietTicks + 1 : 0;
      if (news.isEmpty() && quietTicks < beatTicks) {
        sending.set(false);
        return;
      }
      quietTicks = 0;
      senders.execute(() -> send(news.isEmpty() ? HERE : news));
    } catch (RejectedExecutionException closing) {
      sending.set(false);
    } catch (RuntimeException broken) {
      sending.set(false);
      throw broken;
    }
  }

  private Map<String, Object> news() {
    Map<String, Object> news = new HashMap<>();
    for (LiveTopic topic : topics) {
      topic
          .now(who)
          .forEach(
              (address, value) -> {
                if (!value.equals(sent.get(address))) {
                  news.put(address, value);
                }
              });
    }
    return news;
  }

  private void send(Map<String, Object> news) {
    try {
      for (Map.Entry<String, Object> each : news.entrySet()) {
        line.send(new LiveNews(each.getKey(), each.getValue()));
        sent.put(each.getKey(), each.getValue());
      }
    } catch (IOException | IllegalStateException left) {
      gone = true;
    } finally {
      sending.set(false);
    }
  }
}
