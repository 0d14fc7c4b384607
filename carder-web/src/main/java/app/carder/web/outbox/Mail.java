package app.carder.web.outbox;

/**
 * A message to send.
 *
 * @param toName of whom it is for
 * @param toAddress of theirs
 * @param subject in a line
 * @param body the words; it lies in the outbox in clear, so it holds no secret that another could use alone
 */
public record Mail(String toName, String toAddress, String subject, String body) {}
