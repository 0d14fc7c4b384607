package app.carder.web.page;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Nothing of this setting, or of this family, has that address. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotFound extends RuntimeException {}
