package app.carder.fault;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody with a browser, without one: cookies, a token against forged requests, and nothing in between. */
final class Visitor {

    static final String FORM = "application/x-www-form-urlencoded";
    private static final JsonMapper JSON = new JsonMapper();

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;
    private final Duration patience;
    private String tokenHeader = "X-XSRF-TOKEN";
    private String token = "";

    Visitor(String address, Duration patience) {
        this.address = address;
        this.patience = patience;
    }

    HttpClient client() {
        return client;
    }

    void signIn(String username) throws IOException, InterruptedException {
        contact();
        HttpResponse<String> answer = client.send(
                request("/sign-in")
                        .header("Content-Type", FORM)
                        .POST(BodyPublishers.ofString("username=" + username + "&password=parcels-and-post&_csrf="
                                + URLEncoder.encode(token, StandardCharsets.UTF_8)))
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() != 302) {
            throw new IllegalStateException("Sign-in of %s answered %d".formatted(username, answer.statusCode()));
        }
        contact();
    }

    /** Asks for a token that holds now. */
    void contact() throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + "/watch/contact"))
                        .timeout(patience)
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() == 200) {
            JsonNode contact = JSON.readTree(answer.body());
            token = contact.path("token").asString();
            tokenHeader = contact.path("tokenHeader").asString();
        }
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header(tokenHeader, token)
                .header("X-Requested-By", "fetch")
                .timeout(patience);
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(request(path).build(), BodyHandlers.ofString());
    }

    int post(String path, String type, HttpRequest.BodyPublisher body) throws IOException, InterruptedException {
        return client.send(request(path).header("Content-Type", type).POST(body).build(), BodyHandlers.discarding())
                .statusCode();
    }
}
