package org.mobrel.server.planning;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans worked out and worded in one transaction: a plan is answered at every tap. */
@Service
class PlanAnswers {

    private final PlanDesk desk;
    private final PlanWords words;

    PlanAnswers(PlanDesk desk, PlanWords words) {
        this.desk = desk;
        this.words = words;
    }

    @Transactional(readOnly = true)
    PlanWire.PlanAnswer plan(long id) {
        return words.answer(desk.look(id));
    }

    @Transactional
    PlanWire.PlanAnswer save(long id, int basedOn, PlanBody body) {
        return words.answer(desk.save(id, basedOn, body));
    }
}
