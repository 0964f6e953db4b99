package rampart.server.bodies;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body is here, whole. */
final class GatheredRequest extends HttpServletRequestWrapper {
    /** Request attribute: the {@link Body}. */
    static final String BODY = "rampart.body";

    private ServletInputStream in;

    GatheredRequest(HttpServletRequest request) {
        super(request);
    }

    private Body body() {
        return (Body) getAttribute(BODY);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        if (in == null) {
            in = new Whole(body().open(), body().length());
        }
        return in;
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    @Override
    public long getContentLengthLong() {
        return body().length();
    }

    @Override
    public int getContentLength() {
        return (int) getContentLengthLong();
    }

    private static final class Whole extends ServletInputStream {
        private final InputStream bytes;
        private final long length;
        private long read;

        Whole(InputStream bytes, long length) {
            this.bytes = bytes;
            this.length = length;
        }

        @Override
        public int read() throws IOException {
            int b = bytes.read();
            read += b < 0 ? 0 : 1;
            return b;
        }

        @Override
        public int read(byte[] buffer, int offset, int count) throws IOException {
            int n = bytes.read(buffer, offset, count);
            read += Math.max(0, n);
            return n;
        }

        @Override
        public boolean isFinished() {
            return read >= length;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("the body is here already");
        }

        @Override
        public void close() throws IOException {
            bytes.close();
        }
    }
}
