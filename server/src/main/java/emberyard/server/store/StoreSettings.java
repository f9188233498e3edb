package emberyard.server.store;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock everything else is given. */
@Configuration
public class StoreSettings {

  /**
   * The system's clock, or one that starts at a set moment and runs on: pictures and journeys then
   * look the same on any day.
   */
  @Bean
  Clock clock(@Value("${ember.clock}") String startsAt) {
    Clock system = Clock.systemUTC();
    if (startsAt.isBlank()) {
      return system;
    }
    Duration shift =
        Duration.between(
            system.instant(),
            LocalDateTime.parse(startsAt).atZone(ZoneId.systemDefault()).toInstant());
    return Clock.offset(system, shift);
  }
}
