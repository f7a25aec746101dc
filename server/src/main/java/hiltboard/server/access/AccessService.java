package hiltboard.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import hiltboard.core.field.Finding;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.PersonRepository.Account;
import hiltboard.server.access.PersonRepository.Shop;
import hiltboard.server.access.SignedIn.Device;
import hiltboard.server.access.SignedIn.Session;
import hiltboard.server.data.Reading;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The shop, its people and who is signed in. */
@Service
public class AccessService {
    private static final Logger LOG = LoggerFactory.getLogger(AccessService.class);
    /** Of five: from here on more than a million guesses are needed. */
    private static final int LEAST_SCORE = 2;

    private static final int SHORTEST_PASSWORD = 10;
    private static final Pattern SIGN_IN_NAME = Pattern.compile("[\\p{L}0-9._-]{2,40}");
    private static final Pattern PIN = Pattern.compile("[0-9]{4,8}");
    private static final int WRONG_PINS = 5;
    private static final int HASHES_AT_ONCE = 2;
    private static final int LONGEST_WAIT_SECONDS = 5;
    /** BCrypt reads no further. */
    private static final int LONGEST_PASSWORD_BYTES = 72;
    /**
     * Compared when a name is unknown, so that the answer takes as long; whoever knows its password is still nobody.
     */
    private static final String NO_PASSWORD = "$2a$10$Iou9QdYix9p2jAjXlZygtOkK2ZKgEhtnZDd4PU8.ytf1/ygpZoj3O";

    private final PersonRepository people;
    private final PasskeyRepository passkeys;
    private final ShopClock clock;
    private final Sessions sessions;
    private final Reading reading;
    private final TransactionTemplate writing;
    private final PasswordEncoder passwords = new BCryptPasswordEncoder();
    private final SignInThrottle throttle = new SignInThrottle(System::nanoTime);
    private final Semaphore hashing = new Semaphore(HASHES_AT_ONCE, true);

    AccessService(
            PersonRepository people,
            PasskeyRepository passkeys,
            ShopClock clock,
            Sessions sessions,
            Reading reading,
            TransactionTemplate writing) {
        this.people = people;
        this.passkeys = passkeys;
        this.clock = clock;
        this.sessions = sessions;
        this.writing = writing;
        this.reading = reading;
    }

    /** What a new person is called and signs in with. */
    public record NewPerson(String name, String signInName, String password, Role role, Units units) {}

    @Transactional(readOnly = true)
    public boolean isShopEmpty() {
        return people.shop().isEmpty();
    }

    @Transactional(readOnly = true)
    public Optional<Shop> shop() {
        return people.shop();
    }

    /** The shop's name; empty before it is opened. */
    @Transactional(readOnly = true)
    public String shopName() {
        return shop().map(Shop::name).orElse("");
    }

    /** Everybody, also those who have gone: their names stand on what they did. */
    @Transactional(readOnly = true)
    public List<Person> people() {
        return people.all().stream().map(Account::person).toList();
    }

    /** Who works here now. */
    @Transactional(readOnly = true)
    public List<Person> peopleHere() {
        return accounts().stream()
                .filter(account -> !account.isGone())
                .map(Account::person)
                .toList();
    }

    @Transactional(readOnly = true)
    List<Account> accounts() {
        return people.all();
    }

    /** The person of this request. @throws Refusal if nobody is signed in */
    public Person signedIn() {
        return signedInIfAny().orElseThrow(() -> Refusal.notAllowed("Sign in first."));
    }

    public Optional<Person> signedInIfAny() {
        return sessionIfAny().map(Session::person);
    }

    /** Whether the device of this request is one that several people work at. */
    public boolean isSharedDevice() {
        return sessionIfAny().filter(session -> session.device().isShared()).isPresent();
    }

    Optional<Session> sessionIfAny() {
        return SecurityContextHolder.getContext().getAuthentication() instanceof SignedIn signedIn
                ? Optional.of(signedIn.session())
                : Optional.empty();
    }

