package hiltboard.server.access;

import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService.NewPerson;
import hiltboard.server.access.PersonRepository.Shop;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.info.BuildProperties;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, setting up an empty shop, and the shop's people. */
@RestController
class AccessController {
    private final AccessService access;
    private final SetupCode setupCode;
    private final Changes changes;
    private final ShopClock clock;
    private final SecurityContextRepository sessions;
    private final String version;

    AccessController(
            AccessService access,
            SetupCode setupCode,
            Changes changes,
            ShopClock clock,
            SecurityContextRepository sessions,
            BuildProperties build) {
        this.access = access;
        this.setupCode = setupCode;
        this.changes = changes;
        this.clock = clock;
        this.sessions = sessions;
        this.version = build.getVersion();
    }

    record PersonView(long id, String name, String role, String lengthUnit, String temperatureUnit) {
        static PersonView of(Person person) {
            return new PersonView(
                    person.id(),
                    person.name(),
                    person.role().name(),
                    person.units().length().name(),
                    person.units().temperature().name());
        }
    }

    /**
     * What a page has to know before anything else.
     *
     * @param version of the program
     * @param zone of the shop, by its IANA name: its days are its own, wherever a page is read
     */
    record SessionView(
            String version,
            boolean isShopEmpty,
            String shopName,
            boolean isDemo,
            @Nullable PersonView person,
            List<PersonView> demoPeople,
            long sequence,
            long nowMillis,
            String zone) {}

    record Setup(
            String code,
            String shopName,
            LengthUnit lengthUnit,
            TemperatureUnit temperatureUnit,
            String ownerName,
            String signInName,
            String password) {}

    record SignIn(String signInName, String password) {}

    record DemoSignIn(long personId) {}

    record NewMaker(String name, String signInName, String password, Role role) {}

    record ChosenUnits(LengthUnit lengthUnit, TemperatureUnit temperatureUnit) {}

    @GetMapping("/api/session")
    SessionView session(CsrfToken token) {
        token.getToken();
        Optional<Shop> shop = access.shop();
        boolean demo = shop.map(Shop::isDemo).orElse(false);
        Optional<Person> person = access.signedInIfAny();
        List<PersonView> demoPeople = demo && person.isEmpty()
                ? access.people().stream().map(PersonView::of).toList()
                : List.of();
        return new SessionView(
                version,
                shop.isEmpty(),
                shop.map(Shop::name).orElse(""),
                demo,
                person.map(PersonView::of).orElse(null),
                demoPeople,
                changes.latest(),
                clock.nowMillis(),
                clock.zone().getId());
    }

    @PostMapping("/api/setup")
    SessionView setup(
            @RequestBody Setup setup, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        if (!setupCode.is(setup.code())) {
            throw Refusal.entry(
                    "code",
                    setup.code(),
                    "This is not the one-time code",
                    "the code printed where the server was started");
        }
        Units units = new Units(setup.lengthUnit(), setup.temperatureUnit());
        NewPerson owner = new NewPerson(setup.ownerName(), setup.signInName(), setup.password(), Role.OWNER, units);
        Receipt receipt = changes.make(
                new Command(UUID.randomUUID().toString(), Optional.empty(), "first start"),
                () -> Entry.ofShop(
                        Entry.Kind.SHOP_OPENED,
                        setup.shopName() + " was opened by " + setup.ownerName(),
                        access.open(setup.shopName(), false, owner)));
        signIn(receipt.about(), request, response);
        return session(token);
    }

    @PostMapping("/api/sign-in")
    SessionView signIn(
            @RequestBody SignIn entry, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        signIn(
                access.withPassword(entry.signInName(), entry.password(), request.getRemoteAddr())
                        .id(),
                request,
                response);
        return session(token);
    }

    @PostMapping("/api/sign-in/demo")
    SessionView signInToDemo(
            @RequestBody DemoSignIn entry, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        if (!access.shop().map(Shop::isDemo).orElse(false)) {
            throw Refusal.notAllowed("Signing in without a password is for the demo shop only.");
        }
        Person person = access.people().stream()
                .filter(each -> each.id() == entry.personId())
                .findFirst()
                .orElseThrow(
                        () -> Refusal.notThere("There is nobody with number " + entry.personId() + " in this shop."));
        signIn(person.id(), request, response);
        return session(token);
    }

    @PostMapping("/api/sign-out")
    void signOut(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        Optional.ofNullable(request.getSession(false)).ifPresent(session -> session.invalidate());
    }

    @GetMapping("/api/people")
    List<PersonView> people() {
        return access.people().stream().map(PersonView::of).toList();
    }

    @PostMapping("/api/people")
    Receipt add(@RequestBody NewMaker maker, Person person, Command command) {
        person.mustBeOwner("add people");
        Units units = access.shop().orElseThrow().units();
        return changes.make(
                command,
                () -> Entry.ofShop(
                        Entry.Kind.PERSON_ADDED,
                        maker.name() + " joined the shop",
                        access.add(new NewPerson(
                                maker.name(), maker.signInName(), maker.password(), maker.role(), units))));
    }

    @PostMapping("/api/people/units")
    Receipt choose(@RequestBody ChosenUnits chosen, Person person, Command command) {
        return changes.make(command, () -> {
            access.choose(person, new Units(chosen.lengthUnit(), chosen.temperatureUnit()));
            return Entry.ofShop(Entry.Kind.UNITS_CHOSEN, person.name() + " chose other units", person.id());
        });
    }

    private void signIn(long personId, HttpServletRequest request, HttpServletResponse response) {
        request.getSession(true);
        request.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                new UsernamePasswordAuthenticationToken(personId, null, AuthorityUtils.createAuthorityList("PERSON")));
        SecurityContextHolder.setContext(context);
        sessions.saveContext(context, request, response);
    }
}
