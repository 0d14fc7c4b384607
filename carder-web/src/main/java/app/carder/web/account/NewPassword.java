package app.carder.web.account;

import app.carder.web.page.FormErrors;

/** The field of a form in which somebody chooses a password. */
final class NewPassword {

    static final String FIELD = "password";

    private NewPassword() {}

    /** Marks what is not fit. */
    static void mark(OwnPasswordService.Result result, FormErrors errors) {
        result.fault().ifPresent(fault -> errors.add(FIELD, fault.code(), PasswordPolicy.SHORTEST));
    }
}
