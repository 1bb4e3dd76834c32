package org.mobrel.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** How many bytes each door takes. What is longer is refused where its length is told, and while it is read where it is not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimits extends OncePerRequestFilter {

    private static final long KILOBYTE = 1_024;
    private static final long MEGABYTE = 1_024 * KILOBYTE;

    /** A recipe with two hundred lines and a long method is a tenth of it. */
    private static final long USUAL = MEGABYTE;

    /** Doors that files come in by. */
    private static final Map<String, Long> MORE = Map.of(
            "/api/formats/recipes", 16 * MEGABYTE, "/api/photos", 12 * MEGABYTE, "/api/backup", 1_024 * MEGABYTE);

    static long most(String path) {
        return MORE.getOrDefault(path, USUAL);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            ProblemWriter.write(
                    response, 413, "too-large", "Too large", "At most %s go in here.".formatted(words(most)));
            return;
        }
        chain.doFilter(request.getContentLengthLong() < 0 ? new Counted(request, most) : request, response);
    }

    static String words(long bytes) {
        return bytes >= MEGABYTE ? bytes / MEGABYTE + " MB" : bytes / KILOBYTE + " KB";
    }

    /** A body whose length nobody told. */
    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        private Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long read;

                private int counted(int more) throws BodyTooLarge {
                    read += Math.max(0, more);
                    if (read > most) {
                        throw new BodyTooLarge(most);
                    }
                    return more;
                }

                @Override
                public int read() throws IOException {
                    int one = in.read();
                    counted(one < 0 ? 0 : 1);
                    return one;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    return counted(in.read(into, from, length));
                }

                @Override
                public boolean isFinished() {
                    return in.isFinished();
                }

                @Override
                public boolean isReady() {
                    return in.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    in.setReadListener(listener);
                }
            };
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
