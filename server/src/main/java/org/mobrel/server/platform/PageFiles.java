package org.mobrel.server.platform;

import java.time.Duration;
import java.util.Arrays;
import org.springframework.boot.autoconfigure.web.WebProperties;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * How long a browser may keep the files of the pages. What lies under assets has its content in its name and never changes; everything else,
 * above all the page itself and what looks for a newer one, is asked for again each time.
 */
@Configuration(proxyBeanMethods = false)
class PageFiles implements WebMvcConfigurer {

    private static final Duration FOR_GOOD = Duration.ofDays(365);

    private final String[] places;

    PageFiles(WebProperties web) {
        places = web.getResources().getStaticLocations();
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(
                        Arrays.stream(places).map(place -> place + "assets/").toArray(String[]::new))
                .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic().immutable());
    }
}
