package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.device.RefusedItem.Refusal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What could not be taken, until its author has seen it. */
@Service
class RefusedItems {

    private static final Limit MOST = Limit.of(100);

    private final RefusedItemRepository items;
    private final Clock clock;

    RefusedItems(RefusedItemRepository items, Clock clock) {
        this.items = items;
        this.clock = clock;
    }

    /** Keeps it once, however often it comes. */
    @Transactional
    void save(Viewer author, UUID id, Refusal refusal) {
        // Ids are minted by devices: the same one may come from two settings.
        UUID own = UUID.nameUUIDFromBytes((author.settingId() + " " + id).getBytes(StandardCharsets.UTF_8));
        if (!items.existsByIdAndSettingId(own, author.settingId())) {
            items.save(new RefusedItem(own, author, clock.instant(), refusal));
        }
    }

    @Transactional(readOnly = true)
    List<RefusedView> of(Viewer author) {
        return items.findBySettingIdAndAccountIdOrderByRefusedAt(author.settingId(), author.personId(), MOST).stream()
                .map(RefusedItem::view)
                .toList();
    }

    /** Its author has seen all of it. */
    @Transactional
    void seen(Viewer author) {
        items.deleteBySettingIdAndAccountId(author.settingId(), author.personId());
    }
}
