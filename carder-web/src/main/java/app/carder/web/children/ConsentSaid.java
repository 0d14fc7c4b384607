package app.carder.web.children;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * What somebody says about one use of photos.
 *
 * @param use that they were asked about
 * @param given whether they allow it
 * @param giver who says it; empty where nobody is named
 * @param carerId theirs, where they are a carer who is listed
 * @param way how they were asked
 * @param on when they said it
 */
public record ConsentSaid(
        PhotoUse use, boolean given, String giver, Optional<UUID> carerId, ConsentWay way, LocalDate on) {}
