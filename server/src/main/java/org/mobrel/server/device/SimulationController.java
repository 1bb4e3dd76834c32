package org.mobrel.server.device;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SimulationController {

    /** Whether this kitchen lends the simulated canner. */
    record SimulationOffer(boolean offered) {}

    private final SimulationService service;

    SimulationController(SimulationService service) {
        this.service = service;
    }

    @GetMapping("/api/simulation")
    SimulationOffer simulationOffer() {
        return new SimulationOffer(service.isOffered());
    }

    @GetMapping("/api/runs/{id}/simulation")
    SimulationMessages.SimulationResponse simulationOf(@PathVariable long id) {
        return SimulationMessages.answer(id, service.turns(id), service.simulation(id));
    }

    /** Puts a load on the simulated canner, sets its pace, turns its knobs. */
    @PostMapping("/api/runs/{id}/simulation")
    SimulationMessages.SimulationResponse simulate(
            @PathVariable long id, @Valid @RequestBody SimulationMessages.SimulationRequest request) {
        if (request.pace() != null) {
            service.pace(id, request.pace());
        }
        if (request.burnerPercent() != null) {
            service.turn(id, KnobChange.Knob.BURNER, request.burnerPercent());
        }
        flip(id, KnobChange.Knob.GAS_OUT, request.gasOut());
        flip(id, KnobChange.Knob.LEAKING, request.leaking());
        flip(id, KnobChange.Knob.DIAL_STUCK, request.dialStuck());
        flip(id, KnobChange.Knob.DOUSED, request.doused());
        return simulationOf(id);
    }

    private void flip(long id, KnobChange.Knob knob, @Nullable Boolean on) {
        if (on != null) {
            service.turn(id, knob, on ? 1 : 0);
        }
    }
}
