package emberyard.server.supply.shop;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to shops and couriers over HTTP, in JSON. */
public final class ShopOverHttp implements ShopService {
  private static final Duration PATIENCE = Duration.ofSeconds(5);

  /** Longer answers are nobody's. */
  private static final int MOST_BYTES = 1_000_000;

  private final URI base;
  private final JsonMapper json;
  private final HttpClient http = HttpClient.newBuilder().connectTimeout(PATIENCE).build();

  /**
   * @param base where the service is, without a slash at its end
   */
  public ShopOverHttp(URI base, JsonMapper json) {
    this.base = base;
    // who answers may know more than is asked
    this.json = json.rebuild().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();
  }

  @Override
  public ShopSays order(String supplierId, ShopOrder order) throws IOException {
    String path = "/shops/%s/orders/%s".formatted(safe(supplierId), safe(order.number()));
    return ask("PUT", path, order, ShopSays.class);
  }

  @Override
  public ShopParcel parcel(String code) throws IOException {
    return ask("GET", "/courier/parcels/" + safe(code), null, ShopParcel.class);
  }

  @Override
  public List<ShopParcel.BoxLabel> labels(String code) throws IOException {
    String path = "/courier/parcels/%s/labels".formatted(safe(code));
    return List.of(ask("GET", path, null, ShopParcel.BoxLabel[].class));
  }

  @Override
  public ShopReturn.ReturnSays takeBack(String supplierId, ShopReturn back) throws IOException {
    String path = "/shops/%s/returns/%s".formatted(safe(supplierId), safe(back.line()));
    return ask("PUT", path, back, ShopReturn.ReturnSays.class);
  }

  @Override
  public List<ShopPrices.PriceToday> prices(String supplierId, List<ShopPrices.PriceAsked> things)
      throws IOException {
    String path = "/shops/%s/prices".formatted(safe(supplierId));
    return ask("POST", path, new ShopPrices.AskedPrices(things), ShopPrices.PricesToday.class)
        .things();
  }

  private <T> T ask(String method, String path, @Nullable Object body, Class<T> type)
      throws IOException {
    HttpRequest.BodyPublisher sent =
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofByteArray(json.writeValueAsBytes(body));
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + path))
            .timeout(PATIENCE)
            .header("Content-Type", "application/json")
            .method(method, sent)
            .build();
    try {
      HttpResponse<InputStream> answer =
          http.send(request, HttpResponse.BodyHandlers.ofInputStream());
      try (InputStream read = answer.body()) {
        byte[] bytes = read.readNBytes(MOST_BYTES + 1);
        if (answer.statusCode() != 200 || bytes.length > MOST_BYTES) {
          throw new IOException("The shop answers with %d.".formatted(answer.statusCode()));
        }
        return json.readValue(bytes, type);
      }
    } catch (JacksonException unreadable) {
      throw new IOException("The shop's answer can't be read.", unreadable);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IOException("Nobody waits for the shop any more.", stopped);
    }
  }

  private static String safe(String name) {
    return URLEncoder.encode(name, StandardCharsets.UTF_8).replace("+", "%20");
  }
}
