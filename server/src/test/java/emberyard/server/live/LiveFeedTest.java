package emberyard.server.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.server.access.Account;
import emberyard.server.access.Role;
import emberyard.server.refusal.Refused;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class LiveFeedTest {
  private final AtomicLong revision = new AtomicLong(7);
  private final LiveFeed feed = new LiveFeed(List.of(who -> Map.of("revision", revision.get())));

  @AfterEach
  void close() {
    feed.close();
  }

  private static Account account(String id) {
    return new Account(id, id, Role.HELPER, "person");
  }

  /** A line that keeps what it was sent. */
  private static class Ear implements LiveReader.Line {
    final BlockingQueue<LiveNews> heard = new LinkedBlockingQueue<>();

    @Override
    public void send(LiveNews news) throws IOException {
      heard.add(news);
    }

    @Override
    public void close() {}

    Object next() throws InterruptedException {
      LiveNews news = heard.poll(30, TimeUnit.SECONDS);
      assertTrue(news != null, "nothing was told");
      return news.value();
    }
  }

  @Test
  void whoComesIsToldHowItStandsAndThenOnlyWhatChanges() throws Exception {
    Ear ear = new Ear();
    feed.join(account("a"), ear);
    assertEquals(7L, ear.next());
    revision.set(8);
    assertEquals(8L, ear.next());
    assertTrue(ear.heard.isEmpty());
  }

  @Test
  void aReaderThatTakesNothingHoldsUpNobodyAndGetsOnlyTheNewest() throws Exception {
    CountDownLatch stuck = new CountDownLatch(1);
    CountDownLatch letGo = new CountDownLatch(1);
    Ear slow =
        new Ear() {
          @Override
          public void send(LiveNews news) throws IOException {
            stuck.countDown();
            try {
              letGo.await();
            } catch (InterruptedException ended) {
              throw new IOException(ended);
            }
            super.send(news);
          }
        };
    feed.join(account("a"), slow);
    stuck.await();
    Ear quick = new Ear();
    feed.join(account("b"), quick);
    assertEquals(7L, quick.next());
    for (long now = 8; now < 12; now++) {
      revision.set(now);
      assertEquals(now, quick.next());
    }
    letGo.countDown();
    assertEquals(7L, slow.next());
    assertEquals(11L, slow.next());
  }

  @Test
  void whoIsGoneIsForgotten() throws Exception {
    Ear broken =
        new Ear() {
          @Override
          public void send(LiveNews news) throws IOException {
            throw new IOException("gone");
          }
        };
    feed.join(account("a"), broken);
    Ear other = new Ear();
    feed.join(account("b"), other);
    other.next();
    while (feed.readers() > 1) {
      revision.incrementAndGet();
      other.next();
    }
  }

  @Test
  void oneAccountHoldsSoManyAndAllTogetherSoMany() {
    for (int i = 0; i < LiveFeed.MOST_OF_AN_ACCOUNT; i++) {
      feed.join(account("a"), new Ear());
    }
    assertThrows(Refused.class, () -> feed.join(account("a"), new Ear()));
    for (int i = LiveFeed.MOST_OF_AN_ACCOUNT; i < LiveFeed.MOST; i++) {
      feed.join(account("other" + i), new Ear());
    }
    assertThrows(Refused.class, () -> feed.join(account("late"), new Ear()));
  }
}
