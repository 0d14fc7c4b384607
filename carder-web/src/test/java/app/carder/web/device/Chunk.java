package app.carder.web.device;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.ServletContext;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/** A chunk of an upload, whose type no filter adds an encoding to: a stand-in's habit that servers do not have. */
final class Chunk extends AbstractMockHttpServletRequestBuilder<Chunk> {

    static Chunk of(String upload, int offset, byte[] bytes) {
        return new Chunk(upload)
                .with(csrf())
                .header("Tus-Resumable", "1.0.0")
                .header("Upload-Offset", offset)
                .contentType("application/offset+octet-stream")
                .header("Content-Length", bytes.length)
                .content(bytes);
    }

    private Chunk(String upload) {
        super(HttpMethod.PATCH);
        uri(upload);
    }

    @Override
    protected MockHttpServletRequest createServletRequest(ServletContext context) {
        return new MockHttpServletRequest(context) {
            @Override
            public void setCharacterEncoding(String encoding) {}
        };
    }
}
