/** Drafts of a privacy notice and of an impact assessment, filled in from what a setting really does. Start at {@link app.carder.core.privacy.PrivacyDraft}. */
@NullMarked
package app.carder.core.privacy;

import org.jspecify.annotations.NullMarked;
