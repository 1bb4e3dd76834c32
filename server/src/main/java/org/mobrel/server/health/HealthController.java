package org.mobrel.server.health;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What every page tells at its top, also while the database is away. */
@RestController
class HealthController {

    /**
     * @param code which it is
     * @param stops whether steps are lost meanwhile
     */
    record TroubleResponse(String code, String title, String detail, boolean stops) {}

    record HealthResponse(List<TroubleResponse> troubles) {}

    private final KitchenHealth health;

    HealthController(KitchenHealth health) {
        this.health = health;
    }

    @Operation(summary = "What is wrong with disk, database or a second server, and what can be done")
    @GetMapping("/api/health")
    ResponseEntity<HealthResponse> health() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new HealthResponse(health.troubles().stream()
                        .map(trouble ->
                                new TroubleResponse(trouble.code(), trouble.title(), trouble.detail(), trouble.stops()))
                        .toList()));
    }
}
