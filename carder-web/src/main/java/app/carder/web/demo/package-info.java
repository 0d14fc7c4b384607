/** The demo scenario, made anew relative to today. Start at {@link app.carder.web.demo.DemoData}. */
@NullMarked
package app.carder.web.demo;

import org.jspecify.annotations.NullMarked;
