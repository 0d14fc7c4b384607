package app.carder.web.wording;

import app.carder.core.said.OnDevice;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What scripts say for the core, for a page to carry, in the language of that page. */
@Component("coreWords")
class CoreWords {

    private final JsonMapper json;

    CoreWords(JsonMapper json) {
        this.json = json;
    }

    /** Words by their codes, as JSON. */
    public String json() {
        return json.writeValueAsString(OnDevice.words());
    }
}
