package app.carder.web.account;

import app.carder.web.page.PublicAddress;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;

/** Passkeys by Spring Security's own parts. The device has always checked who holds it: a passkey is both steps in one. */
@Configuration(proxyBeanMethods = false)
class PasskeyConfiguration {

    @Bean
    UserCredentialRepository passkeyRepository(JdbcOperations database) {
        return new JdbcUserCredentialRepository(database);
    }

    @Bean
    WebAuthnRelyingPartyOperations relyingParty(
            PasskeyHandles handles, UserCredentialRepository passkeys, PublicAddress address) {
        Webauthn4JRelyingPartyOperations operations = new Webauthn4JRelyingPartyOperations(
                handles,
                passkeys,
                PublicKeyCredentialRpEntity.builder()
                        .id(address.host())
                        .name("Carder")
                        .build(),
                Set.of(address.origin()));
        operations.setCustomizeCreationOptions(
                options -> options.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .build()));
        operations.setCustomizeRequestOptions(
                options -> options.userVerification(UserVerificationRequirement.REQUIRED));
        return operations;
    }
}
