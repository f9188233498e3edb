package emberyard.server.live;

import emberyard.server.access.Account;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * One who looks. What changed is sent by a task of its own, one at a time: while it is under way
 * newer values lie on top of each other, so a slow reader holds up nobody and is sent only the
 * newest.
 */
final class LiveReader {
  /** Where news are sent; blocks while the reader's end of the line takes no more. */
  interface Line {
    void send(LiveNews news) throws IOException;

    void close();
  }

  /** Keeps the line open, and finds out that it is gone. */
  private static final Map<String, Object> HERE = Map.of("here", true);

  private final Account who;
  private final Line line;
  private final Map<String, Object> sent = new HashMap<>();
  private final AtomicBoolean sending = new AtomicBoolean();
  private volatile boolean gone;
  private int quietTicks;

  LiveReader(Account who, Line line) {
    this.who = who;
    this.line = line;
  }

  Account who() {
    return who;
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
  void tick(List<LiveTopic> topics, int beatTicks, Executor senders) {
    if (gone || !sending.compareAndSet(false, true)) {
      return;
    }
    try {
      Map<String, Object> news = news(topics);
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

  private Map<String, Object> news(List<LiveTopic> topics) {
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
