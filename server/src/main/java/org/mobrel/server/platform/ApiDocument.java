package org.mobrel.server.platform;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API document tells what the records of the wire tell: every component is there, unless it is {@code @Nullable}. The pages'
 * types are made from it.
 */
@Configuration(proxyBeanMethods = false)
class ApiDocument {

    /** One for all applications of a JVM, as the library's list of converters is: a second one would take the first one's place in it. */
    private static final Map<String, Class<?>> RECORDS = new ConcurrentHashMap<>();

    @Bean
    ModelConverter recordCollector() {
        return new RecordCollector(RECORDS);
    }

    @Bean
    OpenApiCustomizer requiredComponents() {
        return document -> {
            document.setInfo(new Info()
                    .title("Mobrel")
                    .version("1")
                    .description("The calculations and the kitchen of Mobrel. Times come from published tables only."));
            document.setServers(List.of());
            document.getComponents().getSchemas().forEach((name, schema) -> {
                Class<?> type = RECORDS.get(name);
                if (type != null) {
                    require(schema, type);
                }
            });
        };
    }

    private static void require(Schema<?> schema, Class<?> type) {
        List<String> required = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                required.add(component.getName());
            }
        }
        schema.setRequired(required);
    }

    /** Notes which record stands behind which schema. */
    private record RecordCollector(Map<String, Class<?>> records) implements ModelConverter {

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Class<?> raw = type.getType() instanceof Class<?> plain
                    ? plain
                    : type.getType() instanceof JavaType java ? java.getRawClass() : Object.class;
            if (raw.isRecord()) {
                records.put(raw.getSimpleName(), raw);
            }
            return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        }
    }
}
