package hiltboard.server;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the OpenAPI description at /api/openapi.json. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info().title("Hilt Board").version("1").description("""
                        The open interface of a knife shop's board. Changes need a signed-in session, the header \
                        X-XSRF-TOKEN with the value \
                        of the cookie XSRF-TOKEN, and a header Command-Id that is new for each command: the same command \
                        sent again changes nothing twice. \
                        Errors are problem details (RFC 9457)."""))
                .servers(List.of(new Server().url("/")));
    }
}
