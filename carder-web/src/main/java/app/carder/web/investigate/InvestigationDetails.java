package app.carder.web.investigate;

import java.time.LocalDate;

/**
 * What is watched.
 *
 * @param title in a few words
 * @param question that the children ask
 * @param expectedCode of what is expected; empty where nothing is written down
 * @param unit of the readings; empty where nothing is measured
 * @param begunOn first day
 * @param everyDays days of the calendar from one check to the next
 * @param weeks that it lasts
 */
public record InvestigationDetails(
        String title, String question, String expectedCode, String unit, LocalDate begunOn, int everyDays, int weeks) {}
