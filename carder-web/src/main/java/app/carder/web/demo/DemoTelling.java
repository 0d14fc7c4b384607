package app.carder.web.demo;

import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.core.journal.Rhythm;
import app.carder.web.account.Role;
import app.carder.web.account.StaffDetails;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerBond;
import app.carder.web.children.CarerContact;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.family.FamilyService;
import app.carder.web.journal.JournalCompiler;
import app.carder.web.journal.JournalDraft;
import app.carder.web.journal.JournalPartsService;
import app.carder.web.journal.JournalRequest;
import app.carder.web.journal.JournalService;
import app.carder.web.rail.RhythmService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What families of the made-up nursery are told. */
@Component
class DemoTelling {

    private static final int DAYS_UNTIL_DUE = 12;
    private static final int WEEKS = 6;

    private final DemoAccounts accounts;
    private final ChildService children;
    private final JournalCompiler compiler;
    private final JournalService journals;
    private final JournalPartsService parts;
    private final RhythmService rhythms;
    private final FamilyService family;
    private final SettingService settings;

    DemoTelling(
            DemoAccounts accounts,
            ChildService children,
            JournalCompiler compiler,
            JournalService journals,
            JournalPartsService parts,
            RhythmService rhythms,
            FamilyService family,
            SettingService settings) {
        this.accounts = accounts;
        this.children = children;
        this.compiler = compiler;
        this.journals = journals;
        this.parts = parts;
        this.rhythms = rhythms;
        this.family = family;
        this.settings = settings;
    }

    /** Families see the week's plan, and the journals of a room are due before long. */
    void share(Viewer lead, RoomView room) {
        parts.shareWeek(lead.settingId(), true);
        LocalDate due = settings.today(lead.settingId()).plusDays(DAYS_UNTIL_DUE);
        rhythms.set(lead.settingId(), room.id(), Optional.of(new Rhythm(due, WEEKS)));
    }

    /** In which some families are written to. */
    private static final Map<String, String> LANGUAGES = Map.of("Bram", "pl");

    /** A journal of a child and one of its carers, who has an account; an approved one is sent and answered. */
    void tell(Viewer lead, ChildView child, String carerName, boolean approved) {
        SettingId setting = lead.settingId();
        String relation = carerName.substring(carerName.indexOf(' ') + 1);
        String username = child.name().toLowerCase(Locale.ROOT) + "." + relation;
        Viewer account =
                accounts.create(setting, username, new StaffDetails(carerName, Role.CARER, Set.of(), Optional.empty()));
        UUID carer = children.addCarer(
                        setting,
                        child.id(),
                        new CarerContact(
                                carerName,
                                username + "@family.example",
                                "01632 960" + (100 + child.name().length()),
                                Optional.empty(),
                                CarerBond.UNKNOWN,
                                LANGUAGES.getOrDefault(child.name(), "")),
                        account.personId())
                .id();
        LocalDate today = settings.today(setting);
        UUID journal =
                compiler.compile(lead, new JournalRequest(child.id(), today.minusWeeks(7), today, Purpose.TERM, 3, ""));
        JournalDraft draft = journals.draft(setting, journal);
        journals.word(
                lead,
                journal,
                new JournalService.Wording(
                        draft.version(),
                        Map.of(
                                Part.GREETING,
                                "%s has been deep in our post office these weeks: weighing, wrapping and sending. Here is some of what we saw."
                                        .formatted(child.name()),
                                Part.AT_HOME,
                                "Wrap something from the kitchen together and guess, before you open it, which parcel is heavier. "
                                        + "A set of scales made from a coat hanger and two bags is enough."),
                        Optional.empty(),
                        Map.of(),
                        Map.of(),
                        draft.entries().stream()
                                .filter(entry -> entry.photo() == JournalDraft.PhotoState.SHOWN)
                                .map(JournalDraft.Entry::id)
                                .toList(),
                        Map.of()));
        if (approved) {
            journals.approve(lead, journal);
            family.invite(setting, journal, List.of(carer));
            family.reply(
                    account,
                    Ids.next(),
                    journal,
                    "Thank you! We wrapped three potatoes on Sunday and %s posted them through the banisters."
                            .formatted(child.name()));
        }
    }
}
