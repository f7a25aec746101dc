package hiltboard.server;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.http.converter.autoconfigure.ServerHttpMessageConvertersCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * A null inside a list or a map is refused at the door, as a missing field is, and so is a text with what nobody can
 * type: nothing behind it has to think of either. What the data file holds already is read as it is.
 */
@Configuration(proxyBeanMethods = false)
class StrictJson {

    @Bean
    JsonMapperBuilderCustomizer noNulls() {
        return builder ->
                builder.changeDefaultNullHandling(given -> JsonSetter.Value.construct(Nulls.FAIL, Nulls.FAIL));
    }

    @Bean
    ServerHttpMessageConvertersCustomizer typable(JsonMapper json) {
        return converters -> converters.withJsonConverter(new JacksonJsonHttpMessageConverter(json.rebuild()
                .addModule(new SimpleModule().addDeserializer(String.class, new Typable()))
                .build()));
    }

    private static final class Typable extends StringDeserializer {
        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = super.deserialize(parser, context);
            if (text != null && text.codePoints().anyMatch(Typable::isUntypable)) {
                throw Refusal.entry(
                        String.valueOf(parser.currentName()),
                        "",
                        "There is a character in it that cannot be seen",
                        "letters, figures, signs and line breaks");
            }
            return text;
        }

        /** Control characters but for tabs and line breaks, and halves of a character. */
        private static boolean isUntypable(int point) {
            return Character.isISOControl(point) && point != '\n' && point != '\r' && point != '\t'
                    || point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE;
        }
    }
}
