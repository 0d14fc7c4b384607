package app.carder.web.family;

import java.time.LocalDateTime;
import java.util.UUID;

/**
 * What a carer wrote back, as shown.
 *
 * @param journalId to which journal
 * @param carer who wrote it
 * @param words what
 * @param sentAt when, in the setting's zone
 */
public record ReplyView(UUID journalId, String carer, String words, LocalDateTime sentAt) {}
