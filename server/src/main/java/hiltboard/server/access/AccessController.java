package hiltboard.server.access;

import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService.NewPerson;
import hiltboard.server.access.PasskeyRepository.PasskeyView;
import hiltboard.server.access.Passkeys.QuestionView;
import hiltboard.server.access.PersonRepository.Account;
import hiltboard.server.access.PersonRepository.Shop;
import hiltboard.server.access.SignedIn.Device;
import hiltboard.server.access.SignedIn.Session;
import hiltboard.server.access.SignedIn.Way;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.info.BuildProperties;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, setting up an empty shop, and the shop's people. */
@RestController
class AccessController {
    private static final int LONGEST_LABEL = 60;

    private final AccessService access;
    private final SetupCode setupCode;
    private final Changes changes;
    private final ShopClock clock;
    private final Sessions sessions;
    private final Passkeys passkeys;
    private final PasskeyRepository keys;
    private final String version;

    AccessController(
            AccessService access,
            SetupCode setupCode,
            Changes changes,
            ShopClock clock,
            Sessions sessions,
            Passkeys passkeys,
            PasskeyRepository keys,
            BuildProperties build) {
        this.access = access;
        this.setupCode = setupCode;
        this.changes = changes;
        this.clock = clock;
        this.sessions = sessions;
        this.passkeys = passkeys;
        this.keys = keys;
        this.version = build.getVersion();
    }

    /**
     * @param role that counts in this session: with a short number nobody is more than a maker
     * @param hasPin whether they can change hands at a shared tablet
     */
    record PersonView(
            long id,
            String name,
            String role,
            String lengthUnit,
            String temperatureUnit,
            boolean isHere,
            boolean hasPin) {
        static PersonView of(Account account) {
            return of(account.person(), !account.isGone(), account.pinHash().isPresent());
        }

        static PersonView of(Person person, boolean isHere, boolean hasPin) {
            return new PersonView(
                    person.id(),
                    person.name(),
                    person.role().name(),
                    person.units().length().name(),
                    person.units().temperature().name(),
                    isHere,
                    hasPin);
        }
    }

    /** Somebody who can take over a shared tablet. */
    record HandView(long id, String name) {}

