package org.mobrel.bench.bare;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** As little as a Spring Boot with Flyway can be: one page, and the same database brought up to date by the same migrations. */
@SpringBootApplication(proxyBeanMethods = false)
@RestController
public class BareProgram {

    @GetMapping("/")
    String page() {
        return "bare";
    }

    public static void main(String[] arguments) {
        SpringApplication.run(BareProgram.class, arguments);
    }
}
