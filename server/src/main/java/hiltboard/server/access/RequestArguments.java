package hiltboard.server.access;

import hiltboard.server.Refusal;
import hiltboard.server.live.Command;
import hiltboard.server.live.Command.Actor;
import hiltboard.server.live.WhatWasSaid;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Gives a controller the person who is signed in and the command that they sent; its id and origin stand in headers.
 */
@Configuration(proxyBeanMethods = false)
class RequestArguments implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private static final String ID = "[A-Za-z0-9-]{8,64}";
    private static final String ORIGIN = "[\\w /.-]{1,80}";
    private final AccessService access;

    RequestArguments(AccessService access) {
        this.access = access;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Command.class || parameter.getParameterType() == Person.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binder) {
        return parameter.getParameterType() == Person.class ? access.signedIn() : command(request);
    }

    private Command command(NativeWebRequest request) {
        String id = request.getHeader("Command-Id");
        if (id == null || !id.matches(ID)) {
            throw Refusal.malformed(
                    "A change needs a header Command-Id of 8 to 64 letters, digits and hyphens, new for each command.");
        }
        String origin = Optional.ofNullable(request.getHeader("Command-Origin"))
                .filter(text -> text.matches(ORIGIN))
                .orElse("HTTP");
        // Nobody is signed in on a client's page; every other address asks for a session before it comes here.
        Optional<Actor> actor = access.signedInIfAny().map(person -> new Actor(person.id(), person.name()));
        String who = actor.map(person -> "person " + person.id()).orElse("nobody");
        return new Command(
                id, actor, origin, who + " " + WhatWasSaid.markOf(request.getNativeRequest(HttpServletRequest.class)));
    }
}
