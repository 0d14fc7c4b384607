package app.carder.web.media;

import java.time.Duration;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;

/** Ends the decoding of a picture that takes too long: some are small on the way here and endless inside. */
final class Deadline implements IIOReadProgressListener {

    private final long endsAt;
    private boolean passed;

    Deadline(Duration after) {
        endsAt = System.nanoTime() + after.toNanos();
    }

    boolean isPassed() {
        return passed;
    }

    private void look(ImageReader reader) {
        if (System.nanoTime() - endsAt > 0) {
            passed = true;
            reader.abort();
        }
    }

    @Override
    public void imageProgress(ImageReader reader, float percentageDone) {
        look(reader);
    }

    @Override
    public void imageStarted(ImageReader reader, int imageIndex) {
        look(reader);
    }

    @Override
    public void sequenceStarted(ImageReader reader, int minIndex) {
        look(reader);
    }

    @Override
    public void sequenceComplete(ImageReader reader) {
        look(reader);
    }

    @Override
    public void imageComplete(ImageReader reader) {
        look(reader);
    }

    @Override
    public void thumbnailStarted(ImageReader reader, int imageIndex, int thumbnailIndex) {
        look(reader);
    }

    @Override
    public void thumbnailProgress(ImageReader reader, float percentageDone) {
        look(reader);
    }

    @Override
    public void thumbnailComplete(ImageReader reader) {
        look(reader);
    }

    @Override
    public void readAborted(ImageReader reader) {
        passed = true;
    }
}
