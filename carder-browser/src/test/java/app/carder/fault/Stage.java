package app.carder.fault;

import java.io.IOException;
import java.io.InputStream;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A database cluster and an application of their own, as processes that can be killed and started again. */
final class Stage implements AutoCloseable {

    private static final Pattern USED = Pattern.compile("generation +total \\d+K, used (\\d+)K");
    private static final Duration LONGEST_START = Duration.ofMinutes(3);

    private final Path folder;
    private final Path cluster;
    private final String bin;
    private final int databasePort = freePort();
    private final int port = freePort();
    private final int monitorPort = freePort();
    private final List<String> options;
    private final List<String> program;
    private final String databaseOptions;
    private @Nullable Process application;

    /** The application of this build, with options for its machine. */
    Stage(List<String> options) throws Exception {
        this(options, ofThisBuild(), "");
    }

    /** An application as it was laid out to be started, of whatever build. */
    static Stage ofLaidOut(Path folder) throws Exception {
        return new Stage(List.of(), laidOut(folder), "");
    }

    /** This build, or one that was laid out, on a database that counts what each statement takes. */
    static Stage counting(@Nullable Path folder) throws Exception {
        return new Stage(
                List.of(),
                folder == null ? ofThisBuild() : laidOut(folder),
                " -c shared_preload_libraries=pg_stat_statements -c pg_stat_statements.track_planning=on");
    }

    private static List<String> ofThisBuild() {
        return List.of(
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                "app.carder.web.CarderApplication");
    }