    /**
     * What a page has to know before anything else.
     *
     * @param version of the program
     * @param isSharedTablet whether several people work at this device, one after the other
     * @param hands who can take it over with a short number; nobody elsewhere
     * @param zone of the shop, by its IANA name: its days are its own, wherever a page is read
     */
    record SessionView(
            String version,
            boolean isShopEmpty,
            String shopName,
            boolean isDemo,
            @Nullable PersonView person,
            boolean isSharedTablet,
            List<HandView> hands,
            List<PersonView> demoPeople,
            long sequence,
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

    record PinSignIn(long personId, String pin) {}

    record OwnPassword(String present, String password) {}

    record OwnPin(String present, String pin) {}

    record NewPassword(String password) {}

    /** @param credential what the device answered, as JSON of W3C Web Authentication */
    record NewPasskey(String present, String name, String credential, String label) {}

    /** @param credential what the device answered, as JSON of W3C Web Authentication */
    record PasskeySignIn(String name, String credential) {}

    record SharedTablet(boolean isShared) {}

    /** @param words what makers may or may not do, as it follows on “may” */
    record RightView(String matter, String words, boolean may) {}

    record Decided(String matter, boolean may) {}

    /** @param unit of lengths or of temperatures; what is not said stays as it is */
    record ChosenUnit(String unit) {}

    @GetMapping("/api/session")
    SessionView session(CsrfToken token, HttpServletRequest request) {
        token.getToken();
        Optional<Shop> shop = access.shop();
        boolean demo = shop.map(Shop::isDemo).orElse(false);
        Optional<Person> person = access.signedInIfAny();
        List<Account> here =
                access.accounts().stream().filter(account -> !account.isGone()).toList();
        boolean isShared = access.sessionIfAny()
                .map(Session::device)
                .or(() -> sessions.device(request))
                .filter(Device::isShared)
                .isPresent();
        return new SessionView(
                version,
                shop.isEmpty(),
                shop.map(Shop::name).orElse(""),
                demo,
                person.map(each -> PersonView.of(each, true, hasPin(each, here)))
                        .orElse(null),
                isShared,
                isShared
                        ? here.stream()
                                .filter(account -> account.pinHash().isPresent())
                                .map(account -> new HandView(
                                        account.person().id(), account.person().name()))
                                .toList()
                        : List.of(),
                demo && person.isEmpty() ? here.stream().map(PersonView::of).toList() : List.of(),
                changes.latest(),
                clock.zone().getId());
    }

    private static boolean hasPin(Person person, List<Account> all) {
        return all.stream()
                .anyMatch(account -> account.person().id() == person.id()
                        && account.pinHash().isPresent());
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
        sessions.begin(person(receipt.about()), Way.PASSWORD, request, response);
        return session(token, request);
    }

    @PostMapping("/api/sign-in")
    SessionView signIn(
            @RequestBody SignIn entry, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        Person person = access.withPassword(
                entry.signInName(), entry.password(), request.getRemoteAddr(), sessions.device(request));
        sessions.begin(person, Way.PASSWORD, request, response);
        return session(token, request);
    }

    /** Somebody takes over a shared tablet. */
    @PostMapping("/api/sign-in/pin")
    SessionView signInWithPin(
            @RequestBody PinSignIn entry, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        Person person = access.withPin(entry.personId(), entry.pin(), sessions.device(request));
        sessions.begin(person, Way.PIN, request, response);
        return session(token, request);
    }

    /** A question for whatever passkey the device has. */
    @PostMapping("/api/sign-in/passkey/question")
    QuestionView askWho(HttpServletRequest request) {
        return passkeys.askWho(request);
    }

    @PostMapping("/api/sign-in/passkey")
    SessionView signInWithPasskey(
            @RequestBody PasskeySignIn entry,
            CsrfToken token,
            HttpServletRequest request,
            HttpServletResponse response) {
        Person person = passkeys.who(entry.name(), entry.credential(), request);
        sessions.begin(person, Way.PASSKEY, request, response);
        return session(token, request);
    }

    @PostMapping("/api/sign-in/demo")
    SessionView signInToDemo(
            @RequestBody DemoSignIn entry, CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        if (!access.shop().map(Shop::isDemo).orElse(false)) {
            throw Refusal.notAllowed("Signing in without a password is for the demo shop only.");
        }
        sessions.begin(person(entry.personId()), Way.DEMO, request, response);
        return session(token, request);
    }

    private Person person(long id) {
        return access.peopleHere().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is nobody with number " + id + " in this shop."));
    }

    /** Also lets the browser forget the pictures that it has kept, where it does as it is told. */
    @PostMapping("/api/sign-out")
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        sessions.end(request, response);
        response.setHeader("Clear-Site-Data", "\"cache\"");
    }

    @GetMapping("/api/people")
    List<PersonView> people() {
        return access.accounts().stream().map(PersonView::of).toList();
    }

