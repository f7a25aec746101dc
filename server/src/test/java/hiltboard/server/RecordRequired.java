package hiltboard.server;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;

/** Says in the OpenAPI description what the code says: a record's component is there unless it is {@code @Nullable}. */
@Component
class RecordRequired implements ModelConverter {
    RecordRequired() {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Command.class, Person.class, CsrfToken.class);
    }

    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> resolved = chain.next().resolve(type, context, chain);
        JavaType java = TypeFactory.defaultInstance().constructType(type.getType());
        if (resolved != null && java.getRawClass().isRecord()) {
            Schema<?> model = resolved.get$ref() == null
                    ? resolved
                    : context.getDefinedModels().get(resolved.get$ref().replaceFirst(".*/", ""));
            if (model != null) {
                model.setRequired(required(java.getRawClass()));
            }
        }
        return resolved;
    }

    private static List<String> required(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .map(RecordComponent::getName)
                .toList();
    }
}
