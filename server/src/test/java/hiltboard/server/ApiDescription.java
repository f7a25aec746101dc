package hiltboard.server;

import hiltboard.core.field.Finding;
import hiltboard.server.live.Command;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem.HttpMethod;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What the OpenAPI description says beside what the controllers say: who may ask, what a change carries, how it is
 * refused.
 */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    private static final String COMMAND_ID = "CommandId";
    private static final String COMMAND_ORIGIN = "CommandOrigin";
    private static final String REFUSED = "Refused";
    private static final String SESSION = "session";
    private static final String CSRF = "csrf";
    private static final List<String> OPEN_TO_ALL =
            List.of("/api/session", "/api/setup", "/api/sign-in", "/api/sign-in/demo", "/api/client/");

    /** A refusal as it leaves the server: RFC 9457, with what the page shows at the fields. */
    record Problem(
            String type,
            @Nullable String title,
            int status,
            @Nullable String detail,
            @Nullable String instance,
            @Nullable List<Finding> findings,
            @Nullable List<Refusal.Both> both,
            @Nullable List<Refusal.Out> out,
            @Nullable Long waitSeconds) {}

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Hilt Board")
                        .version("1")
                        .license(new License().name("Apache-2.0").identifier("Apache-2.0"))
                        .description("""
                        The open interface of a knife shop's board. Changes need a signed-in session, the header \
                        X-XSRF-TOKEN with the value of the cookie XSRF-TOKEN, and a header Command-Id that is new for \
                        each command: the same command sent again changes nothing twice, and the same id with another \
                        body is refused. Errors are problem details (RFC 9457)."""))
                .servers(List.of(new Server().url("/")))
                .components(components());
    }

    private static Components components() {
        return new Components()
                .addSecuritySchemes(
                        SESSION,
                        new SecurityScheme()
                                .type(SecurityScheme.Type.APIKEY)
                                .in(SecurityScheme.In.COOKIE)
                                .name("hilt")
                                .description("The session's cookie, from POST /api/sign-in."))
                .addSecuritySchemes(
                        CSRF,
                        new SecurityScheme()
                                .type(SecurityScheme.Type.APIKEY)
                                .in(SecurityScheme.In.HEADER)
                                .name("X-XSRF-TOKEN")
                                .description("The value of the cookie XSRF-TOKEN, from GET /api/session."))
                .addParameters(
                        COMMAND_ID,
                        new HeaderParameter()
                                .name("Command-Id")
                                .required(true)
                                .description("New for each command; the same one for each try of it.")
                                .schema(new StringSchema().pattern("[A-Za-z0-9-]{8,64}")))
                .addParameters(
                        COMMAND_ORIGIN,
                        new HeaderParameter()
                                .name("Command-Origin")
                                .required(false)
                                .description("From where it is given, for the journal: the page, a program's name.")
                                .schema(new StringSchema().pattern("[\\w /.-]{1,80}")))
                .addResponses(
                        REFUSED,
                        new ApiResponse()
                                .description("Why not, in words that a person can act on.")
                                .content(new Content()
                                        .addMediaType(
                                                "application/problem+json",
                                                new MediaType()
                                                        .schema(new Schema<>().$ref("#/components/schemas/Problem")))));
    }

    /** A name that a generated client can live with: the controller's subject and the method's. */
    @Bean
    OperationCustomizer named() {
        return (operation, method) -> {
            String subject = method.getBeanType().getSimpleName().replace("Controller", "");
            String verb = method.getMethod().getName();
            operation.setOperationId(subject.substring(0, 1).toLowerCase(Locale.ROOT)
                    + subject.substring(1)
                    + verb.substring(0, 1).toUpperCase(Locale.ROOT)
                    + verb.substring(1));
            operation.setSummary(words(subject) + ": " + words(verb).toLowerCase(Locale.ROOT));
            operation.setTags(List.of(method.getBeanType().getPackageName().replaceFirst(".*\\.", "")));
            if (Arrays.asList(method.getMethod().getParameterTypes()).contains(Command.class)) {
                operation.addParametersItem(new Parameter().$ref("#/components/parameters/" + COMMAND_ID));
                operation.addParametersItem(new Parameter().$ref("#/components/parameters/" + COMMAND_ORIGIN));
            }
            return operation;
        };
    }

    private static String words(String camel) {
        String spaced = camel.replaceAll("(?<=[a-z0-9])(?=[A-Z])", " ");
        return spaced.substring(0, 1).toUpperCase(Locale.ROOT)
                + spaced.substring(1).toLowerCase(Locale.ROOT);
    }

    @Bean
    OpenApiCustomizer guarded() {
        return api -> {
            ModelConverters.getInstance(true).readAll(Problem.class).forEach(api.getComponents()::addSchemas);
            api.getPaths()
                    .forEach((path, item) ->
                            item.readOperationsMap().forEach((method, operation) -> guard(path, method, operation)));
        };
    }

    private static void guard(String path, HttpMethod method, Operation operation) {
        SecurityRequirement needs = new SecurityRequirement();
        if (OPEN_TO_ALL.stream().noneMatch(path::startsWith)) {
            needs.addList(SESSION);
        }
        if (method != HttpMethod.GET) {
            needs.addList(CSRF);
        }
        operation.setSecurity(needs.isEmpty() ? List.of() : List.of(needs));
        operation.getResponses().addApiResponse("4XX", new ApiResponse().$ref("#/components/responses/" + REFUSED));
    }
}
