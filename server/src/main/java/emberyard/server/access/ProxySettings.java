package emberyard.server.access;

import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What stands in front and does TLS, named by {@code --proxy}: from these addresses alone the
 * forwarded address and protocol are believed, so that cookies become Secure and failed tries are
 * counted for who made them.
 */
@Configuration
class ProxySettings {
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> proxies(
      @Value("${ember.proxy}") String addresses) {
    return server -> {
      if (!addresses.isBlank()) {
        server.addEngineValves(believing(addresses));
      } else {
        server.addEngineValves(new UnpackedAtHome());
      }
    };
  }

  private static RemoteIpValve believing(String addresses) {
    RemoteIpValve valve = new RemoteIpValve();
    valve.setInternalProxies(
        Arrays.stream(addresses.split(","))
            .map(address -> Pattern.quote(address.strip()))
            .collect(Collectors.joining("|")));
    valve.setTrustedProxies(null);
    valve.setRemoteIpHeader("X-Forwarded-For");
    valve.setProtocolHeader("X-Forwarded-Proto");
    return valve;
  }
}
