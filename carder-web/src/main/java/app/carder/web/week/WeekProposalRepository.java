package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface WeekProposalRepository extends Repository<WeekProposal, UUID> {

    void save(WeekProposal proposal);

    Optional<WeekProposal> findByIdAndSettingId(UUID id, SettingId settingId);

    Optional<WeekProposal> findBySettingIdAndRoomIdAndStateIn(
            SettingId settingId, UUID roomId, Collection<WeekProposal.State> states);

    int countBySettingIdAndStateIn(SettingId settingId, Collection<WeekProposal.State> states);
}
