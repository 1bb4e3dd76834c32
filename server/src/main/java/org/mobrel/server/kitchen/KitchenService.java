package org.mobrel.server.kitchen;

import java.util.function.UnaryOperator;
import org.mobrel.canner.CannerProfile;
import org.mobrel.run.CheckTick;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.sharing.SharedFields;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** The kitchen's settings and canners. */
@Service
public class KitchenService {

    private static final String KITCHEN = "kitchen";
    static final String CANNER = "canner";
    private static final String READ = KitchenService.class.getName() + ".kitchen";

    private final KitchenRepository repository;
    private final SharedFields shared;
    private final ApplicationEventPublisher news;

    KitchenService(KitchenRepository repository, SharedFields shared, ApplicationEventPublisher news) {
        this.repository = repository;
        this.shared = shared;
        this.news = news;
    }

    /** The kitchen as this request saw it first, or changed it itself: one request reads it once. */
    @Transactional(readOnly = true)
    public Kitchen kitchen() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return repository.kitchen();
        }
        if (request.getAttribute(READ, RequestAttributes.SCOPE_REQUEST) instanceof Kitchen known) {
            return known;
        }
        Kitchen now = repository.kitchen();
        request.setAttribute(READ, now, RequestAttributes.SCOPE_REQUEST);
        return now;
    }

    /** What this request has read of the kitchen is changed by it. */
    void changed() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.removeAttribute(READ, RequestAttributes.SCOPE_REQUEST);
        }
    }

    /** The kitchen, and the number of the last change that it shows. */
    public record Seen(Kitchen kitchen, long version) {}

    @Transactional(readOnly = true)
    public Seen seen() {
        return new Seen(repository.kitchen(), shared.version());
    }

    /** @throws NotFound if there is no such canner */
    @Transactional(readOnly = true)
    public KitchenCanner canner(long id) {
        return repository.kitchen().canner(id).orElseThrow(() -> new NotFound("canner", id));
    }

    /**
     * Changes settings, all or none of them; those that stay the same may have been changed by anybody.
     *
     * @param basedOn the number of the last change that whoever asks for it had seen
     * @param change what is to be, from what is
     * @throws org.mobrel.server.platform.Conflict if one of the settings was changed by somebody else since
     */
    @Transactional
    public void change(long basedOn, UnaryOperator<Kitchen> change) {
        change(shared.change(KITCHEN, "", basedOn), change);
    }

    private void change(SharedFields.Change begun, UnaryOperator<Kitchen> change) {
        Kitchen before = repository.kitchen();
        Kitchen after = change.apply(before);
        for (KitchenField field : KitchenField.values()) {
            if (field.differs(before, after)) {
                begun.writes(field.code(), field.changedElsewhere(before));
            }
        }
        // Each care point for itself: two devices may switch two of them on.
        CheckTick.Check.CARE_POINTS.stream()
                .filter(point -> before.care().contains(point) != after.care().contains(point))
                .forEach(point -> begun.writes(
                        "care." + point.code(),
                        "The care point \"%s\" was changed on another device.".formatted(point.label())));
        begun.settle();
        repository.store(after);
        changed();
        if (KitchenField.ALTITUDE.differs(before, after)) {
            news.publishEvent(new PressureBasisChanged());
        }
    }

    /** As {@link #change(long, UnaryOperator)}, on what is there now; for kitchens that are loaded, not set up on a page. */
    @Transactional
    public void change(UnaryOperator<Kitchen> change) {
        change(shared.changeOfLatest(KITCHEN, ""), change);
    }

    @Transactional
    public long add(CannerProfile canner) {
        changed();
        return repository.add(canner);
    }

    /**
     * Changes a canner, all that is asked or nothing.
     *
     * @param basedOn the number of the last change that whoever asks for it had seen
     * @throws NotFound if there is no such canner
     * @throws org.mobrel.server.platform.Conflict if something of it was changed by somebody else since
     */
    @Transactional
    public void change(long id, long basedOn, CannerChanges change) {
        SharedFields.Change begun = shared.change(CANNER, Long.toString(id), basedOn);
        KitchenCanner before = canner(id);
        CannerProfile after = change.of(before);
        for (CannerField field : CannerField.values()) {
            if (field.differs(before.profile(), after)) {
                begun.writes(field.code(), field.changedElsewhere(before.profile()));
            }
        }
        begun.settle();
        repository.change(id, after);
        changed();
        news.publishEvent(new PressureBasisChanged());
    }

    /** What a canner is to be, from what it is. */
    interface CannerChanges {
        CannerProfile of(KitchenCanner before);
    }

    /** @throws NotFound if there is no such canner */
    @Transactional
    public void remove(long id) {
        // Before its row is locked: a test of its gauge takes the turn first, and each would wait for the other.
        shared.await();
        if (repository.remove(id) == 0) {
            throw new NotFound("canner", id);
        }
        changed();
    }
}
