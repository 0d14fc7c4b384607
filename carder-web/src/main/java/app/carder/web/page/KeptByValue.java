package app.carder.web.page;

/** A value of a page that is made anew for each request, and for which a kept part is the same where it is equal; {@code equals} and {@code hashCode} cost little. */
public interface KeptByValue {}
