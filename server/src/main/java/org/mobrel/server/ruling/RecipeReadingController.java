package org.mobrel.server.ruling;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RecipeReadingController {

    private final RecipeReadingService service;

    RecipeReadingController(RecipeReadingService service) {
        this.service = service;
    }

    /** What a page holds, what its steps say, and the ruling on it; nothing is kept. */
    @PostMapping("/api/recipe-reading")
    RecipeReading.PageResponse read(@Valid @RequestBody RecipeReading.PageRequest request) {
        return service.read(request);
    }
}
