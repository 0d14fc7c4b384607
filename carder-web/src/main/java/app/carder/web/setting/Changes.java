package app.carder.web.setting;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** How often each area of a setting was written to, as the database's triggers count it when a transaction ends. */
@Component
public class Changes implements TransactionExecutionListener {

    private static final String ATTRIBUTE = Changes.class.getName();
    private static final String COLUMNS =
            Arrays.stream(Area.values()).map(Changes::column).collect(Collectors.joining(", "));
    private static final List<Long> NEVER = Collections.nCopies(Area.values().length, 0L);

    private final JdbcClient database;

    Changes(JdbcClient database) {
        this.database = database;
    }

    /** How often an area was written to: what was fetched under one count is right as long as it stands. */
    public long count(SettingId settingId, Area area) {
        return of(settingId, area).get(0);
    }

    /** The counts of some areas. The database is asked once in a request, and again after the request itself has written. */
    List<Long> of(SettingId settingId, Area... areas) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        List<Long> all = request == null ? read(settingId) : inRequest(request).computeIfAbsent(settingId, this::read);
        return Arrays.stream(areas).map(area -> all.get(area.ordinal())).toList();
    }

    @Override
    public void afterCommit(TransactionExecution written, @Nullable Throwable failed) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null && !written.isReadOnly()) {
            request.removeAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        }
    }

    @SuppressWarnings("unchecked")
    private static Map<SettingId, List<Long>> inRequest(RequestAttributes request) {
        if (request.getAttribute(ATTRIBUTE, RequestAttributes.SCOPE_REQUEST) instanceof Map<?, ?> known) {
            return (Map<SettingId, List<Long>>) known;
        }
        Map<SettingId, List<Long>> fresh = new ConcurrentHashMap<>();
        request.setAttribute(ATTRIBUTE, fresh, RequestAttributes.SCOPE_REQUEST);
        return fresh;
    }

    private static String column(Area area) {
        return area.name().toLowerCase(Locale.ROOT);
    }

    private List<Long> read(SettingId settingId) {
        return database
                .sql("select " + COLUMNS + " from setting_change where setting_id = ?")
                .param(settingId.value())
                .query()
                .listOfRows()
                .stream()
                .findFirst()
                .map(row -> Arrays.stream(Area.values())
                        .map(area -> (Long) row.get(column(area)))
                        .toList())
                .orElse(NEVER);
    }
}
