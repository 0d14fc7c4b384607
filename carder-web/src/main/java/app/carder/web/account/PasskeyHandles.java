package app.carder.web.account;

import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Component;

/** Accounts as passkeys know them: by a handle that says nothing of their owner, which is the account's id. */
@Component
class PasskeyHandles implements PublicKeyCredentialUserEntityRepository {

    private final AccountRepository accounts;

    PasskeyHandles(AccountRepository accounts) {
        this.accounts = accounts;
    }

    /** The account of a handle; absent where there is none. */
    Optional<Account> account(Bytes handle) {
        byte[] bytes = handle.getBytes();
        if (bytes.length != 2 * Long.BYTES) {
            return Optional.empty();
        }
        ByteBuffer halves = ByteBuffer.wrap(bytes);
        return accounts.findById(new UUID(halves.getLong(), halves.getLong()));
    }

    static Bytes handle(UUID accountId) {
        return new Bytes(ByteBuffer.allocate(2 * Long.BYTES)
                .putLong(accountId.getMostSignificantBits())
                .putLong(accountId.getLeastSignificantBits())
                .array());
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findById(Bytes id) {
        return account(id).map(PasskeyHandles::entity).orElse(null);
    }

    /** By what {@link Viewer} is called in a session: the account's id. */
    @Override
    public @Nullable PublicKeyCredentialUserEntity findByUsername(String personId) {
        return accounts.findById(UUID.fromString(personId))
                .map(PasskeyHandles::entity)
                .orElse(null);
    }

    private static PublicKeyCredentialUserEntity entity(Account account) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle(account.getId()))
                .name(account.username())
                .displayName(account.displayName())
                .build();
    }

    /** Accounts are made elsewhere. */
    @Override
    public void save(PublicKeyCredentialUserEntity userEntity) {
        throw new UnsupportedOperationException("Passkeys are made for accounts that are there.");
    }

    @Override
    public void delete(Bytes id) {
        throw new UnsupportedOperationException("Accounts are closed, not thrown away.");
    }
}
