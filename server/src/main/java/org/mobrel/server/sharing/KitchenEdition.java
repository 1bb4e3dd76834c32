package org.mobrel.server.sharing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Map;
import org.mobrel.server.platform.AnotherKitchen;
import org.mobrel.server.platform.Conflict;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Which kitchen stands in the database. A device may keep taps and ticks for days while it cannot reach the kitchen; when a backup was restored
 * meanwhile, run 12 may be another run, and what was meant for the one before must not reach it.
 */
@Configuration(proxyBeanMethods = false)
public class KitchenEdition implements WebMvcConfigurer, HandlerInterceptor {

    /** The header by which a device says which kitchen a change is meant for; without it a change is meant for whichever is there. */
    private static final String MEANT_FOR = "X-Mobrel-Kitchen";

    private static final int BYTES = 16;

    private final KitchenEditionRepository repository;
    private final SecureRandom chance = new SecureRandom();

    KitchenEdition(KitchenEditionRepository repository) {
        this.repository = repository;
    }

    /** 32 hexadecimal digits, which stay until the kitchen is replaced. */
    public String now() {
        return repository.read();
    }

    @EventListener
    void renew(AnotherKitchen standsHereNow) {
        byte[] bytes = new byte[BYTES];
        chance.nextBytes(bytes);
        repository.write(HexFormat.of().formatHex(bytes));
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    /** @throws Conflict if the change is meant for another kitchen */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        String meantFor = request.getHeader(MEANT_FOR);
        if (meantFor != null && !ChangeNotes.ASKING.contains(request.getMethod()) && !meantFor.equals(now())) {
            throw new Conflict(
                    "another-kitchen",
                    "A backup was restored since this was tapped, and it was meant for the kitchen before it. Nothing was"
                            + " changed: look at what stands here now, and do it again if it is still so.",
                    Map.of());
        }
        return true;
    }
}
