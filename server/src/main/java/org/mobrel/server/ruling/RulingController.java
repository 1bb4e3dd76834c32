package org.mobrel.server.ruling;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RulingController {

    private final RulingService service;

    RulingController(RulingService service) {
        this.service = service;
    }

    @PostMapping("/api/ruling")
    RulingResponse rule(@Valid @RequestBody RulingRequest request) {
        return service.answer(request);
    }
}
