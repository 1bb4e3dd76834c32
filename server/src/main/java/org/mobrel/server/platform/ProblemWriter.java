package org.mobrel.server.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Writes a problem where no controller is reached: at the door, and where the web server itself refuses. */
public final class ProblemWriter {

    /** The field of what cannot be read in an address. */
    static final String ADDRESS = "address";

    private ProblemWriter() {}

    /** @param type without its prefix; title and detail hold no quotes */
    public static void write(HttpServletResponse response, int status, String type, String title, String detail)
            throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getOutputStream().write(text(status, type, title, detail).getBytes(StandardCharsets.UTF_8));
    }

    private static String text(int status, String type, String title, String detail) {
        return "{\"type\":\"urn:mobrel:problem:%s\",\"title\":\"%s\",\"status\":%s,\"detail\":\"%s\"%s}"
                .formatted(type, title, status, detail, status == 400 ? ",\"field\":\"" + ADDRESS + "\"" : "");
    }

    /** What is refused before any of ours has seen it: of a 400 all that is known is that it stood in the address or in the head. */
    static String refused(int status) {
        return text(status, type(status), title(status), words(status));
    }

    static void refuse(HttpServletResponse response, int status) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getOutputStream().write(refused(status).getBytes(StandardCharsets.UTF_8));
    }

    /** The type of a refusal of which only the status is known. */
    static String type(int status) {
        return status >= 500 ? "bug" : status == 404 ? "missing" : status == 400 ? "bad-field" : "door";
    }

    static String title(int status) {
        return status >= 500
                ? "Something is wrong in Mobrel"
                : status == 404 ? "Not there" : status == 400 ? "A value is missing or cannot be used" : "Not let in";
    }

    /** A status in words, where nothing more is known. */
    static String words(int status) {
        return switch (status) {
            case 400 -> "What stands in the address, or above the body, cannot be read.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "That cannot be done at this address.";
            case 406 -> "It cannot be had in that form.";
            case 413 -> "That is too large.";
            case 414 -> "That address is too long.";
            case 415 -> "It cannot be taken in that form.";
            case 431 -> "The head of this request is too long.";
            case 501 -> "That is no request a kitchen knows.";
            case 503 -> "Not now. Try again in a moment.";
            default ->
                status < 500
                        ? "This request cannot be answered."
                        : "Something is wrong in Mobrel; the log has the details.";
        };
    }
}
