package app.carder.web.kit;

import app.carder.web.setting.Remembered;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;

/** Writes down what a thread sends to the database, whoever sends it: pages, sessions, logs. */
@TestConfiguration(proxyBeanMethods = false)
public class Statements implements BeanPostProcessor {

    private static final ThreadLocal<List<String>> SENT = new ThreadLocal<>();

    /** What something sends, in order. */
    public static List<String> of(Runnable something) {
        List<String> sent = new ArrayList<>();
        SENT.set(sent);
        try {
            something.run();
        } finally {
            SENT.remove();
        }
        return sent;
    }

    /** What remembered answers were read from while a thread was watched: by method, its statements. */
    public static final Map<Method, Set<String>> READ_FOR = new ConcurrentHashMap<>();

    /** Stands behind the memory, so that it sees what is really read. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor rememberedReads() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(
                AnnotationMatchingPointcut.forMethodAnnotation(Remembered.class), (MethodInterceptor) call -> {
                    List<String> sent = SENT.get();
                    int before = sent == null ? 0 : sent.size();
                    Object answer = call.proceed();
                    if (sent != null) {
                        READ_FOR.computeIfAbsent(call.getMethod(), method -> ConcurrentHashMap.newKeySet())
                                .addAll(sent.subList(before, sent.size()));
                    }
                    return answer;
                });
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
        return advisor;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source
                ? ProxyDataSourceBuilder.create(source)
                        .afterQuery((execution, queries) -> {
                            List<String> sent = SENT.get();
                            if (sent != null) {
                                queries.forEach(query -> sent.add(query.getQuery()));
                            }
                        })
                        .build()
                : bean;
    }
}
