package hiltboard.server.access;

import java.util.List;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** Who is signed in with a request, since when and with what. */
final class SignedIn extends AbstractAuthenticationToken {
    private static final long serialVersionUID = 1;

    private final transient Session session;

    /**
     * A session that has not ended.
     *
     * @param person with the role that this way of signing in gives
     */
    record Session(long id, Person person, Way way, Device device) {}

    /** @param isShared whether several people work at it, one after the other */
    record Device(long id, boolean isShared) {}

    /** How somebody signed in. */
    enum Way {
        PASSWORD,
        PASSKEY,
        /** At a shared tablet: opens what a maker may do. */
        PIN,
        DEMO
    }

    SignedIn(Session session) {
        super(List.of(new SimpleGrantedAuthority("PERSON")));
        this.session = session;
        setAuthenticated(true);
    }

    Session session() {
        return session;
    }

    /** The person's number: by it their live pages are known. */
    @Override
    public String getName() {
        return String.valueOf(session.person().id());
    }

    @Override
    public Person getPrincipal() {
        return session.person();
    }

    @Override
    public Object getCredentials() {
        return "";
    }
}
