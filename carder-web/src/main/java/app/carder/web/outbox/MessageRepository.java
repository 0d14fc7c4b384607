package app.carder.web.outbox;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.repository.Repository;

interface MessageRepository extends Repository<Message, UUID> {

    void save(Message message);

    Slice<Message> findBySettingIdAndRoomIdInOrderBySentAtDescIdDesc(
            SettingId settingId, Collection<UUID> rooms, Pageable page);

    Slice<Message> findBySettingIdOrderBySentAtDescIdDesc(SettingId settingId, Pageable page);
}
