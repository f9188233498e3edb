package emberyard.server;

import emberyard.server.store.BeforeKeeping;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** The demo in an application of its own, whose clock stands until it is moved. */
final class OwnDemo implements AutoCloseable {
  private Instant now = Instant.parse("2026-03-03T09:05:00Z");
  private final ConfigurableApplicationContext application;
  final Client owner;

  /**
   * @param check what is asked before anything is kept, made of the one that is
   */
  OwnDemo(Path folder, UnaryOperator<BeforeKeeping> check) throws IOException {
    this(folder, check, "");
  }

  /**
   * @param standIns port of the stand-ins, empty for none
   */
  OwnDemo(Path folder, UnaryOperator<BeforeKeeping> check, String standIns) throws IOException {
    application =
        new SpringApplicationBuilder(EmberYardApplication.class)
            .initializers(context -> prepare((GenericApplicationContext) context, check))
            .run(
                "--data=" + folder,
                "--port=0",
                "--demo=true",
                "--copies=0",
                "--stand-ins=" + standIns);
    owner = signIn("ines");
  }

  /** Somebody of the demo, signed in. */
  Client signIn(String name) {
    Client who = new Client(((WebServerApplicationContext) application).getWebServer().getPort());
    signIn(who, name);
    return who;
  }

  private static void signIn(Client who, String name) {
    who.get("/api/session").expect(200);
    who.post("/api/session", Map.of("name", name, "password", "lantern-harbour")).expect(200);
  }

  private void prepare(GenericApplicationContext context, UnaryOperator<BeforeKeeping> check) {
    context.registerBean("moved", Clock.class, () -> clock, bean -> bean.setPrimary(true));
    context
        .getBeanFactory()
        .addBeanPostProcessor(
            new BeanPostProcessor() {
              @Override
              public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof BeforeKeeping keeping ? check.apply(keeping) : bean;
              }
            });
  }

  private final Clock clock =
      new Clock() {
        @Override
        public ZoneId getZone() {
          return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
          return Clock.fixed(now, zone);
        }

        @Override
        public Instant instant() {
          return now;
        }
      };

  /** Sessions end with time: one signs in again. */
  void goesOn(Duration time) {
    now = now.plus(time);
    signIn(owner, "ines");
  }

  Instant now() {
    return now;
  }

  <T> T bean(Class<T> type) {
    return application.getBean(type);
  }

  @Override
  public void close() {
    application.close();
  }
}
