package hiltboard.server.access;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.PersonRepository.Account;
import hiltboard.server.access.PersonRepository.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop, its people and who is signed in. */
@Service
public class AccessService {
    private static final int SHORTEST_PASSWORD = 10;
    /** BCrypt reads no further. */
    private static final int LONGEST_PASSWORD_BYTES = 72;
    /**
     * Compared when a name is unknown, so that the answer takes as long; whoever knows its password is still nobody.
     */
    private static final String NO_PASSWORD = "$2a$10$Iou9QdYix9p2jAjXlZygtOkK2ZKgEhtnZDd4PU8.ytf1/ygpZoj3O";

    private final PersonRepository people;
    private final ShopClock clock;
    private final PasswordEncoder passwords = new BCryptPasswordEncoder();
    private final SignInThrottle throttle = new SignInThrottle();

    AccessService(PersonRepository people, ShopClock clock) {
        this.people = people;
        this.clock = clock;
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

    @Transactional(readOnly = true)
    public List<Person> people() {
        return people.all();
    }

    /** The person of this request. @throws Refusal if nobody is signed in */
    @Transactional(readOnly = true)
    public Person signedIn() {
        return signedInIfAny().orElseThrow(() -> Refusal.notAllowed("Sign in first."));
    }

    @Transactional(readOnly = true)
    public Optional<Person> signedInIfAny() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof Long id) {
            return people.withId(id);
        }
        return Optional.empty();
    }

    /** Checks a password. @throws Refusal if it is wrong or tried too often */
    @Transactional(readOnly = true)
    public Person withPassword(String signInName, String password, String address) {
        String who = signInName.strip().toLowerCase(Locale.ROOT);
        throttle.check(who, clock.now());
        throttle.check(address, clock.now());
        Optional<Account> account = people.withSignInName(who);
        boolean right =
                passwords.matches(password, account.map(Account::passwordHash).orElse(NO_PASSWORD));
        if (!right || account.isEmpty()) {
            throttle.wrong(who, clock.now());
            throttle.wrong(address, clock.now());
            throw Refusal.entry(
                    "password", "", "Name or password is not right", "the name and password that the owner gave you");
        }
        throttle.right(who);
        throttle.right(address);
        return account.get().person();
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

    /** Chooses the units that a person reads; part of a change. */
    public void choose(Person person, Units units) {
        people.choose(person.id(), units);
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
        if (!person.signInName().strip().matches("[\\p{L}0-9._-]{2,40}")) {
            findings.add(new Finding(
                    "signInName",
                    person.signInName(),
                    "This cannot be a sign-in name",
                    "2 to 40 letters, digits, dots, hyphens"));
        }
        int bytes = person.password().getBytes(java.nio.charset.StandardCharsets.UTF_8).length;
        if (person.password().length() < SHORTEST_PASSWORD || bytes > LONGEST_PASSWORD_BYTES) {
            findings.add(new Finding(
                    "password",
                    "",
                    "The password is too short or too long",
                    "at least " + SHORTEST_PASSWORD + " characters, at most " + LONGEST_PASSWORD_BYTES + " bytes"));
        }
        return findings;
    }
}
