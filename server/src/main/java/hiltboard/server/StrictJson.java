package hiltboard.server;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * A null inside a list or a map is refused at the door, as a missing field is: nothing behind it has to think of nulls.
 */
@Configuration(proxyBeanMethods = false)
class StrictJson {

    @Bean
    JsonMapperBuilderCustomizer noNulls() {
        return builder ->
                builder.changeDefaultNullHandling(given -> JsonSetter.Value.construct(Nulls.FAIL, Nulls.FAIL));
    }
}
