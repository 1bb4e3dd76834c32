package org.mobrel.server.ruling;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.Content;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** An example in the API document: asked and answered by the program itself, so that it cannot grow old. */
@Configuration(proxyBeanMethods = false)
class RulingExamples {

    private static final RulingRequest ASKED = new RulingRequest(
            List.of(
                    "2 lb dried kidney beans, quick-soaked",
                    "3 cups carrots, diced",
                    "2 cups chopped onion",
                    "3 qt pork stock",
                    "1 cup cream, at serving"),
            "hot",
            0.5,
            List.of(new JarRequest("quart", null, 6), new JarRequest("pint", null, 2)),
            3_150.0,
            null,
            "dial",
            new BigDecimal("0.5"),
            "longest-ingredient",
            null);

    @Bean
    OpenApiCustomizer rulingExample(RulingService service, JsonMapper json) {
        return document -> {
            Operation ruling = Objects.requireNonNull(document.getPaths().get("/api/ruling"))
                    .getPost();
            put(ruling.getRequestBody().getContent(), json, ASKED);
            put(Objects.requireNonNull(ruling.getResponses().get("200")).getContent(), json, service.answer(ASKED));
        };
    }

    private static void put(Content content, JsonMapper json, Object example) {
        // As plain maps and lists: the document's own writer knows nothing of our records.
        Object plain = json.convertValue(example, Object.class);
        content.values().forEach(type -> type.setExample(plain));
    }
}