    private static List<String> laidOut(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            Path jar = files.filter(file -> file.toString().endsWith(".jar"))
                    .findFirst()
                    .orElseThrow();
            return List.of("-jar", jar.toString());
        }
    }

    private Stage(List<String> options, List<String> program, String databaseOptions) throws Exception {
        this.options = options;
        this.program = program;
        this.databaseOptions = databaseOptions;
        folder = Files.createTempDirectory("carder-fault");
        command(List.of("chmod", "711", folder.toString()));
        cluster = folder.resolve("pg");
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            bin = versions.max(Comparator.naturalOrder())
                    .orElseThrow()
                    .resolve("bin")
                    .toString();
        }
        if (isRoot()) {
            command(List.of("install", "-d", "-m", "700", "-o", "postgres", "-g", "postgres", cluster.toString()));
        }
        postgres(
                bin + "/initdb",
                "-D",
                cluster.toString(),
                "-U",
                "carder",
                "-E",
                "UTF8",
                "--locale=C.UTF-8",
                "-A",
                "trust");
        control("start");
        try {
            postgres(bin + "/createdb", "-h", "127.0.0.1", "-p", "" + databasePort, "-U", "carder", "carder");
            startApplication(this::answers);
        } catch (Exception | Error broken) {
            close();
            throw broken;
        }
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** What a monitor is told at its own port. */
    String monitor(String path) throws IOException {
        HttpURLConnection connection = (HttpURLConnection)
                URI.create("http://127.0.0.1:" + monitorPort + path).toURL().openConnection();
        try (InputStream answer =
                connection.getResponseCode() < 400 ? connection.getInputStream() : connection.getErrorStream()) {
            return new String(answer.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** What the application has written into its log. */
    List<String> log() throws IOException {
        return Files.readAllLines(folder.resolve("application.log"));
    }

    Connection database() throws SQLException {
        return DriverManager.getConnection("jdbc:postgresql://127.0.0.1:" + databasePort + "/carder", "carder", "");
    }

    /** Ends the application as a power cut would, and starts it again. */
    void killApplication() throws Exception {
        end();
        startApplication(this::isReady);
    }

    private void end() throws InterruptedException {
        if (application != null) {
            application.destroyForcibly().waitFor();
        }
    }

    boolean isApplicationAlive() {
        return application != null && application.isAlive();
    }

    /** Waits for something; an application that ends by itself meanwhile is told at once, with its last words. */
    void await(CompletableFuture<Void> moment, Duration longest) throws Exception {
        Process running = Objects.requireNonNull(application);
        CompletableFuture.anyOf(moment, running.onExit()).get(longest.toSeconds(), TimeUnit.SECONDS);
        if (!running.isAlive()) {
            List<String> log = log();
            throw new IllegalStateException("The application ended with %d:%n%s"
                    .formatted(
                            running.exitValue(),
                            String.join("\n", log.subList(Math.max(0, log.size() - 20), log.size()))));
        }
    }

    /** Megabytes of the application's heap that are in use after a collection. */
    long megabytesInUse() throws Exception {
        String pid = Long.toString(Objects.requireNonNull(application).pid());
        String jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        output(List.of(jcmd, pid, "GC.run"));
        return USED.matcher(output(List.of(jcmd, pid, "GC.heap_info")))
                        .results()
                        .mapToLong(used -> Long.parseLong(used.group(1)))
                        .sum()
                / 1024;
    }

    private static String output(List<String> command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IllegalStateException(command + " said " + said);
        }
        return said;
    }

    /** Ends the database without letting it finish anything, and starts it again. */
    void crashDatabase() throws Exception {
        control("stop", "-m", "immediate");
        control("start");
    }

    private void startApplication(BooleanSupplier isStarted) throws Exception {
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(options);
        command.addAll(List.of("-XX:TieredStopAtLevel=1", "-XX:ReservedCodeCacheSize=256m", "-XX:+UseSerialGC"));
        command.addAll(program);
        command.addAll(List.of(
                "--server.port=" + port,
                "--carder.monitor.port=" + monitorPort,
                "--logging.structured.format.console=logstash",
                "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + databasePort + "/carder",
                "--spring.datasource.username=carder",
                "--carder.demo=true",
                "--spring.datasource.password=",
                "--carder.media.folder=" + folder.resolve("media")));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        folder.resolve("application.log").toFile()));
        Process started = builder.start();
        application = started;
        Instant latest = Instant.now().plus(LONGEST_START);
        while (!isStarted.getAsBoolean()) {
            if (started.waitFor(200, TimeUnit.MILLISECONDS) || Instant.now().isAfter(latest)) {
                throw new IllegalStateException(
                        "The application did not start:\n" + Files.readString(folder.resolve("application.log")));
            }
        }
    }

    /** With demo data the sign-in page answers by itself once the scenario is made. */
    private boolean answers() {
        try {
            HttpURLConnection connection = (HttpURLConnection)
                    URI.create(address() + "/sign-in").toURL().openConnection();
            connection.setInstanceFollowRedirects(false);
            connection.setConnectTimeout(500);
            connection.setReadTimeout(5000);
            return connection.getResponseCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    /**
     * Whether its start is over. Pages are answered a moment earlier; without its database it would end itself in that, and a service
     * would start it again, which nobody does here.
     */
    private boolean isReady() {
        try {
            return monitor("/actuator/health/readiness").equals("{\"status\":\"UP\"}");
        } catch (IOException notYet) {
            return false;
        }
    }

    private void control(String... order) throws Exception {
        List<String> command = new ArrayList<>(List.of(bin + "/pg_ctl", "-D", cluster.toString(), "-w", "-s"));
        command.addAll(List.of(
                "-l",
                cluster.resolve("log").toString(),
                "-o",
                "-p " + databasePort + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=''"
                        + databaseOptions));
        command.addAll(List.of(order));
        postgres(command.toArray(String[]::new));
    }

    private static void postgres(String... command) throws Exception {
        List<String> whole = new ArrayList<>();
        if (isRoot()) {
            whole.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        whole.addAll(List.of(command));
        command(whole);
    }

    private static boolean isRoot() {
        return "root".equals(System.getProperty("user.name"));
    }

    private static void command(List<String> command) throws Exception {
        Process process = new ProcessBuilder(command)
                .directory(Path.of("/").toFile())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException("This ended with %d: %s".formatted(process.exitValue(), command));
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new IllegalStateException(none);
        }
    }

    @Override
    public void close() throws Exception {
        end();
        control("stop", "-m", "immediate");
        command(List.of("rm", "-rf", folder.toString()));
    }
}
