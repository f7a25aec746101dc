package hiltboard.server.access;

import java.nio.ByteBuffer;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Repository;

/** The public halves of passkeys, and whose they are, as Spring Security asks for them. */
@Repository
class PasskeyRepository implements UserCredentialRepository, PublicKeyCredentialUserEntityRepository {
    private static final String SELECT = "SELECT * FROM passkey ";

    private final JdbcClient sql;
    private final PersonRepository people;

    PasskeyRepository(JdbcClient sql, PersonRepository people) {
        this.sql = sql;
        this.people = people;
    }

    /** A passkey as its owner knows it. */
    record PasskeyView(long id, String label, long madeAtMillis, long usedAtMillis) {}

    List<PasskeyView> of(long person) {
        return sql.sql(SELECT + "WHERE person_id = :person ORDER BY id")
                .param("person", person)
                .query((row, number) -> new PasskeyView(
                        row.getLong("id"),
                        row.getString("label"),
                        row.getLong("made_at_ms"),
                        row.getLong("used_at_ms")))
                .list();
    }

    /** @return whether there was one */
    boolean drop(long id, long person) {
        return sql.sql("DELETE FROM passkey WHERE id = :id AND person_id = :person")
                        .param("id", id)
                        .param("person", person)
                        .update()
                > 0;
    }

    void dropAllOf(long person) {
        sql.sql("DELETE FROM passkey WHERE person_id = :person")
                .param("person", person)
                .update();
    }

    /** By which a device knows whose a passkey is: nothing of the person but a number. */
    static Bytes handle(long person) {
        return new Bytes(ByteBuffer.allocate(Long.BYTES).putLong(person).array());
    }

    private static long person(Bytes handle) {
        return handle.getBytes().length == Long.BYTES
                ? ByteBuffer.wrap(handle.getBytes()).getLong()
                : 0;
    }

    @Override
    public void save(CredentialRecord passkey) {
        sql.sql("""
                INSERT INTO passkey (person_id, credential_id, public_key, attestation, client_data, signatures,
                    is_backup_eligible, is_backed_up, transports, label, made_at_ms, used_at_ms)
                VALUES (:person, :credential, :key, :attestation, :data, :signatures, :eligible, :backed, :transports, :label, :made, :used)
                ON CONFLICT (credential_id) DO UPDATE SET signatures = :signatures, is_backed_up = :backed, used_at_ms = :used
                """)
                .param("person", person(passkey.getUserEntityUserId()))
                .param("credential", passkey.getCredentialId().getBytes())
                .param("key", passkey.getPublicKey().getBytes())
                .param("attestation", bytes(passkey.getAttestationObject()))
                .param("data", bytes(passkey.getAttestationClientDataJSON()))
                .param("signatures", passkey.getSignatureCount())
                .param("eligible", passkey.isBackupEligible())
                .param("backed", passkey.isBackupState())
                .param(
                        "transports",
                        passkey.getTransports().stream()
                                .map(AuthenticatorTransport::getValue)
                                .collect(Collectors.joining(" ")))
                .param("label", passkey.getLabel())
                .param("made", passkey.getCreated().toEpochMilli())
                .param("used", passkey.getLastUsed().toEpochMilli())
                .update();
    }

    private static byte[] bytes(@Nullable Bytes value) {
        return Optional.ofNullable(value).orElseThrow().getBytes();
    }

    @Override
    public @Nullable CredentialRecord findByCredentialId(Bytes credential) {
        return sql.sql(SELECT + "WHERE credential_id = :credential")
                .param("credential", credential.getBytes())
                .query((row, number) -> passkey(row))
                .optional()
                .orElse(null);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes handle) {
        return sql.sql(SELECT + "WHERE person_id = :person")
                .param("person", person(handle))
                .query((row, number) -> passkey(row))
                .list();
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findById(Bytes handle) {
        return people.withId(person(handle)).map(PasskeyRepository::entity).orElse(null);
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findByUsername(String signInName) {
        return people.withSignInName(signInName).map(PasskeyRepository::entity).orElse(null);
    }

    private static PublicKeyCredentialUserEntity entity(PersonRepository.Account account) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle(account.person().id()))
                .name(account.person().signInName())
                .displayName(account.person().name())
                .build();
    }

    private static CredentialRecord passkey(ResultSet row) throws SQLException {
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(row.getBytes("credential_id")))
                .userEntityUserId(handle(row.getLong("person_id")))
                .publicKey(new ImmutablePublicKeyCose(row.getBytes("public_key")))
                .attestationObject(new Bytes(row.getBytes("attestation")))
                .attestationClientDataJSON(new Bytes(row.getBytes("client_data")))
                .signatureCount(row.getLong("signatures"))
                .uvInitialized(true)
                .backupEligible(row.getInt("is_backup_eligible") == 1)
                .backupState(row.getInt("is_backed_up") == 1)
                .transports(transports(row.getString("transports")))
                .label(row.getString("label"))
                .created(Instant.ofEpochMilli(row.getLong("made_at_ms")))
                .lastUsed(Instant.ofEpochMilli(row.getLong("used_at_ms")))
                .build();
    }

    private static Set<AuthenticatorTransport> transports(String names) {
        return Arrays.stream(names.split(" "))
                .filter(name -> !name.isEmpty())
                .map(AuthenticatorTransport::valueOf)
                .collect(Collectors.toSet());
    }

    /** People are kept elsewhere. */
    @Override
    public void save(PublicKeyCredentialUserEntity person) {
        throw new UnsupportedOperationException("Nobody joins the shop by a passkey");
    }

    @Override
    public void delete(Bytes credential) {
        throw new UnsupportedOperationException("A passkey is dropped by its owner");
    }
}
