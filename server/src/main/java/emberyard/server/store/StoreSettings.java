package emberyard.server.store;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock everything else is given. */
@Configuration
public class StoreSettings {

  /**
   * The system's clock, or one that starts at a set moment and runs on: pictures and journeys then
   * look the same on any day. It may stand at that moment: the plan is laid anew each minute, and
   * money goes with who does what.
   */
  @Bean
  Clock clock(
      @Value("${ember.clock}") String startsAt, @Value("${ember.clock-stands}") boolean stands) {
    Clock system = Clock.systemUTC();
    if (startsAt.isBlank()) {
      return system;
    }
    Instant begin = LocalDateTime.parse(startsAt).atZone(ZoneId.systemDefault()).toInstant();
    return stands
        ? Clock.fixed(begin, ZoneOffset.UTC)
        : Clock.offset(system, Duration.between(system.instant(), begin));
  }
}
