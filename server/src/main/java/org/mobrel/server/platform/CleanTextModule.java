package org.mobrel.server.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Every text of every request is cleaned here, once, before anybody sees it. */
@Configuration
class CleanTextModule {

    @Bean
    JacksonModule cleanText() {
        return new SimpleModule("clean-text").addDeserializer(String.class, new CleanStrings());
    }

    private static final class CleanStrings extends StringDeserializer {
        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = super.deserialize(parser, context);
            return text == null ? text : CleanText.of(text);
        }
    }
}
