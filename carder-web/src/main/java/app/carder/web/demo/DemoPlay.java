package app.carder.web.demo;

import app.carder.core.watch.Attempts;
import app.carder.core.watch.DeviceClock;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Listening;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.TimeSample.Look;
import app.carder.core.watchlog.Entry;
import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Method;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildView;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watchlog.EntryDetails;
import app.carder.web.watchlog.WatchLogService;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Made-up play records, looks, counts and words of the Loft. */
@Component
class DemoPlay {

    /** Taps: a letter for each kind, with seconds since the watching began. */
    private static final Map<Character, PlayKind> LETTERS = Map.ofEntries(
            Map.entry('c', PlayKind.CHOSE),
            Map.entry('i', PlayKind.INVITED),
            Map.entry('e', PlayKind.ENGAGED),
            Map.entry('r', PlayKind.REPEATED),
            Map.entry('u', PlayKind.LOOKED_UP),
            Map.entry('t', PlayKind.TALKED),
            Map.entry('a', PlayKind.ADULT_BROKE_IN),
            Map.entry('k', PlayKind.CHILD_BROKE_IN),
            Map.entry('w', PlayKind.WENT_BACK),
            Map.entry('f', PlayKind.FINISHED),
            Map.entry('p', PlayKind.PUT_AWAY),
            Map.entry('l', PlayKind.LEFT));

    private record Sitting(int daysAgo, String card, Map<String, String> taps) {}

    private static final List<Sitting> SITTINGS = List.of(
            new Sitting(29, "Rice by the kilo", Map.of("Anouk", "c20 r95 a180 w240 l300")),
            new Sitting(26, "Rice by the kilo", Map.of("Anouk", "c15 u90 k210 w225 f390", "Bram", "i40 e70 l150")),
            new Sitting(22, "String, knots and labels", Map.of("Anouk", "c30 r120 r210 a290 w330 f520")),
            new Sitting(19, "Rice by the kilo", Map.of("Anouk", "c10 r140 r300 u330 f420 p440", "Kofi", "c60 l160")),
            new Sitting(15, "String, knots and labels", Map.of("Anouk", "c25 r100 t160 r330 k470 w480 f600")),
            new Sitting(
                    12,
                    "Rice by the kilo",
                    Map.of("Anouk", "c40 r150 r260 r400 f560", "Bram", "c90 r200 a380 w450 f610")),
            new Sitting(
                    8, "Ice parcels that melt", Map.of("Anouk", "i20 e35 u200 r300 t480 f640", "Cosima", "c50 l110")),
            new Sitting(
                    5,
                    "Rice by the kilo",
                    Map.of("Anouk", "c12 r160 r310 r480 u500 f700 p730", "Idris", "c100 k260 l280")),
            new Sitting(
                    1,
                    "Rice by the kilo",
                    Map.of("Anouk", "c18 r170 r350 r520 r660 a800 w830 f960", "Kofi", "c45 r200 f420")));

    private final WatchLogService watchLog;
    private final SettingService settings;

    DemoPlay(WatchLogService watchLog, SettingService settings) {
        this.watchLog = watchLog;
        this.settings = settings;
    }

