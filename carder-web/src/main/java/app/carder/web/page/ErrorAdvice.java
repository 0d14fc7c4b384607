package app.carder.web.page;

import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.ModelAndView;

/** Answers faults that no form can show, in words. */
@ControllerAdvice
class ErrorAdvice {

    @ExceptionHandler({NotFound.class, MethodArgumentTypeMismatchException.class, MethodArgumentNotValidException.class
    })
    ModelAndView notFound() {
        return page(HttpStatus.NOT_FOUND);
    }

    @ExceptionHandler(OptimisticLockingFailureException.class)
    ModelAndView changedAtTheSameMoment() {
        return page(HttpStatus.CONFLICT);
    }

    @ExceptionHandler(Busy.class)
    ModelAndView busy() {
        return page(HttpStatus.TOO_MANY_REQUESTS);
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    ModelAndView tooLarge() {
        return page(HttpStatus.CONTENT_TOO_LARGE);
    }

    /** A body that cannot be read: not what it says that it is, nested too deeply, or longer than it said. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    ModelAndView unreadable(HttpMessageNotReadableException fault) {
        boolean tooLarge = Stream.<@Nullable Throwable>iterate(fault, Objects::nonNull, Throwable::getCause)
                .anyMatch(TooLarge.class::isInstance);
        return page(tooLarge ? HttpStatus.CONTENT_TOO_LARGE : HttpStatus.BAD_REQUEST);
    }

    private static ModelAndView page(HttpStatus status) {
        return new ModelAndView("error", Map.of("status", status.value()), status);
    }
}
