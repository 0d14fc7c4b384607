package app.carder.web.kit;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;

/** A fresh database of the test cluster for each module or context that needs one. */
public final class TestDatabase {

    private static final AtomicInteger COUNT = new AtomicInteger();

    private TestDatabase() {}

    /** Makes it anew and gives the settings that lead to it; tests that run side by side have their own. */
    public static Map<String, String> fresh(String module) {
        String name = "%s_%d_%d".formatted(module, ProcessHandle.current().pid(), COUNT.incrementAndGet());
        String url = System.getenv("SPRING_DATASOURCE_URL");
        if (url == null) {
            throw new IllegalStateException("The tests need their database. Maybe run them with ./carder test?");
        }
        String user = System.getenv("SPRING_DATASOURCE_USERNAME");
        String password = System.getenv("SPRING_DATASOURCE_PASSWORD");
        try (Connection connection = DriverManager.getConnection(url, user, password);
                Statement statement = connection.createStatement()) {
            statement.execute("drop database if exists " + name + " with (force)");
            statement.execute("create database " + name);
        } catch (SQLException unreachable) {
            throw new IllegalStateException("The test database cannot be made.", unreachable);
        }
        return Map.of(
                "spring.datasource.url",
                url.substring(0, url.lastIndexOf('/') + 1) + name,
                "spring.datasource.username",
                user,
                "spring.datasource.password",
                password);
    }
}