    /**
     * Checks a password. Who has signed in with this device before is not held up by what strangers try, and strangers
     * are held up by name and by address.
     *
     * @throws Refusal if it is wrong or tried too often
     */
    Person withPassword(String signInName, String password, String address, Optional<Device> device) {
        String who = signInName.strip().toLowerCase(Locale.ROOT);
        boolean isPossible = SIGN_IN_NAME.matcher(who).matches() && bytes(password) <= LONGEST_PASSWORD_BYTES;
        Optional<Account> account = isPossible
                ? reading.of(() -> people.withSignInName(who)).filter(each -> !each.isGone())
                : Optional.empty();
        List<String> counted = account.map(Account::person)
                .flatMap(person -> device.filter(each -> sessions.isKnown(each, person.id())))
                .map(known -> List.of("device " + known.id() + " " + who))
                .orElseGet(() -> List.of("name " + (isPossible ? who : ""), "address " + address));
        throttle.begin(counted);
        String hash = account.map(Account::passwordHash).orElse(NO_PASSWORD);
        if (!isPossible || !matches(password, hash) || account.isEmpty()) {
            // What was typed as a name may be a password.
            LOG.warn(
                    "A wrong password for {} from {}",
                    account.map(Account::person).map(Person::name).orElse("nobody"),
                    address);
            throw Refusal.entry(
                    "password", "", "Name or password is not right", "the name and password that the owner gave you");
        }
        throttle.right(counted);
        return account.get().person();
    }

    /** Checks the short number of somebody at a shared tablet. @throws Refusal if it is wrong, or is no way in here */
    Person withPin(long personId, String pin, Optional<Device> device) {
        Device shared = device.filter(Device::isShared)
                .orElseThrow(
                        () -> Refusal.notAllowed("A short number is for a shared tablet only. Use your password."));
        Account account = reading.of(() -> people.withId(personId))
                .filter(each -> !each.isGone() && each.pinHash().isPresent())
                .orElseThrow(() -> Refusal.entry("pin", "", "There is no short number to this name", "your password"));
        List<String> counted = List.of("pin " + shared.id() + " " + personId);
        throttle.begin(counted);
        if (!PIN.matcher(pin).matches() || !matches(pin, account.pinHash().orElseThrow())) {
            LOG.warn(
                    "A wrong short number for {} at device {}", account.person().name(), shared.id());
            writing.executeWithoutResult(status -> people.wrongPin(personId, WRONG_PINS));
            throw Refusal.entry(
                    "pin",
                    "",
                    "This is not the number",
                    "your short number; after " + WRONG_PINS + " wrong ones only your password");
        }
        throttle.right(counted);
        writing.executeWithoutResult(status -> people.rightPin(personId));
        return account.person();
    }

    /** At most two at once: each takes a whole core for a while. */
    private boolean matches(String secret, String hash) {
        boolean isMyTurn = false;
        try {
            isMyTurn = hashing.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
            if (!isMyTurn) {
                throw Refusal.tooMany();
            }
            return passwords.matches(secret, hash);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw Refusal.tooMany();
        } finally {
            if (isMyTurn) {
                hashing.release();
            }
        }
    }

    /** Changes one's own password, which ends every other session of this person; part of a change. */
    void changePassword(Session session, String next) {
        setPassword(session.person(), next);
        sessions.endAllOf(session.person().id(), Optional.of(session));
    }

    /**
     * Whoever changes what they sign in with shows that they know their password. Tries count as those of signing in
     * do: a tablet that is left open is no way to guess.
     *
     * @throws Refusal if it is wrong or tried too often
     */
    void mustKnow(Session session, String present) {
        Account account = reading.of(() -> people.withId(session.person().id())).orElseThrow();
        List<String> counted = List.of("password of " + account.person().id());
        throttle.begin(counted);
        if (!matches(present, account.passwordHash())) {
            throw Refusal.entry("present", "", "This is not your password", "the password that you sign in with now");
        }
        throttle.right(counted);
    }

    /** Sets somebody's password, which ends all their sessions and passkeys; part of a change. */
    Person setPassword(long personId, String next) {
        Person person = here(personId);
        setPassword(person, next);
        passkeys.dropAllOf(personId);
        sessions.endAllOf(personId, Optional.empty());
        return person;
    }

    private void setPassword(Person person, String next) {
        refuse(passwordFindings(next, namesOf(person.name(), person.signInName())));
        people.setPassword(person.id(), passwords.encode(next));
        people.setPin(person.id(), Optional.empty());
    }

    /** Chooses one's own short number, or none where it is blank; part of a change. */
    void choosePin(Person person, String pin) {
        if (!pin.isBlank() && !PIN.matcher(pin).matches()) {
            throw Refusal.entry("pin", "", "This cannot be a short number", "4 to 8 figures");
        }
        people.setPin(person.id(), pin.isBlank() ? Optional.empty() : Optional.of(passwords.encode(pin)));
    }

    /** Ends all sessions of somebody; part of a change. */
    Person signOutEverywhere(long personId) {
        Person person = here(personId);
        sessions.endAllOf(personId, Optional.empty());
        return person;
    }

