package emberyard.server.supply.standin;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import emberyard.core.record.OrderLine.State;
import emberyard.core.supply.ShopAnswer;
import emberyard.server.supply.shop.ShopOrder;
import emberyard.server.supply.shop.ShopOrder.ShopFact;
import emberyard.server.supply.shop.ShopOverHttp;
import emberyard.server.supply.shop.ShopParcel;
import emberyard.server.supply.shop.ShopPrices.PriceAsked;
import emberyard.server.supply.shop.ShopReturn;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** The stand-in, spoken to over a socket, as an adapter to real shops would be. */
class StandInTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final LocalDateTime BEGIN = LocalDateTime.of(2026, 3, 3, 9, 42);
  private static final Chances NOTHING = new Chances(0, 0, 0, 0, 0);

  @TempDir Path folder;
  private final AtomicReference<LocalDateTime> now = new AtomicReference<>(BEGIN);
  private StandInServer server;
  private ShopOverHttp shop;

  @BeforeEach
  void open() throws IOException {
    StandInFile file = new StandInFile(folder.resolve("stand-ins.json"), JSON);
    server = new StandInServer(0, new StandIn(1, file.read()), file, now::get, JSON);
    shop = new ShopOverHttp(server.address(), JSON);
  }

  @AfterEach
  void close() {
    server.close();
  }

  private void always(Chances chances) {
    StandInFile file = new StandInFile(folder.resolve("stand-ins.json"), JSON);
    file.write(file.read().with(chances));
    server.close();
    try {
      open();
    } catch (IOException failed) {
      throw new IllegalStateException(failed);
    }
  }

  private static ShopOrder drive(double quantity, long unitPriceMinor) {
    return new ShopOrder(
        "2026-007",
        "Tollgate Works",
        List.of(
            new ShopOrder.Line(
                "l1",
                "Drive Slate 2 TB",
                List.of(new ShopFact("capacity", "2 TB"), new ShopFact("interface", "M.2")),
                quantity,
                "",
                unitPriceMinor,
                "EUR",
                LocalDate.of(2026, 3, 9))));
  }

  private ShopAnswer answer(double quantity, long unitPriceMinor) throws IOException {
    return shop.order("rookery", drive(quantity, unitPriceMinor)).lines().get(0);
  }

  @Test
  void anOrderIsConfirmedSentCarriedAndDelivered() throws IOException {
    always(NOTHING);
    assertEquals(List.of(), answer(1, 11_900).parts());
    now.set(BEGIN.plusHours(6));
    ShopAnswer.Part confirmed = answer(1, 11_900).parts().get(0);
    assertEquals(State.CONFIRMED, confirmed.state());
    assertEquals(LocalDate.of(2026, 3, 9), confirmed.expectedOn());
    now.set(LocalDateTime.of(2026, 3, 8, 17, 0));
    ShopAnswer.Part sent = answer(1, 11_900).parts().get(0);
    assertEquals(State.SHIPPED, sent.state());
    ShopParcel parcel = shop.parcel(sent.trackingCode());
    assertNull(parcel.deliveredAt());
    assertEquals("Handed over by the shop", parcel.moves().get(0).words());
    assertEquals(List.of(), shop.labels(sent.trackingCode()));
    now.set(LocalDateTime.of(2026, 3, 9, 12, 0));
    assertEquals(
        LocalDateTime.of(2026, 3, 9, 11, 20), shop.parcel(sent.trackingCode()).deliveredAt());
    assertEquals(
        drive(1, 1).lines().get(0).facts(), shop.labels(sent.trackingCode()).get(0).label());
  }

  @Test
  void itAsksMoreAndGoesOnWhenThatIsAgreedTo() throws IOException {
    always(new Chances(1, 0, 0, 0, 0));
    answer(1, 10_000);
    now.set(BEGIN.plusHours(6));
    ShopAnswer asks = answer(1, 10_000);
    assertTrue(asks.unitPriceMinor() >= 10_200 && asks.unitPriceMinor() <= 10_800);
    assertEquals(List.of(), asks.parts());
    ShopAnswer agreed = answer(1, asks.unitPriceMinor());
    assertEquals(State.CONFIRMED, agreed.parts().get(0).state());
    assertEquals(asks.unitPriceMinor(), agreed.unitPriceMinor());
  }

  @Test
  void itIsLateSplitsAndSendsSomethingElse() throws IOException {
    always(new Chances(0, 1, 1, 1, 1));
    answer(4, 11_900);
    now.set(BEGIN.plusHours(6));
    List<ShopAnswer.Part> parts = answer(4, 11_900).parts();
    assertEquals(2, parts.size());
    assertEquals(4, parts.get(0).quantity() + parts.get(1).quantity());
    assertEquals(State.BACK_ORDERED, parts.get(0).state());
    assertTrue(parts.get(0).expectedOn().isAfter(LocalDate.of(2026, 3, 9)));
    assertTrue(parts.get(1).expectedOn().isAfter(parts.get(0).expectedOn()));
    now.set(parts.get(0).expectedOn().atTime(9, 0));
    ShopAnswer.Part sent = answer(4, 11_900).parts().get(0);
    assertEquals(parts.get(0).expectedOn().plusDays(1), sent.expectedOn());
    now.set(sent.expectedOn().atTime(12, 0));
    ShopParcel parcel = shop.parcel(sent.trackingCode());
    assertTrue(parcel.moves().toString().contains("Missed its round"), parcel.toString());
    assertEquals(
        new ShopFact("capacity", "1 TB"), shop.labels(sent.trackingCode()).get(0).label().get(0));
  }

  @Test
  void aLaterDayIsNotAddedAgainEachTimeItIsTold() throws IOException {
    always(new Chances(0, 1, 0, 0, 0));
    answer(1, 11_900);
    now.set(BEGIN.plusHours(6));
    LocalDate day = answer(1, 11_900).parts().get(0).expectedOn();
    ShopOrder.Line told = drive(1, 11_900).lines().get(0);
    ShopOrder later =
        new ShopOrder(
            "2026-007",
            "Tollgate Works",
            List.of(
                new ShopOrder.Line("l1", told.title(), told.facts(), 1, "", 11_900, "EUR", day)));
    assertEquals(day, shop.order("rookery", later).lines().get(0).parts().get(0).expectedOn());
  }

  @Test
  void theSameSeedSaysTheSameAndAStartForgetsNothing() throws IOException {
    answer(3, 11_900);
    now.set(BEGIN.plusHours(6));
    ShopAnswer said = answer(3, 11_900);
    server.close();
    open();
    assertEquals(said, answer(3, 11_900));
    Files.delete(folder.resolve("stand-ins.json"));
    server.close();
    now.set(BEGIN);
    open();
    answer(3, 11_900);
    now.set(BEGIN.plusHours(6));
    assertEquals(said, answer(3, 11_900));
  }

  @Test
  void moneyComesBackSomeDaysAfterTheThingDid() throws IOException {
    always(NOTHING);
    answer(2, 5_000);
    ShopReturn asked = new ShopReturn("2026-007", "l1", 2, "1 TB is not 2 TB", null);
    assertTrue(shop.takeBack("rookery", asked).agreed());
    ShopReturn sent = new ShopReturn("2026-007", "l1", 2, "", BEGIN.toLocalDate());
    assertNull(shop.takeBack("rookery", sent).paidBackOn());
    now.set(BEGIN.plusDays(4));
    assertEquals(10_000, shop.takeBack("rookery", sent).paidBackMinor());
    assertThrows(
        IOException.class,
        () -> shop.takeBack("rookery", new ShopReturn("2026-999", "l1", 1, "", null)));
  }

  @Test
  void pricesChangeByTheDayRoundWhatWasSeenFirst() throws IOException {
    List<PriceAsked> asked = List.of(new PriceAsked("o1", "Graphics Gannet 50", 44_500));
    long today = shop.prices("rookery", asked).get(0).unitPriceMinor();
    assertEquals(today, shop.prices("rookery", asked).get(0).unitPriceMinor());
    now.set(BEGIN.plusDays(1));
    assertNotEquals(today, shop.prices("rookery", asked).get(0).unitPriceMinor());
    for (int day = 0; day < 200; day++) {
      now.set(BEGIN.plusDays(day));
      long minor = shop.prices("rookery", asked).get(0).unitPriceMinor();
      assertTrue(Math.abs(minor - 44_500) <= 0.08 * 44_500 + 1, minor + " on day " + day);
    }
  }

  @Test
  void whatItDoesNotUnderstandItRefuses() throws IOException {
    assertThrows(IOException.class, () -> shop.parcel("nothing-here"));
    for (String asked :
        List.of(
            "GET / HTTP/1.1",
            "PUT /shops/rookery/orders/2026-001 HTTP/1.1",
            "GET /shops HTTP/1.1",
            "DELETE /courier/parcels/x HTTP/1.1")) {
      assertTrue(raw(asked).matches("(?s)HTTP/1.1 40[04].*"), asked + ": " + raw(asked));
    }
    assertFalse(raw("GET /%zz HTTP/1.1").contains(" 200 "));
  }

  private String raw(String request) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", server.address().getPort())) {
      String sent = request + "\r\nHost: x\r\nContent-Length: 2\r\nConnection: close\r\n\r\nxx";
      socket.getOutputStream().write(sent.getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