    void records(Viewer author, RoomView room, Map<String, ChildView> byName, Map<String, UUID> cards) {
        UUID device = UUID.randomUUID();
        Records records = new Records(author, room);
        SITTINGS.forEach(sitting -> play(records, sitting, byName, cards));
        Instant yesterday = watchedFrom(settings, author.settingId(), 1);
        UUID anouk = child(byName, "Anouk");
        records.begin(Method.SAMPLE, null);
        Activity[] activities = {
            Activity.HANDLING,
            Activity.HANDLING,
            Activity.LOOKING,
            Activity.HANDLING,
            Activity.TALKING,
            Activity.PRETENDING
        };
        for (int look = 0; look < 12; look++) {
            Company company = look % 3 == 0 ? Company.ALONE : Company.BESIDE;
            records.add(
                    yesterday.plusSeconds(300L * look),
                    new Entry.Looked(
                            anouk,
                            null,
                            new Look(
                                    activities[look % activities.length], company, Involvement.ofLevel(3 + look % 3))));
        }
        records.begin(Method.MAP, null);
        int minute = 0;
        for (String zone : List.of("Weighing desk", "Post office", "Weighing desk", "Tray table", "Weighing desk")) {
            UUID zoneId = room.zones().stream()
                    .filter(one -> one.name().equals(zone))
                    .findFirst()
                    .orElseThrow()
                    .id();
            records.add(yesterday.plusSeconds(60L * minute), new Entry.Arrived(anouk, zoneId, null));
            minute += 4;
        }
        records.add(yesterday.plusSeconds(60L * minute), new Entry.Ended());
        records.begin(Method.COUNT, null);
        records.add(yesterday, new Entry.Checked(anouk, "stamps matched to letters", 6, 6));
        records.add(
                yesterday,
                new Entry.Tried(anouk, "knot that holds", new Attempts.Attempt(true, Attempts.Prompt.ALONE)));
        records.add(
                yesterday,
                new Entry.Tried(anouk, "knot that holds", new Attempts.Attempt(false, Attempts.Prompt.SHOWN_AGAIN)));
        records.begin(Method.LISTEN, null);
        records.add(
                yesterday, new Entry.Heard(anouk, new Listening.Heard("Now it is the same sleepy.", "English", false)));
        records.add(yesterday, new Entry.Heard(anouk, new Listening.Heard("Is tomorrow heavy?", "English", true)));
        watchLog.add(author, device, records.entries, DeviceClock.UNKNOWN);
    }

    private void play(Records records, Sitting sitting, Map<String, ChildView> byName, Map<String, UUID> cards) {
        Instant from = watchedFrom(settings, records.author.settingId(), sitting.daysAgo());
        records.begin(Method.PLAY, Required.from(cards, sitting.card()));
        int last = 0;
        for (Map.Entry<String, String> child : sitting.taps().entrySet()) {
            for (String tap : child.getValue().split(" ")) {
                int second = Integer.parseInt(tap.substring(1));
                last = Math.max(last, second);
                records.add(
                        from.plusSeconds(second),
                        new Entry.Tap(child(byName, child.getKey()), Required.from(LETTERS, tap.charAt(0))));
            }
        }
        records.add(from.plusSeconds(last + 20L), new Entry.Ended());
    }

    /** How many days ago children were watched at a card. */
    static Stream<Integer> daysOf(String card) {
        return SITTINGS.stream().filter(sitting -> sitting.card().equals(card)).map(Sitting::daysAgo);
    }

    /** Quarter past nine, so many days ago. */
    static Instant watchedFrom(SettingService settings, SettingId setting, int daysAgo) {
        return DemoDays.open(settings.today(setting), daysAgo)
                .atTime(9, 15)
                .atZone(settings.get(setting).zone())
                .toInstant();
    }

    private static UUID child(Map<String, ChildView> byName, String name) {
        return Required.from(byName, name).id();
    }

    /** Entries of one record after another. */
    private static final class Records {
        private final Viewer author;
        private final RoomView room;
        private final List<EntryDetails> entries = new ArrayList<>();
        private UUID record = Ids.next();
        private Method method = Method.PLAY;
        private @Nullable UUID card;

        Records(Viewer author, RoomView room) {
            this.author = author;
            this.room = room;
        }

        void begin(Method how, @Nullable UUID at) {
            record = Ids.next();
            method = how;
            card = at;
        }

        void add(Instant at, Entry entry) {
            EntryLine line = EntryCodec.write(entry);
            entries.add(new EntryDetails(
                    Ids.next(),
                    record,
                    room.id(),
                    entries.size() + 1,
                    method,
                    line.kind(),
                    line.child(),
                    card,
                    line.zone(),
                    line.code(),
                    line.company(),
                    line.words(),
                    line.number(),
                    line.ofNumber(),
                    line.xMm(),
                    line.yMm(),
                    line.target(),
                    line.correctedTo(),
                    at));
        }
    }
}
