package org.mobrel.server.platform;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Whatever goes wrong where no controller was reached is a problem in JSON too; nothing but our own page is HTML. */
@Controller
class ErrorPages implements ErrorController {

    @RequestMapping("${server.error.path:/error}")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object told = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        int status = told instanceof Integer known ? known : 404;
        ProblemWriter.refuse(response, status);
    }

    /** What is so malformed that the web server refuses it before any program sees it. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainRefusals() {
        return server -> server.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Refusals.class.getName());
            }
        });
    }

    /** Made by the web server, by its name. */
    public static final class Refusals extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType("application/problem+json");
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                Writer writer = response.getReporter();
                if (writer != null) {
                    writer.write(ProblemWriter.refused(status));
                    response.finishResponse();
                }
            } catch (IOException gone) {
                // Nobody is there to be told.
                return;
            }
        }
    }
}
