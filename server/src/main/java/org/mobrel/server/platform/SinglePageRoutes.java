package org.mobrel.server.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of a place is the same page; the page itself finds its place. */
@Controller
class SinglePageRoutes {

    @GetMapping({
        "/",
        "/today",
        "/recipes",
        "/recipes/{id}",
        "/plan",
        "/plan/{id}",
        "/plan/{id}/shopping",
        "/plan/{id}/prep",
        "/plan/{id}/filling",
        "/stove",
        "/stove/{id}",
        "/shelf",
        "/shelf/{code}",
        "/trace/{test}",
        "/prints",
        "/logbook",
        "/logbook/{id}",
        "/kitchen",
        "/tables",
        "/seals/{id}"
    })
    String place() {
        return "forward:/index.html";
    }
}
