package org.mobrel.server.kitchen;

import org.mobrel.server.platform.Notation;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** The notation of the device that asks, by the languages its browser sends, where the kitchen has not said otherwise. */
@Component
class KitchenNotation implements Notation.Source {

    private final KitchenService kitchens;

    KitchenNotation(KitchenService kitchens) {
        this.kitchens = kitchens;
    }

    @Override
    public Notation now() {
        // A script that names no language is no device; the language of the machine says nothing about who reads it.
        Notation device = RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                        && request.getRequest().getHeader(HttpHeaders.ACCEPT_LANGUAGE) != null
                ? Notation.of(request.getRequest().getLocale())
                : Notation.DAY_FIRST;
        Writing said = kitchens.kitchen().writing();
        return new Notation(
                said.twelveHours().orElse(device.twelveHours()), said.first().orElse(device.first()));
    }
}
