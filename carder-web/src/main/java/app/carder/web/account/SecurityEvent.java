package app.carder.web.account;

/** What the security log tells of. Its words are {@code security.} and the name. */
enum SecurityEvent {
    SIGNED_IN,
    SIGNED_OUT,
    /** Began to use Watch on a device. */
    DEVICE_SIGNED_IN,
    /** Signed in with what a device keeps for them, which is less than a password. */
    UNLOCKED,
    DEVICE_REVOKED,
    WRONG_PASSWORD,
    /** Too many failures: not even looked at. */
    LOCKED_OUT,
    /** The right password of an account that is closed, or of cover staff on another day. */
    CLOSED_ACCOUNT,
    ACCOUNT_MADE,
    ACCOUNT_CHANGED,
    ACCOUNT_CLOSED,
    ACCOUNT_OPENED,
    CODE_MADE,
    WRONG_CODE,
    PASSWORD_CHANGED,
    PASSKEY_REMOVED,
    SECOND_STEP_ON,
    SECOND_STEP_OFF,
    WRONG_SECOND_STEP,
    RECOVERY_CODES_MADE,
    SECOND_STEP_ASKED,
    SECOND_STEP_NOT_ASKED,
    SESSIONS_ENDED,
    /** Opened a room that they do not work in, and said why. */
    ROOM_VISITED,
    ROOMS_OPENED,
    ROOMS_BORDERED;

    /** Of its words. */
    public String code() {
        return "security." + name();
    }
}
