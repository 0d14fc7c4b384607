package app.carder.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509TrustManager;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Carder behind a web server that speaks TLS, with the example that the manual gives. */
class ProxyTest {

    @TempDir
    private Path folder;

    private final Map<String, String> cookies = new HashMap<>();
    private String token = "";

    @Test
    void theExampleOfTheManualKeepsCookiesToTlsAndNamesOnlyTheConfiguredAddress() {
        int tlsPort = RunningCarder.freePort();
        RunningCarder.get().behindTls(tlsPort, port -> {
            Process nginx = nginx(tlsPort, port);
            try {
                checkBehindTls("https://localhost:" + tlsPort);
            } finally {
                nginx.destroy();
                waitFor(nginx);
            }
        });
    }

    private void checkBehindTls(String address) {
        HttpResponse<String> door = send(get(address + "/sign-in"));
        assertThat(door.statusCode()).isEqualTo(200);
        assertThat(door.headers().firstValue("Strict-Transport-Security"))
                .get()
                .asString()
                .contains("max-age=31536000");
        assertThat(door.headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allSatisfy(cookie -> assertThat(cookie).startsWith("__Host-").contains("Secure", "Path=/"));

        HttpResponse<String> in = send(form(address + "/sign-in", "username=hamish&password=parcels-and-post"));
        assertThat(in.statusCode()).isEqualTo(302);
        assertThat(in.headers().firstValue("Location")).get().isEqualTo("/");
        assertThat(in.headers().allValues("Set-Cookie").stream().map(cookie -> cookie.replaceAll("=.*", "")))
                .contains("__Host-SESSION", "__Host-KNOWN");
        assertThat(in.headers().allValues("Set-Cookie"))
                .allSatisfy(cookie ->
                        assertThat(cookie).contains("Secure", "Path=/").doesNotContain("Domain"));
        assertThat(send(get(address + "/plan")).headers().firstValue("Location"))
                .get()
                .asString()
                .startsWith("/rooms/");

        send(get(address + "/about-me"));
        HttpResponse<String> out = send(form(address + "/sign-out", ""));
        assertThat(out.headers().firstValue("Clear-Site-Data")).get().isEqualTo("\"cache\"");
        assertThat(out.headers().firstValue("Location")).get().isEqualTo("/sign-in?out");
    }

    @Test
    void withoutANamedProxyNobodyIsBelieved() {
        HttpResponse<String> door =
                send(HttpRequest.newBuilder(URI.create(RunningCarder.get().address() + "/sign-in"))
                        .header("X-Forwarded-Proto", "https")
                        .header("X-Forwarded-Host", "elsewhere.example")
                        .header("X-Forwarded-For", "203.0.113.7")
                        .build());

        assertThat(door.headers().firstValue("Strict-Transport-Security")).isEmpty();
        assertThat(door.body()).doesNotContain("elsewhere.example");
    }

    /** The block of the manual, with the ports and the certificate of this test put in. */
    private Process nginx(int tlsPort, int port) {
        try {
            Path key = folder.resolve("carder.key");
            Path certificate = folder.resolve("carder.pem");
            run(
                    "openssl",
                    "req",
                    "-x509",
                    "-newkey",
                    "rsa:2048",
                    "-nodes",
                    "-days",
                    "2",
                    "-subj",
                    "/CN=localhost",
                    "-keyout",
                    key.toString(),
                    "-out",
                    certificate.toString());
            Matcher block = Pattern.compile("```nginx\\n(.*?)```", Pattern.DOTALL)
                    .matcher(Files.readString(Path.of("../docs/operate.md")));
            assertThat(block.find()).isTrue();
            String server = block.group(1)
                    .replace("listen 443", "listen 127.0.0.1:" + tlsPort)
                    .replace("carder.example", "localhost")
                    .replace("/etc/ssl/carder.pem", certificate.toString())
                    .replace("/etc/ssl/carder.key", key.toString())
                    .replace("127.0.0.1:8080", "127.0.0.1:" + port);
            Path temporary = Files.createDirectories(folder.resolve("temporary"));
            Path file = Files.writeString(folder.resolve("nginx.conf"), """
                    daemon off;
                    pid %1$s/nginx.pid;
                    error_log %1$s/error.log;
                    events {}
                    http {
                      access_log off;
                      client_body_temp_path %2$s/body; proxy_temp_path %2$s/proxy; fastcgi_temp_path %2$s/fastcgi;
                      uwsgi_temp_path %2$s/uwsgi; scgi_temp_path %2$s/scgi;
                    %3$s
                    }
                    """.formatted(folder, temporary, server));
            Process nginx = new ProcessBuilder("/usr/sbin/nginx", "-p", folder.toString(), "-c", file.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("out.log").toFile())
                    .start();
            untilItAnswers(tlsPort, nginx);
            return nginx;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private void untilItAnswers(int tlsPort, Process nginx) throws IOException {
        for (int tried = 0; tried < 100 && nginx.isAlive(); tried++) {
            try (java.net.Socket socket = new java.net.Socket("127.0.0.1", tlsPort)) {
                assertThat(socket.isConnected()).isTrue();
                return;
            } catch (IOException notYet) {
                waitFor(nginx, 100);
            }
        }
        throw new AssertionError("nginx did not start: " + Files.readString(folder.resolve("out.log")));
    }

    private static void run(String... command) throws IOException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        process.getInputStream().readAllBytes();
        assertThat(waitFor(process)).as(command[0]).isZero();
    }

    private static int waitFor(Process process) {
        try {
            return process.waitFor();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private static void waitFor(Process process, long millis) {
        try {
            process.waitFor(millis, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private HttpRequest get(String address) {
        return HttpRequest.newBuilder(URI.create(address))
                .header("Cookie", brought())
                .build();
    }

    private HttpRequest form(String address, String fields) {
        return HttpRequest.newBuilder(URI.create(address))
                .header("Cookie", brought())
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(
                        fields + "&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8)))
                .build();
    }

    private String brought() {
        return cookies.entrySet().stream()
                .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
    }

    private HttpResponse<String> send(HttpRequest request) {
        try {
            HttpResponse<String> answer = HttpClient.newBuilder()
                    .sslContext(trusting())
                    .build()
                    .send(request, HttpResponse.BodyHandlers.ofString());
            for (String cookie : answer.headers().allValues("Set-Cookie")) {
                List<String> pair = List.of(cookie.split(";", 2)[0].split("=", 2));
                cookies.put(pair.get(0), pair.size() > 1 ? pair.get(1) : "");
            }
            Matcher field =
                    Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"").matcher(answer.body());
            if (field.find()) {
                token = field.group(1);
            }
            return answer;
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** The certificate is the test's own; what it proves is not what is tested here. */
    private static SSLContext trusting() {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(
                    null,
                    new TrustManager[] {
                        new X509TrustManager() {
                            @Override
                            public void checkClientTrusted(X509Certificate[] chain, String type) {}

                            @Override
                            public void checkServerTrusted(X509Certificate[] chain, String type) {}

                            @Override
                            public X509Certificate[] getAcceptedIssuers() {
                                return new X509Certificate[0];
                            }
                        }
                    },
                    null);
            return context;
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
