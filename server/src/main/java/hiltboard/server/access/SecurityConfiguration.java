package hiltboard.server.access;

import hiltboard.server.Refusal;
import jakarta.servlet.DispatcherType;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Session cookie, CSRF token, and what may be reached without signing in. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
    /**
     * The hashes are of the two style elements that the page's packages add by script: an empty one, and the one for
     * presses.
     */
    private static final String CONTENT =
            "default-src 'self'; script-src 'self'; img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; "
                    + "style-src 'self' 'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU=' "
                    + "'sha256-38RhXrc7EdReTKsOm23ZPOCUgniTUUcjky8QOOrQx6o='; "
                    + "frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'";

    @Bean
    SecurityFilterChain security(
            HttpSecurity http,
            Sessions sessions,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers(Rights.openPaths())
                        .permitAll()
                        .requestMatchers("/api/openapi.json")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/health")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.HEAD, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(CsrfConfigurer::spa)
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, failure) ->
                                problems.resolveException(request, response, null, Refusal.notSignedIn()))
                        .accessDeniedHandler((request, response, failure) -> problems.resolveException(
                                request,
                                response,
                                null,
                                failure instanceof CsrfException
                                        ? Refusal.notAllowed("A change needs the header X-XSRF-TOKEN with the value of "
                                                + "the cookie XSRF-TOKEN. Reload the page and try again.")
                                        : Refusal.notAllowed("This is not open to you."))))
                .securityContext(context -> context.securityContextRepository(sessions))
                .sessionManagement(management -> management.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /**
     * Signing in is done by {@link AccessController}; without this bean Spring would invent a user with a printed
     * password.
     */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException("Sign in at /api/sign-in");
        };
    }
}