    @PostMapping("/api/people")
    Receipt add(@RequestBody NewMaker maker, Command command) {
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
    Receipt choose(@RequestBody ChosenUnit chosen, Person person, Command command) {
        Optional<LengthUnit> length = named(LengthUnit.values(), chosen.unit());
        Optional<TemperatureUnit> temperature = named(TemperatureUnit.values(), chosen.unit());
        if (length.isEmpty() && temperature.isEmpty()) {
            throw Refusal.entry("unit", chosen.unit(), "This is no unit", "INCH, MILLIMETRE, FAHRENHEIT or CELSIUS");
        }
        return changes.make(command, () -> {
            access.choose(person, length, temperature);
            return Entry.ofShop(Entry.Kind.UNITS_CHOSEN, person.name() + " chose other units", person.id());
        });
    }

    private static <U extends Enum<U>> Optional<U> named(U[] units, String name) {
        return Arrays.stream(units).filter(unit -> unit.name().equals(name)).findFirst();
    }

    /** Changes one's own password; every other session of this person ends. */
    @PostMapping("/api/people/password")
    Receipt changePassword(@RequestBody OwnPassword entry, Person person, Command command) {
        Session session = access.sessionIfAny().orElseThrow(Refusal::notSignedIn);
        access.mustKnow(session, entry.present());
        return changes.make(command, () -> {
            access.changePassword(session, entry.password());
            return said(person.name() + " chose another password", person.id());
        });
    }

    /** Chooses one's own short number for shared tablets; blank for none. */
    @PostMapping("/api/people/pin")
    Receipt choosePin(@RequestBody OwnPin entry, Person person, Command command) {
        access.mustKnow(access.sessionIfAny().orElseThrow(Refusal::notSignedIn), entry.present());
        return changes.make(command, () -> {
            access.choosePin(person, entry.pin());
            return said(
                    person.name() + (entry.pin().isBlank() ? " has no short number any more" : " chose a short number"),
                    person.id());
        });
    }

    @GetMapping("/api/people/passkeys")
    @Transactional(readOnly = true)
    List<PasskeyView> passkeys(Person person) {
        return keys.of(person.id());
    }

    /** A question for a device that is to make a passkey. */
    @PostMapping("/api/people/passkeys/question")
    @Transactional(readOnly = true)
    QuestionView askForPasskey(Person person, HttpServletRequest request) {
        return passkeys.askForNew(person, request);
    }

    /** Keeps one's own new passkey. */
    @PostMapping("/api/people/passkeys")
    Receipt keepPasskey(@RequestBody NewPasskey entry, Person person, Command command, HttpServletRequest request) {
        access.mustKnow(access.sessionIfAny().orElseThrow(Refusal::notSignedIn), entry.present());
        String label = entry.label().strip();
        if (label.isEmpty() || label.length() > LONGEST_LABEL) {
            throw Refusal.entry(
                    "label", entry.label(), "This cannot be its name", "1 to " + LONGEST_LABEL + " letters");
        }
        return changes.make(command, () -> {
            passkeys.keep(person, entry.name(), entry.credential(), label, request);
            return said(person.name() + " made a passkey", person.id());
        });
    }

    @PostMapping("/api/people/passkeys/{key}/drop")
    Receipt dropPasskey(@PathVariable long key, Person person, Command command) {
        return changes.make(command, () -> {
            if (!keys.drop(key, person.id())) {
                throw Refusal.notThere("You have no such passkey any more.");
            }
            return said(person.name() + " gave a passkey up", person.id());
        });
    }

    @PostMapping("/api/people/{id}/password")
    Receipt setPassword(@PathVariable long id, @RequestBody NewPassword entry, Person person, Command command) {
        return changes.make(
                command,
                () -> said(
                        access.setPassword(id, entry.password()).name() + " has a new password from " + person.name(),
                        id));
    }

    @PostMapping("/api/people/{id}/sign-out")
    Receipt signOutEverywhere(@PathVariable long id, Command command) {
        return changes.make(
                command, () -> said(access.signOutEverywhere(id).name() + " was signed out everywhere", id));
    }

    /** Somebody leaves the shop. */
    @PostMapping("/api/people/{id}/let-go")
    Receipt letGo(@PathVariable long id, Command command) {
        return changes.make(command, () -> said(access.letGo(id).name() + " left the shop", id));
    }

    @PostMapping("/api/people/{id}/take-back")
    Receipt takeBack(@PathVariable long id, Command command) {
        return changes.make(command, () -> said(access.takeBack(id).name() + " is in the shop again", id));
    }

    /** What the owner decides whether makers may do it. */
    @GetMapping("/api/people/rights")
    List<RightView> rights() {
        Set<Rights.Matter> not = access.makersMayNot();
        return Stream.of(Rights.Matter.values())
                .map(matter -> new RightView(matter.name(), matter.words(), !not.contains(matter)))
                .toList();
    }

    @PostMapping("/api/people/rights")
    Receipt decide(@RequestBody Decided decided, Person person, Command command) {
        Rights.Matter matter = Stream.of(Rights.Matter.values())
                .filter(each -> each.name().equals(decided.matter()))
                .findFirst()
                .orElseThrow(() -> Refusal.malformed("This is not for the owner to decide."));
        return changes.make(command, () -> {
            access.decide(matter, decided.may(), person);
            return said("Makers " + (decided.may() ? "may " : "may not ") + matter.words(), person.id());
        });
    }

    /** Says whether the device of this request is one that several people work at, one after the other. */
    @PostMapping("/api/device")
    Receipt share(@RequestBody SharedTablet tablet, Person person, Command command) {
        Session session = access.sessionIfAny().orElseThrow(Refusal::notSignedIn);
        return changes.make(command, () -> {
            sessions.share(session, tablet.isShared());
            return said(
                    person.name() + " made a device "
                            + (tablet.isShared() ? "a shared tablet" : "one of a single person again"),
                    person.id());
        });
    }

    private static Entry said(String words, long about) {
        return Entry.ofShop(Entry.Kind.PERSON_CHANGED, words, about);
    }
}
