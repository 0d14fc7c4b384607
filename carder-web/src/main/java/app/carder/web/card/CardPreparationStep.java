package app.carder.web.card;

import app.carder.core.card.PreparationStep;
import app.carder.core.prepare.Step.Who;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Arrays;
import java.util.UUID;

/** One step of a card's preparation. */
@Entity
class CardPreparationStep extends ScopedRecord {

    private UUID cardId;
    private int position;
    private String name;
    private int handsOnMinutes;
    private int waitingMinutes;

    @Enumerated(EnumType.STRING)
    private Who doneBy;

    private int turns;
    private int[] afterPositions;

    protected CardPreparationStep() {}

    CardPreparationStep(SettingId settingId, UUID cardId, int position, PreparationStep step) {
        super(Ids.next(), settingId);
        this.cardId = cardId;
        this.position = position;
        this.name = step.name();
        this.handsOnMinutes = step.handsOnMinutes();
        this.waitingMinutes = step.waitingMinutes();
        this.doneBy = step.who();
        this.turns = step.turns();
        this.afterPositions = step.after().stream().mapToInt(Integer::intValue).toArray();
    }

    UUID cardId() {
        return cardId;
    }

    PreparationStep step() {
        return new PreparationStep(
                name,
                handsOnMinutes,
                waitingMinutes,
                doneBy,
                turns,
                Arrays.stream(afterPositions).boxed().toList());
    }
}
