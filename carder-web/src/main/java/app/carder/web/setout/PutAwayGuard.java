package app.carder.web.setout;

import app.carder.web.account.Viewer;
import app.carder.web.undo.UndoGuard;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What was put away comes back only where nothing holds it now: meanwhile a child may have arrived, or a rule been added. */
@Component
class PutAwayGuard implements UndoGuard {

    private final SetOutRepository setOuts;
    private final SetOutService service;

    PutAwayGuard(SetOutRepository setOuts, SetOutService service) {
        this.setOuts = setOuts;
        this.service = service;
    }

    @Override
    public String table() {
        return "set_out";
    }

    @Override
    public Optional<String> against(Viewer viewer, UUID rowId) {
        return setOuts.findByIdAndSettingId(rowId, viewer.settingId())
                .filter(SetOut::isOut)
                .filter(out -> service.isHeld(viewer.settingId(), out))
                .map(out -> "undo.held.set-out");
    }
}
