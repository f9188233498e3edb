package emberyard.server.api;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;

/** The web layer reads as strictly as the store. */
@Configuration
class JsonSettings {
  @Bean
  JsonMapperBuilderCustomizer strict() {
    return builder ->
        builder
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            // 2.5 sheets are no 2
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .addHandler(FigureKeys.passedOver())
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            // a list holds things, never nothing
            .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
  }
}
