package app.carder.web.family;

import app.carder.core.said.Said;
import java.util.List;

/**
 * What became of journals that were sent at once.
 *
 * @param codes to be handed over, each shown once, in the order of the journals
 * @param notSent whose journals were not sent, and why
 */
public record SendingRound(List<Code> codes, List<NotSent> notSent) {

    /** Keeps its own copies. */
    public SendingRound {
        codes = List.copyOf(codes);
        notSent = List.copyOf(notSent);
    }

    /**
     * A code for a carer.
     *
     * @param child whose journal
     * @param carer whose code
     * @param code to type
     */
    public record Code(String child, String carer, String code) {}

    /**
     * A journal that was not sent.
     *
     * @param child whose
     * @param why not
     */
    public record NotSent(String child, Reason why) {}

    /** Why a journal was not sent. */
    public enum Reason {
        /** A court order or a wish has to be read first. */
        ORDER,
        /** Its records are kept but not used. */
        RESTRICTED,
        /** The family is left alone for a while. */
        PAUSED,
        /** Nobody who may read has an address. */
        NO_ADDRESS;

        /** For people. */
        public String words() {
            return Said.say("rail.not-sent." + name());
        }
    }
}
