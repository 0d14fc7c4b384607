package app.carder.web.page;

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
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses bodies before anything reads them: those that are longer than is taken, by what they say and by what comes; and parts from
 * whoever could not send any, because a part is written to the disk before a controller sees it.
 */
public final class BodyLimit extends OncePerRequestFilter {

    private static final Set<String> WITHOUT_BODY = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

    private final long most;
    private final String chunksUnder;

    /**
     * A limit.
     *
     * @param limits what is taken
     * @param chunksUnder path of uploads in chunks, which have a limit of their own
     */
    public BodyLimit(LimitProperties limits, String chunksUnder) {
        this.most = limits.body().toBytes();
        this.chunksUnder = chunksUnder;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (WITHOUT_BODY.contains(request.getMethod())
                || isForm(request)
                || request.getRequestURI().startsWith(chunksUnder)) {
            chain.doFilter(request, response);
        } else if (isMultipart(request)) {
            if (request.getRequestedSessionId() == null) {
                response.sendError(HttpStatus.FORBIDDEN.value());
            } else {
                chain.doFilter(request, response);
            }
        } else if (request.getContentLengthLong() > most) {
            response.sendError(HttpStatus.CONTENT_TOO_LARGE.value());
        } else {
            chain.doFilter(new Counted(request, most), response);
        }
    }

    private static boolean isForm(HttpServletRequest request) {
        return isOfType(request, MediaType.APPLICATION_FORM_URLENCODED_VALUE);
    }

    /** Whether a request has parts. */
    public static boolean isMultipart(HttpServletRequest request) {
        return isOfType(request, "multipart/");
    }

    private static boolean isOfType(HttpServletRequest request, String type) {
        String said = request.getContentType();
        return said != null && said.strip().regionMatches(true, 0, type, 0, type.length());
    }

    /** A request of which no more is read than is taken. */
    private static final class Counted extends HttpServletRequestWrapper {

        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }

        @Override
        public BufferedReader getReader() throws IOException {
            String charset = getCharacterEncoding();
            return new BufferedReader(new InputStreamReader(
                    getInputStream(), charset == null ? StandardCharsets.UTF_8 : Charset.forName(charset)));
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream in;
        private final long most;
        private long read;

        CountedStream(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int value = in.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int got = in.read(into, from, length);
            count(Math.max(got, 0));
            return got;
        }

        private void count(int more) throws TooLarge {
            read += more;
            if (read > most) {
                throw new TooLarge(most);
            }
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
    }
}
