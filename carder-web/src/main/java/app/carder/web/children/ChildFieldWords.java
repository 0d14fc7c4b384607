package app.carder.web.children;

import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.web.account.AccountService;
import app.carder.web.audit.FieldWords;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import java.time.DayOfWeek;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a child's record once said, where it is kept as a code. */
@Component
class ChildFieldWords implements FieldWords {

    private final AccountService accounts;
    private final RoomService rooms;

    ChildFieldWords(AccountService accounts, RoomService rooms) {
        this.accounts = accounts;
        this.rooms = rooms;
    }

    @Override
    public Optional<String> words(SettingId settingId, String field, String value) {
        try {
            return switch (field) {
                case "mouthing", "family asked about allergies" -> Optional.of(Said.say("history.is." + value));
                case "peg mark" -> Optional.of(PegMark.valueOf(value).words());
                case "photo consents" ->
                    Optional.of(each(value, use -> PhotoUse.valueOf(use).words()));
                case "days" -> Optional.of(each(value, day -> Dates.weekday(DayOfWeek.valueOf(day))));
                case "room", "moves up into" ->
                    rooms.all(settingId).stream()
                            .filter(room -> room.id().toString().equals(value))
                            .map(RoomView::name)
                            .findFirst();
                case "who may give it" ->
                    Optional.of(each(
                            value,
                            id -> accounts.names(settingId)
                                    .getOrDefault(UUID.fromString(id), Said.say("history.is.nobody"))));
                case "key person" ->
                    value.equals("null")
                            ? Optional.of(Said.say("history.is.nobody"))
                            : Optional.ofNullable(accounts.names(settingId).get(UUID.fromString(value)));
                default -> Optional.empty();
            };
        } catch (IllegalArgumentException keptInOtherWords) {
            return Optional.empty();
        }
    }

    /** A list as Java writes it; none is said to be none. */
    private static String each(String list, UnaryOperator<String> words) {
        String codes = list.substring(1, list.length() - 1);
        return codes.isEmpty()
                ? Said.say("history.is.none")
                : Arrays.stream(codes.split(", ")).map(words).collect(Collectors.joining(", "));
    }
}