    /** Somebody leaves: they sign in no more, and what they did keeps their name; part of a change. */
    Person letGo(long personId) {
        Person person = here(personId);
        if (person.isOwner() && peopleHere().stream().filter(Person::isOwner).count() == 1) {
            throw Refusal.outOfTurn("The shop’s last owner cannot leave: make somebody else an owner first.");
        }
        people.setGone(personId, Optional.of(clock.nowMillis()));
        sessions.endAllOf(personId, Optional.empty());
        return person;
    }

    /** Somebody who left is here again; part of a change. */
    Person takeBack(long personId) {
        Account account = people.withId(personId)
                .filter(Account::isGone)
                .orElseThrow(() -> Refusal.notThere("Nobody with number " + personId + " has left."));
        people.setGone(personId, Optional.empty());
        return account.person();
    }

    private Person here(long personId) {
        return people.withId(personId)
                .filter(account -> !account.isGone())
                .map(Account::person)
                .orElseThrow(() -> Refusal.notThere("There is nobody with number " + personId + " in this shop."));
    }

    /** What the owner has decided that makers may not do. */
    @Transactional(readOnly = true)
    Set<Rights.Matter> makersMayNot() {
        return people.makersMayNot().stream().map(Rights.Matter::valueOf).collect(Collectors.toSet());
    }

    /** Decides whether makers may do something; part of a change. */
    void decide(Rights.Matter matter, boolean may, Person by) {
        people.decide(matter.name(), may, by.id(), clock.nowMillis());
    }

    /** Opens the shop with its owner; part of a change. */
    public long open(String shopName, boolean demo, NewPerson owner) {
        if (!isShopEmpty()) {
            throw Refusal.outOfTurn("This shop is set up already. Sign in.");
        }
        List<Finding> findings = findings(owner);
        if (shopName.isBlank()) {
            findings.add(new Finding("shopName", shopName, "The shop needs a name", "any name"));
        }
        refuse(findings);
        people.open(new Shop(shopName.strip(), owner.units(), demo), clock.nowMillis());
        return insert(owner);
    }

    /** Adds a person; part of a change. */
    public long add(NewPerson person) {
        refuse(findings(person));
        if (people.withSignInName(person.signInName().strip()).isPresent()) {
            throw Refusal.entry("signInName", person.signInName(), "This sign-in name is taken", "another one");
        }
        return insert(person);
    }

    /** Chooses the units that a person reads; part of a change. What is not said stays as it is. */
    void choose(Person person, Optional<LengthUnit> length, Optional<TemperatureUnit> temperature) {
        people.choose(person.id(), length, temperature);
    }

    private long insert(NewPerson person) {
        return people.add(
                person.name().strip(),
                person.signInName().strip(),
                person.role(),
                person.units(),
                passwords.encode(person.password()));
    }

    private static void refuse(List<Finding> findings) {
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
    }

    private static List<Finding> findings(NewPerson person) {
        List<Finding> findings = new ArrayList<>();
        if (person.name().isBlank() || person.name().length() > 80) {
            findings.add(new Finding("name", person.name(), "A name is needed", "1 to 80 characters"));
        }
        if (!SIGN_IN_NAME.matcher(person.signInName().strip()).matches()) {
            findings.add(new Finding(
                    "signInName",
                    person.signInName(),
                    "This cannot be a sign-in name",
                    "2 to 40 letters, digits, dots, hyphens"));
        }
        findings.addAll(passwordFindings(person.password(), namesOf(person.name(), person.signInName())));
        return findings;
    }

    private static List<String> namesOf(String name, String signInName) {
        return Stream.concat(Stream.of(name, signInName), Stream.of(name.split("\\s+")))
                .toList();
    }

    /** Knows common passwords, names, keyboards and sequences; read when a password is chosen, not at every start. */
    private static final class Guessing {
        static final Zxcvbn LIKE_PEOPLE = new Zxcvbn();
    }

    /** @param names of whom it is for, which are no secret */
    private static List<Finding> passwordFindings(String password, List<String> names) {
        if (password.length() < SHORTEST_PASSWORD || bytes(password) > LONGEST_PASSWORD_BYTES) {
            return List.of(new Finding(
                    "password",
                    "",
                    "The password is too short or too long",
                    "at least " + SHORTEST_PASSWORD + " characters, at most " + LONGEST_PASSWORD_BYTES + " bytes"));
        }
        return Guessing.LIKE_PEOPLE.measure(password, names).getScore() < LEAST_SCORE
                ? List.of(new Finding(
                        "password",
                        "",
                        "This is among the first that somebody would try",
                        "such as a few words that have nothing to do with each other"))
                : List.of();
    }

    private static int bytes(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length;
    }
}
