package org.mobrel.server.planning;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans worked out and worded in one transaction: a plan is answered at every tap. */
@Service
class PlanResponses {

    private final PlanService service;
    private final PlanMapper words;

    PlanResponses(PlanService service, PlanMapper words) {
        this.service = service;
        this.words = words;
    }

    @Transactional(readOnly = true)
    PlanMessages.PlanResponse plan(long id) {
        return words.answer(service.look(id));
    }

    @Transactional
    PlanMessages.PlanResponse save(long id, int basedOn, PlanBody body) {
        return words.answer(service.save(id, basedOn, body));
    }
}
