package org.mobrel.server.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * Every address that is neither a file nor one of the interfaces is the same page; the page itself knows its places, and says so where there
 * is none.
 */
@Controller
class SinglePageRoutes {

    private static final String FIRST = "/{first:(?!api$|v3$|actuator$|assets$)[^.]+}";

    @GetMapping({"/", FIRST, FIRST + "/{*rest}"})
    String page() {
        return "forward:/index.html";
    }
}
