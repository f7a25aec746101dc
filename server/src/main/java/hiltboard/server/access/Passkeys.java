package hiltboard.server.access;

import hiltboard.server.Refusal;
import hiltboard.server.access.PersonRepository.Account;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Passkeys by W3C Web Authentication: made with a password, and then a way in without one. The device makes sure of the
 * person, by finger, face or its own number. Spring Security and WebAuthn4J do the protocol.
 */
@Component
class Passkeys {
    private static final Logger LOG = LoggerFactory.getLogger(Passkeys.class);
    private static final Duration GOOD_FOR = Duration.ofMinutes(5);
    private static final int MOST_WAITING = 2_000;

    private final PasskeyRepository kept;
    private final PersonRepository people;
    private final TransactionTemplate transactions;
    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    private final Map<String, Waiting> waiting = new LinkedHashMap<>();

    Passkeys(PasskeyRepository kept, PersonRepository people, TransactionTemplate transactions) {
        this.kept = kept;
        this.people = people;
        this.transactions = transactions;
    }

    /** A question that a device has been asked, until when its answer is good; by {@link System#nanoTime}. */
    private record Waiting(Object options, long untilNanos) {}

    /**
     * What a browser hands to the device.
     *
     * @param name by which the answer names its question
     * @param options as JSON of the standard
     */
    record QuestionView(String name, String options) {}

    /** Asks a device for a new passkey of a person. */
    QuestionView askForNew(Person person, HttpServletRequest request) {
        Webauthn4JRelyingPartyOperations operations = operations(request);
        PublicKeyCredentialCreationOptions options = operations.createPublicKeyCredentialCreationOptions(
                new ImmutablePublicKeyCredentialCreationOptionsRequest(
                        UsernamePasswordAuthenticationToken.authenticated(person.signInName(), "", List.of())));
        return asked(options);
    }

    /** Keeps the passkey that a device has made; part of a change. @throws Refusal if it is not good */
    void keep(Person person, String name, String credential, String label, HttpServletRequest request) {
        PublicKeyCredentialCreationOptions options = answered(name, PublicKeyCredentialCreationOptions.class);
        if (!options.getUser().getId().equals(PasskeyRepository.handle(person.id()))) {
            throw notGood();
        }
        try {
            PublicKeyCredential<AuthenticatorAttestationResponse> made =
                    json.readValue(credential, new TypeReference<>() {});
            operations(request)
                    .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                            options, new RelyingPartyPublicKey(made, label)));
        } catch (Refusal refusal) {
            throw refusal;
        } catch (RuntimeException notAsItShouldBe) {
            throw notGood();
        }
    }

    /** Asks whatever device there is whose it is. */
    QuestionView askWho(HttpServletRequest request) {
        return asked(operations(request)
                .createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(
                        UsernamePasswordAuthenticationToken.unauthenticated("", ""))));
    }

    /**
     * The person whose passkey has answered. @throws Refusal if it is nobody's who is here, or the answer is not good
     */
    Person who(String name, String credential, HttpServletRequest request) {
        PublicKeyCredentialRequestOptions options = answered(name, PublicKeyCredentialRequestOptions.class);
        try {
            PublicKeyCredential<AuthenticatorAssertionResponse> answer =
                    json.readValue(credential, new TypeReference<>() {});
            PublicKeyCredentialUserEntity entity = transactions.execute(
                    status -> operations(request).authenticate(new RelyingPartyAuthenticationRequest(options, answer)));
            return Optional.ofNullable(entity)
                    .flatMap(each -> transactions.execute(status -> people.withSignInName(each.getName())))
                    .filter(account -> !account.isGone())
                    .map(Account::person)
                    .orElseThrow(Passkeys::notGood);
        } catch (RuntimeException notAsItShouldBe) {
            LOG.warn("A passkey that opens nothing, from {}", request.getRemoteAddr());
            throw notGood();
        }
    }

    private static Refusal notGood() {
        return Refusal.entry(
                "credential", "", "This passkey does not open the shop", "one that was made here, or your password");
    }

    private QuestionView asked(Object options) {
        String name = UUID.randomUUID().toString();
        synchronized (waiting) {
            long now = System.nanoTime();
            waiting.values().removeIf(each -> each.untilNanos() < now);
            while (waiting.size() >= MOST_WAITING) {
                waiting.remove(waiting.keySet().iterator().next());
            }
            waiting.put(name, new Waiting(options, now + GOOD_FOR.toNanos()));
        }
        return new QuestionView(name, json.writeValueAsString(options));
    }

    /** Each question is answered once. */
    private <T> T answered(String name, Class<T> kind) {
        synchronized (waiting) {
            return Optional.ofNullable(waiting.remove(name))
                    .filter(each -> each.untilNanos() > System.nanoTime())
                    .map(Waiting::options)
                    .filter(kind::isInstance)
                    .map(kind::cast)
                    .orElseThrow(() -> Refusal.outOfTurn("This took too long. Try it once more."));
        }
    }

    /** A passkey is good at the address at which it was made. */
    private Webauthn4JRelyingPartyOperations operations(HttpServletRequest request) {
        URI address = URI.create(request.getRequestURL().toString());
        String origin = address.getScheme() + "://" + address.getAuthority();
        Webauthn4JRelyingPartyOperations operations = new Webauthn4JRelyingPartyOperations(
                kept,
                kept,
                PublicKeyCredentialRpEntity.builder()
                        .id(request.getServerName())
                        .name("Hilt Board")
                        .build(),
                Set.of(origin));
        operations.setCustomizeCreationOptions(options -> options.timeout(GOOD_FOR)
                .authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        operations.setCustomizeRequestOptions(
                options -> options.timeout(GOOD_FOR).userVerification(UserVerificationRequirement.REQUIRED));
        return operations;
    }
}
