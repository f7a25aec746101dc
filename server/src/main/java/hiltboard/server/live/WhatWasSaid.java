package hiltboard.server.live;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes a mark (SHA-256) of the address and the body of every change, so that a command's id stands for one wish only.
 * Of a form with a picture the address alone: a browser writes the same form differently each time it sends it.
 */
@Component
public class WhatWasSaid extends OncePerRequestFilter {
    private static final String MARK = WhatWasSaid.class.getName();

    /** The mark of a request that came through here. */
    public static String markOf(HttpServletRequest request) {
        return (String) request.getAttribute(MARK);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isForm = String.valueOf(request.getContentType()).startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
        byte[] body = isForm ? new byte[0] : request.getInputStream().readAllBytes();
        request.setAttribute(MARK, mark(request, body));
        chain.doFilter(isForm ? request : new ReadBefore(request, body), response);
    }

    private static String mark(HttpServletRequest request, byte[] body) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(
                    (request.getRequestURI() + "?" + request.getQueryString() + "\n").getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(body));
        } catch (NoSuchAlgorithmException failure) {
            throw new IllegalStateException("Every Java has SHA-256", failure);
        }
    }

    /** A request whose body has been read, and is given out once more. */
    private static final class ReadBefore extends HttpServletRequestWrapper {
        private final byte[] body;

        ReadBefore(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
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
}
