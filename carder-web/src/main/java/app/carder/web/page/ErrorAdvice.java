package app.carder.web.page;

import java.util.Map;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
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

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    ModelAndView tooLarge() {
        return page(HttpStatus.CONTENT_TOO_LARGE);
    }

    private static ModelAndView page(HttpStatus status) {
        return new ModelAndView("error", Map.of("status", status.value()), status);
    }
}
