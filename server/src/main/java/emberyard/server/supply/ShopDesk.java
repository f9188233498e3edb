package emberyard.server.supply;

import emberyard.core.build.Build;
import emberyard.core.record.OrderLine;
import emberyard.core.record.OrderLine.State;
import emberyard.core.supply.ShopAnswer;
import emberyard.core.workshop.Workshop;
import emberyard.server.supply.shop.ShopParcel;
import emberyard.server.supply.shop.ShopReturn;
import emberyard.server.supply.shop.ShopService;
import emberyard.server.yard.YardReader;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Tells shops what is ordered and hears how it stands, once a minute and when somebody asks. Saying
 * the same again orders nothing more, so what a broken line swallowed is said the next time.
 */
@Component
class ShopDesk {
  /** Who changes lines when a shop says how they stand. */
  static final String SHOPS = "the shops";

  private static final Logger LOG = LoggerFactory.getLogger(ShopDesk.class);
  private static final int EVERY_SECONDS = 60;
  private static final String UNREADABLE =
      "A line of an order can't be read: no shop is told anything before it is mended.";

  private final Optional<ShopService> service;
  private final OrderDesk orders;
  private final PriceDesk prices;
  private final YardReader reader;
  private final Clock clock;
  private final ExecutorService soon =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "orders to shops");
            thread.setDaemon(true);
            return thread;
          });
  private volatile ShopNews last;

  ShopDesk(
      Optional<ShopService> service,
      OrderDesk orders,
      PriceDesk prices,
      YardReader reader,
      Clock clock) {
    this.service = service;
    this.orders = orders;
    this.prices = prices;
    this.reader = reader;
    this.clock = clock;
    this.last = service.isPresent() ? ShopNews.nobodyAskedYet() : ShopNews.NONE;
  }

  @Scheduled(initialDelay = 20, fixedDelay = EVERY_SECONDS, timeUnit = TimeUnit.SECONDS)
  void askByItself() {
    try {
      ask();
    } catch (RuntimeException notNow) {
      LOG.debug("Shops were not asked", notNow);
    }
  }

  /** Has what was just ordered told at once, while nobody waits for it. */
  void askSoon() {
    if (service.isPresent()) {
      soon.execute(this::askByItself);
    }
  }

  @PreDestroy
  void stop() {
    soon.shutdownNow();
  }

  /** Asks all shops about all that is open; one asks, who comes meanwhile waits for the answer. */
  synchronized void ask() {
    if (service.isEmpty()) {
      return;
    }
    Round round = new Round(service.get(), reader.read());
    round.run();
    orders.heard(SHOPS, round.answers);
    round.followParcels(reader.read());
    last = round.news();
  }

  /** What was said of this build. */
  ShopNews news(Build build) {
    ShopNews all = last;
    Set<String> ids = build.orders().stream().map(SentOrder::root).collect(Collectors.toSet());
    Set<String> codes =
        build.orders().stream().map(OrderLine::trackingCode).collect(Collectors.toSet());
    return new ShopNews(
        all.connected(),
        all.askedAt(),
        all.parcels().stream().filter(parcel -> codes.contains(parcel.code())).toList(),
        all.labels().stream().filter(label -> ids.contains(label.line())).toList(),
        all.returns().stream().filter(back -> ids.contains(back.line())).toList(),
        all.trouble());
  }

  /** One time round all shops. */
  private final class Round {
    private final ShopService shops;
    private final YardReader.Reading reading;
    private final List<ShopAnswer> answers = new ArrayList<>();
    private final List<ShopNews.Returning> returns = new ArrayList<>();
    private final List<ShopParcel> parcels = new ArrayList<>();
    private final List<ShopParcel.BoxLabel> labels = new ArrayList<>();
    private final Set<String> trouble = new TreeSet<>();

    Round(ShopService shops, YardReader.Reading reading) {
      this.shops = shops;
      this.reading = reading;
    }

    void run() {
      Workshop workshop = reading.book().workshop();
      String from = (workshop.name() + "\n" + workshop.address()).strip();
      if (SentOrder.anyUnreadable(reading)) {
        trouble.add(UNREADABLE);
        return;
      }
      for (SentOrder order : SentOrder.open(reading)) {
        try {
          if (order.toTell() || !order.goingBack().isEmpty()) {
            answers.addAll(
                shops.order(order.supplierId(), order.told(from, workshop.currency())).lines());
          }
          for (OrderLine back : order.goingBack()) {
            returns.add(ShopNews.Returning.of(shops.takeBack(order.supplierId(), going(back))));
          }
        } catch (IOException silent) {
          failed(order.supplierId(), silent);
        }
      }
      prices.take(shops, reading, SHOPS, trouble);
    }

    private ShopReturn going(OrderLine line) {
      LocalDate sentOn = line.sentBackOn() == null ? line.receivedOn() : line.sentBackOn();
      return new ShopReturn(
          line.number(),
          SentOrder.root(line),
          line.quantity(),
          line.note(),
          line.state() == State.SENT_BACK ? sentOn : null);
    }

    /** Where parcels are, of lines as they are by now. */
    void followParcels(YardReader.Reading now) {
      Set<String> codes = new HashSet<>();
      Set<String> unread = new HashSet<>();
      for (SentOrder order : SentOrder.open(now)) {
        for (OrderLine line : order.lines()) {
          boolean follows = line.state().underWay() || line.state() == State.RECEIVED;
          if (follows && !line.trackingCode().isEmpty()) {
            codes.add(line.trackingCode());
            unread.add(SentOrder.root(line));
          }
        }
      }
      for (String code : new TreeSet<>(codes)) {
        try {
          ShopParcel parcel = shops.parcel(code);
          parcels.add(parcel);
          if (parcel.deliveredAt() != null) {
            shops.labels(code).stream()
                .filter(label -> unread.contains(label.line()))
                .forEach(labels::add);
          }
        } catch (IOException silent) {
          failed("courier", silent);
        }
      }
    }

    private void failed(String whom, IOException why) {
      LOG.warn("No answer from {}: {}", whom, why.toString());
      trouble.add(reading.book().supplier(whom).map(shop -> shop.name()).orElse("The courier"));
    }

    ShopNews news() {
      ZoneId zone = ZoneId.of(reading.book().workshop().zone());
      return new ShopNews(
          true,
          LocalDateTime.ofInstant(clock.instant(), zone),
          parcels,
          labels,
          returns,
          trouble.contains(UNREADABLE)
              ? UNREADABLE
              : trouble.isEmpty() ? "" : "No answer from " + String.join(", ", trouble) + ".");
    }
  }
}
