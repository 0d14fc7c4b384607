package app.carder.browser;

/** On a laptop. */
class AccessibilityAtADeskTest extends EveryPageAccessibility {

    AccessibilityAtADeskTest() {
        super(RunningCarder.DESKTOP);
    }
}
