package app.carder.browser;

/** On a phone. */
class AccessibilityInTheHandTest extends EveryPageAccessibility {

    AccessibilityInTheHandTest() {
        super(RunningCarder.PHONE);
    }
}
