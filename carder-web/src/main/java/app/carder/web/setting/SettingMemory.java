package app.carder.web.setting;

import app.carder.core.said.Catalogue;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.lang.reflect.Method;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Gives remembered answers again. It holds no more than a bounded number of things, and forgets what nobody asks about. */
final class SettingMemory implements MethodInterceptor {

    private static final long MOST_THINGS = 60_000;
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);

    private final ObjectProvider<Changes> changes;
    private final ObjectProvider<SettingService> settings;
    private final Cache<Question, KnownAnswer> answers = Caffeine.newBuilder()
            .maximumWeight(MOST_THINGS)
            .weigher((Question question, KnownAnswer answer) -> things(answer.value()))
            .expireAfterAccess(FORGOTTEN_AFTER)
            .build();

    SettingMemory(ObjectProvider<Changes> changes, ObjectProvider<SettingService> settings) {
        this.changes = changes;
        this.settings = settings;
    }

    private record Question(Method method, List<Object> arguments, Locale language) {}

    private record KnownAnswer(
            List<Long> changes, LocalDate day, @Nullable Object value) {}

    @Override
    public @Nullable Object invoke(MethodInvocation call) throws Throwable {
        if (writes()) {
            return call.proceed();
        }
        @Nullable Object[] arguments = call.getArguments();
        if (!(arguments[0] instanceof SettingId settingId)) {
            throw new IllegalStateException("The first argument must be the setting: " + call.getMethod());
        }
        Question question = new Question(
                call.getMethod(),
                Arrays.stream(arguments).map(SettingMemory::stands).toList(),
                Catalogue.spoken().locale());
        // Counted before the tables are read: what is written in between makes the answer newer than its count, never
        // older.
        List<Long> counted = changes.getObject()
                .of(settingId, call.getMethod().getAnnotation(Remembered.class).value());
        LocalDate day = settings.getObject().today(settingId);
        KnownAnswer known = answers.getIfPresent(question);
        if (known != null && known.changes().equals(counted) && known.day().equals(day)) {
            return known.value();
        }
        Object value = unchangeable(call.getMethod().getReturnType(), call.proceed());
        answers.put(question, new KnownAnswer(counted, day, value));
        return value;
    }

    /** What was just written is not counted before the transaction ends. */
    private static boolean writes() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    /** Whoever changed a collection would change the next one's answer. */
    private static @Nullable Object unchangeable(Class<?> type, @Nullable Object value) {
        if (type == List.class && value instanceof List<?> list) {
            return Collections.unmodifiableList(list);
        }
        if (type == Set.class && value instanceof Set<?> set) {
            return Collections.unmodifiableSet(set);
        }
        return type == Map.class && value instanceof Map<?, ?> map ? Collections.unmodifiableMap(map) : value;
    }

    /** What stands for an argument in a question: nothing that could change afterwards. */
    private static Object stands(@Nullable Object argument) {
        if (argument instanceof Identified view) {
            return view.id();
        }
        if (argument instanceof List<?> list) {
            return List.copyOf(list);
        }
        return argument instanceof Collection<?> all ? Set.copyOf(all) : Objects.requireNonNull(argument);
    }

    private static int things(@Nullable Object value) {
        if (value instanceof Collection<?> all) {
            return 1 + all.size();
        }
        return value instanceof Map<?, ?> all ? 1 + all.size() : 1;
    }
}
