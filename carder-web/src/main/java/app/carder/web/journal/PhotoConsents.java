package app.carder.web.journal;

import app.carder.core.journal.PhotoRule;
import app.carder.core.journal.PhotoRule.Consent;
import app.carder.core.journal.PhotoRule.Shown;
import app.carder.core.journal.PhotoRule.Whose;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.PhotoUse;
import app.carder.web.setting.SettingId;
import app.carder.web.watch.ObservationView;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Looks up who is in a photo and asks the core's rule. */
record PhotoConsents(UUID childId, Map<UUID, ChildView> childrenById) {

    /** Of everybody who is in the photos of some records. */
    static PhotoConsents of(
            ChildService children, SettingId settingId, UUID childId, Collection<ObservationView> found) {
        return new PhotoConsents(
                childId,
                children.byId(
                        settingId,
                        found.stream()
                                .flatMap(one -> one.childrenInPhoto().stream())
                                .distinct()
                                .toList()));
    }

    boolean allow(ObservationView observation) {
        return observation.photo().isPresent()
                && PhotoRule.allows(
                        observation.childrenInPhoto().stream().map(this::shown).toList());
    }

    private Shown shown(UUID inPhoto) {
        Optional<ChildView> child = Optional.ofNullable(childrenById.get(inPhoto));
        return new Shown(
                inPhoto.equals(childId) ? Whose.THE_CHILD : Whose.ANOTHER,
                consent(child, PhotoUse.OWN_JOURNAL),
                consent(child, PhotoUse.OTHERS_JOURNALS));
    }

    private static Consent consent(Optional<ChildView> child, PhotoUse use) {
        return child.filter(found -> found.allows(use)).isPresent() ? Consent.GIVEN : Consent.NOT_GIVEN;
    }
}
