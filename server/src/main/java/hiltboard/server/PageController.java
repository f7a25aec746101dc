package hiltboard.server;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every view has its own address; all are the one page. */
@Hidden
@Controller
class PageController {

    @GetMapping({
        "/",
        "/wall",
        "/new",
        "/people",
        "/backup",
        "/along",
        "/bench",
        "/bench/{piece}/{step}",
        "/stations/{station}",
        "/pieces/{piece}",
        "/pieces/{piece}/{part}",
        "/ledger",
        "/calculate",
        "/consult",
        "/prices",
        "/stock",
        "/stock/{part}",
        "/stock/lots/{id}",
        "/edges",
        "/tank",
        "/tank/baths/{id}",
        "/tank/{part}",
        "/forge",
        "/forge/{part}",
        "/fire",
        "/fire/{part}",
        "/fire/{part}/{id}",
        "/fit",
        "/glue",
        "/glue/sheets/{id}",
        "/sheath",
        "/sheath/sides/{id}",
        "/outbox",
        "/jobs/{job}",
        "/jobs/{job}/consult",
        "/jobs/{job}/sheet",
        "/screen",
        "/slots/{slot}",
        "/tags",
        "/clients",
        "/clients/{client}",
        "/delivered",
        "/k/{token}"
    })
    String page() {
        return "forward:/index.html";
    }
}
