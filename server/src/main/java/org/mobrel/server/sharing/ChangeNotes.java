package org.mobrel.server.sharing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Notes every request that changed something, once it is stored. A door that is new is noted too: what only asks is named here. */
@Configuration
class ChangeNotes implements WebMvcConfigurer, HandlerInterceptor {

    /** The header by which a page says who it is, so that it is not told of what it did itself. */
    private static final String PAGE = "X-Mobrel-Page";

    private static final int LONGEST_NAME = 40;

    static final Set<String> ASKING = Set.of("GET", "HEAD", "OPTIONS");

    /** Doors that answer a question that does not fit into an address, and readings, of which the run's own line tells. */
    private static final String[] QUESTIONS = {
        "/api/ruling",
        "/api/recipe-reading",
        "/api/look-back",
        "/api/loading",
        "/api/scaling",
        "/api/recipes/draft",
        "/api/formats/**",
        "/api/runs/*/readings",
        "/api/runs/*/hearing",
        "/api/runs/*/seeing",
        "/api/runs/*/simulation",
        "/api/practice/scenes"
    };

    private final ApplicationEventPublisher news;

    ChangeNotes(ApplicationEventPublisher news) {
        this.news = news;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**").excludePathPatterns(QUESTIONS);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        if (failed == null && response.getStatus() < 400 && !ASKING.contains(request.getMethod())) {
            String page = request.getHeader(PAGE);
            news.publishEvent(new Changed(
                    concept(request.getRequestURI()), page == null || page.length() > LONGEST_NAME ? "" : page));
        }
    }

    /** What is changed behind a door: the cupboard and the gauges have doors of their own within the kitchen's. */
    private static String concept(String path) {
        String[] steps = path.split("/", 5);
        boolean within = steps.length > 3 && Set.of("cupboard", "devices").contains(steps[3]);
        return steps[within ? 3 : 2];
    }
}
