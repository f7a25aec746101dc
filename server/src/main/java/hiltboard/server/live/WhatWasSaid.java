package hiltboard.server.live;

import hiltboard.server.ReadBefore;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Takes a mark (SHA-256) of the address and the body of every change, so that a command's id stands for one wish only.
 * Of a file the address alone: a browser writes the same form with a picture differently each time it sends it. Where
 * passwords come in, too.
 */
@Component
public class WhatWasSaid extends OncePerRequestFilter {
    /** Where passwords come in: a mark of one is a quick way to try out many. */
    private static final List<String> SECRETS = List.of("/api/people", "/api/setup", "/api/sign-in");

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
        boolean isSecret = SECRETS.stream().anyMatch(request.getRequestURI()::startsWith);
        request.setAttribute(MARK, mark(request, isSecret ? new byte[0] : ReadBefore.bodyOf(request)));
        chain.doFilter(request, response);
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
}
