package emberyard.server.supply.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import emberyard.server.supply.shop.ShopOrder;
import emberyard.server.supply.shop.ShopPrices;
import emberyard.server.supply.shop.ShopReturn;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * The stand-in on a port of its own, for this machine only; what it understands is in {@code
 * docs/shop-service.md}.
 */
final class StandInServer implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(StandInServer.class);
  private static final int MOST_BYTES = 1_000_000;

  private final StandIn shops;
  private final StandInFile file;
  private final Supplier<LocalDateTime> now;
  private final JsonMapper json;
  private final HttpServer server;
  private final ExecutorService hands = Executors.newFixedThreadPool(2);

  /**
   * @param port 0 for any free one
   * @param now the hour at the workshop
   */
  StandInServer(
      int port, StandIn shops, StandInFile file, Supplier<LocalDateTime> now, JsonMapper json)
      throws IOException {
    this.shops = shops;
    this.file = file;
    this.now = now;
    this.json = json;
    server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 16);
    server.setExecutor(hands);
    server.createContext("/", this::answer);
    server.start();
  }

  URI address() {
    return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
  }

  private void answer(HttpExchange asked) throws IOException {
    try (asked) {
      try {
        byte[] body = asked.getRequestBody().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
          send(asked, 413, "That is too much.");
          return;
        }
        Optional<?> said = said(asked.getRequestMethod(), steps(asked.getRequestURI()), body);
        send(asked, said.isPresent() ? 200 : 404, said.isPresent() ? said.get() : "Nothing there.");
      } catch (JacksonException | IllegalArgumentException unreadable) {
        send(asked, 400, "That can't be read.");
      } catch (RuntimeException failed) {
        LOG.warn("The stand-in failed", failed);
        send(asked, 500, "The stand-in failed.");
      }
    }
  }

  private static List<String> steps(URI address) {
    return Arrays.stream(address.getRawPath().substring(1).split("/"))
        .map(each -> URLDecoder.decode(each, StandardCharsets.UTF_8))
        .toList();
  }

  private void send(HttpExchange asked, int status, Object said) throws IOException {
    byte[] body = json.writeValueAsBytes(said);
    asked.getResponseHeaders().set("Content-Type", "application/json");
    asked.sendResponseHeaders(status, body.length);
    asked.getResponseBody().write(body);
  }

  private Optional<?> said(String method, List<String> path, byte[] body) {
    String what = method + " " + shape(path);
    LocalDateTime hour = now.get();
    return switch (what) {
      case "PUT shops/*/orders/*" -> {
        ShopOrder order = read(body, ShopOrder.class);
        yield order.number().equals(path.get(3))
            ? kept(shops.order(path.get(1), order, hour))
            : Optional.empty();
      }
      case "PUT shops/*/returns/*" ->
          shops.takeBack(path.get(1), read(body, ShopReturn.class), hour.toLocalDate());
      case "POST shops/*/prices" ->
          Optional.of(
              new ShopPrices.PricesToday(
                  shops.prices(
                      path.get(1),
                      read(body, ShopPrices.AskedPrices.class).things(),
                      hour.toLocalDate())));
      case "GET courier/parcels/*" -> shops.parcel(path.get(2), hour);
      case "GET courier/parcels/*/labels" -> Optional.of(shops.labels(path.get(2), hour));
      case "PUT stand-in/chances" -> {
        Chances chances = read(body, Chances.class);
        shops.take(chances);
        yield kept(chances);
      }
      default -> Optional.empty();
    };
  }

  /** What is answered is remembered first. */
  private Optional<Object> kept(@Nullable Object answer) {
    file.write(shops.kept());
    return Optional.ofNullable(answer);
  }

  private <T> T read(byte[] body, Class<T> type) {
    return json.readValue(body, type);
  }

  /** "shops/*&#47;orders/*": every second step is a name. */
  private static String shape(List<String> path) {
    StringBuilder shape = new StringBuilder();
    for (int i = 0; i < path.size(); i++) {
      boolean name = path.get(0).equals("courier") ? i == 2 : i == 1 && path.size() > 2 || i == 3;
      shape.append(i == 0 ? "" : "/").append(name ? "*" : path.get(i));
    }
    return shape.toString();
  }

  @Override
  public void close() {
    server.stop(0);
    hands.shutdownNow();
  }
}
