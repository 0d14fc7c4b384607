package app.carder.web.setting;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface SettingRepository extends Repository<Setting, UUID> {

    void save(Setting setting);

    Optional<Setting> findById(UUID id);

    @Query("select s.id from Setting s")
    List<UUID> ids();

    long count();

    List<Setting> findByMadeUpTrue();

    List<Setting> findTop2ByOrderByCreatedAt();
}
