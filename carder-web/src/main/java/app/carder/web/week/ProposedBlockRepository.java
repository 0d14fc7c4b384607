package app.carder.web.week;

import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ProposedBlockRepository extends Repository<ProposedBlock, UUID> {

    void save(ProposedBlock block);

    List<ProposedBlock> findBySettingIdAndProposalId(SettingId settingId, UUID proposalId);
}
