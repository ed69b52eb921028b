package ostium.app.web;

import java.io.IOException;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.time.Duration;
import org.apache.coyote.ActionCode;
import org.apache.coyote.InputBuffer;
import org.apache.coyote.Request;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/** The body of a request as long as it comes at the pace of a bad telephone at least; where it does not, the line is cut. */
final class BodyInTime implements InputBuffer {
    /** Slower than any line on which a page can be read at all. */
    private static final long SLOWEST_BYTES_A_SECOND = 4 * 1024L;

    /** What is read and of use to nobody: no more than the server itself would go over. */
    private static final long MOST_DRAINED = 64L * 1024 * 1024;

    private final InputBuffer below;
    private final Request request;
    private final Duration patience;
    private final Runnable whole;
    private boolean ended;
    private final long begun = System.nanoTime();
    private long received;

    /** @param whole what is done, once, when all of it has come or nothing more is read */
    BodyInTime(InputBuffer below, Request request, Duration patience, Runnable whole) {
        this.below = below;
        this.request = request;
        this.patience = patience;
        this.whole = whole;
    }

    /** @throws SocketTimeoutException if it has come too slowly so far; nothing more is read of it then */
    @Override
    public int doRead(ApplicationBufferHandler handler) throws IOException {
        Duration took = Duration.ofNanos(System.nanoTime() - begun);
        if (took.compareTo(patience.plusSeconds(received / SLOWEST_BYTES_A_SECOND)) > 0) {
            request.action(ActionCode.CLOSE_NOW, null);
            throw new SocketTimeoutException("a body came too slowly");
        }
        int read = below.doRead(handler);
        received += Math.max(read, 0);
        if (read < 0 || request.getContentLengthLong() >= 0 && received >= request.getContentLengthLong()) {
            end();
        }
        return read;
    }

    /** Nothing more comes, or is waited for. */
    void end() {
        if (!ended) {
            ended = true;
            whole.run();
        }
    }

    @Override
    public int available() {
        return below.available();
    }

    /** Goes over what was not read, in the same time: the server would wait for it without a limit. */
    void drain() {
        Spare spare = new Spare();
        try {
            while (received < MOST_DRAINED && request.doRead(spare) >= 0) {
                spare.setByteBuffer(null);
            }
        } catch (IOException e) {
            request.action(ActionCode.CLOSE_NOW, null);
        }
    }

    /** Takes what was read, and keeps nothing. */
    private static final class Spare implements ApplicationBufferHandler {
        private ByteBuffer buffer;

        @Override
        public void setByteBuffer(ByteBuffer buffer) {
            this.buffer = buffer;
        }

        @Override
        public ByteBuffer getByteBuffer() {
            return buffer;
        }

        @Override
        public void expand(int size) {
            // Nothing is kept.
        }
    }
}
