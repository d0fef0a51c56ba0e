package app.kehre.desk.command;

import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * A console that shows control characters instead of obeying them: a name in somebody's file can neither colour, clear
 * nor retitle the terminal. Text is UTF-8; line breaks and tabs stay.
 */
final class HarmlessStream extends PrintStream {

    private final PrintStream console;

    HarmlessStream(PrintStream console) {
        super(new Shown(console), true, StandardCharsets.UTF_8);
        this.console = console;
    }

    /** Writes a document as it is: for a file or another program, not to be read here. */
    void document(byte[] bytes) {
        flush();
        console.write(bytes, 0, bytes.length);
        console.flush();
    }

    /** Returns whether something that was printed has been lost, as on a full disk. */
    boolean lost() {
        flush();
        return checkError() | console.checkError();
    }

    private static final class Shown extends FilterOutputStream {

        private static final int FIRST_PRINTED = 0x20;
        private static final int DELETE = 0x7F;
        /** In UTF-8 the second row of control characters is this byte and one from 80 to 9F. */
        private static final int LEAD = 0xC2;
        private static final int LAST_CONTROL = 0x9F;
        private static final int CARET = 0x40;

        private boolean lead;

        Shown(OutputStream console) {
            super(console);
        }

        @Override
        public void write(int value) throws IOException {
            write(new byte[]{(byte) value}, 0, 1);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            ByteArrayOutputStream shown = new ByteArrayOutputStream(length);
            for (int i = from; i < from + length; i++) {
                show(bytes[i] & 0xFF, shown);
            }
            out.write(shown.toByteArray());
        }

        private void show(int each, ByteArrayOutputStream shown) {
            boolean second = lead;
            lead = false;
            if (second && each <= LAST_CONTROL) {
                shown.writeBytes(
                        String.format(Locale.ROOT, "<%02X>", each).getBytes(StandardCharsets.US_ASCII));
                return;
            }
            if (second) {
                shown.write(LEAD);
            }
            if (each == LEAD) {
                lead = true;
            } else if ((each < FIRST_PRINTED && each != '\n' && each != '\t' && each != '\r')
                    || each == DELETE) {
                shown.write('^');
                shown.write(each ^ CARET);
            } else {
                shown.write(each);
            }
        }
    }
}
