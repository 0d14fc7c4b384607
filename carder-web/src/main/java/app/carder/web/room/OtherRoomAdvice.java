package app.carder.web.room;

import app.carder.web.account.OtherRoom;
import app.carder.web.account.RoomBorder;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/** Tells somebody whose room it is, and lets them in if they are needed there. */
@ControllerAdvice
class OtherRoomAdvice {

    private final RoomService rooms;

    OtherRoomAdvice(RoomService rooms) {
        this.rooms = rooms;
    }

    @ExceptionHandler(OtherRoom.class)
    ModelAndView otherRoom(OtherRoom refused) {
        return page(rooms.get(refused.viewer().settingId(), refused.roomId()), Typed.nothing(), new FormErrors());
    }

    static ModelAndView page(RoomView room, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("room/other-room");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.FORBIDDEN);
        page.addObject("room", room);
        page.addObject("longest", RoomBorder.LONGEST_REASON);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
