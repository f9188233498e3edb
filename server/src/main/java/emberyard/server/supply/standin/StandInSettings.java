package emberyard.server.supply.standin;

import emberyard.server.supply.shop.ShopOverHttp;
import emberyard.server.supply.shop.ShopService;
import emberyard.server.yard.YardReader;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Starts the stand-in where a port was given for it, and has orders go there. */
@Configuration
@ConditionalOnExpression("!'${ember.stand-ins}'.isBlank()")
class StandInSettings {
  private static final Logger LOG = LoggerFactory.getLogger(StandInSettings.class);
  private static final long SEED = 20_260_303;

  @Bean
  StandInServer standIn(
      @Value("${ember.stand-ins}") int port,
      @Value("${ember.data}") Path data,
      YardReader reader,
      Clock clock,
      JsonMapper json)
      throws IOException {
    StandInFile file = new StandInFile(data.resolve("stand-ins.json"), json);
    StandIn shops = new StandIn(SEED, file.read());
    StandInServer server = new StandInServer(port, shops, file, () -> hour(reader, clock), json);
    LOG.info("Stand-ins for shops and courier listen on {}", server.address());
    return server;
  }

  @Bean
  ShopService shopService(StandInServer server, JsonMapper json) {
    return new ShopOverHttp(server.address(), json);
  }

  private static LocalDateTime hour(YardReader reader, Clock clock) {
    ZoneId zone = ZoneId.of(reader.read().book().workshop().zone());
    return LocalDateTime.ofInstant(clock.instant(), zone);
  }
}
