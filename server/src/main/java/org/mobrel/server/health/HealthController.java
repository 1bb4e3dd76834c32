package org.mobrel.server.health;

import java.util.List;
import org.jspecify.annotations.Nullable;
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

    /**
     * @param check what was looked at, such as 'disk'
     * @param remedy what to do; null where nothing is to be done
     */
    record MachineCheckResponse(String check, Doctor.State state, String words, @Nullable String remedy) {}

    private final KitchenHealth health;
    private final Doctor doctor;

    HealthController(KitchenHealth health, Doctor doctor) {
        this.health = health;
        this.doctor = doctor;
    }

    @GetMapping("/api/health/machine")
    List<MachineCheckResponse> machine() {
        return doctor.look().stream()
                .map(found -> new MachineCheckResponse(found.check(), found.state(), found.words(), found.remedy()))
                .toList();
    }

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
