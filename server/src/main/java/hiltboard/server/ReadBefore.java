package hiltboard.server;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body has been read, and is given out once more. */
public final class ReadBefore extends HttpServletRequestWrapper {
    private static final String BODY = ReadBefore.class.getName();

    private final byte[] body;

    ReadBefore(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
        request.setAttribute(BODY, body);
    }

    /** What was read of a request; nothing of one that has no body, or whose body is a file. */
    public static byte[] bodyOf(HttpServletRequest request) {
        return request.getAttribute(BODY) instanceof byte[] body ? body : new byte[0];
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream bytes = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public int read() {
                return bytes.read();
            }

            @Override
            public int read(byte[] into, int from, int most) {
                return bytes.read(into, from, most);
            }

            @Override
            public boolean isFinished() {
                return bytes.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException("A body is read as it comes");
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
