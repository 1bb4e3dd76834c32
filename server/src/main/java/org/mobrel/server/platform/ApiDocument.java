package org.mobrel.server.platform;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import io.swagger.v3.oas.models.tags.Tag;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
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

    private static final String DEVICE = "pairedDevice";

    private static final SecurityScheme PAIRED = new SecurityScheme()
            .type(SecurityScheme.Type.APIKEY)
            .in(SecurityScheme.In.COOKIE)
            .name("__Host-mobrel-device")
            .description("What a device got when it was paired");

    private static final ApiResponse REFUSED = new ApiResponse()
            .description("Refused, and why")
            .content(new Content()
                    .addMediaType(
                            "application/problem+json",
                            new MediaType().schema(new Schema<Object>().$ref("#/components/schemas/Problem"))));

    /** What RFC 9457 names, and what our problems add. */
    private static Schema<Object> problem() {
        Schema<Object> problem = new Schema<>();
        problem.setTypes(Set.of("object"));
        problem.setRequired(List.of("title", "status"));
        List.of("type", "title", "detail", "code", "field", "reason")
                .forEach(name -> problem.addProperty(name, new StringSchema()));
        problem.addProperty("status", new IntegerSchema());
        return problem;
    }

    @Bean
    ModelConverter recordCollector() {
        return new RecordCollector(RECORDS);
    }

    @Bean
    OpenApiCustomizer wholeDocument() {
        Map<String, String> summaries = summaries();
        return document -> {
            document.setInfo(new Info()
                    .title("Mobrel")
                    .version("1")
                    .license(new License().name("Apache-2.0").identifier("Apache-2.0"))
                    .description("The calculations and the kitchen of Mobrel. Times come from published tables only."));
            document.setServers(List.of(new Server().url("/").description("The kitchen's own machine")));
            document.getComponents().addSecuritySchemes(DEVICE, PAIRED);
            // The kitchen's own machine needs nothing; a device on the home network shows that it was paired.
            document.setSecurity(List.of(new SecurityRequirement(), new SecurityRequirement().addList(DEVICE)));
            document.getComponents().getSchemas().forEach((name, schema) -> {
                Class<?> type = RECORDS.get(name);
                if (type != null) {
                    tell(schema, type);
                }
            });
            document.getComponents().addSchemas("Problem", problem());
            document.getPaths().forEach((path, item) -> item.readOperationsMap().forEach((method, operation) -> {
                operation.setSummary(summaries.get(method + " " + path));
                operation.setTags(List.of(path.split("/")[2]));
                operation.getResponses().addApiResponse("4XX", REFUSED);
            }));
            document.setTags(document.getPaths().keySet().stream()
                    .map(path -> path.split("/")[2])
                    .distinct()
                    .sorted()
                    .map(name -> new Tag().name(name).description(summaries.get("TAG " + name)))
                    .toList());
        };
    }

    /** What each operation does, by method and path, and what each group of them is about, by {@code TAG} and name. */
    private static Map<String, String> summaries() {
        try (InputStream table = ApiDocument.class.getResourceAsStream("/api/operations.csv");
                CSVParser rows = CSVFormat.DEFAULT
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(new InputStreamReader(Objects.requireNonNull(table), StandardCharsets.UTF_8))) {
            return rows.stream()
                    .collect(Collectors.toMap(
                            row -> row.get("method") + " " + row.get("path"), row -> row.get("summary")));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** A component is always there; one that is {@code @Nullable} may be null or, in what is asked, left out. */
    private static void tell(Schema<?> schema, Class<?> type) {
        List<String> required = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                required.add(component.getName());
            } else {
                schema.getProperties().computeIfPresent(component.getName(), (name, there) -> orNull(there));
            }
        }
        schema.setRequired(required);
    }

    private static Schema<?> orNull(Schema<?> schema) {
        if (schema.getTypes() == null || schema.getEnum() != null) {
            Schema<Object> nothing = new Schema<>();
            nothing.setTypes(Set.of("null"));
            Schema<Object> either = new Schema<>();
            either.setOneOf(List.of(schema, nothing));
            return either;
        }
        Set<String> types = new TreeSet<>(schema.getTypes());
        types.add("null");
        schema.setTypes(types);
        return schema;
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
